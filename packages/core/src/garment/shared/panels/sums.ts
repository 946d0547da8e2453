/** Counts of a garment of panels that are sums of others. */

import type { Counts } from '../../../fit/problem.js';

/** Stitches across the shoulders, inside the armholes. */
export function acrossShoulders(counts: Counts): number {
  return counts['back.width']! - 2 * ((counts['notch.width'] ?? 0) + (counts['armhole.curve'] ?? 0));
}

/** Rows of the sleeve from its cuff to the shoulder: along its seam, and along a step or over a cap. */
export function sleeveRows(counts: Counts): number {
  return (
    counts['sleeve.rows']! +
    (counts['notch.rows'] ?? 0) +
    (counts['cap.rows'] ?? 0) +
    (counts['fade.rows'] ?? 0)
  );
}
