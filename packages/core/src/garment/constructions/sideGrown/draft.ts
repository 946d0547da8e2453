import { perCm } from '../../../fabric/gauge.js';
import { cm, figure, say } from '../../../text/phrase.js';
import type { Draft, DraftQuantity, SizeInput } from '../../construction.js';
import { finishedPlan } from '../../construction.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { besideNeck, overArm } from '../../shared/finished.js';
import { acrossOf, draftBand } from '../../shared/bands.js';
import { edgingIds, ribAlong, together } from '../../shared/edgings.js';
import { edgeOf, rowEnds, stitchesOf, type Edge } from '../../shared/pickedUp.js';
import { becomes, given, plus, quantity } from '../../shared/quantity.js';
import { sumIs } from '../../relations.js';
import type { SideGrownStyle } from './fields.js';
import { edgesOf, growthOf } from './growth.js';
import { notesOf } from './notes.js';
import { LEAST_EVEN, targetsOf, type Targets } from './targets.js';

declare module '../../counts.js' {
  interface OwnCounts {
    'grown.half': true;
    'grown.even': true;
    'grown.rounds': true;
    'grown.span': true;
  }
}

type Input = SizeInput<SideGrownStyle>;

/** Drafts the garment: the band's round by the hip, its height by the body's, its growth by how far the sleeves go. */
export function draft(input: Input): Draft {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const targets = targetsOf(input);
  const { round, length, opening, span, neck, growing } = targets;
  const { gain } = growthOf(fabric, style.sleeve.growBy);
  const { rule } = fabric;
  const repeats = { multiple: rule.flat.multiple, plus: 0 };
  const ends = edgesOf(fabric);
  const beside = ends.left + ends.right;
  const grows = Math.max(0, Math.min(growing.wanted, growing.room));
  const hem = style.hem
    ? draftBand({
        id: 'hem',
        label: 'Hem rib',
        style: style.hem,
        size: size.id,
        fabric: fabrics.get(style.hem.fabric)!,
        edge: { of: 'body.round', label: 'Body, all round', perCm: stitches, target: round.length },
      })
    : null;
  const height = length.length - targets.hem;
  const reached = round.length / 2 + grows * rows * (gain / stitches);
  const quantities: DraftQuantity[] = [
    quantity({
      id: 'body.round',
      label: 'Body, all round above the band',
      fabric,
      axis: 'stitches',
      target: round.length,
      weight: 1,
      because: round.reasons,
      min: 16,
    }),
    quantity({
      id: 'grown.half',
      label: 'Front and back, each above the band',
      fabric,
      axis: 'stitches',
      target: round.length / 2,
      weight: 0.05,
      rule: { multiple: rule.round.multiple, plus: 0 },
      because: [
        given('Body, all round', round.length, { kind: 'quantity', id: 'body.round' }),
        becomes('Two halves', '÷ 2', round.length / 2),
      ],
      min: 8,
    }),
    quantity({
      id: 'body.rows',
      label: 'Height above the band',
      fabric,
      axis: 'rows',
      target: height,
      weight: 1,
      because: [
        ...length.reasons,
        ...(targets.hem > 0
          ? [plus('Hem rib', -targets.hem, height, { kind: 'style', id: 'garment.hem.height' })]
          : []),
      ],
      min: 6,
    }),
    quantity({
      id: 'grown.even',
      label: 'Rounds before it grows',
      fabric,
      axis: 'rows',
      target: Math.max(LEAST_EVEN / rows, height - opening.length - grows),
      weight: 0.1,
      because: [
        given('Height above the band', height, { kind: 'quantity', id: 'body.rows' }),
        plus('Opening of the sleeve', -opening.length, height - opening.length, {
          kind: 'quantity',
          id: 'armhole.rows',
        }),
        plus('What grows', -grows, height - opening.length - grows, { kind: 'quantity', id: 'grown.rounds' }),
      ],
      min: LEAST_EVEN,
    }),
    quantity({
      id: 'grown.rounds',
      label: 'Rounds that grow',
      fabric,
      axis: 'rows',
      target: grows,
      weight: 0.1,
      because: [
        given('From wing to wing', span.length, { kind: 'quantity', id: 'grown.span' }),
        plus('Half of the body’s round', -round.length / 2, span.length - round.length / 2, {
          kind: 'quantity',
          id: 'grown.half',
        }),
        becomes(
          `A round grows front and back by ${figure(gain / stitches)} cm`,
          `÷ ${figure((rows * gain) / stitches, 4)}`,
          growing.wanted,
          say`${gain} stitches each, a round of ${cm(1 / rows)}`,
        ),
        ...(grows < growing.wanted
          ? [
              {
                ...plus('No more room below the opening', grows - growing.wanted, grows),
                note: say`${cm(growing.room)} between band and opening`,
              },
            ]
          : []),
      ],
      min: 0,
    }),
    quantity({
      id: 'armhole.rows',
      label: 'Opening of the sleeve, front and back',
      fabric,
      axis: 'rows',
      target: opening.length,
      weight: 0.7,
      because: opening.reasons,
      min: 2,
    }),
    quantity({
      id: 'grown.span',
      label: 'From wing to wing',
      fabric,
      axis: 'stitches',
      target: Math.min(Math.max(span.length, round.length / 2), reached + beside / stitches),
      weight: 0.6,
      rule: rule.flat,
      because: span.reasons,
      min: 12,
    }),
    quantity({
      id: 'neck.width',
      label: 'Neck, across',
      fabric,
      axis: 'stitches',
      target: neck.length,
      weight: 0.5,
      rule: { ...repeats, plus: beside % 2 },
      because: neck.reasons,
      min: 2,
    }),
    quantity({
      id: 'shoulder.width',
      label: 'Shoulder and upper arm, each',
      fabric,
      axis: 'stitches',
      target: Math.max(1, (span.length - neck.length) / 2),
      weight: 0.05,
      rule: { ...repeats, plus: ends.right },
      because: [
        given('From wing to wing', span.length, { kind: 'quantity', id: 'grown.span' }),
        plus('Neck', -neck.length, span.length - neck.length, { kind: 'quantity', id: 'neck.width' }),
        becomes('Two sides', '÷ 2', (span.length - neck.length) / 2),
      ],
      min: 2,
    }),
    ...(hem?.quantities ?? []),
  ];
  return {
    quantities,
    helpers: [],
    relations: [
      sumIs({ id: 'halves', rule: 'front and back are the same' }, { 'body.round': 1, 'grown.half': -2 }),
      sumIs(
        {
          id: 'growth',
          rule: 'each round that grows adds as much to front and back',
          says: (counts) =>
            say`${counts.of('grown.half')} + ${counts.of('grown.rounds')} × ${gain} = ${counts.of('grown.span') - beside}`,
        },
        { 'grown.span': 1, 'grown.half': -1, 'grown.rounds': -gain },
        beside,
      ),
      sumIs(
        { id: 'height', rule: 'even rounds, growth and opening are the height of the body' },
        { 'grown.even': 1, 'grown.rounds': 1, 'armhole.rows': 1, 'body.rows': -1 },
      ),
      sumIs(
        { id: 'shoulders', rule: 'neck and both shoulders are what front and back have' },
        { 'neck.width': 1, 'shoulder.width': 2, 'grown.span': -1 },
      ),
      ...(hem?.relations ?? []),
    ],
    finished: finishedOf(input, targets),
    notes: notesOf(input, targets, (2 * gain * rows) / stitches),
    ...(style.cuff
      ? {
          edgings: {
            ids: edgingIds([{ id: 'cuff' }], false),
            follow: (counts) =>
              together([
                ribAlong(
                  input,
                  { id: 'cuff', label: 'Cuff rib', style: style.cuff! },
                  sleeveEnd(input, counts),
                ),
              ]),
          },
        }
      : {}),
  };
}

/** The end of a sleeve as it has come out: the row ends of front and back, and the edge stitches below them. */
export function sleeveEnd({ style, fabrics }: Input, counts: GarmentCounts): Edge {
  const fabric = fabrics.get(style.fabric)!;
  const { left, right } = edgesOf(fabric);
  const many = counts.of('armhole.rows');
  return edgeOf('End of the sleeve', 1 / perCm(fabric.gauge, 'rows'), [
    rowEnds(say`Opening, 2 × ${many} rows`, 'armhole.rows', 2 * many, fabric),
    ...(left + right > 0
      ? [stitchesOf('Edge stitches below them', 'armhole.rows', left + right, fabric)]
      : []),
  ]);
}

function finishedOf(input: Input, { round, length, opening, span, neck }: Targets): Draft['finished'] {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const across = (id: CountId) => (counts: GarmentCounts) => counts.of(id) / stitches;
  return [
    finishedPlan('hip', 'All round above the band', round.length, across('body.round')),
    finishedPlan(
      'length',
      'Length from the shoulder',
      length.length,
      (counts) =>
        counts.of('body.rows') / rows +
        (style.hem
          ? counts.of('hem.height') / perCm(fabrics.get(style.hem.fabric)!.gauge, acrossOf(style.hem))
          : 0),
    ),
    finishedPlan('wingspan', 'From wing to wing', span.length, across('grown.span')),
    finishedPlan(
      'opening',
      'Round of the sleeve’s end',
      2 * opening.length,
      (counts) => (2 * counts.of('armhole.rows')) / rows,
    ),
    overArm(input, span.length, across('grown.span')),
    finishedPlan('neckWidth', 'Neck width', neck.length, across('neck.width')),
    besideNeck(input, neck.length, across('neck.width')),
  ];
}
