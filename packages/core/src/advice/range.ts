import type { DraftQuantity } from '../garment/construction.js';
import type { Counts } from '../fit/problem.js';
import { cm, say, type Phrase } from '../text/phrase.js';
import type { Note } from './note.js';

/** Less of a difference between two sizes is no difference that anyone would look for, cm. */
const WORTH_TELLING = 0.5;

/**
 * Which sizes share a count although their lengths differ: they do so where the difference is less than a repeat. One tip
 * for each count that has a repeat of more than one.
 *
 * @param sizes in the order of the range, with their counts
 */
export function sharedCounts(
  sizes: readonly { quantities: readonly DraftQuantity[]; size: string; counts: Counts | null }[],
): Note[] {
  const notes: Note[] = [];
  for (const { id, label, rule } of sizes[0]?.quantities ?? []) {
    if (rule.multiple < 2) continue;
    const pairs: Phrase[] = [];
    let repeat = 0;
    for (let i = 0; i + 1 < sizes.length; i += 1) {
      const here = sizes[i]!.quantities.find((quantity) => quantity.id === id);
      const next = sizes[i + 1]!.quantities.find((quantity) => quantity.id === id);
      const count = sizes[i]!.counts?.[id];
      if (!here || !next || count === undefined || sizes[i + 1]!.counts?.[id] !== count) continue;
      const apart = next.target - here.target;
      repeat = rule.multiple / next.perCm;
      if (apart >= WORTH_TELLING && apart < repeat)
        pairs.push(say`${sizes[i]!.size} and ${sizes[i + 1]!.size} (${count}, ${cm(apart)} apart)`);
    }
    if (pairs.length === 0) continue;
    const list = pairs.reduce((all, pair) => say`${all}; ${pair}`);
    notes.push({
      level: 'tip',
      code: 'sizes-share',
      where: id,
      message: say`${label}: sizes share a count where they differ by less than a repeat of ${cm(repeat)}: ${list}.`,
    });
  }
  return notes;
}
