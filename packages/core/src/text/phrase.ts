import { CM_PER_INCH, formatLength, type Units } from '../units/length.js';
import { afterFigure } from './singular.js';

/**
 * Sentences that carry lengths. A reason or a note is made once, where its number is made, and read later in cm or
 * in inches; so lengths inside a sentence stay numbers until it is said.
 */
export interface LengthPart {
  cm: number;
  sign?: boolean;
  /** Without the unit's name, for columns of figures. */
  bare?: boolean;
}
/** Counts for each cm, said for each cm or for each inch. */
export interface RatePart {
  perCm: number;
}
/** The length that something was counted over: said as it was measured, and in the reader's units where they are others. */
export interface SpanPart {
  over: number;
}
export type Part = string | LengthPart | RatePart | SpanPart;
export type Phrase = readonly Part[];

/** A length in cm as a part of a phrase. */
export function cm(value: number, how: { sign?: boolean; bare?: boolean } = {}): LengthPart {
  return { cm: value, ...how };
}

/** Counts for each cm as a part of a phrase. */
export function rate(perCm: number): RatePart {
  return { perCm };
}

/** A length counted over, in cm, as a part of a phrase. */
export function span(over: number): SpanPart {
  return { over };
}

/** Template tag that builds a phrase from text, counts, lengths and other phrases. */
export function say(strings: TemplateStringsArray, ...values: readonly (Part | Phrase | number)[]): Phrase {
  const parts: Part[] = [];
  for (let i = 0; i < strings.length; i += 1) {
    const before = parts.at(-1);
    const text = typeof before === 'string' ? afterFigure(before, strings[i]!) : strings[i]!;
    if (text !== '') parts.push(text);
    const value = values[i];
    if (value === undefined) continue;
    if (typeof value === 'number') parts.push(String(value));
    else if (isPhrase(value)) parts.push(...value);
    else parts.push(value);
  }
  return parts;
}

function isPhrase(value: Part | Phrase): value is Phrase {
  return Array.isArray(value);
}

/**
 * The phrase as text in the reader's units.
 *
 * @param how `precise`: lengths as exactly as they are worked with, so that sums can be worked again
 */
export function inWords(phrase: Phrase, units: Units, how: { precise?: boolean } = {}): string {
  return phrase
    .map((part) => {
      if (typeof part === 'string') return part;
      if ('perCm' in part) return figure(units === 'in' ? part.perCm * CM_PER_INCH : part.perCm, 4);
      if ('over' in part) return spanInWords(part.over, units);
      return formatLength(part.cm, units, { ...part, ...how, unit: !part.bare });
    })
    .join('');
}

/** "10 cm", "4 in"; "3.94 in (10 cm)" where a whole number of the other unit was counted over. */
function spanInWords(over: number, units: Units): string {
  const whole = (length: number) => Math.abs(length - Math.round(length)) < 1e-6;
  const [own, other] = units === 'cm' ? [over, over / CM_PER_INCH] : [over / CM_PER_INCH, over];
  const text = `${figure(own, 3)} ${units}`;
  return whole(own) || !whole(other) ? text : `${text} (${figure(other, 3)} ${units === 'cm' ? 'in' : 'cm'})`;
}

/** A plain decimal for figures in sentences: at most `digits` decimals, no trailing zeros. */
export function figure(value: number, digits = 2): string {
  const scale = 10 ** digits;
  return String(Math.round(value * scale) / scale);
}

/** "2nd", "3rd", "4th", "11th" ... */
export function ordinal(n: number): string {
  const tail = n % 100;
  const ending = tail >= 11 && tail <= 13 ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th');
  return `${n}${ending}`;
}
