/**
 * What stays open of a garment once its pieces are joined: from the rings of edges that the hook left on each piece, and the joins between
 * them. Nothing of it is told by a construction, so it goes for all of them.
 */

import type { Join, WorkedEdge } from '../joins/audit.js';
import type { Side } from '../joins/roles.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { edgeLines } from '../work/edgeLines.js';
import { workRuns } from '../work/hook.js';

/** An edge of one copy of a piece, on the way along an open edge of the garment. */
export interface OpenEdge {
  edge: WorkedEdge;
  piece: PlannedPiece;
  copy: Copy;
  /** Its rows run against the way: its last row is met first. */
  down: boolean;
  /**
   * How the way turns before it, in degrees: above 0 round an outer corner (90 at the lower corner of a front), below 0 into an inner one
   * (−180 at the top of a slit). Null where the way begins.
   */
  turn: number | null;
  /** A seam lies before it. */
  seam: boolean;
}

/** An open edge of a garment, clockwise as the right side is seen: with the edge upwards, from left to right. */
export interface OpenLoop {
  edges: readonly OpenEdge[];
}

/** Which copy of a piece: the wearer's side that it is for; for back and front where both have the same; null where there is one. */
export type Copy = Side | 'first' | 'second' | null;

interface Place {
  piece: PlannedPiece;
  ring: number;
  at: number;
  copy: Copy;
}

/** How an edge begins and ends on its piece, clockwise: the directions there, in radians. */
interface Directions {
  first: number;
  last: number;
}

/** How far along an edge its direction is taken, cm: the steps of single rows are no corners. */
const ALONG = 3;

const SIDES: readonly Side[] = ['left', 'right'];
const TWINS = ['first', 'second'] as const;

/** More seams than meet anywhere. */
const MOST_SEAMS = 16;

/** The open edges of a size, each as one closed loop. */
export function openLoops(all: readonly PlannedPiece[], allJoins: readonly Join[]): OpenLoop[] {
  // Squares lie inside the sheet that they are joined to.
  const pieces = all.filter(({ role }) => role !== 'square');
  const joins = allJoins.filter(({ role }) => role !== 'squares');
  const known = new Map(pieces.map((piece) => [piece.id, ringsOf(piece)]));
  const many = new Set(pieces.flatMap(({ id, copies }) => (copies > 1 ? id : [])));
  const twins = twinsAmong(many, joins);
  const copiesOf = ({ id }: PlannedPiece): readonly Copy[] =>
    twins.has(id) ? TWINS : many.has(id) ? SIDES : [null];
  const places = pieces.flatMap((piece) =>
    copiesOf(piece).flatMap((copy) =>
      known
        .get(piece.id)!
        .rings.flatMap((ring, r) => ring.map((_, at): Place => ({ piece, ring: r, at, copy }))),
    ),
  );
  const byKey = new Map(places.map((place) => [keyOf(place), place]));
  const joined = new Map<string, Seam>();
  for (const join of joins) {
    const [a, b] = [keysOf(join, 'a'), keysOf(join, 'b')];
    for (const key of a) joined.set(key, { own: a, on: b });
    for (const key of b) joined.set(key, { own: b, on: a });
  }
  const seen = new Set<string>();
  const loops: OpenLoop[] = [];
  for (const start of places) {
    if (joined.has(keyOf(start)) || seen.has(keyOf(start))) continue;
    const edges: OpenEdge[] = [];
    let place: Place | null = start;
    let before: Step | null = null;
    while (place && !seen.has(keyOf(place))) {
      seen.add(keyOf(place));
      edges.push(openEdge(place, before));
      before = onwards(place);
      place = before?.place ?? null;
    }
    if (before?.place && keyOf(before.place) === keyOf(start)) edges[0] = openEdge(start, before);
    loops.push({ edges });
  }
  return loops;

  function edgeOf({ piece, ring, at }: Place): WorkedEdge {
    const { rings } = known.get(piece.id)!;
    return piece.edges[rings[ring]![at]!]!;
  }

  function keyOf(place: Place): string {
    return `${place.copy ?? ''}:${edgeOf(place).id}`;
  }

  /** The edges of a side of a join: of the copy for its side; of twins the one whose turn it is. */
  function keysOf(join: Join, part: 'a' | 'b'): string[] {
    return join[part].map(({ edge, piece }) => {
      if (!twins.has(piece)) return `${many.has(piece) ? join.side! : ''}:${edge}`;
      const other = join[part === 'a' ? 'b' : 'a'];
      const both = other.some((across) => across.piece === piece);
      // A second join of the same two edges has the copies the other way about.
      const again = joined.has(`first:${join.a[0]!.edge}`);
      const first = both ? (part === 'a') !== again : !joined.has(`first:${edge}`);
      return `${first ? 'first' : 'second'}:${edge}`;
    });
  }

  function next({ piece, ring, at, copy }: Place): Place {
    const many = known.get(piece.id)!.rings[ring]!.length;
    return { piece, ring, copy, at: (at + 1) % many };
  }

  /** What lies inside the garment between two edges that follow each other on a piece, in degrees. */
  function inside(before: Place, after: Place): number {
    const { drawn } = before.piece;
    if (drawn) {
      const [from, to] = [before, after].map((place) => drawn.edges[edgeOf(place).id]!.side);
      const sides = 1 + Math.max(...Object.values(drawn.edges).map(({ side }) => side));
      if (typeof drawn.corner !== 'number') return from === to ? 180 : drawn.corner[from!]!;
      // Along one side, and where corners are worked as one, the edge goes straight on.
      return (from! + 1) % sides === to ? drawn.corner : 180;
    }
    const { directions, rings } = known.get(before.piece.id)!;
    const ring = rings[before.ring]!;
    const turn = directions[ring[before.at]!]!.last - directions[ring[after.at]!]!.first;
    return 180 - normalised((turn * 180) / Math.PI);
  }

  /** The open edge that follows, over the seams between. */
  function onwards(from: Place): Step | null {
    let within = 0;
    let place = from;
    for (let hops = 0; hops < MOST_SEAMS; hops += 1) {
      const after = next(place);
      within += inside(place, after);
      const join = joined.get(keyOf(after));
      if (!join) return { place: after, turn: 180 - within, seam: hops > 0 };
      const over = acrossFrom(join);
      if (!over) return null;
      place = over;
    }
    return null;
  }

  /** The edge on the other side of a seam whose end lies where the seam is reached: from it an open edge is nearest. */
  function acrossFrom({ on, own }: Seam): Place | null {
    let nearest: Place | null = null;
    let least = Infinity;
    for (const key of on) {
      const place = byKey.get(key);
      const hops = place ? seamsFrom(place, on, own) : Infinity;
      if (place && hops < least) [nearest, least] = [place, hops];
    }
    return nearest;
  }

  /** How many seams lie between the end of an edge of a seam and the next open edge; Infinity where the seam itself goes on there. */
  function seamsFrom(place: Place, side: readonly string[], other: readonly string[]): number {
    let at = place;
    for (let hops = 0; hops < MOST_SEAMS; hops += 1) {
      const key = keyOf(next(at));
      if (side.includes(key)) return Infinity;
      const join = joined.get(key);
      if (!join) return hops;
      const over = other.includes(key) ? undefined : byKey.get(join.on[0]!);
      if (!over || join.on.length !== 1) return MOST_SEAMS + hops;
      at = over;
    }
    return MOST_SEAMS;
  }

  function openEdge(place: Place, before: Step | null): OpenEdge {
    const edge = edgeOf(place);
    return {
      edge,
      piece: place.piece,
      copy: place.copy,
      down: edge.place.lies === 'row ends' && edge.place.side === 'right',
      turn: before && normalised(before.turn),
      seam: before?.seam ?? false,
    };
  }
}

/** Both sides of a seam, as copies of edges. */
interface Seam {
  own: readonly string[];
  on: readonly string[];
}

interface Step {
  place: Place;
  turn: number;
  seam: boolean;
}

/** Pieces that are worked twice for back and front, not for the wearer's two sides: no side tells their copies apart. */
function twinsAmong(many: ReadonlySet<string>, joins: readonly Join[]): Set<string> {
  const sideless = joins.filter(({ side }) => !side).flatMap(({ a, b }) => [...a, ...b]);
  return new Set(sideless.flatMap(({ piece }) => (many.has(piece) ? piece : [])));
}

interface Rings {
  rings: number[][];
  directions: Directions[];
}

/** Pieces that were looked at: each edging of a garment asks for them again. */
const KNOWN = new WeakMap<PlannedPiece, Rings>();

/** The edges of a piece as they follow each other round it, and the directions in which they begin and end. */
function ringsOf(piece: PlannedPiece): Rings {
  const known = KNOWN.get(piece) ?? ringsAround(piece);
  KNOWN.set(piece, known);
  return known;
}

function ringsAround(piece: PlannedPiece): Rings {
  const places = piece.edges.map(({ place }) => place);
  const { drawn } = piece;
  const lines = drawn ? [] : edgeLines(piece.runs, places, piece.sections);
  return {
    rings: workRuns(piece.runs).around(places),
    directions: lines.map(({ line }, i) => {
      const place = places[i]!;
      const up = place.lies === 'live' || (place.lies === 'row ends' && place.side === 'left');
      const way = up ? line : [...line].reverse();
      return { first: direction(way), last: direction([...way].reverse()) + Math.PI };
    }),
  };
}

/** The direction of a line over its first centimetres. */
function direction(line: readonly (readonly [number, number])[]): number {
  const [x, y] = line[0] ?? [0, 0];
  const far = line.find(([px, py]) => Math.hypot(px - x, py - y) >= ALONG) ?? line.at(-1) ?? [0, 0];
  return Math.atan2(far[1] - y, far[0] - x);
}

/** An angle from −180 to 180 degrees; a way that turns back is a slit. */
function normalised(degrees: number): number {
  const turn = ((degrees % 360) + 360) % 360;
  return turn >= 180 - 1e-9 ? turn - 360 : turn;
}
