import { inWords, type Phrase } from '../text/phrase.js';
import type { Units } from '../units/length.js';

/** One step in the derivation of a number: what came in, the figure at that point, and a remark. */
export interface Reason {
  label: Phrase;
  figure: Phrase;
  note?: Phrase;
  /** The measurement or quantity that the step comes from, to follow the chain. */
  from?: { kind: 'measurement' | 'quantity' | 'style' | 'fabric'; id: string };
}

/** A reason as one sentence. */
export function reasonInWords({ label, figure, note }: Reason, units: Units): string {
  const head =
    figure.length > 0 ? `${inWords(label, units)}: ${inWords(figure, units)}` : inWords(label, units);
  return note ? `${head} (${inWords(note, units)})` : head;
}
