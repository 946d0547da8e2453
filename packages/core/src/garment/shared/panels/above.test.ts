import fc from 'fast-check';
import { polygonArea } from 'd3-polygon';
import { plan } from '../../../plan.js';
import { stepsAcross } from '../../../shaping/rounds.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { outlines } from '../../../work/outline.js';
import { pattern, type PatternText } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';
import { rowsOf } from '../../../work/runs.js';

const lace = {
  ...fabricOf('lace', 12, 7, { flat: { multiple: 3, plus: 1 }, rows: { multiple: 2, plus: 0 } }),
  name: 'Lace mesh',
  stitch: 'dc' as const,
  swatch: { width: 10, height: 10, metres: 9 },
};
const design = designWith({
  sizes: [sizeOf('M', { bust: 96 }), sizeOf('L', { bust: 106 })],
  fabrics: [
    { ...fabricOf('body', 16, 11), swatch: { width: 10, height: 10, metres: 14 } },
    fabricOf('rib', 18, 20),
    lace,
  ],
  style: { upper: { fabric: 'lace' } },
});
const [m] = plan(design).sizes;
const quantity = (id: string) => m!.quantities.find((one) => one.id === id)!;

describe('back and front of two fabrics', () => {
  it('have each part in its own gauge and rule, as wide as each other', () => {
    const [below, above] = [quantity('back.width'), quantity('back.upper')];
    expect([below.fabric, above.fabric, (above.count - 1) % 3]).toEqual(['body', 'lace', 0]);
    expect(Math.abs(below.actual - above.actual)).toBeLessThan(3 / 1.2);
    expect(2 * quantity('shoulder.width').count + quantity('neck.width').count).toBe(above.count);
    expect([quantity('armhole.rows').fabric, quantity('armhole.rows').count % 2]).toEqual(['lace', 0]);
    expect(m!.joins.every(({ ok }) => ok)).toBe(true);
    expect(m!.finished.find(({ id }) => id === 'length')!.actual).toBeCloseTo(
      quantity('side.rows').actual + quantity('armhole.rows').actual + quantity('hem.height').actual,
      10,
    );
  });

  it('change in one row, worked by the hook, and edges measure by the fabric that they lie in', () => {
    const back = m!.pieces.find(({ id }) => id === 'back')!;
    const side = quantity('side.rows').count;
    expect(rowsOf(back.runs)[side]).toMatchObject({
      n: side + 1,
      count: quantity('back.upper').count,
      by: quantity('back.upper').count - quantity('back.width').count,
    });
    const edge = (id: string) => back.edges.find((one) => one.id === id)!;
    expect(edge('back.side-left').length).toBeCloseTo(side / 1.1, 10);
    expect(edge('back.armhole-left').length).toBeCloseTo(quantity('armhole.rows').count / 0.7, 10);
    expect(edge('back.neck').length).toBeCloseTo(quantity('neck.width').count / 1.2, 10);
  });

  it('are drawn in cm: the area is that of both parts', () => {
    const back = m!.pieces.find(({ id }) => id === 'back')!;
    const [outline] = outlines(back.runs, back.sections);
    const expected =
      quantity('back.width').actual * quantity('side.rows').actual +
      quantity('back.upper').actual * quantity('armhole.rows').actual;
    expect(Math.abs(polygonArea(outline!.points as [number, number][]))).toBeCloseTo(expected, 6);
  });

  it('are written with the change, both fabrics with their hooks, gauges and yarn', () => {
    const text = (size?: string): string => {
      const written: PatternText = pattern(plan(design), design, {
        terms: 'us',
        units: 'cm',
        ...(size ? { size } : {}),
      });
      return patternToText(written);
    };
    expect(text('M')).toMatch(
      /Row \d+: change to Lace mesh and a 5 mm hook; dc in each st, decreasing \d+ sts spread evenly; turn\./,
    );
    expect(text()).toMatch(/Lace mesh: 12 sts and 7 rows in 10 cm/);
    expect(m!.yarn.map(({ fabric }) => fabric)).toEqual(['body', 'lace']);
  });
});

describe('stepsAcross', () => {
  it('gains or loses exactly so many, at places whose gaps differ by at most one stitch', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 300 }),
        fc.double({ min: -0.5, max: 1, noNaN: true }),
        (count, share) => {
          const by = Math.trunc(count * share);
          const steps = stepsAcross(count, by);
          const total = (per: Record<string, number>) =>
            steps.reduce((sum, { do: what, times }) => sum + times * per[what]!, 0);
          expect(total({ work: 1, increase: 1, decrease: 2 })).toBe(count);
          expect(total({ work: 1, increase: 2, decrease: 1 })).toBe(count + by);
          const gaps: number[] = [0];
          for (const { do: what, times } of steps) {
            if (what === 'work') gaps[gaps.length - 1]! += times;
            else gaps.push(0);
          }
          expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(1);
        },
      ),
    );
  });
});
