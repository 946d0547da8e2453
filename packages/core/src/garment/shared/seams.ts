import type { Counts, Relation } from '../../fit/problem.js';
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
 * @param id name of the seam
 * @param says the seam in words
 */
export function sameLength(
  id: string,
  a: SeamSide,
  b: SeamSide,
  says: (counts: Counts) => Phrase,
): Relation[] {
  const scaleA = a.times / a.perCm;
  const scaleB = b.times / b.perCm;
  const silent = (): Phrase => [];
  const atMost = (
    name: string,
    timesA: number,
    timesB: number,
    total: number,
    words: Relation['says'],
  ): Relation => ({
    id: `${id}.${name}`,
    kind: 'at most',
    terms: [
      { of: a.of, times: timesA },
      { of: b.of, times: timesB },
    ],
    total,
    says: words,
  });
  return [
    atMost('longer by share', scaleA, -scaleB * (1 + EASED_SHARE), 0, says),
    atMost('shorter by share', -scaleA * (1 + EASED_SHARE), scaleB, 0, silent),
    atMost('longer', scaleA, -scaleB, EASED_MOST, silent),
    atMost('shorter', -scaleA, scaleB, EASED_MOST, silent),
  ];
}

/** Two counts that must be equal. */
export function sameCount(id: string, a: string, b: string, says: (counts: Counts) => Phrase): Relation {
  return {
    id,
    kind: 'equal',
    terms: [
      { of: a, times: 1 },
      { of: b, times: -1 },
    ],
    total: 0,
    says,
  };
}
