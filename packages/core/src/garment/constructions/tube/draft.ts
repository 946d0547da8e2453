import { lessEdging } from '../../shared/edged.js';
import type { Note } from '../../../advice/note.js';
import { perCm } from '../../../fabric/gauge.js';
import type { Relation } from '../../../fit/problem.js';
import type { GarmentCounts } from '../../counts.js';
import { sumAtMost, sumIs } from '../../relations.js';
import { cm, figure, say } from '../../../text/phrase.js';
import type { Draft, DraftQuantity, FinishedPlan, SizeInput } from '../../construction.js';
import { acrossOf, draftBand } from '../../shared/bands.js';
import { cordQuantity } from '../../shared/cord.js';
import { easeOver, forSize } from '../../../fields/perSize.js';
import { becomes, eased, given, plus, quantity, shareOf, shrunk } from '../../shared/quantity.js';
import { measured } from '../../shared/targets.js';
import type { TubeStyle } from './fields.js';

declare module '../../counts.js' {
  interface OwnCounts {
    'tube.round': true;
    'tube.rows': true;
    'strap.width': true;
    'strap.rows': true;
    'strap.apart': true;
    'strap.back': true;
    'strap.side': true;
  }
}

type Input = SizeInput<TubeStyle>;

/** Shortest tube that is still one, cm. */
const SHORTEST = 6;
/** A draw cord is twice the height and so much longer, cm (common practice). */
const CORD_SPARE = 20;

/** Drafts the tube: round the bust less its ease, from above the underarm down; straps over the shoulders; a cord. */
export function draft(input: Input): Draft {
  const { style, size, fabrics } = input;
  const { body } = input.body;
  const fabric = fabrics.get(style.fabric)!;
  const stitches = perCm(fabric.gauge, 'stitches');
  const notes: Note[] = [];

  const ease = forSize(style.ease, size.id);
  const round = body.bust + easeOver(ease, body.bust);
  const above = forSize(style.above, size.id);
  const below = forSize(style.belowWaist, size.id);
  const toWaist = body.backWaist - body.armholeDepth;
  const worn = toWaist + above + easeOver(below, body.backWaist);
  const length = lessEdging(input, 'hem', shrunk(fabric.growth ?? 0, worn));
  const hem = style.hem
    ? draftBand({
        id: 'hem',
        label: 'Hem rib',
        style: style.hem,
        size: size.id,
        fabric: fabrics.get(style.hem.fabric)!,
        edge: { of: 'tube.round', label: 'Tube, all round', perCm: stitches, target: round },
      })
    : null;
  const height = length.length - (hem?.height ?? 0);
  if (height < SHORTEST)
    notes.push({
      level: 'stop',
      code: 'tube-too-short',
      where: 'tube.rows',
      message: say`From ${cm(above)} above the underarm only ${cm(Math.max(0, height))} of tube are left; more length below the waist or a lower rib would do.`,
    });
  if (easeOver(ease, body.bust) >= 0)
    notes.push({
      level: 'warn',
      code: 'tube-does-not-hold',
      where: 'tube.round',
      message: say`The tube is as wide as the bust or wider, so it would slip: it is held by being a little narrower.`,
    });
  const quantities: DraftQuantity[] = [
    quantity({
      id: 'tube.round',
      label: 'Tube, all round',
      fabric,
      axis: 'stitches',
      target: round,
      weight: 1,
      rounding: 'not over',
      rule: style.rounds === 'sewn' ? fabric.rule.flat : fabric.rule.round,
      min: 16,
      because: [
        measured(input, 'bust'),
        eased('Ease', ease, body.bust, { kind: 'style', id: 'garment.ease' }),
      ],
    }),
    quantity({
      id: 'tube.rows',
      label: 'Tube, height',
      fabric,
      axis: 'rows',
      target: Math.max(SHORTEST, height),
      weight: 1,
      rule: fabric.rule.rows,
      min: 3,
      because: [
        measured(input, 'backWaist'),
        plus('Down to the underarm', -body.armholeDepth, toWaist, {
          kind: 'measurement',
          id: 'armholeDepth',
        }),
        plus('Above the underarm', above, toWaist + above, { kind: 'style', id: 'garment.above' }),
        eased(
          'Below the waist',
          below,
          body.backWaist,
          { kind: 'style', id: 'garment.belowWaist' },
          toWaist + above,
        ),
        ...length.reasons,
        ...(hem ? [plus('Hem rib', -hem.height, height, { kind: 'style', id: 'garment.hem.height' })] : []),
      ],
    }),
    ...(style.straps ? strapQuantities(input, style.straps, round, above) : []),
    ...(style.cord
      ? [
          cordQuantity('cord', 'Draw cord', fabric, 2 * length.length + CORD_SPARE, [
            given('Tube, height with its rib', length.length, { kind: 'quantity', id: 'tube.rows' }),
            becomes('Twice', '× 2', 2 * length.length),
            plus('To tie', CORD_SPARE, 2 * length.length + CORD_SPARE),
          ]),
        ]
      : []),
    ...(hem?.quantities ?? []),
  ];
  return {
    quantities,
    helpers: [],
    relations: [...(style.straps ? strapRelations() : []), ...(hem?.relations ?? [])],
    finished: finishedOf(input, round, length.length, above),
    notes,
  };
}

/** The way over the shoulder between the upper edges of front and back, cm. */
function overShoulder(input: Input, above: number): number {
  return 2 * Math.max(2, input.body.body.armholeDepth - above);
}

function strapQuantities(
  input: Input,
  straps: NonNullable<TubeStyle['straps']>,
  round: number,
  above: number,
): DraftQuantity[] {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const { body } = input.body;
  const width = forSize(straps.width, size.id);
  const worn = shareOf(
    forSize(straps.apart, size.id),
    'Between the straps',
    { length: body.crossBack, label: 'Cross-back', from: { kind: 'measurement', id: 'crossBack' } },
    { kind: 'style', id: 'garment.straps.apart' },
  );
  // On the body the tube is stretched, and with it what lies between the straps.
  const stretched = Math.max(1, body.bust / round);
  const relaxed = worn.length / stretched;
  const apart = {
    length: relaxed,
    reasons: [
      ...worn.reasons,
      ...(stretched > 1
        ? [becomes('The tube stretches to the bust', `÷ ${figure(stretched, 4)}`, relaxed)]
        : []),
    ],
  };
  const way = overShoulder(input, above);
  const side = Math.max(1, (round - 4 * width - 2 * apart.length) / 2);
  return [
    quantity({
      id: 'strap.width',
      label: 'Strap, width',
      fabric,
      axis: 'stitches',
      target: width,
      weight: 0.5,
      min: 2,
      because: [given('Width of the straps wanted', width, { kind: 'style', id: 'garment.straps.width' })],
    }),
    quantity({
      id: 'strap.rows',
      label: 'Strap, length',
      fabric,
      axis: 'rows',
      target: way * straps.snug,
      weight: 1,
      rounding: 'not over',
      min: 2,
      because: [
        measured(input, 'armholeDepth'),
        plus('The tube goes above the underarm', -above, body.armholeDepth - above, {
          kind: 'style',
          id: 'garment.above',
        }),
        becomes('Front and back', '× 2', way),
        becomes('Straps stretch', `× ${figure(straps.snug * 100, 1)} %`, way * straps.snug),
      ],
    }),
    quantity({
      id: 'strap.apart',
      label: 'Between the straps in front',
      fabric,
      axis: 'stitches',
      target: apart.length,
      weight: 0.4,
      min: 2,
      because: apart.reasons,
    }),
    quantity({
      id: 'strap.back',
      label: 'Between the straps at the back',
      fabric,
      axis: 'stitches',
      target: apart.length,
      weight: 0.4,
      min: 2,
      because: apart.reasons,
    }),
    quantity({
      id: 'strap.side',
      label: 'Between the straps, under the arm',
      fabric,
      axis: 'stitches',
      target: side,
      weight: 0.2,
      min: 1,
      because: [
        given('Tube, all round', round, { kind: 'quantity', id: 'tube.round' }),
        plus('Four ends of straps', -4 * width, round - 4 * width, { kind: 'quantity', id: 'strap.width' }),
        plus('Between them, front and back', -2 * apart.length, 2 * side, {
          kind: 'quantity',
          id: 'strap.apart',
        }),
        becomes('Two sides', '÷ 2', side),
      ],
    }),
  ];
}

function strapRelations(): Relation[] {
  return [
    sumIs(
      {
        id: 'straps',
        rule: 'four ends of straps and what lies between them are the tube all round',
        says: (counts) =>
          say`4 × ${counts.of('strap.width')} + ${counts.of('strap.apart')} + ${counts.of('strap.back')} + 2 × ${counts.of('strap.side')} = ${counts.of('tube.round')}`,
      },
      { 'strap.width': 4, 'strap.apart': 1, 'strap.back': 1, 'strap.side': 2, 'tube.round': -1 },
    ),
    sumAtMost(
      { id: 'straps.front', rule: 'the straps lie on front and back, not under the arms' },
      { 'strap.apart': 1, 'tube.round': -0.5 },
    ),
  ];
}

function finishedOf(input: Input, round: number, length: number, above: number): FinishedPlan[] {
  const { style, size, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  return [
    {
      id: 'bust',
      label: 'All round',
      target: round,
      actual: (counts) => counts.of('tube.round') / stitches,
    },
    {
      id: 'length',
      label: 'Height',
      target: length,
      actual: (counts) =>
        counts.of('tube.rows') / rows +
        (style.hem
          ? counts.of('hem.height') / perCm(fabrics.get(style.hem.fabric)!.gauge, acrossOf(style.hem))
          : 0),
    },
    ...(style.straps
      ? [
          {
            id: 'strap',
            label: 'Strap, length',
            target: overShoulder(input, above) * style.straps.snug,
            actual: (counts: GarmentCounts) => counts.of('strap.rows') / rows,
          },
          {
            id: 'strapWidth',
            label: 'Strap, width',
            target: forSize(style.straps.width, size.id),
            actual: (counts: GarmentCounts) => counts.of('strap.width') / stitches,
          },
        ]
      : []),
  ];
}
