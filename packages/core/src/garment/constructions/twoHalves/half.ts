import type { Passage } from '../../../passages/passage.js';
import { fromSteps } from '../../../shaping/schedule.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { neckIsOpen } from '../../shared/panels/style.js';
import { halfNeck } from '../../shared/neck.js';
import { begun, ends } from '../../shared/pieces.js';
import { OTHER, type Side } from '../../../joins/roles.js';
import type { TwoHalvesStyle } from './fields.js';
import { ruleOfParts } from './parts.js';

/**
 * One half: half the back and a front up to the underarm, then each by itself. Seen from outside the front of the left half
 * lies at its left, that of the right half at its right.
 */
export function half(
  { style, fabrics }: SizeInput<TwoHalvesStyle>,
  counts: GarmentCounts,
  wearers: Side,
): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const [whole, back, front] = [counts.of('half.width'), counts.of('back.half'), counts.of('front.width')];
  const [side, drop] = [counts.of('side.rows'), counts.of('neck.drop')];
  const rows = counts.of('body.rows');
  const [shoulder, neck] = [counts.of('shoulder.width'), counts.of('neck.half')];
  const divide = rows - drop;
  const taken = front - shoulder;
  /** Where the front lies on the piece, and its outer (front) edge with it. */
  const at = wearers;
  const line =
    drop > 0
      ? halfNeck(style.neck, { taken, drop, width: front, divide, unit: ruleOfParts(fabric).multiple })
      : null;
  const inside = (row: number) => (line && row > divide ? line.inside[row - divide]! : 0);
  const gone = inside(side);
  const label = wearers === 'left' ? 'Left half' : 'Right half';
  const shape = (part: string, start: number, from: number, to: number): Passage[] =>
    to <= from
      ? []
      : [
          {
            kind: 'shape',
            part,
            to,
            schedule: fromSteps(
              start - inside(from),
              from + 1,
              Array.from({ length: to - from }, (_, i) => start - inside(from + 1 + i)),
            ),
            where: { at: 'one edge', side: at, edge: 'the neck edge' },
            of: { start: 'front.width', end: 'shoulder.width', rows: 'neck.drop' },
            ...(line ? { line: line.line } : {}),
          },
        ];
  const frontPart = {
    part: 'front-part',
    at: at === 'left' ? 0 : back,
    take: front - gone,
    label: 'The front',
  };
  const backPart = { part: 'back-part', at: at === 'left' ? front - gone : 0, take: back, label: 'The back' };
  /** The part that lies where the yarn hangs after the last row below the underarm is worked first. */
  const hangs: Side = side % 2 === 1 ? 'left' : 'right';
  const order = at === hangs ? [frontPart, backPart] : [backPart, frontPart];
  const up = (part: string): Passage[] =>
    part === 'back-part'
      ? [{ kind: 'even', part, to: rows }]
      : [
          { kind: 'even', part, to: Math.max(side, divide) },
          ...shape(part, front, Math.max(side, divide), rows),
          ...(line ? [] : [{ kind: 'even' as const, part, to: rows }]),
        ];
  const frontSpans = (first: number, last: number) =>
    [
      { part: 'main', first, last: Math.min(last, side) },
      { part: 'front-part', first: Math.max(first, side + 1), last },
    ].filter((span) => span.first <= span.last);
  const bare = neckIsOpen(style);
  const rowEnds = (
    id: string,
    role: EdgeProgram['role'],
    words: string,
    place: EdgeProgram['place'],
    open = false,
  ): EdgeProgram => ({
    id: `${id}-${wearers}`,
    role,
    side: wearers,
    label: `${label}, ${words}`,
    axis: 'rows',
    place,
    path: 'straight',
    open,
  });
  const live = (
    id: string,
    role: EdgeProgram['role'],
    words: string,
    part: string,
    from: number,
    count: number,
    open = false,
  ): EdgeProgram => ({
    id: `${id}-${wearers}`,
    role,
    side: wearers,
    label: `${label}, ${words}`,
    axis: 'stitches',
    place: { lies: 'live', part, n: rows, from, count },
    open,
  });
  const edgeRows = line ? divide - 1 : rows;
  return {
    id: `half-${wearers}`,
    role: 'half',
    shows: [['half.width'], ['body.rows']],
    side: wearers,
    label,
    copies: 1,
    fabric,
    work: 'rows',
    rows: ['body.rows'],
    passages: [
      begun(whole, fabric, style.hem, 'hem rib'),
      { kind: 'even', part: 'main', to: Math.min(side, divide) },
      ...shape('main', whole, Math.min(side, divide), side),
      { kind: 'mark', part: 'main', meaning: 'the underarm' },
      ...order.flatMap((one, i): Passage[] => [
        {
          kind: 'go on',
          from: 'main',
          ...one,
          leave: i === 1 ? 0 : whole - gone - one.take,
          rejoin: i === 1,
        },
        ...up(one.part),
      ]),
    ],
    edges: [
      {
        id: `half.hem-${wearers}`,
        role: 'lower edge',
        side: wearers,
        label: `${label}, lower edge`,
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.hem,
      },
      rowEnds(
        'back.centre',
        'centre back',
        'centre back',
        ends(
          OTHER[at],
          { part: 'main', first: 1, last: side },
          { part: 'back-part', first: side + 1, last: rows },
        ),
      ),
      rowEnds(
        'back.armhole',
        'armhole',
        'back of the armhole',
        ends(at, { part: 'back-part', first: side + 1, last: rows }),
      ),
      rowEnds(
        'front.armhole',
        'armhole',
        'front of the armhole',
        ends(OTHER[at], { part: 'front-part', first: side + 1, last: rows }),
      ),
      rowEnds(
        'front.edge',
        'front edge',
        'front edge',
        ends(at, ...frontSpans(1, edgeRows)),
        style.front.style !== 'band',
      ),
      line
        ? {
            ...rowEnds(
              'front.neck',
              'neck',
              'front neck',
              { ...ends(at, ...frontSpans(divide, rows)), stepped: true },
              bare,
            ),
            path: line.inside.map((stitches) => (at === 'left' ? stitches : -stitches)),
          }
        : live('front.neck', 'neck', 'front neck', 'front-part', at === 'left' ? 0 : shoulder, taken, bare),
      live(
        'front.shoulder',
        'shoulder',
        'front shoulder',
        'front-part',
        line || at === 'right' ? 0 : taken,
        shoulder,
      ),
      live('back.shoulder', 'shoulder', 'back shoulder', 'back-part', at === 'left' ? 0 : neck, shoulder),
      live('back.neck', 'neck', 'back neck', 'back-part', at === 'left' ? shoulder : 0, neck, bare),
    ],
    expects: [
      { quantity: 'half.width', edges: [`half.hem-${wearers}`] },
      { quantity: 'body.rows', edges: [`back.centre-${wearers}`] },
      { quantity: 'armhole.rows', edges: [`front.armhole-${wearers}`] },
      { quantity: 'shoulder.width', edges: [`front.shoulder-${wearers}`] },
      { quantity: 'neck.half', edges: [`back.neck-${wearers}`] },
    ],
  };
}
