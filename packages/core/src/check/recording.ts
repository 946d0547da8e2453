/**
 * Readers of fields say what they read to whoever asks: a reader of a recorded object finds nothing in it, so it takes every usual
 * figure, and the record then holds each field with what it may be. From it the JSON Schema is made, and what a construction does not use is known.
 */

import type { JsonObject } from './json.js';

export type JsonSchema = Record<string, unknown>;

/** What is recorded of an object. */
export interface ObjectRecord {
  properties: Record<string, JsonSchema>;
  /** Rules between its fields. */
  rules: JsonSchema[];
}

const records = new WeakMap<JsonObject, ObjectRecord>();

/** An empty object whose readers are recorded. */
export function recordedObject(): JsonObject {
  const object: JsonObject = {};
  records.set(object, { properties: {}, rules: [] });
  return object;
}

/** What has been read of an object; undefined where it is not recorded. */
export function recordOf(object: JsonObject): ObjectRecord | undefined {
  return records.get(object);
}

/** An object filled from another is recorded where that is. */
export function recordedAs(from: JsonObject, filled: JsonObject): JsonObject {
  const record = records.get(from);
  if (record) records.set(filled, record);
  return filled;
}

/** A recorded object inside a recorded one: the same again where it is read twice. */
export function recordedInside(
  record: ObjectRecord,
  key: string,
  schemaOf: (inner: JsonSchema) => JsonSchema,
): JsonObject {
  const before = inner.get(record)?.[key];
  if (before) return before;
  const object = recordedObject();
  const { properties, rules } = records.get(object)!;
  inner.set(record, { ...inner.get(record), [key]: object });
  record.properties[key] = schemaOf({ type: 'object', properties, allOf: rules });
  return object;
}

const inner = new WeakMap<ObjectRecord, Record<string, JsonObject>>();

/** Takes fields out of the record that are read and then have no say. */
export function withoutFields(object: JsonObject, keys: readonly string[]): void {
  const record = records.get(object);
  if (record) for (const key of keys) delete record.properties[key];
}

/** A schema that also allows null. */
export const orNull = (schema: JsonSchema): JsonSchema => ({ anyOf: [{ type: 'null' }, schema] });
