/** How the front of a garment opens, whatever its construction. */

import { perCm } from '../../fabric/gauge.js';
import type { DraftQuantity, SizeInput } from '../construction.js';
import type { GarmentCounts } from '../counts.js';
import { pickUpFields } from '../../joins/pickUpFields.js';
import { cordQuantity } from './cord.js';
import { choice, fabric, group, length, lengthOrNone, number, type StyleOf } from '../../fields/kinds.js';
import { forSize } from '../../fields/perSize.js';
import { becomes, given, plus } from './quantity.js';
import type { Target } from './targets.js';

const BANDED = { 'front.style': ['band'] } as const;
const NOT_CLOSED = { 'front.style': ['gap', 'overlap', 'band'] } as const;

/** How the front opens; widths are common practice. */
export const FRONT = group({
  name: 'The front',
  label: 'Front',
  help: 'How the front opens.',
  fields: {
    style: choice({
      name: 'The front',
      label: 'Front',
      help: 'Closed, or open from neck to hem; bands close the gap between the fronts.',
      options: [
        ['closed', 'closed'],
        ['gap', 'open, with a gap'],
        ['overlap', 'open, overlapping'],
        ['band', 'open, with bands'],
      ],
      usual: 'closed',
    }),
    width: length({
      name: 'The width of gap, overlap or band',
      label: 'Width of the band',
      labels: [
        { when: { 'front.style': ['gap'] }, label: 'Width of the gap' },
        { when: { 'front.style': ['overlap'] }, label: 'Overlap' },
      ],
      help: 'How far the fronts lie apart or over each other.',
      when: NOT_CLOSED,
      range: [0, 60],
      usual: 4,
    }),
    fabric: fabric({
      name: 'The fabric of the front bands',
      label: 'Fabric of the bands',
      help: 'Usually the second fabric of the design.',
      when: BANDED,
      usual: 'rib',
    }),
    ...pickUpFields('the front bands', 'front', BANDED),
  },
});

/** The same for separate panels, which can be tied. */
export const TIED_FRONT = group({
  ...FRONT,
  fields: {
    ...FRONT.fields,
    ties: number({
      name: 'The pairs of ties',
      label: 'Pairs of ties, 0 for none',
      help: 'Cords that close the fronts in place of buttons.',
      when: NOT_CLOSED,
      range: [0, 8],
      whole: true,
      unit: 'pairs',
      usual: 0,
    }),
    tieLength: length({
      name: 'The length of a tie',
      label: 'Length of a tie',
      help: 'Each of a pair.',
      when: { ...NOT_CLOSED, 'front.ties': 'some' },
      range: [5, 80],
      usual: 25,
    }),
    tieAt: lengthOrNone({
      name: 'The height of the lowest ties',
      label: 'Lowest ties',
      help: 'Along the front edge from the lower edge; the others evenly up to the neck.',
      when: { ...NOT_CLOSED, 'front.ties': 'some' },
      range: [0, 120],
      optional: { none: 'spread evenly', own: 'so far up', first: 30 },
    }),
  },
});

export type FrontStyle = StyleOf<typeof FRONT.fields>;
export type TiedFrontStyle = StyleOf<typeof TIED_FRONT.fields>;

type Input = Pick<SizeInput<{ front: FrontStyle }>, 'style' | 'size'>;

/** Whether the front opens from neck to hem. */
export function isOpen({ front }: { front: FrontStyle }): boolean {
  return front.style !== 'closed';
}

/** Whether the fronts are closed with ties. */
export function isTied(style: { front: TiedFrontStyle }): boolean {
  return isOpen(style) && style.front.ties > 0;
}

/** What the fronts lack of half the garment's round: the gap or the band between them; below 0 where they overlap. */
export function openingWidth({ style, size }: Input): number {
  const width = forSize(style.front.width, size.id);
  return { closed: 0, gap: width, band: width, overlap: -width }[style.front.style];
}

/** The same as it has come out: a band is as wide as its rows. */
export function openingWorked(
  input: Input & Pick<SizeInput<unknown>, 'fabrics'>,
  counts: GarmentCounts,
): number {
  const { front } = input.style;
  const rows = counts.find('band.rows');
  if (front.style !== 'band' || rows === undefined) return openingWidth(input);
  return rows / perCm(input.fabrics.get(front.fabric)!.gauge, 'rows');
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

/** The chain of one tie. */
export function tieQuantity({
  style,
  size,
  fabrics,
}: Pick<SizeInput<{ front: TiedFrontStyle }>, 'style' | 'size' | 'fabrics'>): DraftQuantity {
  const length = forSize(style.front.tieLength, size.id);
  return cordQuantity('tie', 'Tie', fabrics.get(style.front.fabric)!, length, [
    given('Length of a tie wanted', length, { kind: 'style', id: 'garment.front.tieLength' }),
  ]);
}
