import type { Phrase } from '../text/phrase.js';

/** stop: the garment cannot be made or worn like this; warn: look at it; tip: good to know. */
export type NoteLevel = 'stop' | 'warn' | 'tip';

export interface Note {
  level: NoteLevel;
  /** Stable word for programs. */
  code: string;
  /** The measurement, quantity, join or pin it is about. */
  where: string;
  /** What else it is about, where one sentence is about several. */
  alsoAt?: readonly string[];
  message: Phrase;
  /** What the message sums up, sentence by sentence. */
  details?: readonly Phrase[];
  /** Settings near the ones chosen with which it would be well; each is one choice. */
  fixes?: readonly Fix[];
}

/** A change of the style that a note offers. */
export interface Fix {
  label: Phrase;
  /** Fields of the document; with a size, the field's figure for that size alone. */
  set: readonly { path: string; value: string | number | null; size?: string }[];
}
