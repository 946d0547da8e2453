import { plan } from '../../../plan.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { rowsOf } from '../../../work/runs.js';

const made = (style: Record<string, unknown>) => {
  const design = designWith({
    sizes: ['S', 'M'].map((id, i) =>
      sizeOf(id, { bust: 92 + 8 * i, crossBack: 38 + i, shoulders: 102 + 6 * i, head: 56, backWaist: 42 }),
    ),
    fabrics: [fabricOf('body', 17, 13), fabricOf('rib', 18, 20)],
    style: { construction: 'drop-shoulder', ease: 20, belowWaist: 18, ...style },
  });
  return {
    sizes: plan(design).sizes,
    text: patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' })),
  };
};
type Planned = ReturnType<typeof made>['sizes'][number];
const count = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.count;
const wanted = (size: Planned, id: string) => size.finished.find((one) => one.id === id)!.target;

describe('necks', () => {
  it('are wide and shallow as a boat', () => {
    const [size] = made({ neck: { style: 'boat' } }).sizes as [Planned];
    expect(wanted(size, 'neckWidth')).toBeCloseTo(0.72 * 38, 6);
    expect(wanted(size, 'neckDrop')).toBe(2);
  });

  it('go round the upper arms off the shoulder: half of that round on each panel (common practice)', () => {
    const [size] = made({ neck: { style: 'off-shoulder', ease: -6 } }).sizes as [Planned];
    expect(wanted(size, 'neckWidth')).toBeCloseTo((102 - 6) / 2, 6);
    expect(count(size, 'shoulder.width')).toBeGreaterThan(0);
  });

  it('say so where no shoulder is left to hold them', () => {
    const [size] = made({ ease: 0, neck: { style: 'off-shoulder' } }).sizes as [Planned];
    expect(size.notes.map(({ code }) => code)).toContain('neck-wider-than-panel');
  });

  it('fall by a share of the length: a V from three quarters of it (common practice)', () => {
    const [size] = made({ neck: { shape: 'V', drop: { percent: 25 } } }).sizes as [Planned];
    expect(wanted(size, 'neckDrop')).toBeCloseTo((42 + 18) / 4, 6);
  });

  it('are twice as high as they stand where the band folds over to a collar', () => {
    const band = { fabric: 'rib', height: 8, gather: 1 };
    const [plain] = made({ neckband: band }).sizes as [Planned];
    const [folded] = made({ neckband: band, collar: true }).sizes as [Planned];
    expect(count(folded, 'neckband.height')).toBeGreaterThanOrEqual(2 * count(plain, 'neckband.height') - 1);
  });
});

describe('a slanted front', () => {
  it.each([
    [1, 2],
    [2, 2],
    [1, 1],
  ] as const)('takes off %i in every %i. row until the shoulder is left', (stitches, every) => {
    const { sizes } = made({ front: { style: 'gap', width: 2 }, neck: { slant: { stitches, every } } });
    for (const size of sizes) {
      const taken = count(size, 'front.width') - count(size, 'shoulder.width');
      expect(count(size, 'neck.drop')).toBeGreaterThanOrEqual((every * taken) / stitches);
      expect(count(size, 'neck.drop')).toBeLessThanOrEqual((every * taken) / stitches + every);
      const [left, right] = ['front-left', 'front-right'].map((id) =>
        rowsOf(size.pieces.find((one) => one.id === id)!.runs).map((row) => row.count),
      );
      expect(left).toEqual(right);
      const falls = left!.map((one, i) => (i === 0 ? 0 : left![i - 1]! - one)).filter((fall) => fall > 0);
      expect(falls.slice(0, -1).every((fall) => fall === stitches)).toBe(true);
    }
  });
});

describe('a V by a rate in a closed front', () => {
  it.each([
    [1, 1],
    [2, 2],
  ] as const)(
    'takes off %i at each side in every %i. row, both sides the same, spare rows straight at the top',
    (stitches, every) => {
      for (const size of made({ neck: { shape: 'V', slant: { stitches, every } } }).sizes) {
        const front = size.pieces.find(({ id }) => id === 'front')!;
        const of = (part: string) =>
          rowsOf(front.runs)
            .filter((row) => row.part === part)
            .map((row) => row.count);
        const [first, second] = [of('first-shoulder'), of('second-shoulder')];
        expect(first).toEqual(second);
        expect(first).toHaveLength(count(size, 'neck.drop'));
        const falls = first.slice(1).map((one, i) => first[i]! - one);
        expect(falls.slice(0, -1).every((fall) => fall === 0 || fall === stitches)).toBe(true);
        expect(first.at(-1)).toBe(count(size, 'shoulder.width'));
      }
    },
  );
});

describe('a hood', () => {
  it.each(['closed', 'gap', 'band'])(
    'is picked up along the neck and folded to a top seam, front %s',
    (style) => {
      for (const shape of ['rectangle', 'shaped'])
        for (const size of made({ hood: { shape }, front: { style, width: 4 } }).sizes) {
          const of = (id: string) => size.joins.find((join) => join.id === id)!;
          expect(of('hood').ok).toBe(true);
          expect(of('hood-top').aCount).toBe(of('hood-top').bCount);
          const half = Math.floor(count(size, 'hood.stitches') / 2);
          expect(of('hood-top').aCount).toBe(half - (shape === 'shaped' ? count(size, 'hood.round') : 0));
          if (shape === 'shaped') expect(of('hood-crown').aCount).toBe(count(size, 'hood.crown'));
          expect(size.joins.some(({ id }) => id === 'neckband')).toBe(false);
          // 62 % of the head's round (common practice).
          expect(Math.abs(count(size, 'hood.rows') / 1.3 - 0.62 * 56)).toBeLessThan(0.8);
        }
    },
  );

  it('is written in two halves where it is rounded', () => {
    const { text } = made({ hood: { shape: 'shaped' } });
    expect(text).toMatch(
      /Second half: (skip \d+ sts? of the last full row in the middle, )?rejoin the yarn in the next st/,
    );
    expect(text).toContain('work as the first half, with the centre back at its other end');
    expect(text).not.toMatch(/-\d+ sts|NaN|undefined/);
  });
});
