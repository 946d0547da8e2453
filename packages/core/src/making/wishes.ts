import { legalAtLeast, legalAtMost } from '../fabric/counts.js';
import type { Axis } from '../fabric/fabric.js';
import type { Settled } from './refit.js';
import type { Standing } from './wish.js';

/** A count that the maker may wish otherwise. Lengths in cm. */
export interface ChangeWish {
  quantity: string;
  label: string;
  axis: Axis;
  count: number;
  actual: number;
  perCm: number;
  /** What is counted. */
  unit: string;
  /** The next counts up and down that its fabric allows. */
  more: number;
  less: number;
  /** The piece that it is of; null where it is of several, or of none. */
  piece: string | null;
  /** Rows worked have settled it: they would have to be pulled back. */
  isSettled: boolean;
  /** Rows of it that are worked. */
  worked: number;
}

/** The counts of a making that may be wished otherwise, in the order of its pieces. */
export function changeWishes({ plan }: Standing, settled: Settled): ChangeWish[] {
  const pieceOf = (quantity: string) => {
    const own = plan.pieces.filter(
      ({ expects, height }) => height.includes(quantity) || expects.some((one) => one.quantity === quantity),
    );
    return own.length > 0 ? own[0]!.id : null;
  };
  const order = new Map(plan.pieces.map(({ id }, i) => [id, i]));
  return plan.quantities
    .map(({ id, label, axis, count, actual, perCm, rule, unit }): ChangeWish => ({
      quantity: id,
      label,
      axis,
      count,
      actual,
      perCm,
      unit: unit?.many ?? axis,
      more: legalAtLeast(count + 1, rule),
      less: legalAtMost(count - 1, rule) ?? 0,
      piece: pieceOf(id),
      isSettled: settled.counts.has(id),
      worked: axis === 'rows' ? (settled.rows.get(id) ?? 0) : 0,
    }))
    .sort((a, b) => (order.get(a.piece ?? '') ?? 99) - (order.get(b.piece ?? '') ?? 99));
}
