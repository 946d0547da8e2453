import type { GarmentRound } from '@upfell/core';

/** The round of something at a distance from the shoulder, on the straight line between known ones; null beyond them. */
export function roundAt(rounds: readonly GarmentRound[], at: number): number | null {
  const after = rounds.findIndex((one) => one.at >= at);
  if (after < 0) return null;
  const end = rounds[after]!;
  if (end.at === at) return end.round;
  if (after === 0) return null;
  const start = rounds[after - 1]!;
  return start.round + ((at - start.at) / (end.at - start.at)) * (end.round - start.round);
}
