import fc from 'fast-check';
import { endShifts, makesOf, takesOf } from './steps.js';
import type { Step } from './rows.js';

const work = (times: number): Step => ({ do: 'work', times });
const shifts = (...steps: Step[]) => endShifts({ steps });

describe('endShifts', () => {
  it('leaves the ends where they are in an even row', () => {
    expect(shifts(work(20))).toEqual({ left: 0, right: 0 });
  });

  it('moves the end at which a row changes, outwards where it grows', () => {
    expect(shifts({ do: 'increase', times: 1 }, work(20))).toEqual({ left: -1, right: 0 });
    expect(shifts(work(20), { do: 'increase', times: 1 })).toEqual({ left: 0, right: 1 });
    expect(shifts({ do: 'decrease', times: 1 }, work(20))).toEqual({ left: 1, right: 0 });
    expect(shifts(work(20), { do: 'slip', times: 4 })).toEqual({ left: 0, right: -4 });
    expect(shifts({ do: 'cast', times: 6 }, work(20))).toEqual({ left: -6, right: 0 });
  });

  it('shares what changes inside a row between both ends', () => {
    expect(shifts(work(9), { do: 'increase', times: 4 }, work(9))).toEqual({ left: -2, right: 2 });
    expect(shifts(work(9), { do: 'skip', times: 3 }, work(9))).toEqual({ left: 1.5, right: -1.5 });
    expect(shifts({ do: 'increase', times: 5 })).toEqual({ left: -2.5, right: 2.5 });
  });

  it('knows how many stitches the tall stitches of a group take and make', () => {
    expect(takesOf({ do: 'decrease', times: 1, takes: 3 })).toBe(3);
    expect(makesOf({ do: 'increase', times: 1, makes: 3 })).toBe(3);
    expect(makesOf({ do: 'slip', times: 1 })).toBe(0);
    expect(takesOf({ do: 'cast', times: 1 })).toBe(0);
  });

  it('moves the ends apart by exactly what the row gains', () => {
    const anyStep = fc.record({
      do: fc.constantFrom(
        'work' as const,
        'increase' as const,
        'decrease' as const,
        'slip' as const,
        'cast' as const,
      ),
      times: fc.integer({ min: 0, max: 9 }),
    });
    fc.assert(
      fc.property(fc.array(anyStep, { minLength: 1, maxLength: 6 }), (steps) => {
        const { left, right } = endShifts({ steps });
        const gained = steps.reduce((sum, step) => sum + step.times * (makesOf(step) - takesOf(step)), 0);
        expect(right - left).toBeCloseTo(gained);
      }),
    );
  });
});
