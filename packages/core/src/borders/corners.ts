/** What an edging takes at a corner so that it lies flat: the geometry of the angle, in whole stitches. */

/** Turns of an edge from which it is a corner, degrees; less goes by itself. */
export const CORNER = 50;

/** Fewest stitches that a right-angled outer corner gains in a row: 3 in one (common practice). */
const LEAST_OUTER = 2;
/** Most stitches that an inner corner loses in a row: 3 together (common practice). */
const MOST_INNER = 2;
/** Most that an outer corner gains: 7 in one. */
const MOST_OUTER = 6;

/**
 * Stitches by which a row that lies flat is longer round a corner than the row before (shorter in an inner one): the outlines of two rows
 * a row's height h apart meet at the corner h × tan(turn ÷ 2) further out on each side.
 *
 * @param turn how the edge turns, degrees: above 0 at an outer corner
 * @param gauge stitches and rows for each cm
 */
export function exactAtCorner(turn: number, { stitches, rows }: { stitches: number; rows: number }): number {
  const half = (Math.min(Math.abs(turn), 150) / 2) * (Math.PI / 180);
  return Math.sign(turn) * 2 * Math.tan(half) * (stitches / rows);
}

/** The same in whole stitches, as makers work it: never none, in an inner corner 3 together at most. */
export function atCorner(turn: number, gauge: { stitches: number; rows: number }): number {
  const exact = Math.round(exactAtCorner(turn, gauge));
  if (turn < 0) return -Math.min(MOST_INNER, Math.max(1, -exact));
  return Math.min(MOST_OUTER, Math.max(turn >= 75 ? LEAST_OUTER : 1, exact));
}
