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

export interface CapWish {
  /** Stitches picked up round the armhole; the middle one lies at the shoulder. */
  stitches: number;
  /** Left unworked on each side at the underarm; even where the pattern works in pairs. */
  keep: number;
  /** How far the first row runs past the middle on each side. */
  past: number;
  /** How much further each row goes than the one before it on that side, usually 2. */
  step: number;
}

export type ShortRowResult = { ok: true; shortRows: ShortRows } | { ok: false; message: string };

/**
 * A sleeve cap by short rows from the armhole (common practice): the first row runs a little past the shoulder, each next one
 * goes a step further than the one before on its side, until `keep` stitches are left on each side; then one full round.
 *
 * @returns the rows in working order, the first from left to right, or a sentence that says why they do not come out
 */
export function capShortRows({ stitches, keep, past, step }: CapWish): ShortRowResult {
  const middle = Math.floor(stitches / 2);
  const odd = stitches % 2;
  const first: ShortRow = { from: middle - past, to: middle + odd + past };
  if (past < 1 || step < 1) return { ok: false, message: 'a short row must go at least one stitch further' };
  if (first.from < keep)
    return {
      ok: false,
      message: `the first row reaches ${past} past the shoulder of ${stitches} stitches, which leaves fewer than the ${keep} to be kept on each side`,
    };
  const rows = [first];
  let { from, to } = first;
  // Left and right by turns, so that both sides end with the same rows.
  while (from > keep || to < stitches - keep) {
    const goesRight = rows.length % 2 === 0;
    if (goesRight) to = Math.min(stitches - keep, to + step);
    else from = Math.max(keep, from - step);
    rows.push({ from, to });
  }
  return {
    ok: true,
    shortRows: { stitches, rows, keptLeft: from, keptRight: stitches - to, closing: true },
  };
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
