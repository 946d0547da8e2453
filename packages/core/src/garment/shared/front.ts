/** How the front of a garment opens, whatever its construction. */

import type { FieldReader } from '../../check/fields.js';
import type { SizeInput } from '../construction.js';
import { forSize, readPerSize, type PerSize } from './perSize.js';
import { becomes, given, plus } from './quantity.js';
import { lengthWish } from './style.js';
import type { Target } from './targets.js';

export const FRONTS = ['closed', 'gap', 'overlap', 'band'] as const;

export interface FrontStyle {
  style: (typeof FRONTS)[number];
  /** Gap or overlap of the fronts, or width of the band between them, cm. */
  width: PerSize;
  /** Fabric of the front bands. */
  fabric: string;
}

type Input = Pick<SizeInput<{ front: FrontStyle }>, 'style' | 'size'>;

/** Width of a band or an overlap where the design says nothing, cm (common practice). */
const USUAL_WIDTH = 4;

/** Reads the front; bands are of the rib's fabric unless they say otherwise. */
export function readFront(front: FieldReader, fabricIds: readonly string[], rib: string): FrontStyle {
  return {
    style: front.choice('style', 'The front', FRONTS, 'closed'),
    width: readPerSize(front, 'width', lengthWish('The width of gap, overlap or band', 0, 60, USUAL_WIDTH)),
    fabric: front.choice('fabric', 'The fabric of the front bands', fabricIds, rib),
  };
}

/** Whether the front opens from neck to hem. */
export function isOpen({ front }: { front: FrontStyle }): boolean {
  return front.style !== 'closed';
}

/** What the fronts lack of half the garment's round: the gap or the band between them; below 0 where they overlap. */
export function openingWidth({ style, size }: Input): number {
  const width = forSize(style.front.width, size.id);
  return { closed: 0, gap: width, band: width, overlap: -width }[style.front.style];
}

/** One of two fronts: half as wide as the back, less half of what lies between them. */
export function frontWidth(input: Input, back: number, label: string): Target {
  const opening = openingWidth(input);
  const length = (back - opening) / 2;
  return {
    length,
    reasons: [
      given(label, back, { kind: 'quantity', id: 'back.width' }),
      plus(opening < 0 ? 'Overlap' : 'What lies between the fronts', -opening, back - opening, {
        kind: 'style',
        id: 'garment.front.width',
      }),
      becomes('Two fronts', '÷ 2', length),
    ],
  };
}
