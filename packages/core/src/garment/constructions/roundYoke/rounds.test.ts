import fc from 'fast-check';
import { increaseRounds } from './rounds.js';
import type { RoundYokeStyle } from './fields.js';

const anyYoke = fc.record({
  rounds: fc.constantFrom<RoundYokeStyle['increases']['rounds']>(3, 4, 5, 'many'),
  motif: fc.integer({ min: 1, max: 12 }),
  neck: fc.integer({ min: 4, max: 14 }),
  grown: fc.integer({ min: 0, max: 30 }),
  rows: fc.integer({ min: 10, max: 40 }),
  first: fc.constantFrom(2, 3),
});

describe('increaseRounds', () => {
  it('grow in multiples of the motif, rise down the yoke, never more than double, and end with the yoke', () => {
    fc.assert(
      fc.property(anyYoke, ({ rounds, motif, neck, grown, rows, first }) => {
        const start = neck * motif * 4;
        const total = start + grown * motif;
        const found = increaseRounds({ rounds, motif, places: null }, start, total, rows, { first });
        let before = { row: first - 1, stitches: start };
        for (const one of found) {
          expect(one.stitches % motif).toBe(0);
          expect(one.row).toBeGreaterThan(before.row);
          expect(one.row).toBeLessThanOrEqual(rows);
          expect(one.stitches).toBeLessThanOrEqual(2 * before.stitches);
          expect(one.stitches).toBeGreaterThanOrEqual(before.stitches);
          before = one;
        }
        expect(before.stitches).toBe(total);
      }),
      { numRuns: 300 },
    );
  });

  it('lie in the middle of equal parts, each bringing the ring to its width there', () => {
    expect(increaseRounds({ rounds: 4, motif: 1, places: null }, 80, 240, 32)).toEqual([
      { row: 4, stitches: 120 },
      { row: 12, stitches: 160 },
      { row: 20, stitches: 200 },
      { row: 28, stitches: 240 },
    ]);
  });

  it('lie where the designer puts them, the counts by the ring between two of them', () => {
    expect(increaseRounds({ rounds: 3, motif: 1, places: [25, 50, 75] }, 80, 240, 32)).toEqual([
      { row: 8, stitches: 140 },
      { row: 16, stitches: 180 },
      { row: 24, stitches: 240 },
    ]);
  });

  it('take more rounds than wished where so few would more than double', () => {
    const found = increaseRounds({ rounds: 3, motif: 10, places: null }, 20, 200, 30);
    expect(found.length).toBe(4);
  });
});
