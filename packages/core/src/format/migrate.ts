import { quote, type JsonObject } from '../check/fields.js';

export const DESIGN_VERSION = 1;

/** One step each: the migration at index n makes version n + 1 out of version n. */
const STEPS: readonly ((design: JsonObject) => JsonObject)[] = [
  // Version 0 was never published: files from before the first release had no version and called the pins "fixed".
  ({ fixed, ...design }) => ({ ...design, pins: design['pins'] ?? fixed ?? [], version: 1 }),
];

/** Brings an older design up to the present version; newer ones are refused with a sentence. */
export function migrateDesign(
  raw: JsonObject,
): { ok: true; design: JsonObject } | { ok: false; message: string } {
  const version = raw['version'] ?? 0;
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 0)
    return {
      ok: false,
      message: `The version is ${quote(version)}; a whole number like ${DESIGN_VERSION} belongs here.`,
    };
  if (version > DESIGN_VERSION)
    return {
      ok: false,
      message: `The file has version ${version}, made by a newer Upfell; this one reads up to version ${DESIGN_VERSION}.`,
    };
  let design = raw;
  for (let at = version; at < DESIGN_VERSION; at += 1) design = STEPS[at]!(design);
  return { ok: true, design };
}
