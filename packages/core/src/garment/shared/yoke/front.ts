/** A neck that falls in front of a yoke worked down: the fronts begin with few stitches and grow to the line of the neck. */

import { leastAreaSteps, neckCurve } from '../../../shaping/curve.js';
import { fromSteps, type Schedule } from '../../../shaping/schedule.js';
import { perCm } from '../../../fabric/gauge.js';
import type { SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { type YokeStyle } from './fields.js';
import { isOpen } from '../front.js';
import { steppedLength } from '../neck.js';

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
  return fallingSides(neck, stitchesPerCm, rowsPerCm) + neck.centre / stitchesPerCm;
}

/** Length of both its sides, cm. */
export function fallingSides({ gained }: FallingNeck, stitchesPerCm: number, rowsPerCm: number): number {
  return 2 * steppedLength(gained, stitchesPerCm, rowsPerCm);
}

/** Width that each front of a falling neck begins with, cm: as little as can be worked. */
export const FRONT_START = 1;

/** The fronts in stitches. */
export interface FrontCounts {
  /** What each front begins with at the neck, or the whole front where it is closed and level. */
  start: number;
  /** What a falling neck leaves between them, to be gained at their neck edges. */
  between: number;
  /** At the underarm, each where they open. */
  width: number;
}

/** Stitches that each front of a falling neck begins with. */
export function frontStart({ style, fabrics }: SizeInput<YokeStyle>): number {
  return Math.max(1, Math.round(FRONT_START * perCm(fabrics.get(style.fabric)!.gauge, 'stitches')));
}

/**
 * The fronts of a raglan follow from the back: they grow as it does, so a closed front is as wide as it, and the two of an open one are
 * as much narrower as they are at the neck.
 */
export function frontCounts(input: SizeInput<YokeStyle>, counts: GarmentCounts): FrontCounts {
  const { style } = input;
  const [back, neck] = [counts.of('back.width'), counts.of('neck.back')];
  const falling = falls(style);
  if (!isOpen(style)) {
    const start = falling ? frontStart(input) : neck;
    return { start, between: falling ? neck - 2 * start : 0, width: back };
  }
  const start = falling ? frontStart(input) : counts.of('neck.front');
  const between = falling ? counts.of('neck.width') : 0;
  return { start, between, width: start + between / 2 + (back - neck) / 2 };
}
