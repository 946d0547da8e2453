/** The front neck of a panel worked from side to side: how far each of its rows stays below the shoulder. */

import { neckDepth } from '../../../shaping/curve.js';
import type { GarmentCounts } from '../../counts.js';
import type { PanelStyle } from '../../shared/panels/style.js';

/**
 * Stitches below the shoulder in each row of one half of the neck, from the shoulder to the centre: its line in the middle of the
 * row, the last row at the full drop. Every row is worked in pattern, so it falls by whole repeats; at the shoulder by two
 * stitches at least, so that there is a step to leave and to chain again.
 *
 * @param unit stitches of a repeat
 */
export function halfBelow(
  { neck: { shape } }: PanelStyle,
  { rows, drop, unit }: { rows: number; drop: number; unit: number },
): number[] {
  if (drop === 0) return new Array<number>(rows).fill(0);
  const line = neckDepth(shape, rows, drop);
  const least = leastStep(unit);
  return Array.from({ length: rows }, (_, i) =>
    i === rows - 1 ? drop : Math.min(drop, Math.max(least, Math.round(line(i + 0.5) / unit) * unit)),
  );
}

/** The fewest stitches of a step: a repeat, of two stitches or more. */
export function leastStep(unit: number): number {
  return unit * Math.ceil(2 / unit);
}

/** The whole neck of a closed front: falling to the centre, and the same rising again. */
export function wholeBelow(style: PanelStyle, counts: GarmentCounts, unit: number): number[] {
  const rows = counts.of('neck.width');
  const half = halfBelow(style, { rows: Math.ceil(rows / 2), drop: counts.of('neck.drop'), unit });
  return [...half, ...half.slice(0, Math.floor(rows / 2)).reverse()];
}

/** Rows of the neck of each open front. */
export function openRows(counts: GarmentCounts): number {
  return counts.of('front.width') - counts.of('shoulder.width') - (counts.find('notch.width') ?? 0);
}
