import type { Relation } from '../../fit/problem.js';
import type { CountId, GarmentCounts } from '../counts.js';
import { sumAtMost } from '../relations.js';
import { EASED_MOST, EASED_SHARE, easeOfShortSeams } from '../../joins/join.js';
import type { Phrase } from '../../text/phrase.js';

/** One side of a seam as a length: count x times / perCm. */
export interface SeamSide {
  of: CountId;
  perCm: number;
  times: number;
}

/**
 * Relations for two sides that are sewn by length: they may differ by what the seam eases in. What a short seam eases in is the same
 * for any length; only a seam that is wanted long enough for its share to be more goes by the share. Said once, by the first.
 *
 * @param seam name of the seam, its rule in the trade's words, and what it says of its counts
 * @param wanted length that the seam is meant to have, cm
 */
export function sameLength(
  { id, rule, says }: { id: string; rule: string; says: (counts: GarmentCounts) => Phrase },
  a: SeamSide,
  b: SeamSide,
  wanted: number,
): Relation[] {
  const scaleA = a.times / a.perCm;
  const scaleB = b.times / b.perCm;
  const apart = (name: string, timesA: number, timesB: number, total: number): Relation => ({
    ...sumAtMost({ id: `${id}.${name}`, rule }, { [a.of]: timesA, [b.of]: timesB }, total),
    seam: id,
  });
  const least = easeOfShortSeams(1 / a.perCm, 1 / b.perCm);
  const within = (most: number): Relation[] => [
    { ...apart('longer', scaleA, -scaleB, most), says },
    apart('shorter', -scaleA, scaleB, most),
  ];
  if (EASED_SHARE * wanted <= least || least >= EASED_MOST) return within(least);
  return [
    ...within(EASED_MOST),
    apart('longer by share', scaleA, -scaleB * (1 + EASED_SHARE), 0),
    apart('shorter by share', -scaleA * (1 + EASED_SHARE), scaleB, 0),
  ];
}
