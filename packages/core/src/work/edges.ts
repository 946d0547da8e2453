import { BASE, LEFT_END, LIVE, NONE, type Boundary } from './boundary.js';
import type { EdgePlace, Row } from './rows.js';

/** A piece on the hook: its rows so far, and its edge. */
export interface Piece {
  /** For each row by its place in working order the first row of the run that it belongs to. */
  readonly rows: readonly Row[];
  readonly counts: readonly number[];
  /** For each part its worked rows: from the row's number to its place in working order. */
  readonly done: ReadonlyMap<string, readonly (number | undefined)[]>;
  readonly boundary: Boundary;
  /** The ends of each row, as stretches of the edge. */
  readonly leftEnds: readonly number[];
  readonly rightEnds: readonly number[];
  /** Where the first stitch of each row lies, in stitches from the left end of row 1. */
  readonly lefts: readonly number[];
}

/** For each source of a row the first and last stretch of the edge that it uses up, clockwise. */
export type TakenStretch = readonly [first: number, last: number];

type RowEnds = Extract<EdgePlace, { lies: 'row ends' }>;

/** A row's place in working order; undefined while it has not been worked. */
export function rowAt({ done }: Pick<Piece, 'done'>, part: string, n: number): number | undefined {
  return done.get(part)?.[n];
}

/** Stitches or rows along an edge; NaN where it does not lie there. */
export function countEdge(piece: Piece, place: EdgePlace): number {
  switch (place.lies) {
    case 'foundation': {
      const first = piece.rows.findIndex(({ part }) => part === place.part);
      if (first < 0 || piece.rows[first]!.from.length > 0) return NaN;
      const count = piece.counts[first]!;
      return piece.boundary.holding(BASE, first, 0, count) === NONE ? NaN : count;
    }
    case 'live':
    case 'base': {
      const row = rowAt(piece, place.part, place.n);
      if (row === undefined || place.count < 0) return NaN;
      if (place.count === 0) return 0;
      const kind = place.lies === 'live' ? LIVE : BASE;
      return piece.boundary.holding(kind, row, place.from, place.from + place.count) === NONE
        ? NaN
        : place.count;
    }
    case 'row ends':
      return follow(piece, place) ? rowsIn(place) : NaN;
  }
}

/** The first row of an edge of row ends that does not end where `path` says, from 0; -1 where all do. */
export function astrayRow(piece: Piece, place: EdgePlace, path: 'straight' | readonly number[]): number {
  if (place.lies !== 'row ends') return 0;
  const right = place.side === 'right';
  let start = NaN;
  let i = 0;
  for (const { part, first, last } of place.spans) {
    const rows = piece.done.get(part);
    for (let n = first; n <= last; n += 1, i += 1) {
      const row = rows?.[n];
      if (row === undefined) return i;
      const x = piece.lefts[row]! + (right ? piece.counts[row]! : 0);
      if (i === 0) start = x;
      if (x - start !== (path === 'straight' ? 0 : path[i]!)) return i;
    }
  }
  return -1;
}

/** Where each row of an edge of row ends ends, in stitches to the right of the first one's; NaN for a row that is not there. */
export function pathOf(piece: Piece, place: EdgePlace): number[] {
  if (place.lies !== 'row ends') return [];
  const right = place.side === 'right';
  const ends = place.spans.flatMap(({ part, first, last }) =>
    Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => {
      const row = rowAt(piece, part, first + i);
      return row === undefined ? NaN : piece.lefts[row]! + (right ? piece.counts[row]! : 0);
    }),
  );
  return ends.map((end) => end - ends[0]!);
}

/** Stitches on the edge of the piece that lie along none of these places. */
export function lostStitches(piece: Piece, places: readonly EdgePlace[]): string[] {
  const { boundary } = piece;
  /** For each kind the claims in turn: row, from, to. */
  const claims: Record<number, number[]> = { [LIVE]: [], [BASE]: [] };
  const claim = (kind: number, row: number | undefined, from: number, to: number) => {
    if (row !== undefined) claims[kind]!.push(row, from, to);
  };
  for (const place of places) {
    if (place.lies === 'foundation') {
      const first = piece.rows.findIndex(({ part }) => part === place.part);
      if (first >= 0) claim(BASE, first, 0, piece.counts[first]!);
    } else if (place.lies === 'row ends') {
      const found = place.stepped ? follow(piece, place) : null;
      if (!found) continue;
      for (let one = found[0]; one !== found[1]; one = boundary.after(one))
        if (boundary.kind(one) === LIVE || boundary.kind(one) === BASE)
          claim(boundary.kind(one), boundary.row(one), boundary.from(one), boundary.to(one));
    } else {
      const kind = place.lies === 'live' ? LIVE : BASE;
      claim(kind, rowAt(piece, place.part, place.n), place.from, place.from + place.count);
    }
  }
  const lost: string[] = [];
  for (const kind of [LIVE, BASE])
    for (let row = 0; row < piece.rows.length; row += 1)
      for (let one = boundary.firstOf(kind, row); one !== NONE; one = boundary.beside(one)) {
        const stitch = firstUnclaimed(claims[kind]!, row, boundary.from(one), boundary.to(one));
        if (stitch === NONE) continue;
        const { part, n: first } = piece.rows[row]!;
        const n = first + row - rowAt(piece, part, first)!;
        const what = kind === LIVE ? 'is never worked into' : 'has an open underside';
        lost.push(`${part} row ${n}: stitch ${stitch + 1} ${what}, and belongs to no edge`);
      }
  return lost;
}

/**
 * Follows row ends along the edge: each must lie next to the one before it, upwards on the left side, downwards on the
 * right.
 *
 * @returns the first and last stretch clockwise, or null where they do not lie so
 */
export function follow(piece: Piece, place: RowEnds): TakenStretch | null {
  const { boundary, rows: all } = piece;
  const { spans, side, stepped } = place;
  const ends = side === 'left' ? piece.leftEnds : piece.rightEnds;
  const onwards = (stretch: number) => (side === 'left' ? boundary.after(stretch) : boundary.before(stretch));
  let first = NONE;
  let before = NONE;
  for (const { part, first: from, last: to } of spans) {
    const rows = piece.done.get(part);
    for (let n = from; n <= to; n += 1) {
      const row = rows?.[n];
      if (row === undefined || all[row]!.round) return null;
      const end = ends[row]!;
      if (!boundary.lies(end)) return null;
      if (before !== NONE) {
        let next = onwards(before);
        while (stepped && next !== end && boundary.kind(next) < LEFT_END) next = onwards(next);
        if (next !== end) return null;
      } else first = end;
      before = end;
    }
  }
  if (first === NONE) return null;
  return side === 'left' ? [first, before] : [before, first];
}

/** The first of a row's stitches from..to that no claim covers; NONE where all are. */
function firstUnclaimed(claims: readonly number[], row: number, from: number, to: number): number {
  let stitch = from;
  for (let again = true; again && stitch < to;) {
    again = false;
    for (let i = 0; i < claims.length; i += 3)
      if (claims[i] === row && claims[i + 1]! <= stitch && claims[i + 2]! > stitch) {
        stitch = claims[i + 2]!;
        again = true;
      }
  }
  return stitch < to ? stitch : NONE;
}

/**
 * Which of these places lie along the edge of the piece, ring by ring and clockwise as the right side is seen: by their index. Places that
 * nothing lies along are left out.
 */
export function placesAround(piece: Piece, places: readonly EdgePlace[]): number[][] {
  const { boundary } = piece;
  /** For each stretch the places that begin in it, with how far along it. */
  const begin = new Map<number, { place: number; after: number }[]>();
  places.forEach((place, i) => {
    const found = firstAlong(piece, place);
    if (!found) return;
    const { stretch, after } = found;
    const there = begin.get(stretch) ?? [];
    there.push({ place: i, after });
    begin.set(stretch, there);
  });
  const rings: number[][] = [];
  const seen = new Set<number>();
  for (const start of begin.keys()) {
    const ring: number[] = [];
    for (let one = start; !seen.has(one); one = boundary.after(one)) {
      seen.add(one);
      const there = begin.get(one) ?? [];
      ring.push(...there.sort((a, b) => a.after - b.after).map(({ place }) => place));
    }
    if (ring.length > 0) rings.push(ring);
  }
  return rings;
}

/** Where a place begins on the edge, clockwise: the stretch, and how many of its stitches lie before. */
function firstAlong(piece: Piece, place: EdgePlace): { stretch: number; after: number } | null {
  const { boundary } = piece;
  if (place.lies === 'row ends') {
    const found = follow(piece, place);
    return found && { stretch: found[0], after: 0 };
  }
  const row =
    place.lies === 'foundation'
      ? piece.rows.findIndex(({ part }) => part === place.part)
      : rowAt(piece, place.part, place.n);
  if (row === undefined || row < 0) return null;
  const [from, count] = place.lies === 'foundation' ? [0, piece.counts[row]!] : [place.from, place.count];
  if (count <= 0) return null;
  const live = place.lies === 'live';
  const stretch = boundary.holding(live ? LIVE : BASE, row, from, from + count);
  if (stretch === NONE) return null;
  return { stretch, after: live ? from - boundary.from(stretch) : boundary.to(stretch) - from - count };
}

function rowsIn({ spans }: RowEnds): number {
  return spans.reduce((sum, { first, last }) => sum + Math.max(0, last - first + 1), 0);
}
