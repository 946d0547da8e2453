import type { CountRule } from '../fabric/fabric.js';
import type { Phrase } from '../text/phrase.js';

/** How a count may miss its target: to the nearest, or on one side only while the seams allow it. */
export type Rounding = 'nearest' | 'not over' | 'not under';

/** An unknown count with a length it should measure. */
export interface Quantity {
  id: string;
  /** Gauge along the quantity's axis, counts for each cm. */
  perCm: number;
  /** Length wanted, cm. */
  target: number;
  /** How much a cm of miss costs against the other quantities. */
  weight: number;
  rule: CountRule;
  rounding: Rounding;
  /** Smallest and largest count considered, inclusive. */
  min: number;
  max: number;
}

/** An unknown count without a length of its own, such as the number of shaping rows: it only makes relations whole. */
export interface HelperCount {
  id: string;
  min: number;
  max: number;
}

export interface Term {
  of: string;
  times: number;
}

/** sum of times x count = total ("equal") or <= total ("at most"). Equal relations have whole-number terms. */
export interface Relation {
  id: string;
  kind: 'equal' | 'at most';
  terms: readonly Term[];
  total: number;
  /** The relation in the trade's words, with the counts that were found. */
  says: (counts: Counts) => Phrase;
}

export type Counts = Readonly<Record<string, number>>;

/** The integer problem of one size. */
export interface Problem {
  quantities: readonly Quantity[];
  helpers: readonly HelperCount[];
  relations: readonly Relation[];
}

/** A count held by the user. */
export interface HeldCount {
  quantity: string;
  count: number;
}

/**
 * What breaking a rounding wish costs, cm. Far more than any seam shifts a count by, so a wish is given up last; finite,
 * so that it is given up rather than a piece moved by a hand's breadth.
 */
export const WISH_COST = 20;

const EPSILON = 1e-9;

/** Whether a count breaks the quantity's rounding wish. */
export function breaksWish({ rounding, target, perCm }: Quantity, count: number): boolean {
  if (rounding === 'not over') return count / perCm > target + EPSILON;
  if (rounding === 'not under') return count / perCm < target - EPSILON;
  return false;
}

/** The cost of a count: weighted distance from the target in cm, and the wish where it is broken. */
export function costOf(quantity: Quantity, count: number): number {
  const distance = quantity.weight * Math.abs(count / quantity.perCm - quantity.target);
  return breaksWish(quantity, count) ? distance + WISH_COST : distance;
}
