import type { EdgePlace, Row } from './rows.js';

/** What one row turned out to be when it was worked. */
export interface WorkedRow {
  part: string;
  n: number;
  count: number;
  by: number;
  add: number;
}

/** A piece as the hook left it. */
export interface WorkedPiece {
  rows: readonly WorkedRow[];
  /** What went wrong, in the order in which it happened; empty for sound row data. */
  faults: readonly string[];
  /** Stitches or rows along an edge, counted on the worked piece; NaN where the edge does not exist. */
  edge(place: EdgePlace): number;
}

/** A worked row: where its stitches lie in the piece's marks. */
interface Worked {
  start: number;
  count: number;
  founded: boolean;
}

/** The piece on the hook. */
interface Progress {
  rows: readonly Row[];
  /** For each part its worked rows by number. */
  done: Map<string, (Worked | undefined)[]>;
  /** One mark for each stitch of the piece: 1 once something has been worked into it. */
  marks: Uint8Array;
  faults: string[];
}

/** Stitches of the row below that each kind of step takes, and stitches that it makes. */
const TAKES = { work: 1, increase: 1, decrease: 2, cast: 0 } as const;
const MAKES = { work: 1, increase: 2, decrease: 1, cast: 1 } as const;

/**
 * The virtual hook: works row data stitch by stitch and reports what comes out. It knows nothing of the plan; a stitch
 * taken twice, a row worked into stitches that are not there, or a row that ends with stitches left over is a fault.
 *
 * @param rows the rows of one piece in working order
 */
export function workPiece(rows: readonly Row[]): WorkedPiece {
  let stitches = 0;
  for (const { steps } of rows) for (const step of steps) stitches += step.times * MAKES[step.do];
  const progress: Progress = { rows, done: new Map(), marks: new Uint8Array(stitches), faults: [] };
  const report: WorkedRow[] = [];
  let next = 0;
  for (const row of rows) {
    const waiting = takeStitches(row, progress);
    const { made, by, add } = workSteps(row, waiting, progress);
    const part = progress.done.get(row.part) ?? [];
    progress.done.set(row.part, part);
    if (part[row.n]) fault(progress, row, 'is worked twice');
    part[row.n] = { start: next, count: made, founded: row.from.length === 0 };
    next += made;
    report.push({ part: row.part, n: row.n, count: made, by, add });
    if (made !== row.count) fault(progress, row, `ends with ${made} stitches, not ${row.count}`);
    if (by !== row.by || add !== row.add) fault(progress, row, 'does not change by what it says');
  }
  return { rows: report, faults: progress.faults, edge: (place) => measureEdge(progress, place) };
}

function fault({ faults }: Progress, { part, n }: Row, what: string): void {
  faults.push(`${part} row ${n} ${what}`);
}

/** Takes up the live stitches that a row is worked into, marking each; returns how many there are. */
function takeStitches(row: Row, progress: Progress): number {
  const { done, marks } = progress;
  let waiting = 0;
  for (const { part, n, take, at } of row.from) {
    const source = done.get(part)?.[n];
    if (!source) {
      fault(progress, row, `is worked into ${part} row ${n}, which has not been worked`);
      continue;
    }
    const { start, count } = source;
    for (let position = at; position < at + take; position += 1) {
      if (position < 0 || position >= count) {
        fault(progress, row, `reaches past the end of ${part} row ${n}`);
        break;
      }
      if (marks[start + position] === 1)
        fault(progress, row, `works stitch ${position + 1} of ${part} row ${n} a second time`);
      marks[start + position] = 1;
      waiting += 1;
    }
  }
  return waiting;
}

/** Works the steps of a row, stitch by stitch, over the stitches taken up. */
function workSteps(row: Row, taken: number, progress: Progress): { made: number; by: number; add: number } {
  let waiting = taken;
  let made = 0;
  let by = 0;
  let add = 0;
  for (const step of row.steps) {
    const takes = TAKES[step.do];
    const makes = MAKES[step.do];
    let left = step.times;
    for (; left > 0 && takes <= waiting; left -= 1) {
      waiting -= takes;
      made += makes;
    }
    const worked = step.times - left;
    if (takes === 0) add += worked;
    else by += worked * (makes - takes);
    if (left > 0) fault(progress, row, 'runs out of stitches to work into');
  }
  if (waiting > 0) fault(progress, row, `leaves ${waiting} taken stitches without a stitch`);
  return { made, by, add };
}

function measureEdge({ rows, done, marks }: Progress, place: EdgePlace): number {
  if (place.lies === 'foundation') {
    const first = rows.find(({ part }) => part === place.part);
    const worked = first && done.get(first.part)?.[first.n];
    return worked?.founded ? worked.count : NaN;
  }
  if (place.lies === 'live') {
    const worked = done.get(place.part)?.[place.n];
    if (!worked || place.from < 0 || place.from + place.count > worked.count) return NaN;
    for (let i = place.from; i < place.from + place.count; i += 1)
      if (marks[worked.start + i] === 1) return NaN;
    return place.count;
  }
  let ends = 0;
  for (const { part, first, last } of place.spans) {
    const worked = done.get(part);
    for (let n = first; n <= last; n += 1) {
      if (!worked?.[n]) return NaN;
      ends += 1;
    }
  }
  return ends;
}
