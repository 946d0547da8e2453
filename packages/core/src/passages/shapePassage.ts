import type { NeckShape } from '../shaping/curve.js';
import type { MotifRound } from '../work/rows.js';
import type { Schedule } from '../shaping/schedule.js';

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

/** Rows shaped by a schedule until row `to` is done. */
export interface Shape {
  kind: 'shape';
  part: string;
  to: number;
  schedule: Schedule;
  where: ShapePlace;
  /** The counts that it starts from and leads to, and that its rows are of. */
  of: ShapedCounts;
  /** How each shaping round grows by the motif's own increase, where they do: repeats become wider, later these part. */
  motif?: readonly MotifRound[];
  /** The line that its steps follow, where that is not a straight one. */
  line?: ShapedLine;
  /** Where both edges follow a curve: the stitches that it lies inside each after every row, from the first of `schedule.room`. */
  curve?: readonly number[];
  /** Where one edge is shaped: the other edge, shaped at the same time. */
  also?: { schedule: Schedule; edge: string };
}

/** Stitches at the end of a shaped passage. */
export function endOf({ schedule, also }: Shape): number {
  return schedule.end + (also ? also.schedule.end - also.schedule.start : 0);
}
