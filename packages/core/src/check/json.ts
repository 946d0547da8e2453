export type JsonObject = Record<string, unknown>;

export function isObject(value: unknown): value is JsonObject {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** The same object with one field inside it another; what is no object on the way there becomes one. */
export function withField(object: JsonObject, [key, ...rest]: readonly string[], value: unknown): JsonObject {
  const { [key!]: inner } = object;
  return {
    ...object,
    [key!]: rest.length === 0 ? value : withField(isObject(inner) ? inner : {}, rest, value),
  };
}
