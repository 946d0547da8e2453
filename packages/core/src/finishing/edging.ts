import { stitchOf, type Fabric, type Stitch } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import type { Join, WorkedEdge } from '../joins/audit.js';
import { PICKED_PER_ROW, verdictOf, type Verdict } from '../joins/pickUp.js';

/** Stitches in an outer corner, by the stitch of the edging (common practice); in an inner one two are worked together. */
const CORNER: Record<Stitch, number> = { sc: 3, esc: 3, hdc: 3, dc: 5, tr: 5 };

/** How an edging lies along its edge. */
export interface EdgingCheck {
  join: string;
  verdict: Verdict;
  /** Stitches (or rows) of the edging, and its own length by its gauge, cm. */
  count: number;
  length: number;
  edge: number;
  /** Stitches that the rule of thumb by row type would pick up, and how they would lie. */
  byRule: { count: number; verdict: Verdict } | null;
  /** Inner corners along the edge, where two are worked together in every row. */
  innerCorners: number;
}

/**
 * Checks an edging picked up along (or sewn to) an edge by its own gauge, and what picking up by the rule of thumb would come to.
 * A band that is meant to draw in is measured as stretched to its edge.
 *
 * @param edges of the size, with the fabric of the piece each belongs to
 */
export function checkEdging(
  join: Join,
  edges: ReadonlyMap<string, WorkedEdge & { fabric: Fabric }>,
): EdgingCheck | null {
  const own = edges.get(join.a[0]?.edge ?? '');
  if (!own || !(join.kind === 'pick-up' || own.role === 'joined')) return null;
  const along = join.b.map(({ edge }) => edges.get(edge)!);
  const picked = join.kind === 'pick-up';
  const rule = along.reduce(
    (sum, { axis, count, fabric }) =>
      sum + (axis === 'rows' ? count * PICKED_PER_ROW[stitchOf(fabric)] : count),
    0,
  );
  const byRule = Math.round(rule);
  return {
    join: join.id,
    verdict: verdictOf(join.aLength, join.bLength),
    count: join.aCount,
    length: join.aLength * join.gather,
    edge: join.bLength,
    byRule: picked
      ? {
          count: byRule,
          verdict: verdictOf(byRule / perCm(own.fabric.gauge, 'stitches') / join.gather, join.bLength),
        }
      : null,
    innerCorners: cornersAlong(along),
  };
}

/** Inner corners along an edge: where stitches of a piece meet row ends of the same piece that run straight up from them. */
function cornersAlong(along: readonly (WorkedEdge & { fabric: Fabric })[]): number {
  const straight = ({ axis, count, length, fabric }: WorkedEdge & { fabric: Fabric }) =>
    axis === 'rows' && count > 0 && Math.abs(length - count / perCm(fabric.gauge, 'rows')) < 0.01;
  const flat = ({ axis }: WorkedEdge) => axis === 'stitches';
  const meet = (a: (typeof along)[number], b: (typeof along)[number]) =>
    a.piece === b.piece && ((straight(a) && flat(b)) || (flat(a) && straight(b)));
  // A neck that is closed comes round to its first edge again.
  const round = along.length > 2 ? [...along, along[0]!] : along;
  return round.slice(1).filter((edge, i) => meet(round[i]!, edge)).length;
}

/** Stitches that an edging along row ends picks up by the rule of thumb (common practice), and what its outer corner takes. */
export function pickedByRule(stitch: Stitch, rows: number): { picked: number; corner: number } {
  return { picked: Math.round(rows * PICKED_PER_ROW[stitch]), corner: CORNER[stitch] };
}
