import fc from 'fast-check';
import { makesOf, takesOf } from '../work/steps.js';
import { cornersAfter, hasRoom, stepsAtCorners } from './corners.js';

const anyCorners = fc.array(fc.integer({ min: -3, max: 6 }), { minLength: 1, maxLength: 6 }).chain((by) =>
  fc.record({
    by: fc.constant(by),
    sides: fc.array(fc.integer({ min: 12, max: 60 }), { minLength: by.length + 1, maxLength: by.length + 1 }),
    spare: fc.integer({ min: -3, max: 3 }),
  }),
);

const total = (sides: readonly number[], corners: number) => sides.reduce((sum, side) => sum + side, corners);

describe('a row with corners', () => {
  it('takes every stitch of the row below and makes as many as its sides then have', () => {
    fc.assert(
      fc.property(anyCorners, (shaping) => {
        const { steps, by } = stepsAtCorners(shaping);
        const before = total(shaping.sides, shaping.by.length);
        expect(steps.reduce((sum, step) => sum + step.times * takesOf(step), 0)).toBe(before);
        const made = steps.reduce((sum, step) => sum + step.times * makesOf(step), 0);
        expect(made).toBe(before + by);
        expect(total(cornersAfter(shaping, 1), shaping.by.length)).toBe(made);
      }),
    );
  });

  it('has a corner of 3 in one, with its middle stitch in the line of the corner', () => {
    const shaping = { sides: [4, 4], by: [2], spare: 0 };
    expect(stepsAtCorners(shaping).steps).toEqual([
      { do: 'work', times: 4 },
      { do: 'increase', times: 1, makes: 3, line: 1 },
      { do: 'work', times: 4 },
    ]);
    expect(cornersAfter(shaping, 3)).toEqual([7, 7]);
  });

  it('works 3 together over the corner stitch and one on either side of it', () => {
    const shaping = { sides: [4, 4], by: [-2], spare: 0 };
    expect(stepsAtCorners(shaping).steps).toEqual([
      { do: 'work', times: 3 },
      { do: 'decrease', times: 1, takes: 3 },
      { do: 'work', times: 3 },
    ]);
    expect(cornersAfter(shaping, 3)).toEqual([1, 1]);
  });

  it('says where a side is too short, and is worked as long as it is not', () => {
    fc.assert(
      fc.property(anyCorners, fc.integer({ min: 1, max: 40 }), ({ by, sides }, rows) => {
        const shaping = { by, sides: cornersAfter({ by, sides, spare: 0 }, rows), spare: 0 };
        if (hasRoom(shaping)) expect(() => stepsAtCorners(shaping)).not.toThrow();
        else expect(() => stepsAtCorners(shaping)).toThrow(RangeError);
      }),
    );
  });
});
