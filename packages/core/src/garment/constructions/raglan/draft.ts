import { perCm } from '../../../fabric/gauge.js';
import type { Relation } from '../../../fit/problem.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { parity, sumAtLeast, sumAtMost, sumIs } from '../../relations.js';
import { say, type Phrase } from '../../../text/phrase.js';
import type { Draft, DraftQuantity, SizeInput } from '../../construction.js';
import { becomes, given, plus, quantity } from '../../shared/quantity.js';
import { draftBelow, type Drafted } from '../../shared/yoke/below.js';
import { edgingsOf } from '../../shared/yoke/edgings.js';
import { finishedOf } from '../../shared/yoke/finished.js';
import { falls, frontCounts, frontStart } from '../../shared/yoke/front.js';
import { draftDrop, frontAtNeck, neckEdgeWanted } from '../../shared/yoke/neck.js';

import { neckTargets, yokeDepth, type NeckTargets } from '../../shared/yoke/targets.js';
import { feasibility } from './feasible.js';
import { firstShapingRow, gainsOf, lineShares } from './lines.js';
import type { RaglanStyle } from './fields.js';
import { isOpen, openingWidth } from '../../shared/front.js';

declare module '../../counts.js' {
  interface OwnCounts {
    'neck.sleeve': true;
  }
}

type Input = SizeInput<RaglanStyle>;

/** Fewest stitches of a part of the neck that can be shaped at both its sides. */
const FEWEST = 2;

/** Drafts a raglan from the neck down for one body. */
export function draft(input: Input): Draft {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const opening = openingWidth(input);
  const neck = neckTargets(input, (4 * style.line.stitches) / perCm(fabric.gauge, 'stitches'));
  const below = draftBelow(input, neck, splitOf(input));
  const drop = draftDrop(input, neck, opening);
  const quantities = [
    ...neckQuantities(input, neck, opening),
    ...yokeRows(input),
    ...drop.quantities,
    ...below.quantities,
  ];
  const grown = growth(style);
  return {
    quantities,
    helpers: [...grown.helpers, ...below.helpers],
    relations: [
      neckSum(input),
      ...fallingFront(input),
      ...grown.relations,
      ...drop.relations,
      ...below.relations,
    ],
    finished: finishedOf(input, below.targets, neck, neckEdgeWanted(input, neck, opening)),
    notes: feasibility(input, below.targets, neck),
    edgings: edgingsOf(input),
  };
}

/** The parts that the neck begins with. */
function neckQuantities(input: Input, neck: NeckTargets, opening: number): DraftQuantity[] {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const stitches = perCm(fabric.gauge, 'stitches');
  const open = isOpen(style);
  const { start } = frontAtNeck(input, neck, opening);
  const fronts = open || falls(style) ? 2 * start : start;
  const first = neck.round.length - neck.front + fronts;
  const lines = (4 * style.line.stitches) / stitches;
  const share = { kind: 'style', id: 'garment.neck.sleeveShare' } as const;
  const part = (id: CountId, label: string, target: number, because: DraftQuantity['because']) =>
    quantity({ id, label, fabric, axis: 'stitches', target, weight: 0.6, because, min: FEWEST });
  const round = given('Neck, all round', neck.round.length, { kind: 'quantity', id: 'neck.round' });
  const rest = [
    round,
    plus(`The four lines, ${style.line.stitches} stitches each`, -lines, neck.round.length - lines),
  ];
  return [
    quantity({
      id: 'neck.round',
      label: 'Neck, stitches to begin with',
      fabric,
      axis: 'stitches',
      target: first,
      weight: 0.6,
      rounding: open ? 'nearest' : 'not under',
      because: [
        ...neck.round.reasons,
        ...(first === neck.round.length
          ? []
          : [plus('The front begins narrower', first - neck.round.length, first)]),
      ],
    }),
    part('neck.back', 'Back of the neck', neck.back, [
      ...rest,
      becomes('Half of what the sleeves leave', `× ${50 - style.neck.sleeveShare} %`, neck.back),
    ]),
    ...(open && !falls(style)
      ? [
          part('neck.front', 'Front of the neck, each', start, [
            ...rest,
            becomes('Half of what the sleeves leave', `× ${50 - style.neck.sleeveShare} %`, neck.front),
            plus('What lies between the fronts', -opening, neck.front - opening),
            becomes('Two fronts', '÷ 2', (neck.front - opening) / 2),
          ]),
        ]
      : []),
    part('neck.sleeve', 'Sleeve at the neck, each', neck.sleeve, [
      ...rest,
      { ...becomes('Share of each sleeve', `× ${style.neck.sleeveShare} %`, neck.sleeve), from: share },
    ]),
  ];
}

function yokeRows(input: Input): DraftQuantity[] {
  const { length, reasons } = yokeDepth(input);
  const { everyRow } = input.style.rates;
  return [
    quantity({
      id: 'yoke.rows',
      label: 'Yoke, depth',
      fabric: input.fabrics.get(input.style.fabric)!,
      axis: 'rows',
      target: length,
      weight: 0.7,
      // Where only right-side rows increase, the last row is one.
      rule: { multiple: everyRow, plus: everyRow === 1 ? 0 : firstShapingRow(input.style) % 2 },
      because: reasons,
      min: 4,
    }),
  ];
}

/** The neck's parts and the lines between them are its first stitches. */
function neckSum(input: Input): Relation {
  const { style } = input;
  const separate = isOpen(style) || falls(style);
  const { stitches } = style.line;
  return sumIs(
    {
      id: 'neck',
      rule: 'back, front, two sleeves and the four lines are the neck',
      says: (counts) =>
        say`Neck: ${counts.of('neck.back')} back + ${separate ? '2 × ' : ''}${frontCounts(input, counts).start} front + 2 × ${counts.of('neck.sleeve')} sleeve + 4 × ${stitches} line = ${counts.of('neck.round')}`,
    },
    {
      // A level closed front begins as wide as the back.
      'neck.back': separate ? 1 : 2,
      ...(isOpen(style) && !falls(style) ? { 'neck.front': 2 } : {}),
      'neck.sleeve': 2,
      'neck.round': -1,
    },
    -4 * stitches - (falls(style) ? 2 * frontStart(input) : 0),
  );
}

/** Fronts of a falling neck leave stitches between them to be gained at their neck edges. */
function fallingFront(input: Input): Relation[] {
  if (!falls(input.style) || isOpen(input.style)) return [];
  return [
    sumAtLeast(
      { id: 'neck.falls', rule: 'the fronts of a neck that falls begin narrower than its back' },
      { 'neck.back': 1 },
      2 * frontStart(input) + 2,
    ),
  ];
}

/** The split's first identity: what goes round the body is its parts and the chain under each arm. */
function splitOf(input: Input): Relation {
  const open = isOpen(input.style);
  const falling = falls(input.style);
  return sumIs(
    {
      id: 'split.body',
      rule: 'front, back and the two underarm chains are the body',
      says: (counts) => {
        const { width } = frontCounts(input, counts);
        return say`At the split: ${open ? '2 × ' : ''}${width} front + ${counts.of('back.width')} back + 2 × ${counts.of('underarm.chain')} underarm = ${counts.of('body.round')}`;
      },
    },
    {
      // The fronts grow as the back does.
      'back.width': 2,
      'underarm.chain': 2,
      'body.round': -1,
      ...(open ? { 'neck.back': -1, ...(falling ? { 'neck.width': 1 } : { 'neck.front': 2 }) } : {}),
    },
    open && falling ? -2 * frontStart(input) : 0,
  );
}

/** From the neck to the underarm: back and sleeve gain the same at both their lines, and no more than the rows allow. */
function growth(style: RaglanStyle): Omit<Drafted, 'quantities'> {
  const { body, sleeve } = lineShares(style);
  const { everyRow, most } = style.rates;
  const first = firstShapingRow(style);
  const lines = (share: number) => (share > 0 ? say` + ${2 * share} of the lines` : say``);
  const both = (
    id: string,
    rule: string,
    says: (counts: GarmentCounts) => Phrase,
    times: Record<string, number>,
    share: number,
  ) => {
    const parts = parity({ id, rule, says }, times, 'even', 500);
    // Rows first, first + everyRow, ... may shape; the yoke's rows are such that the last is one of them.
    const room = sumAtMost(
      {
        id: `${id}.room`,
        rule: `${rule}, and in one row no more than ${most === 1 ? 'one stitch' : 'two stitches'} at each`,
      },
      { ...times, 'yoke.rows': (-2 * most) / everyRow },
      (2 * most * (everyRow - first)) / everyRow + 2 * share,
    );
    return {
      helpers: parts.helpers,
      relations: [...parts.relations, room],
    };
  };
  const back = both(
    'grow.back',
    'the back grows from the neck to the underarm the same at its two raglan lines',
    (counts) =>
      say`Back: ${counts.of('neck.back')} + 2 × ${gainsOf(style, counts).body}${lines(body)} = ${counts.of('back.width')}`,
    { 'back.width': 1, 'neck.back': -1 },
    body,
  );
  const arm = both(
    'grow.sleeve',
    'the sleeve grows from the neck the same at its two raglan lines, and the underarm chain is added',
    (counts) =>
      say`Sleeve: ${counts.of('neck.sleeve')} + 2 × ${gainsOf(style, counts).sleeve}${lines(sleeve)} + ${counts.of('underarm.chain')} underarm = ${counts.of('sleeve.top')}`,
    { 'sleeve.top': 1, 'neck.sleeve': -1, 'underarm.chain': -1 },
    sleeve,
  );
  // A yoke only grows.
  const grows = (id: string, rule: string, times: Record<string, number>, share: number) =>
    sumAtLeast({ id, rule }, times, 2 * share);
  return {
    helpers: [...back.helpers, ...arm.helpers],
    relations: [
      ...back.relations,
      ...arm.relations,
      grows(
        'grows.back',
        'the back grows from the neck to the underarm',
        { 'back.width': 1, 'neck.back': -1 },
        body,
      ),
      grows(
        'grows.sleeve',
        'the sleeve does not get fewer stitches in a yoke',
        { 'sleeve.top': 1, 'neck.sleeve': -1, 'underarm.chain': -1 },
        sleeve,
      ),
    ],
  };
}
