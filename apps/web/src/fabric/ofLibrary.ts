import type { Fabric, LibraryEntry, LibraryFabric } from '@upfell/core';

/** A fabric as the library keeps it: nothing in it belongs to one design. */
export function forLibrary(fabric: Fabric): LibraryFabric {
  const { library: _, ...own } = fabric;
  return { format: 'upfell/fabric', version: 1, ...own };
}

/** A fabric of the library as a design holds it: its own copy, knowing where it came from. */
export function forDesign(entry: LibraryEntry<LibraryFabric>, id: string): Fabric {
  const { format: _, version: __, ...fabric } = entry.document;
  return { ...fabric, id, library: { id: entry.id, revision: entry.revision } };
}
