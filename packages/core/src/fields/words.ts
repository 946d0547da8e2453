import { isObject, type JsonObject } from '../check/json.js';
import type { Field, Fields, When } from './kinds.js';

/** The value at a path of a style ("sleeve.shape"); undefined where there is none. */
export function valueAt(style: unknown, path: string): unknown {
  return path.split('.').reduce<unknown>((at, key) => (isObject(at) ? at[key] : undefined), style);
}

/** Whether other fields of a style have the values that a condition wants. */
export function holds(when: When | undefined, style: unknown): boolean {
  return Object.entries(when ?? {}).every(([path, wanted]) => {
    const value = valueAt(style, path) ?? null;
    return wanted === 'some'
      ? value !== null && value !== 0 && value !== false
      : wanted.includes(value as never);
  });
}

/** What a form calls a field, or an option of one, in a style. */
export function labelIn({ label, labels = [] }: Pick<Field, 'label' | 'labels'>, style: unknown): string {
  return labels.find(({ when }) => holds(when, style))?.label ?? label;
}

/** The field at a path; undefined where a construction has none there. */
export function fieldAt(fields: Fields, path: string): Field | undefined {
  const [key, ...rest] = path.split('.');
  const field = fields[key!];
  if (rest.length === 0 || field?.kind !== 'group') return rest.length === 0 ? field : undefined;
  return fieldAt(field.fields, rest.join('.'));
}

/** A field that stands in an object without having a say there. */
export interface UnusedField {
  /** "slit", "neck.slant". */
  path: string;
  /** The field in words. */
  label: string;
}

/**
 * Fields of an object that others know and these pass over; what nobody knows is nobody's business.
 *
 * @param own the fields that are read
 * @param others those of all that may have written it
 */
export function unusedIn(
  object: JsonObject,
  own: Fields,
  others: readonly Fields[],
  path = '',
): UnusedField[] {
  return Object.entries(object).flatMap(([key, value]): UnusedField[] => {
    if (value === null || value === undefined || value === false) return [];
    const elsewhere = others.flatMap((fields) => (fields[key] ? [fields[key]] : []));
    const here = own[key];
    if (!here) return elsewhere.length > 0 ? [{ path: path + key, label: elsewhere[0]!.name }] : [];
    if (!isObject(value) || here.kind !== 'group') return [];
    const inside = elsewhere.flatMap((one) => (one.kind === 'group' ? [one.fields] : []));
    return unusedIn(value, here.fields, inside, `${path}${key}.`);
  });
}
