/** The sheet of a garment of squares: where its edges lie, how it lies folded over the shoulders, and the rows at its sides. */

import { isInSpaces } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { EdgeRole, Side } from '../../../joins/roles.js';
import type { Passage } from '../../../passages/passage.js';
import { sheetParts, type Sheet } from '../../../passages/sheet.js';
import type { DrawnEdge, DrawnSquare, EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { ends, SIDES } from '../../shared/pieces.js';
import type { SquaresStyle } from './fields.js';
import {
  cellsOf,
  cornersOf,
  edgesOf,
  widthOf,
  type Cell,
  type EdgeKind,
  type EdgeOfSheet,
  type SheetCounts,
} from './grid.js';
import type { Targets } from './targets.js';

type Input = SizeInput<SquaresStyle>;
type Point = readonly [x: number, y: number];

/** A sheet by the counts that were found. */
export function sheetCounts({ style }: Input, counts: GarmentCounts): SheetCounts {
  return {
    across: counts.of('squares.across'),
    down: counts.of('squares.down'),
    sleeve: counts.find('squares.sleeve') ?? 0,
    arm: counts.of('squares.arm'),
    neck: counts.of('squares.neck'),
    drop: counts.find('squares.drop') ?? 0,
    open: style.middle === 'open',
    halves: style.neck.style === 'half squares',
  };
}

/** What each kind of edge is to the garment: its id, its role, and its name on the sheet. */
const EDGES: Readonly<Record<EdgeKind, { id: string; role: EdgeRole; name: string }>> = {
  'back hem': { id: 'back.hem', role: 'lower edge', name: 'lower edge of the back' },
  'front hem': { id: 'front.hem', role: 'lower edge', name: 'lower edge of the front' },
  'back side': { id: 'back.side', role: 'side', name: 'side of the back' },
  'front side': { id: 'front.side', role: 'side', name: 'side of the front' },
  'back sleeve': { id: 'back.sleeve', role: 'side', name: 'back of the sleeve' },
  'front sleeve': { id: 'front.sleeve', role: 'side', name: 'front of the sleeve' },
  opening: { id: 'sheet.opening', role: 'sleeve split', name: 'sleeve opening' },
  'front edge': { id: 'front.edge', role: 'front edge', name: 'front edge' },
  'back neck': { id: 'back.neck', role: 'neck', name: 'back neck' },
  neck: { id: 'front.neck', role: 'neck', name: 'front neck' },
};

/** An edge of the sheet with its stitches, where it lies among those of its way, and what it measures. */
interface Placed extends EdgeOfSheet {
  id: string;
  label: string;
  part: 'main' | 'neck';
  at: number;
  count: number;
  /** Which stretch of its way it is, for all ways together. */
  nth: number;
}

/** What a stretch is called: those of the front neck by which way they run. */
function nameOf({ kind, from, to, aslant }: EdgeOfSheet): string {
  if (kind !== 'neck') return EDGES[kind].name;
  return aslant ? 'slant of the neck' : from[0] === to[0] ? 'side of the neck' : 'step of the neck';
}

/** Row ends of the long edge of a half square, along both of its sides. */
function alongHalf(rounds: number): number {
  return 2 * rounds;
}

function placed(sheet: SheetCounts, { square }: Targets): Placed[] {
  const ways = [...edgesOf(sheet)].reverse();
  const many = new Map<string, number>();
  let nth = 0;
  return ways.flatMap((way, w) => {
    const part = sheetParts(ways.length)[w]!;
    let at = 0;
    return way.map((edge): Placed => {
      const { id } = EDGES[edge.kind];
      const name = nameOf(edge);
      const own = `${id}${edge.side ? `-${edge.side}` : ''}`;
      const so = (many.get(own) ?? 0) + 1;
      many.set(own, so);
      const count = edge.squares * (edge.aslant ? alongHalf(square.rounds) : square.stitches);
      const here = at;
      at += count;
      return {
        ...edge,
        id: so > 1 ? `${own}-${so}` : own,
        label: `${name}${edge.side ? `, ${edge.side}` : ''}`,
        part,
        at: here,
        count,
        nth: nth++,
      };
    });
  });
}

/** Edges that the rows at a side take, and lie along afterwards, clockwise. */
const AT_SIDE: readonly EdgeKind[] = ['back side', 'opening', 'front side'];

export function sheetPiece(input: Input, counts: GarmentCounts, targets: Targets): PieceProgram {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const { square } = targets;
  const sheet = sheetCounts(input, counts);
  const rows = counts.find('squares.rows') ?? 0;
  const beside = rows / perCm(fabric.gauge, 'rows');
  const cells = cellsOf(sheet);
  const all = placed(sheet, targets);
  const onTable = folded(sheet, square, beside);
  const sides = SIDES.map((side) => {
    const own = all.filter((edge) => edge.side === side && AT_SIDE.includes(edge.kind));
    const first = Math.min(...own.map(({ at }) => at));
    return { side, own, at: first, take: own.reduce((sum, { count }) => sum + count, 0) };
  });
  const isOpen = ({ kind }: Placed) =>
    kind === 'opening' ? !style.sleeve : !['side', 'sleeve'].some((end) => kind.endsWith(end));
  const edges = all.map((edge): EdgeProgram => {
    const { role } = EDGES[edge.kind];
    const own = rows > 0 ? sides.find((side) => side.own.includes(edge)) : undefined;
    return {
      id: edge.id,
      role,
      ...(edge.side ? { side: edge.side } : {}),
      label: `Sheet, ${edge.label}`,
      axis: edge.aslant ? 'rows' : 'stitches',
      place: own
        ? { lies: 'live', part: own.side, n: 1 + rows, from: edge.at - own.at, count: edge.count }
        : { lies: 'live', part: edge.part, n: 1, from: edge.at, count: edge.count },
      open: isOpen(edge),
      measures: onTable.measures(edge),
    };
  });
  const lines: Record<string, DrawnEdge> = Object.fromEntries(
    all.map((edge) => [edge.id, { ...onTable.edge(edge), side: edge.nth }]),
  );
  if (rows > 0)
    for (const { side } of sides)
      for (const layer of ['back', 'front'] as const) {
        // Clockwise the left side's rows begin at the back's lower edge, those of the right side at the front's.
        const id = `${layer}.hem-rows-${side}`;
        const lower = all.find(({ id: of }) => of === `${layer}.hem` || of === `${layer}.hem-${side}`)!;
        edges.push({
          id,
          role: 'lower edge',
          side,
          label: `Sheet, ${EDGES[`${layer} hem`].name}, rows at the ${side} side`,
          axis: 'rows',
          place: ends((layer === 'back') === (side === 'left') ? 'left' : 'right', {
            part: side,
            first: 2,
            last: 1 + rows,
          }),
          open: true,
        });
        lines[id] = { ...onTable.hemRows(side), side: lower.nth };
      }
  return {
    id: 'sheet',
    role: 'sheet',
    label: 'Sheet of squares',
    shows: [
      [
        ['squares.across', 'across'],
        ['squares.down', 'down'],
      ],
      ...(rows > 0 ? [[['squares.rows', 'at each side'] as const]] : []),
    ],
    copies: 1,
    fabric,
    work: 'rounds',
    rows: rows > 0 ? ['squares.rows'] : [],
    fixedRows: 1,
    passages: [
      sheetPassage(sheet, all, cells, square.join),
      ...(rows > 0
        ? sides.map(({ side, at, take }): Passage => ({
            kind: 'along sides',
            part: side,
            from: 'main',
            at,
            sides: [take],
            to: 1 + rows,
            gain: square.growth.gain,
            ends: isInSpaces(fabric) ? 1 : 0,
            rejoin: true,
            along: `the ${side} side, from ${side === 'left' ? 'front to back' : 'back to front'}`,
          }))
        : []),
    ],
    edges,
    drawn: {
      corner: all.map(({ inside }) => inside),
      outlines: onTable.outlines,
      rows: onTable.rows(rows),
      edges: lines,
      squares: cells.map((cell) => onTable.square(cell)),
    },
    expects: [],
  };
}

function sheetPassage(
  sheet: SheetCounts,
  all: readonly Placed[],
  cells: readonly Cell[],
  join: number,
): Sheet {
  const halves = cells.filter(({ half }) => half !== null).length;
  const parts = [...new Set(all.map(({ part }) => part))];
  return {
    kind: 'sheet',
    part: 'main',
    squares: cells.length - halves,
    halves,
    across: sheet.across,
    down: sheet.down,
    sleeve: sheet.sleeve,
    arm: sheet.arm,
    join,
    edges: parts.map((part) =>
      all
        .filter((edge) => edge.part === part)
        .map(({ label, squares, count, aslant }) => ({
          label,
          squares,
          count,
          ...(aslant ? { rowEnds: true as const } : {}),
        })),
    ),
  };
}

/** The sheet on the table: folded over the shoulders, the front on the back, so that the wearer's left lies at the right. In cm, from the middle. */
function folded(sheet: SheetCounts, { side, join, pitch }: Targets['square'], beside: number) {
  const width = widthOf(sheet);
  const middle = (width * pitch - join) / 2;
  const at = ([x, y]: Point): [number, number] => {
    const along = Math.min(y, 2 * sheet.down - y);
    return [middle - Math.min(x * pitch, width * pitch - join), along * pitch];
  };
  /** Out to the end of the rows at the sides. */
  const out = ([x, y]: readonly [number, number]): [number, number] => [
    x + (Math.abs(Math.abs(x) - middle) < 1e-6 ? Math.sign(x) * beside : 0),
    y,
  ];
  const facing = ({ from, to }: Pick<EdgeOfSheet, 'from' | 'to'>): DrawnEdge['faces'] => {
    // Clockwise the sheet lies to the right of its edge; folded, left and right change places, and up and down on the front.
    if (from[0] === to[0]) return to[1] > from[1] ? 'right' : 'left';
    const isFront = Math.max(from[1], to[1]) > sheet.down;
    return to[0] < from[0] === !isFront ? 'down' : 'up';
  };
  return {
    outlines: [{ part: 'main', points: aroundBack(sheet).map((point) => out(at(point))) }],
    /** What an edge measures, cm. */
    measures: ({ from, to, squares, aslant }: EdgeOfSheet): number => {
      if (aslant) return squares * side * Math.SQRT2;
      // On its way over the fold it comes back to where it was.
      const crosses = (from[1] - sheet.down) * (to[1] - sheet.down) < 0;
      const points: Point[] = [from, ...(crosses ? [[from[0], sheet.down] as const] : []), to];
      return points.slice(1).reduce((sum, point, i) => {
        const [[ax, ay], [bx, by]] = [at(points[i]!), at(point)];
        return sum + Math.hypot(bx - ax, by - ay);
      }, 0);
    },
    edge: (edge: EdgeOfSheet): Omit<DrawnEdge, 'side'> => {
      const crosses = edge.kind === 'opening';
      const points = crosses
        ? [edge.from, [edge.from[0], sheet.down] as const].map((point) => out(at(point)))
        : [edge.from, edge.to].map((point) => (AT_SIDE.includes(edge.kind) ? out(at(point)) : at(point)));
      return {
        line: points.sort(([ax, ay], [bx, by]) => ax - bx || ay - by),
        faces: facing(edge),
        ...(crosses ? { folded: true as const } : {}),
      };
    },
    hemRows: (of: Side): Omit<DrawnEdge, 'side'> => {
      const way = of === 'left' ? 1 : -1;
      const line = [middle, middle + beside].map((x): [number, number] => [way * x, 0]);
      return { line: line.sort(([a], [b]) => a - b), faces: 'down' };
    },
    /** The rows at both sides as lines. */
    rows: (many: number): Point[][] =>
      SIDES.flatMap((of) =>
        Array.from({ length: many }, (_, i): Point[] => {
          const x = (of === 'left' ? 1 : -1) * (middle + (beside * i) / many);
          return [
            [x, 0],
            [x, sheet.down * pitch - join],
          ];
        }),
      ),
    square: (cell: Cell): DrawnSquare => ({
      layer: cell.layer,
      row: cell.row,
      column: cell.column,
      half: cell.half !== null,
      points: cornersOf(cell).map(at),
    }),
  };
}

/** The corners of the back, with the half of the sleeves beside it, clockwise from its lower left one. */
function aroundBack(sheet: SheetCounts): Point[] {
  const { across, down, sleeve, arm } = sheet;
  const width = widthOf(sheet);
  if (sleeve === 0)
    return [
      [0, 0],
      [0, down],
      [width, down],
      [width, 0],
    ];
  return [
    [sleeve, 0],
    [sleeve, down - arm],
    [0, down - arm],
    [0, down],
    [width, down],
    [width, down - arm],
    [sleeve + across, down - arm],
    [sleeve + across, 0],
  ];
}
