/** The neck of a garment of panels: a straight gap at the back, and in front a drop that opens to the shoulders along a line. */

import { leastAreaSteps, neckCurve, neckLineLength, type NeckShape } from '../../shaping/curve.js';
import type { ShapedLine } from '../../passages/shapePassage.js';
import { fromSteps, type Schedule } from '../../shaping/schedule.js';

/**
 * Length of the neck edge all round, cm.
 *
 * @param shape the front's line
 * @param width neck width at the shoulders
 * @param drop depth of the front neck
 */
export function neckOpening(shape: NeckShape, width: number, drop: number): number {
  return width + 2 * neckLineLength(shape, width / 2, drop);
}

/**
 * The neck width whose edge is so long all round, cm.
 *
 * @param opening length of the edge wanted
 * @param drop depth of the front neck
 */
export function widthOfOpening(shape: NeckShape, opening: number, drop: number): number {
  let low = 0;
  let high = opening;
  for (let step = 0; step < 30; step += 1) {
    const middle = (low + high) / 2;
    if (neckOpening(shape, middle, drop) < opening) low = middle;
    else high = middle;
  }
  return high;
}

/** The front neck in stitches: what is left at the centre, and how each side goes on to the shoulder. */
export interface FrontNeck {
  /** Stitches left unworked in the row where the front divides. */
  centre: number;
  /** Stitches that each side still takes off, and when. */
  slope: number;
  schedule: Schedule;
  line: ShapedLine;
}

/** The line of a front neck, or so many stitches off in every first or second row. */
export interface NeckWish {
  shape: NeckShape;
  slant?: { stitches: number; every: 1 | 2 } | null;
}

/** How far one side has opened after each row of the drop: along its line, or by a rate, rows to spare being straight at the top. */
function stepsOf(
  { shape, slant = null }: NeckWish,
  { half, drop, total, unit }: { half: number; drop: number; total: number; unit: number },
): number[] {
  return slant
    ? Array.from({ length: drop }, (_, i) =>
        i === drop - 1 ? total : Math.min(total, slant.stitches * (Math.floor(i / slant.every) + 1)),
      )
    : leastAreaSteps(neckCurve(shape, half, drop), drop, total, { unit })!;
}

/**
 * Steps of a front neck, with the least area between them and its line.
 *
 * @param neck stitches of the neck
 * @param drop rows of the drop, at least one
 * @param shoulder stitches of each shoulder
 * @param divide number of the last full row
 * @param unit stitches that shaping takes at a time
 */
export function frontNeck(
  wish: NeckWish,
  {
    neck,
    drop,
    shoulder,
    divide,
    unit = 1,
  }: { neck: number; drop: number; shoulder: number; divide: number; unit?: number },
): FrontNeck {
  const half = unit * Math.floor(neck / 2 / unit);
  const steps = stepsOf(wish, { half: neck / 2, drop, total: half, unit });
  // The first row opens the centre; a V's point is one stitch at least where the neck is odd.
  const opened = steps[0]!;
  const slope = half - opened;
  return {
    centre: neck - 2 * slope,
    slope,
    line: { shape: wish.slant ? 'V' : wish.shape, half: neck / 2, drop },
    schedule: fromSteps(
      shoulder + slope,
      divide + 1,
      steps.map((reached) => shoulder + half - reached),
    ),
  };
}

/** The neck of one of two open fronts. */
export interface HalfNeck {
  schedule: Schedule;
  line: ShapedLine;
  /** Stitches that the neck edge lies inside the front's edge, after the last full row and after each row of the drop. */
  inside: readonly number[];
}

/**
 * Steps of the neck of an open front: half of a closed one's, with the least area between them and its line; or slanted by a rate,
 * rows to spare being straight at the top.
 *
 * @param taken stitches that the neck takes off
 * @param drop rows of the drop, at least one
 * @param width stitches of the front
 * @param divide number of the last full row
 * @param unit stitches that shaping takes at a time
 */
export function halfNeck(
  wish: NeckWish,
  {
    taken,
    drop,
    width,
    divide,
    unit = 1,
  }: { taken: number; drop: number; width: number; divide: number; unit?: number },
): HalfNeck {
  const steps = stepsOf(wish, { half: taken, drop, total: taken, unit });
  return {
    line: { shape: wish.slant ? 'V' : wish.shape, half: taken, drop },
    inside: [0, ...steps],
    schedule: fromSteps(
      width,
      divide + 1,
      steps.map((reached) => width - reached),
    ),
  };
}

/**
 * Length of a stepped edge once it is evened, cm: each of its rows the slant from its end to the one before.
 *
 * @param aside where each row ends, in stitches to one side of any line
 */
export function steppedLength(aside: readonly number[], stitchesPerCm: number, rowsPerCm: number): number {
  return aside.reduce(
    (sum, stitches, i) =>
      sum + Math.hypot(i === 0 ? 0 : (stitches - aside[i - 1]!) / stitchesPerCm, 1 / rowsPerCm),
    0,
  );
}
