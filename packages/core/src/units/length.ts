/**
 * Lengths. Inside the program every length is a number of centimetres; people read and type centimetres or
 * inches. Inches are shown in eighths because that is what a tape shows.
 */

/** Exact by definition (international yard and pound agreement, 1959). */
export const CM_PER_INCH = 2.54;

export type Units = 'cm' | 'in';

/** The length over which a gauge is given: 10 cm, or 4 in, in cm. */
export const GAUGE_OVER: Record<Units, number> = { cm: 10, in: 4 * CM_PER_INCH };

export const GAUGE_OVER_IN_WORDS: Record<Units, string> = { cm: '10 cm', in: '4 in' };

/** Either a length in cm, or a sentence that says what is wrong and what would be right. */
export type ParsedLength = { ok: true; cm: number } | { ok: false; message: string };

const FRACTIONS: Record<string, string> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};

const UNIT_CM: Record<string, number> = {
  cm: 1,
  mm: 0.1,
  m: 100,
  in: CM_PER_INCH,
  inch: CM_PER_INCH,
  inches: CM_PER_INCH,
  '"': CM_PER_INCH,
  '″': CM_PER_INCH,
  '”': CM_PER_INCH,
};

const NUMBER = /^([+-]?)(?:(\d+(?:[.,]\d+)?)(?:[ -]+(\d+)\/(\d+))?|(\d+)\/(\d+)|([.,]\d+))$/;

/**
 * Reads a length as people type it: "42", "42,5 cm", "16 1/2 in", `16½"`, "-5 cm".
 *
 * @param text what was typed
 * @param units the unit of a bare number
 * @returns the length in cm, or a sentence
 */
export function parseLength(text: string, units: Units): ParsedLength {
  const example = units === 'cm' ? '42 or 42,5 cm' : '16 1/2 or 16.5 in';
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/−/g, '-')
    .replace(/[¼½¾⅛⅜⅝⅞⅓⅔]/g, (sign) => ` ${FRACTIONS[sign] ?? ''}`)
    .trim();
  if (plain === '') return { ok: false, message: `A length is missing here; type one like ${example}.` };
  const unitMatch = /(cm|mm|m|inches|inch|in|["″”])\.?$/.exec(plain);
  const body = (unitMatch ? plain.slice(0, unitMatch.index) : plain).trim().replace(/^([+-])\s+/, '$1');
  const match = NUMBER.exec(body);
  if (!match) return { ok: false, message: `“${text.trim()}” is not a length; type one like ${example}.` };
  const [, sign, whole, top, bottom, topOnly, bottomOnly, decimals] = match;
  const denominator = Number(bottom ?? bottomOnly ?? 1);
  if (denominator === 0)
    return { ok: false, message: `“${text.trim()}” divides by nothing; type one like ${example}.` };
  const size =
    Number((whole ?? decimals ?? '0').replace(',', '.')) + Number(top ?? topOnly ?? 0) / denominator;
  const scale = unitMatch ? UNIT_CM[unitMatch[1] ?? ''] : units === 'cm' ? 1 : CM_PER_INCH;
  return { ok: true, cm: (sign === '-' ? -1 : 1) * size * (scale ?? 1) };
}

/** A length in cm as a whole number of eighths of an inch, to the nearest. */
export function toEighths(cm: number): number {
  return Math.round((cm / CM_PER_INCH) * 8);
}

function inchesInWords(cm: number): string {
  const eighths = Math.abs(toEighths(cm));
  const whole = Math.floor(eighths / 8);
  const rest = eighths % 8;
  if (rest === 0) return String(whole);
  const divisor = rest % 4 === 0 ? 4 : rest % 2 === 0 ? 2 : 1;
  const fraction = `${rest / divisor}/${8 / divisor}`;
  return whole === 0 ? fraction : `${whole} ${fraction}`;
}

export interface LengthFormat {
  /** Writes + or − always. */
  sign?: boolean;
  /** Adds the unit's name. */
  unit?: boolean;
  /** For sums that are worked again by hand: to a hundredth, unless it is an eighth of an inch or a millimetre. */
  precise?: boolean;
}

/** Less than this from an eighth it is one, in. */
const AN_EIGHTH = 0.002;

function exactly(cm: number, units: Units): string {
  if (units === 'cm') {
    const fixed = Math.abs(tidy(cm)).toFixed(2);
    return fixed.endsWith('0') ? fixed.slice(0, -1) : fixed;
  }
  const inches = Math.abs(cm) / CM_PER_INCH;
  return Math.abs(inches * 8 - Math.round(inches * 8)) < 8 * AN_EIGHTH
    ? inchesInWords(cm)
    : inches.toFixed(2);
}

/** A length for a person to read: cm to one decimal, inches to the nearest eighth; with `precise` as exactly as it is worked with. */
export function formatLength(cm: number, units: Units, how: LengthFormat = {}): string {
  const rounded = units === 'cm' ? (Math.round(Math.abs(cm) * 10) / 10).toFixed(1) : inchesInWords(cm);
  const size = how.precise ? exactly(cm, units) : rounded;
  const isZero = Number(size) === 0;
  const sign = cm < 0 && !isZero ? '−' : how.sign && !isZero ? '+' : '';
  return `${sign}${size}${how.unit ? ` ${units}` : ''}`;
}

/** Lengths are kept to a tenth of a millimetre: finer than any tape, coarse enough that equal targets are equal. */
export function tidy(cm: number): number {
  const rounded = Math.round(cm * 100) / 100;
  return rounded === 0 ? 0 : rounded;
}
