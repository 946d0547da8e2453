import { spreadLargerFirst } from './spread.js';

/** One short row over the stitches from..to (exclusive) of the full row below; the rows are turned at its ends. */
export interface ShortRow {
  from: number;
  to: number;
}

/** Short rows over a full row: where each turns, what is left unworked on each side, and whether a full row closes them. */
export interface ShortRows {
  stitches: number;
  rows: readonly ShortRow[];
  /** Stitches left unworked to the left and right of all short rows. */
  keptLeft: number;
  keptRight: number;
  /** The last row goes over all stitches again. */
  closing: boolean;
}

/**
 * Short rows that slope a shoulder or raise a back neck: each pair of rows stops so many stitches earlier than the one
 * before, at one side; a full row closes them.
 *
 * @param stitches stitches of the shoulder
 * @param turns how many times the row is turned early
 * @param side the side that falls away (the armhole side of a shoulder)
 */
export function slopedShortRows(stitches: number, turns: number, side: 'left' | 'right'): ShortRows {
  const steps = shoulderSteps(stitches, turns + 1);
  const rows: ShortRow[] = [];
  let kept = 0;
  for (let turn = 0; turn < turns; turn += 1) {
    kept += steps[turn]!;
    const row = side === 'left' ? { from: kept, to: stitches } : { from: 0, to: stitches - kept };
    // There and back again: the yarn comes back to the high side.
    rows.push(row, row);
  }
  return {
    stitches,
    rows,
    keptLeft: side === 'left' ? kept : 0,
    keptRight: side === 'right' ? kept : 0,
    closing: true,
  };
}

/** A shoulder in steps: how many stitches each takes from the armhole inwards, as even as they go, the wider ones first. */
export function shoulderSteps(stitches: number, steps: number): number[] {
  return spreadLargerFirst(stitches, Math.min(steps, stitches));
}

/**
 * Short rows that raise the back of a neck (so that its front lies lower): there and back over the back and a part of the
 * sleeves, each turn further out than the one before, then a full row over all stitches.
 *
 * In a round the rows begin at its joining in the centre back, the first turning round over one half and the last one coming
 * back to the joining, so that both halves get the same rows. In a flat row the yarn is joined where the first one begins.
 *
 * @param centre the middle of the back, in stitches from the left; 0 for a round
 * @param reach how far from the middle each turn lies, rising
 * @param ring whether the row below is a round
 */
export function neckShortRows(
  stitches: number,
  centre: number,
  reach: readonly number[],
  ring: boolean,
): ShortRows {
  const rows: ShortRow[] = [];
  if (ring) {
    let left = 0;
    for (const far of reach) {
      rows.push({ from: 0 - left, to: far }, { from: -far, to: far });
      left = far;
    }
    rows.push({ from: 0 - left, to: 0 });
  } else {
    let before = 0;
    for (const far of reach) {
      // The row runs from the last turn on one side to the next on the other.
      rows.push(
        { from: centre - (before || far), to: centre + far },
        { from: centre - far, to: centre + far },
      );
      before = far;
    }
  }
  const most = reach.at(-1) ?? 0;
  return { stitches, rows, keptLeft: stitches - 2 * most, keptRight: 0, closing: true };
}
