import type { RowEnd } from './finishing/tails.js';
import type { Counts } from './fit/counts.js';
import type { PieceProgram, ShownCount } from './garment/construction.js';
import { edgeLength, sectionsOf, type PieceSection } from './garment/sections.js';
import type { WorkedEdge } from './joins/audit.js';
import type { PieceRole, Side } from './joins/roles.js';
import { runLength } from './shaping/cap.js';
import type { Passage } from './passages/passage.js';
import { runsOf } from './passages/registry.js';
import { workRuns } from './work/hook.js';
import { followMarkers, rowsBetween } from './work/markers.js';
import { heightOf, lastRow, type RowRun } from './work/runs.js';

export interface PlannedPiece {
  id: string;
  role: PieceRole;
  side?: Side;
  label: string;
  copies: number;
  /** Counts that its label on the table tells, in lines from its lower edge up. */
  shows: readonly (readonly ShownCount[])[];
  fabric: string;
  /** The fabrics of the piece, each from a row on, with stitches and rows for each cm; the first from row 1. */
  sections: readonly PieceSection[];
  work: 'rows' | 'rounds';
  /** Chains (or stitches picked up) to begin with. */
  foundation: number;
  passages: readonly Passage[];
  /** Its rows in working order, those worked even kept together; `rowsOf` gives each by itself. */
  runs: readonly RowRun[];
  /** Its first and last row, where its tails hang. */
  ends: { first: RowEnd; last: RowEnd };
  edges: readonly WorkedEdge[];
  /** The counts that make the piece: holding them all holds the piece. */
  quantities: readonly string[];
  /** For each of these counts the edges that together show it. */
  expects: PieceProgram['expects'];
  /** Of a making: rows that are worked, in the order of working. */
  worked?: number;
  /** The counts that together are its rows from beginning to end; and half rows besides, which add no height. */
  height: readonly string[];
  halfRows?: number;
  /** Rows that the style gives, where no count is found for them. */
  fixedRows?: number;
  /** Worked on to edges of the joined garment. */
  workedOn?: true;
  /** Of a border round all: where the fronts lie in it. */
  fronts?: PieceProgram['fronts'];
  /** How it lies, where its rows do not tell it. */
  drawn?: PieceProgram['drawn'];
}

/** The virtual hook and the fit disagree: a fault of the program, so no plan is given. */
export class PlanRefused extends Error {
  override name = 'PlanRefused';
}

/**
 * Works a piece with the virtual hook; every quantity must come off it as the fit says.
 *
 * @param known the edges worked so far by their ids; the piece's own are added
 * @throws PlanRefused where it does not
 */
export function workAndCheck(
  piece: PieceProgram,
  counts: Counts,
  known: Map<string, WorkedEdge>,
): PlannedPiece {
  const runs = runsOf(piece.passages);
  const worked = workRuns(runs);
  const refuse = (why: string) => new PlanRefused(`${piece.label}: ${why}`);
  if (worked.faults.length > 0) throw refuse(worked.faults[0]!);
  const sections = sectionsOf(piece);
  const edges = piece.edges.map((wanted): WorkedEdge => {
    const { id, role, side, downwards, label, axis, place, open, path, slant, along, measures } = wanted;
    const count = worked.edge(place);
    if (Number.isNaN(count)) throw refuse(`the edge ${id} is not there`);
    // What is shaped anew in the middle of a piece lies as it is worked: only its ends are known beforehand.
    const line = piece.resumed && path && path !== 'straight' ? worked.path(place) : path;
    const astray = line && count > 0 ? worked.astray(place, line) : -1;
    if (astray >= 0) throw refuse(`the edge ${id} is not where it should be in its row ${astray + 1}`);
    const edge: WorkedEdge = {
      id,
      piece: piece.id,
      role,
      ...(side ? { side } : {}),
      ...(downwards ? { downwards } : {}),
      label,
      axis,
      count,
      length:
        measures ??
        (along
          ? runLength(along, sections[0]!.stitches, sections[0]!.rows)
          : edgeLength(place, count, sections, slant ?? line)),
      open: open ?? false,
      place,
    };
    known.set(id, edge);
    return edge;
  });
  for (const { part, first, last, from, to } of piece.resumed ? [] : (piece.markers ?? [])) {
    const found = followMarkers(rowsBetween(runs, part, first, last), from);
    const wrong = to.findIndex((place, i) => place !== found[i]);
    if (wrong >= 0)
      throw refuse(
        `marker ${wrong + 1} comes to stitch ${found[wrong]} of row ${last}, planned ${to[wrong]}`,
      );
  }
  const height = heightOf(runs);
  const planned = piece.rows.reduce(
    (sum, id) => sum + counts[id]!,
    (piece.halfRows ?? 0) + (piece.fixedRows ?? 0),
  );
  if (height !== planned) throw refuse(`it has ${height} rows, planned ${planned}`);
  const [lost] = worked.lost(piece.edges.map(({ place }) => place));
  if (lost) throw refuse(lost);
  for (const { quantity, edges: ids } of piece.expects) {
    let found = 0;
    for (const id of ids) found += known.get(id)?.count ?? NaN;
    if (found !== counts[quantity])
      throw refuse(`${quantity} came off the hook as ${found}, planned ${counts[quantity]}`);
  }
  return {
    id: piece.id,
    role: piece.role,
    ...(piece.side ? { side: piece.side } : {}),
    label: piece.label,
    copies: piece.copies,
    shows: piece.shows ?? [],
    fabric: piece.fabric.id,
    sections,
    work: piece.work,
    foundation: foundationOf(piece.passages),
    passages: piece.passages,
    runs,
    ends: { first: runs[0]!.row, last: lastRow(runs) },
    edges,
    height: piece.rows,
    ...(piece.halfRows ? { halfRows: piece.halfRows } : {}),
    ...(piece.fixedRows ? { fixedRows: piece.fixedRows } : {}),
    ...(piece.workedOn ? { workedOn: true } : {}),
    ...(piece.fronts ? { fronts: piece.fronts } : {}),
    ...(piece.drawn ? { drawn: piece.drawn } : {}),
    quantities: [...new Set(piece.expects.map(({ quantity }) => quantity))],
    expects: piece.expects,
  };
}

/** Chains or stitches that a piece begins with; of one from a centre what goes into its ring. */
function foundationOf(passages: readonly Passage[]): number {
  for (const passage of passages) {
    if (passage.kind === 'start') return passage.stitches + passage.extra;
    if (passage.kind === 'from the centre') return passage.sides * passage.first;
  }
  return 0;
}
