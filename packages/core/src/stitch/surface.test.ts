import fc from 'fast-check';
import { plainCourse } from './course.js';
import { cut, joined, laid, moved, plainOver, surfaceOf } from './surface.js';

describe('the surface that a row is worked into', () => {
  it('lies from the right edge on, whatever the direction of the row', () => {
    const course = { ...plainCourse(5, 'dc'), direction: -1 as const };
    expect(surfaceOf(course, false).units.map(({ x }) => x)).toEqual([0, 1, 2, 3, 4]);
  });

  it('comes round where a ring ends', () => {
    const ring = { ...plainCourse(6, 'dc'), direction: 1 as const };
    const shifted = { ...ring, units: ring.units.map((unit) => ({ ...unit, x: unit.x + 4 })) };
    expect(surfaceOf(shifted, true).units.map(({ x }) => x)).toEqual([0, 1, 2, 3, 4, 5]);
  });

  it('is cut and joined without loss', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 0, max: 30 }), (many, at) => {
        const whole = laid('dc', 0, many);
        const place = Math.min(at, many);
        const parts = [cut(whole, 0, place), cut(whole, place, many)];
        expect(parts.map(({ units }) => units.length)).toEqual([place, many - place]);
        const again = joined(parts);
        expect(again.units.map(({ x }) => x)).toEqual(whole.units.map(({ x }) => x));
        expect(new Set(again.units.map(({ group }) => group)).size).toBe(many);
        expect(moved(again, 7).units[0]!.x).toBe(7);
      }),
    );
  });

  it('takes plain stitches: one in each stitch, and in a space as many as are wanted', () => {
    const space = laid('dc', 0, 6).units.map((unit, i) =>
      i === 2 || i === 3 ? { ...unit, t: 'ch' as const, kind: 'ch' as const, run: 1, stitch: null } : unit,
    );
    const surface = { units: space, low: 0, width: 6 };
    expect(plainOver(surface, 'dc', 0, 6).units.map(({ feet }) => feet)).toEqual([
      [0],
      [1],
      [2],
      [3],
      [4],
      [5],
    ]);
    // One chain less is worked into; every stitch still is.
    const fewer = plainOver(surface, 'dc', 0, 5).units.flatMap(({ feet }) => feet);
    expect(fewer).toEqual(expect.arrayContaining([0, 1, 4, 5]));
    expect(plainOver(surface, 'dc', 0, 12).units).toHaveLength(12);
    expect(() => plainOver({ units: [], low: 0, width: 0 }, 'dc', 0, 2)).toThrow(/nothing to be worked into/);
  });
});
