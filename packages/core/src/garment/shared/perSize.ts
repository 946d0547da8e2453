import {
  checkNumber,
  isObject,
  numberSchema,
  quote,
  type FieldReader,
  type NumberWish,
} from '../../check/fields.js';
import { orNull, type JsonSchema } from '../../check/recording.js';

/** A style figure: one for all sizes, or one for all with some sizes of their own. */
export type PerSize<T = number> = T | { all: T; sizes: Readonly<Record<string, T>> };

/** An ease: a length in cm, or a share of the body's own measure in per cent. */
export type Ease = number | { percent: number };

/** Whether a figure has sizes of its own. */
function isPerSize<T>(value: PerSize<T>): value is { all: T; sizes: Readonly<Record<string, T>> } {
  return isObject(value) && 'all' in value;
}

/** The figure that holds for a size. */
export function forSize<T>(value: PerSize<T>, size: string): T {
  return isPerSize(value) ? (value.sizes[size] ?? value.all) : value;
}

/** The figure for all sizes, and those of single sizes. */
export function partsOf<T>(value: PerSize<T>): { all: T; sizes: Readonly<Record<string, T>> } {
  return isPerSize(value) ? value : { all: value, sizes: {} };
}

/** Shares that are watched for what they are taken of (`garment/shareBase`). */
const watched = new WeakMap<object, (measure: number) => void>();

/** Tells of what a share is taken whenever it is turned into a length. */
export function watchShare(share: object, tell: (measure: number) => void): void {
  watched.set(share, tell);
}

/** An ease as a length, cm. */
export function easeOver(ease: Ease, measure: number): number {
  if (typeof ease === 'number') return ease;
  watched.get(ease)?.(measure);
  return (measure * ease.percent) / 100;
}

/** Reads a style figure: a number, or `{ "all": 12, "sizes": { "M": 13 } }`. */
export function readPerSize(
  reader: FieldReader,
  key: string,
  wish: NumberWish & { otherwise: number },
): PerSize {
  reader.note(key, perSizeSchema(numberSchema(wish)));
  return readParts(reader, key, wish, wish.otherwise, (value) => checkNumber(value, wish));
}

/** The same, where null or missing is none. */
export function perSizeOrNone(reader: FieldReader, key: string, wish: NumberWish): PerSize | null {
  const { [key]: value } = reader.object;
  const figure =
    value === undefined || value === null ? null : readPerSize(reader, key, { ...wish, otherwise: wish.min });
  reader.note(key, orNull(perSizeSchema(numberSchema(wish))));
  return figure;
}

/** Most and least that an ease in per cent may be. */
const PERCENT = { min: -40, max: 100, unit: '%' };

/** Reads an ease: as `readPerSize`, where each figure may also be `{ "percent": 8 }`. */
export function readEase(
  reader: FieldReader,
  key: string,
  wish: Omit<NumberWish, 'otherwise'> & { otherwise: Ease },
): PerSize<Ease> {
  reader.note(key, easeSchema(wish));
  return readParts<Ease>(reader, key, wish, wish.otherwise, (value) =>
    isObject(value) && 'percent' in value
      ? checkNumber(value['percent'], { ...PERCENT, label: wish.label })
      : checkNumber(value, wish as NumberWish),
  );
}

/** An ease that may be left out: null or missing is none. */
export function easeOrNone(
  reader: FieldReader,
  key: string,
  wish: NumberWish & { otherwise: number },
): PerSize<Ease> | null {
  const { [key]: value } = reader.object;
  const ease = value === undefined || value === null ? null : readEase(reader, key, wish);
  reader.note(key, orNull(easeSchema(wish)));
  return ease;
}

/** One figure, or one for all with some sizes of their own; either may be left out of the object, which has at least one of them. */
function perSizeSchema({ title, description, ...figure }: JsonSchema): JsonSchema {
  const parts = {
    type: 'object',
    properties: { all: figure, sizes: { type: 'object', additionalProperties: figure } },
    anyOf: [{ required: ['all'] }, { required: ['sizes'] }],
  };
  return { title, description, anyOf: [figure, parts] };
}

function easeSchema(wish: Omit<NumberWish, 'otherwise'>): JsonSchema {
  const { title, description, ...length } = numberSchema(wish);
  const share = {
    type: 'object',
    required: ['percent'],
    properties: { percent: { type: 'number', minimum: PERCENT.min, maximum: PERCENT.max } },
  };
  const { anyOf } = perSizeSchema({ anyOf: [length, share] }) as { anyOf: JsonSchema[] };
  // With sizes of its own a figure is these, whatever else the object holds.
  const alone = { ...share, not: { anyOf: [{ required: ['all'] }, { required: ['sizes'] }] } };
  return { title, description, anyOf: [length, alone, anyOf[1]!] };
}

function readParts<T>(
  reader: FieldReader,
  key: string,
  { label }: { label: string },
  otherwise: T,
  check: (value: unknown) => string | null,
): PerSize<T> {
  const value = reader.object[key];
  const one = (found: unknown, path: string): T => {
    if (found === undefined) return otherwise;
    const sentence = check(found);
    if (sentence === null) return found as T;
    reader.problem(path, sentence);
    return otherwise;
  };
  if (!isObject(value) || !('all' in value || 'sizes' in value)) return one(value, key);
  const all = one(value['all'], `${key}.all`);
  const own = value['sizes'];
  if (own !== undefined && !isObject(own)) {
    reader.problem(
      `${key}.sizes`,
      `The sizes' own figures are ${quote(own)}; an object of size and figure belongs here (${label.toLowerCase()}).`,
    );
    return all;
  }
  const sizes: Record<string, T> = {};
  for (const [size, figure] of Object.entries(own ?? {})) sizes[size] = one(figure, `${key}.sizes.${size}`);
  return { all, sizes };
}
