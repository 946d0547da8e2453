/** Places the flags of sizes along a tape so that none covers another. */

export interface Flag {
  /** Where the size lies on the tape, px, and how wide its flag is. */
  at: number;
  width: number;
}

/** Where a flag hangs: its left end, and in which of the lanes. */
export interface HungFlag {
  x: number;
  lane: number;
}

/** Between flags, px. */
const GAP = 5;
const LANES = 2;

/** The least width at which all flags find room, px. */
export function roomForFlags(widths: readonly number[]): number {
  return widths.reduce((sum, width) => sum + width + GAP, 0) / LANES + Math.max(0, ...widths);
}

/**
 * Hangs flags at their places, by turns in two lanes where they are close; those that would cover others move aside, as few and as little as
 * that takes, and all stay in their order.
 *
 * @param flags from left to right
 * @param end right end of the tape, px
 */
export function hangFlags(flags: readonly Flag[], end: number): HungFlag[] {
  const ends: number[] = Array.from({ length: LANES }, () => -Infinity);
  const hung = flags.map(({ at, width }): HungFlag => {
    // The upper lane as long as there is room; else the one that frees first.
    const free = ends.findIndex((taken) => at >= taken + GAP);
    const lane = free >= 0 ? free : ends.indexOf(Math.min(...ends));
    const x = Math.max(at, ends[lane]! + GAP);
    ends[lane] = x + width;
    return { x, lane };
  });
  // What has moved beyond the end goes back, and those before it in its lane with it.
  const limits: number[] = Array.from({ length: LANES }, () => end);
  for (let i = hung.length - 1; i >= 0; i -= 1) {
    const { x, lane } = hung[i]!;
    const moved = Math.min(x, limits[lane]! - flags[i]!.width);
    hung[i] = { x: moved, lane };
    limits[lane] = moved - GAP;
  }
  return hung;
}
