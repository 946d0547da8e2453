import { forSize, type Ease } from '../shared/perSize.js';
import type { DropShoulderStyle } from './style.js';

/** Rows at each end of the sleeve that are worked even whatever is wished: the first carries the cuff, the last the seam. */
const FEWEST = 1;

/** What the wishes for even rows leave to the shaping, as the fit is told it: never more room than there will be. */
export function evenRowsWished(
  { sleeve }: DropShoulderStyle,
  size: string,
  rowsPerCm: number,
): { spare: number; spareShare: number } {
  const ends = [forSize(sleeve.evenAtCuff, size), forSize(sleeve.evenAtTop, size)];
  const fixed = ends.map((wish) => (typeof wish === 'number' ? fixedRows(wish, rowsPerCm) : FEWEST));
  const shares = ends.map((wish) => (typeof wish === 'number' ? 0 : Math.max(0, wish.percent) / 100));
  // Where only right-side rows shape, the first of them may lie a row further on.
  const parity = sleeve.everyRow === 2 ? 1 : 0;
  return { spare: fixed[0]! + fixed[1]! + parity, spareShare: Math.min(0.95, shares[0]! + shares[1]!) };
}

/** The rows between which a sleeve of so many rows shapes, counted from the cuff. */
export function shapedRows(
  { sleeve }: DropShoulderStyle,
  size: string,
  rows: number,
  rowsPerCm: number,
): { first: number; last: number } {
  const rowsOf = (wish: Ease) =>
    typeof wish === 'number'
      ? fixedRows(wish, rowsPerCm)
      : Math.max(FEWEST, Math.floor((rows * Math.max(0, wish.percent)) / 100));
  return {
    first: rowsOf(forSize(sleeve.evenAtCuff, size)) + 1,
    last: rows - rowsOf(forSize(sleeve.evenAtTop, size)),
  };
}

function fixedRows(length: number, rowsPerCm: number): number {
  return Math.max(FEWEST, Math.round(length * rowsPerCm));
}
