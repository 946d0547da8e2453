/** How the front of a garment opens, whatever its construction. */

import type { FieldReader } from '../../check/fields.js';
import { perCm } from '../../fabric/gauge.js';
import type { Counts } from '../../fit/problem.js';
import type { DraftQuantity, SizeInput } from '../construction.js';
import { cordQuantity } from './cord.js';
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
  /** Pairs of ties that close it, and how long each is, cm; 0: none, it is buttoned or stays open. */
  ties: number;
  tieLength: PerSize;
}

type Input = Pick<SizeInput<{ front: FrontStyle }>, 'style' | 'size'>;

/** Width of a band or an overlap where the design says nothing, cm (common practice). */
const USUAL_WIDTH = 4;
/** Length of a tie where the design says nothing, cm (common practice). */
const USUAL_TIE = 25;

/** Reads the front; bands are of the rib's fabric unless they say otherwise. */
export function readFront(front: FieldReader, fabricIds: readonly string[], rib: string): FrontStyle {
  return {
    style: front.choice('style', 'The front', FRONTS, 'closed'),
    width: readPerSize(front, 'width', lengthWish('The width of gap, overlap or band', 0, 60, USUAL_WIDTH)),
    fabric: front.choice('fabric', 'The fabric of the front bands', fabricIds, rib),
    ties: front.number('ties', {
      label: 'The pairs of ties',
      min: 0,
      max: 8,
      whole: true,
      unit: 'pairs',
      otherwise: 0,
    }),
    tieLength: readPerSize(front, 'tieLength', lengthWish('The length of a tie', 5, 80, USUAL_TIE)),
  };
}

/** Whether the front opens from neck to hem. */
export function isOpen({ front }: { front: FrontStyle }): boolean {
  return front.style !== 'closed';
}

/** Whether the fronts are closed with ties. */
export function isTied(style: { front: FrontStyle }): boolean {
  return isOpen(style) && style.front.ties > 0;
}

/** What the fronts lack of half the garment's round: the gap or the band between them; below 0 where they overlap. */
export function openingWidth({ style, size }: Input): number {
  const width = forSize(style.front.width, size.id);
  return { closed: 0, gap: width, band: width, overlap: -width }[style.front.style];
}

/** The same as it has come out: a band is as wide as its rows. */
export function openingWorked(input: Input & Pick<SizeInput<unknown>, 'fabrics'>, counts: Counts): number {
  const { front } = input.style;
  const rows = counts['band.rows'];
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
}: Input & Pick<SizeInput<unknown>, 'fabrics'>): DraftQuantity {
  const length = forSize(style.front.tieLength, size.id);
  return cordQuantity('tie', 'Tie', fabrics.get(style.front.fabric)!, length, [
    given('Length of a tie wanted', length, { kind: 'style', id: 'garment.front.tieLength' }),
  ]);
}
