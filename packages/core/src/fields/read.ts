import { checkNumber, FieldReader, isObject, quote, type NumberWish } from '../check/fields.js';
import type { Field, Fields, LengthField, ReadSoFar, StyleOf, Range } from './kinds.js';
import type { Ease, PerSize } from './perSize.js';

/** Most and least that a share may be. */
export const PERCENT = { min: -40, max: 100, unit: '%' };

/**
 * Reads an object by its fields. A missing field gets its usual figure; a wrong one as well, and a sentence with its path is added to the
 * reader's problems.
 *
 * @param fabricIds ids of the design's fabrics, the body's usual one first
 */
export function readFields<F extends Fields>(
  fields: F,
  reader: FieldReader,
  fabricIds: readonly string[],
): StyleOf<F> {
  const root: Record<string, unknown> = {};
  return readInto(root, root, fields, reader, fabricIds) as StyleOf<F>;
}

function readInto(
  root: ReadSoFar,
  object: Record<string, unknown>,
  fields: Fields,
  reader: FieldReader,
  fabricIds: readonly string[],
): Record<string, unknown> {
  for (const [key, field] of Object.entries(fields))
    object[key] = readField(field, key, { root, object, reader, fabricIds });
  return object;
}

interface Place {
  root: ReadSoFar;
  /** The object that the field stands in, as far as it has been read. */
  object: ReadSoFar;
  reader: FieldReader;
  fabricIds: readonly string[];
}

function readField(field: Field, key: string, place: Place): unknown {
  const { reader, fabricIds, object } = place;
  const value = reader.object[key];
  const none = value === undefined || value === null;
  switch (field.kind) {
    case 'length':
      return field.optional && none ? null : readLength(field, key, place);
    case 'number':
      if (field.optional && none) return null;
      return reader.number(key, {
        ...numberWish(field),
        fallback: field.usual ?? field.range[0],
      });
    case 'choice': {
      const read = reader.choice(
        key,
        field.name,
        field.options.map((option) => option.value),
        figureOf(field.usual, object),
      );
      for (const { where, allowed, message } of field.limits ?? []) {
        if (!where.is.includes(object[where.field] as never) || allowed.includes(read)) continue;
        reader.problem(key, message(read, object));
        return allowed[0];
      }
      return read;
    }
    case 'fabric':
      if (field.usual === null) return none ? null : reader.choice(key, field.name, fabricIds, '');
      return reader.choice(key, field.name, fabricIds, usualFabric(field.usual, place));
    case 'rising shares':
      return none ? null : readRisingShares(value, key, field, reader);
    case 'group': {
      if (field.optional && (value === null || value === false)) return null;
      if (field.optional?.missing === 'none' && value === undefined) return null;
      const inner =
        reader.inside(key, field.name, false) ?? new FieldReader({}, reader.at(key), reader.problems);
      return readInto(place.root, {}, field.fields, inner, fabricIds);
    }
  }
}

/** A usual figure that follows from what has been read, or stands by itself. */
export function figureOf<T>(usual: T | ((read: ReadSoFar) => T), read: ReadSoFar): T {
  return typeof usual === 'function' ? (usual as (read: ReadSoFar) => T)(read) : usual;
}

/** What a number or a length in cm may be, as sentences say it. */
export function numberWish({
  name,
  range: [min, max],
  unit = 'cm',
  whole = false,
}: {
  name: string;
  range: Range;
  unit?: string;
  whole?: boolean;
}): NumberWish {
  return { label: name, min, max, unit, ...(whole ? { whole } : {}) };
}

function usualFabric(usual: 'body' | 'rib' | { as: string }, { root, fabricIds }: Place): string {
  const first = fabricIds[0] ?? '';
  if (usual === 'body') return first;
  if (usual === 'rib') return fabricIds.find((id) => id !== first) ?? first;
  const found = usual.as.split('.').reduce<unknown>((at, key) => (at as ReadSoFar)[key], root);
  return found as string;
}

/** A length for all sizes, or `{ "all": 12, "sizes": { "M": 13 } }`, each a number or where shares are taken `{ "percent": 8 }`. */
function readLength(field: LengthField, key: string, { reader, object }: Place): PerSize<Ease> {
  const usual = figureOf(field.usual, object) ?? field.range[0];
  const wish = numberWish(field);
  const check = (value: unknown) =>
    field.share && isObject(value) && 'percent' in value
      ? checkNumber(value['percent'], { ...PERCENT, label: field.name })
      : checkNumber(value, wish);
  const one = (found: unknown, path: string): Ease => {
    if (found === undefined) return usual;
    const sentence = check(found);
    if (sentence === null) return found as Ease;
    reader.problem(path, sentence);
    return usual;
  };
  const value = reader.object[key];
  if (!isObject(value) || !('all' in value || 'sizes' in value)) return one(value, key);
  const all = one(value['all'], `${key}.all`);
  const own = value['sizes'];
  if (own !== undefined && !isObject(own)) {
    reader.problem(
      `${key}.sizes`,
      `The sizes' own figures are ${quote(own)}; an object of size and figure belongs here (${field.name.toLowerCase()}).`,
    );
    return all;
  }
  const sizes = Object.entries(own ?? {}).map(
    ([size, figure]) => [size, one(figure, `${key}.sizes.${size}`)] as const,
  );
  return { all, sizes: Object.fromEntries(sizes) };
}

function readRisingShares(
  value: unknown,
  key: string,
  { name, most }: { name: string; most: number },
  reader: FieldReader,
): readonly number[] | null {
  const right =
    Array.isArray(value) &&
    value.length >= 1 &&
    value.length <= most &&
    value.every(
      (one, i) => typeof one === 'number' && one > 0 && one < 100 && (i === 0 || one > value[i - 1]),
    );
  if (right) return value as number[];
  reader.problem(key, `${name} are a list of rising shares between 0 and 100 %.`);
  return null;
}
