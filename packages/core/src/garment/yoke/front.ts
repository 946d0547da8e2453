/** A neck that falls in front of a yoke worked down: the fronts begin with few stitches and grow to the line of the neck. */

import { leastAreaSteps, neckCurve } from '../../shaping/curve.js';
import { fromSteps, type Schedule } from '../../shaping/schedule.js';
import type { YokeStyle } from './style.js';

export interface FallingNeck {
  /** Stitches that each front has gained after each row from row 1 on. */
  gained: readonly number[];
  /** The same as a schedule from 0 stitches. */
  schedule: Schedule;
  /** Chains over the centre in the row that closes the neck; 0 for fronts that stay apart. */
  centre: number;
}

/** Whether a neck falls by fronts that begin shorter. */
export function falls(style: Pick<YokeStyle, 'neck'>): boolean {
  return style.neck.shape === 'round' || style.neck.shape === 'V';
}

/**
 * The steps of a falling neck from its top to its lowest row, with the least area between them and its line: a neck worked
 * up, read from its other end.
 *
 * @param width stitches of the neck between the fronts' first stitches; even where the fronts stay apart
 * @param drop rows above the row in which the neck closes
 * @param open whether the fronts stay apart: then each adds its half of the centre by chains in the row after the drop
 */
export function fallingNeck(shape: 'round' | 'V', width: number, drop: number, open: boolean): FallingNeck {
  const half = Math.floor(width / 2);
  const steps = leastAreaSteps(neckCurve(shape, width / 2, drop), drop, half)!;
  const gained = Array.from({ length: drop }, (_, i) => half - steps[drop - 1 - i]!);
  const rows = open ? [...gained, half] : gained;
  return { gained: rows, schedule: fromSteps(0, 1, rows), centre: open ? 0 : 2 * steps[0]! + (width % 2) };
}

/** Where a front's neck edge ends in each row, in stitches outside its first row's. */
export function edgePath({ gained }: FallingNeck): number[] {
  return gained.map((stitches) => stitches - gained[0]!);
}

/** Length of the falling part of a neck, both sides and the centre, cm: as its edges are measured. */
export function fallingLength(neck: FallingNeck, stitchesPerCm: number, rowsPerCm: number): number {
  const side = neck.gained.reduce((sum, stitches, i) => {
    const aside = i === 0 ? 0 : (stitches - neck.gained[i - 1]!) / stitchesPerCm;
    return sum + Math.hypot(aside, 1 / rowsPerCm);
  }, 0);
  return 2 * side + neck.centre / stitchesPerCm;
}
