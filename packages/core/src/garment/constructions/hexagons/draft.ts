import { isInSpaces } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import { forSize } from '../../../fields/perSize.js';
import { say } from '../../../text/phrase.js';
import { finishedPlan, type Draft, type DraftQuantity, type SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { parity, sumAtLeast, sumAtMost, sumIs } from '../../relations.js';
import { draftBand } from '../../shared/bands.js';
import { becomes, given, plus, quantity } from '../../shared/quantity.js';
import { edgingsOf, edgingIdsOf } from './edgings.js';
import type { HexagonStyle } from './fields.js';
import { growthOf, halfOf } from './geometry.js';
import { notesOf } from './notes.js';
import { besideNeck, overArm } from '../../shared/finished.js';
import { sidesOf } from './sides.js';
import { cuffOf, targetsOf, type Targets } from './targets.js';

declare module '../../counts.js' {
  interface OwnCounts {
    'hexagon.rounds': true;
    'hexagon.rows': true;
    'hexagon.reach': true;
    'hexagon.hem': true;
    'hexagon.open': true;
  }
}

type Input = SizeInput<HexagonStyle>;

/**
 * Drafts both halves: rounds until the sleeve or the body is wide enough, rows along three sides for the other, rows along the lower edge
 * for the length, and the sleeves that are worked on.
 */
export function draft(input: Input): Draft {
  const { style, size, fabrics } = input;
  const targets = targetsOf(input);
  const fabric = fabrics.get(style.fabric)!;
  const { gain, first: begins } = growthOf(fabric);
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const sleeveFirst = targets.first === 'sleeve';
  const rounding = style.stop === 'under' ? 'not over' : 'nearest';
  const [lesser, greater] = sleeveFirst ? [targets.opening, targets.body] : [targets.body, targets.opening];
  const inside = (target: Targets['body'], isOpening: boolean) =>
    isOpening
      ? {
          target: target.length / 2,
          because: [...target.reasons, becomes('Folded', '÷ 2', target.length / 2)],
        }
      : { target: target.length, because: target.reasons };
  const natural = targets.rounds + targets.reach;
  const length = Math.max(targets.length.length, natural);
  const open = style.top.left === 'open' ? forSize(style.top.open, size.id) : 0;
  const quantities: DraftQuantity[] = [
    quantity({
      id: 'hexagon.rounds',
      label: 'Rounds of each hexagon',
      fabric,
      axis: 'rows',
      ...inside(lesser, sleeveFirst),
      weight: 1,
      rounding,
      min: 2,
    }),
    quantity({
      id: 'hexagon.reach',
      label: sleeveFirst ? 'Body of each half, folded' : 'Sleeve opening, folded',
      fabric,
      axis: 'rows',
      ...inside(greater, !sleeveFirst),
      weight: 1,
      rounding,
      min: 2,
    }),
    quantity({
      id: 'hexagon.rows',
      label: sleeveFirst
        ? 'Rows along front, lower edge and back'
        : 'Rows along the shoulders and the opening',
      fabric,
      axis: 'rows',
      target: targets.reach - targets.rounds,
      weight: 0.05,
      // Both shoulders get as many stitches only from an even number of rows where a corner gains an odd one.
      ...(!sleeveFirst && gain % 2 === 1 ? { rule: { multiple: 2, plus: 0 } } : {}),
      min: 0,
      because: [
        given(sleeveFirst ? 'Body of each half' : 'Sleeve opening, folded', targets.reach, {
          kind: 'quantity',
          id: 'hexagon.reach',
        }),
        plus('Rounds', -targets.rounds, targets.reach - targets.rounds, {
          kind: 'quantity',
          id: 'hexagon.rounds',
        }),
      ],
    }),
    quantity({
      id: 'body.rows',
      label: 'Each half, from shoulder to lower edge',
      fabric,
      axis: 'rows',
      target: length,
      weight: 0.3,
      because: [
        ...targets.length.reasons,
        ...(natural > targets.length.length
          ? [
              plus('Both wedges of a half are longer', natural - targets.length.length, natural, {
                kind: 'quantity',
                id: 'hexagon.reach',
              }),
            ]
          : []),
      ],
    }),
    quantity({
      id: 'hexagon.hem',
      label: 'Rows along the lower edge',
      fabric,
      axis: 'rows',
      target: length - natural,
      weight: 0.05,
      min: 0,
      because: [
        given('Length wanted', length, { kind: 'quantity', id: 'body.rows' }),
        plus('Both wedges of a half', -natural, length - natural, { kind: 'quantity', id: 'hexagon.reach' }),
      ],
    }),
    ...(open > 0
      ? [
          quantity({
            id: 'hexagon.open',
            label: 'Left open at the top, each half',
            fabric,
            axis: 'stitches',
            target: open,
            weight: 0.5,
            because: [given('Left open, wanted', open, { kind: 'style', id: 'garment.top.open' })],
          }),
        ]
      : []),
    ...sleeveQuantities(input, targets),
  ];
  /** Whether the sleeve narrows (1) or widens (−1) to its end. */
  const way = style.sleeve?.shape === 'bell' ? -1 : 1;
  const cuff = cuffBand(targets);
  const pairs =
    isShaped(style) && !isInSpaces(fabric)
      ? parity(
          { id: 'pairs', rule: 'a sleeve loses or gains its stitches in pairs' },
          { 'sleeve.top': 1, 'sleeve.cuff': -1 },
          'even',
        )
      : { helpers: [], relations: [] };
  return {
    quantities: [...quantities, ...(cuff?.quantities ?? [])],
    helpers: pairs.helpers,
    relations: [
      sumIs(
        {
          id: 'reach',
          rule: 'rounds and rows along three sides come to what is wanted',
          says: (counts) =>
            say`${counts.of('hexagon.rounds')} rounds + ${counts.of('hexagon.rows')} rows = ${counts.of('hexagon.reach')}`,
        },
        { 'hexagon.rounds': 1, 'hexagon.rows': 1, 'hexagon.reach': -1 },
      ),
      sumIs(
        {
          id: 'length',
          rule: 'a half is as long as both its wedges and the rows along its lower edge',
          says: (counts) =>
            say`${counts.of('hexagon.rounds')} + ${counts.of('hexagon.reach')} + ${counts.of('hexagon.hem')} = ${counts.of('body.rows')} rows`,
        },
        { 'hexagon.rounds': 1, 'hexagon.reach': 1, 'hexagon.hem': 1, 'body.rows': -1 },
      ),
      ...(style.stop === 'under'
        ? (['hexagon.rounds', 'hexagon.reach'] as const).map((id) =>
            sumAtMost(
              { id: `under.${id}`, rule: 'rounds and rows stop under what is wanted' },
              { [id]: 1 },
              Math.round((id === 'hexagon.rounds' ? targets.rounds : targets.reach) * rows),
            ),
          )
        : []),
      ...(open > 0
        ? [
            sumAtMost(
              { id: 'open', rule: 'some of the shoulder is left to be joined' },
              { 'hexagon.open': 1, 'hexagon.rounds': -gain },
              begins - gain - 1,
            ),
          ]
        : []),
      ...(style.sleeve
        ? [
            sumIs(
              {
                id: 'opening',
                rule: 'the sleeve is worked on over the whole side of the hexagon',
                says: (counts) => say`${counts.of('sleeve.top')} stitches at the end of the half`,
              },
              {
                'sleeve.top': 1,
                'hexagon.rounds': -gain,
                ...(sleeveFirst ? {} : { 'hexagon.rows': -gain }),
              },
              begins - gain,
            ),
            ...(isShaped(style)
              ? [
                  sumAtLeast(
                    { id: 'taper', rule: 'the sleeve has a round for each decrease or increase' },
                    { 'sleeve.rows': takenBy(input), 'sleeve.top': -way, 'sleeve.cuff': way },
                    takenBy(input),
                  ),
                  sumAtLeast(
                    {
                      id: 'end',
                      rule:
                        way > 0
                          ? 'a tapered sleeve ends no wider than it begins'
                          : 'a bell ends no narrower than it begins',
                    },
                    { 'sleeve.top': way, 'sleeve.cuff': -way },
                  ),
                ]
              : [
                  sumIs(
                    { id: 'straight', rule: 'a straight sleeve ends as it begins' },
                    {
                      'sleeve.cuff': 1,
                      'sleeve.top': -1,
                    },
                  ),
                ]),
          ]
        : []),
      ...pairs.relations,
      ...(cuff?.relations ?? []),
    ],
    finished: finishedOf(targets),
    notes: notesOf(input, targets),
    ...(edgingIdsOf(style).length > 0
      ? { edgings: { ids: edgingIdsOf(style), follow: (counts) => edgingsOf(input, counts, targets.first) } }
      : {}),
  };

  function cuffBand({ sleeve }: Targets) {
    const band = cuffOf(input);
    if (!band || !sleeve) return null;
    return draftBand({
      id: 'cuff',
      label: 'Cuff rib',
      style: band,
      size: size.id,
      fabric: fabrics.get(band.fabric)!,
      edge: { of: 'sleeve.cuff', label: 'Sleeve at its end', perCm: stitches, target: sleeve.cuff.length },
    });
  }

  function finishedOf({ round, opening, first, length: wanted, sleeve }: Targets): Draft['finished'] {
    const half = (counts: GarmentCounts) => halfCounted(counts, first, 1 / rows);
    const strip = (counts: GarmentCounts) => (counts.find('centre.rows') ?? 0) / rows;
    return [
      finishedPlan('bust', 'All round', round, (counts) => 4 * half(counts).body + strip(counts)),
      finishedPlan('length', 'Length from the shoulder', wanted.length, (counts) => half(counts).length),
      finishedPlan('opening', 'Sleeve opening, all round', opening.length, (counts) => 2 * half(counts).arm),
      finishedPlan(
        'wingspan',
        'From sleeve end to sleeve end',
        2 * (targets.rounds + targets.reach + (sleeve?.length.length ?? 0)) +
          forSize(style.back.strip, size.id),
        (counts) => {
          const { body, arm } = half(counts);
          return 2 * (body + arm + (counts.find('sleeve.rows') ?? 0) / rows) + strip(counts);
        },
      ),
      overArm(
        input,
        2 * (targets.body.length + targets.opening.length / 2) + forSize(style.back.strip, size.id),
        (counts) => 2 * (half(counts).body + half(counts).arm) + strip(counts),
      ),
      ...(open > 0
        ? [
            besideNeck(input, 2 * open, (counts) => {
              const { shoulder, measures } = sidesOf(fabric, style, counts, first);
              return (2 * counts.of('hexagon.open') * measures.shoulder) / shoulder / rows;
            }),
          ]
        : []),
      ...(sleeve
        ? [
            finishedPlan(
              'cuff',
              'Sleeve at its end',
              sleeve.cuff.length,
              (counts) => counts.of('sleeve.cuff') / stitches,
            ),
          ]
        : []),
    ];
  }
}

/** A half as its counts have come out. */
export function halfCounted(counts: GarmentCounts, first: Targets['first'], height: number) {
  return halfOf(
    {
      rounds: counts.of('hexagon.rounds'),
      rows: counts.of('hexagon.rows'),
      hem: counts.of('hexagon.hem'),
    },
    first,
    height,
  );
}

/** Whether the sleeve narrows or widens to its end. */
export function isShaped({ sleeve }: HexagonStyle): boolean {
  return sleeve?.shape === 'tapered' || sleeve?.shape === 'bell';
}

/** Plain stitches that a tapered sleeve loses at a time: three are worked together. */
const AT_A_TIME = 2;

/** Stitches that a tapered sleeve loses at a time: a cluster, or some of them. */
export function takenBy({ style, fabrics }: Pick<Input, 'style' | 'fabrics'>): number {
  const fabric = fabrics.get(style.fabric)!;
  return isInSpaces(fabric) ? fabric.unit!.stitches : AT_A_TIME;
}

function sleeveQuantities(input: Input, { sleeve, opening }: Targets): DraftQuantity[] {
  const { style, fabrics } = input;
  if (!sleeve) return [];
  const fabric = fabrics.get(style.fabric)!;
  const inSpaces = isInSpaces(fabric);
  return [
    quantity({
      id: 'sleeve.top',
      label: 'Sleeve, where it begins',
      fabric,
      axis: 'stitches',
      target: opening.length,
      weight: 0.01,
      because: [given('Side of the hexagon', opening.length, { kind: 'quantity', id: 'hexagon.rounds' })],
    }),
    quantity({
      id: 'sleeve.cuff',
      label: 'Sleeve, at its end',
      fabric,
      axis: 'stitches',
      target: sleeve.cuff.length,
      weight: isShaped(style) ? 0.1 : 0.01,
      ...(inSpaces ? { rule: { multiple: takenBy(input), plus: 0 } } : {}),
      min: 4,
      because: sleeve.cuff.reasons,
    }),
    quantity({
      id: 'sleeve.rows',
      label: 'Sleeve, length worked on',
      fabric,
      axis: 'rows',
      target: Math.max(2 / perCm(fabric.gauge, 'rows'), sleeve.length.length),
      weight: 0.5,
      rounding: style.stop === 'under' ? 'not over' : 'nearest',
      min: 2,
      because: sleeve.length.reasons,
    }),
  ];
}
