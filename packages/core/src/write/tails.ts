/** Tails that are left long for seams: a line where a piece begins, and one table of their lengths. */

import type { Design } from '../design.js';
import type { Tail } from '../finishing/tails.js';
import { CM_PER_INCH } from '../units/length.js';
import { tailsOfSize } from './joining.js';
import { unitsOf, type WrittenUnits } from './lengths.js';
import { NONE, tableOf, type Line } from './line.js';
import type { WrittenSize } from './written.js';

/** A tail in all sizes, or two of a kind: those of both copies of a piece, where they are as long. */
export interface TailRow {
  piece: string;
  label: string;
  /** "each", "first", "second"; nothing where there is one. */
  copy: string;
  end: Tail['end'];
  seam: string;
  /** cm; null where a size has none */
  lengths: readonly (number | null)[];
}

/** The tails of every size side by side, in the order of the pieces. */
export function tailRows(sizes: readonly WrittenSize[], design: Pick<Design, 'finishing'>): TailRow[] {
  if (sizes.length === 0) return [];
  const all = sizes.map((size) => tailsOfSize(size, design));
  const joins = new Map(sizes.flatMap((size) => size.joins.map((join) => [join.id, join])));
  const keyOf = ({ piece, copy, end, join }: Tail) => [piece, copy, end, join].join('/');
  const rows = [...new Map(all.flat().map((tail) => [keyOf(tail), tail])).values()].map((tail) => ({
    tail,
    join: joins.get(tail.join)!,
    lengths: all.map((tails) => tails.find((one) => keyOf(one) === keyOf(tail))?.length ?? null),
  }));
  const copies = new Map(sizes[0]!.pieces.map(({ id, copies: many }) => [id, many]));
  const order = sizes[0]!.pieces.map(({ id }) => id);
  const alike = (a: (typeof rows)[number], b: (typeof rows)[number]) =>
    a.tail.piece === b.tail.piece &&
    a.tail.end === b.tail.end &&
    a.join.both !== undefined &&
    a.join.both === b.join.both &&
    String(a.lengths) === String(b.lengths);
  return rows
    .filter((row) => row.tail.copy !== 2 || !rows.some((one) => one.tail.copy === 1 && alike(one, row)))
    .sort((a, b) => order.indexOf(a.tail.piece) - order.indexOf(b.tail.piece))
    .map(({ tail: { piece, label, copy, end }, join, lengths }): TailRow => {
      const both = rows.some(
        (one) =>
          one.tail.copy === 2 &&
          alike(one, { tail: { piece, label, copy, end, join: join.id, length: 0 }, join, lengths }),
      );
      const which = copies.get(piece) === 1 ? '' : copy === 2 ? 'second' : both ? 'each' : 'first';
      return {
        piece,
        label,
        copy: which,
        end,
        seam: which === 'each' ? join.both!.replace(/, both( sides)?$/, '') : join.label,
        lengths,
      };
    });
}

const END_WORDS: Record<Tail['end'], string> = { starting: 'at the beginning', ending: 'at the end' };

/** Tails that are left long so that seams need no new yarn, as one table (two where lengths are in both units). */
export function tailsTable(rows: readonly TailRow[], units: WrittenUnits): Line[] {
  if (rows.length === 0) return [];
  const tables = unitsOf(units).map((unit) =>
    tableOf(
      `${unit} of yarn to leave`,
      rows.map(({ label, copy, end, seam, lengths }) => ({
        label: `${label}${copy ? `, ${copy}` : ''}, ${END_WORDS[end]}: ${seam}`,
        // A tail is in round fives of a centimetre already; in inches it is never too short either.
        each: lengths.map((cm) =>
          cm === null ? NONE : String(unit === 'cm' ? cm : Math.ceil(cm / CM_PER_INCH)),
        ),
      })),
    ),
  );
  return [['So that these seams need no new yarn:', ...tables]];
}

/** At which ends of a piece a long tail is left: one line, the lengths are in their table. */
export function tailLines(rows: readonly TailRow[], id: string): Line[] {
  const own = rows.filter(({ piece }) => piece === id);
  if (own.length === 0) return [];
  const ends = (['starting', 'ending'] as const).flatMap((end) =>
    own.some((tail) => tail.end === end) ? [END_WORDS[end]] : [],
  );
  return [[`Long tail ${ends.join(' and ')}.`]];
}
