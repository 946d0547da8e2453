import { polygonArea } from 'd3-polygon';
import { plan } from '../../../plan.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { outlines } from '../../../work/outline.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { rowsOf } from '../../../work/runs.js';

const made = (style: Record<string, unknown>) => {
  const design = designWith({
    sizes: ['S', 'M', 'L'].map((id, i) => sizeOf(id, { bust: 90 + 9 * i, crossBack: 36 + i, backWaist: 41 })),
    fabrics: [fabricOf('body', 16, 12), fabricOf('rib', 18, 20)],
    style: { construction: 'over-shoulders', ease: 14, ...style },
  });
  return {
    sizes: plan(design).sizes,
    text: () => patternToText(pattern(plan(design), design, { terms: 'us', units: 'cm' })),
  };
};
type Planned = ReturnType<typeof made>['sizes'][number];
const count = (size: Planned, id: string) => size.quantities.find((one) => one.id === id)!.count;
const bodyOf = (size: Planned) => size.pieces.find(({ id }) => id === 'over')!;
const areaOf = (size: Planned) => {
  const { runs, sections } = bodyOf(size);
  return outlines(runs, sections).reduce(
    (sum, { points }) => sum + Math.abs(polygonArea(points.map(([x, y]) => [x, y] as [number, number]))),
    0,
  );
};

describe('a body worked over the shoulders', () => {
  it.each(['closed', 'gap', 'overlap', 'band'])(
    'has no shoulder seams, and every other seam agrees: %s',
    (style) => {
      for (const drop of [0, 8, 34])
        for (const shape of ['round', 'V', 'square']) {
          if (style === 'closed' && drop > 10) continue;
          const { sizes } = made({ front: { style, width: 4, fabric: 'rib' }, neck: { drop, shape } });
          for (const size of sizes) {
            expect(size.joins.filter(({ ok }) => !ok)).toEqual([]);
            expect(size.joins.some(({ id }) => id.startsWith('shoulder'))).toBe(false);
            expect(rowsOf(bodyOf(size).runs).at(-1)!.n).toBe(2 * count(size, 'body.rows'));
          }
        }
    },
  );

  it('has the area of back and front less the neck (d3-polygon)', () => {
    for (const size of made({ neck: { drop: 7, shape: 'square' } }).sizes) {
      const [wide, high] = [count(size, 'back.width') / 1.6, count(size, 'body.rows') / 1.2];
      const neck = (count(size, 'neck.width') / 1.6) * (count(size, 'neck.drop') / 1.2);
      expect(areaOf(size)).toBeCloseTo(2 * wide * high - neck, 6);
    }
  });

  it('works both fronts alike, and unites closed ones by a chain at the neck', () => {
    for (const size of made({ neck: { drop: 8, shape: 'round' } }).sizes) {
      const of = (part: string) =>
        rowsOf(bodyOf(size).runs)
          .filter((row) => row.part === part)
          .map((row) => row.count);
      expect(of('first-front')).toEqual(of('second-front'));
      expect(of('first-front')).toHaveLength(count(size, 'neck.drop'));
      const united = rowsOf(bodyOf(size).runs).find(({ part }) => part === 'front')!;
      expect(united.count).toBe(count(size, 'front.width'));
      expect(united.add).toBe(united.count - 2 * of('first-front').at(-1)!);
    }
  });

  it('may be slit and longer in the back', () => {
    for (const size of made({ slit: 8, longerBack: 5, front: { style: 'gap', width: 3 } }).sizes) {
      expect(size.joins.filter(({ ok }) => !ok)).toEqual([]);
      expect(rowsOf(bodyOf(size).runs).at(-1)!.n).toBe(
        2 * count(size, 'body.rows') + count(size, 'back.longer'),
      );
    }
  });

  it('may have fronts a row longer than the back (common practice), in the fold at the shoulder: seams start level at the hem', () => {
    for (const front of ['closed', 'gap'])
      for (const size of made({ longerFront: 1, front: { style: front, width: 3 } }).sizes) {
        expect(size.joins.filter(({ ok }) => !ok)).toEqual([]);
        expect(rowsOf(bodyOf(size).runs).at(-1)!.n).toBe(2 * count(size, 'body.rows') + 1);
        const side = size.joins.find(({ id }) => id === 'side-left')!;
        expect([side.aCount, side.bCount]).toEqual([count(size, 'side.rows'), count(size, 'side.rows')]);
        const edges = bodyOf(size).edges;
        expect(edges.filter(({ id }) => id.includes('slit'))).toEqual([]);
        const rows = (id: string) => edges.find((edge) => edge.id === id)!.count;
        expect(rows('front.armhole-left')).toBe(rows('back.armhole-left') + 1);
      }
  });

  it('is written up the back and down the fronts', () => {
    const text = made({ neck: { drop: 8, shape: 'round' } }).text();
    expect(text).toContain('Both fronts together, row');
    expect(text).toMatch(/work as the (left|right) front, with the neck edge at its other end/);
    expect(text).toContain('row to row from the underarm down to the hem');
  });
});
