/** Lengths as patterns print them: in halves of a centimetre and quarters of an inch, whole where whole (common practice). */

import { CM_PER_INCH, type Units } from '../units/length.js';
import { figure } from '../text/phrase.js';
import { line, NONE, type Line } from './line.js';

/** What lengths are written in: one unit, or both beside each other. */
export type WrittenUnits = Units | 'both';

/** Parts of a unit that are printed. */
const PARTS: Record<Units, readonly string[]> = { cm: ['', '½'], in: ['', '¼', '½', '¾'] };

/** The units that a wish names, in the order in which they are written. */
export function unitsOf(units: WrittenUnits): readonly Units[] {
  return units === 'both' ? ['cm', 'in'] : [units];
}

/**
 * "97½", "34¾": a length to the nearest half of a centimetre or quarter of an inch; what is shorter than that to a tenth.
 *
 * @param cm the length, in cm
 */
export function printedLength(cm: number, units: Units): string {
  const length = units === 'cm' ? cm : cm / CM_PER_INCH;
  const parts = PARTS[units];
  const rounded = Math.round(length * parts.length);
  if (rounded === 0) return figure(length, 1);
  const whole = Math.floor(rounded / parts.length);
  return `${whole > 0 ? whole : ''}${parts[rounded % parts.length]!}`;
}

/** The other way of `printedLength`, in cm; NaN for what is no length. */
export function readPrinted(text: string, units: Units): number {
  const found = /^(\d+(?:\.\d)?)?([¼½¾])?$/.exec(text);
  if (!found || text === '') return NaN;
  const parts = Number({ '¼': 0.25, '½': 0.5, '¾': 0.75 }[found[2] ?? ''] ?? 0);
  return (Number(found[1] ?? 0) + parts) * (units === 'cm' ? 1 : CM_PER_INCH);
}

/** What printing may take off a length, cm: half of what is printed, and a little for sums. */
const ROUNDED: Record<Units, number> = { cm: 0.26, in: 0.33 };

/** Whether a text is what a length in cm comes to in print. */
export function isPrinted(cm: number, text: string, units: Units): boolean {
  return Math.abs(readPrinted(text, units) - cm) <= ROUNDED[units];
}

/** Whether a text says a length in cm, in one unit or in both: "32½ cm = 12¾ in". */
export function saysLength(text: string, cm: number): boolean {
  return text.split(' = ').every((one) => {
    const [, figure, unit] = /^(\S+) (cm|in)$/.exec(one) ?? [];
    return figure !== undefined && isPrinted(cm, figure, unit as Units);
  });
}

/** Lengths of all sizes in the units wanted: "88 (96) cm = 34½ (37¾) in"; a dash where a size has none. */
export function lengthsOf(lengths: readonly (number | null)[], units: WrittenUnits): Line {
  return unitsOf(units).flatMap((unit, i): Line => [
    ...(i > 0 ? [' = '] : []),
    ...line`${lengths.map((cm) => (cm === null ? NONE : printedLength(cm, unit)))} ${unit}`,
  ]);
}

/**
 * Length of the rows of a piece up to row `n`, cm.
 *
 * @param sections its fabrics, each from a row on, with rows for each cm
 */
export function lengthOfRows(sections: readonly { first: number; rows: number }[], n: number): number {
  return sections.reduce((sum, { first, rows }, i) => {
    const end = Math.min(n, (sections[i + 1]?.first ?? Infinity) - 1);
    return sum + Math.max(0, end - first + 1) / rows;
  }, 0);
}
