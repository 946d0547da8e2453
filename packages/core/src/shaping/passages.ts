import type { RoundWay } from '../work/rows.js';
import type { NeckShape } from './curve.js';
import type { LineSection, LineWay } from './lines.js';
import type { Schedule } from './schedule.js';
import type { ShortRows } from './shortRows.js';

/** Where a shaped row changes: at both edges, at one of them, or at places round a round. */
export type ShapePlace =
  | { at: 'both edges' }
  /** `edge` is what people call it: "the neck edge". */
  | { at: 'one edge'; side: 'left' | 'right'; edge: string }
  | { at: 'the round' }
  /** Spread over a flat row, with plain stitches at both ends. */
  | { at: 'across' };

/** Ids of quantities that a schedule hangs on, to follow it to its reasons. */
export interface ShapedCounts {
  start?: string;
  end?: string;
  rows?: string;
}

/** One side of a neck, from the centre: `half` stitches in `drop` rows. */
export interface ShapedLine {
  shape: NeckShape;
  half: number;
  drop: number;
}

/**
 * A piece as a maker reads it: passages in working order. Rows (for the hook) and sentences (for the pattern) are both
 * made from the same passages, so they cannot differ.
 */
export type Passage =
  /** A foundation chain of `stitches` + `extra`, or stitches picked up along an edge (then `extra` is 0). */
  | {
      kind: 'start';
      part: string;
      stitches: number;
      extra: number;
      along: string | null;
      /** What lies along there, from left to right: live stitches of another piece, or chains made between them. */
      over?: readonly { label: string; count: number; chain: boolean }[];
      round?: RoundWay;
    }
  /** Rows worked even until row `to` of the part is done. */
  | { kind: 'even'; part: string; to: number; note?: string }
  /** One row in which another fabric begins, with as many stitches as that one wants, the change spread evenly. */
  | { kind: 'change'; part: string; to: number; stitches: number; fabric: string }
  /** Rows shaped by a schedule until row `to` is done. */
  | {
      kind: 'shape';
      part: string;
      to: number;
      schedule: Schedule;
      where: ShapePlace;
      /** The counts that it starts from and leads to, and that its rows are of. */
      of: ShapedCounts;
      /** The line that its steps follow, where that is not a straight one. */
      line?: ShapedLine;
      /** Where both edges follow a curve: the stitches that it lies inside each after every row, from the first of `schedule.room`. */
      curve?: readonly number[];
      /** Where one edge is shaped: the other edge, shaped at the same time. */
      also?: { schedule: Schedule; edge: string };
    }
  /** Rows shaped beside lines (the raglan lines of a yoke, the sides of a body) until row `to` is done. */
  | {
      kind: 'lines';
      part: string;
      to: number;
      /** From left to right. */
      sections: readonly LineSection[];
      line: LineWay;
      /** What the lines are called: "raglan line", "side". */
      name: string;
      of: ShapedCounts;
    }
  /** Short rows over the last row, and the row that closes them. */
  | { kind: 'short'; part: string; shortRows: ShortRows; label: string }
  /** A part that goes on from some of the stitches of another part's last row. */
  | {
      kind: 'go on';
      part: string;
      from: string;
      at: number;
      take: number;
      leave: number;
      rejoin: boolean;
      label: string;
    }
  /** Parts that are joined into one by a row (or round) over all of them, with chains between them and after the last. */
  | {
      kind: 'unite';
      part: string;
      from: readonly { part: string; at: number; take: number }[];
      /** Chains after each of the parts, as many entries as parts; the last of a row is at its end. */
      chains: readonly number[];
      round?: RoundWay;
      /** The yarn is joined anew where the row begins. */
      rejoin?: boolean;
      /** Shaping beside lines in the same row. */
      lines?: { sections: readonly LineSection[]; line: LineWay };
      label: string;
    }
  /** A marker in both ends of the last row worked. */
  | { kind: 'mark'; part: string; meaning: string };

/** Whether a piece is picked up along an edge and goes on in short rows, as a cap does from the armhole. */
export function beginsAslant([start, next]: readonly Passage[]): boolean {
  return start?.kind === 'start' && start.along !== null && next?.kind === 'short';
}

/** Stitches at the end of a shaped passage. */
export function endOf({ schedule, also }: Extract<Passage, { kind: 'shape' }>): number {
  return schedule.end + (also ? also.schedule.end - also.schedule.start : 0);
}
