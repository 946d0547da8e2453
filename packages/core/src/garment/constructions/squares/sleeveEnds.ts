/** Sleeve ends that are worked on from the squares of the opening, and the cuffs on them: counts that follow from these squares. */

import { perCm } from '../../../fabric/gauge.js';
import { narrowing, type Narrowing } from '../../../shaping/narrow.js';
import { ordinal, say } from '../../../text/phrase.js';
import type { Edgings, SizeInput } from '../../construction.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { sumIs } from '../../relations.js';
import { ribAlong, together } from '../../shared/edgings.js';
import { edgeOf, stitchesOf, type Edging } from '../../shared/pickedUp.js';
import { given, plus, quantity } from '../../shared/quantity.js';
import { fromMiddleOfBack } from '../../shared/targets.js';
import type { SquaresStyle } from './fields.js';
import { lengthOf } from './mix.js';
import type { Targets } from './targets.js';

type Input = SizeInput<SquaresStyle>;

/** Fewest rounds of a sleeve end: the one that is picked up, and one on it. */
const LEAST_ROUNDS = 2;

/** Counts that follow. */
export function sleeveEndIds({ cuff }: SquaresStyle): CountId[] {
  return [
    'sleeve.top',
    'sleeve.cuff',
    'sleeve.rows',
    ...(cuff ? (['cuff.height', 'cuff.rows'] as const) : []),
  ];
}

/** From the end of one sleeve of squares to that of the other, cm. */
export function spanOf({ style, fabrics }: Input, { square }: Targets, counts: GarmentCounts): number {
  const across = counts.of('squares.across') + 2 * (counts.find('squares.sleeve') ?? 0);
  const rows = counts.find('squares.rows') ?? 0;
  return lengthOf(across, square) + (2 * rows) / perCm(fabrics.get(style.fabric)!.gauge, 'rows');
}

/** Stitches picked up round the opening. */
export function openingOf(input: Input, { square }: Targets, counts: GarmentCounts): number {
  return 2 * counts.of('squares.arm') * (square.stitches + inJoin(input, square));
}

/** Stitches picked up where two squares meet, beside one in each stitch: one in the join, or in the corner spaces on both sides of it, as lies flat. */
export function inJoin({ style, fabrics }: Input, { pitch, stitches }: Targets['square']): number {
  const wanting = pitch * perCm(fabrics.get(style.fabric)!.gauge, 'stitches') - stitches;
  return Math.max(0, Math.min(MOST_IN_JOIN, Math.round(wanting)));
}

/** Where so many stitches go where two squares meet. */
const IN_JOINS = [
  '',
  ' and in each join between squares',
  ' and in each corner sp',
  ', in each corner sp and in each join between squares',
];
const MOST_IN_JOIN = IN_JOINS.length - 1;

/** How the opening is picked up along. */
export function alongOpening(input: Input, square: Targets['square']): string {
  return `the sleeve opening, one in each st${IN_JOINS[inJoin(input, square)]!}, from the underarm round`;
}

/** How a sleeve end narrows over so many rounds. */
export function narrowingOf(
  input: Input,
  targets: Targets,
  counts: GarmentCounts,
  rounds: number,
): Narrowing {
  const top = openingOf(input, targets, counts);
  const stitches = perCm(input.fabrics.get(input.style.fabric)!.gauge, 'stitches');
  const wanted = input.style.sleeve?.shape === 'narrowed' ? targets.end!.length * stitches : top;
  return narrowing(top, Math.min(top, wanted), rounds);
}

export function sleeveEnds(
  input: Input,
  targets: Targets,
  counts: GarmentCounts,
): ReturnType<Edgings['follow']> {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const span = spanOf(input, targets, counts);
  const top = openingOf(input, targets, counts);
  const length = fromMiddleOfBack(input, style.sleeve!, {
    length: span / 2,
    label: 'The squares, from the middle of the back',
    from: { kind: 'quantity', id: 'squares.across' },
  });
  const wanted = Math.max(LEAST_ROUNDS / rows, length.length);
  // The count of its rounds is free: how it narrows is planned for the nearest.
  const narrowed = narrowingOf(input, targets, counts, Math.max(LEAST_ROUNDS, Math.round(wanted * rows)));
  const end = narrowed.end;
  const ends: Edging = {
    quantities: [
      quantity({
        id: 'sleeve.top',
        label: 'Sleeve end, where it begins',
        fabric,
        axis: 'stitches',
        target: top / stitches,
        weight: 0.01,
        because: [
          given(
            say`Squares of the opening, ${2 * counts.of('squares.arm')} × (${targets.square.stitches} + ${inJoin(input, targets.square)}) stitches`,
            top / stitches,
            { kind: 'quantity', id: 'squares.arm' },
            say`each with its stitches, and what is picked up where it meets the next`,
          ),
        ],
      }),
      quantity({
        id: 'sleeve.cuff',
        label: 'Sleeve, at its end',
        fabric,
        axis: 'stitches',
        target: end / stitches,
        weight: 0.01,
        because: [
          given('Sleeve, where it begins', top / stitches, { kind: 'quantity', id: 'sleeve.top' }),
          narrowed.every.length === 0
            ? plus('Straight', 0, end / stitches)
            : {
                ...plus(
                  `Every ${narrowed.every.map(ordinal).join(', ')} stitch taken off, round by round`,
                  (end - top) / stitches,
                  end / stitches,
                ),
              },
        ],
      }),
      quantity({
        id: 'sleeve.rows',
        label: 'Sleeve end, length',
        fabric,
        axis: 'rows',
        target: wanted,
        weight: 0.5,
        min: Math.max(LEAST_ROUNDS, 1 + 2 * narrowed.every.length),
        because: length.reasons,
      }),
    ],
    relations: [
      sumIs(
        { id: 'sleeve.top', rule: 'the sleeve end is worked on over the sides of the squares' },
        { 'sleeve.top': 1 },
        top,
      ),
      sumIs(
        { id: 'sleeve.cuff', rule: 'each narrowing round takes off what it says' },
        { 'sleeve.cuff': 1 },
        end,
      ),
    ],
  };
  return together([
    ends,
    ...(style.cuff
      ? [
          ribAlong(
            input,
            { id: 'cuff', label: 'Cuff rib', style: style.cuff },
            edgeOf('Sleeve at its end', 1 / stitches, [
              stitchesOf('Sleeve at its end', 'sleeve.cuff', end, fabric),
            ]),
          ),
        ]
      : []),
  ]);
}
