import { shapingUnit, type Fabric } from '../../../fabric/fabric.js';
import type { EdgeProgram } from '../../construction.js';
import { ends } from '../pieces.js';

interface Span {
  part: string;
  first: number;
  last: number;
}

/**
 * The two edges of a flat sleeve that are sewn together along the arm; the front edge lies at the left.
 *
 * @param spans the row ends of each edge that the seam takes in
 * @param outwards how far each edge lies outside the first of them, in stitches
 */
export function seamEdges(
  fabric: Fabric,
  spans: Record<'front' | 'back', readonly Span[]>,
  outwards: readonly number[],
): EdgeProgram[] {
  return (['front', 'back'] as const).map((name) => ({
    id: `sleeve.${name}-edge`,
    role: 'sleeve seam',
    label: `Sleeve, ${name} edge`,
    axis: 'rows',
    place: {
      ...ends(name === 'front' ? 'left' : 'right', ...spans[name]),
      ...(shapingUnit(fabric) > 1 ? { stepped: true } : {}),
    },
    path: outwards.map((stitches) => (name === 'front' ? -stitches : stitches)),
  }));
}
