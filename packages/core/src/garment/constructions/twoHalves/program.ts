import { perCm } from '../../../fabric/gauge.js';
import type { JoinPlan } from '../../../joins/join.js';
import type { Passage } from '../../../passages/passage.js';
import { fromSteps } from '../../../shaping/schedule.js';
import type { EdgeProgram, Girth, PieceProgram, Program, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { sleeveFacts } from '../../shared/panels/sleeveFacts.js';
import { sleeveRows } from '../../shared/panels/sums.js';
import { sleeveSeams } from '../../shared/panels/joins.js';
import { sleeve as sleevePiece } from '../../shared/panels/sleeve.js';
import { cuffOf, inRounds, neckIsOpen } from '../../shared/panels/style.js';
import { bandJoin, cuffJoins, frontBandJoins, neckbandJoins } from '../../shared/bandJoins.js';
import { bandPiece, frontBandPiece, pickedBand } from '../../shared/bands.js';
import { cordPiece } from '../../shared/cord.js';
import { isTied, openingWorked } from '../../shared/front.js';
import { hoodJoins, hoodPiece } from '../../shared/hood.js';
import { halfNeck } from '../../shared/neck.js';
import { ends, foundation, onBothSides, OTHER } from '../../shared/pieces.js';
import type { Side } from '../../../joins/roles.js';
import type { TwoHalvesStyle } from './fields.js';

type Input = SizeInput<TwoHalvesStyle>;

/** The pieces and joins of two halves. Left and right are the wearer's. */
export function program(input: Input, counts: GarmentCounts): Program {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const banded = style.front.style === 'band';
  const pieces: PieceProgram[] = [
    half(input, counts, 'right'),
    half(input, counts, 'left'),
    ...(style.sleeve ? [sleevePiece(input, style.sleeve, counts)] : []),
  ];
  const rib = (of: { fabric: string }) => fabrics.get(of.fabric)!;
  if (style.hem) pieces.push(bandPiece('hem', 'Hem rib of each half', 2, style.hem, fabrics, counts, true));
  if (style.cuff) pieces.push(bandPiece('cuff', 'Cuff rib', 2, style.cuff, fabrics, counts));
  pieces.push(
    pickedBand(
      'centre',
      'centre band',
      'Band at the centre back',
      1,
      rib(style.centre),
      'the centre back of the left half, hem included',
      counts,
    ),
  );
  if (style.neckband)
    pieces.push(bandPiece('neckband', 'Neckband', 1, style.neckband, fabrics, counts, !banded));
  if (style.hood) pieces.push(hoodPiece(input, counts));
  if (isTied(style)) pieces.push(cordPiece('tie', 'Tie', 2 * style.front.ties, rib(style.front), counts));
  if (banded) pieces.push(frontBandPiece(rib(style.front), counts));
  const { gauge, growth = 0 } = fabric;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const sleeveGauge = fabrics.get(style.sleeve?.fabric ?? style.fabric)!.gauge;
  const centre = counts.of('centre.rows') / perCm(rib(style.centre).gauge, 'rows');
  const across = (2 * counts.of('back.half')) / stitches + centre;
  const overhang = (across - input.body.body.crossBack) / 2;
  const round = (2 * counts.of('half.width')) / stitches + centre + openingWorked(input, counts);
  const down = (count: number) => (count / rows) * (1 + growth);
  const body: Girth[] = [
    { at: 0, round },
    { at: down(counts.of('body.rows')), round },
  ];
  const reach = sleeveRows(counts) / perCm(sleeveGauge, 'rows');
  return {
    pieces,
    joins: joins(input),
    girths: {
      body,
      arm: style.sleeve
        ? [
            { at: overhang, round: counts.of('sleeve.top') / perCm(sleeveGauge, 'stitches') },
            { at: overhang + reach, round: counts.of('sleeve.cuff') / perCm(sleeveGauge, 'stitches') },
          ]
        : [],
    },
    facts: {
      closedNeck: null,
      ...sleeveFacts(input, counts, overhang),
    },
  };
}

/**
 * One half: half the back and a front up to the underarm, then each by itself. Seen from outside the front of the left half
 * lies at its left, that of the right half at its right.
 */
function half({ style, fabrics }: Input, counts: GarmentCounts, wearers: Side): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const [whole, back, front] = [counts.of('half.width'), counts.of('back.half'), counts.of('front.width')];
  const [side, drop] = [counts.of('side.rows'), counts.of('neck.drop')];
  const rows = counts.of('body.rows');
  const [shoulder, neck] = [counts.of('shoulder.width'), counts.of('neck.half')];
  const divide = rows - drop;
  const taken = front - shoulder;
  /** Where the front lies on the piece, and its outer (front) edge with it. */
  const at = wearers;
  const line = drop > 0 ? halfNeck(style.neck, { taken, drop, width: front, divide }) : null;
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
      foundation(whole, fabric),
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

/** Every seam, in the order in which they are sewn: the centre back comes first, so that the width can be tried on. */
function joins({ style }: Input): JoinPlan[] {
  const { hem, neckband, sleeve } = style;
  const cuff = cuffOf(style);
  const round = sleeve !== null && inRounds(style, sleeve);
  /** A half's hem rib ends at its centre back and at its front. */
  const rib = (side: Side, end: 'centre' | 'front') =>
    hem ? [(side === 'left') === (end === 'front') ? 'hem.start' : 'hem.end'] : [];
  const neck = [
    'front.neck-right',
    'back.neck-right',
    'centre.end-right',
    'back.neck-left',
    'front.neck-left',
  ];
  return [
    ...(hem
      ? onBothSides('Hem rib to half', (side, label) =>
          bandJoin(hem, {
            id: `hem-${side}`,
            role: 'hem',
            label,
            band: 'hem',
            edges: [`half.hem-${side}`],
          }),
        )
      : []),
    {
      id: 'centre-picked',
      role: 'centre band' as const,
      label: 'Band at the centre back, left half',
      kind: 'pick-up',
      a: ['centre.joined'],
      b: [...rib('left', 'centre'), 'back.centre-left'],
    },
    {
      id: 'centre-sewn',
      role: 'centre seam' as const,
      label: 'Band at the centre back, right half',
      kind: 'stitch-to-row',
      a: ['centre.free'],
      b: [...rib('right', 'centre'), 'back.centre-right'],
    },
    ...onBothSides('Shoulder seam', (side, label) => ({
      id: `shoulder-${side}`,
      role: 'shoulder',
      label,
      kind: 'stitch-to-stitch',
      a: [`back.shoulder-${side}`],
      b: [`front.shoulder-${side}`],
    })),
    ...(sleeve
      ? onBothSides('Armhole', (side, label) => ({
          id: `armhole-${side}`,
          role: 'armhole',
          label,
          kind: sleeve.worked === 'up' ? 'stitch-to-row' : 'pick-up',
          a: ['sleeve.top'],
          b: [`back.armhole-${side}`, `front.armhole-${side}`],
        }))
      : []),
    ...(sleeve && !round ? sleeveSeams() : []),
    ...(cuff ? cuffJoins(cuff) : []),
    ...(neckband ? neckbandJoins(neckband, neck, true) : []),
    ...(style.hood ? hoodJoins(style.hood, neck) : []),
    ...(style.front.style === 'band'
      ? frontBandJoins((side) => [
          ...rib(side, 'front'),
          `front.edge-${side}`,
          ...(neckband ? [side === 'right' ? 'neckband.start' : 'neckband.end'] : []),
        ])
      : []),
  ];
}
