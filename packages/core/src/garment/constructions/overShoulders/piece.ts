import { foundationExtra, shapingUnit } from '../../../fabric/fabric.js';
import type { Passage } from '../../../passages/passage.js';
import { fromSteps, type Schedule } from '../../../shaping/schedule.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { longerRows, openRows } from '../../shared/panels/lowerEdge.js';
import { isPlain, neckIsOpen, type PanelStyle } from '../../shared/panels/style.js';
import { isOpen } from '../../shared/front.js';
import { frontNeck, halfNeck } from '../../shared/neck.js';
import { ends, OTHER, SIDES } from '../../shared/pieces.js';
import type { Side } from '../../../joins/roles.js';

type Input = SizeInput<PanelStyle>;

/** Numbers of the rows at which things happen, from the hem of the back. */
interface Turns {
  longer: number;
  side: number;
  /** Last row of the back, at the shoulders; of the fronts at the underarm; and at their hem. */
  top: number;
  underarm: number;
  end: number;
}

/** The whole body: its first stitches are the wearer's left, on the fronts as on the back. */
export function wholeBody(input: Input, counts: GarmentCounts): PieceProgram {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const [shoulder, neck, drop] = [
    counts.of('shoulder.width'),
    counts.of('neck.width'),
    counts.of('neck.drop'),
  ];
  const longer = longerRows(counts);
  const longerFront = counts.find('front.longer') ?? 0;
  const side = longer + counts.of('side.rows');
  const top = side + counts.of('armhole.rows');
  const turns: Turns = {
    longer,
    side,
    top,
    // Rows that the fronts have more lie in the fold at the shoulder, so that the sides begin level at the hem.
    underarm: top + counts.of('armhole.rows') + longerFront,
    end: top + counts.of('armhole.rows') + counts.of('side.rows') + longerFront,
  };
  const open = isOpen(style);
  const shape = (open ? openNeck : closedNeck)(style, counts, shapingUnit(fabric));
  /** The front on the side where the yarn hangs after the back's last row is worked first. */
  const first: Side = top % 2 === 1 ? 'left' : 'right';
  const order = [first, OTHER[first]];
  const partOf = (at: Side) => (at === first ? 'first-front' : 'second-front');
  const apart = open ? turns.end : top + drop;
  /** Fronts without a drop are never apart. */
  const direct = !open && drop === 0;
  const below = { part: open ? '' : 'front' };
  const bare = neckIsOpen(style);

  const passages: Passage[] = [
    {
      kind: 'start',
      part: 'main',
      stitches: counts.of('back.width'),
      extra: foundationExtra(fabric),
      along: null,
    },
    { kind: 'even', part: 'main', to: side },
    { kind: 'mark', part: 'main', meaning: 'the underarm' },
    { kind: 'even', part: 'main', to: top },
    { kind: 'mark', part: 'main', meaning: 'the shoulders' },
    ...(direct ? [] : order).flatMap((at, i): Passage[] => [
      {
        kind: 'go on',
        part: partOf(at),
        from: 'main',
        at: at === 'left' ? 0 : shoulder + neck,
        take: shoulder,
        leave: i === 1 ? 0 : shoulder + neck,
        rejoin: i === 1,
        label: `${at === 'left' ? 'Left' : 'Right'} front`,
      },
      ...(shape.schedule(top).events.length > 0
        ? [
            {
              kind: 'shape' as const,
              part: partOf(at),
              to: top + shape.rows,
              schedule: shape.schedule(top),
              where: { at: 'one edge' as const, side: OTHER[at], edge: 'the neck edge' },
              of: { start: 'shoulder.width', end: 'front.width', rows: 'neck.drop' },
            },
          ]
        : []),
      ...(open ? [...sideRows(partOf(at), turns)] : [{ kind: 'even' as const, part: partOf(at), to: apart }]),
    ]),
    ...(open
      ? []
      : [
          {
            kind: 'unite' as const,
            part: 'front',
            from: SIDES.map((at) =>
              direct
                ? { part: 'main', at: at === 'left' ? 0 : shoulder + neck, take: shoulder }
                : { part: partOf(at), at: 0, take: shape.width },
            ),
            chains: [shape.centre, 0],
            rejoin: !direct && needsRejoin(apart, OTHER[first]),
            label: 'Both fronts together',
          },
          ...sideRows('front', turns),
        ]),
  ];
  const lastPart = (at: Side) => (open ? partOf(at) : below.part);
  /** Rows of one side of the front, from the shoulder on. */
  const spans = (at: Side, from: number, to: number) =>
    [
      { part: partOf(at), first: from, last: open ? to : Math.min(to, apart) },
      ...(open ? [] : [{ part: below.part, first: Math.max(from, apart + 1), last: to }]),
    ].filter((span) => span.first <= span.last);
  const edge = (
    id: string,
    role: EdgeProgram['role'],
    label: string,
    place: EdgeProgram['place'],
    free = false,
  ): EdgeProgram => ({
    id,
    role,
    label,
    axis: place.lies === 'row ends' ? 'rows' : 'stitches',
    place,
    ...(place.lies === 'row ends' && !place.stepped ? { path: 'straight' as const } : {}),
    open: free,
  });
  const slit = openRows(counts, 'back');
  const frontSlit = openRows(counts, 'front');
  const edges: EdgeProgram[] = [
    edge('back.hem', 'lower edge', 'Back, lower edge', { lies: 'foundation', part: 'main' }, !style.hem),
    ...SIDES.flatMap((at): EdgeProgram[] =>
      [
        ...(slit > 0
          ? [
              edge(
                `back.slit-${at}`,
                'slit',
                `Back, ${at} side, open`,
                ends(at, { part: 'main', first: 1, last: slit }),
                true,
              ),
            ]
          : []),
        edge(
          `back.side-${at}`,
          'side',
          `Back, ${at} side`,
          ends(at, { part: 'main', first: slit + 1, last: side }),
        ),
        edge(
          `back.armhole-${at}`,
          'armhole',
          `Back, ${at} armhole`,
          ends(at, { part: 'main', first: side + 1, last: top }),
          isPlain(style),
        ),
        edge(
          `front.armhole-${at}`,
          'armhole',
          `Front, ${at} armhole`,
          ends(at, ...spans(at, top + 1, turns.underarm)),
          isPlain(style),
        ),
        edge(
          `front.side-${at}`,
          'side',
          `Front, ${at} side`,
          ends(at, ...spans(at, turns.underarm + 1, turns.end - frontSlit)),
        ),
        ...(frontSlit > 0
          ? [
              edge(
                `front.slit-${at}`,
                'slit',
                `Front, ${at} side, open`,
                ends(at, ...spans(at, turns.end - frontSlit + 1, turns.end)),
                true,
              ),
            ]
          : []),
        ...(shape.chained > 0
          ? [
              edge(
                `front.neck-${at}`,
                'neck',
                `Front neck, ${at} side`,
                shape.chained > 1
                  ? {
                      lies: 'base',
                      part: partOf(at),
                      n: top + 1,
                      from: at === 'left' ? shoulder : 0,
                      count: shape.chained,
                    }
                  : { lies: 'live', part: 'main', n: top, from: 0, count: 0 },
                bare,
              ),
            ]
          : shape.rows > 0
            ? [
                {
                  ...edge(
                    `front.neck-${at}`,
                    'neck',
                    `Front neck, ${at} side`,
                    {
                      ...ends(OTHER[at], { part: partOf(at), first: top + 1, last: top + shape.rows }),
                      stepped: true,
                    },
                    bare,
                  ),
                  path: shape.path(OTHER[at]),
                },
              ]
            : []),
        ...(open
          ? [
              edge(
                `front.edge-${at}`,
                'front edge',
                `Front, ${at} front edge`,
                ends(OTHER[at], {
                  part: partOf(at),
                  first: top + (shape.chained > 0 ? 0 : shape.rows) + 1,
                  last: turns.end,
                }),
                style.front.style !== 'band',
              ),
              edge(
                `front.hem-${at}`,
                'lower edge',
                `Front, ${at} lower edge`,
                { lies: 'live', part: lastPart(at), n: turns.end, from: 0, count: counts.of('front.width') },
                !style.hem,
              ),
            ]
          : []),
      ].map((one) => ({ ...one, side: at })),
    ),
    edge(
      'back.neck',
      'neck',
      'Back neck',
      { lies: 'live', part: 'main', n: top, from: shoulder, count: neck },
      bare,
    ),
    ...(open
      ? []
      : [
          edge(
            'front.neck',
            'neck',
            'Front neck, centre',
            { lies: 'base', part: 'front', n: apart + 1, from: shape.width, count: shape.centre },
            bare,
          ),
          edge(
            'front.hem',
            'lower edge',
            'Front, lower edge',
            { lies: 'live', part: 'front', n: turns.end, from: 0, count: counts.of('front.width') },
            !style.hem,
          ),
        ]),
  ];
  return {
    id: 'over',
    role: 'back and front',
    shows: [['back.width'], ['front.width'], ['body.rows'], [['back.longer', 'longer by']]],
    label: 'Body',
    copies: 1,
    fabric,
    work: 'rows',
    rows: [
      ...(longer > 0 ? (['back.longer'] as const) : []),
      'side.rows',
      'armhole.rows',
      'armhole.rows',
      'side.rows',
      ...(longerFront > 0 ? (['front.longer'] as const) : []),
    ],
    passages,
    edges,
    expects: [
      { quantity: 'back.width', edges: ['back.hem'] },
      { quantity: 'neck.width', edges: ['back.neck'] },
      { quantity: 'armhole.rows', edges: ['back.armhole-left'] },
      ...(longerFront > 0 ? [] : [{ quantity: 'armhole.rows' as const, edges: ['front.armhole-right'] }]),
      ...(frontSlit > 0 ? [] : [{ quantity: 'side.rows' as const, edges: ['front.side-left'] }]),
      ...SIDES.map((at) => ({
        quantity: 'front.width' as const,
        edges: [open ? `front.hem-${at}` : 'front.hem'],
      })),
    ],
  };
}

/** Even rows down to the hem, a marker at the underarm. */
function sideRows(part: string, { underarm, end }: Turns): Passage[] {
  return [
    { kind: 'even', part, to: underarm },
    { kind: 'mark', part, meaning: 'the underarm' },
    { kind: 'even', part, to: end },
  ];
}

/** Whether a row over all begins away from where the yarn hangs on the front that was worked last. */
function needsRejoin(row: number, last: Side): boolean {
  // After an odd row the yarn hangs at its left end, and the next one runs from there.
  return last !== (row % 2 === 1 ? 'left' : 'right');
}

interface Neck {
  /** Rows of each front that are shaped at the neck. */
  rows: number;
  /** Stitches of each front below them, and of the chain between them. */
  width: number;
  centre: number;
  /** Stitches that each open front chains at once for a neck without a drop. */
  chained: number;
  /** The shaping, after the back's last row. */
  schedule: (top: number) => Schedule;
  /** Where its rows end, on the front's left or right edge. */
  path: (edge: Side) => number[];
}

/** From the shoulder down a neck widens the front: the steps of one worked upwards, backwards. */
function widening(start: number, widths: readonly number[]): Pick<Neck, 'rows' | 'schedule' | 'path'> {
  return {
    rows: widths.length,
    schedule: (top) => fromSteps(start, top + 1, widths),
    path: (edge) => widths.map((width) => (edge === 'right' ? 1 : -1) * (width - widths[0]!)),
  };
}

function closedNeck({ neck: wish }: PanelStyle, counts: GarmentCounts, unit: number): Neck {
  const [shoulder, neck, drop] = [
    counts.of('shoulder.width'),
    counts.of('neck.width'),
    counts.of('neck.drop'),
  ];
  if (drop === 0) return { ...widening(shoulder, []), width: shoulder, centre: neck, chained: 0 };
  const { centre, schedule, slope } = frontNeck(wish, { neck, drop, shoulder, divide: 0, unit });
  const upwards = fromRows(schedule, drop);
  return { ...widening(shoulder, [...upwards].reverse()), width: shoulder + slope, centre, chained: 0 };
}

function openNeck({ neck }: PanelStyle, counts: GarmentCounts, unit: number): Neck {
  const [shoulder, width, drop] = [
    counts.of('shoulder.width'),
    counts.of('front.width'),
    counts.of('neck.drop'),
  ];
  const taken = width - shoulder;
  const full = { width, centre: 0, chained: drop === 0 ? taken : 0 };
  // Without a drop the neck is chained at once, in the first row.
  if (drop === 0) return { ...widening(shoulder, [width]), ...full };
  const { inside } = halfNeck(neck, { taken, drop, width, divide: 0, unit });
  // The row in which the neck ends belongs to it.
  return { ...widening(shoulder, inside.map((stitches) => width - stitches).reverse()), ...full };
}

/** Stitches after each of the first rows. */
function fromRows(schedule: Schedule, rows: number): number[] {
  let count = schedule.start;
  const changes = new Map(
    schedule.events.map((row, i) => [row, schedule.direction * (schedule.amounts?.[i] ?? schedule.perEvent)]),
  );
  return Array.from({ length: rows }, (_, i) => (count += changes.get(i + 1) ?? 0));
}
