import type { GarmentCounts } from '../../counts.js';
/** Counts of a garment of panels that are sums of others. */

/** Stitches across the shoulders, inside the armholes. */
export function acrossShoulders(counts: GarmentCounts): number {
  return (
    counts.of('back.width') - 2 * ((counts.find('notch.width') ?? 0) + (counts.find('armhole.curve') ?? 0))
  );
}

/** Rows of the sleeve from its cuff to the shoulder: along its seam, and along a step or over a cap. */
export function sleeveRows(counts: GarmentCounts): number {
  return (
    counts.of('sleeve.rows') +
    (counts.find('notch.rows') ?? 0) +
    (counts.find('cap.rows') ?? 0) +
    (counts.find('fade.rows') ?? 0)
  );
}
