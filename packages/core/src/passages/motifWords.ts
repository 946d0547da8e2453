/** How what is worked along the sides of a motif is told: clusters in the spaces between those below, or plain stitches in each stitch. */

import { isInSpaces, type Fabric } from '../fabric/fabric.js';
import { line, type Line } from '../write/line.js';

/** What goes into a corner's space, and what along a side. */
export function workedAlong(
  fabric: Fabric,
  stitch: string,
  [before, after]: readonly [before: number, after: number],
): { corner: string; between: string } {
  if (!isInSpaces(fabric))
    return { corner: `(${after} ${stitch}, ch 2, ${before} ${stitch})`, between: `${stitch} in each st` };
  const one = `${fabric.unit!.stitches} ${stitch}`;
  return { corner: `(${one}, ch 2, ${one})`, between: `${one} in each sp` };
}

/** "(90 clusters, 270 sts)", or the stitches alone where a fabric is not worked in spaces. */
export function motifCount(counts: readonly number[], fabric: Fabric, gain: number): Line {
  if (!isInSpaces(fabric) || counts.some((count) => count % gain !== 0)) return line`(${counts} sts)`;
  return line`(${counts.map((count) => count / gain)} ${fabric.unit!.name}, ${counts} sts)`;
}
