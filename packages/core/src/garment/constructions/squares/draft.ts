import { isInSpaces } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import { countOf } from '../../../text/singular.js';
import { finishedPlan, type Draft, type DraftQuantity, type SizeInput } from '../../construction.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { parity, sumAtLeast, sumAtMost } from '../../relations.js';
import { besideNeck, overArm } from '../../shared/finished.js';
import { given, plus, quantity } from '../../shared/quantity.js';
import type { Target } from '../../shared/targets.js';
import type { SquaresStyle } from './fields.js';
import { LEAST, lengthOf, nearest, PRICES } from './mix.js';
import { notesOf } from './notes.js';
import { sleeveEndIds, sleeveEnds, spanOf } from './sleeveEnds.js';
import { targetsOf, type Targets } from './targets.js';

declare module '../../counts.js' {
  interface OwnCounts {
    'squares.width': true;
    'squares.across': true;
    'squares.rows': true;
    'squares.down': true;
    'squares.arm': true;
    'squares.sleeve': true;
    'squares.neck': true;
    'squares.drop': true;
  }
}

type Input = SizeInput<SquaresStyle>;

/** Fewest squares of a neck: a column of an open front, or none where its two halves meet at the fold. */
const LEAST_NECK = 1;

/**
 * Drafts the sheet: squares across and down, those of the opening, of the sleeves beside it and of the neck, and plain rows at the sides. How
 * large a square is and how wide its joins are has been chosen before (`mix`); the sleeve ends follow from the squares of their opening.
 */
export function draft(input: Input): Draft {
  const { style, fabrics } = input;
  const targets = targetsOf(input);
  const fabric = fabrics.get(style.fabric)!;
  const rows = perCm(fabric.gauge, 'rows');
  const { square, mixes } = targets;
  const mix = mixes[0]!;
  const { pitch, join } = square;
  const squares = (
    id: CountId,
    label: string,
    target: Target,
    { weight, least, count }: { weight: number; least: number; count: number },
  ): DraftQuantity =>
    quantity({
      id,
      label,
      fabric,
      axis: 'stitches',
      // What the mix has chosen: whole squares.
      target: count * pitch,
      weight,
      min: least,
      each: { one: 'square', many: 'squares', length: pitch },
      because: [
        ...target.reasons,
        plus(`To ${countOf(count, 'square')}, the nearest`, count * pitch - target.length, count * pitch),
      ],
    });
  const wide = style.shape === 'wide' && style.sideRows > 0;
  const closed = style.middle === 'closed';
  const hasDrop = style.neck.style === 'left out';
  const width = lengthOf(mix.across, square) + (2 * mix.sideRows) / rows;
  const symmetric = parity(
    { id: 'neck.sides', rule: 'both sides of the neck have as many squares' },
    { 'squares.across': 1, 'squares.neck': -1 },
    'even',
  );
  const quantities: DraftQuantity[] = [
    quantity({
      id: 'squares.width',
      label: style.shape === 'wide' ? 'Width, from sleeve end to sleeve end' : 'Width of the body',
      fabric,
      axis: 'rows',
      target: width,
      weight: PRICES.width,
      because: [
        ...targets.width.reasons,
        plus(
          `To ${countOf(mix.across, 'square')}${mix.sideRows > 0 ? ` and ${countOf(2 * mix.sideRows, 'row')}` : ''}, the nearest mix`,
          width - targets.width.length,
          width,
        ),
      ],
    }),
    squares('squares.across', 'Squares across', targets.width, {
      weight: 0.02,
      least: LEAST.across,
      count: mix.across,
    }),
    ...(wide
      ? [
          quantity({
            id: 'squares.rows',
            label: 'Plain rows at each side',
            fabric,
            axis: 'rows',
            target: mix.sideRows / rows,
            weight: PRICES.sideRows,
            rule: { multiple: isInSpaces(fabric) ? 2 : 1, plus: 0 },
            min: 0,
            because: [
              given('What the nearest mix has at each side', mix.sideRows / rows, {
                kind: 'quantity',
                id: 'squares.width',
              }),
            ],
          }),
        ]
      : []),
    squares('squares.down', 'Squares down, from the shoulder', targets.length, {
      weight: PRICES.length,
      least: LEAST.down,
      count: mix.down,
    }),
    squares('squares.arm', 'Squares of the opening, down', targets.opening, {
      weight: PRICES.opening,
      least: LEAST.arm,
      count: mix.arm,
    }),
    ...(targets.sleeve
      ? [
          squares('squares.sleeve', 'Squares of each sleeve', targets.sleeve, {
            weight: PRICES.sleeve,
            least: LEAST.sleeve,
            count: mix.sleeve,
          }),
        ]
      : []),
    squares('squares.neck', 'Squares of the neck, across', targets.neck, {
      weight: PRICES.neck,
      least: closed ? LEAST_NECK : 0,
      count: mix.neck,
    }),
    ...(hasDrop
      ? [
          squares('squares.drop', 'Squares of the neck, down', targets.drop, {
            weight: PRICES.neck,
            least: 1,
            count: Math.min(nearest(targets.drop.length, square, 1), mix.down - 1),
          }),
        ]
      : []),
  ];
  return {
    quantities,
    helpers: symmetric.helpers,
    relations: [
      // The width in rows is what squares, joins and rows at the sides come to, to half a row.
      ...([1, -1] as const).map((way) =>
        sumAtMost(
          {
            id: `width${way > 0 ? '.over' : '.under'}`,
            rule: 'squares and rows at the sides make the width',
          },
          {
            'squares.across': way * pitch * rows,
            ...(wide ? { 'squares.rows': way * 2 } : {}),
            'squares.width': -way,
          },
          0.5 + way * join * rows,
        ),
      ),
      sumAtMost(
        { id: 'arm', rule: 'a square of the side is left below the opening' },
        { 'squares.arm': 1, 'squares.down': -1 },
        -1,
      ),
      sumAtMost(
        { id: 'shoulders', rule: 'a square of shoulder is left on both sides of the neck' },
        { 'squares.neck': 1, 'squares.across': -1 },
        -2,
      ),
      ...symmetric.relations,
      hasDrop
        ? sumAtMost(
            { id: 'drop', rule: 'a square of the front is left below the neck' },
            { 'squares.drop': 1, 'squares.down': -1 },
            -1,
          )
        : sumAtLeast(
            { id: 'drop', rule: 'a neck of half squares is half as deep as it is wide' },
            { 'squares.down': 2, 'squares.neck': -1 },
            2,
          ),
    ],
    finished: finishedOf(input, targets),
    notes: notesOf(input, targets),
    ...(style.sleeve
      ? { edgings: { ids: sleeveEndIds(style), follow: (counts) => sleeveEnds(input, targets, counts) } }
      : {}),
  };
}

function finishedOf(input: Input, targets: Targets): Draft['finished'] {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric)!;
  const { square } = targets;
  const line = (id: CountId) => (counts: GarmentCounts) => lengthOf(counts.of(id), square);
  const body = (counts: GarmentCounts) =>
    line('squares.across')(counts) + (2 * (counts.find('squares.rows') ?? 0)) / perCm(gauge, 'rows');
  const ends = (counts: GarmentCounts) => (counts.find('sleeve.rows') ?? 0) / perCm(gauge, 'rows');
  return [
    finishedPlan(
      style.shape === 'wide' ? 'width' : 'bust',
      style.shape === 'wide' ? 'Back and front, all round' : 'All round',
      2 * targets.width.length,
      (counts) => 2 * body(counts),
    ),
    finishedPlan('length', 'Length from the shoulder', targets.length.length, line('squares.down')),
    finishedPlan(
      'opening',
      'Sleeve opening, all round',
      2 * targets.opening.length,
      (counts) => 2 * line('squares.arm')(counts),
    ),
    finishedPlan(
      'wingspan',
      'From sleeve end to sleeve end',
      targets.width.length + 2 * (targets.sleeve?.length ?? 0) + 2 * (targets.ends?.length ?? 0),
      (counts) => spanOf(input, targets, counts) + 2 * ends(counts),
    ),
    overArm(input, targets.width.length + 2 * (targets.sleeve?.length ?? 0), (counts) =>
      spanOf(input, targets, counts),
    ),
    finishedPlan('neckWidth', 'Neck, across', targets.neck.length, line('squares.neck')),
    besideNeck(input, targets.neck.length, line('squares.neck')),
    ...(style.sleeve
      ? [
          finishedPlan(
            'cuff',
            'Sleeve at its end',
            targets.end!.length,
            (counts) => (counts.find('sleeve.cuff') ?? 0) / perCm(gauge, 'stitches'),
          ),
        ]
      : []),
  ];
}
