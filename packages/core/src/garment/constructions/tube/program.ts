import { bodyLevels } from '../../../body/levels.js';
import { perCm } from '../../../fabric/gauge.js';
import type { JoinPlan } from '../../../joins/join.js';
import type { Side } from '../../../joins/roles.js';
import type { EdgeProgram, PieceProgram, Program, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { bandJoin, endsMeet } from '../../shared/bandJoins.js';
import { bandPiece, ribsFirst } from '../../shared/bandPiece.js';
import { acrossOf } from '../../shared/bands.js';
import { cordPiece } from '../../shared/cord.js';
import { forSize } from '../../../fields/perSize.js';
import { begun, ends, foundation, SIDES } from '../../shared/pieces.js';
import type { TubeStyle } from './fields.js';

type Input = SizeInput<TubeStyle>;

/** A level of the body this far below the lower edge is stretched over all the same, cm. */
const NEAR = 1;

/** Tube, straps, cord and their joins. */
export function program(input: Input, counts: GarmentCounts): Program {
  const { style, fabrics } = input;
  const pieces: PieceProgram[] = [tube(input, counts)];
  if (style.straps) pieces.push(strap(input, counts));
  if (style.cord) pieces.push(cordPiece('cord', 'Draw cord', 1, fabrics.get(style.fabric)!, counts));
  if (style.hem) pieces.push(bandPiece('hem', 'Hem rib', 1, style.hem, fabrics, counts));
  const { gauge, growth = 0, stretch } = fabrics.get(style.fabric)!;
  const round = counts.of('tube.round') / perCm(gauge, 'stitches');
  const top = input.body.body.armholeDepth - forSize(style.above, input.size.id);
  const edge = top + (counts.of('tube.rows') / perCm(gauge, 'rows')) * (1 + growth);
  const rib = style.hem
    ? counts.of('hem.height') / perCm(fabrics.get(style.hem.fabric)!.gauge, acrossOf(style.hem))
    : 0;
  const covered = bodyLevels(input.body.body).filter(({ at }) => at <= edge + rib + NEAR);
  return {
    pieces: ribsFirst(style, pieces),
    joins: joins(style),
    girths: {
      body: [
        { at: top, round },
        { at: edge, round },
      ],
      arm: [],
    },
    facts: {
      closedNeck: null,
      sleeveTop: null,
      reach: null,
      stretched: { round, over: covered, gives: stretch ?? null, quantity: 'tube.round', what: 'tube' },
    },
  };
}

/** A stretch of the upper edge. */
interface UpperEdge {
  id: string;
  side?: Side;
  label: string;
  count: number;
  strap: boolean;
}

/** What lies along the upper edge from the centre back round to it again: straps and what is between them. */
function upperEdge(counts: GarmentCounts): UpperEdge[] {
  const [width, apart, side] = [counts.of('strap.width'), counts.of('strap.apart'), counts.of('strap.side')];
  // The seam lies in the middle of the back; an odd stitch is after it.
  const first = Math.floor(counts.of('strap.back') / 2);
  const between = (id: string, label: string, count: number, at?: Side): UpperEdge => ({
    id,
    ...(at ? { side: at } : {}),
    label,
    count,
    strap: false,
  });
  const strapAt = (place: 'front' | 'back', which: 'left' | 'right') => ({
    id: `tube.strap-${place}-${which}`,
    side: which,
    label: `Tube, ${which} strap at the ${place}`,
    count: width,
    strap: true,
  });
  return [
    between('tube.back-first', 'Tube, back to the seam', first),
    strapAt('back', 'left'),
    between('tube.side-left', 'Tube, under the left arm', side, 'left'),
    strapAt('front', 'left'),
    between('tube.front', 'Tube, front between the straps', apart),
    strapAt('front', 'right'),
    between('tube.side-right', 'Tube, under the right arm', side, 'right'),
    strapAt('back', 'right'),
    between('tube.back-last', 'Tube, back from the seam', counts.of('strap.back') - first),
  ];
}

function tube({ style, fabrics }: Input, counts: GarmentCounts): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [counts.of('tube.round'), counts.of('tube.rows')];
  const flat = style.rounds === 'sewn';
  let from = 0;
  const top: EdgeProgram[] = (
    style.straps
      ? upperEdge(counts)
      : [{ id: 'tube.top', label: 'Tube, upper edge', count: stitches, strap: false } satisfies UpperEdge]
  ).map(({ id, side, label, count, strap: sewn }: UpperEdge): EdgeProgram => {
    const place = { lies: 'live', part: 'main', n: rows, from, count } as const;
    from += count;
    return {
      id,
      role: sewn ? 'strap place' : 'upper edge',
      ...(side ? { side } : {}),
      label,
      axis: 'stitches',
      place,
      open: !sewn,
    };
  });
  return {
    id: 'tube',
    role: 'tube',
    shows: [['tube.round'], ['tube.rows']],
    label: 'Tube',
    copies: 1,
    fabric,
    work: flat ? 'rows' : 'rounds',
    rows: ['tube.rows'],
    passages: [
      {
        ...begun(stitches, fabric, style.hem, 'hem rib'),
        ...(style.rounds === 'sewn' ? {} : { extra: 0, round: style.rounds }),
      },
      { kind: 'even', part: 'main', to: rows },
    ],
    edges: [
      {
        id: 'tube.hem',
        role: 'lower edge',
        label: 'Tube, lower edge',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.hem,
      },
      ...top,
      ...(flat
        ? SIDES.map((side): EdgeProgram => ({
            id: `tube.seam-${side}`,
            role: 'back seam',
            label: `Tube, ${side} edge`,
            axis: 'rows',
            place: ends(side, { part: 'main', first: 1, last: rows }),
            path: 'straight',
          }))
        : []),
    ],
    expects: [
      { quantity: 'tube.round', edges: ['tube.hem'] },
      ...(flat ? [{ quantity: 'tube.rows' as const, edges: ['tube.seam-left'] }] : []),
      ...(style.straps
        ? ([
            { quantity: 'tube.round', edges: upperEdge(counts).map(({ id }) => id) },
            { quantity: 'strap.apart', edges: ['tube.front'] },
            { quantity: 'strap.side', edges: ['tube.side-left'] },
          ] as const)
        : []),
    ],
  };
}

function strap({ style, fabrics }: Input, counts: GarmentCounts): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const [width, rows] = [counts.of('strap.width'), counts.of('strap.rows')];
  return {
    id: 'strap',
    role: 'strap',
    shows: [['strap.rows']],
    label: 'Strap',
    copies: 2,
    fabric,
    work: 'rows',
    rows: ['strap.rows'],
    passages: [foundation(width, fabric), { kind: 'even', part: 'main', to: rows }],
    edges: [
      {
        id: 'strap.front',
        role: 'strap end',
        label: 'Strap, front end',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
      },
      {
        id: 'strap.back',
        role: 'strap end',
        label: 'Strap, back end',
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: rows, from: 0, count: width },
      },
      ...SIDES.map((side): EdgeProgram => ({
        id: `strap.edge-${side}`,
        role: 'strap edge',
        label: `Strap, ${side} edge`,
        axis: 'rows',
        place: ends(side, { part: 'main', first: 1, last: rows }),
        path: 'straight',
        open: true,
      })),
    ],
    expects: [
      { quantity: 'strap.width', edges: ['strap.front'] },
      { quantity: 'strap.rows', edges: ['strap.edge-left'] },
    ],
  };
}

function joins(style: TubeStyle): JoinPlan[] {
  return [
    ...(style.rounds === 'sewn'
      ? [
          {
            id: 'back-seam',
            role: 'back seam' as const,
            label: 'Seam at the centre back',
            kind: 'row-to-row' as const,
            a: ['tube.seam-left'],
            b: ['tube.seam-right'],
          },
        ]
      : []),
    ...(style.straps
      ? SIDES.flatMap((side): JoinPlan[] =>
          (['front', 'back'] as const).map((end) => ({
            id: `strap-${end}-${side}`,
            role: 'strap',
            label: `Strap to the ${end}, ${side}`,
            side,
            both: `Strap to the ${end}, both`,
            kind: 'stitch-to-stitch',
            a: [`strap.${end}`],
            b: [`tube.strap-${end}-${side}`],
          })),
        )
      : []),
    ...(style.hem
      ? [
          bandJoin(style.hem, {
            id: 'hem',
            role: 'hem',
            label: 'Hem rib to tube',
            band: 'hem',
            edges: ['tube.hem'],
          }),
          endsMeet(style.hem, 'hem', 'hem ends', 'Hem rib, its ends'),
        ]
      : []),
  ];
}
