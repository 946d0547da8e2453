import { isInSpaces, stitchOf, type Axis } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { JoinPlan } from '../../../joins/join.js';
import type { PieceProgram, Program, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { downTo } from '../../shared/arm.js';
import { cuffJoins } from '../../shared/bandJoins.js';
import { bandPiece } from '../../shared/bandPiece.js';
import { acrossOf, alongOf } from '../../shared/bands.js';
import { ends, onBothSides, sleeveFrom } from '../../shared/pieces.js';
import type { SquaresStyle } from './fields.js';
import { cellsOf, meetings } from './grid.js';
import { lengthOf } from './mix.js';
import { sheetCounts, sheetPiece } from './sheet.js';
import { alongOpening, inJoin, narrowingOf, spanOf } from './sleeveEnds.js';
import { targetsOf, type Targets } from './targets.js';

type Input = SizeInput<SquaresStyle>;

/** Rounds of a circle in a square: its corners come with the last but one at the latest. */
const CIRCLE = 3;

/** The squares, the sheet that they are joined to, and the sleeve ends worked on to it. */
export function program(input: Input, counts: GarmentCounts): Program {
  const { style, fabrics } = input;
  const { body: person } = input.body;
  const fabric = fabrics.get(style.fabric)!;
  const targets = targetsOf(input);
  const cells = cellsOf(sheetCounts(input, counts));
  const halves = cells.filter(({ half }) => half !== null).length;
  const cuff = style.sleeve && style.cuff;
  const rows = perCm(fabric.gauge, 'rows');
  const round = 2 * lengthOf(counts.of('squares.across'), targets.square);
  const body = round + (4 * (counts.find('squares.rows') ?? 0)) / rows;
  const opening = 2 * lengthOf(counts.of('squares.arm'), targets.square);
  const overhang = spanOf(input, targets, counts) / 2 - person.crossBack / 2;
  const worked = (counts.find('sleeve.rows') ?? 0) / rows;
  const ofCuff = (id: 'cuff.height' | 'cuff.rows', axis: Axis) =>
    cuff ? counts.of(id) / perCm(fabrics.get(cuff.fabric)!.gauge, axis) : 0;
  const height = cuff ? ofCuff('cuff.height', acrossOf(cuff)) : 0;
  return {
    pieces: [
      square(input, targets, cells.length - halves),
      ...(halves > 0 ? [halfSquare(input, targets, halves)] : []),
      sheetPiece(input, counts, targets),
      ...(style.sleeve ? [sleeveEnd(input, targets, counts)] : []),
      ...(cuff ? [bandPiece('cuff', 'Cuff rib', 2, cuff, fabrics, counts)] : []),
    ],
    joins: joinsOf(input, targets, halves > 0, counts),
    girths: {
      body: [
        { at: 0, round: body },
        { at: lengthOf(counts.of('squares.down'), targets.square), round: body },
      ],
      arm: [
        { at: 0, round: opening },
        ...(overhang > 0 ? [{ at: overhang, round: opening }] : []),
        ...(style.sleeve
          ? [
              {
                at: overhang + worked,
                round: counts.of('sleeve.cuff') / perCm(fabric.gauge, 'stitches'),
              },
            ]
          : []),
        ...(cuff
          ? [0, height].map((at) => ({
              at: overhang + worked + at,
              round: ofCuff('cuff.rows', alongOf(cuff)),
            }))
          : []),
      ],
    },
    facts: {
      closedNeck: null,
      sleeveTop: { round: opening, quantity: 'squares.arm' },
      reach: style.sleeve
        ? {
            overhang,
            sleeve: worked,
            cuff: height,
            wanted: downTo(input, style.sleeve, person.shoulderToWrist).length,
          }
        : null,
    },
  };
}

/** Rounds of a square without corners, as a circle; none where it is worked in clusters. */
function circleOf({ style, fabrics }: Input, rounds: number): { circle?: number } {
  const isCircle = style.square.centre === 'circle' && !isInSpaces(fabrics.get(style.fabric)!);
  return isCircle && rounds > 1 ? { circle: Math.min(CIRCLE, rounds - 1) } : {};
}

function square(
  input: Input,
  { square: { rounds, growth, stitches, side } }: Targets,
  copies: number,
): PieceProgram {
  const { style, fabrics } = input;
  const corners = box(side);
  const sides = (['left', 'top', 'right', 'bottom'] as const).map((name, i) => ({
    edge: {
      id: `square.${name}`,
      role: 'square side' as const,
      label: `Square, ${name}`,
      axis: 'stitches' as const,
      place: { lies: 'live' as const, part: 'main', n: rounds, from: i * stitches, count: stitches },
      measures: side,
    },
    drawn: {
      line: [corners[i]!, corners[(i + 1) % 4]!],
      faces: ({ left: 'left', top: 'up', right: 'right', bottom: 'down' } as const)[name],
      side: i,
    },
  }));
  return {
    id: 'square',
    role: 'square',
    label: 'Square',
    copies,
    fabric: fabrics.get(style.fabric)!,
    work: 'rounds',
    rows: [],
    fixedRows: rounds,
    passages: [
      {
        kind: 'from the centre',
        part: 'main',
        to: rounds,
        round: style.rounds,
        ...growth,
        ...circleOf(input, rounds),
        across: side,
      },
    ],
    edges: sides.map(({ edge }) => edge),
    drawn: {
      corner: 90,
      outlines: [{ part: 'main', points: box(side) }],
      rows: Array.from({ length: rounds - 1 }, (_, i) => {
        const inset = (side * (rounds - 1 - i)) / 2 / rounds;
        return closed(box(side - 2 * inset).map(([x, y]) => [x + inset, y + inset] as const));
      }),
      edges: Object.fromEntries(sides.map(({ edge, drawn }) => [edge.id, drawn])),
    },
    expects: [],
  };
}

/** A half square: the same in rows to and fro over two of its sides. */
function halfSquare(
  input: Input,
  { square: { rounds, growth, stitches, side } }: Targets,
  copies: number,
): PieceProgram {
  const { style, fabrics } = input;
  return {
    id: 'half-square',
    role: 'square',
    label: 'Half square',
    copies,
    fabric: fabrics.get(style.fabric)!,
    work: 'rows',
    rows: [],
    fixedRows: rounds,
    passages: [{ kind: 'from the centre', part: 'main', to: rounds, ...growth, sides: 2, across: side }],
    edges: [
      ...(['left', 'top'] as const).map((name, i) => ({
        id: `half-square.${name}`,
        role: 'square side' as const,
        label: `Half square, ${name}`,
        axis: 'stitches' as const,
        place: { lies: 'live' as const, part: 'main', n: rounds, from: i * stitches, count: stitches },
        measures: side,
      })),
      ...(['right', 'left'] as const).map((at) => ({
        id: `half-square.long-${at}`,
        role: 'square side' as const,
        label: `Half square, ${at} half of its long edge`,
        axis: 'rows' as const,
        place: ends(at, { part: 'main', first: 1, last: rounds }),
        measures: (side * Math.SQRT2) / 2,
        open: true,
      })),
    ],
    drawn: {
      corner: 90,
      outlines: [{ part: 'main', points: box(side).slice(0, 3) }],
      rows: [],
      edges: {
        'half-square.left': { line: box(side).slice(0, 2), faces: 'left', side: 0 },
        'half-square.top': { line: box(side).slice(1, 3), faces: 'up', side: 1 },
        'half-square.long-right': {
          line: [
            [side / 2, side / 2],
            [side, side],
          ],
          faces: 'right',
          side: 2,
        },
        'half-square.long-left': {
          line: [
            [0, 0],
            [side / 2, side / 2],
          ],
          faces: 'right',
          side: 2,
        },
      },
    },
    expects: [],
  };
}

type Point = readonly [x: number, y: number];

/** The corners of a square, clockwise from its lower left one. */
function box(side: number): Point[] {
  return [
    [0, 0],
    [0, side],
    [side, side],
    [side, 0],
  ];
}

function closed(points: readonly Point[]): Point[] {
  return [...points, points[0]!];
}

/** A sleeve end, in plain rounds from the sides of the squares of the opening. */
function sleeveEnd(input: Input, targets: Targets, counts: GarmentCounts): PieceProgram {
  const { style, fabrics } = input;
  const [top, end, rows] = [counts.of('sleeve.top'), counts.of('sleeve.cuff'), counts.of('sleeve.rows')];
  const { every, first, between } = narrowingOf(input, targets, counts, rows);
  return sleeveFrom(
    fabrics.get(style.fabric)!,
    [
      {
        kind: 'start',
        part: 'main',
        stitches: top,
        extra: 0,
        along: alongOpening(input, targets.square),
        round: style.rounds,
      },
      { kind: 'narrow', part: 'main', to: rows, every, first, between },
    ],
    { end, rows, cuffed: style.cuff !== null },
  );
}

/** The squares first, then the sides, then what is worked on. */
function joinsOf(
  input: Input,
  { square, sleeve }: Targets,
  halves: boolean,
  counts: GarmentCounts,
): JoinPlan[] {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const met = meetings(sheetCounts(input, counts));
  const says = 'stitch to stitch and corner to corner';
  return [
    {
      id: 'squares-across',
      role: 'squares',
      label: 'Lines across, squares side by side',
      kind: 'stitch-to-stitch',
      a: ['square.right'],
      b: ['square.left'],
      times: met.across,
      says,
    },
    {
      id: 'squares-down',
      role: 'squares',
      label: 'Lines down, squares one above the other',
      kind: 'stitch-to-stitch',
      a: ['square.top'],
      b: ['square.bottom'],
      times: met.down,
      says,
    },
    ...(halves
      ? [
          {
            id: 'half-squares',
            role: 'squares' as const,
            label: 'Half squares in their places',
            kind: 'stitch-to-stitch' as const,
            a: ['half-square.left', 'half-square.top'],
            b: ['square.left', 'square.top'],
            says: 'stitch to stitch, the long edge to the neck',
          },
        ]
      : []),
    ...onBothSides('Side seam', (side, label) => ({
      id: `side-${side}`,
      role: 'side',
      label,
      kind: 'stitch-to-stitch',
      a: [`back.side-${side}`],
      b: [`front.side-${side}`],
    })),
    ...(sleeve
      ? onBothSides('Sleeve seam', (side, label) => ({
          id: `sleeve-${side}`,
          role: 'side',
          label,
          kind: 'stitch-to-stitch',
          a: [`back.sleeve-${side}`],
          b: [`front.sleeve-${side}`],
        }))
      : []),
    ...(style.sleeve
      ? onBothSides('Sleeve end to its opening', (side, label) => ({
          id: `armhole-${side}`,
          role: 'armhole',
          label,
          kind: 'pick-up',
          a: ['sleeve.top'],
          b: [`sheet.opening-${side}`],
          ratio: {
            each: 1,
            plus: 2 * counts.of('squares.arm') * inJoin(input, square),
            hidden: 0,
            of: stitchOf(fabric),
          },
        }))
      : []),
    ...(style.sleeve && style.cuff ? cuffJoins(style.cuff, size.id) : []),
  ];
}
