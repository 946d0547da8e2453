import { perCm } from '../../../fabric/gauge.js';
import { bodyLevels } from '../../../body/levels.js';
import { USUAL_STRETCH } from '../../../fabric/fabric.js';
import type { JoinPlan } from '../../../joins/join.js';
import type { Side } from '../../../joins/roles.js';
import type { EdgeProgram, PieceProgram, Program, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { downTo } from '../../shared/arm.js';
import { bandJoin, cuffJoins, endsMeet } from '../../shared/bandJoins.js';
import { bandPiece, ribsFirst } from '../../shared/bandPiece.js';
import { acrossOf, alongOf, ribRatio } from '../../shared/bands.js';
import { begun, ends, onBothSides, SIDES } from '../../shared/pieces.js';
import type { SideGrownStyle } from './fields.js';
import { sleeveEnd } from './draft.js';
import { edgesOf, growthOf } from './growth.js';

type Input = SizeInput<SideGrownStyle>;

const HALVES = ['back', 'front'] as const;
type Half = (typeof HALVES)[number];

/** A level of the body this far below the lower edge is stretched over all the same, cm. */
const NEAR = 1;

/** The body in rounds, front and back on from it, the rib that it begins from, and cuffs. */
export function program(input: Input, counts: GarmentCounts): Program {
  const { style, fabrics } = input;
  const { body: person } = input.body;
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const { hem, cuff } = style;
  const pieces: PieceProgram[] = [
    bodyPiece(input, counts),
    ...HALVES.map((half) => flat(input, counts, half)),
  ];
  if (hem) pieces.push(bandPiece('hem', 'Hem rib', 1, hem, fabrics, counts));
  if (cuff) pieces.push(bandPiece('cuff', 'Cuff rib', 2, cuff, fabrics, counts));
  const across = (count: number) => count / stitches;
  const hangs = (1 + (fabric.growth ?? 0)) / rows;
  const underarm = counts.of('armhole.rows') * hangs;
  const grown = underarm + counts.of('grown.rounds') * hangs;
  const edge = grown + counts.of('grown.even') * hangs;
  const span = across(counts.of('grown.span'));
  const round = across(counts.of('body.round'));
  const opening = (2 * counts.of('armhole.rows')) / rows;
  const overhang = (span - person.crossBack) / 2;
  const cuffHeight = cuff
    ? counts.of('cuff.height') / perCm(fabrics.get(cuff.fabric)!.gauge, acrossOf(cuff))
    : 0;
  const rib = hem && {
    round: counts.of('hem.rows') / perCm(fabrics.get(hem.fabric)!.gauge, alongOf(hem)),
    height: counts.of('hem.height') / perCm(fabrics.get(hem.fabric)!.gauge, acrossOf(hem)),
    gives: fabrics.get(hem.fabric)!.stretch ?? null,
  };
  const lowest = edge + (rib?.height ?? 0);
  const covered = bodyLevels(person).filter(({ at }) => at >= edge - NEAR && at <= lowest + NEAR);
  return {
    pieces: ribsFirst(style, pieces),
    joins: joinsOf(input, counts),
    girths: {
      body: [
        { at: 0, round: 2 * span },
        { at: underarm, round: 2 * span },
        { at: grown, round },
        { at: edge, round },
        ...(rib
          ? [
              { at: edge, round: rib.round },
              { at: edge + rib.height, round: rib.round },
            ]
          : []),
      ],
      arm: [
        { at: 0, round: 2 * underarm },
        { at: overhang, round: opening },
      ],
    },
    facts: {
      closedNeck: {
        opening: 2 * across(counts.of('neck.width')),
        stretch: fabric.stretch ?? USUAL_STRETCH,
        front: 'neck.width',
      },
      sleeveTop: { round: opening, quantity: 'armhole.rows' },
      reach: {
        overhang,
        sleeve: 0,
        cuff: cuffHeight,
        wanted: downTo(input, style.sleeve, person.shoulderToWrist).length,
      },
      ...(rib && covered.length > 0
        ? {
            stretched: {
              round: rib.round,
              over: covered,
              gives: rib.gives,
              quantity: 'hem.rows',
              what: 'band',
            },
          }
        : {}),
    },
  };
}

/** The round from the band up: even, then growing at both sides. It begins at the wearer's left side, with the front. */
function bodyPiece({ style, fabrics }: Input, counts: GarmentCounts): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const { gain, way } = growthOf(fabric, style.sleeve.growBy);
  const half = counts.of('grown.half');
  const even = counts.of('grown.even');
  const last = even + counts.of('grown.rounds');
  const grown = half + gain * counts.of('grown.rounds');
  return {
    id: 'body',
    role: 'body',
    shows: [['body.round'], ['grown.even', 'grown.rounds']],
    label: 'Body',
    copies: 1,
    fabric,
    work: 'rounds',
    rows: ['grown.even', 'grown.rounds'],
    passages: [
      {
        ...begun(counts.of('body.round'), fabric, style.hem, 'hem rib'),
        extra: 0,
        round: style.rounds,
      },
      { kind: 'even', part: 'main', to: even },
      ...(last > even
        ? [{ kind: 'grow' as const, part: 'main', to: last, rounds: last - even, half, gain, way }]
        : []),
    ],
    edges: [
      {
        id: 'body.hem',
        role: 'lower edge',
        label: 'Body, lower edge',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.hem,
      },
      ...HALVES.map((of, i): EdgeProgram => ({
        id: `body.${of}`,
        role: of === 'back' ? 'back split' : 'front split',
        label: `Body, ${of}`,
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: last, from: i * grown, count: grown },
      })),
    ],
    expects: [{ quantity: 'body.round', edges: ['body.hem'] }],
  };
}

/** Front or back from the growth up: straight rows, whose ends are the sleeve's, up to shoulders and neck. */
function flat({ style, fabrics }: Input, counts: GarmentCounts, half: Half): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const { left, right } = edgesOf(fabric);
  const span = counts.of('grown.span');
  const rows = counts.of('armhole.rows');
  const [shoulder, neck] = [counts.of('shoulder.width'), counts.of('neck.width')];
  const name = half === 'back' ? 'Back' : 'Front';
  const label = (what: string) => `${name}, ${what}`;
  /** The wearer's sides from left to right, as the piece is seen from its right side. */
  const sides: readonly [Side, Side] = half === 'back' ? ['left', 'right'] : ['right', 'left'];
  const over = [
    { label: 'edge', count: left, chain: true },
    { label: half, count: span - left - right, chain: false },
    { label: 'edge', count: right, chain: true },
  ].filter(({ count }) => count > 0);
  const chained = (count: number, from: number, side: Side): EdgeProgram[] =>
    count === 0
      ? []
      : [
          {
            id: `${half}.chain-${side}`,
            role: 'wrist',
            side,
            label: label(`${side} edge stitches`),
            axis: 'stitches',
            place: { lies: 'base', part: 'main', n: 1, from, count },
            open: !style.cuff,
          },
        ];
  const top = (
    id: string,
    role: 'shoulder' | 'neck',
    from: number,
    count: number,
    side?: Side,
  ): EdgeProgram => ({
    id: `${half}.${id}`,
    role,
    ...(side ? { side } : {}),
    label: label(side ? `${side} shoulder` : 'neck'),
    axis: 'stitches',
    place: { lies: 'live', part: 'main', n: rows, from, count },
    open: role === 'neck',
  });
  return {
    id: half,
    role: half,
    shows: [['grown.span'], ['armhole.rows']],
    label: name,
    copies: 1,
    fabric,
    work: 'rows',
    rows: ['armhole.rows'],
    passages: [
      {
        kind: 'start',
        part: 'main',
        stitches: span,
        extra: 0,
        along: `the ${half} of the body`,
        over,
      },
      { kind: 'even', part: 'main', to: rows },
    ],
    edges: [
      ...chained(left, 0, sides[0]),
      {
        id: `${half}.start`,
        role: half === 'back' ? 'back split' : 'front split',
        label: label('first row'),
        axis: 'stitches',
        place: { lies: 'base', part: 'main', n: 1, from: left, count: span - left - right },
      },
      ...chained(right, span - right, sides[1]),
      ...SIDES.map((at): EdgeProgram => {
        const side = at === 'left' ? sides[0] : sides[1];
        return {
          id: `${half}.wrist-${side}`,
          role: 'wrist',
          side,
          label: label(`end of the ${side} sleeve`),
          axis: 'rows',
          place: ends(at, { part: 'main', first: 1, last: rows }),
          path: 'straight',
          open: !style.cuff,
        };
      }),
      top(`shoulder-${sides[0]}`, 'shoulder', 0, shoulder, sides[0]),
      top('neck', 'neck', shoulder, neck),
      top(`shoulder-${sides[1]}`, 'shoulder', shoulder + neck, shoulder, sides[1]),
    ],
    expects: [
      { quantity: 'shoulder.width', edges: [`${half}.shoulder-left`] },
      { quantity: 'neck.width', edges: [`${half}.neck`] },
      { quantity: 'armhole.rows', edges: [`${half}.wrist-left`] },
    ],
  };
}

function joinsOf(input: Input, counts: GarmentCounts): JoinPlan[] {
  const { style, fabrics, size } = input;
  const { hem, cuff } = style;
  const { left, right } = edgesOf(fabrics.get(style.fabric)!);
  // Of the edge stitches that are chained the first lie at the wearer's left of the back, and at the right of the front.
  const chains = (side: Side) =>
    HALVES.flatMap((half) => {
      const count = (half === 'back') === (side === 'left') ? left : right;
      return count > 0 ? [`${half}.chain-${side}`] : [];
    });
  return [
    ...HALVES.map((half): JoinPlan => ({
      id: `split-${half}`,
      role: 'split',
      label: `Split, ${half}`,
      kind: 'live',
      a: [`body.${half}`],
      b: [`${half}.start`],
    })),
    ...onBothSides('Shoulder and upper arm', (side, label) => ({
      id: `shoulder-${side}`,
      role: 'shoulder',
      label,
      kind: 'stitch-to-stitch',
      a: [`back.shoulder-${side}`],
      b: [`front.shoulder-${side}`],
    })),
    ...(hem
      ? [
          bandJoin(hem, {
            id: 'hem',
            role: 'hem',
            label: 'Hem rib to body',
            band: 'hem',
            edges: ['body.hem'],
          }),
          endsMeet(hem, 'hem', 'hem ends', 'Hem rib, its ends'),
        ]
      : []),
    ...(cuff
      ? cuffJoins(
          cuff,
          size.id,
          ribRatio(cuff, fabrics.get(cuff.fabric)!, sleeveEnd(input, counts).stretches, 'cuff'),
        ).map((join): JoinPlan =>
          join.role === 'cuff'
            ? {
                ...join,
                b: [`front.wrist-${join.side!}`, `back.wrist-${join.side!}`, ...chains(join.side!)],
              }
            : join,
        )
      : []),
  ];
}
