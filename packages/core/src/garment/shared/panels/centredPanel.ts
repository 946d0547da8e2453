/** A cable or motif in the middle of back and front: what lies beside it must halve. */

import type { Fabric } from '../../../fabric/fabric.js';
import type { CountId } from '../../counts.js';
import { parity, type RuleParts } from '../../relations.js';
import { say } from '../../../text/phrase.js';

/**
 * The count of a piece less the panel is even; nothing without a panel.
 *
 * @param id of the relation
 * @param of the count that the panel lies in the middle of
 */
export function centredPanel({ panel = 0 }: Fabric, id = 'panel', of: CountId = 'back.width'): RuleParts {
  if (panel === 0) return { helpers: [], relations: [] };
  return parity(
    {
      id,
      rule: 'the panel in the middle leaves as many stitches on either side of it',
      says: (counts) => {
        const beside = (counts.of(of) - panel) / 2;
        return say`Panel in the middle: ${beside} + ${panel} + ${beside} = ${counts.of(of)}`;
      },
    },
    { [of]: 1 },
    panel % 2 === 1 ? 'odd' : 'even',
  );
}
