/** What a piece leaves to the edging that will be worked on to it. */

import { addedAt } from '../../borders/height.js';
import { BORDER_WORDS, type Borders } from '../../borders/fields.js';
import type { SizeInput } from '../construction.js';
import { plus } from './quantity.js';
import type { Reason } from '../../because/reason.js';

/** A finished length as its pieces are to measure, without what is worked on at the end. */
export function lessEdging(
  { style, fabrics }: Pick<SizeInput<unknown>, 'style' | 'fabrics'>,
  place: 'hem' | 'cuff',
  finished: { length: number; reasons: readonly Reason[] },
): typeof finished {
  const { border } = style as { border?: Borders };
  const added = addedAt(place, border, fabrics);
  if (added === 0) return finished;
  const length = finished.length - added;
  const own = border?.[place] ? place : 'round';
  const from = { kind: 'style', id: `garment.border.${own}.rounds` } as const;
  return { length, reasons: [...finished.reasons, plus(BORDER_WORDS[own].title, -added, length, from)] };
}
