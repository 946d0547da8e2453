/** The joins of the pieces on the table: threads from edge to edge, and where their labels belong. */

import { lengthOfRows, type Join } from '@upfell/core';
import type { ScreenSize } from '../worker/screen';
import { boxOf, chained, lengthOf, middleOf, spreadAlong, STEP, type Point } from './geometry';
import { isPaired, type PlacedShape } from './hang';

export interface PlacedJoin {
  id: string;
  role: Join['role'];
  threads: Point[][];
  /** An edging: the lines that it is worked along, and how wide it is, px. */
  edging?: { lines: (readonly Point[])[]; width: number };
  /** Where its label belongs. */
  at: Point;
}

/** Ends of bands that are sewn to each other: labelled with the band. */
const UNLABELLED: readonly Join['role'][] = ['neckband ends', 'armband ends', 'hem ends', 'cuff ends'];
/** px of edge for each thread, and the most threads. */
const APART = 9;
const MOST = 26;
/** Threads that go round a corner bend out by so much of their length. */
const BEND = 0.45;
/** Below a piece that lies by itself, px. */
const BELOW = 14;

/** Every join that has something to show. */
/** @param scale px for each cm */
export function tie(
  size: ScreenSize,
  hung: readonly PlacedShape[],
  loose: readonly PlacedShape[],
  scale: number,
): PlacedJoin[] {
  return size.joins.flatMap((join): PlacedJoin[] => {
    if (UNLABELLED.includes(join.role)) return [];
    const own = { id: join.id, role: join.role };
    const worked = size.pieces.find(({ id, workedOn }) => workedOn && id === join.a[0]?.piece);
    if (worked) return edgingOf(join, worked, hung, scale);
    const apart = loose.find(({ shape }) => join.a.some(({ piece }) => piece === shape.piece.id));
    if (apart) {
      // Of two alike that go along one loose piece, the first has the label.
      if (join.both !== undefined && join.side === 'right') return [];
      const { left, right, bottom, top } = apart.box;
      const seam = join.role === 'hood seam';
      return [{ ...own, threads: [], at: [(left + right) / 2, seam ? top - BELOW : bottom + BELOW] }];
    }
    const pair = pairOf(join, hung);
    const [a, b] = pair ?? [edgesOf(join.a, join, hung), edgesOf(join.b, join, hung)];
    if (a.length === 0 || b.length === 0) return [];
    // The two edges of one piece are closed on it: no thread crosses the piece.
    const self = !pair && join.a[0]!.piece === join.b[0]!.piece;
    if (self) {
      const lower = [...a, ...b].sort((one, two) => middle(two.line)[1] - middle(one.line)[1])[0]!;
      const [x, y] = middle(lower.line);
      const [dx, dy] = STEP[lower.faces];
      return [{ ...own, threads: [], at: [x + dx * BELOW, y + dy * BELOW] }];
    }
    const threads = groups(a, b).flatMap(([from, to]) => threadsBetween(from, to));
    const central = threads[Math.floor(threads.length / 2)];
    if (!central) return [];
    // A thread that goes round what lies between is labelled where it comes in, beside its second edge.
    const at = central.length > 2 ? central[Math.floor(central.length * 0.8)]! : middle(central);
    return [{ ...own, threads, at }];
  });
}

/** An edging along its edges, labelled beside the longest of them. */
function edgingOf(
  join: Join,
  { sections, edges }: ScreenSize['pieces'][number],
  hung: readonly PlacedShape[],
  scale: number,
): PlacedJoin[] {
  const along = edgesOf(join.b, join, hung);
  const longest = [...along].sort((one, two) => lengthOf([two.line]) - lengthOf([one.line]))[0];
  const place = edges.find(({ role }) => role === 'free')?.place;
  if (!longest || place?.lies !== 'live') return [];
  const width = scale * lengthOfRows(sections, place.n);
  const [x, y] = middle(longest.line);
  const [dx, dy] = STEP[longest.faces];
  return [
    {
      id: join.id,
      role: join.role,
      threads: [],
      edging: { lines: linked(along.map(({ line }) => line)), width },
      at: [x + dx * (BELOW + width), y + dy * (BELOW + width)],
    },
  ];
}

/** Lines that meet at their ends as one, so that an edging goes round the corner between them. */
function linked(lines: readonly (readonly Point[])[]): Point[][] {
  const left = lines.map((line) => [...line]);
  const found: Point[][] = [];
  for (let line = left.shift(); line; line = left.shift()) {
    for (let again = true; again;) {
      const end = line.at(-1)!;
      const start = line[0]!;
      const next = left.findIndex((other) =>
        [other[0]!, other.at(-1)!].some((point) => meets(point, end) || meets(point, start)),
      );
      again = next >= 0;
      if (!again) break;
      const [other] = left.splice(next, 1) as [Point[]];
      if (meets(other[0]!, end)) line.push(...other.slice(1));
      else if (meets(other.at(-1)!, end)) line.push(...other.reverse().slice(1));
      else if (meets(other.at(-1)!, start)) line.unshift(...other.slice(0, -1));
      else line.unshift(...other.reverse().slice(0, -1));
    }
    found.push(line);
  }
  return found;
}

const meets = ([x, y]: Point, [u, v]: Point) => Math.hypot(x - u, y - v) < 1;

interface Edge {
  line: readonly Point[];
  faces: keyof typeof STEP;
  shape: PlacedShape;
}

/** The edges of one side of a join as they lie: of copies, those of the join's side (or that hang by the join). */
function edgesOf(side: Join['a'], join: Join, hung: readonly PlacedShape[]): Edge[] {
  return side.flatMap(({ edge }) => {
    const has = hung.filter((one) => one.edges.has(edge));
    const by = has.filter(({ hangs }) => hangs?.join === join.id);
    const own = by.length > 0 ? by : has.filter(({ side: at }) => !join.side || !at || at === join.side);
    return own.map((shape) => ({ ...shape.edges.get(edge)!, shape }));
  });
}

/** Of two alike, one of which hangs on the other by the join: the edge of the one, and that of the other. */
function pairOf(join: Join, hung: readonly PlacedShape[]): readonly [Edge[], Edge[]] | null {
  const one = hung.find(({ hangs }) => hangs?.join === join.id);
  const other = one && hung.find(({ key }) => key === one.hangs!.on);
  if (!isPaired(join) || !one || !other) return null;
  const of = (side: Join['a'], shape: PlacedShape): Edge[] =>
    side.flatMap(({ edge }) => {
      const found = shape.edges.get(edge);
      return found ? [{ ...found, shape }] : [];
    });
  return [of(join.a, one), of(join.b, other)];
}

/** Pairs of lines to tie: part by part where both sides are drawn in parts, else all of one to all of the other. */
function groups(a: readonly Edge[], b: readonly Edge[]): [Edge[], Edge[]][] {
  const shapes = [...new Set(a.map(({ shape }) => shape))];
  const parted = shapes.length > 1 && shapes.every(({ hangs }) => hangs !== undefined);
  if (!parted) return [[[...a], [...b]]];
  return shapes.map((shape): [Edge[], Edge[]] => [
    a.filter((edge) => edge.shape === shape),
    b.filter((edge) => edge.shape.key === shape.hangs!.on),
  ]);
}

function threadsBetween(a: readonly Edge[], b: readonly Edge[]): Point[][] {
  if (a.length === 0 || b.length === 0) return [];
  const [from, to] = [chained(a.map(({ line }) => line)), chained(b.map(({ line }) => line))];
  const many = Math.max(4, Math.min(MOST, Math.round(lengthOf(from) / APART)));
  const starts = spreadAlong(from, many);
  const there = spreadAlong(to, many);
  const way = (ends: readonly Point[]) =>
    starts.reduce((sum, [x, y], i) => sum + Math.hypot(x - ends[i]![0], y - ends[i]![1]), 0);
  const back = [...there].reverse();
  const ends = way(there) <= way(back) ? there : back;
  const [out, home] = [a[0]!.faces, b[0]!.faces];
  return starts.map((start, i) => curve(start, STEP[out], ends[i]!, STEP[home]));
}

/** A thread that leaves one edge straight out and comes straight to the other. */
function curve([x, y]: Point, [ox, oy]: Point, [u, v]: Point, [hx, hy]: Point): Point[] {
  const facing = ox * hx + oy * hy < 0;
  if (facing)
    return [
      [x, y],
      [u, v],
    ];
  const bend = BEND * Math.hypot(u - x, v - y) + 14;
  const [c, d] = [
    [x + ox * bend, y + oy * bend],
    [u + hx * bend, v + hy * bend],
  ] as const;
  return Array.from({ length: 17 }, (_, i): Point => {
    const t = i / 16;
    const s = 1 - t;
    const mix = (p: number, q: number, r: number, w: number) =>
      s * s * s * p + 3 * s * s * t * q + 3 * s * t * t * r + t * t * t * w;
    return [mix(x, c[0], d[0], u), mix(y, c[1], d[1], v)];
  });
}

const middle = (line: readonly Point[]): Point => middleOf(boxOf(line));
