import { perCm } from '../../../fabric/gauge.js';
import type { Relation } from '../../../fit/problem.js';
import type { CountId } from '../../counts.js';
import { sameCount, sumAtLeast, sumAtMost, sumIs } from '../../relations.js';
import { say } from '../../../text/phrase.js';
import {
  finishedPlan,
  type Draft,
  type DraftQuantity,
  type FinishedPlan,
  type SizeInput,
} from '../../construction.js';
import { bandHeight, finishedSleeve } from '../../shared/panels/finished.js';
import { draftSleeve, type SleeveTargets } from '../../shared/panels/draftSleeve.js';
import { neckTooWide, panelLengths, SHORTEST } from '../../shared/panels/lengths.js';
import { notchWidth } from '../../shared/panels/notch.js';
import type { PanelStyle } from '../../shared/panels/style.js';
import { neckDrop, neckWidth } from '../../shared/panels/targets.js';
import { draftBand } from '../../shared/bands.js';
import { frontWidth, isOpen, isTied, openingWorked, tieQuantity } from '../../shared/front.js';
import { becomes, given, plus, quantity } from '../../shared/quantity.js';
import { panelWidth } from '../../shared/targets.js';
import { edgingsOf } from './edgings.js';
import { leastStep } from './neck.js';

declare module '../../counts.js' {
  interface OwnCounts {
    'armhole.depth': true;
    'side.length': true;
    'body.length': true;
  }
}

type Input = SizeInput<PanelStyle>;

/** Drafts panels worked from side to side: lengths are counted in stitches, widths in rows. */
export function draft(input: Input): Draft {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const open = isOpen(style);
  const { length: width, round, reasons: widthReasons } = panelWidth(input);
  const front = open ? frontWidth(input, width, 'Back, width') : { length: width, reasons: widthReasons };
  const { length: neck, reasons: neckReasons } = neckWidth(input);
  const drop = neckDrop(input);
  const notch = notchWidth(input, width);
  const off = notch?.length ?? 0;
  const shoulder = (width - neck) / 2 - off;
  const bandOf = (id: 'hem' | 'hem-front', of: CountId, label: string, target: number) =>
    style.hem
      ? draftBand({
          id,
          label: id === 'hem' ? 'Hem rib' : 'Hem rib of a front',
          style: style.hem,
          size: size.id,
          fabric: fabrics.get(style.hem.fabric)!,
          field: 'hem',
          edge: { of, label, perCm: rows, target, rowsOf: fabric },
        })
      : null;
  const hem = bandOf('hem', 'back.width', 'Panel width', width);
  const frontHem = open ? bandOf('hem-front', 'front.width', 'Front, width of each', front.length) : null;
  const lengths = panelLengths(input, hem?.height ?? null, { armhole: 'armhole.depth', side: 'side.length' });
  const { length, armhole, armholeReasons, side } = lengths;
  const notes = [...lengths.notes, ...neckTooWide(neck, width - 2 * off)];
  const sleeve = style.sleeve
    ? draftSleeve(input, style.sleeve, {
        across: width,
        armhole,
        armholeReasons,
        notch: null,
        cap: null,
        along: { of: 'armhole.depth', perCm: stitches, name: 'stitches' },
      })
    : null;
  const along = (
    id: CountId,
    label: string,
    target: number,
    weight: number,
    because: DraftQuantity['because'],
    more: Partial<Parameters<typeof quantity>[0]> = {},
  ) => quantity({ id, label, fabric, axis: 'stitches', target, weight, because, ...more });
  const across: typeof along = (id, label, target, weight, because, more = {}) =>
    along(id, label, target, weight, because, { axis: 'rows', ...more });
  const quantities: DraftQuantity[] = [
    across('back.width', 'Back, rows from side to side', width, 1, widthReasons, {
      rule: fabric.rule.rows,
      min: 6,
    }),
    across(
      'front.width',
      open ? 'Front, rows of each' : 'Front, rows from side to side',
      front.length,
      1,
      front.reasons,
      {
        min: 4,
        ...(open ? {} : { rule: fabric.rule.rows }),
      },
    ),
    across('neck.width', 'Neck, width', neck, 1, neckReasons, { rounding: 'not under', min: 3 }),
    across('shoulder.width', 'Shoulder, each', Math.max(0.5, shoulder), 0.2, [
      given('Panel, width', width, { kind: 'quantity', id: 'back.width' }),
      plus('Neck', -neck, width - neck, { kind: 'quantity', id: 'neck.width' }),
      ...(notch
        ? [
            plus('Two steps of the armholes', -2 * off, 2 * shoulder, {
              kind: 'quantity' as const,
              id: 'notch.width',
            }),
          ]
        : []),
      becomes('Two shoulders', '÷ 2', shoulder),
    ]),
    ...(notch ? [across('notch.width', 'Step at the underarm, each', off, 0.4, notch.reasons)] : []),
    along('body.length', 'Back and front, length', lengths.panel, 1, lengths.panelReasons, {
      rule: fabric.rule.flat,
      min: 8,
    }),
    along('armhole.depth', 'Armhole, depth', armhole, 1, armholeReasons, { min: 3 }),
    along(
      'side.length',
      'Side seam',
      Math.max(SHORTEST, side),
      0.2,
      lengths.sideReasons,
      // Rows beside the armhole are as high as the side seam, and in pattern as all are.
      notch ? { rule: fabric.rule.flat } : {},
    ),
    along('neck.drop', 'Front neck drop', drop.length, 0.5, drop.reasons, {
      rounding: drop.length === 0 ? 'not over' : 'not under',
      rule: { multiple: fabric.rule.flat.multiple, plus: 0 },
      min: drop.length === 0 ? 0 : leastStep(fabric.rule.flat.multiple),
    }),
    ...(isTied(style) ? [tieQuantity(input)] : []),
    ...(sleeve?.quantities ?? []),
    ...(hem?.quantities ?? []),
    ...(frontHem?.quantities ?? []),
  ];
  return {
    quantities,
    helpers: sleeve?.helpers ?? [],
    relations: [
      ...relationsOf(open, notch !== null),
      ...(sleeve?.relations ?? []),
      ...(hem?.relations ?? []),
      ...(frontHem
        ? [
            ...frontHem.relations,
            sameCount(
              { id: 'hem.same', rule: 'the hem ribs of back and fronts are of one height' },
              'hem-front.height',
              'hem.height',
            ),
          ]
        : []),
    ],
    finished: finishedOf(input, {
      round,
      length,
      neck,
      drop: drop.length,
      armhole,
      across: notch ? width - 2 * off : null,
      sleeve: sleeve?.wanted ?? null,
    }),
    notes: [...notes, ...(sleeve?.notes ?? [])],
    ...edgingsOf(input),
  };
}

function relationsOf(open: boolean, notched: boolean): Relation[] {
  const step: Record<string, number> = notched ? { 'notch.width': 2 } : {};
  return [
    sumIs(
      {
        id: 'height',
        rule: 'side seam and armhole together are the length of the panel',
        says: (counts) =>
          say`Side + armhole: ${counts.of('side.length')} + ${counts.of('armhole.depth')} = ${counts.of('body.length')} stitches`,
      },
      { 'side.length': 1, 'armhole.depth': 1, 'body.length': -1 },
    ),
    sumIs(
      {
        id: 'shoulders',
        rule: 'shoulders, neck and steps of the armholes are the rows of the panel',
        says: (counts) => {
          const off = counts.find('notch.width') ?? 0;
          return notched
            ? say`Step + shoulder + neck + shoulder + step: ${off} + ${counts.of('shoulder.width')} + ${counts.of('neck.width')} + ${counts.of('shoulder.width')} + ${off} = ${counts.of('back.width')} rows`
            : say`Shoulder + neck + shoulder: ${counts.of('shoulder.width')} + ${counts.of('neck.width')} + ${counts.of('shoulder.width')} = ${counts.of('back.width')} rows`;
        },
      },
      { 'shoulder.width': 2, 'neck.width': 1, 'back.width': -1, ...step },
    ),
    open
      ? sumAtLeast(
          { id: 'fronts', rule: 'each front reaches over its shoulder' },
          { 'front.width': 1, 'shoulder.width': -1, ...(notched ? { 'notch.width': -1 } : {}) },
          1,
        )
      : sameCount(
          {
            id: 'width',
            rule: 'the front has as many rows as the back',
            says: (counts) => say`Front ${counts.of('front.width')} = back ${counts.of('back.width')} rows`,
          },
          'front.width',
          'back.width',
        ),
    sumAtMost(
      { id: 'drop', rule: 'the front neck ends above the underarm' },
      { 'neck.drop': 1, 'armhole.depth': -1 },
      -1,
    ),
  ];
}

function finishedOf(
  input: Input,
  wanted: {
    round: number;
    length: number;
    neck: number;
    drop: number;
    armhole: number;
    across: number | null;
    sleeve: SleeveTargets | null;
  },
): FinishedPlan[] {
  const { style, fabrics } = input;
  const { gauge } = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const fronts = isOpen(style) ? 2 : 1;
  return [
    finishedPlan(
      'bust',
      'All round',
      wanted.round,
      (counts) =>
        (counts.of('back.width') + fronts * counts.of('front.width')) / rows + openingWorked(input, counts),
    ),
    finishedPlan(
      'length',
      'Length from the shoulder',
      wanted.length,
      (counts) => counts.of('body.length') / stitches + bandHeight('hem', counts, input),
    ),
    finishedPlan('neckWidth', 'Neck width', wanted.neck, (counts) => counts.of('neck.width') / rows),
    finishedPlan('neckDrop', 'Front neck drop', wanted.drop, (counts) => counts.of('neck.drop') / stitches),
    finishedPlan(
      'armholeDepth',
      'Armhole depth',
      wanted.armhole,
      (counts) => counts.of('armhole.depth') / stitches,
    ),
    ...(wanted.across === null
      ? []
      : [
          finishedPlan(
            'across',
            'Across the shoulders',
            wanted.across,
            (counts) => (counts.of('back.width') - 2 * counts.of('notch.width')) / rows,
          ),
        ]),
    ...finishedSleeve(input, wanted.sleeve),
  ];
}
