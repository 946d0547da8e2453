import type { Row } from './rows.js';

/**
 * Rows that follow each other alike: `row` as it stands, and after it `times` - 1 rows that each work one stitch in every stitch
 * of the row before, turned where `row` is turned. Most rows of a garment are such, so they are kept together.
 */
export interface RowRun {
  row: Row;
  times: number;
}

/** Whether rows like this one are turned: the next lies with the other side up. */
function turns({ round }: Pick<Row, 'round'>): boolean {
  return round === undefined || round === 'turned';
}

/** The side of row i of a run, from 0. */
export function sideOf(row: Pick<Row, 'side' | 'round'>, i: number): Row['side'] {
  if (!turns(row) || i % 2 === 0) return row.side;
  return row.side === 'RS' ? 'WS' : 'RS';
}

/** Row i of a run, from 0. */
export function rowOf({ row }: RowRun, i: number): Row {
  if (i === 0) return row;
  const { part, count, round } = row;
  const n = row.n + i;
  const from = [{ part, n: n - 1, take: count, at: 0 }];
  return {
    n,
    part,
    side: sideOf(row, i),
    from,
    steps: [{ do: 'work', times: count }],
    count,
    by: 0,
    add: 0,
    ...(round ? { round } : {}),
  };
}

/** The last row of runs in working order. */
export function lastRow(runs: readonly RowRun[]): Row {
  const run = runs.at(-1)!;
  return rowOf(run, run.times - 1);
}

/** The largest number of a row: how many rows high the piece is. */
export function heightOf(runs: readonly RowRun[]): number {
  let height = 0;
  for (const { row, times } of runs) height = Math.max(height, row.n + times - 1);
  return height;
}

/** Every row of the runs, in working order. */
export function rowsOf(runs: readonly RowRun[]): Row[] {
  const rows: Row[] = [];
  for (const run of runs) for (let i = 0; i < run.times; i += 1) rows.push(rowOf(run, i));
  return rows;
}

/** Rows gathered into runs: `rowsOf` gives them back. */
export function runsIn(rows: readonly Row[]): RowRun[] {
  const runs: RowRun[] = [];
  let before: Row | undefined;
  for (const row of rows) {
    if (before && goesOn(before, row)) runs.at(-1)!.times += 1;
    else runs.push({ row, times: 1 });
    before = row;
  }
  return runs;
}

/** Whether a row is worked even over the whole of the row before and nothing else. */
function goesOn(before: Row, row: Row): boolean {
  const [step] = row.steps;
  const [source] = row.from;
  return (
    row.n === before.n + 1 &&
    row.part === before.part &&
    row.count === before.count &&
    row.round === before.round &&
    (row.side === before.side) !== turns(row) &&
    row.by === 0 &&
    row.add === 0 &&
    !row.rejoin &&
    !row.graded &&
    row.steps.length === 1 &&
    step!.do === 'work' &&
    step!.times === row.count &&
    row.from.length === 1 &&
    source!.along === undefined &&
    source!.n === before.n &&
    source!.part === before.part &&
    source!.at === 0 &&
    source!.take === row.count
  );
}
