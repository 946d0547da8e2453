import { shapingUnit, type Fabric } from '../../fabric/fabric.js';
import type { EdgeProgram } from '../construction.js';
import { ends } from '../shared/pieces.js';

/**
 * The two edges of a flat sleeve that are sewn together along the arm; the front edge lies at the left.
 *
 * @param spans the row ends that the seam takes in
 * @param outwards how far each edge lies outside the first of them, in stitches
 */
export function seamEdges(
  fabric: Fabric,
  spans: { part: string; first: number; last: number }[],
  outwards: readonly number[],
): EdgeProgram[] {
  return (['front', 'back'] as const).map((name) => ({
    id: `sleeve.${name}-edge`,
    label: `Sleeve, ${name} edge`,
    axis: 'rows',
    place: {
      ...ends(name === 'front' ? 'left' : 'right', ...spans),
      ...(shapingUnit(fabric) > 1 ? { stepped: true } : {}),
    },
    path: outwards.map((stitches) => (name === 'front' ? -stitches : stitches)),
  }));
}
