/** Rows along an edge with corners: what is made in each corner stitch, and how the sides between them grow. */

import type { Step } from '../work/rows.js';

/** The corners of a row, and its stitches between them. */
export interface CornerShaping {
  /** Stitches before, between and after the corner stitches, from left to right: one more than there are corners. */
  sides: readonly number[];
  /** Stitches that each corner gains (below 0: loses) in every row, from left to right. */
  by: readonly number[];
  /** Stitches more (or fewer) where the first row begins, so that what follows comes out. */
  spare: number;
}

/** Stitches that a corner takes from the sides at its left and right besides its own, where it works some together. */
function taken(by: number): readonly [left: number, right: number] {
  const more = Math.max(0, -by);
  return [Math.floor(more / 2), Math.ceil(more / 2)];
}

/** What a corner adds to the sides at its left and right. */
function added(by: number): readonly [left: number, right: number] {
  if (by < 0) {
    const [left, right] = taken(by);
    return [-left, -right];
  }
  return [Math.floor(by / 2), Math.ceil(by / 2)];
}

/** The sides after so many rows. */
export function cornersAfter({ sides, by, spare }: CornerShaping, rows: number): number[] {
  return sides.map((side, i) => {
    const left = i > 0 ? added(by[i - 1]!)[1] : 0;
    const right = i < by.length ? added(by[i]!)[0] : 0;
    const own = i === sides.length - 1 ? spare : 0;
    return side + (rows > 0 ? own : 0) + rows * (left + right);
  });
}

/** Whether each side has the stitches that the corners at its ends take from it. */
export function hasRoom({ sides, by, spare }: CornerShaping): boolean {
  return sides.every((_, i) => plainOf({ sides, by, spare }, i) >= 0);
}

/** Stitches of a side that no corner takes. */
function plainOf({ sides, by, spare }: CornerShaping, i: number): number {
  const before = i > 0 ? taken(by[i - 1]!)[1] : 0;
  const after = i < by.length ? taken(by[i]!)[0] : 0;
  const hidden = i === sides.length - 1 ? (spare < 0 ? -2 * spare : spare) : 0;
  return sides[i]! - before - after - hidden;
}

/**
 * The steps of one row, from left to right.
 *
 * @throws RangeError where a side is too short for its corners
 */
export function stepsAtCorners({ sides, by, spare }: CornerShaping): { steps: Step[]; by: number } {
  const steps: Step[] = [];
  sides.forEach((side, i) => {
    const last = i === sides.length - 1;
    const plain = plainOf({ sides, by, spare }, i);
    if (plain < 0) throw new RangeError(`a side of ${side} stitches is too short for its corners`);
    if (plain > 0) steps.push({ do: 'work', times: plain });
    // A right-side row begins at the right end.
    if (last && spare !== 0) steps.push({ do: spare > 0 ? 'increase' : 'decrease', times: Math.abs(spare) });
    if (!last) steps.push(cornerStep(by[i]!));
  });
  return { steps, by: by.reduce((sum, many) => sum + many, spare) };
}

function cornerStep(by: number): Step {
  if (by === 0) return { do: 'work', times: 1 };
  if (by < 0) return { do: 'decrease', times: 1, takes: 1 - by };
  return { do: 'increase', times: 1, makes: 1 + by, line: Math.floor(by / 2) };
}
