import type { FieldProblem } from '../check/fields.js';
import type { Design, Garment } from '../design.js';
import { fieldAt, unusedIn } from '../fields/words.js';
import { fieldValues } from './construction.js';
import { constructionOf } from './registry.js';

/** What a change of construction makes of a design: the garment, and what of the old one it has no use for, in words. */
export interface ChangedGarment {
  garment: Garment;
  /** Fields that the new construction cannot take as they are: each gets its usual figure. */
  usual: string[];
  /** Kept in the design for the way back, but without effect. */
  unused: string[];
  /** Held counts that are let go. */
  held: number;
}

/**
 * The garment under another construction. Everything that the new one can read stays: eases, lengths, fabrics, bands. A value that it
 * cannot take gets its usual figure.
 *
 * @param id of the new construction
 * @throws RangeError when there is no such construction
 */
export function changedGarment(
  design: Pick<Design, 'garment' | 'fabrics' | 'pins'>,
  id: string,
): ChangedGarment {
  const construction = constructionOf(id);
  if (!construction) throw new RangeError(`there is no construction ${id}`);
  const fabricIds = design.fabrics.map((fabric) => fabric.id);
  const garment = JSON.parse(JSON.stringify({ ...design.garment, construction: id })) as Garment;
  const usual: string[] = [];
  for (let again = true; again;) {
    const problems: FieldProblem[] = [];
    fieldValues(construction, garment, fabricIds, problems);
    again = false;
    for (const { path } of problems) {
      const field = path.replace(/^garment\./, '');
      if (!remove(garment, field.split('.'))) continue;
      usual.push(inSentence(fieldAt(construction.fields, field)?.name ?? field));
      again = true;
    }
  }
  const before = constructionOf(design.garment.construction);
  const unused = unusedIn(garment, construction.fields, before ? [before.fields] : []);
  return {
    garment,
    usual: [...new Set(usual)],
    unused: unused.map(({ label }) => inSentence(label)),
    held: design.pins.length,
  };
}

/** A name in the middle of a sentence. */
function inSentence(name: string): string {
  return name.charAt(0).toLowerCase() + name.slice(1);
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
