import { rowsOf } from '../testing/rows.js';
import { neckShortRows } from '../shaping/shortRows.js';
import { outlines, rowSpans } from './outline.js';
import { runsIn } from './runs.js';

describe('rowSpans', () => {
  it('lays short rows that go out from the joining of a round on both sides of it', () => {
    const rows = rowsOf([
      { kind: 'start', part: 'main', stitches: 60, extra: 0, along: null, round: 'joined' },
      { kind: 'short', part: 'main', shortRows: neckShortRows(60, 0, [8, 20], true), label: '' },
      { kind: 'even', part: 'main', to: 9 },
    ]);
    const ends = rowSpans(rows).map(({ left, right }) => [left, right]);
    expect(ends.slice(0, 7)).toEqual([
      [0, 60],
      [0, 8],
      [-8, 8],
      [-8, 20],
      [-20, 20],
      [-20, 0],
      [0, 60],
    ]);
  });

  it('gives each row its place in cm by the gauge', () => {
    const rows = rowsOf([
      { kind: 'start', part: 'main', stitches: 20, extra: 0, along: null },
      { kind: 'even', part: 'main', to: 3 },
    ]);
    expect(rowSpans(rows, [{ first: 1, stitches: 2, rows: 0.5 }]).at(-1)).toMatchObject({
      left: 0,
      right: 10,
      low: 4,
      high: 6,
    });
    expect(outlines(runsIn(rows))[0]!.points).toEqual([
      [0, 0],
      [0, 3],
      [20, 3],
      [20, 0],
    ]);
  });
});

describe('outlines', () => {
  const rows = rowsOf([
    { kind: 'start', part: 'main', stitches: 20, extra: 0, along: null },
    { kind: 'even', part: 'main', to: 12 },
  ]);
  const scales = [
    { first: 1, stitches: 2, rows: 1 },
    { first: 7, stitches: 4, rows: 2 },
  ];
  /** The area of each part, as one polygon. */
  const areas = (first: number, runs = runsIn(rows)) =>
    outlines(runs, scales, first).map(({ points }) =>
      Math.abs(
        points.reduce((sum, [x, y], i) => {
          const [nextX, nextY] = points[(i + 1) % points.length]!;
          return sum + (x * nextY - nextX * y) / 2;
        }, 0),
      ),
    );

  it('cut a run of rows where another scale begins', () => {
    // Six rows of 10 x 1, then six of 5 x 0.5.
    expect(areas(1)).toEqual([75]);
  });

  it('begin inside a run, also at the row in which another scale begins', () => {
    expect(areas(4)).toEqual([45]);
    expect(areas(7)).toEqual([15]);
    for (const { points } of outlines(runsIn(rows), scales, 7))
      expect(Math.min(...points.map(([, y]) => y))).toBe(6);
  });

  it('are the same whether rows are kept in runs or not', () => {
    const single = rows.map((row) => ({ row, times: 1 }));
    for (const first of [1, 2, 6, 7, 8, 12]) expect(areas(first, single)).toEqual(areas(first));
  });
});
