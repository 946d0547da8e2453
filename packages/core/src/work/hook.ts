import type { EdgePlace, Row } from './rows.js';

/** A piece as the hook left it. */
export interface WorkedPiece {
  /** Stitches at the end of each row, in working order. */
  counts: Int32Array;
  /** What went wrong, in the order in which it happened; empty for sound row data. */
  faults: readonly string[];
  /** Stitches or rows along an edge, counted on the worked piece; NaN where the edge does not exist. */
  edge(place: EdgePlace): number;
}

/** The piece on the hook. */
interface Progress {
  rows: readonly Row[];
  /** For each part its worked rows: from the row's number to its place in working order. */
  done: Map<string, (number | undefined)[]>;
  /** For each row worked: where its stitches lie in the marks, and how many there are. */
  starts: Int32Array;
  counts: Int32Array;
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
  const counts = new Int32Array(rows.length);
  const starts = new Int32Array(rows.length);
  const progress: Progress = {
    rows,
    done: new Map(),
    starts,
    counts,
    marks: new Uint8Array(stitches),
    faults: [],
  };
  let next = 0;
  for (let at = 0; at < rows.length; at += 1) {
    const row = rows[at]!;
    const made = workRow(row, takeStitches(row, progress), progress);
    let part = progress.done.get(row.part);
    if (!part) progress.done.set(row.part, (part = []));
    if (part[row.n] !== undefined) fault(progress, row, 'is worked twice');
    part[row.n] = at;
    starts[at] = next;
    counts[at] = made;
    next += made;
  }
  return { counts, faults: progress.faults, edge: (place) => measureEdge(progress, place) };
}

function fault({ faults }: Progress, { part, n }: Row, what: string): void {
  faults.push(`${part} row ${n} ${what}`);
}

/** Takes up the live stitches that a row is worked into, marking each; returns how many there are. */
function takeStitches(row: Row, progress: Progress): number {
  const { done, marks, starts, counts } = progress;
  let waiting = 0;
  for (const { part, n, take, at } of row.from) {
    const source = done.get(part)?.[n];
    if (source === undefined) {
      fault(progress, row, `is worked into ${part} row ${n}, which has not been worked`);
      continue;
    }
    const start = starts[source]!;
    const count = counts[source]!;
    const from = Math.max(0, at);
    const to = Math.min(at + take, count);
    if (at < 0 || at + take > count) fault(progress, row, `reaches past the end of ${part} row ${n}`);
    for (let i = start + from; i < start + to; i += 1) {
      if (marks[i] === 1)
        fault(progress, row, `works stitch ${i - start + 1} of ${part} row ${n} a second time`);
      marks[i] = 1;
    }
    waiting += Math.max(0, to - from);
  }
  return waiting;
}

/** Works the steps of a row over the stitches taken up; returns how many it makes. */
function workRow(row: Row, taken: number, progress: Progress): number {
  let waiting = taken;
  let made = 0;
  let by = 0;
  let add = 0;
  for (const step of row.steps) {
    const takes = TAKES[step.do];
    const makes = MAKES[step.do];
    const worked = takes * step.times <= waiting ? step.times : Math.floor(waiting / takes);
    waiting -= worked * takes;
    made += worked * makes;
    if (takes === 0) add += worked;
    else by += worked * (makes - takes);
    if (worked < step.times) fault(progress, row, 'runs out of stitches to work into');
  }
  if (waiting > 0) fault(progress, row, `leaves ${waiting} taken stitches without a stitch`);
  if (made !== row.count) fault(progress, row, `ends with ${made} stitches, not ${row.count}`);
  if (by !== row.by || add !== row.add) fault(progress, row, 'does not change by what it says');
  return made;
}

function measureEdge({ rows, done, starts, counts, marks }: Progress, place: EdgePlace): number {
  if (place.lies === 'foundation') {
    const first = rows.findIndex(({ part }) => part === place.part);
    return first >= 0 && rows[first]!.from.length === 0 ? counts[first]! : NaN;
  }
  if (place.lies === 'live') {
    const worked = done.get(place.part)?.[place.n];
    if (worked === undefined || place.from < 0 || place.from + place.count > counts[worked]!) return NaN;
    const start = starts[worked]! + place.from;
    for (let i = start; i < start + place.count; i += 1) if (marks[i] === 1) return NaN;
    return place.count;
  }
  let ends = 0;
  for (const { part, first, last } of place.spans) {
    const worked = done.get(part);
    for (let n = first; n <= last; n += 1) {
      if (worked?.[n] === undefined) return NaN;
      ends += 1;
    }
  }
  return ends;
}
