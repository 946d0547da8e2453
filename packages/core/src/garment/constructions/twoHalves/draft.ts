import { perCm } from '../../../fabric/gauge.js';
import type { CountId } from '../../counts.js';
import { sumAtLeast, sumAtMost, sumIs } from '../../relations.js';
import { say } from '../../../text/phrase.js';
import {
  finishedPlan,
  type Draft,
  type DraftQuantity,
  type FinishedPlan,
  type SizeInput,
} from '../../construction.js';
import { draftSleeve, type SleeveTargets } from '../../shared/panels/draftSleeve.js';
import { bandHeight, finishedSleeve } from '../../shared/panels/finished.js';
import { panelLengths, SHORTEST } from '../../shared/panels/lengths.js';
import { heightOf } from '../../shared/panels/relations.js';
import { neckDrop, neckWidth } from '../../shared/panels/targets.js';
import { draftBand } from '../../shared/bands.js';
import { isTied, openingWidth, openingWorked, tieQuantity } from '../../shared/front.js';
import { forSize } from '../../../fields/perSize.js';
import { becomes, given, plus, quantity } from '../../shared/quantity.js';
import { garmentRound } from '../../shared/targets.js';
import { edgingsOf } from './edgings.js';
import type { TwoHalvesStyle } from './fields.js';
import { ruleOfParts } from './parts.js';

declare module '../../counts.js' {
  interface OwnCounts {
    'half.width': true;
    'back.half': true;
    'neck.half': true;
  }
}

type Input = SizeInput<TwoHalvesStyle>;

/** Fewest stitches of half a back neck. */
const LEAST_NECK = 1;

/** Drafts two halves: what the bands take of the round comes off them. */
export function draft(input: Input): Draft {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const stitches = perCm(fabric.gauge, 'stitches');
  const { length: round, reasons: roundReasons } = garmentRound(input);
  const centre = forSize(style.centre.width, size.id);
  const opening = openingWidth(input);
  const half = round / 2;
  const backHalf = (half - centre) / 2;
  const front = (half - opening) / 2;
  const { length: neck, reasons: neckReasons } = neckWidth(input);
  const neckHalf = Math.max(LEAST_NECK / stitches, (neck - centre) / 2);
  const shoulder = backHalf - neckHalf;
  const drop = neckDrop(input);
  const hem = style.hem
    ? draftBand({
        id: 'hem',
        label: 'Hem rib of each half',
        style: style.hem,
        size: size.id,
        fabric: fabrics.get(style.hem.fabric)!,
        edge: {
          of: 'half.width',
          label: 'Half, at its lower edge',
          perCm: stitches,
          target: backHalf + front,
        },
      })
    : null;
  const lengths = panelLengths(input, hem?.height ?? null, { armhole: 'armhole.rows', side: 'side.rows' });
  const { length, armhole, armholeReasons, side } = lengths;
  const sleeve = style.sleeve
    ? draftSleeve(input, style.sleeve, { across: half, armhole, armholeReasons, notch: null, cap: null })
    : null;
  const parts = ruleOfParts(fabric);
  const rows = (
    id: CountId,
    label: string,
    target: number,
    weight: number,
    because: DraftQuantity['because'],
  ) => quantity({ id, label, fabric, axis: 'rows', target, weight, because, min: 2 });
  const across = (
    id: CountId,
    label: string,
    target: number,
    weight: number,
    because: DraftQuantity['because'],
    rule = parts,
  ) =>
    quantity({
      id,
      label,
      fabric,
      axis: 'stitches',
      target,
      weight,
      because,
      rule,
      min: Math.max(1, rule.plus),
    });
  const ofRound = [...roundReasons, becomes('Front and back', '÷ 2', half)];
  return {
    quantities: [
      across(
        'half.width',
        'Half, back and front together',
        backHalf + front,
        1,
        [
          ...roundReasons,
          plus('Bands at the centre back and in front', -(centre + opening), round - centre - opening, {
            kind: 'style',
            id: 'garment.centre.width',
          }),
          becomes('Two halves', '÷ 2', backHalf + front),
        ],
        fabric.rule.flat,
      ),
      across('back.half', 'Half of the back', backHalf, 0.1, [
        ...ofRound,
        plus('Band at the centre back', -centre, half - centre, {
          kind: 'style',
          id: 'garment.centre.width',
        }),
        becomes('Half of it', '÷ 2', backHalf),
      ]),
      // The band makes up for the backs; what the body covers of the arm hangs on the fronts.
      across('front.width', 'Front, width of each', front, 2, [
        ...ofRound,
        plus('What lies between the fronts', -opening, half - opening, {
          kind: 'style',
          id: 'garment.front.width',
        }),
        becomes('Two fronts', '÷ 2', front),
      ]),
      across(
        'neck.half',
        'Back neck, on each half',
        neckHalf,
        0.8,
        [
          ...neckReasons,
          plus('Band at the centre back', -centre, neck - centre, {
            kind: 'style',
            id: 'garment.centre.width',
          }),
          becomes('On each half', '÷ 2', (neck - centre) / 2),
          ...(neck - centre < 2 * neckHalf - 1e-9 ? [given('At least', neckHalf)] : []),
        ],
        { multiple: parts.multiple, plus: 0 },
      ),
      across('shoulder.width', 'Shoulder, each', Math.max(0.5, shoulder), 0.2, [
        given('Half of the back', backHalf, { kind: 'quantity', id: 'back.half' }),
        plus('Back neck', -neckHalf, shoulder, { kind: 'quantity', id: 'neck.half' }),
      ]),
      {
        ...rows('body.rows', 'Halves, height', lengths.panel, 1, lengths.panelReasons),
        rule: fabric.rule.rows,
        min: 4,
      },
      rows('armhole.rows', 'Armhole, depth', armhole, 1, armholeReasons),
      rows('side.rows', 'Below the underarm', Math.max(SHORTEST, side), 0.2, lengths.sideReasons),
      quantity({
        id: 'neck.drop',
        label: 'Front neck drop',
        fabric,
        axis: 'rows',
        target: drop.length,
        weight: 0.5,
        rounding: drop.length === 0 ? 'not over' : 'not under',
        min: 0,
        because: drop.reasons,
      }),
      ...(isTied(style) ? [tieQuantity(input)] : []),
      ...(sleeve?.quantities ?? []),
      ...(hem?.quantities ?? []),
    ],
    helpers: sleeve?.helpers ?? [],
    relations: [
      heightOf(),
      sumIs(
        {
          id: 'half',
          rule: 'half a back and a front are the half',
          says: (counts) =>
            say`Half back + front: ${counts.of('back.half')} + ${counts.of('front.width')} = ${counts.of('half.width')}`,
        },
        { 'back.half': 1, 'front.width': 1, 'half.width': -1 },
      ),
      sumIs(
        {
          id: 'shoulder',
          rule: 'shoulder and half the back neck are half the back',
          says: (counts) =>
            say`Shoulder + neck: ${counts.of('shoulder.width')} + ${counts.of('neck.half')} = ${counts.of('back.half')}`,
        },
        { 'shoulder.width': 1, 'neck.half': 1, 'back.half': -1 },
      ),
      sumAtLeast(
        { id: 'fronts', rule: 'each front is at least as wide as its shoulder' },
        { 'front.width': 1, 'shoulder.width': -1 },
      ),
      sumAtMost(
        { id: 'drop', rule: 'the front neck begins above the lower edge' },
        { 'neck.drop': 1, 'body.rows': -1 },
        -2,
      ),
      ...(sleeve?.relations ?? []),
      ...(hem?.relations ?? []),
    ],
    finished: finishedOf(input, {
      round,
      length,
      armhole,
      drop: drop.length,
      sleeve: sleeve?.wanted ?? null,
    }),
    notes: [...lengths.notes, ...(sleeve?.notes ?? [])],
    edgings: edgingsOf(input, round),
  };
}

function finishedOf(
  input: Input,
  wanted: {
    round: number;
    length: number;
    armhole: number;
    drop: number;
    sleeve: SleeveTargets | null;
  },
): FinishedPlan[] {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const bandRows = perCm(fabrics.get(style.centre.fabric)!.gauge, 'rows');
  return [
    finishedPlan(
      'bust',
      'All round, with the bands',
      wanted.round,
      (counts) =>
        (2 * counts.of('half.width')) / stitches +
        counts.of('centre.rows') / bandRows +
        openingWorked(input, counts),
    ),
    finishedPlan(
      'length',
      'Length from the shoulder',
      wanted.length,
      (counts) => counts.of('body.rows') / rows + bandHeight('hem', counts, input),
    ),
    finishedPlan('neckDrop', 'Front neck drop', wanted.drop, (counts) => counts.of('neck.drop') / rows),
    finishedPlan(
      'armholeDepth',
      'Armhole depth',
      wanted.armhole,
      (counts) => counts.of('armhole.rows') / rows,
    ),
    ...finishedSleeve(input, wanted.sleeve),
  ];
}
