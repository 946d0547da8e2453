import { shapingUnit } from '../../../fabric/fabric.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import type { Passage } from '../../../passages/passage.js';
import { countsByRow } from '../../../shaping/schedule.js';
import type { GarmentCounts } from '../../counts.js';
import { frontNeck, type FrontNeck } from '../neck.js';
import { ends, begun, panelShows, SIDES } from '../pieces.js';
import { OTHER, type Side } from '../../../joins/roles.js';
import { isPlain, neckIsOpen, upperFabric, type PanelStyle } from './style.js';
import { aboveUnderarm, armholeEdge, type Above } from './above.js';
import { openRows, sideEdges, sideExpects } from './lowerEdge.js';
import { notchEdges } from './notch.js';
import { areShaped, hemOf, sideOut, sidePassages } from './sides.js';

type Input = SizeInput<PanelStyle>;

/** The front: as the back up to the neck, then two shoulders with the centre left unworked. */
export function front({ style, fabrics }: Input, counts: GarmentCounts): PieceProgram {
  const above = aboveUnderarm(style, counts, 'front', SIDES, shapingUnit(fabrics.get(style.fabric)!));
  const fabric = fabrics.get(style.fabric)!;
  const width = counts.of('front.width');
  const rows = counts.of('side.rows') + counts.of('armhole.rows');
  const side = counts.of('side.rows');
  const shoulder = counts.of('shoulder.width');
  const neck = counts.of('neck.width');
  const drop = counts.of('neck.drop');
  const divide = rows - drop;
  const unit = shapingUnit(fabrics.get(upperFabric(style))!);
  const dividing = drop > 0 ? frontNeck(style.neck, { neck, drop, shoulder, divide, unit }) : null;
  const open = neckIsOpen(style);
  const top = dividing
    ? dividedTop(dividing, { rows, side, divide, shoulder, above, style }, open)
    : straightTop({ rows, side, shoulder, neck, above, style }, open);
  return {
    id: 'front',
    role: 'front',
    shows: panelShows('front', style.upper !== null),
    label: 'Front',
    copies: 1,
    fabric,
    ...above.sections(fabrics),
    work: 'rows',
    rows: ['side.rows', 'armhole.rows'],
    passages: [
      begun(counts.of(hemOf(style, 'front')), fabric, style.hem, 'hem rib'),
      ...sidePassages({ style, fabrics }, counts),
      { kind: 'even', part: 'main', to: side },
      { kind: 'mark', part: 'main', meaning: 'the underarm' },
      ...above.passages,
      ...above.curve,
      { kind: 'even', part: above.part, to: divide },
      ...top.passages,
    ],
    edges: [
      {
        id: 'front.hem',
        role: 'lower edge',
        label: 'Front, lower edge',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.hem,
      },
      ...SIDES.flatMap((which) =>
        sideEdges(
          { piece: 'front', wearers: which, label: 'Front' },
          OTHER[which],
          openRows(counts, 'front'),
          side,
          areShaped(style) ? sideOut({ style, fabrics }, counts) : [],
        ),
      ),
      ...notchEdges('front', 'Front', isPlain(style), above.notch, { n: side, width }, OTHER),
      ...top.edges,
    ],
    expects: [
      { quantity: hemOf(style, 'front'), edges: ['front.hem'] },
      ...sideExpects('front', 'left', counts),
      { quantity: 'armhole.rows', edges: ['front.armhole-left'] },
      { quantity: 'armhole.rows', edges: ['front.armhole-right'] },
      { quantity: 'shoulder.width', edges: ['front.shoulder-left'] },
      { quantity: 'shoulder.width', edges: ['front.shoulder-right'] },
      ...(dividing ? [{ quantity: 'neck.drop' as const, edges: ['front.neck-right'] }] : []),
    ],
  };
}

interface Top {
  passages: Passage[];
  edges: EdgeProgram[];
}

/** A front without a drop: shoulders and neck side by side in its last row. */
function straightTop(
  {
    rows,
    side,
    shoulder,
    neck,
    above,
    style,
  }: Record<'rows' | 'side' | 'shoulder' | 'neck', number> & { above: Above; style: PanelStyle },
  open: boolean,
): Top {
  const live = (from: number, count: number) =>
    ({ lies: 'live', part: above.part, n: rows, from, count }) as const;
  return {
    passages: [{ kind: 'even', part: above.part, to: rows }],
    edges: [
      ...SIDES.flatMap((which): EdgeProgram[] => [
        {
          id: `front.armhole-${which}`,
          role: 'armhole',
          side: which,
          label: `Front, ${which} armhole`,
          ...armholeEdge(above, OTHER[which], above.spans(side + 1, rows)),
          open: isPlain(style),
        },
        {
          id: `front.shoulder-${which}`,
          role: 'shoulder',
          side: which,
          label: `Front, ${which} shoulder`,
          axis: 'stitches',
          place: live(which === 'right' ? 0 : shoulder + neck, shoulder),
        },
      ]),
      {
        id: 'front.neck',
        role: 'neck',
        label: 'Front neck',
        axis: 'stitches',
        place: live(shoulder, neck),
        open,
      },
    ],
  };
}

/**
 * The two shoulders of a divided front. The first goes on where the yarn hangs after the last full row: at the left of the
 * piece after a right-side row, at its right after a wrong-side row.
 */
function dividedTop(
  { centre, slope, schedule, line }: FrontNeck,
  {
    rows,
    side,
    divide,
    shoulder,
    above,
    style,
  }: Record<'rows' | 'side' | 'divide' | 'shoulder', number> & { above: Above; style: PanelStyle },
  open: boolean,
): Top {
  const { width } = above;
  const take = shoulder + slope;
  const first: Side = divide % 2 === 1 ? 'left' : 'right';
  const parts = ([first, OTHER[first]] as const).map((lies, i) => ({
    /** Where the shoulder lies on the piece, and on the wearer. */
    lies,
    wearers: OTHER[lies],
    part: i === 0 ? 'first-shoulder' : 'second-shoulder',
    label: i === 0 ? 'First shoulder' : 'Second shoulder',
    rejoin: i === 1,
  }));
  return {
    passages: parts.flatMap(({ lies, part, label, rejoin }): Passage[] => [
      {
        kind: 'go on',
        part,
        from: above.part,
        at: lies === 'left' ? 0 : width - take,
        take,
        leave: rejoin ? 0 : width - take,
        rejoin,
        label,
      },
      {
        kind: 'shape',
        part,
        to: rows,
        where: { at: 'one edge', side: OTHER[lies], edge: 'the neck edge' },
        schedule,
        of: { start: 'neck.width', end: 'shoulder.width', rows: 'neck.drop' },
        line,
      },
    ]),
    edges: [
      ...parts.flatMap(({ lies, wearers, part }): EdgeProgram[] => [
        {
          id: `front.armhole-${wearers}`,
          role: 'armhole',
          side: wearers,
          label: `Front, ${wearers} armhole`,
          ...armholeEdge(above, lies, [
            ...above.spans(side + 1, divide),
            { part, first: divide + 1, last: rows },
          ]),
          open: isPlain(style),
        },
        {
          id: `front.shoulder-${wearers}`,
          role: 'shoulder',
          side: wearers,
          label: `Front, ${wearers} shoulder`,
          axis: 'stitches',
          place: { lies: 'live', part, n: rows, from: 0, count: shoulder },
        },
        {
          id: `front.neck-${wearers}`,
          role: 'neck',
          side: wearers,
          label: `Front neck, ${wearers} side`,
          axis: 'rows',
          place: { ...ends(OTHER[lies], { part, first: divide + 1, last: rows }), stepped: true },
          path: countsByRow(schedule, divide + 1, rows).map((count) =>
            lies === 'left' ? count - take : take - count,
          ),
          open,
        },
      ]),
      {
        id: 'front.neck',
        role: 'neck',
        label: 'Front neck, centre',
        axis: 'stitches',
        place: { lies: 'live', part: above.part, n: divide, from: take, count: centre },
        open,
      },
    ],
  };
}
