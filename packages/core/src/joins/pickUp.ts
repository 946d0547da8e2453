/** Picking up along row ends by the craft's ratio: the count follows the edge, whatever that comes to in length. */

import { stitchOf, type CountRule, type Fabric, type Stitch } from '../fabric/fabric.js';

/** Stitches picked up for each row end, by the stitch of the rows (common practice). */
export const PICKED_PER_ROW: Record<Stitch, number> = { sc: 1, esc: 1, hdc: 1.5, dc: 2, tr: 3 };

/** A pick-up by ratio: stitches for each row end, and how many more or fewer may be hidden so that the count fits its pattern. */
export interface PickUpRatio {
  each: number;
  /** Stitches beside the repeats, which belong to no row end. */
  plus: number;
  hidden: number;
  /** Stitches for each stitch of an edge, where not one: 2 in each mesh space of 3. */
  onStitches?: number;
  /** The stitch of the rows. */
  of: Stitch;
  /** The group of the style whose `perRowEnd` it is: "sleeve"; left out where no field says it. */
  field?: string;
}

/**
 * Stitches that a fabric takes for each row end: one unit of its pattern, else by the stitch of the rows (common practice).
 *
 * @param own what is picked up
 * @param rows what it is picked up along
 */
export function perRowEnd(own: Fabric, rows: Fabric): number {
  return own.unit ? own.unit.stitches : PICKED_PER_ROW[stitchOf(rows)];
}

/**
 * The ratio with what may be hidden: nothing where every row end takes whole repeats, else what it takes to come to one.
 *
 * @param each stitches for each row end
 * @param rule of the fabric that is picked up
 * @param rows what it is picked up along
 */
export function pickUpRatio(each: number, { multiple, plus }: CountRule, rows: Fabric): PickUpRatio {
  // Front and back have as many row ends.
  const fits = Number.isInteger((2 * each) / multiple);
  return { each, plus, hidden: fits ? 0 : Math.max(1, multiple / 2), of: stitchOf(rows) };
}

/**
 * Whether a count is what so many row ends take, and so many stitches of the edge besides.
 */
export function isPickedUp(
  { each, plus, hidden, onStitches = 1 }: PickUpRatio,
  count: number,
  { rowEnds, stitches }: { rowEnds: number; stitches: number },
): boolean {
  return Math.abs(count - plus - each * rowEnds - onStitches * stitches) <= hidden + 1e-9;
}

/** A ratio as makers say it, in the smallest whole numbers near it: 3 stitches to 2 rows. */
export function inWholes({ each }: Pick<PickUpRatio, 'each'>): { stitches: number; to: number } {
  for (let to = 1; to < MOST_ROWS; to += 1) {
    const stitches = Math.round(each * to);
    if (stitches > 0 && Math.abs(stitches - each * to) < NEAR * to) return { stitches, to };
  }
  return { stitches: Math.max(1, Math.round(each * MOST_ROWS)), to: MOST_ROWS };
}
const MOST_ROWS = 8;
const NEAR = 0.02;

/** Share by which what is picked up may be longer or shorter than its edge before it shows (common practice). */
const SHOWS = 0.05;

/** How something lies along the edge that it is picked up along. */
export type Verdict = 'fine' | 'ruffles' | 'pulls';

/** Whether a length lies fine along an edge, ruffles or pulls. */
export function verdictOf(length: number, edge: number): Verdict {
  if (edge <= 0) return 'fine';
  const over = length / edge - 1;
  return over > SHOWS ? 'ruffles' : over < -SHOWS ? 'pulls' : 'fine';
}
