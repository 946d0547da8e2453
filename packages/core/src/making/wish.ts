/** What a re-plan goes from, what is wished of it, and what it comes to. */

import type { Design, Pin } from '../design.js';
import type { Counts } from '../fit/counts.js';
import type { PieceProgram } from '../garment/construction.js';
import type { SizePlan } from '../sizePlan.js';
import type { Gauges } from './gauges.js';

/** A size as it is planned at a moment of the work. */
export interface Standing {
  /** The design with its style as changed and its gauges as found. */
  design: Design;
  gauges: Gauges;
  plan: SizePlan;
  counts: Counts;
  /** The pieces as they are programmed: what is worked of them is worked by these. */
  programs: ReadonlyMap<string, PieceProgram>;
  /** What each count is to measure, cm: as planned, as wished, or as it has come to. */
  wanted: Readonly<Record<string, number>>;
}

/** What is to be other than it stands. */
export interface Wish {
  /** The design with its style as it is to be. */
  design: Design;
  gauges: Gauges;
  pins: readonly Pin[];
  /** All counts stay: only what they measure is new. */
  hold?: boolean;
}

/** How much of each piece is worked, and which joins are made. */
export interface WorkDone {
  rows: ReadonlyMap<string, number>;
  joins: ReadonlySet<string>;
}

export type Refitted =
  | { ok: true; standing: Standing; /** Wishes that could not be met. */ unmet: readonly Pin[] }
  /** No garment comes of it. */
  | { ok: false; plan: SizePlan | null };
