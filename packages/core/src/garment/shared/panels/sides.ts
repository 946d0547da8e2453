/** The sides of panels below the underarm: straight, an A-line, or shaped in to the waist and out again. */

import { ANY_COUNT, shapedRows, shapingUnit, type Fabric } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { HelperCount, Relation } from '../../../fit/problem.js';
import type { CountId, GarmentCounts, PanelId } from '../../counts.js';
import { needsShapingRows, sumAtMost, sumIs } from '../../relations.js';
import type { Passage } from '../../../passages/passage.js';
import { later, type Schedule } from '../../../shaping/schedule.js';
import { say } from '../../../text/phrase.js';
import type { DraftQuantity, FinishedPlan, SizeInput } from '../../construction.js';
import { isOpen, openingWorked } from '../front.js';
import { easeOver, forSize } from '../../../fields/perSize.js';
import { scheduleFor } from '../pieces.js';
import { becomes, eased, given, plus, quantity } from '../quantity.js';
import { measured, type Target } from '../targets.js';
import type { PanelStyle } from './style.js';
import { bodyWidth } from './targets.js';

type Input = SizeInput<PanelStyle>;

type Of = Pick<Input, 'style' | 'fabrics'>;

export interface DraftedSides {
  quantities: DraftQuantity[];
  relations: Relation[];
  helpers: HelperCount[];
  finished: FinishedPlan[];
}

const NONE: DraftedSides = { quantities: [], relations: [], helpers: [], finished: [] };

/** Whether the sides are shaped. */
export function areShaped({ body }: PanelStyle): boolean {
  return body.shape !== 'straight';
}

/** Counts of a panel at its lower edge. */
type HemCount = `${PanelId}.${'hem' | 'width'}`;

/** The count of a panel at its lower edge. */
export function hemOf(style: PanelStyle, piece: PanelId): HemCount {
  return areShaped(style) ? `${piece}.hem` : `${piece}.width`;
}

/** One of two panels at the hip or the waist: the body's round there with its ease, halved. */
function panelAt({ style, size, body }: Input, id: 'hip' | 'waist', field: 'hemEase' | 'waistEase'): Target {
  const own = body.body[id];
  const ease = forSize(style.body[field], size.id);
  const round = own + easeOver(ease, own);
  return {
    length: round / 2,
    reasons: [
      measured({ size, body }, id),
      eased(id === 'hip' ? 'Ease at the lower edge' : 'Ease at the waist', ease, own, {
        kind: 'style',
        id: `garment.body.${field}`,
      }),
      becomes('Two panels', '÷ 2', round / 2),
    ],
  };
}

/**
 * The panel and each open front at the lower edge, cm; null where the sides are straight.
 *
 * @param front width of each front at the underarm, cm
 */
export function hemTargets(input: Input, front: number): { back: number; front: number } | null {
  if (!areShaped(input.style)) return null;
  const back = panelAt(input, 'hip', 'hemEase').length;
  const { round } = bodyWidth(input);
  // Each front is shaped at its side only, by half of what the back gains.
  return { back, front: isOpen(input.style) ? front + (back - round / 2) / 2 : back };
}

/**
 * Drafts the widths below the underarm.
 *
 * @param front width of each open front at the underarm, cm
 * @param side length of the side, and down to the waist of it, cm
 */
export function draftSides(
  input: Input,
  fabric: Fabric,
  front: number,
  { side, toWaist }: { side: number; toWaist: number },
): DraftedSides {
  const { style } = input;
  if (!areShaped(style)) return NONE;
  const unit = shapingUnit(fabric);
  const open = isOpen(style);
  const waisted = style.body.shape === 'waist';
  const hem = panelAt(input, 'hip', 'hemEase');
  const waist = waisted ? panelAt(input, 'waist', 'waistEase') : null;
  const frontHem = hemTargets(input, front)!.front;
  const stitches = (id: CountId, label: string, target: Target, rule = fabric.rule.flat) =>
    quantity({
      id,
      label,
      fabric,
      axis: 'stitches',
      target: target.length,
      weight: 0.6,
      rule,
      min: 4,
      because: target.reasons,
    });
  const rowsTo = (id: CountId, label: string, length: number, because: DraftQuantity['because']) =>
    quantity({ id, label, fabric, axis: 'rows', target: Math.max(2, length), weight: 0.3, min: 2, because });
  const sides = waist
    ? [
        between('back.hem', 'back.waist', 'hip.rows', fabric),
        between('back.waist', 'back.width', 'waist.rows', fabric),
      ]
    : [between('back.hem', 'back.width', 'side.rows', fabric)];
  return {
    quantities: [
      stitches('back.hem', 'Back, at the lower edge', hem),
      ...(waist
        ? [stitches('back.waist', 'Back, at the waist', waist, unit === 1 ? ANY_COUNT : fabric.rule.flat)]
        : []),
      stitches(
        'front.hem',
        open ? 'Front, each at the lower edge' : 'Front, at the lower edge',
        open ? { length: frontHem, reasons: frontReasons(hem, front, frontHem) } : hem,
        unit === 1 ? ANY_COUNT : fabric.rule.flat,
      ),
      ...(waist
        ? [
            rowsTo('waist.rows', 'Side, waist to underarm', toWaist, [
              measured(input, 'backWaist'),
              plus('Armhole', toWaist - input.body.body.backWaist, toWaist, {
                kind: 'quantity',
                id: 'armhole.rows',
              }),
            ]),
            rowsTo('hip.rows', 'Side, lower edge to waist', side - toWaist, [
              becomes('Side seam', '× 1', side),
              plus('Waist to underarm', -toWaist, side - toWaist, { kind: 'quantity', id: 'waist.rows' }),
            ]),
          ]
        : []),
    ],
    relations: [
      ...sides.flatMap(({ relations }) => relations),
      ...(unit > 1 && forSize(style.slit, input.size.id) > 0 ? aboveSlit(waisted) : []),
      sumIs(
        {
          id: 'front.hem',
          rule: 'front and back are shaped alike at the sides',
          says: (counts) =>
            say`At the lower edge: back ${counts.of('back.hem')}, front ${counts.of('front.hem')}`,
        },
        open
          ? { 'front.hem': 2, 'front.width': -2, 'back.hem': -1, 'back.width': 1 }
          : { 'front.hem': 1, 'front.width': -1, 'back.hem': -1, 'back.width': 1 },
      ),
      ...(waist
        ? [
            sumIs(
              { id: 'side', rule: 'the rows above and below the waist are the rows of the side' },
              { 'hip.rows': 1, 'waist.rows': 1, 'side.rows': -1 },
            ),
          ]
        : []),
    ],
    helpers: sides.flatMap(({ helpers }) => helpers),
    finished: finishedSides(input, fabric, hem.length, waist?.length ?? null),
  };
}

/** Whole units step in at the sides, so their shaping begins above a slit. */
function aboveSlit(waisted: boolean): Relation[] {
  const [helper, rows]: readonly [CountId, CountId] = waisted
    ? ['back.waist.sides', 'hip.rows']
    : ['back.width.sides', 'side.rows'];
  return [1, -1].map((sign) =>
    sumAtMost(
      { id: `sides.slit.${sign}`, rule: 'the sides are shaped above the slit' },
      { [helper]: sign, 'slit.rows': 1, [rows]: -1 },
      -2,
    ),
  );
}

/** Each open front at the lower edge: its width at the underarm and half of what the back gains below it. */
function frontReasons(hem: Target, front: number, frontHem: number): Target['reasons'] {
  return [
    ...hem.reasons.slice(0, 2),
    given('Front at the underarm', front, { kind: 'quantity', id: 'front.width' }),
    plus('Half of what the back gains below', frontHem - front, frontHem, {
      kind: 'quantity',
      id: 'back.hem',
    }),
  ];
}

function between(from: CountId, to: 'back.waist' | 'back.width', rows: CountId, fabric: Fabric) {
  const { everyRow } = shapedRows(fabric);
  return needsShapingRows(
    {
      id: `sides.${to}`,
      rule: 'the sides come out in whole shaping rows that their length has room for',
      says: (counts: GarmentCounts) =>
        say`Sides: ${counts.of(from)} to ${counts.of(to)} is ${Math.abs(counts.of(`${to}.sides`))} shaping rows at both edges`,
    },
    {
      from,
      to,
      rows,
      perEvent: 2 * shapingUnit(fabric),
      everyRow,
      spare: 1 + everyRow,
      helper: `${to}.sides`,
    },
  );
}

function finishedSides(input: Input, fabric: Fabric, hem: number, waist: number | null): FinishedPlan[] {
  const stitches = perCm(fabric.gauge, 'stitches');
  const open = isOpen(input.style);
  const round = (back: CountId) => (counts: GarmentCounts) => {
    // The fronts are shaped as the back is.
    const fronts = open
      ? 2 * counts.of('front.width') + (counts.of(back) - counts.of('back.width'))
      : counts.of(back);
    return (counts.of(back) + fronts) / stitches + openingWorked(input, counts);
  };
  return [
    ...(waist === null
      ? []
      : [{ id: 'waist', label: 'Round at the waist', target: 2 * waist, actual: round('back.waist') }]),
    { id: 'hem', label: 'Round at the lower edge', target: 2 * hem, actual: round('back.hem') },
  ];
}

/** The stretches of a shaped side, from the lower edge up: each ends in a row and changes both edges of a panel by a schedule. */
function stretches({ style, fabrics }: Of, counts: GarmentCounts): { to: number; schedule: Schedule }[] {
  if (!areShaped(style)) return [];
  const side = counts.of('side.rows');
  const fabric = fabrics.get(style.fabric)!;
  const unit = shapingUnit(fabric);
  const { everyRow, odd } = shapedRows(fabric);
  const run = (start: CountId, end: CountId, first: number, to: number) => ({
    to,
    schedule: scheduleFor({
      start: counts.of(start),
      end: counts.of(end),
      perEvent: 2 * unit,
      firstRow: everyRow === 2 && (first + 1) % 2 !== odd ? first + 2 : first + 1,
      lastRow: to - 1,
      everyRow,
      order: 'mixed',
    }),
  });
  const low = unit > 1 ? Math.max(1, (counts.find('slit.rows') ?? 0) + 1) : 1;
  if (style.body.shape === 'A-line') return [run('back.hem', 'back.width', low, side)];
  const waist = counts.of('hip.rows');
  return [run('back.hem', 'back.waist', low, waist), run('back.waist', 'back.width', waist, side)];
}

/** Rows of both sides of a panel, from row `after` + 1 on. */
export function sidePassages(input: Of, counts: GarmentCounts, after = 0): Passage[] {
  return stretches(input, counts).map(({ to, schedule }): Passage => ({
    kind: 'shape',
    part: 'main',
    to: to + after,
    schedule: later(schedule, after),
    where: { at: 'both edges' },
    of: { start: 'back.hem', end: 'back.width', rows: 'side.rows' },
  }));
}

/** How many stitches each side lies outside the panel at the underarm, after each row of the side. */
export function sideOut(input: Of, counts: GarmentCounts): number[] {
  const rows = counts.of('side.rows');
  const list = stretches(input, counts);
  if (list.length === 0) return new Array<number>(rows).fill(0);
  let count = counts.of('back.hem');
  const changes = new Map(
    list.flatMap(({ schedule }) =>
      schedule.events.map((row) => [row, schedule.direction * schedule.perEvent] as const),
    ),
  );
  return Array.from({ length: rows }, (_, i) => {
    count += changes.get(i + 1) ?? 0;
    return (count - counts.of('back.width')) / 2;
  });
}

/** The row of the waist, where the sides turn; null where they do not. */
export function waistRow({ style }: Pick<Input, 'style'>, counts: GarmentCounts): number | null {
  return style.body.shape === 'waist' ? counts.of('hip.rows') : null;
}
