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

interface Worked {
  /** One flag for each stitch of the row: 1 once something has been worked into it. */
  used: Uint8Array;
  founded: boolean;
}

/**
 * The virtual hook: works row data stitch by stitch and reports what comes out. It knows nothing of the plan; a stitch
 * taken twice, a row worked into stitches that are not there, or a row that ends with stitches left over is a fault.
 *
 * @param rows the rows of one piece in working order
 */
export function workPiece(rows: readonly Row[]): WorkedPiece {
  const done = new Map<string, Worked>();
  const faults: string[] = [];
  const report: WorkedRow[] = [];

  for (const row of rows) {
    const name = `${row.part} row ${row.n}`;
    let waiting = 0;
    for (const { part, n, take, at } of row.from) {
      const source = done.get(`${part}/${n}`);
      if (!source) {
        faults.push(`${name} is worked into ${part} row ${n}, which has not been worked`);
        continue;
      }
      for (let position = at; position < at + take; position += 1) {
        if (position < 0 || position >= source.used.length) {
          faults.push(`${name} reaches past the end of ${part} row ${n}`);
          break;
        }
        if (source.used[position] === 1) faults.push(`${name} works stitch ${position + 1} of ${part} row ${n} a second time`);
        source.used[position] = 1;
        waiting += 1;
      }
    }
    let made = 0;
    let by = 0;
    let add = 0;
    for (const step of row.steps)
      for (let i = 0; i < step.times; i += 1) {
        const needs = step.do === 'cast' ? 0 : step.do === 'decrease' ? 2 : 1;
        if (needs > waiting) {
          faults.push(`${name} runs out of stitches to work into`);
          break;
        }
        waiting -= needs;
        made += step.do === 'increase' ? 2 : 1;
        if (step.do === 'increase') by += 1;
        else if (step.do === 'decrease') by -= 1;
        else if (step.do === 'cast') add += 1;
      }
    if (waiting > 0) faults.push(`${name} leaves ${waiting} taken stitches without a stitch`);
    if (done.has(`${row.part}/${row.n}`)) faults.push(`${name} is worked twice`);
    done.set(`${row.part}/${row.n}`, { used: new Uint8Array(made), founded: row.from.length === 0 });
    report.push({ part: row.part, n: row.n, count: made, by, add });
    if (made !== row.count) faults.push(`${name} ends with ${made} stitches, not ${row.count}`);
    if (by !== row.by || add !== row.add) faults.push(`${name} does not change by what it says`);
  }
  return { rows: report, faults, edge: (place) => measureEdge(rows, done, place) };
}

function measureEdge(rows: readonly Row[], done: ReadonlyMap<string, Worked>, place: EdgePlace): number {
  if (place.lies === 'foundation') {
    const start = rows.find(({ part }) => part === place.part);
    const worked = start && done.get(`${start.part}/${start.n}`);
    return worked?.founded ? worked.used.length : NaN;
  }
  if (place.lies === 'live') {
    const worked = done.get(`${place.part}/${place.n}`);
    if (!worked || place.from < 0 || place.from + place.count > worked.used.length) return NaN;
    for (let i = place.from; i < place.from + place.count; i += 1) if (worked.used[i] === 1) return NaN;
    return place.count;
  }
  let ends = 0;
  for (const { part, first, last } of place.spans)
    for (let n = first; n <= last; n += 1) {
      if (!done.has(`${part}/${n}`)) return NaN;
      ends += 1;
    }
  return ends;
}
