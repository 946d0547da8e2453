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
