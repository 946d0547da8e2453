/** How edges with unequal numbers meet: a small repeat that can be kept in the head, and what is left over. */

import type { Axis } from '../fabric/fabric.js';
import { numberInWords } from '../text/singular.js';

/** Largest number in a repeat: "6 stitches to 5 rows". */
const LARGEST = 8;
/** What a more complicated repeat must be better by, stitches. */
const WORTH = 0.5;
/** Share of a side by which one repeat for all sizes may be out. */
const ABOUT = 0.04;

/** Whether a repeat that comes to a count with so many more or fewer is near enough to be one for all sizes. */
export function isNear(extra: number, count: number): boolean {
  return Math.abs(extra) <= Math.max(1, ABOUT * count);
}

/** A repeat: p of one side to q of the other. */
export interface Repeat {
  p: number;
  q: number;
}

/** What a side has more than the repeat comes to (fewer where negative). */
function extraOf({ p, q }: Repeat, a: number, b: number): number {
  return a - Math.round((b * p) / q);
}

/** The repeat that comes nearest in all pairs of counts, the simpler one where two are nearly as near. */
function nearest(pairs: readonly (readonly [a: number, b: number])[]): Repeat {
  let best = { p: 1, q: 1, miss: Infinity };
  for (let sum = 2; sum <= 2 * LARGEST; sum += 1)
    for (let q = Math.max(1, sum - LARGEST); q <= Math.min(LARGEST, sum - 1); q += 1) {
      const repeat = { p: sum - q, q };
      const miss = Math.max(...pairs.map(([a, b]) => Math.abs(extraOf(repeat, a, b))));
      if (miss < best.miss - WORTH) best = { ...repeat, miss };
    }
  return best;
}

function repeatInWords({ p, q }: Repeat, aAxis: Axis, bAxis: Axis): string {
  return `${p} ${nameOf(aAxis, p)} to ${q} ${nameOf(bAxis, q)}`;
}

function nameOf(axis: Axis, count: number): string {
  return count === 1 ? axis.slice(0, axis === 'stitches' ? -2 : -1) : axis;
}

/** "3 stitches to 2 rows, one fewer in all": how two counts meet. */
export function meetInWords(aCount: number, aAxis: Axis, bCount: number, bAxis: Axis): string {
  if (aCount === bCount) return `1 ${nameOf(aAxis, 1)} to 1 ${nameOf(bAxis, 1)}`;
  const repeat = nearest([[aCount, bCount]]);
  const words = repeatInWords(repeat, aAxis, bAxis);
  const extra = extraOf(repeat, aCount, bCount);
  if (extra === 0) return words;
  const way = extra > 0 ? 'more' : 'fewer';
  const many = Math.abs(extra);
  return many % 4 === 0
    ? `${words}, ${numberInWords(many / 4)} ${way} in every quarter`
    : `${words}, ${numberInWords(many)} ${way} in all`;
}

/** "about 6 stitches to 5 rows", without the word where it is so in all: how the counts of several sizes meet; null where no one repeat does. */
export function meetForAll(
  pairs: readonly (readonly [a: number, b: number])[],
  aAxis: Axis,
  bAxis: Axis,
): string | null {
  const repeat = nearest(pairs);
  const extras = pairs.map(([a, b]) => extraOf(repeat, a, b));
  const words = repeatInWords(repeat, aAxis, bAxis);
  if (extras.every((extra) => extra === 0)) return words;
  return pairs.every(([a], i) => isNear(extras[i]!, a)) ? `about ${words}` : null;
}
