/** The fields of the styles as their readers tell them: for the JSON Schema, and to say what a construction does not use. */

import { isObject, type JsonObject } from '../check/fields.js';
import { recordedObject, recordOf, type JsonSchema } from '../check/recording.js';
import type { Construction } from './construction.js';
import { CONSTRUCTIONS } from './registry.js';

/** Stands for the ids of a design's fabrics while fields are recorded. */
const ANY_FABRIC = ' any fabric';

type Properties = Record<string, JsonSchema>;

const known = new Map<string, Properties>();

/** The fields that a construction reads, by name, each with what it may be. */
export function fieldsOf(construction: Construction<unknown>): Properties {
  let fields = known.get(construction.id);
  if (!fields) known.set(construction.id, (fields = recordFields(construction)));
  return fields;
}

function recordFields(construction: Construction<unknown>): Properties {
  const garment = recordedObject();
  construction.readStyle(garment, [ANY_FABRIC], []);
  return Object.fromEntries(
    Object.entries(recordOf(garment)!.properties).map(([key, schema]) => [key, tidied(schema)]),
  );
}

/** A recorded schema without empty rules, the sentinel of fabrics as what it stands for. */
function tidied(schema: unknown): JsonSchema {
  if (Array.isArray(schema)) return schema.map(tidied) as unknown as JsonSchema;
  if (!isObject(schema)) return schema as JsonSchema;
  const { enum: allowed, ...rest } = schema;
  if (Array.isArray(allowed) && allowed[0] === ANY_FABRIC)
    return { $ref: '#/definitions/fabricId', ...tidied(rest) };
  return Object.fromEntries(
    Object.entries(schema)
      .filter(([key, value]) => !(key === 'allOf' && Array.isArray(value) && value.length === 0))
      .map(([key, value]) => [key, tidied(value)]),
  );
}

/** A field that stands in a garment without having a say there. */
export interface UnusedField {
  /** "slit", "neck.slant". */
  path: string;
  /** The field in words. */
  label: string;
}

/** Fields of a garment that other constructions know and this one passes over; what no construction knows is nobody's business. */
export function unusedFields(construction: Construction<unknown>, garment: JsonObject): UnusedField[] {
  return unusedIn(
    garment,
    fieldsOf(construction),
    CONSTRUCTIONS.filter((one) => one !== construction).map(fieldsOf),
    '',
  );
}

function unusedIn(
  object: JsonObject,
  own: Properties,
  others: readonly Properties[],
  path: string,
): UnusedField[] {
  return Object.entries(object).flatMap(([key, value]): UnusedField[] => {
    if (value === null || value === undefined || value === false) return [];
    const elsewhere = others.flatMap((fields) => (fields[key] ? [fields[key]] : []));
    const here = own[key];
    if (!here)
      return elsewhere.length > 0 ? [{ path: path + key, label: labelOf(elsewhere[0]!) ?? key }] : [];
    if (!isObject(value)) return [];
    return unusedIn(value, propertiesOf(here), elsewhere.map(propertiesOf), `${path}${key}.`);
  });
}

/** What a field is called; one that may be null is called what it is otherwise. */
function labelOf(schema: JsonSchema): string | undefined {
  const own = schema['title'] ?? schema['description'];
  if (typeof own === 'string') return own;
  const ways = Array.isArray(schema['anyOf']) ? (schema['anyOf'] as JsonSchema[]) : [];
  return ways.map(labelOf).find((label) => label !== undefined);
}

/** The fields of an object that a schema allows, null or not. */
function propertiesOf(schema: JsonSchema): Properties {
  if (isObject(schema['properties']) && !('anyOf' in schema)) return schema['properties'] as Properties;
  const ways = Array.isArray(schema['anyOf']) ? (schema['anyOf'] as JsonSchema[]) : [];
  return ways.map(propertiesOf).find((properties) => Object.keys(properties).length > 0) ?? {};
}

/** Whether a garment says that it has no sleeves where its construction has them all the same. */
export function saysNoSleeves(construction: Construction<unknown>, garment: JsonObject): boolean {
  if (garment['sleeve'] !== null && garment['sleeve'] !== false) return false;
  return fieldsOf(construction)['sleeve'] !== undefined && fieldsOf(construction)['armband'] === undefined;
}
