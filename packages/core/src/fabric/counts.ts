import type { CountRule } from './fabric.js';

/** Whether a count obeys the rule and is at least one. */
export function isLegal(count: number, rule: CountRule): boolean {
  return (
    Number.isInteger(count) && count > 0 && count >= rule.plus && (count - rule.plus) % rule.multiple === 0
  );
}

/** The largest legal count that is not over `limit`; null when even the smallest is over. */
export function legalAtMost(limit: number, rule: CountRule): number | null {
  const count = Math.floor((limit - rule.plus) / rule.multiple + 1e-9) * rule.multiple + rule.plus;
  const smallest = smallestLegal(rule);
  return count < smallest ? null : count;
}

/** The smallest legal count that is not under `limit`. */
export function legalAtLeast(limit: number, rule: CountRule): number {
  const count = Math.ceil((limit - rule.plus) / rule.multiple - 1e-9) * rule.multiple + rule.plus;
  return Math.max(count, smallestLegal(rule));
}

function smallestLegal({ multiple, plus }: CountRule): number {
  return plus > 0 ? plus : multiple;
}

/** One step of the ladder: a legal count near a length. */
export interface Rung {
  count: number;
  cm: number;
  /** How much the count measures over (+) or under (-) the target, cm. */
  over: number;
}

/**
 * The legal counts around a length, rising.
 *
 * @param target the length wanted, cm
 * @param countsPerCm the gauge along the axis
 * @param rule which counts are legal
 * @param around how many rungs on each side of the target
 */
export function ladder(target: number, countsPerCm: number, rule: CountRule, around: number): Rung[] {
  const rungs: Rung[] = [];
  const lowest = legalAtLeast(target * countsPerCm, rule);
  for (let step = -around; step < around; step += 1) {
    const count = lowest + step * rule.multiple;
    if (!isLegal(count, rule)) continue;
    rungs.push({ count, cm: count / countsPerCm, over: count / countsPerCm - target });
  }
  return rungs;
}

/** The rule in words: "a multiple of 4 plus 2", "an even number", "an odd number", "any number", "any number from 150 up". */
export function ruleInWords({ multiple, plus }: CountRule): string {
  if (multiple <= 2) {
    const kind = multiple === 1 ? 'any' : plus % 2 === 0 ? 'an even' : 'an odd';
    // A count of one or two more is no limit that anyone would meet.
    return `${kind} number${plus > multiple + 1 ? ` from ${plus} up` : ''}`;
  }
  return plus === 0 ? `a multiple of ${multiple}` : `a multiple of ${multiple} plus ${plus}`;
}

/** Whether a count can be worked under a rule, and the nearest counts that can. */
export interface RuleTest {
  works: boolean;
  /** The nearest legal count below and above; the same as the count where it works. */
  below: number | null;
  above: number;
}

/** Tests one count against a rule. */
export function testCount(count: number, rule: CountRule): RuleTest {
  return { works: isLegal(count, rule), below: legalAtMost(count, rule), above: legalAtLeast(count, rule) };
}
