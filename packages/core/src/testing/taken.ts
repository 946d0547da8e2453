import type { Fix } from '../advice/note.js';
import type { Design } from '../design.js';

/** The design with what a note offers, as the application takes it. */
export function taken(design: Design, { set }: Fix): Design {
  const next = structuredClone(design);
  for (const { path, value, size } of set) {
    const [, ...keys] = path.split('.');
    const last = keys.pop()!;
    let at = next.garment as Record<string, unknown>;
    for (const key of keys) at = (at[key] ??= {}) as Record<string, unknown>;
    at[last] = size === undefined ? value : { all: at[last] ?? value, sizes: { [size]: value } };
  }
  return next;
}
