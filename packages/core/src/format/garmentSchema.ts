import { schemaOf, type JsonSchema } from '../fields/schema.js';
import { CONSTRUCTIONS } from '../garment/registry.js';

/** The part of the design's JSON Schema that is made from the fields of the constructions. */
export interface GarmentSchema {
  garment: JsonSchema;
  definitions: Record<string, JsonSchema>;
}

/**
 * The schema of `garment` in a design: one definition for each construction, made of definitions of its fields, which constructions share
 * where they are the same.
 */
export function garmentSchema(): GarmentSchema {
  const definitions: Record<string, JsonSchema> = {
    fabricId: { type: 'string', minLength: 1, maxLength: 200, description: 'Id of a fabric of the design.' },
  };
  const names = new Map<string, string>();
  const shared = (key: string, schema: JsonSchema): JsonSchema => {
    const text = JSON.stringify(schema);
    let name = names.get(key + text);
    if (!name) {
      const used = Object.keys(definitions).filter((one) => one === key || one.startsWith(`${key}-`));
      name = used.length === 0 ? key : `${key}-${used.length + 1}`;
      names.set(key + text, name);
      definitions[name] = schema;
    }
    return { $ref: `#/definitions/${name}` };
  };
  for (const construction of CONSTRUCTIONS) {
    const fields = Object.entries(schemaOf(construction.fields)).sort(([a], [b]) => (a < b ? -1 : 1));
    definitions[`garment-${construction.id}`] = {
      type: 'object',
      description: construction.label,
      properties: Object.fromEntries(fields.map(([key, schema]) => [key, shared(`field-${key}`, schema)])),
    };
  }
  return {
    garment: {
      type: 'object',
      required: ['construction'],
      properties: { construction: { enum: CONSTRUCTIONS.map(({ id }) => id) } },
      allOf: CONSTRUCTIONS.map(({ id }) => ({
        if: { properties: { construction: { const: id } } },
        then: { $ref: `#/definitions/garment-${id}` },
      })),
    },
    definitions,
  };
}

/** A design's schema with its garment made anew; everything else stays as it is written. */
export function withGarmentSchema(schema: JsonSchema): JsonSchema {
  const { garment, definitions } = garmentSchema();
  const own = Object.entries(schema['definitions'] as Record<string, JsonSchema>).filter(
    ([name]) => !/^(?:field-|garment-|fabricId$)/.test(name),
  );
  return {
    ...schema,
    properties: { ...(schema['properties'] as JsonSchema), garment },
    definitions: { ...Object.fromEntries(own), ...definitions },
  };
}
