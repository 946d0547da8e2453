import type { Reason } from '../because/reason.js';
import type { CountingUnit } from '../fabric/fabric.js';
import type { Sentence } from '../read/words.js';
import type { Line } from '../write/line.js';
import type { PieceSoFar } from './pieceSoFar.js';
import type { RowMaker } from './rowMaker.js';

/** What a quantity is called. */
export type Labels = (quantity: string) => string;

/**
 * A kind of passage: how it becomes rows, how it is written, and how its sentences are read back. What reads them uses nothing of what
 * wrote them, so that a fault of either is found by the other.
 */
export interface PassageKind<P> {
  /** Adds its rows. */
  rows: (passage: P, maker: RowMaker) => void;
  /** Its lines in the pattern, for sizes whose passages have the same form, in US terms. */
  words: (all: readonly P[], soFar: PieceSoFar) => Line[];
  /** The sentences that it is written in. */
  sentences: readonly Sentence[];
  /** The passage in one line, for one size; `unit` is what its fabric is counted in. */
  inShort: (passage: P, fabricName: (id: string) => string, unit?: CountingUnit) => string;
  /**
   * The passage with its first rows as another of its kind had them when they were worked, and the rest of what it changes in the rows that
   * are left; null where these do not lead to its end. Kinds without it are worked as they are or not at all.
   *
   * @param row the last row of the piece that has been worked
   */
  resume?: (before: P, now: P, row: number) => P | null;
  /** Why its rows are as they are; nothing where that is said by its counts. */
  reasons?: (passage: P, label: Labels) => Reason[];
}
