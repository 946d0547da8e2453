/** How a side-grown body grows: a unit of its fabric at each side, or a stitch beside each marker. */

import type { Fabric } from '../../../fabric/fabric.js';
import type { SideGrowth } from '../../../shaping/sideGrowth.js';

/**
 * What each of front and back gains in a round of growth, and where.
 *
 * @param by units at each side, or stitches on either side of its marker
 */
export function growthOf({ unit }: Fabric, by: number): Pick<SideGrowth, 'gain' | 'way'> {
  return unit ? { gain: by * unit.stitches, way: 'by turns' } : { gain: 2 * by, way: 'both ends' };
}

/** Most units that a side grows by in a round without ruffling there (common practice). */
export const MOST_GROWTH = 4;

/** Stitches beside the repeats that flat rows want at their two ends: chained where front and back come apart. */
export function edgesOf({ rule }: Fabric): { left: number; right: number } {
  const { plus } = rule.flat;
  return { left: Math.ceil(plus / 2), right: Math.floor(plus / 2) };
}
