import { checkNumber, isObject, quote, type FieldReader, type NumberWish } from '../../check/fields.js';

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

/** An ease as a length, cm. */
export function easeOver(ease: Ease, measure: number): number {
  return typeof ease === 'number' ? ease : (measure * ease.percent) / 100;
}

/** Reads a style figure: a number, or `{ "all": 12, "sizes": { "M": 13 } }`. */
export function readPerSize(
  reader: FieldReader,
  key: string,
  wish: NumberWish & { otherwise: number },
): PerSize {
  return readParts(reader, key, wish, wish.otherwise, (value) => checkNumber(value, wish));
}

/** Most and least that an ease in per cent may be. */
const PERCENT = { min: -40, max: 100, unit: '%' };

/** Reads an ease: as `readPerSize`, where each figure may also be `{ "percent": 8 }`. */
export function readEase(
  reader: FieldReader,
  key: string,
  wish: NumberWish & { otherwise: number },
): PerSize<Ease> {
  return readParts<Ease>(reader, key, wish, wish.otherwise, (value) =>
    isObject(value) && 'percent' in value
      ? checkNumber(value['percent'], { ...PERCENT, label: wish.label })
      : checkNumber(value, wish),
  );
}

/** An ease that may be left out: null or missing is none. */
export function easeOrNone(
  reader: FieldReader,
  key: string,
  wish: NumberWish & { otherwise: number },
): PerSize<Ease> | null {
  return reader.object[key] === undefined || reader.object[key] === null ? null : readEase(reader, key, wish);
}

function readParts<T>(
  reader: FieldReader,
  key: string,
  { label }: NumberWish,
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
