import type { Design } from './design.js';
import type { Plan } from './plan.js';
import { provePattern, type Proof } from './read/pattern.js';
import { pattern, type PatternWish } from './write/pattern.js';
import { styleOf } from './write/style.js';
import { fromTerms } from './write/terms.js';
import { patternToText } from './write/text.js';

/**
 * The pattern of a plan as text, and what reading that very text back comes to. Sizes that could not be planned are in neither.
 *
 * @param wish terms, units, and one size or all
 * @throws RangeError when the wanted size is not in the plan
 */
export function provenText(plan: Plan, design: Design, wish: PatternWish): { text: string; proof: Proof } {
  const style = styleOf(design, wish.style);
  const text = patternToText(pattern(plan, design, wish));
  const sizes = plan.sizes.filter(
    ({ id, pieces }) => pieces.length > 0 && (wish.size === undefined || wish.size === id),
  );
  return {
    text,
    proof: provePattern(fromTerms(text, wish.terms ?? style.terms), sizes, style, design),
  };
}
