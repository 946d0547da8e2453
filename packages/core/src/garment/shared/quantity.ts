import type { Reason } from '../../because/reason.js';
import { ANY_COUNT, type Axis, type CountRule, type Fabric } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import type { OwnUnit } from '../../fabric/units.js';
import type { Rounding } from '../../fit/problem.js';
import { cm, figure, say, type Phrase } from '../../text/phrase.js';
import { tidy } from '../../units/length.js';
import type { DraftQuantity } from '../construction.js';
import { easeOver, type Ease } from '../../fields/perSize.js';
import type { CountId } from '../counts.js';

interface QuantityWish {
  id: CountId;
  label: string;
  fabric: Fabric;
  axis: Axis;
  /** Length wanted, cm. */
  target: number;
  weight: number;
  because: readonly Reason[];
  rule?: CountRule;
  rounding?: Rounding;
  min?: number;
  /** Counted in a unit of its own, each so long, cm. */
  each?: OwnUnit & { length: number };
}

/** Drafts a quantity; counts up to well beyond any sensible pin are considered. */
export function quantity(wish: QuantityWish): DraftQuantity {
  const countsPerCm = wish.each ? 1 / wish.each.length : perCm(wish.fabric.gauge, wish.axis);
  const target = tidy(wish.target);
  return {
    id: wish.id,
    label: wish.label,
    fabric: wish.fabric,
    axis: wish.axis,
    perCm: countsPerCm,
    target,
    weight: wish.weight,
    rule: wish.rule ?? ANY_COUNT,
    rounding: wish.rounding ?? 'nearest',
    min: wish.min ?? 1,
    max:
      Math.ceil((target * 1.8 + 20) * countsPerCm) + 2 * (wish.rule?.multiple ?? 1) + (wish.rule?.plus ?? 0),
    because: wish.because,
    ...(wish.each ? { unit: { one: wish.each.one, many: wish.each.many } } : {}),
  };
}

/** A step that starts from a length. */
export function given(label: Phrase | string, value: number, from?: Reason['from'], note?: Phrase): Reason {
  return {
    label: typeof label === 'string' ? say`${label}` : label,
    figure: say`${cm(value)}`,
    ...(from ? { from } : {}),
    ...(note ? { note } : {}),
  };
}

/** A step that adds to (or takes from) the length so far and shows where it stands. */
export function plus(label: Phrase | string, change: number, sum: number, from?: Reason['from']): Reason {
  return {
    label: typeof label === 'string' ? say`${label}` : label,
    figure: say`${cm(change, { sign: true })} = ${cm(sum)}`,
    ...(from ? { from } : {}),
  };
}

/** A step that ends in a length by some other operation, shown as written ("÷ 2"). */
export function becomes(label: string, how: string, sum: number, note?: Phrase): Reason {
  return { label: say`${label}`, figure: say`${how} = ${cm(sum)}`, ...(note ? { note } : {}) };
}

/** A step that adds an ease to a measure (or to a longer length of which it is the measure); a share says of what. */
export function eased(
  label: string,
  ease: Ease,
  measure: number,
  from?: Reason['from'],
  base = measure,
): Reason {
  const change = easeOver(ease, measure);
  const step = plus(label, change, base + change, from);
  return typeof ease === 'number'
    ? step
    : { ...step, note: say`${figure(ease.percent, 1)} % of ${cm(measure)}` };
}

/** A length of its own, or a share of a longer one, with the steps to it. */
export function shareOf(
  wish: Ease,
  label: string,
  whole: { length: number; label: string; from: Reason['from'] },
  from: Reason['from'],
): { length: number; reasons: Reason[] } {
  const length = easeOver(wish, whole.length);
  if (typeof wish === 'number') return { length, reasons: [given(say`${label} wanted`, length, from)] };
  const step = becomes(label, `× ${figure(wish.percent, 1)} %`, length);
  return {
    length,
    reasons: [given(whole.label, whole.length, whole.from), { ...step, ...(from ? { from } : {}) }],
  };
}

/** A step that takes off a length what the fabric gains in wear; none where it gains nothing. */
export function shrunk(growth: number, length: number): { length: number; reasons: Reason[] } {
  if (growth === 0) return { length, reasons: [] };
  const finished = length / (1 + growth);
  const reason = becomes(
    'The fabric grows in wear',
    `÷ ${figure(1 + growth, 3)}`,
    finished,
    say`${figure(growth * 100, 1)} % longer when worn, so ${cm(finished)} finished hangs ${cm(length)}`,
  );
  return { length: finished, reasons: [reason] };
}
