/** How something is picked up along row ends, as fields of a style: by its gauge, or by ratio. */

import { choice, numberOrNone } from '../fields/kinds.js';
import type { When } from '../fields/kinds.js';

/**
 * The choice between gauge and ratio, and the stitches for each row end where it goes by ratio.
 *
 * @param what what is picked up, in sentences: "the sleeve"
 * @param at the path of its group: "sleeve"
 * @param when where it is picked up at all; always where it is left out
 */
export function pickUpFields(what: string, at: string, when?: When) {
  return {
    pickUp: choice({
      name: `The pick-up of ${what}`,
      label: 'Picked up',
      help: 'By gauge it lies flat; by ratio the count follows the row ends, whatever that comes to.',
      ...(when ? { when } : {}),
      options: [
        ['gauge', 'by its gauge'],
        ['ratio', 'by ratio to the row ends'],
      ],
      usual: 'gauge',
    }),
    perRowEnd: numberOrNone({
      name: `The stitches for each row end of ${what}`,
      label: 'Stitches for each row end',
      help: 'Usually 1 for each sc row, 1½ hdc, 2 dc, 3 tr; of a pattern one unit.',
      when: { ...when, [`${at}.pickUp`]: ['ratio'] },
      range: [0.25, 12],
      unit: 'stitches',
      optional: { none: 'as rows usually take', own: 'as I say', first: 2 },
    }),
  };
}

/** What these fields read as. */
export interface PickUpStyle {
  pickUp: 'gauge' | 'ratio';
  perRowEnd: number | null;
}
