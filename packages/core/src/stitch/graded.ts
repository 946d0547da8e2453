/** Stitches that fall to the lowest before a short row is turned, so that its turn leaves no step. */

import { heightOf, type StitchKind } from './kinds.js';

/** Lower stitches than those of a row, from the tallest to the lowest. */
const LADDER: readonly StitchKind[] = ['tr', 'dc', 'hdc', 'sc'];

/** What a row falls through towards its turn; nothing where it is of the lowest stitch already. */
function lower(stitch: StitchKind): readonly StitchKind[] {
  return LADDER.filter((kind) => heightOf(kind) < heightOf(stitch));
}

/**
 * How many stitches are graded at a turn: one for each height there is below the row's own, in whole units (common practice), and never
 * more than half of the shortest row.
 *
 * @param stitch plain stitch of the rows
 * @param rows the short rows, by the stitches that they go over
 * @param unit stitches of the pattern that turning must not break
 */
export function gradedAtTurns(
  stitch: StitchKind,
  rows: readonly { from: number; to: number }[],
  unit: number,
): number {
  const room = Math.min(...rows.map(({ from, to }) => to - from)) / 2;
  return unit * Math.min(Math.ceil(lower(stitch).length / unit), Math.floor(room / unit));
}

/**
 * The stitches before a turn, as many of each height as they go: 2 in a row of dc are hdc, sc; 3 are dc, hdc, sc.
 *
 * @returns the stitches towards the turn, the lowest last
 */
export function gradedStitches(stitch: StitchKind, many: number): StitchKind[] {
  const below = lower(stitch);
  if (many <= below.length) return below.slice(below.length - many);
  const all = [stitch, ...below];
  return Array.from({ length: many }, (_, i) => all[Math.floor((i * all.length) / many)]!);
}
