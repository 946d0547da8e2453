import { workPiece } from '../work/hook.js';
import { rowsOf } from '../testing/rows.js';
import { neckShortRows, shoulderSteps, slopedShortRows } from './shortRows.js';

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

describe('neckShortRows', () => {
  const far = (reach: number[], ring: boolean) => neckShortRows(80, ring ? 0 : 40, reach, ring).rows;

  it('goes out from the joining of a round and comes back to it, both halves with the same rows', () => {
    const rows = far([10, 18, 30], true);
    expect(rows[0]).toEqual({ from: 0, to: 10 });
    expect(rows.at(-1)).toEqual({ from: -30, to: 0 });
    const over = (place: number) => rows.filter(({ from, to }) => from <= place && place < to).length;
    // Beside the joining as many rows on the one side as on the other: two for each turn.
    expect([over(0), over(-1)]).toEqual([6, 6]);
    for (let i = 0; i < 30; i += 1) expect(over(i)).toBe(over(-1 - i));
  });

  it('lies evenly about the middle of a flat back', () => {
    const rows = far([10, 18], false);
    expect(rows).toEqual([
      { from: 30, to: 50 },
      { from: 30, to: 50 },
      { from: 30, to: 58 },
      { from: 22, to: 58 },
    ]);
  });

  it('is sound on the hook, in rounds joined or turned and flat, and raises only the back', () => {
    for (const [ring, round] of [
      [true, 'joined'],
      [true, 'turned'],
      [false, undefined],
    ] as const) {
      const rows = rowsOf([
        { kind: 'start', part: 'main', stitches: 80, extra: 1, along: null, ...(round ? { round } : {}) },
        {
          kind: 'short',
          part: 'main',
          shortRows: neckShortRows(80, ring ? 0 : 40, [8, 20], ring),
          label: 'Back of the neck',
        },
        { kind: 'even', part: 'main', to: 12 },
      ]);
      const worked = workPiece(rows);
      expect(worked.faults).toEqual([]);
      expect(worked.counts.at(-1)).toBe(80);
      expect(
        worked.lost([
          { lies: 'foundation', part: 'main' },
          { lies: 'live', part: 'main', n: 12, from: 0, count: 80 },
        ]),
      ).toEqual([]);
    }
  });
});
