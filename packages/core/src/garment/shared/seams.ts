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

interface Seam {
  /** Name of the seam. */
  id: string;
  /** Its rule in the trade's words, and what it says of its counts. */
  rule: string;
  says: (counts: Counts) => Phrase;
}

/** Relations for two sides that are sewn by length: they may differ by what the seam eases in. Said once, by the first. */
export function sameLength(seam: Seam, a: SeamSide, b: SeamSide): Relation[] {
  return sameLengths(seam, [a], [b]);
}

/**
 * As `sameLength`, for sides that are made of several edges one after another.
 *
 * @param more length that side b has besides, cm
 */
export function sameLengths(
  { id, rule, says }: Seam,
  a: readonly SeamSide[],
  b: readonly SeamSide[],
  more = 0,
): Relation[] {
  const apart = (name: string, timesA: number, timesB: number, total: number) =>
    sumAtMost(
      { id: `${id}.${name}`, rule },
      Object.fromEntries([
        ...a.map(({ of, perCm, times }) => [of, (timesA * times) / perCm]),
        ...b.map(({ of, perCm, times }) => [of, (timesB * times) / perCm]),
      ]),
      total,
    );
  const share = 1 + EASED_SHARE;
  return [
    { ...apart('longer by share', 1, -share, share * more), says },
    apart('shorter by share', -share, 1, -more),
    apart('longer', 1, -1, EASED_MOST + more),
    apart('shorter', -1, 1, EASED_MOST - more),
  ];
}
