import { foundationExtra } from '../../fabric/fabric.js';
import type { Counts } from '../../fit/problem.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../construction.js';
import type { Passage } from '../../shaping/passages.js';
import { neckSlope } from '../shared/neck.js';
import { ends, must, SIDES, type Side } from '../shared/pieces.js';
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
          place: ends({ part: 'main', first: 1, last: side }),
        },
        {
          id: `back.armhole-${which}`,
          label: `Back, ${which} armhole`,
          axis: 'rows',
          place: ends({ part: 'main', first: side + 1, last: rows }),
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
  const slope = neckSlope(neck, drop);
  const divide = rows - drop;
  const centre = neck - 2 * slope;
  const split = drop > 0;

  // The front lies mirrored to the back: its first stitches are the wearer's right.
  const partOf = (which: Side) => (split ? `${which}-shoulder` : 'main');
  const shoulders: Passage[] = split
    ? (['right', 'left'] as const).flatMap((which): Passage[] => [
        {
          kind: 'go on',
          part: partOf(which),
          from: 'main',
          at: which === 'right' ? 0 : upper.width - shoulder - slope,
          take: shoulder + slope,
          leave: which === 'right' ? upper.width - shoulder - slope : 0,
          rejoin: which === 'left',
          label: which === 'right' ? 'First shoulder' : 'Second shoulder',
        },
        {
          kind: 'shape',
          part: partOf(which),
          to: rows,
          where: 'neck edge',
          neckSide: which === 'right' ? 'right' : 'left',
          schedule: must({
            start: shoulder + slope,
            end: shoulder,
            perEvent: 1,
            firstRow: divide + 2,
            lastRow: rows,
            everyRow: 1,
            order: 'fast first',
          }),
        },
      ])
    : [{ kind: 'even', part: 'main', to: rows }];

  const topOf = (which: Side): EdgeProgram['place'] =>
    split
      ? { lies: 'live', part: partOf(which), n: rows, from: 0, count: shoulder }
      : {
          lies: 'live',
          part: 'main',
          n: rows,
          from: which === 'right' ? 0 : shoulder + neck,
          count: shoulder,
        };
  const armholeOf = (which: Side) =>
    split
      ? ends(
          { part: 'main', first: side + 1, last: divide },
          { part: partOf(which), first: divide + 1, last: rows },
        )
      : ends({ part: 'main', first: side + 1, last: rows });
  return {
    id: 'front',
    label: 'Front',
    copies: 1,
    fabric,
    ...upper.sections(fabrics),
    work: 'rows',
    passages: [
      { kind: 'start', part: 'main', stitches: width, extra: foundationExtra(fabric), along: null },
      { kind: 'even', part: 'main', to: side },
      { kind: 'mark', part: 'main', meaning: 'the underarm' },
      ...upper.passages,
      { kind: 'even', part: 'main', to: divide },
      ...shoulders,
    ],
    edges: [
      {
        id: 'front.hem',
        label: 'Front, lower edge',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.hem,
      },
      ...SIDES.flatMap((which): EdgeProgram[] => [
        {
          id: `front.side-${which}`,
          label: `Front, ${which} side`,
          axis: 'rows',
          place: ends({ part: 'main', first: 1, last: side }),
        },
        {
          id: `front.armhole-${which}`,
          label: `Front, ${which} armhole`,
          axis: 'rows',
          place: armholeOf(which),
        },
        {
          id: `front.shoulder-${which}`,
          label: `Front, ${which} shoulder`,
          axis: 'stitches',
          place: topOf(which),
        },
        ...(split
          ? [
              {
                id: `front.neck-${which}`,
                label: `Front neck, ${which} side`,
                axis: 'rows' as const,
                place: ends({ part: partOf(which), first: divide + 1, last: rows }),
                open: true,
              },
            ]
          : []),
      ]),
      {
        id: 'front.neck',
        label: 'Front neck, centre',
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: divide, from: shoulder + slope, count: centre },
        open: true,
      },
    ],
    expects: [
      { quantity: 'front.width', edges: ['front.hem'] },
      { quantity: 'side.rows', edges: ['front.side-left'] },
      { quantity: 'armhole.rows', edges: ['front.armhole-left'] },
      { quantity: 'armhole.rows', edges: ['front.armhole-right'] },
      { quantity: 'shoulder.width', edges: ['front.shoulder-left'] },
      ...(split ? [{ quantity: 'neck.drop', edges: ['front.neck-right'] }] : []),
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
