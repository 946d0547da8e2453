/**
 * Hangs pieces on to each other by their joins. Each lies with its joined edge towards the edge it is joined to, middle to middle, and then goes
 * outwards until it touches nothing that lies there already: so no two pieces ever overlap.
 */

import type { Join, PlannedPiece, Side, TableLayout } from '@upfell/core';
import type { ScreenSize } from '../worker/screen';
import {
  around,
  boxOf,
  meet,
  middleOf,
  moved,
  opposite,
  STEP,
  toLeave,
  turn,
  turned,
  turnsTo,
  type Box,
  type Point,
  type Way,
} from './geometry';
import { shapesOf, type Shape } from './shapes';

/** A shape as it lies, px. */
export interface PlacedShape {
  key: string;
  shape: Shape;
  /** The wearer's side that it is for, where there is one like it on the other. */
  side?: Side;
  /** Quarter turns clockwise from how it is worked. */
  quarters: number;
  polygons: Point[][];
  changes: Point[][];
  slits: Point[][];
  rowLines: Point[][];
  squares: { points: Point[]; kind: string; layer: 'back' | 'front' }[];
  edges: Map<string, { line: Point[]; faces: Way }>;
  box: Box;
  /** The join that it hangs by; the first piece has none. */
  hangs?: { join: string; way: Way; on: string };
}

/** Pieces that go round too much to lie at their edges. */
const LOOSE: readonly PlannedPiece['role'][] = ['neckband', 'front band', 'armband', 'hood', 'cord'];

/** Room for threads and labels between pieces, px, by what joins them. */
const GAP = { seam: 34, band: 12, apart: 8, touch: 2 };

/** Whether a piece lies by itself rather than at an edge. */
export function isLoose({ role, workedOn }: PlannedPiece): boolean {
  return !workedOn && LOOSE.includes(role);
}

/**
 * Lays the pieces that hang together.
 *
 * @param scale px for each cm
 * @param opening width that the front of a yoke stands open, cm
 * @returns around the middle of the first piece
 */
export function hang(size: ScreenSize, layout: TableLayout, scale: number, opening: number): PlacedShape[] {
  const known = new Map(size.pieces.map((piece) => [piece.id, shapesOf(piece, size, opening)]));
  const first = size.pieces.find(({ role }) => role === layout.root) ?? size.pieces[0];
  if (!first) return [];
  const placed: PlacedShape[] = [];
  const left = new Map(size.pieces.map(({ id, copies }) => [id, copies]));
  const take = (piece: string) => left.set(piece, (left.get(piece) ?? 0) - 1);

  const [root] = known.get(first.id)!;
  if (!root) return [];
  const facing = first.edges.find(({ role }) => role === layout.facing.edge);
  const faced = facing && root.edges.get(facing.id)?.faces;
  placed.push(lay(root, { key: first.id, quarters: faced ? turnsTo(faced, layout.facing.way) : 0, scale }));
  take(first.id);

  // A rib goes round all that its edge is drawn in, so it waits until that lies there.
  for (let [found, ribs] = [true, false]; found || !ribs;) {
    ribs = !found;
    found = false;
    for (const join of size.joins) {
      for (const [on, by] of [
        [join.b, join.a],
        [join.a, join.b],
      ] as const) {
        const piece = size.pieces.find(({ id }) => id === by[0]?.piece);
        if (!piece || piece.workedOn || isLoose(piece)) continue;
        // The edges of one piece are closed on it; two alike that are sewn to each other lie both.
        if (on.some((edge) => edge.piece === piece.id) && !(isPaired(join) && piece.copies > 1)) continue;
        if (!canHang(piece, join) || (!ribs && BANDS.includes(piece.role))) continue;
        const parents = parentsOf(on, join);
        if (parents.length === 0) continue;
        hangOn(parents, on, piece, by, join);
        found = true;
      }
    }
  }
  return placed;

  /** Whether there is another copy of a piece (or another part of it) to hang by a join. */
  function canHang(piece: PlannedPiece, join: Join): boolean {
    const own = placed.filter(({ shape }) => shape.piece.id === piece.id);
    if (own.some(({ hangs }) => hangs?.join === join.id)) return false;
    if (known.get(piece.id)!.length > 1)
      return own.length < known.get(piece.id)!.length && partBy(piece, join) !== undefined;
    if (join.side && own.some(({ side }) => side === join.side)) return false;
    return left.get(piece.id)! > 0 && known.get(piece.id)!.length > 0;
  }

  /** The part of a piece drawn in several that a join holds and that does not lie yet. */
  function partBy(piece: PlannedPiece, join: Join): Shape | undefined {
    const edges = [...join.a, ...join.b].filter((edge) => edge.piece === piece.id);
    return known
      .get(piece.id)!
      .find(
        (shape) =>
          edges.some(({ edge }) => shape.edges.has(edge)) && !placed.some((one) => one.shape === shape),
      );
  }

  /** The shapes that have the edges of one side of a join: those of the join's side where there are two. */
  function parentsOf(on: Join['a'], join: Join): PlacedShape[] {
    const has = placed.filter(({ shape }) => on.some(({ edge }) => shape.edges.has(edge)));
    const own = has.filter(({ side }) => side === undefined || side === join.side);
    return own.length > 0 ? own : has;
  }

  /** Moves two that hang the same way apart sideways, as fronts that overlap, each by half; the first with all that hangs on it. */
  function moveApart(one: PlacedShape, sibling: PlacedShape): PlacedShape {
    const level = one.hangs!.way === 'up' || one.hangs!.way === 'down';
    const [x, y] = middleOf(one.box);
    const [otherX, otherY] = middleOf(sibling.box);
    const before = level ? x <= otherX : y <= otherY;
    const way: Way = level ? (before ? 'left' : 'right') : before ? 'up' : 'down';
    const half = toLeave(one.box, sibling.box, way, GAP.apart) / 2;
    const by: Point = [STEP[way][0] * half, STEP[way][1] * half];
    const back: Point = [-by[0], -by[1]];
    placed.forEach((lies, i) => {
      if (lies === sibling || lies.hangs?.on === sibling.key) placed[i] = shift(lies, back);
    });
    return shift(one, by);
  }

  function hangOn(
    parents: PlacedShape[],
    on: Join['a'],
    piece: PlannedPiece,
    by: Join['a'],
    join: Join,
  ): void {
    const single = partBy(piece, join) ?? known.get(piece.id)![0]!;
    // A ring along an edge that is drawn in several parts is drawn in as many.
    const ring = on.length === 1 && parents.length > 1;
    const groups = ring ? parents.map((one) => [one]) : [parents];
    groups.forEach((group, i) => {
      const lines = group.flatMap((one) =>
        on.flatMap(({ edge }) => {
          const at = one.edges.get(edge);
          return at ? [at] : [];
        }),
      );
      const at = boxOf(lines.flatMap(({ line }) => line));
      const way = wayOut(
        lines.map(({ faces }) => faces),
        at,
        group.map(({ box }) => box),
      );
      const shape = ring ? shortened(single, by, 1 / groups.length) : single;
      const own = by.flatMap(({ edge }) => {
        const found = shape.edges.get(edge);
        return found ? [found] : [];
      });
      const faces = wayOut(
        own.map((edge) => edge.faces),
        boxOf(own.flatMap(({ line }) => line)),
        [boxOf(shape.polygons.flat())],
      );
      const side = piece.copies > 1 ? join.side : piece.side;
      const one = lay(shape, {
        key: [
          piece.id,
          shape.part,
          ring ? i + 1 : undefined,
          piece.copies > 1 ? (side ?? join.id) : undefined,
        ]
          .filter((word) => word !== undefined)
          .join('-'),
        quarters: turnsTo(faces, opposite(way)),
        scale,
        hangs: { join: join.id, way, on: group[0]!.key },
        ...(side ? { side } : {}),
      });
      const edges = boxOf(by.flatMap(({ edge }) => one.edges.get(edge)?.line ?? []));
      const gap = BANDS.includes(piece.role) ? GAP.band : GAP.seam;
      const [ax, ay] = middleOf(at);
      const [ex, ey] = middleOf(edges);
      const [stepX, stepY] = STEP[way];
      let shifted = shift(one, [ax - ex + stepX * gap, ay - ey + stepY * gap]);
      for (let again = true; again;) {
        const other = placed.find(
          (lies) => !isSibling(lies, shifted) && meet(shifted.box, lies.box, GAP.touch),
        );
        again = other !== undefined;
        if (other) {
          const more = toLeave(shifted.box, other.box, way, group.includes(other) ? gap : GAP.apart);
          shifted = shift(shifted, [stepX * more, stepY * more]);
        }
      }
      for (const sibling of placed.filter(
        (lies) => isSibling(lies, shifted) && meet(shifted.box, lies.box, GAP.apart),
      ))
        shifted = moveApart(shifted, sibling);
      placed.push(shifted);
    });
    take(piece.id);
  }
}

/** Whether a join is between two copies of one piece. */
export function isPaired({ role }: Pick<Join, 'role'>): boolean {
  return role === 'end to side';
}

/** Bands lie close to their edges. */
const BANDS: readonly PlannedPiece['role'][] = ['hem', 'cuff', 'centre band'];

/** Two that hang the same way on one piece: they are spread beside each other, not behind. */
function isSibling(a: PlacedShape, b: PlacedShape): boolean {
  return a.hangs !== undefined && a.hangs.way === b.hangs?.way && a.hangs.on === b.hangs.on;
}

/** Which way edges face together; those that face each other, as in a slit, face out of what they lie in. */
function wayOut(faces: readonly Way[], edges: Box, lies: readonly Box[]): Way {
  const [x, y] = faces.reduce<Point>(([sx, sy], way) => [sx + STEP[way][0], sy + STEP[way][1]], [0, 0]);
  if (x !== 0 || y !== 0)
    return Math.abs(x) > Math.abs(y) ? (x > 0 ? 'right' : 'left') : y > 0 ? 'down' : 'up';
  const box = around(lies);
  const [[ex, ey], [bx, by]] = [middleOf(edges), middleOf(box)];
  const [dx, dy] = [(ex - bx) / (box.right - box.left), (ey - by) / (box.bottom - box.top)];
  return Math.abs(dx) > Math.abs(dy) ? (dx > 0 ? 'right' : 'left') : dy > 0 ? 'down' : 'up';
}

interface Lie {
  key: string;
  quarters: number;
  scale: number;
  side?: Side;
  hangs?: PlacedShape['hangs'];
}

/** A shape turned and to scale, about the origin. */
export function lay(shape: Shape, { key, quarters, scale, side, hangs }: Lie): PlacedShape {
  const drawn = mapped(
    shape,
    (point) => {
      const [x, y] = turn(point, quarters);
      return [x * scale, y * scale];
    },
    (faces) => turned(faces, quarters),
  );
  return {
    key,
    shape,
    quarters,
    ...drawn,
    box: boxOf(drawn.polygons.flat()),
    ...(side ? { side } : {}),
    ...(hangs ? { hangs } : {}),
  };
}

/** The same, moved. */
export function shift(placed: PlacedShape, by: Point): PlacedShape {
  if (by[0] === 0 && by[1] === 0) return placed;
  return {
    ...placed,
    ...mapped(placed, ([x, y]) => [x + by[0], y + by[1]]),
    box: moved(placed.box, by),
  };
}

/** A part of a band: as high, but only so much of it along its joined edge. */
function shortened(shape: Shape, by: Join['a'], share: number): Shape {
  const faces = shape.edges.get(by[0]!.edge)?.faces;
  const alongX = faces === 'up' || faces === 'down';
  return { ...shape, ...mapped(shape, ([x, y]) => (alongX ? [x * share, y] : [x, y * share])) };
}

/** All that is drawn of a shape with its points moved, and its edges facing another way. */
function mapped(
  {
    polygons,
    changes,
    slits = [],
    rowLines = [],
    squares = [],
    edges,
  }: Pick<Shape, 'polygons' | 'changes' | 'slits' | 'rowLines' | 'squares' | 'edges'>,
  to: (point: Point) => Point,
  facing = (faces: Way) => faces,
): Pick<PlacedShape, 'polygons' | 'changes' | 'slits' | 'rowLines' | 'squares' | 'edges'> {
  return {
    polygons: polygons.map((points) => points.map(to)),
    changes: changes.map((points) => points.map(to)),
    slits: slits.map((points) => points.map(to)),
    rowLines: rowLines.map((points) => points.map(to)),
    squares: squares.map(({ points, ...rest }) => ({ ...rest, points: points.map(to) })),
    edges: new Map(
      [...edges].map(([id, { line, faces }]) => [id, { line: line.map(to), faces: facing(faces) }]),
    ),
  };
}
