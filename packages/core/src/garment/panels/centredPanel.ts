/** A cable or motif in the middle of back and front: what lies beside it must halve. */

import type { Fabric } from '../../fabric/fabric.js';
import { parity, type RuleParts } from '../../fit/relations.js';
import { say } from '../../text/phrase.js';

/** The width of the back less the panel is even; nothing without a panel. */
export function centredPanel({ panel = 0 }: Fabric): RuleParts {
  if (panel === 0) return { helpers: [], relations: [] };
  return parity(
    {
      id: 'panel',
      rule: 'the panel in the middle leaves as many stitches on either side of it',
      says: (counts) => {
        const beside = (counts['back.width']! - panel) / 2;
        return say`Panel in the middle: ${beside} + ${panel} + ${beside} = ${counts['back.width']!}`;
      },
    },
    { 'back.width': 1 },
    panel % 2 === 1 ? 'odd' : 'even',
  );
}
