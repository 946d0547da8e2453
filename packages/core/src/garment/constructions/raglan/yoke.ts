import { chainsBeyond } from '../../../stitch/ofFabric.js';
import {
  changeIn,
  countsAfterRow,
  stitchesOf,
  totalsByRow,
  type LineSection,
  type LineWay,
} from '../../../shaping/lines.js';
import type { Passage } from '../../../passages/passage.js';
import type { Schedule } from '../../../shaping/schedule.js';
import type { EdgeProgram, MarkerRun, PieceProgram, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { ends, SIDES } from '../../shared/pieces.js';
import {
  edgePath,
  fallingNeck,
  falls,
  frontCounts,
  type FallingNeck,
  type FrontCounts,
} from '../../shared/yoke/front.js';
import { frontEdges } from '../../shared/yoke/frontEdges.js';
import { raisedBack, shortRowsOf } from '../../shared/yoke/shortRows.js';
import { splitEdges, splitParts, type SplitPart } from '../../shared/yoke/split.js';

import { lineSchedule, lineShares } from './lines.js';
import type { RaglanStyle } from './fields.js';
import { isOpen } from '../../shared/front.js';

type Input = SizeInput<RaglanStyle>;

/** A raglan yoke with the edges that a neckband goes along, from the wearer's right to the left. */
export interface RaglanYoke {
  piece: PieceProgram;
  neckEdges: string[];
  /** The parts of its last row, and the sections that they grew from. */
  split: SplitPart[];
  sections: readonly LineSection[];
}

/** The yoke from the neck to the split: flat, in the round, or flat as far as the neck falls and then closed to a round. */
export function yoke(input: Input, counts: GarmentCounts): RaglanYoke {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const open = isOpen(style);
  const { many: short, halfRows } = shortRowsOf(style, counts);
  const last = counts.of('yoke.rows') + short;
  const gain = { body: lineSchedule(style, counts, 'body'), sleeve: lineSchedule(style, counts, 'sleeve') };
  const fronts = frontCounts(input, counts);
  const falling = falls(style)
    ? fallingNeck(style.neck.shape as 'round' | 'V', fronts.between, counts.of('neck.drop'), open)
    : null;
  const flatAtFirst = open || falling !== null;
  const first = flatAtFirst
    ? flatSections(counts, gain, fronts, falling)
    : ringSections(counts, gain, fronts);
  const closes = falling !== null && !open;
  const whole = closes ? ringSections(counts, gain, fronts) : first;
  const { line } = style;
  const drop = falling ? counts.of('neck.drop') : 0;
  const stitches = stitchesOf(
    first.map(({ count }) => count),
    line,
  );
  const of = { start: 'neck.round', rows: 'yoke.rows' };
  const shape = (part: string, to: number, sections: readonly LineSection[]): Passage => ({
    kind: 'lines',
    part,
    to,
    sections,
    line,
    name: 'raglan line',
    of,
  });
  const passages: Passage[] = [
    {
      kind: 'start',
      part: 'main',
      stitches,
      extra: flatAtFirst ? chainsBeyond(fabric) : 0,
      along: null,
      over: withLines(first, line.stitches),
      ...(flatAtFirst ? {} : { round: style.rounds }),
    },
    ...(short > 0
      ? [
          // The first turns lie at the back's own lines, the last where the front begins.
          raisedBack(style, fabric, {
            stitches,
            rows: counts.of('neck.drop'),
            nearest: Math.floor(counts.of('neck.back') / 2),
            farthest: Math.floor(counts.of('neck.back') / 2) + 2 * line.stitches + counts.of('neck.sleeve'),
          }),
        ]
      : []),
    shape('main', closes ? drop : last, first),
    ...(closes ? [close(style, falling, first, whole, drop), shape('round', last, whole)] : []),
  ];
  const part = closes ? 'round' : 'main';
  const shares = lineShares(style);
  const after = countsAfterRow(whole, last);
  const parts = splitParts(style, counts, fronts.width, after[1]! + 2 * shares.sleeve);
  const from = closes ? drop + 1 : short > 0 ? short + 2 : 1;
  const centre = closes ? centreOf(whole, first, drop, line) : 0;
  const neck = neckEdges(falling, { drop, open, closes, centre });
  return {
    neckEdges: neck.order,
    split: parts,
    sections: whole,
    piece: {
      id: 'yoke',
      role: 'yoke',
      shows: [['yoke.rows']],
      label: 'Yoke',
      copies: 1,
      fabric,
      work: flatAtFirst && !closes ? 'rows' : 'rounds',
      rows: ['yoke.rows', ...(short > 0 ? (['neck.drop'] as const) : [])],
      ...(halfRows > 0 ? { halfRows } : {}),
      passages,
      edges: [
        {
          id: 'yoke.neck',
          role: 'neck',
          label: 'Yoke, first stitches of the neck',
          axis: 'stitches',
          place: { lies: 'foundation', part: 'main' },
          open: !style.neckband,
        },
        ...neck.edges.map((edge) => ({ ...edge, open: !style.neckband })),
        ...splitEdges(parts, part, last),
        ...(open
          ? frontEdges(style, totalsByRow(whole, last), {
              short,
              last,
              from: falling ? drop + 2 : 1,
            })
          : []),
      ],
      markers: [
        ...(closes ? [markers('main', 1, drop, first, line.stitches)] : []),
        markers(part, from, last, whole, line.stitches),
      ],
      expects: [
        { quantity: 'neck.round', edges: ['yoke.neck'] },
        { quantity: 'back.width', edges: open ? ['yoke.back'] : ['yoke.back-left', 'yoke.back-right'] },
      ],
    },
  };
}

interface Gain {
  body: Schedule;
  sleeve: Schedule;
}

/** Right front to left front; where the neck falls the fronts begin narrow and grow at their neck edges. */
function flatSections(
  counts: GarmentCounts,
  gain: Gain,
  { start: front }: FrontCounts,
  falling: FallingNeck | null,
): LineSection[] {
  const edge = falling?.schedule ?? null;
  return [
    { id: 'front-right', of: 'front', label: 'right front', count: front, left: edge, right: gain.body },
    {
      id: 'sleeve-right',
      of: 'sleeve',
      side: 'right',
      label: 'right sleeve',
      count: counts.of('neck.sleeve'),
      left: gain.sleeve,
      right: gain.sleeve,
    },
    {
      id: 'back',
      of: 'back',
      label: 'back',
      count: counts.of('neck.back'),
      left: gain.body,
      right: gain.body,
    },
    {
      id: 'sleeve-left',
      of: 'sleeve',
      side: 'left',
      label: 'left sleeve',
      count: counts.of('neck.sleeve'),
      left: gain.sleeve,
      right: gain.sleeve,
    },
    { id: 'front-left', of: 'front', label: 'left front', count: front, left: gain.body, right: edge },
  ];
}

/** From the centre back round to it; a front whose neck has closed counts as if it had been whole from the start. */
function ringSections(counts: GarmentCounts, gain: Gain, { start, between }: FrontCounts): LineSection[] {
  const back = counts.of('neck.back');
  const half = Math.floor(back / 2);
  const sleeve = (side: 'left' | 'right'): LineSection => ({
    id: `sleeve-${side}`,
    of: 'sleeve',
    side,
    label: `${side} sleeve`,
    count: counts.of('neck.sleeve'),
    left: gain.sleeve,
    right: gain.sleeve,
  });
  return [
    {
      id: 'back-left',
      of: 'back',
      label: 'left half of the back',
      count: half,
      left: null,
      right: gain.body,
    },
    sleeve('left'),
    {
      id: 'front',
      of: 'front',
      label: 'front',
      count: between > 0 ? 2 * start + between : start,
      left: gain.body,
      right: gain.body,
    },
    sleeve('right'),
    {
      id: 'back-right',
      of: 'back',
      label: 'right half of the back',
      count: back - half,
      left: gain.body,
      right: null,
    },
  ];
}

/** Sections and lines as stitches in order. */
function withLines(sections: readonly LineSection[], line: number) {
  return sections.flatMap(({ label, count }, i) => [
    ...(i > 0 && line > 0 ? [{ label: 'line', count: line, chain: false }] : []),
    { label, count, chain: false },
  ]);
}

/** The round that closes a fallen neck: chains over the centre, and its beginning moved to the centre back. */
function close(
  { line, rounds }: RaglanStyle,
  falling: FallingNeck,
  flat: readonly LineSection[],
  ring: readonly LineSection[],
  drop: number,
): Passage {
  const now = countsAfterRow(flat, drop);
  const all = stitchesOf(now, line);
  const backRight = Math.ceil(flat[2]!.count / 2) + (now[2]! - flat[2]!.count) / 2;
  const centreBack = now[0]! + now[1]! + 2 * line.stitches + backRight;
  return {
    kind: 'unite',
    part: 'round',
    from: [
      { part: 'main', at: centreBack, take: all - centreBack },
      { part: 'main', at: 0, take: centreBack },
    ],
    chains: [falling.centre, 0],
    round: rounds,
    rejoin: true,
    label: 'The neck closes to a round',
    lines: { sections: ring, line },
  };
}

/** Where the chains over the centre of a closed neck lie in their round: after half the back, a sleeve and the left front. */
function centreOf(
  ring: readonly LineSection[],
  flat: readonly LineSection[],
  drop: number,
  line: LineWay,
): number {
  const row = drop + 1;
  const [back, sleeve] = countsAfterRow(ring, row);
  const left = countsAfterRow(flat, drop)[4]! + changeIn(ring[2]!.left, row);
  return back! + sleeve! + 2 * line.stitches + left;
}

/** Edges of a fallen neck, and the order in which a neckband meets all of them. */
function neckEdges(
  falling: FallingNeck | null,
  { drop, open, closes, centre: at }: { drop: number; open: boolean; closes: boolean; centre: number },
): { edges: EdgeProgram[]; order: string[] } {
  if (!falling) return { edges: [], order: ['yoke.neck'] };
  const last = open ? drop + 1 : drop;
  const edges = SIDES.map((side): EdgeProgram => ({
    id: `yoke.neck-${side}`,
    role: 'neck',
    side,
    label: `Yoke, ${side} side of the neck`,
    axis: 'rows',
    // The piece begins at the wearer's right front.
    place: { ...ends(side === 'right' ? 'left' : 'right', { part: 'main', first: 1, last }), stepped: true },
    slant: edgePath(falling),
  }));
  const centre: EdgeProgram[] =
    closes && falling.centre > 0
      ? [
          {
            id: 'yoke.neck-centre',
            role: 'neck',
            label: 'Yoke, centre of the neck',
            axis: 'stitches',
            place: { lies: 'base', part: 'round', n: drop + 1, from: at, count: falling.centre },
          },
        ]
      : [];
  return {
    edges: [...edges, ...centre],
    order: ['yoke.neck-right', 'yoke.neck', 'yoke.neck-left', ...centre.map(({ id }) => id)],
  };
}

/** Markers at both sides of every line, from one row of the yoke to a later one. */
function markers(
  part: string,
  first: number,
  last: number,
  sections: readonly LineSection[],
  line: number,
): MarkerRun {
  const places = (row: number) => {
    let at = 0;
    return countsAfterRow(sections, row)
      .slice(0, -1)
      .flatMap((count) => {
        const before = (at += count);
        at += line;
        return line > 0 ? [before, at] : [before];
      });
  };
  return { part, first, last, from: places(first), to: places(last) };
}
