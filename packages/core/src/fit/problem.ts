import type { CountRule } from '../fabric/fabric.js';
import type { Phrase } from '../text/phrase.js';
import type { CountReader, Counts } from './counts.js';

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

/**
 * An unknown count without a length of its own, such as the number of shaping rows or which of several ways is taken: it
 * only makes relations whole.
 */
export interface HelperCount {
  id: string;
  min: number;
  max: number;
  /** What each value from `min` on costs, cm; nothing where it is left out. */
  costs?: readonly number[];
}

export interface Term {
  of: string;
  times: number;
}

/**
 * sum of times x count = total ("equal"), <= total ("at most") or >= total ("at least"). Equal relations have
 * whole-number terms.
 */
export interface Relation {
  id: string;
  /** The rule of the trade that it stands for; relations of one rule share it: "the sleeve's top goes along the armhole". */
  rule: string;
  kind: 'equal' | 'at most' | 'at least';
  terms: readonly Term[];
  total: number;
  /** The seam that it is of, which may be given up so that the rest can be seen: "armhole.seam". */
  seam?: string;
  /** Holds only where this choice (a helper) has this value. */
  when?: { choice: string; is: number };
  /** The relation in the trade's words, with the counts that were found; empty where another relation says it. */
  says: (counts: CountReader) => Phrase;
}

/** The integer problem of one size. */
export interface Problem {
  quantities: readonly Quantity[];
  helpers: readonly HelperCount[];
  relations: readonly Relation[];
}

/**
 * What breaking a rounding wish costs, cm. More than a seam that is eased in shifts a count by, so that a wish is kept where that is
 * cheap; less than a repeat of a wide stitch pattern, so that no piece misses its width by one for a wish.
 */
export const WISH_COST = 2;

/** A tenth of a stitch or row, and a millimetre: within both a count is as wanted, whatever its length is on paper. */
const HAIR = { counts: 0.1, cm: 0.1 };

const EPSILON = 1e-9;

/** How far a count may measure from its target and still be as wanted, cm. */
export function asWanted(perCm: number): number {
  return Math.min(HAIR.counts / perCm, HAIR.cm) + EPSILON;
}

/** Whether a count breaks the quantity's rounding wish. */
export function breaksWish({ rounding, target, perCm }: Quantity, count: number): boolean {
  const over = count / perCm - target;
  if (rounding === 'not over') return over > asWanted(perCm);
  if (rounding === 'not under') return over < -asWanted(perCm);
  return false;
}

/** The cost of a count: weighted distance from the target in cm, and the wish where it is broken. */
export function costOf(quantity: Quantity, count: number): number {
  const over = count / quantity.perCm - quantity.target;
  const distance = quantity.weight * Math.abs(over);
  return breaksWish(quantity, count) ? distance + WISH_COST : distance;
}

/** The cost of all counts of a problem, cm. */
export function costOfCounts(
  { quantities, helpers }: Pick<Problem, 'quantities' | 'helpers'>,
  counts: Counts,
): number {
  const ofQuantities = quantities.reduce((sum, quantity) => sum + costOf(quantity, counts[quantity.id]!), 0);
  return helpers.reduce((sum, { id, min, costs }) => sum + (costs?.[counts[id]! - min] ?? 0), ofQuantities);
}

/** Whether counts obey a relation. */
export function holds({ kind, terms, total, when }: Relation, counts: Counts): boolean {
  if (when && counts[when.choice] !== when.is) return true;
  const sum = terms.reduce((all, { of, times }) => all + times * counts[of]!, 0);
  if (kind === 'equal') return Math.abs(sum - total) < 1e-6;
  return kind === 'at most' ? sum <= total + 1e-6 : sum >= total - 1e-6;
}
