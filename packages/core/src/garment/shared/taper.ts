import type { GarmentCounts } from '../counts.js';
import { needsShapingRows, type RuleParts } from '../relations.js';
import { mirrored, type Schedule } from '../../shaping/schedule.js';
import { say } from '../../text/phrase.js';
import { scheduleFor } from './pieces.js';
import type { StyleOf } from '../../fields/kinds.js';
import { forSize, type Ease } from '../../fields/perSize.js';
import type { TAPER } from './fields.js';

/** How a sleeve goes from cuff to top. */
export type TaperStyle = StyleOf<typeof TAPER>;

/** Rows at each end of the sleeve that are worked even whatever is wished: the first carries the cuff, the last the seam. */
const FEWEST = 1;

/** Most of a sleeve's rows that a wish in cm keeps even at one end: a wish longer than that gives way to the shaping. */
const MOST_SHARE = 0.35;

/**
 * What the wishes for even rows leave to the shaping, as the fit gets it: never more room than there will be.
 *
 * @param rows rows that the sleeve is wanted to have, about
 */
export function evenRowsWished(
  sleeve: TaperStyle,
  size: string,
  rowsPerCm: number,
  rows: number,
): { spare: number; spareShare: number } {
  const ends = [forSize(sleeve.evenAtCuff, size), forSize(sleeve.evenAtTop, size)].map(
    (wish): { spare: number; share: number } => {
      if (typeof wish !== 'number') return { spare: FEWEST, share: Math.max(0, wish.percent) / 100 };
      const fixed = fixedRows(wish, rowsPerCm);
      return fixed > MOST_SHARE * rows ? { spare: FEWEST, share: MOST_SHARE } : { spare: fixed, share: 0 };
    },
  );
  // Where only right-side rows shape, the first of them may lie a row further on.
  const parity = sleeve.everyRow === 2 ? 1 : 0;
  return {
    spare: ends[0]!.spare + ends[1]!.spare + parity,
    spareShare: Math.min(0.95, ends[0]!.share + ends[1]!.share),
  };
}

/** The rows between which a sleeve of so many rows shapes, counted from the cuff. */
export function shapedRows(
  sleeve: TaperStyle,
  size: string,
  rows: number,
  rowsPerCm: number,
): { first: number; last: number } {
  const rowsOf = (wish: Ease) =>
    typeof wish === 'number'
      ? Math.min(fixedRows(wish, rowsPerCm), Math.max(FEWEST, Math.floor(MOST_SHARE * rows)))
      : Math.max(FEWEST, Math.floor((rows * Math.max(0, wish.percent)) / 100));
  return {
    first: rowsOf(forSize(sleeve.evenAtCuff, size)) + 1,
    last: rows - rowsOf(forSize(sleeve.evenAtTop, size)),
  };
}

function fixedRows(length: number, rowsPerCm: number): number {
  return Math.max(FEWEST, Math.round(length * rowsPerCm));
}

/**
 * The taper must come out in whole shaping rows (one stitch at both edges) and fit between the rows worked even at the
 * cuff and those at the top.
 *
 * @param even rows of the sleeve that do not shape: so many, and such a share of them all
 * @param unit stitches that shaping takes at a time at each edge
 */
export function taper(everyRow: 1 | 2, even: { spare: number; spareShare: number }, unit = 1): RuleParts {
  return needsShapingRows(
    {
      id: 'taper',
      rule: 'the sleeve goes from cuff to top in whole shaping rows that its length has room for',
      says: (counts: GarmentCounts) =>
        say`Taper: ${counts.of('sleeve.cuff')} to ${counts.of('sleeve.top')} is ${Math.abs(counts.of('sleeve.shapings'))} shaping rows at both edges`,
    },
    {
      from: 'sleeve.cuff',
      to: 'sleeve.top',
      rows: 'sleeve.rows',
      perEvent: 2 * unit,
      everyRow,
      ...even,
      helper: 'sleeve.shapings',
    },
  );
}

/**
 * The sleeve's shaping rows: planned from the cuff up, and for a sleeve worked down the same rows from the other end.
 *
 * @param rows all rows of the sleeve
 * @param up whether it is worked from the cuff up
 * @param unit stitches that shaping takes at a time at each edge
 * @param odd whether odd rows shape where every second one does: right-side rows
 */
export function sleeveSchedule(
  sleeve: TaperStyle,
  size: string,
  {
    rows,
    top,
    cuff,
    rowsPerCm,
    up,
    unit = 1,
    odd = 1,
  }: {
    rows: number;
    top: number;
    cuff: number;
    rowsPerCm: number;
    up: boolean;
    unit?: number;
    odd?: 0 | 1;
  },
): Schedule {
  const { everyRow, order } = sleeve;
  const shaped = shapedRows(sleeve, size, rows, rowsPerCm);
  // Right-side rows are odd. Seen from the other end, row r becomes rows + 2 - r, so there the parity is that of rows + 1.
  const parity = up ? odd : (rows + odd) % 2;
  const firstRow = everyRow === 2 && shaped.first % 2 !== parity ? shaped.first + 1 : shaped.first;
  const upward = scheduleFor({
    start: cuff,
    end: top,
    perEvent: 2 * unit,
    firstRow,
    lastRow: shaped.last,
    everyRow,
    order,
  });
  return up ? upward : mirrored(upward, rows);
}
