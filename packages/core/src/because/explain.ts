import { ladder, ruleInWords } from '../fabric/counts.js';
import type { Counts, Quantity, Relation } from '../fit/problem.js';
import { breaksWish, costOf } from '../fit/problem.js';
import { cm, figure, say, type Phrase } from '../text/phrase.js';
import type { Reason } from './reason.js';

interface Explained extends Quantity {
  axis: 'stitches' | 'rows';
  fabric: { id: string; name: string };
  because: readonly Reason[];
}

/**
 * The whole chain for one fitted count: how its length came about (from the draft), the gauge, the rule with its
 * neighbours, and the seams that the count has to meet.
 *
 * @param quantity the drafted quantity
 * @param counts all counts of the size
 * @param relations the relations of the size
 * @param pinned whether the user holds this count
 */
export function explain(
  quantity: Explained,
  counts: Counts,
  relations: readonly Relation[],
  pinned: boolean,
): Reason[] {
  const { perCm, target, rule, axis } = quantity;
  const count = counts[quantity.id]!;
  const actual = count / perCm;
  const reasons: Reason[] = [...quantity.because];
  reasons.push({
    label: say`${quantity.fabric.name}, ${figure(perCm * 10, 3)} ${axis} in ${cm(10)}`,
    figure: say`× ${figure(perCm, 3)} = ${figure(target * perCm, 2)}`,
    from: { kind: 'fabric', id: quantity.fabric.id },
  });
  if (pinned) {
    reasons.push({
      label: say`Held by you`,
      figure: say`${count}`,
      note: say`${cm(actual)}, ${missInWords(actual - target)}`,
    });
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
    const alternative = other ? say`; ${other.count} would be ${missInWords(other.over)}` : say``;
    reasons.push({
      label: say`${capital(ruleInWords(rule))}, ${best.count === count ? wish : 'as the seams allow'}`,
      figure: say`${count}`,
      note: say`${cm(actual)}, ${missInWords(actual - target)}${alternative}`,
    });
    if (best.count !== count && costOf(quantity, best.count) < costOf(quantity, count) - 1e-9)
      reasons.push({
        label: say`Alone it would be ${best.count}`,
        figure: say`${count}`,
        note: breaksWish(quantity, count)
          ? say`a seam or a neighbouring size decides, so the wish “${quantity.rounding}” is given up here`
          : say`a seam or a neighbouring size decides`,
      });
  }
  for (const relation of relations)
    if (relation.terms.some(({ of }) => of === quantity.id)) {
      const partner = relation.terms.find(({ of }) => of !== quantity.id);
      const sentence = relation.says(counts);
      if (sentence.length === 0) continue;
      reasons.push({
        label: sentence,
        figure: say``,
        ...(partner ? { from: { kind: 'quantity' as const, id: partner.of } } : {}),
      });
    }
  return reasons;
}

/** "0.2 cm under the length wanted", "exactly as wanted". */
export function missInWords(over: number): Phrase {
  if (Math.abs(over) < 0.005) return say`exactly as wanted`;
  return say`${cm(Math.abs(over))} ${over > 0 ? 'over' : 'under'}`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
