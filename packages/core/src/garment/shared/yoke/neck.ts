/** The neck of a yoke as quantities: the parts it begins with, how far it falls in front, and the neckband. */

import { perCm } from '../../../fabric/gauge.js';
import type { DraftQuantity, SizeInput } from '../../construction.js';
import { given, plus, quantity } from '../quantity.js';
import type { Drafted } from './below.js';
import { dropAboveUnderarm } from './below.js';
import { FRONT_START, fallingLength, fallingNeck, falls } from './front.js';
import { type YokeStyle } from './fields.js';
import type { NeckTargets } from './targets.js';
import { isOpen } from '../front.js';

type Input = SizeInput<YokeStyle>;

/** Widths in front, cm: what the fronts begin with (together for a level closed neck), and what lies between them. */
export function frontAtNeck(
  { style }: Input,
  neck: NeckTargets,
  opening: number,
): { start: number; between: number } {
  const open = isOpen(style);
  if (!falls(style))
    return { start: open ? Math.max(1, (neck.front - opening) / 2) : neck.front, between: 0 };
  return { start: FRONT_START, between: Math.max(1, neck.front - (open ? opening : 0) - 2 * FRONT_START) };
}

/** How far the neck falls, by short rows or along its line; nothing for a level one. */
export function draftDrop(input: Input, neck: NeckTargets, opening: number): Omit<Drafted, 'helpers'> {
  const { style, fabrics } = input;
  if (style.neck.shape === 'level') return { quantities: [], relations: [] };
  const fabric = fabrics.get(style.fabric)!;
  const open = isOpen(style);
  const falling = falls(style);
  const { between } = frontAtNeck(input, neck, opening);
  const quantities: DraftQuantity[] = [
    quantity({
      id: 'neck.drop',
      label: falling ? 'Front neck drop' : 'Short rows at the back of the neck',
      fabric,
      axis: 'rows',
      target: neck.drop.length,
      weight: 0.3,
      // Short rows go there and back; a closed neck closes after a wrong-side row.
      rule: falling && open ? { multiple: 1, plus: 0 } : { multiple: 2, plus: 0 },
      min: 2,
      because: neck.drop.reasons,
    }),
    ...(falling && open
      ? [
          quantity({
            id: 'neck.width',
            label: 'Neck, between the fronts',
            fabric,
            axis: 'stitches',
            target: between,
            weight: 0.6,
            rule: { multiple: 2, plus: 0 },
            min: 2,
            because: [
              given('Front of a level neck', neck.front, { kind: 'quantity', id: 'neck.round' }),
              plus('What lies between the fronts', -opening, neck.front - opening, {
                kind: 'style',
                id: 'garment.front.width',
              }),
              plus('What the fronts begin with, two', between - (neck.front - opening), between),
            ],
          }),
        ]
      : []),
  ];
  return { quantities, relations: falling ? [dropAboveUnderarm(3)] : [] };
}

/** Length of the neck edge wanted, cm: the first stitches, and where the neck falls its line as well. */
export function neckEdgeWanted(input: Input, neck: NeckTargets, opening: number): number {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const { start, between } = frontAtNeck(input, neck, opening);
  const first = neck.round.length - neck.front + (isOpen(style) || falls(style) ? 2 : 1) * start;
  if (!falls(style)) return first;
  const near = {
    width: Math.max(4, 2 * Math.round((between * stitches) / 2)),
    drop: Math.max(2, 2 * Math.round((neck.drop.length * rows) / 2)),
  };
  return (
    first +
    fallingLength(
      fallingNeck(style.neck.shape as 'round' | 'V', near.width, near.drop, isOpen(style)),
      stitches,
      rows,
    )
  );
}
