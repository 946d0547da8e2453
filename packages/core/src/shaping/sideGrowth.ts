/** Growth at both sides of a round, as of a garment that widens from its band into sleeves. */

import type { Step } from '../work/rows.js';

/**
 * Where a half of the round grows. At both ends: beside each side marker. By turns: a whole unit at one end in one round and at the other
 * in the next, so that the new units lie at the side in a column.
 */
export type GrowthWay = 'both ends' | 'by turns';

export interface SideGrowth {
  /** Stitches of each of front and back before the first round. */
  half: number;
  /** Stitches that each of them gains in a round. */
  gain: number;
  way: GrowthWay;
}

/** Stitches of each of front and back after so many rounds. */
export function halfAfter({ half, gain }: SideGrowth, rounds: number): number {
  return half + rounds * gain;
}

/**
 * At which end of a half a round of growth by turns lies: worked on from right to left it is the beginning that grows first; in turned rounds
 * it is the beginning of every one, which lies at the other end each time.
 *
 * @param before rounds that have grown before it
 * @param turned the side of the round where rounds are turned; null where they are not
 */
export function growsAtRight(before: number, turned: 'RS' | 'WS' | null): boolean {
  return turned ? turned === 'RS' : before % 2 === 0;
}

/**
 * The steps of one round, from left to right.
 *
 * @param before rounds that have grown before it
 * @param atRight at which end of each half it grows, where it grows at one
 * @throws RangeError where a half has too few stitches to grow in, or an odd gain is to be shared by two ends
 */
export function growthSteps(growth: SideGrowth, before: number, atRight: boolean): Step[] {
  const { gain, way } = growth;
  const half = halfAfter(growth, before);
  if (half < 2) throw new RangeError(`a half of ${half} stitches has no two ends to grow at`);
  if (way === 'both ends' && gain % 2 !== 0)
    throw new RangeError(`${gain} stitches cannot be shared by both ends`);
  const grown = (by: number): Step => ({ do: 'increase', times: 1, ...(by === 1 ? {} : { makes: 1 + by }) });
  const one: Step[] =
    way === 'both ends'
      ? [grown(gain / 2), ...plain(half - 2), grown(gain / 2)]
      : atRight
        ? [...plain(half - 1), grown(gain)]
        : [grown(gain), ...plain(half - 1)];
  return [...one, ...one.map((step) => ({ ...step }))];
}

function plain(times: number): Step[] {
  return times > 0 ? [{ do: 'work', times }] : [];
}
