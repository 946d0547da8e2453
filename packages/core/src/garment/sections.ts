import { perCm } from '../fabric/gauge.js';
import type { EdgePlace } from '../work/rows.js';
import type { PieceProgram } from './construction.js';

/** A fabric of a piece from a row on. */
export interface PieceSection {
  fabric: string;
  first: number;
  stitches: number;
  rows: number;
}

/** The fabrics of a piece in order, the first from row 1. */
export function sectionsOf({ fabric, sections = [] }: PieceProgram): PieceSection[] {
  return [{ fabric, first: 1 }, ...sections].map(({ fabric: of, first }) => ({
    fabric: of.id,
    first,
    stitches: perCm(of.gauge, 'stitches'),
    rows: perCm(of.gauge, 'rows'),
  }));
}

/** The section that a row lies in. */
export function sectionAt<S extends { first: number }>(sections: readonly S[], n: number): S {
  return sections.findLast(({ first }) => first <= n) ?? sections[0]!;
}

/**
 * Length of an edge, cm: each of its rows, or its stitches, by the gauge of the section that it lies in. A stepped edge is
 * evened when it is edged: each of its rows counts as the slant from its end to the next one's.
 *
 * @param path where each of its rows ends, in stitches to the right of the first one's
 */
export function edgeLength(
  place: EdgePlace,
  count: number,
  sections: readonly PieceSection[],
  path?: 'straight' | readonly number[],
): number {
  if (place.lies === 'foundation') return count / sections[0]!.stitches;
  if (place.lies !== 'row ends') return count / sectionAt(sections, place.n).stitches;
  if (place.stepped && path !== undefined && path !== 'straight') {
    const numbers = place.spans.flatMap(({ first, last }) =>
      Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i),
    );
    return numbers.reduce((sum, n, i) => {
      const { stitches, rows } = sectionAt(sections, n);
      const aside = i === 0 ? 0 : (path[i]! - path[i - 1]!) / stitches;
      return sum + Math.hypot(aside, 1 / rows);
    }, 0);
  }
  return sections.reduce((sum, section, i) => {
    const end = sections[i + 1]?.first ?? Infinity;
    const rows = place.spans.reduce(
      (all, { first, last }) =>
        all + Math.max(0, Math.min(last, end - 1) - Math.max(first, section.first) + 1),
      0,
    );
    return sum + rows / section.rows;
  }, 0);
}
