import { isStitchKind } from './kinds.js';
import type { StitchWords } from './tree.js';

/** A word in the singular: "sts" as "st". */
export const singular = (word: string) =>
  word.length > 2 && /[^s]s$/.test(word) ? word.slice(0, -1) : word === 'stitches' ? 'stitch' : word;
export const asNumber = (word: string | undefined): number | null =>
  word === undefined
    ? null
    : /^\d+$/.test(word)
      ? Number(word)
      : ({ one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 }[word] ?? null);
export const asOrdinal = (word: string | undefined): number | null => {
  const found = /^(\d+)(?:st|nd|rd|th)$/.exec(word ?? '');
  return found ? Number(found[1]) : ({ second: 2, third: 3, fourth: 4, fifth: 5 }[word ?? ''] ?? null);
};
/** Words that hold a stitch: post, kind, together, loop. */
export function stitchWord(word: string): StitchWords | null {
  if (isStitchKind(word)) return { kind: word };
  const found = /^(fp|bp)?([a-z]+?)(?:(\d)tog)?$/.exec(word);
  if (!found) return null;
  const [, post, kind, together] = found;
  if (!isStitchKind(kind!) || (!post && !together)) return null;
  return {
    kind,
    ...(post ? { post: post === 'fp' ? 'front' : 'back' } : {}),
    ...(together ? { together: Number(together) } : {}),
  } as StitchWords;
}
export const GROUPS = new Set([
  'shell',
  'fan',
  'group',
  'v',
  'v-st',
  'v-stitch',
  'cluster',
  'cl',
  'bobble',
  'popcorn',
  'puff st',
  'picot',
]);
