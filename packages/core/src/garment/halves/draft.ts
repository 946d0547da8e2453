import type { Note } from '../../advice/note.js';
import { perCm } from '../../fabric/gauge.js';
import type { Counts } from '../../fit/problem.js';
import { sumAtLeast, sumAtMost, sumIs } from '../../fit/relations.js';
import { cm, say } from '../../text/phrase.js';
import type { Draft, DraftQuantity, Edgings, FinishedPlan, SizeInput } from '../construction.js';
import { draftSleeve, type SleeveTargets } from '../panels/draftSleeve.js';
import { bandHeight, finishedSleeve } from '../panels/finished.js';
import { heightOf } from '../panels/relations.js';
import { neckbandOf } from '../panels/style.js';
import { armholeDepth, neckDrop, neckWidth } from '../panels/targets.js';
import { draftBand } from '../shared/bands.js';
import {
  alongEdge,
  edgingIds,
  frontBandAlong,
  ribAlong,
  ribHeight,
  together,
  type Edge,
  type Edging,
  type Stretch,
} from '../shared/edgings.js';
import { isTied, openingWidth, tieQuantity } from '../shared/front.js';
import { HOOD_IDS, hoodAlong } from '../shared/hood.js';
import { halfNeck, steppedLength } from '../shared/neck.js';
import { forSize } from '../shared/perSize.js';
import { becomes, given, plus, quantity } from '../shared/quantity.js';
import { bodyLength, garmentRound } from '../shared/targets.js';
import type { HalvesStyle } from './style.js';

type Input = SizeInput<HalvesStyle>;

/** Shortest stretch that is still one, cm. */
const SHORTEST = 2;
/** Fewest stitches of half a back neck. */
const LEAST_NECK = 1;

/** Drafts two halves: what the bands take of the round comes off them. */
export function draft(input: Input): Draft {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const stitches = perCm(fabric.gauge, 'stitches');
  const notes: Note[] = [];
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
  const { length, reasons: lengthReasons } = bodyLength(input);
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
  const panel = length - (hem?.height ?? 0);
  const panelReasons = [
    ...lengthReasons,
    ...(hem ? [plus('Hem rib', -hem.height, panel, { kind: 'style', id: 'garment.hem.height' })] : []),
  ];
  const { length: armhole, reasons: armholeReasons } = armholeDepth(input);
  const side = panel - armhole;
  if (side < SHORTEST)
    notes.push({
      level: 'stop',
      code: 'armhole-deeper-than-body',
      where: 'side.rows',
      message: say`The armhole (${cm(armhole)}) leaves ${cm(Math.max(0, side))} below it on a half of ${cm(panel)}; make the body longer or the armhole shallower.`,
    });
  const sleeve = style.sleeve
    ? draftSleeve(input, style.sleeve, { across: half, armhole, armholeReasons, notch: null, cap: null })
    : null;
  const rows = (
    id: string,
    label: string,
    target: number,
    weight: number,
    because: DraftQuantity['because'],
  ) => quantity({ id, label, fabric, axis: 'rows', target, weight, because, min: 2 });
  const across = (
    id: string,
    label: string,
    target: number,
    weight: number,
    because: DraftQuantity['because'],
    rule = { multiple: 1, plus: 0 },
  ) => quantity({ id, label, fabric, axis: 'stitches', target, weight, because, rule, min: 1 });
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
      across('neck.half', 'Back neck, on each half', neckHalf, 0.8, [
        ...neckReasons,
        plus('Band at the centre back', -centre, neck - centre, {
          kind: 'style',
          id: 'garment.centre.width',
        }),
        becomes('On each half', '÷ 2', (neck - centre) / 2),
        ...(neck - centre < 2 * neckHalf - 1e-9 ? [given('At least', neckHalf)] : []),
      ]),
      across('shoulder.width', 'Shoulder, each', Math.max(0.5, shoulder), 0.2, [
        given('Half of the back', backHalf, { kind: 'quantity', id: 'back.half' }),
        plus('Back neck', -neckHalf, shoulder, { kind: 'quantity', id: 'neck.half' }),
      ]),
      {
        ...rows('body.rows', 'Halves, height', Math.max(SHORTEST, panel), 1, panelReasons),
        rule: fabric.rule.rows,
        min: 4,
      },
      rows('armhole.rows', 'Armhole, depth', armhole, 1, armholeReasons),
      rows('side.rows', 'Below the underarm', Math.max(SHORTEST, side), 0.2, [
        ...panelReasons,
        plus('Armhole', -armhole, side, { kind: 'quantity', id: 'armhole.rows' }),
      ]),
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
            say`Half back + front: ${counts['back.half']!} + ${counts['front.width']!} = ${counts['half.width']!}`,
        },
        { 'back.half': 1, 'front.width': 1, 'half.width': -1 },
      ),
      sumIs(
        {
          id: 'shoulder',
          rule: 'shoulder and half the back neck are half the back',
          says: (counts) =>
            say`Shoulder + neck: ${counts['shoulder.width']!} + ${counts['neck.half']!} = ${counts['back.half']!}`,
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
    notes: [...notes, ...(sleeve?.notes ?? [])],
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
  const plan = (id: string, label: string, target: number, actual: FinishedPlan['actual']): FinishedPlan => ({
    id,
    label,
    target,
    actual,
  });
  return [
    plan(
      'bust',
      'All round, with the bands',
      wanted.round,
      (counts) =>
        (2 * counts['half.width']!) / stitches + counts['centre.rows']! / bandRows + openingWidth(input),
    ),
    plan(
      'length',
      'Length from the shoulder',
      wanted.length,
      (counts) => counts['body.rows']! / rows + bandHeight('hem', counts, input),
    ),
    plan('neckDrop', 'Front neck drop', wanted.drop, (counts) => counts['neck.drop']! / rows),
    plan('armholeDepth', 'Armhole depth', wanted.armhole, (counts) => counts['armhole.rows']! / rows),
    ...finishedSleeve(input, wanted.sleeve),
  ];
}

/** The band at the centre back makes up what the halves have come to lack; the others follow their edges. */
function edgingsOf(input: Input, round: number): Edgings {
  const { style } = input;
  const neckband = neckbandOf(input);
  const banded = style.front.style === 'band';
  const ribs = neckband ? [{ id: 'neckband', label: 'Neckband', style: neckband }] : [];
  return {
    ids: ['centre.stitches', 'centre.rows', ...edgingIds(ribs, banded), ...(style.hood ? HOOD_IDS : [])],
    follow: (counts) => {
      const neck = neckEdge(input, counts, round);
      return together([
        centreBand(input, counts, round),
        ...ribs.map((rib) => ribAlong(input, rib, neck)),
        ...(style.hood ? [hoodAlong(input, neck)] : []),
        ...(banded ? [frontBandAlong(input, edgeUp(input, counts, counts['neck.drop']!, true))] : []),
      ]);
    },
  };
}

/** What the halves lack of the round wanted, cm. */
function bandWidth(input: Input, counts: Counts, round: number): number {
  const { style, fabrics } = input;
  const halves = (2 * counts['half.width']!) / perCm(fabrics.get(style.fabric)!.gauge, 'stitches');
  return Math.max(0.5, round - halves - openingWidth(input));
}

function centreBand(input: Input, counts: Counts, round: number): Edging {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.centre.fabric)!;
  const halves = (2 * counts['half.width']!) / perCm(fabrics.get(style.fabric)!.gauge, 'stitches');
  const opening = openingWidth(input);
  const rest = bandWidth(input, counts, round);
  const stretches = edgeUp(input, counts, 0, false);
  const length = stretches.reduce((sum, stretch) => sum + stretch.length, 0);
  let sum = 0;
  return {
    quantities: [
      quantity({
        id: 'centre.stitches',
        label: 'Band at the centre back, along the edge',
        fabric,
        axis: 'stitches',
        target: length,
        weight: 1,
        rule: fabric.rule.flat,
        because: stretches.map(({ label, length: of, of: id }, i) => {
          sum += of;
          const from = { kind: 'quantity', id } as const;
          return i === 0 ? given(label, of, from) : plus(label, of, sum, from);
        }),
      }),
      quantity({
        id: 'centre.rows',
        label: 'Band at the centre back, width',
        fabric,
        axis: 'rows',
        target: rest,
        weight: 1,
        because: [
          given('All round, wanted', round),
          plus('Two halves', -halves, round - halves, { kind: 'quantity', id: 'half.width' }),
          plus('What lies between the fronts', -opening, round - halves - opening, {
            kind: 'style',
            id: 'garment.front.width',
          }),
        ],
      }),
    ],
    relations: alongEdge({
      id: 'centre.seam',
      rule: 'the band goes along the centre back',
      of: 'centre.stitches',
      countsPerCm: perCm(fabric.gauge, 'stitches'),
      length,
      says: (found) => say`Picked up along ${cm(length)}: ${found['centre.stitches']!} stitches`,
    }),
  };
}

/** An edge of a half from the hem up, less so many rows of a neck. */
function edgeUp({ style, size, fabrics }: Input, counts: Counts, drop: number, front: boolean): Stretch[] {
  const rows = counts['body.rows']! - (drop > 0 ? drop + 1 : 0);
  return [
    {
      label: front ? 'Front edge below the neck' : 'Centre back',
      length: rows / perCm(fabrics.get(style.fabric)!.gauge, 'rows'),
      of: 'body.rows',
    },
    ...(style.hem
      ? [{ label: 'End of the hem rib', length: ribHeight(style.hem, size.id, fabrics), of: 'hem.height' }]
      : []),
    ...(front && style.neckband
      ? [
          {
            label: 'End of the neckband',
            length: ribHeight(neckbandOf({ style, size })!, size.id, fabrics),
            of: 'neckband.height',
          },
        ]
      : []),
  ];
}

/** The neck all round: both halves of the back, the end of the band between them, the fronts. */
function neckEdge(input: Input, counts: Counts, round: number): Edge {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const back = (2 * counts['neck.half']!) / stitches;
  const bandRows = perCm(fabrics.get(style.centre.fabric)!.gauge, 'rows');
  // In whole rows, as the band will be found beside it.
  const centre = Math.max(1, Math.round(bandWidth(input, counts, round) * bandRows)) / bandRows;
  const drop = counts['neck.drop']!;
  const taken = counts['front.width']! - counts['shoulder.width']!;
  const width = counts['front.width']!;
  const front =
    drop === 0
      ? (2 * taken) / stitches
      : 2 * steppedLength(halfNeck(style.neck, { taken, drop, width, divide: 0 }).inside, stitches, rows);
  return {
    label: 'Neck edge',
    length: back + centre + front,
    reasons: [
      given('Back neck of both halves', back, { kind: 'quantity', id: 'neck.half' }),
      plus('Band between them', centre, back + centre, { kind: 'quantity', id: 'centre.rows' }),
      plus('Line of the front neck', front, back + centre + front, { kind: 'quantity', id: 'neck.drop' }),
    ],
  };
}
