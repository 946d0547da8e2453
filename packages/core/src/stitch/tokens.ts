import { FULL_NAMES } from './kinds.js';
import type { Span } from './tree.js';

/** A word or mark of a row in lower case, names of several words as one. */
export interface Token extends Span {
  text: string;
}

/** Names of several words, and words that makers use for the same thing. */
const PHRASES: readonly (readonly [RegExp, string])[] = [
  ...FULL_NAMES.map(
    ([name, kind]) => [new RegExp(`${name.replaceAll(' ', '\\s+')}(?:s|es)?\\b`, 'iy'), kind] as const,
  ),
  [/(?:turning|beginning|beg|starting|initial)[\s-]+ch(?:ain)?(?:[\s-]*\d+)?(?:\s+sp)?\b|t-?ch\b/iy, 'tch'],
  [/sl\s+sts?\b/iy, 'sl st'],
  [/(?:reverse|rev)\s+sc\b/iy, 'reverse sc'],
  [/loop\s+sts?\b/iy, 'loop st'],
  [/puff\s+st(?:itch(?:es)?|s)?\b|puffs?\b/iy, 'puff st'],
  [/(?:vertical\s+)?bars?\b/iy, 'st'],
  [/yarn\s+over\b/iy, 'yo'],
  [/ea\b\.?/iy, 'each'],
];

const WORD = /\*+|[()[\],;:.]|[–—]|[^\s*()[\],;:.–—]+/y;

/** The words of a row with their places in it. */
export function tokensOf(text: string): Token[] {
  const tokens: Token[] = [];
  for (let at = 0; at < text.length;) {
    if (/\s/.test(text[at]!)) {
      at += 1;
      continue;
    }
    const before = at > 0 ? text[at - 1]! : ' ';
    let found: Token | undefined;
    if (/[\s([*,;]/.test(before))
      for (const [phrase, name] of PHRASES) {
        phrase.lastIndex = at;
        const hit = phrase.exec(text);
        if (hit) {
          found = { text: name, from: at, to: at + hit[0].length };
          break;
        }
      }
    if (!found) {
      WORD.lastIndex = at;
      const word = WORD.exec(text)![0];
      found = { text: word.toLowerCase().replace(/’/g, "'"), from: at, to: at + word.length };
    }
    tokens.push(found);
    at = found.to;
  }
  return tokens;
}
