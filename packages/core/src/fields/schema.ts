import type { JsonObject } from '../check/json.js';
import type { Field, Fields } from './kinds.js';
import { PERCENT } from './read.js';

export type JsonSchema = JsonObject;

/** What each of some fields may be, as JSON Schema; fabrics by a reference to `#/definitions/fabricId`. */
export function schemaOf(fields: Fields): Record<string, JsonSchema> {
  return Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, fieldSchema(field)]));
}

function fieldSchema(field: Field): JsonSchema {
  const words = { title: field.name, description: field.help };
  switch (field.kind) {
    case 'length': {
      const {
        range: [min, max],
        share,
        optional,
      } = field;
      const cm = { type: 'number', minimum: min, maximum: max };
      const percent = {
        type: 'object',
        required: ['percent'],
        properties: { percent: { type: 'number', minimum: PERCENT.min, maximum: PERCENT.max } },
      };
      const figure = share ? { anyOf: [cm, percent] } : cm;
      const parts = {
        type: 'object',
        properties: { all: figure, sizes: { type: 'object', additionalProperties: figure } },
        anyOf: [{ required: ['all'] }, { required: ['sizes'] }],
      };
      // With sizes of its own a figure is these, whatever else the object holds.
      const alone = { ...percent, not: { anyOf: [{ required: ['all'] }, { required: ['sizes'] }] } };
      return { ...words, anyOf: [...(optional ? [NULL] : []), cm, ...(share ? [alone] : []), parts] };
    }
    case 'number': {
      const number = {
        type: field.whole ? 'integer' : 'number',
        minimum: field.range[0],
        maximum: field.range[1],
      };
      return { ...words, ...(field.optional ? { anyOf: [NULL, number] } : number) };
    }
    case 'choice':
      return { ...words, enum: field.options.map(({ value }) => value) };
    case 'fabric': {
      const id = { $ref: '#/definitions/fabricId' };
      return { ...words, ...(field.usual === null ? { anyOf: [NULL, id] } : id) };
    }
    case 'rising shares':
      return {
        ...words,
        type: ['array', 'null'],
        minItems: 1,
        maxItems: field.most,
        items: { type: 'number', exclusiveMinimum: 0, exclusiveMaximum: 100 },
      };
    case 'group': {
      const rules = limitsOf(field.fields);
      const object = {
        type: 'object',
        properties: schemaOf(field.fields),
        ...(rules.length > 0 ? { allOf: rules } : {}),
      };
      return { ...words, anyOf: [NULL, ...(field.optional ? [{ const: false }] : []), object] };
    }
  }
}

const NULL = { type: 'null' };

/** Rules between the fields of an object: what a choice may be where another one has certain values. */
function limitsOf(fields: Fields): JsonSchema[] {
  return Object.entries(fields).flatMap(([key, field]) =>
    field.kind === 'choice'
      ? (field.limits ?? []).map(({ where, allowed }) => ({
          if: { properties: { [where.field]: { enum: where.is } }, required: [where.field] },
          then: { properties: { [key]: { enum: allowed } } },
        }))
      : [],
  );
}
