import { shapingUnit } from '../../../fabric/fabric.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { begun, panelShows, SIDES } from '../pieces.js';
import { isPlain, neckIsOpen, type PanelStyle } from './style.js';
import { aboveUnderarm, armholeEdge } from './above.js';
import { longerRows, openRows, sideEdges, sideExpects } from './lowerEdge.js';
import { notchEdges } from './notch.js';
import { areShaped, hemOf, sideOut, sidePassages } from './sides.js';

type Input = SizeInput<PanelStyle>;

/** The back: straight up to shoulders and neck. Its first stitches are the wearer's left. */
export function back({ style, fabrics }: Input, counts: GarmentCounts): PieceProgram {
  const above = aboveUnderarm(style, counts, 'back', SIDES, shapingUnit(fabrics.get(style.fabric)!));
  const fabric = fabrics.get(style.fabric)!;
  const width = counts.of('back.width');
  const longer = longerRows(counts);
  const side = longer + counts.of('side.rows');
  const out = areShaped(style) ? sideOut({ style, fabrics }, counts) : [];
  const rows = side + counts.of('armhole.rows');
  const shoulder = counts.of('shoulder.width');
  const neck = counts.of('neck.width');
  const notches = above.notch > 0 ? SIDES.map((which) => `back.notch-${which}`) : [];
  const top = (from: number, count: number) =>
    ({ lies: 'live', part: above.part, n: rows, from, count }) as const;
  return {
    id: 'back',
    role: 'back',
    shows: [...panelShows('back', style.upper !== null), [['back.longer', 'longer by']]],
    label: 'Back',
    copies: 1,
    fabric,
    ...above.sections(fabrics),
    work: 'rows',
    rows: [...(longer > 0 ? (['back.longer'] as const) : []), 'side.rows', 'armhole.rows'],
    passages: [
      begun(counts.of(hemOf(style, 'back')), fabric, style.hem, 'hem rib'),
      ...sidePassages({ style, fabrics }, counts, longer),
      { kind: 'even', part: 'main', to: side },
      { kind: 'mark', part: 'main', meaning: 'the underarm' },
      ...above.passages,
      ...above.curve,
      { kind: 'even', part: above.part, to: rows },
    ],
    edges: [
      {
        id: 'back.hem',
        role: 'lower edge',
        label: 'Back, lower edge',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.hem,
      },
      ...SIDES.flatMap((which): EdgeProgram[] => [
        ...sideEdges(
          { piece: 'back', wearers: which, label: 'Back' },
          which,
          openRows(counts, 'back'),
          side,
          out,
        ),
        {
          id: `back.armhole-${which}`,
          role: 'armhole',
          side: which,
          label: `Back, ${which} armhole`,
          ...armholeEdge(above, which, above.spans(side + 1, rows)),
          open: isPlain(style),
        },
      ]),
      ...notchEdges(
        'back',
        'Back',
        isPlain(style),
        above.notch,
        { n: side, width },
        { left: 'left', right: 'right' },
      ),
      {
        id: 'back.shoulder-left',
        role: 'shoulder',
        side: 'left',
        label: 'Back, left shoulder',
        axis: 'stitches',
        place: top(0, shoulder),
      },
      {
        id: 'back.neck',
        role: 'neck',
        label: 'Back neck',
        axis: 'stitches',
        place: top(shoulder, neck),
        open: neckIsOpen(style),
      },
      {
        id: 'back.shoulder-right',
        role: 'shoulder',
        side: 'right',
        label: 'Back, right shoulder',
        axis: 'stitches',
        place: top(shoulder + neck, shoulder),
      },
    ],
    expects: [
      { quantity: hemOf(style, 'back'), edges: ['back.hem'] },
      ...(above.inside.length > 0
        ? []
        : [
            {
              quantity: style.upper ? ('back.upper' as const) : ('back.width' as const),
              edges: ['back.shoulder-left', 'back.neck', 'back.shoulder-right', ...notches],
            },
          ]),
      { quantity: 'neck.width', edges: ['back.neck'] },
      ...sideExpects('back', 'left', counts),
      { quantity: 'armhole.rows', edges: ['back.armhole-left'] },
      ...(style.upper || openRows(counts, 'back') > 0
        ? []
        : [{ quantity: 'body.rows' as const, edges: ['back.side-left', 'back.armhole-left'] }]),
      { quantity: 'shoulder.width', edges: ['back.shoulder-left'] },
      { quantity: 'shoulder.width', edges: ['back.shoulder-right'] },
      ...notches.map((edge) => ({ quantity: 'notch.width' as const, edges: [edge] })),
    ],
  };
}
