import type { Row } from '../work/rows.js';
import type { Join, WorkedEdge } from '../joins/audit.js';
import type { PieceRole, Side } from '../joins/roles.js';
import type { SeamMethod } from './finishing.js';
import type { Seam } from './seam.js';

/** Yarn of a seam for each cm of it: sewn about 2, crocheted 4 to 6 (common practice; the middle is taken). */
export const SEAM_YARN: Record<SeamMethod, number> = {
  'whip stitch': 2,
  'mattress stitch': 2,
  'slip stitch': 5,
  'sc ridge': 5,
  'crocheted as the border passes': 5,
  'crocheted while working': 0,
};
/** To thread the needle and weave the end in, cm (common practice). */
export const WEAVE_IN = 15;

/** A tail of a piece that is left long enough for a seam. */
export interface Tail {
  piece: string;
  label: string;
  /** Which copy of the piece, from 1, where there are several. */
  copy: number;
  end: 'starting' | 'ending';
  join: string;
  /** cm */
  length: number;
}

/** A row at an end of a piece. */
export type RowEnd = Pick<Row, 'n' | 'part' | 'side' | 'count'>;

interface TailedPiece {
  id: string;
  role?: PieceRole;
  label: string;
  copies: number;
  edges: readonly WorkedEdge[];
  ends: { first: RowEnd; last: RowEnd };
}

/**
 * Which tails to leave long, so that seams need no new yarn. The first chain of a piece lies at the left of its first row, which
 * is worked from right to left; its last stitch lies where its last row ends. A tail serves one seam that begins there. Of two pieces
 * of a kind the first is the left one's: a tail is never taken over to the other side.
 *
 * @param seams in the order in which they are sewn
 * @param joins each join by its id
 */
export function tailsOf(
  pieces: readonly TailedPiece[],
  seams: readonly Seam[],
  joins: ReadonlyMap<string, Pick<Join, 'side' | 'a' | 'b'>>,
): Tail[] {
  // Squares are joined in lines with yarn of their own, and a sheet has no tails but theirs.
  const tailed = pieces.filter(({ role }) => role !== 'square' && role !== 'sheet');
  const free = tailed.flatMap((piece) =>
    Array.from({ length: piece.copies }, (_, i) =>
      (['starting', 'ending'] as const).map((end) => ({ piece, copy: i + 1, end, used: false })),
    ).flat(),
  );
  const tails: Tail[] = [];
  for (const { join, method, length } of seams) {
    if (SEAM_YARN[method] === 0) continue;
    const { a, b, side } = joins.get(join)!;
    const edges = new Set([...a, ...b].map(({ edge }) => edge));
    const found = free.find(
      ({ piece, copy, end, used }) =>
        !used &&
        isOnSide(side, piece.copies, copy) &&
        piece.edges.some((edge) => edges.has(edge.id) && touches(piece, edge, end)),
    );
    if (!found) continue;
    found.used = true;
    tails.push({
      piece: found.piece.id,
      label: found.piece.label,
      copy: found.copy,
      end: found.end,
      join,
      length: Math.ceil((length * SEAM_YARN[method] + WEAVE_IN) / 5) * 5,
    });
  }
  return tails;
}

/** Whether a copy of a piece lies on the side of a seam: the first of two on the left. */
function isOnSide(side: Side | undefined, copies: number, copy: number): boolean {
  if (copies !== 2 || side === undefined) return true;
  return copy === (side === 'left' ? 1 : 2);
}

/** Whether a tail of a piece hangs at an end of an edge. */
function touches({ ends: { first, last } }: TailedPiece, { place }: WorkedEdge, end: Tail['end']): boolean {
  if (end === 'starting') {
    if (place.lies === 'foundation') return true;
    return (
      place.lies === 'row ends' &&
      place.side === 'left' &&
      place.spans.some((span) => span.part === first.part && span.first <= first.n && first.n <= span.last)
    );
  }
  // A right-side row is worked from right to left: it ends at the left of its stitches.
  const side = last.side === 'RS' ? 'left' : 'right';
  if (place.lies === 'live') {
    const { from, count } = place;
    const atEnd = side === 'left' ? from === 0 : from + count === last.count;
    return place.part === last.part && place.n === last.n && atEnd;
  }
  if (place.lies !== 'row ends') return false;
  return (
    place.side === side &&
    place.spans.some((span) => span.part === last.part && span.first <= last.n && last.n <= span.last)
  );
}
