/** A hood, picked up along the neck and worked up to the crown: a rectangle folded in half, or rounded at the back of it. */

import { choice, groupOrNone, lengthOrNone, otherFabric, type StyleOf } from '../../fields/kinds.js';
import { ANY_COUNT } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import type { CountId, GarmentCounts } from '../counts.js';
import { sumAtMost } from '../relations.js';
import type { JoinPlan } from '../../joins/join.js';
import { leastAreaSteps } from '../../shaping/curve.js';
import type { Passage } from '../../passages/passage.js';
import { fromSteps } from '../../shaping/schedule.js';
import { figure } from '../../text/phrase.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../construction.js';
import type { PickUpRatio } from '../../joins/pickUp.js';
import { pickUpFields } from '../../joins/pickUpFields.js';
import { pickedUp, ratioOf, type Edge, type Stretch, type Edging } from './pickedUp.js';
import { forSize } from '../../fields/perSize.js';
import { ends } from './pieces.js';
import { OTHER, type Side } from '../../joins/roles.js';
import { becomes, given, quantity } from './quantity.js';
import { measured } from './targets.js';

export const HOOD = groupOrNone({
  name: 'The hood',
  label: 'Hood',
  heading: 'Hood',
  help: 'Picked up along the neck in place of a neckband.',
  optional: { missing: 'none' },
  fields: {
    shape: choice({
      name: 'The shape of the hood',
      label: 'Shape',
      help: 'A rectangle folded in half, or rounded at the back of the crown.',
      options: [
        ['rectangle', 'a rectangle, folded'],
        ['shaped', 'rounded at the back'],
      ],
      usual: 'rectangle',
    }),
    fabric: otherFabric({
      name: 'The fabric of the hood',
      label: 'Fabric',
      help: 'The body’s where nothing else is chosen.',
    }),
    height: lengthOrNone({
      name: 'The height of the hood',
      label: 'Height',
      help: 'From the neck to the seam at the top.',
      range: [10, 60],
      optional: { none: 'from the head', own: 'as I say', first: 34 },
    }),
    ...pickUpFields('the hood', 'hood'),
  },
});

export type HoodStyle = NonNullable<StyleOf<{ hood: typeof HOOD }>['hood']>;

type Input = Pick<
  SizeInput<{ fabric: string; hood: HoodStyle | null }>,
  'style' | 'size' | 'body' | 'fabrics'
>;

/** A hood is about so much of the head's round high (common practice: 35 cm for a head of 56). */
const OF_HEAD = 0.62;
/** Height and width of what a shaped hood is rounded by at its crown, as shares of its height. */
const CROWN = 0.2;
/** Widest repeat that a hood keeps to: its edge may miss the neck's by half of it, cm. */
const WIDEST_REPEAT = 2;

export const HOOD_IDS: readonly CountId[] = ['hood.stitches', 'hood.rows', 'hood.crown', 'hood.round'];

function fabricOf({ style, fabrics }: Input) {
  return fabrics.get(style.hood!.fabric ?? style.fabric)!;
}

/** The ratio by which the hood is picked up along the neck; null where it goes by its gauge. */
export function hoodRatio(input: Input, stretches: readonly Stretch[]): PickUpRatio | null {
  return ratioOf(input.style.hood!, fabricOf(input), stretches, 'hood');
}

/** Drafts the hood along the neck's edge. */
export function hoodAlong(input: Input, edge: Edge): Edging {
  const { style, size } = input;
  const { shape, height: wish } = style.hood!;
  const fabric = fabricOf(input);
  const { head } = input.body.body;
  const height = wish === null ? head * OF_HEAD : forSize(wish, size.id);
  const stitches = perCm(fabric.gauge, 'stitches');
  const picked = pickedUp({
    id: 'hood.stitches',
    label: 'Hood, picked up along the neck',
    what: 'the hood',
    seam: 'hood.seam',
    fabric,
    edge,
    ratio: hoodRatio(input, edge.stretches),
    // A repeat too wide to go along any neck is broken at the face, where an odd stitch may be.
    rule: fabric.rule.flat.multiple / stitches <= WIDEST_REPEAT ? fabric.rule.flat : ANY_COUNT,
    min: 8,
  });
  const crown = height * CROWN;
  const crownWish = (id: CountId, label: string, axis: 'stitches' | 'rows') =>
    quantity({
      id,
      label,
      fabric,
      axis,
      target: crown,
      weight: 0.2,
      min: 2,
      because: [
        given('Hood, height', height, { kind: 'quantity', id: 'hood.rows' }),
        becomes('Rounded at the crown', `× ${figure(100 * CROWN, 0)} %`, crown),
      ],
    });
  return {
    quantities: [
      ...picked.quantities,
      quantity({
        id: 'hood.rows',
        label: 'Hood, height',
        fabric,
        axis: 'rows',
        target: height,
        weight: 1,
        rule: fabric.rule.rows,
        min: 6,
        because:
          wish === null
            ? [
                measured(input, 'head'),
                becomes('Usual height of a hood', `× ${figure(100 * OF_HEAD, 0)} %`, height),
              ]
            : [given('Height of the hood wanted', height, { kind: 'style', id: 'garment.hood.height' })],
      }),
      ...(shape === 'shaped'
        ? [
            crownWish('hood.crown', 'Hood, rows of its rounded crown', 'rows'),
            crownWish('hood.round', 'Hood, rounded off at the crown, each half', 'stitches'),
          ]
        : []),
    ],
    relations: [
      ...picked.relations,
      ...(shape === 'shaped'
        ? [
            sumAtMost(
              { id: 'hood.crown', rule: 'the crown of the hood begins above its first rows' },
              { 'hood.crown': 1, 'hood.rows': -1 },
              -2,
            ),
            sumAtMost(
              { id: 'hood.round', rule: 'the crown of the hood leaves a seam at its top' },
              { 'hood.round': 4, 'hood.stitches': -1 },
            ),
          ]
        : []),
    ],
  };
}

/** The hood as a piece; its left lies at the wearer's right. */
export function hoodPiece(input: Input, counts: GarmentCounts): PieceProgram {
  const fabric = fabricOf(input);
  const [stitches, rows] = [counts.of('hood.stitches'), counts.of('hood.rows')];
  const half = Math.floor(stitches / 2);
  const crown = counts.find('hood.crown') ?? 0;
  const divide = rows - crown;
  /** The half that is worked first lies where the yarn hangs after the last full row. */
  const first: Side = divide % 2 === 1 ? 'left' : 'right';
  const halves = ([first, OTHER[first]] as const).map((lies, i) => ({
    lies,
    part: crown === 0 ? 'main' : i === 0 ? 'first-half' : 'second-half',
    rejoin: i === 1,
  }));
  const round = counts.find('hood.round') ?? 0;
  const schedule =
    crown > 0
      ? fromSteps(
          half,
          divide + 1,
          leastAreaSteps(crownCurve(round, crown), crown, round)!.map((taken) => half - taken),
        )
      : null;
  const inside = schedule ? leastAreaSteps(crownCurve(round, crown), crown, round)! : [];
  return {
    id: 'hood',
    role: 'hood',
    shows: [['hood.stitches'], ['hood.rows']],
    label: 'Hood',
    copies: 1,
    fabric,
    work: 'rows',
    rows: ['hood.rows'],
    passages: [
      {
        kind: 'start',
        part: 'main',
        stitches,
        extra: 0,
        along: 'the neck, from the front edge (or the centre of a closed front) round to the other',
      },
      { kind: 'even', part: 'main', to: divide },
      ...(schedule
        ? halves.flatMap(({ lies, part, rejoin }): Passage[] => [
            {
              kind: 'go on',
              part,
              from: 'main',
              at: lies === 'left' ? 0 : stitches - half,
              take: half,
              leave: rejoin ? 0 : stitches - half,
              rejoin,
              label: rejoin ? 'Second half' : 'First half',
            },
            {
              kind: 'shape',
              part,
              to: rows,
              schedule,
              where: { at: 'one edge', side: OTHER[lies], edge: 'the centre back' },
              of: { end: 'hood.round', rows: 'hood.crown' },
            },
          ])
        : []),
    ],
    edges: [
      {
        id: 'hood.neck',
        role: 'joined',
        label: 'Hood, along the neck',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
      },
      ...halves.flatMap(({ lies, part }): EdgeProgram[] => [
        {
          id: `hood.face-${lies}`,
          role: 'face',
          side: lies,
          label: `Hood, ${lies} face edge`,
          axis: 'rows',
          place: ends(
            lies,
            { part: 'main', first: 1, last: divide },
            ...(crown > 0 ? [{ part, first: divide + 1, last: rows }] : []),
          ),
          path: 'straight',
          open: true,
        },
        {
          id: `hood.top-${lies}`,
          role: 'hood top',
          side: lies,
          label: `Hood, ${lies} half of its top`,
          axis: 'stitches',
          place: {
            lies: 'live',
            part,
            n: rows,
            from: crown > 0 || lies === 'left' ? 0 : stitches - half,
            count: half - round,
          },
        },
        ...(crown > 0
          ? [
              {
                id: `hood.crown-${lies}`,
                role: 'hood crown' as const,
                side: lies,
                label: `Hood, ${lies} half of its crown`,
                axis: 'rows' as const,
                place: {
                  ...ends(OTHER[lies], { part, first: divide + 1, last: rows }),
                  stepped: true,
                },
                path: inside.map((taken) => (lies === 'left' ? inside[0]! - taken : taken - inside[0]!)),
              },
            ]
          : []),
      ]),
      ...(stitches % 2 === 1
        ? [
            {
              id: 'hood.centre',
              role: 'hood top' as const,
              label: 'Hood, centre stitch',
              axis: 'stitches' as const,
              place: { lies: 'live' as const, part: 'main', n: divide, from: half, count: 1 },
              open: true,
            },
          ]
        : []),
    ],
    expects: [
      { quantity: 'hood.stitches', edges: ['hood.neck'] },
      { quantity: 'hood.rows', edges: ['hood.face-left'] },
      ...(crown > 0 ? [{ quantity: 'hood.crown' as const, edges: ['hood.crown-left'] }] : []),
    ],
  };
}

/** How far the crown has been rounded off at a height: little at first, most at the top. */
function crownCurve(width: number, height: number): (at: number) => number {
  return (at) => width * (1 - Math.sqrt(Math.max(0, 1 - Math.min(1, at / height) ** 2)));
}

/** How the hood is picked up along the neck's edges and closed over the head. */
export function hoodJoins(
  { shape }: HoodStyle,
  edges: readonly string[],
  ratio: PickUpRatio | null,
): JoinPlan[] {
  return [
    {
      id: 'hood',
      role: 'hood',
      label: 'Hood to neck',
      kind: 'pick-up',
      a: ['hood.neck'],
      b: [...edges],
      ...(ratio ? { ratio } : {}),
    },
    ...(shape === 'shaped'
      ? [
          {
            id: 'hood-crown',
            role: 'hood seam' as const,
            label: 'Hood, its crown',
            kind: 'row-to-row' as const,
            a: ['hood.crown-left'],
            b: ['hood.crown-right'],
          },
        ]
      : []),
    {
      id: 'hood-top',
      role: 'hood seam',
      label: 'Hood, top seam',
      kind: 'stitch-to-stitch',
      a: ['hood.top-left'],
      b: ['hood.top-right'],
    },
  ];
}
