/** A map of squares from a table, or from a picture that has been made one. */

import type { DrawnSquare } from '../garment/construction.js';
import { hasEvenColumns, placeOf, spreadOut } from './sheetMap.js';
import type { SquareKind } from './squareColours.js';

/** What an import comes to: squares by their places, and how it was laid on the sheet; or why it cannot be read. */
export type ImportedMap =
  { ok: true; placed: Record<string, string>; says: string } | { ok: false; message: string };

type Cells = readonly (readonly (string | null)[])[];

/**
 * Reads a map from a table: each row a row of squares of the sheet spread out, the lower edge of the back last, the wearer's left at the left; a
 * cell names a kind by its letter or name, and is empty where a square is left as it is.
 *
 * @param rows cells of the table, from its top
 * @param squares of the size that it is laid on
 */
export function mapFromTable(
  rows: readonly (readonly string[])[],
  kinds: readonly SquareKind[],
  squares: readonly DrawnSquare[],
): ImportedMap {
  if (rows.length === 0)
    return { ok: false, message: 'The table is empty: it wants a row for each row of squares.' };
  const cells: (string | null)[][] = [];
  for (const [row, words] of rows.entries()) {
    const own: (string | null)[] = [];
    for (const [column, cell] of words.entries()) {
      const word = cell.trim().toLowerCase();
      const kind = kinds.find(({ id, name }) => id.toLowerCase() === word || name.toLowerCase() === word);
      if (word !== '' && !kind)
        return {
          ok: false,
          message: `Row ${row + 1}, column ${column + 1} says “${cell.trim()}”; the kinds of squares are ${kinds.map(({ id, name }) => `${id} (${name})`).join(', ')}.`,
        };
      own.push(kind?.id ?? null);
    }
    cells.push(own);
  }
  return laidOn(cells, squares);
}

/** How many squares a sheet is wide and high, spread out. */
export function sizeOfSheet(squares: readonly DrawnSquare[]): { columns: number; rows: number } {
  const { left, right, top, bottom } = extentOf(squares);
  return { columns: right - left + 1, rows: top - bottom + 1 };
}

/** Rows of cells laid on a sheet, their middle on its fold and middle: the outermost are left out where there are more than squares. */
export function laidOn(cells: Cells, squares: readonly DrawnSquare[]): ImportedMap {
  const { left, right, top, bottom, at } = extentOf(squares);
  const [columns, rows] = [right - left + 1, top - bottom + 1];
  const wide = Math.max(...cells.map((row) => row.length));
  const [beside, above] = [Math.floor((wide - columns) / 2), Math.floor((cells.length - rows) / 2)];
  const placed: Record<string, string> = {};
  for (const square of squares) {
    const { x, y } = at(square);
    const kind = cells[top - y + above]?.[x - left + beside];
    if (kind) placed[placeOf(square)] = kind;
  }
  const fits = wide === columns && cells.length === rows;
  return {
    ok: true,
    placed,
    says: fits
      ? `A table of ${wide} × ${cells.length}, a cell for each square.`
      : `A table of ${wide} × ${cells.length} laid on ${columns} × ${rows} squares, middle on middle.`,
  };
}

function extentOf(squares: readonly DrawnSquare[]) {
  const isEven = hasEvenColumns(squares);
  const at = (square: DrawnSquare) => spreadOut(square, isEven);
  const places = squares.map(at);
  const [xs, ys] = [places.map(({ x }) => x), places.map(({ y }) => y)];
  return {
    left: Math.min(...xs),
    right: Math.max(...xs),
    top: Math.max(...ys),
    bottom: Math.min(...ys),
    at,
  };
}
