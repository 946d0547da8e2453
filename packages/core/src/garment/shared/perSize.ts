import { checkNumber, isObject, quote, type FieldReader, type NumberWish } from '../../check/fields.js';

/** A style figure: one for all sizes, or one for all with some sizes of their own. */
export type PerSize = number | { all: number; sizes: Readonly<Record<string, number>> };

/** The figure that holds for a size. */
export function forSize(value: PerSize, size: string): number {
  return typeof value === 'number' ? value : (value.sizes[size] ?? value.all);
}

/** Reads a style figure: a number, or `{ "all": 12, "sizes": { "M": 13 } }`. */
export function readPerSize(
  reader: FieldReader,
  key: string,
  wish: NumberWish & { otherwise: number },
): PerSize {
  const value = reader.object[key];
  if (!isObject(value)) return reader.number(key, wish);
  const inner = reader.inside(key, wish.label, false)!;
  const all = inner.number('all', wish);
  const sizes: Record<string, number> = {};
  if (value['sizes'] !== undefined && !isObject(value['sizes'])) {
    inner.problem(
      'sizes',
      `The sizes' own figures are ${quote(value['sizes'])}; an object of size and figure belongs here.`,
    );
    return all;
  }
  for (const [size, figure] of Object.entries(value['sizes'] ?? {})) {
    const sentence = checkNumber(figure, wish);
    if (sentence) inner.problem(`sizes.${size}`, sentence);
    else sizes[size] = figure as number;
  }
  return { all, sizes };
}
