import type { Phrase } from '../text/phrase.js';

/** stop: the garment cannot be made or worn like this; warn: look at it; tip: good to know. */
export type NoteLevel = 'stop' | 'warn' | 'tip';

export interface Note {
  level: NoteLevel;
  /** Stable word for programs. */
  code: string;
  /** The measurement, quantity, join or pin it is about. */
  where: string;
  message: Phrase;
}
