import { constructionOf, type Garment } from '@upfell/core';
import { edit } from '../state/designStore';

/**
 * Takes another construction. Everything that the new one can read stays: eases, lengths, fabrics, bands. A word that it has
 * no use for gets its usual choice, and held counts are let go.
 */
export function changeConstruction(id: string): string | null {
  return edit('garment.construction', (document) => {
    const fabrics = document.fabrics.map((fabric) => fabric.id);
    const garment = JSON.parse(JSON.stringify({ ...document.garment, construction: id })) as Garment;
    // Reading tells which fields the construction cannot take; each is left to its usual choice.
    for (let again = true; again;) {
      const problems: { path: string }[] = [];
      constructionOf(id)!.readStyle(garment, fabrics, problems as never);
      again = problems.some(({ path }) => remove(garment, path.split('.').slice(1)));
    }
    document.garment = garment;
    document.pins = [];
  });
}

/** Takes the field at a path out; whether it was there. */
function remove(from: Record<string, unknown>, [key, ...rest]: string[]): boolean {
  if (key === undefined || !(key in from)) return false;
  const inner = from[key];
  if (rest.length > 0 && typeof inner === 'object' && inner !== null)
    return remove(inner as Record<string, unknown>, rest);
  delete from[key];
  return true;
}
