import { shapingUnit } from '../../../fabric/fabric.js';
import type { Passage } from '../../../passages/passage.js';
import { stepsAcross } from '../../../shaping/rounds.js';
import { fromSteps, type Schedule } from '../../../shaping/schedule.js';
import { endShifts } from '../../../work/steps.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { halfNeck, type HalfNeck } from '../neck.js';
import { ends, begun, panelShows } from '../pieces.js';
import { OTHER, type Side } from '../../../joins/roles.js';
import { isPlain, neckIsOpen, upperFabric, type PanelStyle } from './style.js';
import { aboveUnderarm, armholeEdge, type Above } from './above.js';
import { openRows, sideEdges, sideExpects } from './lowerEdge.js';
import { notchEdges } from './notch.js';
import { areShaped, hemOf, sideOut, waistRow } from './sides.js';

type Input = SizeInput<PanelStyle>;

/** One of two open fronts, for the wearer's side: straight up, its neck taken off at the front edge. The other is its mirror. */
export function openFront({ style, fabrics }: Input, counts: GarmentCounts, wearers: Side): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const side = counts.of('side.rows');
  const rows = side + counts.of('armhole.rows');
  const shoulder = counts.of('shoulder.width');
  const drop = counts.of('neck.drop');
  /** Where its outer edge and its front edge lie on the piece. */
  const [outer, inner] = [OTHER[wearers], wearers];
  const width = counts.of('front.width');
  const full = aboveUnderarm(style, counts, 'front', [outer], shapingUnit(fabrics.get(style.fabric)!));
  const taken = full.width - shoulder;
  const divide = rows - drop;
  const unit = shapingUnit(fabrics.get(upperFabric(style))!);
  const neck = drop > 0 ? halfNeck(style.neck, { taken, drop, width, divide, unit }) : null;
  // A neck that begins below the underarm has taken stitches off before the armhole does.
  const gone = neck && divide < side ? neck.inside[side - divide]! : 0;
  const above =
    gone > 0
      ? aboveUnderarm(style, counts, 'front', [outer], shapingUnit(fabrics.get(style.fabric)!), width - gone)
      : full;
  const last = (from: number, count: number) =>
    ({ lies: 'live', part: above.part, n: rows, from, count }) as const;
  const out = areShaped(style) ? sideOut({ style, fabrics }, counts) : [];
  const id = `front-${wearers}`;
  const label = wearers === 'left' ? 'Left front' : 'Right front';
  const banded = style.front.style === 'band';
  const edgeRows = neck ? divide - 1 : rows;
  // Where the fabric changes, the row spreads to both its ends or draws in from them.
  const before = width - above.notch;
  const moved = endShifts({ steps: stepsAcross(before, above.width - before) })[inner];
  const neckEdge: EdgeProgram['place'] = neck
    ? { ...ends(inner, ...above.spans(divide, rows)), stepped: true }
    : last(inner === 'right' ? shoulder : 0, taken);
  return {
    id,
    role: 'open front',
    shows: panelShows('front', style.upper !== null),
    side: wearers,
    label,
    copies: 1,
    fabric,
    ...above.sections(fabrics),
    work: 'rows',
    rows: ['side.rows', 'armhole.rows'],
    passages: [
      begun(counts.of(hemOf(style, 'front')), fabric, style.hem, 'hem rib'),
      ...upTo({ width, side, rows, divide, above, inner, out, waist: waistRow({ style }, counts) }, neck),
    ],
    edges: [
      {
        id: `front.hem-${wearers}`,
        role: 'lower edge',
        side: wearers,
        label: `${label}, lower edge`,
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.hem,
      },
      ...sideEdges({ piece: 'front', wearers, label: 'Front' }, outer, openRows(counts, 'front'), side, out),
      {
        id: `front.armhole-${wearers}`,
        role: 'armhole',
        side: wearers,
        label: `${label}, armhole`,
        ...armholeEdge(above, outer, above.spans(side + 1, rows)),
        open: isPlain(style),
      },
      {
        id: `front.edge-${wearers}`,
        role: 'front edge',
        side: wearers,
        label: `${label}, front edge`,
        axis: 'rows',
        place: ends(inner, ...above.spans(1, edgeRows)),
        path: style.upper ? shiftedBy(moved, side, edgeRows) : 'straight',
        open: !banded,
      },
      {
        id: `front.neck-${wearers}`,
        role: 'neck',
        side: wearers,
        label: `${label}, neck`,
        axis: neck ? 'rows' : 'stitches',
        place: neckEdge,
        ...(neck ? { path: neck.inside.map((stitches) => (inner === 'right' ? -stitches : stitches)) } : {}),
        open: neckIsOpen(style),
      },
      ...notchEdges(
        'front',
        label,
        isPlain(style),
        above.notch,
        { n: side, width: width - gone },
        { [wearers]: outer },
      ),
      {
        id: `front.shoulder-${wearers}`,
        role: 'shoulder',
        side: wearers,
        label: `${label}, shoulder`,
        axis: 'stitches',
        place: last(neck || inner === 'right' ? 0 : taken, shoulder),
      },
    ],
    expects: [
      { quantity: hemOf(style, 'front'), edges: [`front.hem-${wearers}`] },
      ...sideExpects('front', wearers, counts),
      { quantity: 'armhole.rows', edges: [`front.armhole-${wearers}`] },
      { quantity: 'shoulder.width', edges: [`front.shoulder-${wearers}`] },
      ...(above.notch > 0 ? [{ quantity: 'notch.width' as const, edges: [`front.notch-${wearers}`] }] : []),
      ...(style.upper || !neck
        ? []
        : [{ quantity: 'body.rows' as const, edges: [`front.edge-${wearers}`, `front.neck-${wearers}`] }]),
    ],
  };
}

/** An edge of so many rows that goes straight up and moves aside after row `after`. */
function shiftedBy(aside: number, after: number, rows: number): number[] {
  return Array.from({ length: rows }, (_, i) => (i < after ? 0 : aside));
}

/**
 * The rows up to the shoulder. What is shaped at the two edges is written from one turning point to the next: the waist, where the neck
 * begins, the underarm. Where both edges are shaped in the same rows they go on side by side.
 */
function upTo(
  {
    width,
    side,
    rows,
    divide,
    above,
    inner,
    out,
    waist,
  }: {
    width: number;
    side: number;
    rows: number;
    divide: number;
    above: Above;
    inner: Side;
    /** Stitches that the side lies outside the front at the underarm, after each row below it. */
    out: readonly number[];
    waist: number | null;
  },
  neck: HalfNeck | null,
): Passage[] {
  const { part, inside: curve } = above;
  const end = neck ? divide : rows;
  /** Stitches above the underarm as if the armhole took nothing off. */
  const upper = above.width + above.notch + (curve.at(-1) ?? 0);
  /** Stitches taken off after a row, by the neck and at the outer edge. */
  const byNeck = (row: number) => (neck && row > divide ? neck.inside[row - divide]! : 0);
  const atSide = (row: number) => -(out[Math.max(0, row - 1)] ?? 0);
  const byArmhole = (row: number) => above.notch + (row > side ? (curve[row - side - 1] ?? 0) : 0);

  /** Rows of a part from one turning point to the next. */
  const stretch = (of: string, from: number, to: number): Passage => {
    const below = to <= side;
    const [whole, outer] = below ? [width, atSide] : [upper, byArmhole];
    const atOuter = between(outer, whole - byNeck(from), from, to);
    const atNeck = between(byNeck, whole - outer(from), from, to);
    const shape = { kind: 'shape' as const, part: of, to };
    if (atNeck.events.length > 0 || (neck && from >= end))
      return {
        ...shape,
        schedule: atNeck,
        where: { at: 'one edge', side: inner, edge: 'the neck edge' },
        of: { start: 'front.width', end: 'shoulder.width', rows: 'neck.drop' },
        line: neck!.line,
        ...(atOuter.events.length > 0
          ? { also: { schedule: atOuter, edge: below ? 'the side' : 'the armhole edge' } }
          : {}),
      };
    if (atOuter.events.length === 0) return { kind: 'even', part: of, to };
    return {
      ...shape,
      schedule: atOuter,
      where: { at: 'one edge', side: OTHER[inner], edge: below ? 'the side' : 'the armhole edge' },
      of: below
        ? { start: 'front.hem', end: 'front.width', rows: 'side.rows' }
        : { start: 'front.width', end: 'armhole.curve', rows: 'armhole.shaped' },
    };
  };
  const run = (of: string, points: readonly number[]): Passage[] => {
    const turns = [...new Set(points)].sort((a, b) => a - b);
    return turns.slice(1).map((to, i) => stretch(of, turns[i]!, to));
  };
  return [
    ...run('main', [0, ...(waist === null ? [] : [waist]), Math.min(side, end), side]),
    { kind: 'mark', part: 'main', meaning: 'the underarm' },
    ...above.passages,
    ...run(part, [side, Math.max(side, end), rows]),
  ];
}

/** The shaping that takes so many stitches off a width after each row, in the rows after `from` up to `to`. */
function between(taken: (row: number) => number, width: number, from: number, to: number): Schedule {
  return fromSteps(
    width - taken(from),
    from + 1,
    Array.from({ length: to - from }, (_, i) => width - taken(from + 1 + i)),
  );
}
