/** Plane geometry of the table: points, boxes, and lines of straight pieces; y goes down, as on a screen. */

export type Point = readonly [x: number, y: number];

/** A way along an axis. */
export type Way = 'up' | 'right' | 'down' | 'left';

const WAYS: readonly Way[] = ['up', 'right', 'down', 'left'];

/** Unit steps. */
export const STEP: Readonly<Record<Way, Point>> = {
  up: [0, -1],
  right: [1, 0],
  down: [0, 1],
  left: [-1, 0],
};

export const opposite = (way: Way): Way => turned(way, 2);

/** A way after some quarter turns clockwise. */
export function turned(way: Way, quarters: number): Way {
  return WAYS[(WAYS.indexOf(way) + quarters) % 4]!;
}

/** Quarter turns clockwise that bring one way to another. */
export function turnsTo(from: Way, to: Way): number {
  return (WAYS.indexOf(to) - WAYS.indexOf(from) + 4) % 4;
}

/** A point turned about the origin by quarters, clockwise on the screen. */
export function turn([x, y]: Point, quarters: number): Point {
  const turns: readonly Point[] = [
    [x, y],
    [-y, x],
    [-x, -y],
    [y, -x],
  ];
  return turns[quarters]!;
}

/** An upright rectangle. */
export interface Box {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

export function boxOf(points: readonly Point[]): Box {
  const box = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
  for (const [x, y] of points) {
    box.left = Math.min(box.left, x);
    box.right = Math.max(box.right, x);
    box.top = Math.min(box.top, y);
    box.bottom = Math.max(box.bottom, y);
  }
  return box;
}

export function around(boxes: readonly Box[]): Box {
  return boxOf(
    boxes.flatMap(({ left, top, right, bottom }): Point[] => [
      [left, top],
      [right, bottom],
    ]),
  );
}

export const middleOf = ({ left, top, right, bottom }: Box): Point => [
  (left + right) / 2,
  (top + bottom) / 2,
];

export const moved = ({ left, top, right, bottom }: Box, [dx, dy]: Point): Box => ({
  left: left + dx,
  top: top + dy,
  right: right + dx,
  bottom: bottom + dy,
});

/** Whether two boxes come nearer to each other than a gap. */
export function meet(a: Box, b: Box, gap = 0): boolean {
  const near = gap - 1e-6;
  return (
    a.left < b.right + near && b.left < a.right + near && a.top < b.bottom + near && b.top < a.bottom + near
  );
}

/** Whether a box lies within another. */
export function within(inner: Box, outer: Box): boolean {
  return (
    inner.left >= outer.left - 1e-6 &&
    inner.right <= outer.right + 1e-6 &&
    inner.top >= outer.top - 1e-6 &&
    inner.bottom <= outer.bottom + 1e-6
  );
}

/** How far a box must go one way so that it leaves another by a gap. */
export function toLeave(box: Box, other: Box, way: Way, gap: number): number {
  return (
    {
      up: box.bottom - other.top,
      down: other.bottom - box.top,
      left: box.right - other.left,
      right: other.right - box.left,
    }[way] + gap
  );
}

/** `many` points spread evenly along lines of straight pieces, one line after the other. */
export function spreadAlong(lines: readonly (readonly Point[])[], many: number): Point[] {
  const pieces = lines.flatMap((line) =>
    line.slice(1).map((end, i) => ({ start: line[i]!, end, length: away(line[i]!, end) })),
  );
  const whole = pieces.reduce((sum, { length }) => sum + length, 0);
  return Array.from({ length: many }, (_, k) => {
    let left = ((k + 0.5) / many) * whole;
    const at = pieces.find(
      ({ length }, i) => left <= length || i === pieces.length - 1 || !(left -= length),
    )!;
    const t = at.length > 0 ? Math.min(1, left / at.length) : 0;
    return [at.start[0] + (at.end[0] - at.start[0]) * t, at.start[1] + (at.end[1] - at.start[1]) * t];
  });
}

const away = (from: Point, to: Point) => Math.hypot(from[0] - to[0], from[1] - to[1]);

/** How long lines of straight pieces are together. */
export function lengthOf(lines: readonly (readonly Point[])[]): number {
  return lines.reduce(
    (sum, line) => line.slice(1).reduce((own, end, i) => own + away(line[i]!, end), sum),
    0,
  );
}

/** Lines one after the other, each turned round where its other end lies nearer to what was before. */
export function chained(lines: readonly (readonly Point[])[]): (readonly Point[])[] {
  const [first, ...rest] = lines.filter((line) => line.length > 0);
  if (!first) return [];
  const next = rest[0];
  /** How near a point lies to the nearer end of the second line: the first line runs towards it. */
  const near = (point: Point) => (next ? Math.min(away(point, next[0]!), away(point, next.at(-1)!)) : 0);
  const start = near(first[0]!) < near(first.at(-1)!) ? [...first].reverse() : first;
  return rest.reduce<(readonly Point[])[]>(
    (chain, line) => {
      const end = chain.at(-1)!.at(-1)!;
      return [...chain, away(end, line[0]!) <= away(end, line.at(-1)!) ? line : [...line].reverse()];
    },
    [start],
  );
}
