import fc from 'fast-check';
import { capShortRows, shoulderSteps, slopedShortRows } from './shortRows.js';

describe('capShortRows', () => {
  it('goes on by turns to both sides until so many are left, the same on each', () => {
    const result = capShortRows({ stitches: 60, keep: 8, past: 4, step: 2 });
    if (!result.ok) throw new Error(result.message);
    const { rows, keptLeft, keptRight, closing } = result.shortRows;
    expect(rows.slice(0, 4)).toEqual([
      { from: 26, to: 34 },
      { from: 24, to: 34 },
      { from: 24, to: 36 },
      { from: 22, to: 36 },
    ]);
    expect([keptLeft, keptRight, closing]).toEqual([8, 8, true]);
    // P = u + worked + u (common practice).
    expect(rows.at(-1)!.to - rows.at(-1)!.from).toBe(60 - 2 * 8);
  });

  it('gives the odd stitch of an odd pick-up to the shoulder (half, one, half: common practice)', () => {
    const result = capShortRows({ stitches: 61, keep: 8, past: 4, step: 2 });
    expect(result.ok && result.shortRows.rows[0]).toEqual({ from: 26, to: 35 });
  });

  it('never goes back, and ends where it should, for any cap', () => {
    fc.assert(
      fc.property(
        fc.record({
          stitches: fc.integer({ min: 20, max: 140 }),
          keep: fc.integer({ min: 0, max: 20 }),
          past: fc.integer({ min: 1, max: 10 }),
          step: fc.integer({ min: 1, max: 4 }),
        }),
        (wish) => {
          const result = capShortRows(wish);
          if (!result.ok) return expect(Math.floor(wish.stitches / 2) - wish.past).toBeLessThan(wish.keep);
          const { rows, keptLeft, keptRight } = result.shortRows;
          expect([keptLeft, keptRight]).toEqual([wish.keep, wish.keep]);
          rows.slice(1).forEach((row, i) => {
            const before = rows[i]!;
            const [left, right] = [before.from - row.from, row.to - before.to];
            expect([left, right].filter((further) => further > 0)).toHaveLength(1);
            expect(Math.max(left, right)).toBeLessThanOrEqual(wish.step);
          });
        },
      ),
    );
  });

  it('says why a cap does not come out', () => {
    expect(capShortRows({ stitches: 20, keep: 8, past: 4, step: 2 })).toMatchObject({ ok: false });
    expect(capShortRows({ stitches: 60, keep: 8, past: 4, step: 0 })).toMatchObject({ ok: false });
  });
});

describe('shoulders', () => {
  it('step as evenly as they go, the wider steps first', () => {
    expect(shoulderSteps(28, 4)).toEqual([7, 7, 7, 7]);
    expect(shoulderSteps(30, 4)).toEqual([8, 8, 7, 7]);
    expect(shoulderSteps(2, 4)).toEqual([1, 1]);
  });

  it('slope to one side: pairs of rows that stop earlier, then one over all', () => {
    const left = slopedShortRows(24, 3, 'left');
    expect(left.rows.map(({ from, to }) => to - from)).toEqual([18, 18, 12, 12, 6, 6]);
    const right = slopedShortRows(24, 3, 'right');
    expect(right.rows).toEqual(left.rows.map(({ from, to }) => ({ from: 24 - to, to: 24 - from })));
    expect([left.keptLeft, right.keptRight, left.closing]).toEqual([18, 18, true]);
  });
});
