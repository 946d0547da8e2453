import { polygonArea } from 'd3-polygon';
import { groupsAlong } from '../../../borders/runs.js';
import { openLoops } from '../../../borders/openEdges.js';
import type { Garment } from '../../../design.js';
import { plan } from '../../../plan.js';
import { provePattern } from '../../../read/pattern.js';
import type { SizePlan } from '../../../sizePlan.js';
import { designWith, fabricOf, sizeOf } from '../../../testing/designs.js';
import { pattern } from '../../../write/pattern.js';
import { patternToText } from '../../../write/text.js';

const designed = (garment: object = {}) =>
  designWith({
    graded: false,
    sizes: [
      sizeOf('child', { bust: 64, head: 52, shoulderToWrist: 40 }, 'child'),
      sizeOf('adult', { bust: 96, head: 57, shoulderToWrist: 58 }),
    ],
    fabrics: [fabricOf('body', 16, 11, { flat: { multiple: 4, plus: 1 } }), fabricOf('rib', 18, 20)],
    garment: { construction: 'poncho', ...garment } as Garment,
  });
const count = (size: SizePlan, id: string) => size.quantities.find((one) => one.id === id)!.count;
const finished = (size: SizePlan, id: string) => size.finished.find((one) => one.id === id)!.actual;

describe('a poncho of two rectangles', () => {
  const design = designed();
  const { sizes } = plan(design);

  it('is longer than it is wide by half of its neck, which passes the head (common practice)', () => {
    for (const size of sizes) {
      expect(count(size, 'poncho.rows')).toBe(count(size, 'poncho.seam') + count(size, 'poncho.neck'));
      expect(finished(size, 'neck')).toBeGreaterThanOrEqual(size.body.head);
      const seam = finished(size, 'rectangleLength') - finished(size, 'neck') / 2;
      // The end of one lies along the side of the other.
      expect(Math.abs(finished(size, 'rectangleWidth') - seam)).toBeLessThan(1);
    }
  });

  it('hangs in a point from the V, along the diagonal of the square that both rectangles leave there', () => {
    for (const size of sizes) {
      const [w, l] = [finished(size, 'rectangleWidth'), finished(size, 'rectangleLength')];
      const neck = finished(size, 'neck') / 2;
      const square: [number, number][] = [
        [0, 0],
        [w, 0],
        [w, l - neck],
        [0, l - neck],
      ];
      const diagonal = Math.hypot(square[2]![0], square[2]![1]);
      expect(finished(size, 'point')).toBeCloseTo(diagonal, 6);
      // What is no neck of a rectangle is that square: the cloth of both is twice the square and twice the strip beside the neck.
      expect(2 * w * l).toBeCloseTo(2 * Math.abs(polygonArea(square)) + 2 * w * neck, 6);
    }
  });

  it('has one neck with a V in front and behind, and one lower edge with two points', () => {
    const [, adult] = sizes;
    const loops = openLoops(adult!.pieces, adult!.joins);
    expect(loops).toHaveLength(2);
    const turns = (place: 'neck' | 'hem') => {
      const [{ runs }] = groupsAlong(loops, place) as [ReturnType<typeof groupsAlong>[number]];
      expect(runs[0]!.run.ring).toBe(true);
      return runs[0]!.run.edges.map(({ turn }) => Math.round(turn!)).filter((turn) => Math.abs(turn) > 50);
    };
    expect(turns('neck')).toEqual([-90, -90]);
    expect(turns('hem')).toEqual([90, 90]);
  });

  it('is written and read back without a difference, its edgings with it', () => {
    for (const border of [{}, { neck: { fabric: 'rib', rounds: 2 }, hem: { fabric: 'rib', rounds: 1 } }]) {
      const own = designed({ border });
      const planned = plan(own).sizes;
      const text = patternToText(pattern({ sizes: planned }, own, { units: 'cm' }));
      expect(provePattern(text, planned, {}, own).differences).toEqual([]);
      expect(text).toMatch(/the \d+ \(\d+\) sts of its first row along the last \d+ \(\d+\) row ends/);
      expect(text).not.toContain('ease at the');
    }
  });
});
