import { formatLength, type Units } from '../units/length.js';

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
export type Part = string | LengthPart;
export type Phrase = readonly Part[];

/** A length in cm as a part of a phrase. */
export function cm(value: number, how: { sign?: boolean; bare?: boolean } = {}): LengthPart {
  return { cm: value, ...how };
}

/** Template tag that builds a phrase from text, counts, lengths and other phrases. */
export function say(strings: TemplateStringsArray, ...values: readonly (Part | Phrase | number)[]): Phrase {
  const parts: Part[] = [];
  for (let i = 0; i < strings.length; i += 1) {
    if (strings[i] !== '') parts.push(strings[i]!);
    const value = values[i];
    if (value === undefined) continue;
    if (typeof value === 'number') parts.push(String(value));
    else if (typeof value === 'string' || 'cm' in value) parts.push(value as Part);
    else for (const part of value as Phrase) parts.push(part);
  }
  return parts;
}

/** The phrase as text in the reader's units. */
export function inWords(phrase: Phrase, units: Units): string {
  return phrase
    .map((part) =>
      typeof part === 'string'
        ? part
        : formatLength(part.cm, units, { sign: part.sign ?? false, unit: !part.bare }),
    )
    .join('');
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
