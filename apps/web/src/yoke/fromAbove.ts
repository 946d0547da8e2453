import type { ScreenSize } from '../worker/screen';
import { yokeRows, type YokePart, type YokeRow } from './yokeRows';

type Point = readonly [x: number, y: number];

/** A yoke as it lies on a table, seen from above: the back at the top, the neck in the middle. In cm from the neck's middle. */
export interface FlatYoke {
  rows: readonly YokeRow[];
  parts: readonly FlatPart[];
  /** Half the neck across, and from back to front. */
  neck: Point;
  depth: number;
}

export interface FlatPart {
  id: YokePart;
  polygons: Point[][];
  /** Where a row lies: its ends. */
  rowAt: (index: number) => [Point, Point];
  /** The edge at the split, from left to right or from top to bottom. */
  edge: [Point, Point];
  middle: Point;
}

/**
 * Lays a yoke out: back, front and sleeves as trapezoids to scale round the neck. Where the raglan lines run they do not
 * meet: a yoke is no flat thing, and the wedges between them are what shoulders fill.
 *
 * @param opening cm between open fronts
 */
export function flatYoke(size: ScreenSize, opening: number): FlatYoke | null {
  const piece = size.pieces.find(({ id }) => id === 'yoke');
  const rows = yokeRows(piece);
  if (!piece || rows.length === 0) return null;
  const perCm = piece.sections[0]!.stitches;
  const depth = rows.at(-1)!.depth;
  const width = (row: YokeRow, id: YokePart) => row.stitches[id] / perCm;
  const first = rows[0]!;
  const across = width(first, 'back') / 2;
  const between = width(first, 'sleeve-left') / 2;
  const place: Record<YokePart, (along: number, out: number) => Point> = {
    back: (along, out) => [along, -between - out],
    front: (along, out) => [along, between + out],
    'sleeve-left': (along, out) => [across + out, along],
    'sleeve-right': (along, out) => [-across - out, along],
  };
  const part = (id: YokePart): FlatPart => {
    const at = place[id];
    const gap = (row: YokeRow) => (id === 'front' ? row.missing / perCm + Math.max(0, opening) : 0);
    const half = (row: YokeRow) => (width(row, id) + gap(row)) / 2;
    const outer = (sign: number): Point[] => [
      at(sign * half(first), 0),
      ...rows.map((row): Point => at(sign * half(row), row.depth)),
    ];
    const inner = (sign: number): Point[] => [
      at((sign * gap(first)) / 2, 0),
      ...rows.map((row): Point => at((sign * gap(row)) / 2, row.depth)),
    ];
    const split = gap(first) > 0;
    const polygons = split
      ? gap(rows.at(-1)!) > 0
        ? [
            [...outer(-1), ...inner(-1).reverse()],
            [...outer(1), ...inner(1).reverse()],
          ]
        : [[...outer(-1), ...outer(1).reverse(), ...notch(inner(1)), ...notch(inner(-1)).reverse()]]
      : [[...outer(-1), ...outer(1).reverse()]];
    const last = rows.at(-1)!;
    return {
      id,
      polygons,
      rowAt: (index) => {
        const row = rows[index]!;
        return [at(-half(row), row.depth), at(half(row), row.depth)];
      },
      edge: [at(-half(last), depth), at(half(last), depth)],
      middle: at(0, depth * (split ? 0.62 : 0.55)),
    };
  };
  return {
    rows,
    parts: [part('back'), part('sleeve-left'), part('front'), part('sleeve-right')],
    neck: [across, between],
    depth,
  };
}

/** The points of a neck's line down to where it closes. */
function notch(line: readonly Point[]): Point[] {
  const closed = line.findIndex(([x], i) => i > 0 && x === 0);
  return closed < 0 ? [...line] : line.slice(0, closed + 1);
}
