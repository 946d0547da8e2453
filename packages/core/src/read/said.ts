/** What the sentences of a piece say of its stitches and edges. */

import type { Side } from '../joins/roles.js';

/** Rows that a text says are worked in a stitch pattern, and from which row of it to which. */
export interface SaidInPattern {
  of: string;
  part: string;
  from: number;
  to: number;
  first: number;
  last: number;
  /** The rows of it that are worked in turn, where they are said. */
  turn?: readonly [first: number, last: number];
  /** Plain stitches at the two edges of the last of them; null where that is said apart. */
  edges: Edges | null;
}

/** Plain stitches at the right and the left edge. */
type Edges = readonly [right: number, left: number];

/** What a row has: repeats with plain stitches at both sides, or all in turn as words say it. */
export type SaidOfPlaces = { repeats: number; edges: Edges } | string;

/** A shaped row that a text tells in full. */
export interface SaidInFull {
  taken: number;
  made: number;
  /** Stitches of the row below left unworked at its end. */
  left: number;
  plain: number[];
  zones: { row: number; of: string; repeats: number; width: number }[];
}

/** What a text says of a piece's stitches. */
export interface SaidOfStitches {
  inPattern: SaidInPattern[];
  /** Repeats and plain stitches after a row. */
  places: { part: string; n: number; said: SaidOfPlaces; changes?: true }[];
  /** Patterns that rows up to one are said to be shaped in. */
  names: { of: string; from: number }[];
  /** Rows whose instructions are written out. */
  written: { part: string; n: number; words: string }[];
  /** Rows of patterns told as they are worked over stitches. */
  overStitches: { row: number; of: string; words: string }[];
  /** Rounds of a motif from its ring, as they are written. */
  motif: { part: string; n: number; words: string }[];
  /** Shaped rows that are told in full. */
  inFull: ({ part: string; n: number } & SaidInFull)[];
  /** Stitches of a panel in the middle; 0 without one. */
  panel: number;
  /** Rounds are shaped by whole repeats. */
  units: boolean;
  /** Rows in which another fabric begins. */
  changes: number[];
  /** Rows of which nothing more is said than that they are in pattern. */
  loose: number;
}

/** What rows add (or take off) at an edge. */
export interface EdgeChange {
  /** "the neck edge", "each edge" */
  place: string;
  sign: 1 | -1;
  /** Stitches by row. */
  rows: ReadonlyMap<number, number>;
}

/** The row of buttonholes of a band: stitches before the first hole, between them and after the last. */
export interface HolesSaid {
  row: number;
  side: Side;
  width: number;
  gaps: number[];
}
