import fc from 'fast-check';
import { eventAt, narrowed, narrowing, narrowSteps } from './narrow.js';

describe('a sleeve end that narrows', () => {
  // Makers' schedule (common practice): every 6th, 5th, 4th, 3rd stitch off, even rounds between, leaves a third.
  it.each([
    [120, 40, [6, 5, 4, 3], 40],
    [120, 48, [5, 4, 3], 48],
    [120, 60, [6, 5, 4], 60],
    [120, 118, [], 120],
  ])('from %i to about %i takes every %j stitch off', (top, wanted, every, end) => {
    expect(narrowing(top, wanted, 30)).toMatchObject({ every, end });
  });

  it('ends as its rounds come to, one by one, and has room for an even round after each', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 200 }),
        fc.integer({ min: 10, max: 200 }),
        fc.integer({ min: 2, max: 40 }),
        (top, wanted, rounds) => {
          const { every, first, between, end } = narrowing(top, wanted, rounds);
          expect(every.reduce(narrowed, top)).toBe(end);
          const events = Array.from({ length: rounds }, (_, i) => eventAt({ every, first, between }, i + 1));
          expect(events.filter((event) => event >= 0)).toEqual(every.map((_, i) => i));
          every.slice(1).forEach((each, i) => expect(each).toBe(every[i]! - 1));
          // Nothing that it may do comes nearer.
          expect(Math.abs(end - wanted)).toBeLessThanOrEqual(Math.abs(top - wanted));
        },
      ),
    );
  });

  it('has steps that take all stitches and leave what they say', () => {
    fc.assert(
      fc.property(fc.integer({ min: 6, max: 200 }), fc.integer({ min: 3, max: 6 }), (stitches, every) => {
        const steps = narrowSteps(stitches, every);
        const taken = steps.reduce(
          (sum, { do: what, times }) => sum + (what === 'decrease' ? 2 : 1) * times,
          0,
        );
        const made = steps.reduce((sum, { times }) => sum + times, 0);
        expect([taken, made]).toEqual([stitches, narrowed(stitches, every)]);
      }),
    );
  });
});
