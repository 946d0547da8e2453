import { stitchOf } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { JoinPlan } from '../../../joins/join.js';
import type { Side } from '../../../joins/roles.js';
import type { EdgeProgram, PieceProgram, Program, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { downTo } from '../../shared/arm.js';
import { cuffJoins } from '../../shared/bandJoins.js';
import { bandPiece } from '../../shared/bandPiece.js';
import { acrossOf } from '../../shared/bands.js';
import { cordPiece } from '../../shared/cord.js';
import { ends, foundation, onBothSides, sleeveFrom } from '../../shared/pieces.js';
import type { WrapStyle } from './fields.js';

type Input = SizeInput<WrapStyle>;

/** The rectangle with its two slits, sleeves from them, cuffs and ties. */
export function program(input: Input, counts: GarmentCounts): Program {
  const { style, size, fabrics } = input;
  const { body: person } = input.body;
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const round = (2 * counts.of('wrap.slit')) / stitches;
  const cuff = style.sleeve && style.cuff;
  const pieces: PieceProgram[] = [rectangle(input, counts)];
  if (style.sleeve) pieces.push(sleeve(input, style.sleeve, counts));
  if (cuff) pieces.push(bandPiece('cuff', 'Cuff rib', 2, cuff, fabrics, counts));
  if (style.front.ties > 0) pieces.push(cordPiece('tie', 'Tie', 2 * style.front.ties, fabric, counts));
  const overhang = counts.of('wrap.back') / rows / 2 - person.crossBack / 2;
  const worked = (counts.find('sleeve.rows') ?? 0) / rows;
  return {
    pieces,
    joins: [
      ...(style.sleeve
        ? onBothSides('Sleeve to its armhole', (side, label): JoinPlan => ({
            id: `armhole-${side}`,
            role: 'armhole',
            label,
            kind: 'pick-up',
            a: ['sleeve.top'],
            b: [`wrap.armhole-${side}`, `wrap.armhole-chain-${side}`],
            ratio: { each: 1, plus: 0, hidden: 0, of: stitchOf(fabric) },
          }))
        : []),
      ...(cuff ? cuffJoins(cuff, size.id) : []),
    ],
    girths: {
      body: [
        { at: 0, round: counts.of('wrap.rows') / rows },
        // What lies above the armholes is folded over at the neck.
        {
          at: (counts.of('wrap.height') - counts.of('wrap.above')) / stitches,
          round: counts.of('wrap.rows') / rows,
        },
      ],
      arm: style.sleeve
        ? [
            { at: overhang, round },
            { at: overhang + worked, round },
          ]
        : [],
    },
    facts: {
      closedNeck: null,
      sleeveTop: { round, quantity: 'wrap.slit' },
      reach: style.sleeve
        ? {
            overhang,
            sleeve: worked,
            cuff: cuff
              ? counts.of('cuff.height') / perCm(fabrics.get(cuff.fabric)!.gauge, acrossOf(cuff))
              : 0,
            wanted: downTo(input, style.sleeve, person.shoulderToWrist).length,
          }
        : null,
    },
  };
}

/** The rectangle from the left front edge to the right one, its upper edge at the right of its rows. */
function rectangle({ style, fabrics }: Input, counts: GarmentCounts): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const [height, above, over] = [counts.of('wrap.height'), counts.of('wrap.above'), counts.of('wrap.slit')];
  const [front, back, rows] = [counts.of('wrap.front'), counts.of('wrap.back'), counts.of('wrap.rows')];
  const at = height - above - over;
  const edge = (
    id: string,
    role: EdgeProgram['role'],
    label: string,
    place: EdgeProgram['place'],
    side?: Side,
  ): EdgeProgram => ({
    id: `wrap.${id}`,
    role,
    ...(side ? { side } : {}),
    label: `Wrap, ${label}`,
    axis: place.lies === 'row ends' ? 'rows' : 'stitches',
    place,
    ...(place.lies === 'row ends' ? { path: 'straight' as const } : {}),
    open: role !== 'armhole' || !style.sleeve,
  });
  /** The two sides of a slit that is made in the row after row `n`. */
  const slit = (side: Side, n: number): EdgeProgram[] => [
    edge(
      `armhole-${side}`,
      'armhole',
      `${side} armhole, its stitches`,
      { lies: 'live', part: 'main', n, from: at, count: over },
      side,
    ),
    edge(
      `armhole-chain-${side}`,
      'armhole',
      `${side} armhole, its chains`,
      { lies: 'base', part: 'main', n: n + 1, from: at, count: over },
      side,
    ),
  ];
  const all = { part: 'main', first: 1, last: rows };
  return {
    id: 'wrap',
    role: 'back and front',
    shows: [['wrap.height'], ['wrap.rows'], [['wrap.slit', 'armhole']]],
    label: 'Wrap',
    copies: 1,
    fabric,
    work: 'rows',
    rows: ['wrap.rows'],
    passages: [
      foundation(height, fabric),
      { kind: 'even', part: 'main', to: front },
      { kind: 'slit', part: 'main', at, over, label: 'the left armhole' },
      { kind: 'even', part: 'main', to: front + back },
      { kind: 'slit', part: 'main', at, over, label: 'the right armhole' },
      { kind: 'even', part: 'main', to: rows },
    ],
    edges: [
      edge('front-left', 'front edge', 'left front edge', { lies: 'foundation', part: 'main' }, 'left'),
      edge(
        'front-right',
        'front edge',
        'right front edge',
        { lies: 'live', part: 'main', n: rows, from: 0, count: height },
        'right',
      ),
      edge('upper', 'neck', 'upper edge', ends('right', all)),
      edge('lower', 'lower edge', 'lower edge', ends('left', all)),
      ...slit('left', front),
      ...slit('right', front + back),
    ],
    expects: [
      { quantity: 'wrap.height', edges: ['wrap.front-left'] },
      { quantity: 'wrap.rows', edges: ['wrap.upper'] },
      { quantity: 'wrap.slit', edges: ['wrap.armhole-left'] },
    ],
  };
}

/** A straight sleeve in rounds from both sides of the slit. */
function sleeve(
  { style, fabrics }: Input,
  { rounds }: NonNullable<WrapStyle['sleeve']>,
  counts: GarmentCounts,
): PieceProgram {
  const [top, rows] = [counts.of('sleeve.top'), counts.of('sleeve.rows')];
  return sleeveFrom(
    fabrics.get(style.fabric)!,
    [
      {
        kind: 'start',
        part: 'main',
        stitches: top,
        extra: 0,
        along: 'the armhole, 1 in each st and in each chain, from its lower end round',
        round: rounds,
      },
      { kind: 'even', part: 'main', to: rows },
    ],
    { end: top, rows, cuffed: style.cuff !== null },
  );
}
