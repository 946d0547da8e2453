import type { Counts } from '../fit/counts.js';
import type { Relation } from '../fit/problem.js';
import type { PieceProgram } from '../garment/construction.js';
import type { Shape } from '../passages/shapePassage.js';
import type { Passage } from '../passages/passage.js';
import { runsOf } from '../passages/registry.js';
import { countsByRow } from '../shaping/schedule.js';
import { isTake, type EdgePlace, type Row } from '../work/rows.js';
import { rowsOf } from '../work/runs.js';
import { keyInPiece } from './log.js';

/** A piece of which rows are worked. */
export interface Begun {
  program: PieceProgram;
  /** All its rows as they stand, in the order of working, and how many of them are worked. */
  rows: readonly Row[];
  worked: number;
}

/** What the worked rows of pieces leave open: counts that are settled, fewest of others, and what sums must come to. */
export interface Held {
  fixed: Map<string, number>;
  least: Map<string, number>;
  relations: Relation[];
}

/** The pieces that are begun. What is worked of one holds for the piece that mirrors it, and for rows that begin another alike. */
export function begunPieces(
  programs: ReadonlyMap<string, PieceProgram>,
  worked: ReadonlyMap<string, number>,
): Map<string, Begun> {
  const begun = new Map<string, Begun>();
  const all = [...programs.values()];
  for (const program of all) {
    const rows = rowsOf(runsOf(program.passages));
    const many = Math.max(
      worked.get(program.id) ?? 0,
      ...all.map((other) => sharedRows(program, other, worked.get(other.id) ?? 0)),
    );
    if (many > 0) begun.set(program.id, { program, rows, worked: Math.min(many, rows.length) });
  }
  return begun;
}

/** How many rows of a piece are settled by those worked of another: all of its mirror image, and of others those that both begin with. */
function sharedRows(piece: PieceProgram, other: PieceProgram, worked: number): number {
  if (worked === 0 || piece === other) return 0;
  if (piece.role === other.role && piece.side && other.side && piece.side !== other.side) return worked;
  let same = 0;
  while (
    same < piece.passages.length &&
    JSON.stringify(piece.passages[same]) === JSON.stringify(other.passages[same])
  )
    same += 1;
  if (same === 0) return 0;
  const shared = piece.passages.slice(0, same);
  return Math.min(worked, rowsOf(runsOf(shared)).length);
}

/** The largest number of the rows that are worked: how high the work is. */
export function workedHeight(rows: readonly Row[], worked: number): number {
  return rows.slice(0, worked).reduce((height, { n }) => Math.max(height, n), 0);
}

/** Whether all rows that an edge lies along are worked. */
export function isMade({ rows, worked }: Begun, place: EdgePlace): boolean {
  if (place.lies === 'foundation') return worked > 0;
  const has = (part: string, n: number) => rows.findIndex((row) => row.part === part && row.n === n);
  const last =
    place.lies === 'row ends'
      ? place.spans.map(({ part, last }) => has(part, last))
      : [has(place.part, place.n)];
  return last.every((at) => at >= 0 && at < worked);
}

/**
 * What the worked rows of a piece settle.
 *
 * @param counts as they stand
 * @param wished counts that are to change: of a piece that is done they are open again as far as its rows allow
 */
export function heldBy({ program, rows, worked }: Begun, counts: Counts, wished: ReadonlySet<string>): Held {
  const at = new Map(rows.map((row, i) => [keyInPiece(row), i]));
  const isDone = worked >= rows.length;
  /** Rows of an edge that are worked, and whether it can have no more. */
  const worksOf = (place: EdgePlace): { least: number; settled: boolean } => {
    switch (place.lies) {
      case 'foundation':
        return { least: 0, settled: true };
      case 'base':
        return { least: 0, settled: (at.get(keyInPiece(place)) ?? Infinity) < worked };
      case 'live': {
        const beside = program.edges.filter(
          (edge) => edge.place.lies === 'live' && edge.place.part === place.part && edge.place.n === place.n,
        );
        const after = rows.findIndex(({ from }) =>
          from.some((source) => isTake(source) && source.part === place.part && source.n === place.n),
        );
        const own = at.get(keyInPiece(place)) ?? Infinity;
        return { least: 0, settled: after >= 0 ? after < worked : beside.length === 1 && own < worked };
      }
      case 'row ends': {
        let least = 0;
        let end = 0;
        for (const { part, first, last } of place.spans) {
          for (let n = first; n <= last; n += 1)
            if ((at.get(keyInPiece({ part, n })) ?? Infinity) < worked) least += 1;
          end = Math.max(end, last);
        }
        const all = place.spans.reduce((sum, { first, last }) => sum + Math.max(0, last - first + 1), 0);
        return { least, settled: least === all && rows.slice(0, worked).some(({ n }) => n > end) };
      }
    }
  };
  const fixed = new Map<string, number>();
  const least = new Map<string, number>();
  /** What is done stays, but where something of it is wished otherwise as far as its rows allow. */
  const stays =
    isDone &&
    ![...program.rows, ...program.expects.map(({ quantity }) => quantity)].some((id) => wished.has(id));
  const edges = new Map(program.edges.map((edge) => [edge.id, edge]));
  for (const { quantity, edges: ids } of program.expects) {
    const works = ids.map((id) => worksOf(edges.get(id)!.place));
    const count = counts[quantity]!;
    if (works.every(({ settled }) => settled) || stays) fixed.set(quantity, count);
    else
      least.set(
        quantity,
        works.reduce((sum, one) => sum + one.least, 0),
      );
  }
  if (stays) for (const id of program.rows) fixed.set(id, counts[id]!);
  const height = workedHeight(rows, worked);
  const beside = (program.halfRows ?? 0) + (program.fixedRows ?? 0);
  return {
    fixed,
    least,
    relations: [
      {
        id: `${program.id}.worked`,
        rule: `${height} rows of “${program.label}” are worked`,
        kind: 'at least',
        terms: program.rows.map((of) => ({ of, times: 1 })),
        total: height - beside,
        says: () => [],
      },
      ...program.passages.flatMap((passage) => roomLeft(program, passage, counts, height)),
    ],
  };
}

/** What is left of a shaping that is begun must find room in the rows that are left of it. */
function roomLeft(program: PieceProgram, passage: Passage, counts: Counts, row: number): Relation[] {
  if (passage.kind !== 'shape') return [];
  const { schedule, of, to } = passage satisfies Shape;
  const { room, direction, perEvent } = schedule;
  if (row < room.first || row >= to || schedule.order === 'curve') return [];
  const { start, end, rows } = of;
  if (start === undefined || end === undefined || rows === undefined || direction === 0) return [];
  const [reached] = countsByRow(schedule, row, row);
  // Where all is shaped the rest may be as short as it will.
  if (reached === schedule.end) return [];
  const most = Math.max(perEvent, ...(schedule.amounts ?? []));
  const rule = `“${program.label}” is worked to row ${row} and has ${reached!} stitches there`;
  const each = most / room.everyRow;
  return [
    {
      id: `${program.id}.${end}.left`,
      rule,
      kind: 'at most',
      terms: [
        { of: end, times: direction },
        { of: rows, times: -each },
      ],
      total: direction * reached! + each * (room.last - counts[rows]! - row),
      says: () => [],
    },
    {
      id: `${program.id}.${end}.reached`,
      rule,
      kind: 'at least',
      terms: [{ of: end, times: direction }],
      total: direction * reached!,
      says: () => [],
    },
  ];
}
