import { countOf } from '../text/singular.js';
import type { Axis, CountingUnit } from './fabric.js';

/** A unit that is neither stitch nor row. */
export interface OwnUnit {
  one: string;
  many: string;
}

/** What a count is of: "squares", else "stitches" or "rows". */
export function countedIn({ axis, unit }: { axis: Axis; unit?: OwnUnit }): OwnUnit {
  return unit ?? (axis === 'stitches' ? { one: 'stitch', many: 'stitches' } : { one: 'row', many: 'rows' });
}

/** The same, short, as it stands beside figures: "st". */
export function countedInShort({ axis, unit }: { axis: Axis; unit?: OwnUnit }, count: number): string {
  if (unit) return count === 1 ? unit.one : unit.many;
  return axis === 'stitches' ? 'st' : 'rows';
}

/** Stitches of so many units: 20 mesh spaces of 3 stitches plus 1 are 61 stitches. */
export function stitchesOf(units: number, { stitches, plus }: CountingUnit): number {
  return units * stitches + plus;
}

/** Units in so many stitches; a fraction where the stitches are no whole number of units. */
export function unitsOf(count: number, { stitches, plus }: CountingUnit): number {
  return (count - plus) / stitches;
}

/** "20 mesh spaces" for a count of stitches that is a whole number of units; null otherwise or where stitches are counted. */
export function unitsInWords(count: number, unit: CountingUnit | undefined): string | null {
  if (!unit || unit.name === 'stitches') return null;
  const units = unitsOf(count, unit);
  if (!Number.isInteger(units) || units < 1) return null;
  const one = unit.name === 'V’s' ? 'V' : unit.name.slice(0, -1);
  return `${units} ${units === 1 ? one : unit.name}`;
}

/** "25 mesh spaces (76 stitches)", or "76 stitches" where these are no whole number of units. */
export function countedInWords(count: number, unit: CountingUnit | undefined): string {
  const stitches = countOf(count, 'stitch', 'stitches');
  const units = unitsInWords(count, unit);
  return units === null ? stitches : `${units} (${stitches})`;
}
