import type { WorkedEdge } from '../joins/audit.js';
import type { PickUpRatio } from '../joins/pickUp.js';
import { sharesOf, spread } from '../shaping/spread.js';

/**
 * Whether an edge of row ends is met from its last row to its first on the way along a join. A join goes up one side and down the
 * other: of an armhole up the edge named first; of a neck up the wearer's right and down the left; of a front band from the hem up,
 * which is against the rows of pieces worked from the neck down.
 */
export function runsDown(edges: readonly WorkedEdge[], at: number): boolean {
  const { role, side, axis, downwards, down } = edges[at]!;
  if (axis !== 'rows') return false;
  if (down !== undefined) return down;
  if (role === 'armhole') return edges.findIndex((other) => other.role === 'armhole') < at;
  if (role === 'neck' && side === 'left') return true;
  return downwards ?? false;
}

/** A place on one side of a join: so many stitches or rows of an edge lie before it, and the row's own number where it is rows. */
export interface EdgePoint {
  edge: string;
  /** Which of the edges along the join it is: two copies of a piece have edges of one name. */
  index: number;
  label: string;
  axis: WorkedEdge['axis'];
  /** Stitches or rows of the edge that lie before the place. */
  after: number;
  /** For row ends: the number of the row of the piece that the place lies above or below. */
  row?: number;
}

/** The place at a share of the length of a side, from its beginning. */
export function pointAt(edges: readonly WorkedEdge[], share: number): EdgePoint {
  const whole = edges.reduce((sum, { length }) => sum + length, 0);
  let left = share * whole;
  let at = 0;
  while (at < edges.length - 1 && left > edges[at]!.length + 1e-9) {
    left -= edges[at]!.length;
    at += 1;
  }
  const edge = edges[at]!;
  const after = edge.length > 0 ? Math.min(edge.count, Math.round((left / edge.length) * edge.count)) : 0;
  const row = edge.axis === 'rows' && after > 0 ? rowAt(edge, after, runsDown(edges, at)) : undefined;
  return {
    edge: edge.id,
    index: at,
    label: edge.label,
    axis: edge.axis,
    after,
    ...(row === undefined ? {} : { row }),
  };
}

/** The number of the nth row whose end is in an edge, from its first row on or from its last. */
function rowAt({ place }: WorkedEdge, nth: number, fromLast: boolean): number | undefined {
  if (place.lies !== 'row ends') return undefined;
  let left = nth;
  for (const { first, last } of fromLast ? [...place.spans].reverse() : place.spans) {
    const many = Math.max(0, last - first + 1);
    if (left <= many) return fromLast ? last - left + 1 : first + left - 1;
    left -= many;
  }
  return undefined;
}

/** Counts of one side between places, and how many of them lie before a place in all. */
export function countBefore(edges: readonly WorkedEdge[], { index, after }: EdgePoint): number {
  return edges.slice(0, index).reduce((sum, { count }) => sum + count, after);
}

/** How many stitches of a band go to one edge of those it runs along. */
export interface Share {
  edge: string;
  label: string;
  axis: WorkedEdge['axis'];
  /** Stitches or row ends of the edge. */
  count: number;
  /** Stitches picked up (or sewn) there. */
  many: number;
  /** How many into each of them, in order: differing by one at most. */
  each: readonly number[];
}

/**
 * Shares the stitches of a band among the edges it runs along by their lengths, or by its ratio (the largest remainders get what is
 * left), and spreads each edge's evenly over its stitches or row ends.
 */
export function shareAlong(many: number, edges: readonly WorkedEdge[], ratio?: PickUpRatio): Share[] {
  const shares = sharesOf(
    many,
    edges.map(({ length, axis, count }) =>
      ratio ? count * (axis === 'rows' ? ratio.each : (ratio.onStitches ?? 1)) : length,
    ),
  );
  return edges.map(({ id, label, axis, count }, i) => ({
    edge: id,
    label,
    axis,
    count,
    many: shares[i]!,
    each: count > 0 ? spread(shares[i]!, count) : [],
  }));
}

/** "1 in each row end, 2 in 8 of them": how a share goes into its edge; the larger and smaller are mixed evenly. */
export function shareInWords({ many, count, axis, each }: Share): string {
  const place = axis === 'rows' ? 'row end' : 'st';
  if (count === 0) return 'none';
  const least = Math.min(...each);
  const more = many - least * count;
  if (more === 0) return `${least} in each ${place}`;
  if (least === 0) return `1 in ${many} of ${count} ${place}s, ${count - many} skipped, spread evenly`;
  return `${least} in each ${place}, ${least + 1} in ${more} of them, spread evenly`;
}
