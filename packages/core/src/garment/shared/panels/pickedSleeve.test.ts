import type { Fabric } from '../../../fabric/fabric.js';
import { STITCH_PATTERNS } from '../../../fabric/startingSet.js';
import { plan } from '../../../plan.js';
import { provenText } from '../../../provenText.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { inWords } from '../../../text/phrase.js';

/** Mesh of 3 stitches a space, as many spaces as rows in 10 cm or more. */
const mesh = (stitches: number): Fabric => ({
  ...STITCH_PATTERNS.find(({ fabric }) => fabric.id === 'mesh-2')!.fabric,
  id: 'body',
  gauge: { stitches, stitchesOver: 10, rows: 8, rowsOver: 10 },
});
const planned = (body: Fabric, sleeve: Record<string, unknown> = {}) => {
  const design = designWith({
    sizes: ['S', 'M', 'L'].map((id, i) => sizeOf(id, { bust: 84 + 9 * i })),
    fabrics: [body, fabricOf('rib', 18, 20)],
    style: { sleeve: { worked: 'down', rounds: 'joined', pickUp: 'ratio', ...sleeve } },
  });
  const made = plan(design);
  return {
    design,
    made,
    sizes: made.sizes.map((size) => ({
      rows: size.quantities.find(({ id }) => id === 'armhole.rows')!.count,
      top: size.quantities.find(({ id }) => id === 'sleeve.top')!.count,
      told: size.notes.filter(({ code }) => code.startsWith('picked-up')),
      stops: size.notes.filter(({ level }) => level === 'stop'),
    })),
  };
};

describe('a sleeve picked up by ratio', () => {
  it('has as many mesh spaces as the armhole has row ends', () => {
    const { sizes, made, design } = planned(mesh(25));
    for (const { rows, top, told, stops } of sizes) {
      expect(top).toBe(3 * 2 * rows);
      expect([told, stops]).toEqual([[], []]);
    }
    const { text, proof } = provenText(made, design, { terms: 'us', units: 'cm' });
    expect(proof.differences).toEqual([]);
    expect(text).toMatch(
      /Armhole, both: pick up \d+ \([\d, ]+\) sts along the \d+ \([\d, ]+\) row ends, 3 sts to 1 row, /,
    );
  });

  it.each([
    ['hdc', 1.5],
    ['dc', 2],
    ['sc', 1],
  ] as const)('takes its stitches by rows of %s', (stitch, each) => {
    const { sizes } = planned({ ...fabricOf('body', 16, 12), stitch });
    for (const { rows, top } of sizes) expect(top).toBe(2 * rows * each);
  });

  it('of a cap by short rows takes them round its curve, and one of each stitch of its base', () => {
    for (const perRowEnd of [1, 1.5]) {
      const design = designWith({
        sizes: ['S', 'M', 'L'].map((id, i) => sizeOf(id, { bust: 84 + 9 * i })),
        garment: {
          construction: 'set-in',
          sleeve: { worked: 'down', rounds: 'turned', pickUp: 'ratio', perRowEnd },
        },
      });
      const made = plan(design);
      for (const { joins } of made.sizes) {
        const armhole = joins.find(({ id }) => id === 'armhole-left')!;
        const along = (axis: string) =>
          armhole.b.reduce((sum, edge) => sum + (edge.axis === axis ? edge.count : 0), 0);
        expect(armhole.ok).toBe(true);
        expect(Math.abs(armhole.aCount - perRowEnd * along('rows') - along('stitches'))).toBeLessThanOrEqual(
          1,
        );
      }
      expect(provenText(made, design, { terms: 'us', units: 'cm' }).proof.differences).toEqual([]);
    }
  });

  it('takes the maker’s own ratio before the usual one, in steps of a quarter too', () => {
    const { sizes } = planned({ ...fabricOf('body', 16, 12), stitch: 'dc' }, { perRowEnd: 1.25 });
    for (const { rows, top } of sizes) expect(Math.abs(top - 2.5 * rows)).toBeLessThanOrEqual(1);
  });

  it('says how much it ruffles or pulls, and what would lie flat, and is never overruled', () => {
    const wide = planned(mesh(20));
    for (const { rows, top, told, stops } of wide.sizes) {
      expect(top).toBe(6 * rows);
      expect(stops).toEqual([]);
      expect(told.map(({ level, code }) => [level, code])).toEqual([['warn', 'picked-up-ruffles']]);
      // 3 stitches at 2 a cm along rows of 1.25 cm are a fifth too long: 2.5 would do.
      expect(inWords(told[0]!.message, 'cm')).toMatch(
        /^Armhole, both: .* it ruffles by 20 %\. By the gauges about 2\.5 stitches for each row end would lie flat\.$/,
      );
    }
    const [tight] = planned({ ...fabricOf('body', 16, 12), stitch: 'sc' }).sizes;
    expect(tight!.told.map(({ code }) => code)).toEqual(['picked-up-pulls']);
  });

  it('leaves the armhole as it is without a sleeve to follow', () => {
    const body = { ...fabricOf('body', 16, 12), stitch: 'hdc' as const };
    const byGauge = planned(body, { pickUp: 'gauge' }).made.sizes;
    planned(body).made.sizes.forEach((size, i) => {
      const target = (id: string, of = size) => of.quantities.find((one) => one.id === id)!.target;
      expect(target('armhole.rows')).toBeCloseTo(target('armhole.rows', byGauge[i]), 9);
    });
  });
});

it.each(['notched', 'two-halves', 'over-shoulders', 'rectangles'])(
  'is a choice of %s as well: 2 in each dc row end, told and read back',
  (construction) => {
    const body: Fabric = { ...fabricOf('body', 15, 8), stitch: 'dc' };
    const design = designWith({
      sizes: ['S', 'L'].map((id, i) => sizeOf(id, { bust: 84 + 24 * i })),
      fabrics: [body, fabricOf('rib', 18, 20)],
      garment: { construction, sleeve: { worked: 'down', pickUp: 'ratio', perRowEnd: 2 } },
    });
    const made = plan(design);
    for (const { joins } of made.sizes) {
      const armhole = joins.find(({ id }) => id === 'armhole-left')!;
      expect(armhole.aCount).toBe(2 * armhole.bCount);
      expect(armhole.ok).toBe(true);
    }
    expect(provenText(made, design, { terms: 'us', units: 'cm' }).proof.differences).toEqual([]);
  },
);
