import { foundationExtra } from '../../fabric/fabric.js';
import type { Counts } from '../../fit/problem.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../construction.js';
import type { Passage } from '../../shaping/passages.js';
import { countsByRow } from '../../shaping/schedule.js';
import { frontNeck, type FrontNeck } from '../shared/neck.js';
import { ends, SIDES, type Side } from '../shared/pieces.js';
import type { DropShoulderStyle } from './style.js';

type Input = SizeInput<DropShoulderStyle>;

/** The back: straight up to shoulders and neck. Its first stitches are the wearer's left. */
export function back({ style, fabrics }: Input, counts: Counts): PieceProgram {
  const upper = upperOf(style, counts, 'back');
  const fabric = fabrics.get(style.fabric)!;
  const width = counts['back.width']!;
  const rows = counts['side.rows']! + counts['armhole.rows']!;
  const side = counts['side.rows']!;
  const shoulder = counts['shoulder.width']!;
  const neck = counts['neck.width']!;
  const top = (from: number, count: number) =>
    ({ lies: 'live', part: 'main', n: rows, from, count }) as const;
  return {
    id: 'back',
    label: 'Back',
    copies: 1,
    fabric,
    ...upper.sections(fabrics),
    work: 'rows',
    rows: ['side.rows', 'armhole.rows'],
    passages: [
      { kind: 'start', part: 'main', stitches: width, extra: foundationExtra(fabric), along: null },
      { kind: 'even', part: 'main', to: side },
      { kind: 'mark', part: 'main', meaning: 'the underarm' },
      ...upper.passages,
      { kind: 'even', part: 'main', to: rows },
    ],
    edges: [
      {
        id: 'back.hem',
        label: 'Back, lower edge',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.hem,
      },
      ...SIDES.flatMap((which): EdgeProgram[] => [
        {
          id: `back.side-${which}`,
          label: `Back, ${which} side`,
          axis: 'rows',
          place: ends(which, { part: 'main', first: 1, last: side }),
          path: 'straight',
        },
        {
          id: `back.armhole-${which}`,
          label: `Back, ${which} armhole`,
          axis: 'rows',
          place: ends(which, { part: 'main', first: side + 1, last: rows }),
          path: 'straight',
        },
      ]),
      { id: 'back.shoulder-left', label: 'Back, left shoulder', axis: 'stitches', place: top(0, shoulder) },
      { id: 'back.neck', label: 'Back neck', axis: 'stitches', place: top(shoulder, neck), open: true },
      {
        id: 'back.shoulder-right',
        label: 'Back, right shoulder',
        axis: 'stitches',
        place: top(shoulder + neck, shoulder),
      },
    ],
    expects: [
      { quantity: 'back.width', edges: ['back.hem'] },
      {
        quantity: style.upper ? 'back.upper' : 'back.width',
        edges: ['back.shoulder-left', 'back.neck', 'back.shoulder-right'],
      },
      { quantity: 'neck.width', edges: ['back.neck'] },
      { quantity: 'side.rows', edges: ['back.side-left'] },
      { quantity: 'armhole.rows', edges: ['back.armhole-left'] },
      ...(style.upper ? [] : [{ quantity: 'body.rows', edges: ['back.side-left', 'back.armhole-left'] }]),
      { quantity: 'shoulder.width', edges: ['back.shoulder-left'] },
      { quantity: 'shoulder.width', edges: ['back.shoulder-right'] },
    ],
  };
}

/** The front: as the back up to the neck, then two shoulders with the centre left unworked. */
export function front({ style, fabrics }: Input, counts: Counts): PieceProgram {
  const upper = upperOf(style, counts, 'front');
  const fabric = fabrics.get(style.fabric)!;
  const width = counts['front.width']!;
  const rows = counts['side.rows']! + counts['armhole.rows']!;
  const side = counts['side.rows']!;
  const shoulder = counts['shoulder.width']!;
  const neck = counts['neck.width']!;
  const drop = counts['neck.drop']!;
  const divide = rows - drop;
  const dividing = drop > 0 ? frontNeck(style.neck.shape, { neck, drop, shoulder, divide }) : null;
  const top = dividing
    ? dividedTop(dividing, { rows, side, divide, shoulder, width: upper.width })
    : straightTop({ rows, side, shoulder, neck });
  return {
    id: 'front',
    label: 'Front',
    copies: 1,
    fabric,
    ...upper.sections(fabrics),
    work: 'rows',
    rows: ['side.rows', 'armhole.rows'],
    passages: [
      { kind: 'start', part: 'main', stitches: width, extra: foundationExtra(fabric), along: null },
      { kind: 'even', part: 'main', to: side },
      { kind: 'mark', part: 'main', meaning: 'the underarm' },
      ...upper.passages,
      { kind: 'even', part: 'main', to: divide },
      ...top.passages,
    ],
    edges: [
      {
        id: 'front.hem',
        label: 'Front, lower edge',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.hem,
      },
      ...SIDES.map((which): EdgeProgram => ({
        id: `front.side-${which}`,
        label: `Front, ${which} side`,
        axis: 'rows',
        place: ends(OTHER[which], { part: 'main', first: 1, last: side }),
        path: 'straight',
      })),
      ...top.edges,
    ],
    expects: [
      { quantity: 'front.width', edges: ['front.hem'] },
      { quantity: 'side.rows', edges: ['front.side-left'] },
      { quantity: 'armhole.rows', edges: ['front.armhole-left'] },
      { quantity: 'armhole.rows', edges: ['front.armhole-right'] },
      { quantity: 'shoulder.width', edges: ['front.shoulder-left'] },
      { quantity: 'shoulder.width', edges: ['front.shoulder-right'] },
      ...(dividing ? [{ quantity: 'neck.drop', edges: ['front.neck-right'] }] : []),
    ],
  };
}

/** The front lies mirrored to the back: its first stitches are the wearer's right. */
const OTHER: Record<Side, Side> = { left: 'right', right: 'left' };

interface Top {
  passages: Passage[];
  edges: EdgeProgram[];
}

/** A front without a drop: shoulders and neck side by side in its last row. */
function straightTop({
  rows,
  side,
  shoulder,
  neck,
}: Record<'rows' | 'side' | 'shoulder' | 'neck', number>): Top {
  const live = (from: number, count: number) =>
    ({ lies: 'live', part: 'main', n: rows, from, count }) as const;
  return {
    passages: [{ kind: 'even', part: 'main', to: rows }],
    edges: [
      ...SIDES.flatMap((which): EdgeProgram[] => [
        {
          id: `front.armhole-${which}`,
          label: `Front, ${which} armhole`,
          axis: 'rows',
          place: ends(OTHER[which], { part: 'main', first: side + 1, last: rows }),
          path: 'straight',
        },
        {
          id: `front.shoulder-${which}`,
          label: `Front, ${which} shoulder`,
          axis: 'stitches',
          place: live(which === 'right' ? 0 : shoulder + neck, shoulder),
        },
      ]),
      { id: 'front.neck', label: 'Front neck', axis: 'stitches', place: live(shoulder, neck), open: true },
    ],
  };
}

/**
 * The two shoulders of a divided front. The first goes on where the yarn hangs after the last full row: at the left of the
 * piece after a right-side row, at its right after a wrong-side row.
 */
function dividedTop(
  { centre, slope, schedule, line }: FrontNeck,
  { rows, side, divide, shoulder, width }: Record<'rows' | 'side' | 'divide' | 'shoulder' | 'width', number>,
): Top {
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
        from: 'main',
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
          label: `Front, ${wearers} armhole`,
          axis: 'rows',
          place: ends(
            lies,
            { part: 'main', first: side + 1, last: divide },
            { part, first: divide + 1, last: rows },
          ),
          path: 'straight',
        },
        {
          id: `front.shoulder-${wearers}`,
          label: `Front, ${wearers} shoulder`,
          axis: 'stitches',
          place: { lies: 'live', part, n: rows, from: 0, count: shoulder },
        },
        {
          id: `front.neck-${wearers}`,
          label: `Front neck, ${wearers} side`,
          axis: 'rows',
          place: { ...ends(OTHER[lies], { part, first: divide + 1, last: rows }), stepped: true },
          path: countsByRow(schedule, divide + 1, rows).map((count) =>
            lies === 'left' ? count - take : take - count,
          ),
          open: true,
        },
      ]),
      {
        id: 'front.neck',
        label: 'Front neck, centre',
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: divide, from: take, count: centre },
        open: true,
      },
    ],
  };
}

/** What changes at the underarm where the upper part is of another fabric; nothing where it is not. */
function upperOf(style: DropShoulderStyle, counts: Counts, piece: 'back' | 'front') {
  const first = counts['side.rows']! + 1;
  const width = counts[style.upper ? `${piece}.upper` : `${piece}.width`]!;
  const { upper } = style;
  const passages: Passage[] = upper
    ? [{ kind: 'change', part: 'main', to: first, stitches: width, fabric: upper.fabric }]
    : [];
  return {
    width,
    passages,
    sections: (fabrics: Input['fabrics']) =>
      upper ? { sections: [{ fabric: fabrics.get(upper.fabric)!, first }] } : {},
  };
}
