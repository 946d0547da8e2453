import fc from 'fast-check';
import { spreadTops } from './spread.js';

const WANTED = fc
  .array(fc.integer({ min: 0, max: 40 }), { minLength: 1, maxLength: 7 })
  .map((all) => [...all].sort((a, b) => a - b));

describe('the tops of a row', () => {
  it('stay where they are wanted while they have room', () => {
    expect(spreadTops([0, 2, 4], 1, 0, 10)).toEqual([0, 2, 4]);
  });

  it('of a group fan out about its place', () => {
    expect(spreadTops([3, 3, 3], 1, 0, 10)).toEqual([2, 3, 4]);
  });

  it('keep their order and distance between the ends', () => {
    fc.assert(
      fc.property(WANTED, (wanted) => {
        const tops = spreadTops(wanted, 1, 0, 60);
        tops.forEach((top, i) => {
          expect(top).toBeGreaterThanOrEqual(0);
          expect(top).toBeLessThanOrEqual(60);
          if (i > 0) expect(top - tops[i - 1]!).toBeGreaterThanOrEqual(1 - 1e-6);
        });
      }),
    );
  });

  // The least squares under order, by trying every placing on a fine grid.
  it('lie as near to their feet as order allows', () => {
    fc.assert(
      fc.property(
        fc
          .array(fc.integer({ min: 0, max: 4 }), { minLength: 1, maxLength: 3 })
          .map((all) => all.sort((a, b) => a - b)),
        (wanted) => {
          const cost = (tops: readonly number[]) =>
            tops.reduce((sum, top, i) => sum + (top - wanted[i]!) ** 2, 0);
          let best = Infinity;
          const place = (i: number, from: number, at: number[]) => {
            if (i === wanted.length) best = Math.min(best, cost(at));
            else for (let top = from; top <= 6; top += 0.25) place(i + 1, top + 1, [...at, top]);
          };
          place(0, 0, []);
          expect(cost(spreadTops(wanted, 1, 0, 6))).toBeLessThanOrEqual(best + 1e-6);
        },
      ),
      { numRuns: 30 },
    );
  });
});
