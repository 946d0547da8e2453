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

/** A part of a reason as text: lengths exact enough for the chain to be worked again by hand. */
export function reasonPart(phrase: Phrase, units: Units): string {
  return inWords(phrase, units, { precise: true });
}

/** A reason as one sentence. */
export function reasonInWords({ label, figure, note }: Reason, units: Units): string {
  const said = reasonPart(label, units);
  const head = figure.length > 0 ? `${said}: ${reasonPart(figure, units)}` : said;
  return note ? `${head} (${reasonPart(note, units)})` : head;
}
