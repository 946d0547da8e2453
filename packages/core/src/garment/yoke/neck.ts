/** The neck of a yoke as quantities: the parts it begins with, how far it falls in front, and the neckband. */

import { perCm } from '../../fabric/gauge.js';
import type { Relation } from '../../fit/problem.js';
import { say } from '../../text/phrase.js';
import type { DraftQuantity, SizeInput } from '../construction.js';
import { draftBand } from '../shared/bands.js';
import { becomes, given, quantity } from '../shared/quantity.js';
import { sameLengths } from '../shared/seams.js';
import type { Drafted } from './below.js';
import { dropAboveUnderarm } from './below.js';
import { fallingLength, fallingNeck, falls } from './front.js';
import { isOpen, type YokeStyle } from './style.js';
import type { NeckTargets } from './targets.js';

type Input = SizeInput<YokeStyle>;

/** Width that each front of a falling neck begins with, cm: as little as can be worked. */
const FRONT_START = 1;

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
      target: neck.drop,
      weight: 0.3,
      // Short rows go there and back; a closed neck closes after a wrong-side row.
      rule: falling && open ? { multiple: 1, plus: 0 } : { multiple: 2, plus: 0 },
      min: 2,
      because: [given('Front neck drop wanted', neck.drop, { kind: 'style', id: 'garment.neck.drop' })],
    }),
    ...(falling
      ? [
          quantity({
            id: 'neck.width',
            label: 'Neck, between the fronts',
            fabric,
            axis: 'stitches',
            target: between,
            weight: 0.15,
            rule: open ? { multiple: 2, plus: 0 } : { multiple: 1, plus: 0 },
            min: 2,
            because: [
              given('Front of a level neck', neck.front, { kind: 'quantity', id: 'neck.round' }),
              becomes('Less what the fronts begin with', '', between),
            ],
          }),
        ]
      : []),
  ];
  return { quantities, relations: falling ? [dropAboveUnderarm(3)] : [] };
}

/** The neckband: along the first stitches, and where the neck falls along its line as well. */
export function draftNeckband(
  input: Input,
  neck: NeckTargets,
  opening: number,
): Omit<Drafted, 'helpers'> & { edge: number } {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const open = isOpen(style);
  const { start, between } = frontAtNeck(input, neck, opening);
  const fronts = open ? 2 * start : falls(style) ? 2 * start : start;
  const first = neck.round.length - neck.front + fronts;
  /** Length of the falling part for counts near the wanted ones; the nearest that can be worked. */
  const lengthOf = (width: number, drop: number) =>
    fallingLength(fallingNeck(style.neck.shape as 'round' | 'V', width, drop, open), stitches, rows);
  const falling = falls(style);
  const near = {
    width: Math.max(4, 2 * Math.round((between * stitches) / 2)),
    drop: Math.max(2, 2 * Math.round((neck.drop * rows) / 2)),
  };
  const length = falling ? lengthOf(near.width, near.drop) : 0;
  const edge = first + length;
  if (!style.neckband) return { quantities: [], relations: [], edge };
  const band = fabrics.get(style.neckband.fabric)!;
  const drafted = draftBand({
    id: 'neckband',
    label: 'Neckband',
    style: style.neckband,
    size: size.id,
    fabric: band,
    edge: { of: 'neck.round', label: 'Neck edge', perCm: stitches, target: edge },
  });
  if (!falling) return { quantities: drafted.quantities, relations: drafted.relations, edge };
  // The line's length by small changes of its counts: close enough for the few by which they miss what is wanted.
  const byWidth = (lengthOf(near.width + 4, near.drop) - lengthOf(near.width - 4 || 2, near.drop)) / 8;
  const byDrop =
    (lengthOf(near.width, near.drop + 2) - lengthOf(near.width, Math.max(1, near.drop - 2))) /
    (near.drop > 2 ? 4 : 3);
  const rest = length - byWidth * near.width - byDrop * near.drop;
  const relations: Relation[] = sameLengths(
    {
      id: 'neckband.seam',
      rule: 'the neckband goes along the neck edge',
      says: (counts) => say`Along the neck edge: ${counts['neckband.rows']!} rows of rib`,
    },
    [{ of: 'neckband.rows', perCm: perCm(band.gauge, 'rows') * style.neckband.gather, times: 1 }],
    [
      { of: 'neck.round', perCm: stitches, times: 1 },
      { of: 'neck.width', perCm: 1, times: byWidth },
      { of: 'neck.drop', perCm: 1, times: byDrop },
    ],
    rest,
  );
  return { quantities: drafted.quantities, relations, edge };
}
