import type { Design } from '../design.js';
import type { Gauge } from '../fabric/fabric.js';

/** A row of a piece, of one of its copies. Rows of parts worked side by side have numbers of their own. */
export interface RowPlace {
  piece: string;
  /** From 1. */
  copy: number;
  part: string;
  n: number;
}

/** How a gauge that was counted in the work was counted. */
export const GAUGE_STATES = ['blocked', 'on the hook'] as const;
export type GaugeState = (typeof GAUGE_STATES)[number];

/** What is done about a gauge that is off: go on and know the new widths, take another hook, or fit anew what is not yet worked. */
export const GAUGE_WAYS = ['go on', 'change hook', 're-plan'] as const;
export type GaugeWay = (typeof GAUGE_WAYS)[number];

/** A gauge counted in the work. Without a way what is not yet worked is fitted anew with it. */
export interface GaugeReading extends Gauge {
  kind: 'gauge';
  fabric: string;
  state: GaugeState;
  way?: GaugeWay;
  /** The hook that the fabric is worked with from there on, mm. */
  hook?: number;
}

/** A count that the work is to come to. */
export interface CountWish {
  quantity: string;
  count: number;
}

/** Something of the garment is to become other than planned: counts, or a field of its style. */
export interface Change extends Partial<CountWish> {
  kind: 'change';
  /** More counts that change together with the first. */
  counts?: readonly CountWish[];
  /** A field of the style ("sleeve.evenAtTop") and its value. */
  field?: string;
  value?: unknown;
  why?: string;
}

/** The places in the work where a garment is tried on. */
export const TRY_ONS = ['shoulders', 'sleeve', 'neckband', 'straps', 'front bands', 'yoke', 'other'] as const;
export type TryOn = (typeof TRY_ONS)[number];

/** What happened to the yarn: a ball was begun or came to its end, what is left was weighed, or so many balls are there in all. */
export const BALL_EVENTS = ['begun', 'ended', 'weighed', 'in all'] as const;

/** What a log can have in it. All but `undo` can be undone. */
export type Done =
  | ({ kind: 'row' } & RowPlace)
  /** Repeats worked of a row that is not yet done. */
  | ({ kind: 'repeats'; many: number } & RowPlace)
  /** All rows up to this one are taken as worked, without having been ticked. */
  | ({ kind: 'jump'; why: string } & RowPlace)
  | { kind: 'undo'; of: string }
  | GaugeReading
  | ({ kind: 'measured'; width?: number; height?: number; state: GaugeState } & RowPlace)
  | { kind: 'tried'; where: TryOn; text: string }
  | ({ kind: 'note'; text: string } & Partial<RowPlace>)
  | ({
      kind: 'ball';
      fabric: string;
      colour?: string;
      event: (typeof BALL_EVENTS)[number];
      /** What is left of all yarn of this colour, g. */
      grams?: number;
      /** Balls that there are in all. */
      balls?: number;
    } & Partial<RowPlace>)
  | ({ kind: 'marker'; text: string } & RowPlace)
  /** A step of joining or finishing: one of the assembly, or a single join, by its id; and how far it has come. */
  | { kind: 'step'; step: string; state: StepState }
  | { kind: 'tally'; name: string; by: number }
  | { kind: 'time'; piece?: string; minutes: number }
  | Change
  /** A later state of the design, taken by the maker. */
  | { kind: 'design'; revision: number; document: Design };

export const STEP_STATES = ['pinned', 'done'] as const;
export type StepState = (typeof STEP_STATES)[number];

export type EntryKind = Done['kind'];
export type DoneOf<K extends EntryKind> = Extract<Done, { kind: K }>;

/** One line of the log: made once, on one device, and never changed. */
export type Entry = { id: string; /** ISO 8601, UTC. */ at: string } & Done;
export type EntryOf<K extends EntryKind> = Extract<Entry, { kind: K }>;

/** An entry of a kind that this version does not know: kept as it is. */
export interface UnknownEntry {
  id: string;
  at: string;
  kind: string;
  [field: string]: unknown;
}

/** One size of one saved state of a design being worked, as it is kept in a file. */
export interface Making {
  format: 'upfell/making';
  version: 1;
  /** What the maker calls it: "Quernmoss, M, for Tamsin". */
  name: string;
  /** Name of the design, the state of it that the work began from, and the size. */
  design: string;
  revision: number;
  size: string;
  entries: readonly (Entry | UnknownEntry)[];
}
