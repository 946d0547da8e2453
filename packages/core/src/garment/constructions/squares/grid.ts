/**
 * How the squares of a garment lie, spread out with the right side up: the back below the fold over the shoulders, the front above it, upside
 * down. In squares: x from the wearer's left to the right, y from the lower edge of the back up.
 */

import type { Side } from '../../../joins/roles.js';

/** A sheet of squares by its counts. */
export interface SheetCounts {
  /** Squares across the body, and down from the fold to the lower edge. */
  across: number;
  down: number;
  /** Squares of each sleeve beside the body, and how many of them from the fold down (of the opening, where there are none). */
  sleeve: number;
  arm: number;
  /** Squares of the neck across, and squares left out of the front below it. */
  neck: number;
  drop: number;
  open: boolean;
  /** The neck narrows by half squares to a point. */
  halves: boolean;
}

/** A square in its place. */
export interface Cell {
  x: number;
  y: number;
  /** Counted from the fold down, from 1; and from the middle, 0 for the middle one, below 0 towards the wearer's left. */
  layer: 'back' | 'front';
  row: number;
  column: number;
  /** Of a half square the side on which its right angle lies; null for a whole one. */
  half: Side | null;
}

export type EdgeKind =
  | 'back hem'
  | 'front hem'
  | 'back side'
  | 'front side'
  | 'back sleeve'
  | 'front sleeve'
  | 'opening'
  | 'front edge'
  | 'back neck'
  | 'neck';

/** A straight stretch of the sheet's edge, clockwise. */
export interface EdgeOfSheet {
  kind: EdgeKind;
  /** The wearer's side; null for what lies across the middle. */
  side: Side | null;
  squares: number;
  /** It runs along the long edges of half squares. */
  aslant: boolean;
  from: Point;
  to: Point;
  /** What lies inside the sheet where it ends, in degrees. */
  inside: number;
}

type Point = readonly [x: number, y: number];

/** Squares all across, sleeves included. */
export function widthOf({ across, sleeve }: Pick<SheetCounts, 'across' | 'sleeve'>): number {
  return across + 2 * sleeve;
}

/** Squares that the neck takes of each half of the front: the middle column of an open front with an odd number is left out anyhow. */
export function neckOfHalf({ neck }: Pick<SheetCounts, 'neck'>): number {
  return Math.floor(neck / 2);
}

/** Rows of the front that the neck reaches into. */
export function neckRows({ neck, drop, halves, open }: SheetCounts): number {
  const half = neckOfHalf({ neck });
  if (halves) return half;
  // One column wide, the neck of an open front is its gap.
  return half === 0 && (open || neck === 0) ? 0 : drop;
}

/** The place of a column by how far it lies from the middle: 0 for the middle one of an odd number. */
function columnAt(x: number, width: number): number {
  const from = 2 * x + 1 - width;
  return width % 2 === 1 ? from / 2 : from > 0 ? (from + 1) / 2 : (from - 1) / 2;
}

/** Every square of a sheet, from the lower edge of the back to that of the front, from left to right. */
export function cellsOf(sheet: SheetCounts): Cell[] {
  const { across, down, sleeve, arm, open } = sheet;
  const width = widthOf(sheet);
  const cells: Cell[] = [];
  for (let y = 0; y < 2 * down; y += 1)
    for (let x = 0; x < width; x += 1) {
      const layer = y < down ? 'back' : 'front';
      const row = layer === 'back' ? down - y : y - down + 1;
      if (row > arm && (x < sleeve || x >= sleeve + across)) continue;
      const column = columnAt(x, width);
      const cell = { x, y, layer, row, column, half: null } as const;
      if (layer === 'back') cells.push(cell);
      else if (open && column === 0) continue;
      else {
        const cut = cutByNeck(sheet, row, column);
        if (cut !== 'all')
          cells.push(cut === 'half' ? { ...cell, half: column < 0 ? 'left' : 'right' } : cell);
      }
    }
  return cells;
}

/** What of a square of the front the neck takes. */
function cutByNeck(sheet: SheetCounts, row: number, column: number): 'all' | 'half' | 'none' {
  const rows = neckRows(sheet);
  if (row > rows) return 'none';
  const half = neckOfHalf(sheet);
  const inside = Math.abs(column);
  if (!sheet.halves) return inside <= half ? 'all' : 'none';
  const left = half - row + 1;
  if (inside === 0) return 'all';
  return inside < left ? 'all' : inside === left ? 'half' : 'none';
}

/** The corners of a square or half square, clockwise. */
export function cornersOf({ x, y, half }: Pick<Cell, 'x' | 'y' | 'half'>): Point[] {
  const all: Point[] = [
    [x, y],
    [x, y + 1],
    [x + 1, y + 1],
    [x + 1, y],
  ];
  if (half === 'left') return all.slice(0, 3);
  if (half === 'right') return all.slice(1);
  return all;
}

interface Stroke {
  from: Point;
  to: Point;
}

const keyOf = ([x, y]: Point) => `${x},${y}`;

/** The edge of a sheet as closed ways, each in straight stretches, clockwise as its right side is seen; the longest way first. */
export function edgesOf(sheet: SheetCounts): EdgeOfSheet[][] {
  const { open: strokes } = strokesOf(sheet);
  const starts = new Map<string, Stroke[]>();
  for (const stroke of strokes) {
    const key = keyOf(stroke.from);
    starts.set(key, [...(starts.get(key) ?? []), stroke]);
  }
  const ways: Stroke[][] = [];
  const left = new Set(strokes);
  for (const first of strokes) {
    if (!left.has(first)) continue;
    const way: Stroke[] = [];
    for (let stroke: Stroke | undefined = first; stroke && left.has(stroke);) {
      left.delete(stroke);
      way.push(stroke);
      stroke = onwards(
        stroke,
        (starts.get(keyOf(stroke.to)) ?? []).filter((one) => left.has(one)),
      );
    }
    ways.push(way);
  }
  return ways.map((way) => stretches(way, sheet)).sort((a, b) => b.length - a.length);
}

/** How often squares meet side by side, in the lines across, and one above the other, in the lines down. */
export function meetings(sheet: SheetCounts): { across: number; down: number } {
  const { met } = strokesOf(sheet);
  const across = met.filter(({ from, to }) => from[0] === to[0]).length;
  return { across, down: met.length - across };
}

/**
 * Sides of squares, clockwise: those that no other square meets (along an open front that is parted in the middle as well), and one of each two
 * that meet.
 */
function strokesOf(sheet: SheetCounts): { open: Stroke[]; met: Stroke[] } {
  const { down, open } = sheet;
  const middle = widthOf(sheet) / 2;
  const all = new Map<string, Stroke>();
  const met: Stroke[] = [];
  for (const cell of cellsOf(sheet)) {
    const corners = cornersOf(cell);
    corners.forEach((from, i) => {
      const to = corners[(i + 1) % corners.length]!;
      const parted = open && from[0] === middle && to[0] === middle && Math.min(from[1], to[1]) >= down;
      const other = `${keyOf(to)} ${keyOf(from)}`;
      if (!parted && all.delete(other)) met.push({ from, to });
      else all.set(`${keyOf(from)} ${keyOf(to)}${parted ? ` ${cell.x}` : ''}`, { from, to });
    });
  }
  return { open: [...all.values()], met };
}

/** The stroke that follows: where two squares meet at a corner alone the one that stays at the same square. */
function onwards(before: Stroke, after: readonly Stroke[]): Stroke | undefined {
  return [...after].sort((a, b) => turnOf(before, a) - turnOf(before, b))[0];
}

/** How a way turns from one stroke to the next, in degrees: above 0 to the left, 180 where it turns back. */
function turnOf(before: Stroke, after: Stroke): number {
  const way = ({ from, to }: Stroke) => Math.atan2(to[1] - from[1], to[0] - from[0]);
  const turn = Math.round(((way(after) - way(before)) * 180) / Math.PI);
  return turn <= -180 ? turn + 360 : turn > 180 ? turn - 360 : turn;
}

/** A closed way in straight stretches of one kind, the first of which begins at a corner or where another kind does. */
function stretches(way: readonly Stroke[], sheet: SheetCounts): EdgeOfSheet[] {
  const many = way.length;
  const named = way.map((stroke) => ({ stroke, ...kindOf(stroke, sheet) }));
  const before = (i: number) => named[(i + many - 1) % many]!;
  const begins = named.map((one, i) => {
    const other = before(i);
    return one.kind !== other.kind || one.side !== other.side || turnOf(other.stroke, one.stroke) !== 0;
  });
  const first = Math.max(0, begins.indexOf(true));
  const found: EdgeOfSheet[] = [];
  for (let i = 0; i < many; i += 1) {
    const at = (first + i) % many;
    const { kind, side, stroke } = named[at]!;
    const inside = 180 + turnOf(stroke, named[(at + 1) % many]!.stroke);
    const aslant = stroke.from[0] !== stroke.to[0] && stroke.from[1] !== stroke.to[1];
    if (begins[at] || found.length === 0) found.push({ kind, side, squares: 1, aslant, ...stroke, inside });
    else {
      const last = found.at(-1)!;
      found[found.length - 1] = { ...last, squares: last.squares + 1, to: stroke.to, inside };
    }
  }
  return found;
}

/** What a stroke of the edge belongs to. */
function kindOf({ from, to }: Stroke, sheet: SheetCounts): { kind: EdgeKind; side: Side | null } {
  const { down, sleeve, arm, across, open } = sheet;
  const width = widthOf(sheet);
  const [x, y] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  const side: Side = x < width / 2 || (x === width / 2 && to[1] < from[1]) ? 'left' : 'right';
  const upright = from[0] === to[0];
  const layer = y < down ? 'back' : 'front';
  if (y === 0) return { kind: 'back hem', side: null };
  if (y === 2 * down) return { kind: 'front hem', side: open ? side : null };
  const beyond = x < sleeve || x > sleeve + across;
  if (upright && (x === 0 || x === width) && Math.abs(y - down) < arm) return { kind: 'opening', side };
  if (upright && (x === sleeve || x === sleeve + across) && Math.abs(y - down) > arm)
    return { kind: `${layer} side`, side };
  if (!upright && beyond && Math.abs(y - down) === arm) return { kind: `${layer} sleeve`, side };
  if (y === down) return { kind: 'back neck', side: null };
  return y > down + neckRows(sheet) ? { kind: 'front edge', side } : { kind: 'neck', side };
}
