/** A field in which two documents differ, each side as text; "–" where it is missing. */
export interface Difference {
  path: string;
  mine: string;
  theirs: string;
}

function leaves(value: unknown, path: string, into: Map<string, string>): void {
  if (typeof value === 'object' && value !== null) {
    for (const [key, inner] of Object.entries(value)) {
      // Sizes and fabrics are named by their id, so that adding one does not make all later ones differ.
      const name = Array.isArray(value) ? ((inner as { id?: string } | null)?.id ?? key) : key;
      leaves(inner, path === '' ? name : `${path} › ${name}`, into);
    }
  } else into.set(path, value === null ? 'none' : String(value));
}

/** The fields in which two documents differ, in the order of the first. */
export function differences(mine: unknown, theirs: unknown): Difference[] {
  const here = new Map<string, string>();
  const there = new Map<string, string>();
  leaves(mine, '', here);
  leaves(theirs, '', there);
  const paths = [...here.keys(), ...[...there.keys()].filter((path) => !here.has(path))];
  return paths
    .filter((path) => here.get(path) !== there.get(path))
    .map((path) => ({ path, mine: here.get(path) ?? '–', theirs: there.get(path) ?? '–' }));
}
