import fc from 'fast-check';

type Schema = Record<string, unknown>;

/**
 * Documents that a JSON Schema allows, each field left out as often as not. Knows what our schemas use: types with limits, enum, const,
 * properties with required ones, anyOf, references and maps; rules between fields are left to whoever generates.
 *
 * @param own values for named definitions, in place of what they allow (ids that must be those of something)
 */
export function fromSchema(
  schema: Schema,
  definitions: Record<string, Schema>,
  own: Record<string, fc.Arbitrary<unknown>> = {},
): fc.Arbitrary<unknown> {
  const of = (one: Schema): fc.Arbitrary<unknown> => fromSchema(one, definitions, own);
  if (typeof schema['$ref'] === 'string') {
    const name = schema['$ref'].replace('#/definitions/', '');
    return own[name] ?? of(definitions[name]!);
  }
  if (Array.isArray(schema['enum'])) return fc.constantFrom(...(schema['enum'] as unknown[]));
  if ('const' in schema) return fc.constant(schema['const']);
  // An object with one of several sets of required fields.
  if (Array.isArray(schema['anyOf']) && schema['type'] === 'object')
    return fc.oneof(
      ...(schema['anyOf'] as Schema[]).map(({ required }) => of({ ...schema, anyOf: undefined, required })),
    );
  if (Array.isArray(schema['anyOf'])) return fc.oneof(...(schema['anyOf'] as Schema[]).map(of));
  const types = ([] as unknown[]).concat(schema['type'] ?? []);
  if (types.length > 1) return fc.oneof(...types.map((type) => of({ ...schema, type })));
  const [min, max] = [schema['minimum'] as number | undefined, schema['maximum'] as number | undefined];
  switch (types[0]) {
    case 'null':
      return fc.constant(null);
    case 'boolean':
      return fc.boolean();
    case 'integer':
      return fc.integer({ min: min ?? 0, max: max ?? 100 });
    case 'number':
      return fc
        .double({ min: min ?? 1, max: max ?? 99, noNaN: true })
        .map((value) => Math.min(max ?? 99, Math.max(min ?? 1, Math.round(value * 10) / 10)));
    case 'string':
      return fc.constantFrom('some words', 'a', 'x-1');
    case 'array':
      return fc.array(of((schema['items'] ?? {}) as Schema), {
        minLength: (schema['minItems'] as number | undefined) ?? 0,
        maxLength: Math.min(3, (schema['maxItems'] as number | undefined) ?? 3),
      });
    case 'object': {
      const properties = (schema['properties'] ?? {}) as Record<string, Schema>;
      const required = (schema['required'] ?? []) as string[];
      const named = fc.record(
        Object.fromEntries(Object.entries(properties).map(([key, one]) => [key, of(one)])),
        { requiredKeys: required.filter((key) => key in properties) },
      );
      const more = schema['additionalProperties'];
      return typeof more === 'object' && more !== null
        ? fc.dictionary(fc.constantFrom('S', 'M'), of(more as Schema), { maxKeys: 2 })
        : named;
    }
    default:
      return fc.constantFrom(null, 'anything', 3);
  }
}
