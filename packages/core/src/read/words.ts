/** Words that sentences of pieces have in common, in US terms. */

import type { RoundWay } from '../work/rows.js';
import type { PieceReader } from './pieceReader.js';

/** A stitch. */
export const STITCH = '(?:sl st|reverse sc|esc|hdc|sc|dc|tr|tss|tks|tps|trs)(?: blo| flo)?';
/** What a row comes to, in stitches, and before that in the unit that makers count the fabric in. */
export const COUNT = String.raw`\((?:\d+ [^,()]+, )?(\d+) sts?\)`;
/** The rows of a sentence, from and to, and how long the piece then is. */
export const ROWS = String.raw`(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?(?:, about ([^:]+?))?`;
/** How a row or round ends, and what that says of the round. */
export const END = '(turn|return|join, turn|join|go on)';
export const WAYS: Record<string, RoundWay> = { join: 'joined', 'join, turn': 'turned', 'go on': 'spiral' };

/** A sentence that pieces are written in, for one size: read by what it says to a maker, and never looked up in the plan. */
export interface Sentence {
  form: RegExp;
  read: (found: RegExpExecArray, reader: PieceReader) => void;
}
