import { tidy } from '../units/length.js';

/** Ways to fill a measurement from one size on. */
export type FillWay =
  /** So many cm more for each size. */
  | { by: 'step'; step: number }
  /** So many cm more for each cm that the bust grows. */
  | { by: 'slope'; slope: number }
  /** In even steps up to the last size's own figure. */
  | { by: 'ends' };

/**
 * Figures of a measurement filled from the first size on; the first keeps its own.
 *
 * @param values the figures as they are, cm; the first must be there, for "ends" the last too
 * @param busts the bust of each size, cm, for the slope
 * @returns the figures, or a sentence that says what is missing
 */
export function fill(
  values: readonly (number | undefined)[],
  busts: readonly number[],
  way: FillWay,
): { ok: true; values: number[] } | { ok: false; message: string } {
  const first = values[0];
  const last = values.at(-1);
  if (first === undefined)
    return { ok: false, message: 'The first of the chosen sizes has no figure to begin from; type one.' };
  if (way.by === 'ends') {
    if (last === undefined || values.length < 2)
      return { ok: false, message: 'The last of the chosen sizes has no figure to end with; type one.' };
    return {
      ok: true,
      values: values.map((_, i) => tidy(first + ((last - first) * i) / (values.length - 1))),
    };
  }
  const grown = (i: number) => (way.by === 'step' ? way.step * i : way.slope * (busts[i]! - busts[0]!));
  return { ok: true, values: values.map((_, i) => tidy(first + grown(i))) };
}
