import type { Girth } from '@upfell/core';

/** The round of something at a distance from the shoulder, on the straight line between known ones; null beyond them. */
export function roundAt(girths: readonly Girth[], at: number): number | null {
  const after = girths.findIndex((one) => one.at >= at);
  if (after < 0) return null;
  const end = girths[after]!;
  if (end.at === at) return end.round;
  if (after === 0) return null;
  const start = girths[after - 1]!;
  return start.round + ((at - start.at) / (end.at - start.at)) * (end.round - start.round);
}
