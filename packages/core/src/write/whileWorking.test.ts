import type { Join } from '../joins/audit.js';
import { plan } from '../plan.js';
import { provenText } from '../provenText.js';
import { provePattern } from '../read/pattern.js';
import { demoDesigns } from '../testing/designs.js';
import { lineToText } from './text.js';
import { whileWorkedLines } from './whileWorking.js';

const rib = (aCount: number, bCount: number, bAxis: Join['bAxis'] = 'stitches') =>
  ({ aCount, bCount, bAxis }) as Join;
const said = (...joins: Join[]) => {
  const labels = ['S', 'M', 'L'].slice(0, joins.length);
  return whileWorkedLines(joins, labels).map((one) => lineToText(one, labels));
};

describe('a rib that is joined while it is worked', () => {
  it('takes one of its edge for each row', () => {
    expect(said(rib(38, 38))).toEqual([
      'Join it while it is worked: where a row ends at the edge, sl st in the next 2 of it, a st for each row.',
    ]);
  });

  it('skips what the edge has more, which draws it in', () => {
    expect(said(rib(30, 38), rib(32, 41))).toEqual([
      expect.stringMatching(/a st for each row; skip 8 \(9\) of them, spread evenly\.$/),
    ]);
  });

  it('takes one twice where the edge has fewer, and names row ends as such', () => {
    expect(said(rib(50, 38, 'rows'))).toEqual([
      expect.stringMatching(/a row end for each row; in 12 places, spread evenly, 2 rows go into one\.$/),
    ]);
  });

  it('has a line for each way, where sizes differ in it', () => {
    expect(said(rib(30, 38), rib(40, 38), rib(38, 38))).toEqual([
      expect.stringMatching(/^Sizes S, L: Join it .*; skip 8 \(–, –\) of them/),
      expect.stringMatching(/^Size M: Join it .*; in 2 places/),
    ]);
  });
});

describe('in a pattern', () => {
  const demo = demoDesigns()['brackenlow-pullover']!;
  const methods = {
    'cuff-left': 'crocheted while working',
    'cuff-right': 'crocheted while working',
  } as const;
  const design = {
    ...demo,
    garment: { ...demo.garment, cuff: { ...(demo.garment['cuff'] as object), gather: 0.7 } },
    finishing: { ...demo.finishing, methods },
  };
  const planned = plan(design);
  const { text, proof } = provenText(planned, design, { terms: 'us', units: 'cm' });

  it('is told where the rib is worked and where it is joined, with no tail to sew it by', () => {
    expect(proof.differences).toEqual([]);
    const section = /## Cuff rib \(make 2\)\n\n(.+)\n/.exec(text)![1];
    expect(section).toBe('Joined to its edge while it is worked: see Joining, and begin it there.');
    expect(text).toMatch(/^Cuff rib to sleeve, both: \d+ .*\.\nJoin it while it is worked: .*; skip \d+ \(/m);
    expect(text).not.toContain('Cuff rib, each, at the beginning: Cuff rib to sleeve');
  });

  it('has a wrong number of skips found', () => {
    const wrong = text.replace(
      /skip (\d+)(?= \([^)]*\) of them)/,
      (_, many: string) => `skip ${Number(many) + 1}`,
    );
    expect(wrong).not.toBe(text);
    expect(provePattern(wrong, planned.sizes).differences.map(({ piece }) => piece)).toEqual(['Joining']);
  });
});
