import { polygonLength } from 'd3-polygon';
import fc from 'fast-check';
import { perCm } from '../fabric/gauge.js';
import { STITCH_PATTERNS } from '../fabric/startingSet.js';
import { atCorner, exactAtCorner } from './corners.js';

const gaugeOf = (id: string) => {
  const { gauge } = STITCH_PATTERNS.find(({ fabric }) => fabric.id === id)!.fabric;
  return { stitches: perCm(gauge, 'stitches'), rows: perCm(gauge, 'rows') };
};

/** A polygon all of whose sides lie a distance outside those of one round a circle: by the lines of its sides. */
function offset(angles: readonly number[], radius: number): [number, number][] {
  // Sides that touch a circle: line i has the normal angle i and lies `radius` from the middle.
  return angles.map((angle, i) => {
    const next = angles[(i + 1) % angles.length]!;
    const det = Math.sin(next - angle);
    return [
      (radius * (Math.sin(next) - Math.sin(angle))) / det,
      (radius * (Math.cos(angle) - Math.cos(next))) / det,
    ];
  });
}

describe('what a corner takes', () => {
  it('is what a round is longer than the one before, whatever the polygon (d3-polygon)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 25, max: 85 }), { minLength: 5, maxLength: 9 }),
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        (parts, height) => {
          // Turns that come to one whole turn: the turning number of any closed polygon.
          const whole = parts.reduce((sum, part) => sum + part, 0);
          const turns = parts.map((part) => (360 * part) / whole);
          fc.pre(turns.every((turn) => turn < 140));
          let at = 0;
          const normals = turns.map((turn) => (at += (turn * Math.PI) / 180));
          const [inner, outer] = [10, 10 + height].map((radius) =>
            polygonLength(offset(normals, radius).reverse()),
          );
          const gauge = { stitches: 2, rows: 1 / height };
          const sum = turns.reduce((all, turn) => all + exactAtCorner(turn, gauge), 0);
          expect(sum / gauge.stitches).toBeCloseTo(Math.abs(outer!) - Math.abs(inner!), 6);
        },
      ),
    );
  });

  it('comes to 3 sc, 3 or 4 hdc and 5 dc in a right-angled corner (common practice)', () => {
    expect(1 + atCorner(90, gaugeOf('single-crochet'))).toBe(3);
    expect([3, 4]).toContain(1 + atCorner(90, gaugeOf('half-double')));
    expect([4, 5]).toContain(1 + atCorner(90, gaugeOf('double-crochet')));
  });

  it('works 2 or 3 together in an inner corner and at the top of a slit (common practice)', () => {
    for (const id of ['single-crochet', 'half-double', 'double-crochet'])
      for (const turn of [-50, -90, -115, -180]) expect([-1, -2]).toContain(atCorner(turn, gaugeOf(id)));
  });

  it('is never none, and grows with the angle', () => {
    const gauge = gaugeOf('double-crochet');
    const turns = [50, 75, 90, 120, 150];
    const found = turns.map((turn) => atCorner(turn, gauge));
    expect(found.every((many) => many > 0)).toBe(true);
    expect([...found].sort((a, b) => a - b)).toEqual(found);
  });
});
