import type { Counts, Relation } from '../../fit/problem.js';
import { sumAtMost } from '../../fit/relations.js';
import { EASED_MOST, EASED_SHARE } from '../../joins/join.js';
import type { Phrase } from '../../text/phrase.js';

/** One side of a seam as a length: count x times / perCm. */
export interface SeamSide {
  of: string;
  perCm: number;
  times: number;
}

/**
 * Relations for two sides that are sewn by length: they may differ by what the seam eases in. Said once, by the first.
 *
 * @param seam name of the seam, its rule in the trade's words, and what it says of its counts
 */
export function sameLength(
  { id, rule, says }: { id: string; rule: string; says: (counts: Counts) => Phrase },
  a: SeamSide,
  b: SeamSide,
): Relation[] {
  const scaleA = a.times / a.perCm;
  const scaleB = b.times / b.perCm;
  const apart = (name: string, timesA: number, timesB: number, total: number) =>
    sumAtMost({ id: `${id}.${name}`, rule }, { [a.of]: timesA, [b.of]: timesB }, total);
  return [
    { ...apart('longer by share', scaleA, -scaleB * (1 + EASED_SHARE), 0), says },
    apart('shorter by share', -scaleA * (1 + EASED_SHARE), scaleB, 0),
    apart('longer', scaleA, -scaleB, EASED_MOST),
    apart('shorter', -scaleA, scaleB, EASED_MOST),
  ];
}
