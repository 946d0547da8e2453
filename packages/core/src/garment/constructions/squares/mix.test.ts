import fc from 'fast-check';
import { lengthOf, mixesOf, PRICES, sideOf, type MixRange, type MixWish } from './mix.js';

const wishes: fc.Arbitrary<MixWish> = fc.record({
  width: fc.double({ min: 40, max: 130, noNaN: true }),
  length: fc.double({ min: 30, max: 80, noNaN: true }),
  opening: fc.double({ min: 12, max: 40, noNaN: true }),
  sleeve: fc.option(fc.double({ min: 8, max: 50, noNaN: true })),
  neck: fc.double({ min: 8, max: 30, noNaN: true }),
});
const ranges: fc.Arbitrary<MixRange> = fc.record({
  height: fc.double({ min: 0.5, max: 1.6, noNaN: true }),
  rowHeight: fc.double({ min: 0.5, max: 1.6, noNaN: true }),
  rounds: fc.constant([4, 5, 6, 7, 8]),
  joins: fc.constantFrom([0], [0, 0.5]),
  usual: fc.constant(10),
  sideRows: fc.integer({ min: 0, max: 4 }),
  inRows: fc.constantFrom(1, 2),
});

/** What a size costs in width and neck with so many squares across and rows at the sides. */
function priceOf(
  wish: MixWish,
  { height, rowHeight }: MixRange,
  {
    rounds,
    join,
    across,
    sideRows,
    neck,
  }: { rounds: number; join: number; across: number; sideRows: number; neck: number },
): number {
  const of = { side: sideOf(rounds, height), join };
  return (
    PRICES.width * Math.abs(lengthOf(across, of) + 2 * sideRows * rowHeight - wish.width) +
    PRICES.sideRows * 2 * sideRows * rowHeight +
    PRICES.neck * Math.abs(lengthOf(neck, of) - wish.neck)
  );
}

describe('the mix of squares, joins and rows', () => {
  it('has for its squares the rows at the sides that are cheapest, of all that there are', () => {
    fc.assert(
      fc.property(wishes, ranges, (wish, range) => {
        for (const mix of mixesOf(wish, range)) {
          expect((mix.across - mix.neck) % 2).toBe(0);
          expect(mix.arm).toBeLessThan(mix.down);
          const own = priceOf(wish, range, mix);
          for (let sideRows = 0; sideRows <= range.sideRows; sideRows += range.inRows)
            expect(priceOf(wish, range, { ...mix, sideRows })).toBeGreaterThanOrEqual(own - 1e-9);
        }
      }),
    );
  });

  it('is told cheapest first, one for each size of square and join', () => {
    fc.assert(
      fc.property(wishes, ranges, (wish, range) => {
        const mixes = mixesOf(wish, range);
        expect(mixes).toHaveLength(range.rounds.length * range.joins.length);
        mixes.slice(1).forEach(({ cost }, i) => expect(cost).toBeGreaterThanOrEqual(mixes[i]!.cost));
      }),
    );
  });

  it('comes to within half a square of length, and of width where no row at the sides is cheaper', () => {
    fc.assert(
      fc.property(wishes, ranges, (wish, range) => {
        for (const { rounds, join, misses, down } of mixesOf(wish, range)) {
          const pitch = sideOf(rounds, range.height) + join;
          if (down > 2) expect(Math.abs(misses.length)).toBeLessThanOrEqual(pitch / 2 + 1e-9);
        }
      }),
    );
  });

  it('reckons a line of squares with a join between each two', () => {
    expect(lengthOf(9, { side: 10, join: 0.5 })).toBe(94);
    expect(lengthOf(1, { side: 10, join: 0.5 })).toBe(10);
    expect(sideOf(6, 0.9)).toBeCloseTo(10.8, 9);
  });
});
