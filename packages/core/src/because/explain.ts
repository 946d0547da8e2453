import { countReader } from '../fit/counts.js';
import { ladder, ruleInWords } from '../fabric/counts.js';
import { asWanted, breaksWish, costOf } from '../fit/problem.js';
import { cm, figure, rate, say, span, type Phrase } from '../text/phrase.js';
import type { Counted, Explained } from './counted.js';
import { deciders } from './deciders.js';
import type { Reason } from './reason.js';

/**
 * The whole chain for one fitted count: how its length came about (from the draft), the gauge, the rule with its
 * neighbours, what decides where the nearest count is not taken, and the seams that the count has to meet.
 *
 * @param quantity the drafted quantity
 * @param counted all counts of the size, and what holds them
 * @param pinned whether the user holds this count
 */
export function explain(quantity: Explained, counted: Counted, pinned: boolean): Reason[] {
  const { perCm, target, rule, axis, fabric, unit } = quantity;
  const { counts, relations } = counted;
  const count = counts[quantity.id]!;
  const actual = count / perCm;
  const miss = missInWords(actual - target, perCm);
  const reasons: Reason[] = [...quantity.because];
  const [many, over] =
    axis === 'stitches'
      ? [fabric.gauge.stitches, fabric.gauge.stitchesOver]
      : [fabric.gauge.rows, fabric.gauge.rowsOver];
  reasons.push({
    label: unit
      ? say`A ${unit.one} with its join: 1 ${unit.many} in ${span(1 / perCm)}`
      : say`${fabric.name}, ${figure(many, 3)} ${axis} in ${span(over)}`,
    figure: say`× ${rate(perCm)} = ${figure(target * perCm, 2)}`,
    from: { kind: 'fabric', id: fabric.id },
  });
  if (pinned) {
    reasons.push({ label: say`Held by you`, figure: say`${count}`, note: say`${cm(actual)}, ${miss}` });
  } else {
    const near = ladder(target, perCm, rule, 2).filter((rung) => rung.count >= quantity.min);
    const best = near.reduce(
      (a, b) => (costOf(quantity, b.count) < costOf(quantity, a.count) - 1e-9 ? b : a),
      near[0] ?? { count, cm: actual, over: 0 },
    );
    const other = near
      .filter((rung) => rung.count !== count)
      .sort((a, b) => Math.abs(a.over) - Math.abs(b.over))[0];
    const wish = quantity.rounding === 'nearest' ? 'the nearest' : `the nearest ${quantity.rounding}`;
    const alternative = other ? say`; ${other.count} would be ${missInWords(other.over, perCm)}` : say``;
    reasons.push({
      label: say`${capital(ruleInWords(rule))}, ${best.count === count ? wish : 'as the seams allow'}`,
      figure: say`${count}`,
      note: say`${cm(actual)}, ${miss}${alternative}`,
    });
    if (best.count !== count && costOf(quantity, best.count) < costOf(quantity, count) - 1e-9) {
      const { says, from } = deciders(quantity.id, best.count, counted);
      reasons.push({
        label: say`Alone it would be ${best.count}`,
        figure: say`${count}`,
        note: breaksWish(quantity, count)
          ? say`${says}; so the wish “${quantity.rounding}” is given up here`
          : says,
        ...(from === undefined ? {} : { from: { kind: 'quantity', id: from } }),
      });
    }
  }
  const reader = countReader(counts);
  for (const relation of relations)
    if (relation.terms.some(({ of }) => of === quantity.id)) {
      const partner = relation.terms.find(({ of }) => of !== quantity.id);
      const sentence = relation.says(reader);
      if (sentence.length === 0) continue;
      reasons.push({
        label: sentence,
        figure: say``,
        ...(partner ? { from: { kind: 'quantity' as const, id: partner.of } } : {}),
      });
    }
  return reasons;
}

/** "0.2 cm under"; "as wanted" where it is within a hair. */
function missInWords(over: number, perCm: number): Phrase {
  if (Math.abs(over) < 0.005) return say`exactly as wanted`;
  if (Math.abs(over) <= asWanted(perCm)) return say`as wanted`;
  return say`${cm(Math.abs(over))} ${over > 0 ? 'over' : 'under'}`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
