/**
 * Rows as data: what each row of a piece does, stitch by stitch. The virtual hook works these rows knowing nothing else.
 *
 * Positions run from left to right as the finished piece lies with its right side up and its foundation at the bottom.
 * Right-handed work: a right-side row runs from right to left, a wrong-side row from left to right.
 */

/** What a row does with its stitches, in the order in which they lie. */
export type Step =
  /** One stitch in each of the next `times` stitches. */
  | { do: 'work'; times: number }
  /**
   * Two stitches in one (or `makes`), `times` times. In a line of shaping, `line` says how many of those made lie before the
   * one that goes on as the line.
   */
  | { do: 'increase'; times: number; makes?: number; line?: number }
  /** Two stitches together (or `takes`), `times` times. */
  | { do: 'decrease'; times: number; takes?: number }
  /** Slip stitches over the next `times` stitches at an end of the row: closed, they stay as an edge. */
  | { do: 'slip'; times: number }
  /** The next `times` stitches are passed over inside the row and lost to it. */
  | { do: 'skip'; times: number }
  /** New stitches out of nothing: a foundation, or chains added. */
  | { do: 'cast'; times: number }
  /** New stitches along an edge that the row picks up from. */
  | { do: 'pick up'; times: number };

/** Live stitches of an earlier row that this row is worked into. */
export interface Take {
  part: string;
  n: number;
  take: number;
  /** Live stitches of that row passed over on the left before the first one taken. */
  at: number;
  along?: undefined;
}

/** An edge along which stitches are picked up: row ends of rows first to last, or the underside of cast stitches. */
export type PickUp =
  | { along: 'left' | 'right'; part: string; first: number; last: number; makes: number }
  | { along: 'base'; part: string; n: number; at: number; take: number; makes: number };

export type Source = Take | PickUp;

export function isTake(source: Source): source is Take {
  return source.along === undefined;
}

/** How a round closes: joined and worked on from the same side, joined and turned, or going on in a spiral. */
export type RoundWay = 'joined' | 'turned' | 'spiral';

/** A round in which a motif grows by its own: a V of 1 becomes a V of 2, or that two V's of 1. */
export type MotifRound = 'wider' | 'parted';

export interface Row {
  /** Number within the piece; parts worked side by side number on from the row they leave. */
  n: number;
  part: string;
  side: 'RS' | 'WS';
  /** What it is worked into, from left to right; nothing for a foundation. */
  from: readonly Source[];
  steps: readonly Step[];
  /** Stitches at the end of the row. */
  count: number;
  /** Increases less decreases. */
  by: number;
  /** Stitches made out of nothing or picked up. */
  add: number;
  /** It is shaped at places spread over it, not at its ends or beside lines. */
  spread?: true;
  /** It is shaped by the motif's own increase: repeats become wider, or wider ones part into two. */
  motif?: MotifRound;
  /** Stitches at its left and right end that fall to the lowest towards a turn inside the piece. */
  graded?: readonly [left: number, right: number];
  /** Given for a round; rows are turned at both ends. */
  round?: RoundWay;
  /** Its stitches are worked into a ring, which closes on them: they have no underside that could be joined. */
  ring?: true;
  /** The yarn is joined anew where the row begins. */
  rejoin?: boolean;
}

/** Where an edge lies on a worked piece. */
export type EdgePlace =
  /** Along the start of the piece: the stitches of its first row, seen from below. */
  | { lies: 'foundation'; part: string }
  /** Stitches of a row that nothing was worked into, from position `from` on. */
  | { lies: 'live'; part: string; n: number; from: number; count: number }
  /** The underside of stitches cast in a row, from position `from` of that row on. */
  | { lies: 'base'; part: string; n: number; from: number; count: number }
  /**
   * Row ends on one side of rows that follow each other along the edge. Stitches left between them (the steps of a neck)
   * belong to the edge only where it is stepped.
   */
  | {
      lies: 'row ends';
      side: 'left' | 'right';
      spans: readonly { part: string; first: number; last: number }[];
      stepped?: boolean;
    };
