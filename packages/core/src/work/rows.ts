/**
 * Rows as data: what each row of a piece does, stitch by stitch. The virtual hook works these rows knowing nothing else.
 *
 * Positions run from left to right as the finished piece lies with its right side up and its foundation at the bottom.
 */

/** What a row does with its stitches, in the order in which they lie. */
export type Step =
  /** One stitch in each of the next `times` stitches. */
  | { do: 'work'; times: number }
  /** Two stitches in one, `times` times. */
  | { do: 'increase'; times: number }
  /** Two stitches together, `times` times. */
  | { do: 'decrease'; times: number }
  /** New stitches out of nothing: a foundation, a pick-up, chains added. */
  | { do: 'cast'; times: number };

/** Live stitches of an earlier row that this row is worked into. */
export interface Take {
  part: string;
  n: number;
  take: number;
  /** Live stitches of that row passed over on the left before the first one taken. */
  at: number;
}

export interface Row {
  /** Number within the piece; parts worked side by side number on from the row they leave. */
  n: number;
  part: string;
  side: 'RS' | 'WS';
  from: readonly Take[];
  steps: readonly Step[];
  /** Stitches at the end of the row. */
  count: number;
  /** Increases less decreases. */
  by: number;
  /** Stitches made out of nothing. */
  add: number;
}

/** Where an edge lies on a worked piece. */
export type EdgePlace =
  /** Along the start of the piece: the stitches of its first row, seen from below. */
  | { lies: 'foundation'; part: string }
  /** Stitches of a row that nothing was worked into, from position `from` on. */
  | { lies: 'live'; part: string; n: number; from: number; count: number }
  /** Row ends on one side of consecutive rows. */
  | { lies: 'row ends'; spans: readonly { part: string; first: number; last: number }[] };
