import fc from 'fast-check';
import { makesOf, takesOf } from '../work/steps.js';
import type { Step } from '../work/rows.js';
import { motifSteps, sideAfter, sideRowSteps, sidesAfter, turnsSteps } from './motif.js';

const taken = (steps: readonly Step[]) => steps.reduce((sum, step) => sum + step.times * takesOf(step), 0);
const made = (steps: readonly Step[]) => steps.reduce((sum, step) => sum + step.times * makesOf(step), 0);
const sum = (sides: readonly number[]) => sides.reduce((all, side) => all + side, 0);

const motif = fc.record({
  sides: fc.integer({ min: 3, max: 8 }),
  first: fc.integer({ min: 1, max: 6 }),
  gain: fc.integer({ min: 1, max: 6 }),
});

describe('a motif from a ring', () => {
  it('takes every stitch of a round and makes those of the next, counted one by one', () => {
    fc.assert(
      fc.property(motif, fc.integer({ min: 1, max: 30 }), (growth, rounds) => {
        const side = sideAfter(growth, rounds);
        const steps = motifSteps(growth, side);
        expect(taken(steps)).toBe(growth.sides * side);
        expect(made(steps)).toBe(growth.sides * sideAfter(growth, rounds + 1));
      }),
    );
  });

  it('has a side that grows alike in every round', () => {
    expect([1, 2, 3, 10].map((round) => sideAfter({ first: 3, gain: 4 }, round))).toEqual([3, 7, 11, 39]);
  });
});

describe('rows along sides of a motif', () => {
  it('take all that lies there, and gain at the corners between the sides and nowhere else', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 3, max: 60 }), { minLength: 1, maxLength: 5 }),
        fc.integer({ min: 1, max: 6 }),
        fc.constantFrom(-1, 0, 1),
        (sides, gain, atEnd) => {
          const row = { sides, gain, atEnd };
          const { steps, by } = sideRowSteps(row);
          expect(taken(steps)).toBe(sum(sides));
          expect(made(steps)).toBe(sum(sidesAfter(row)));
          expect(by).toBe((sides.length - 1) * gain + atEnd);
          expect(made(steps) - taken(steps)).toBe(by);
        },
      ),
    );
  });

  it('cannot be worked over a side that is too short for what is taken off it', () => {
    expect(() => sideRowSteps({ sides: [1], gain: 3, atEnd: -1 })).toThrow(RangeError);
  });
});

describe('decreases by turns', () => {
  it('take off so many in one place, now where the round begins, now opposite', () => {
    fc.assert(
      fc.property(fc.integer({ min: 8, max: 90 }), fc.integer({ min: 1, max: 6 }), (count, by) => {
        for (const event of [0, 1]) {
          const steps = turnsSteps(count, by, event);
          expect([taken(steps), made(steps)]).toEqual([count, count - by]);
        }
      }),
    );
    expect(turnsSteps(30, 3, 0).at(-1)!.do).toBe('decrease');
    expect(turnsSteps(30, 3, 1).map((step) => step.do)).toEqual(['work', 'decrease', 'work']);
    expect(() => turnsSteps(3, 3, 0)).toThrow(RangeError);
  });
});
