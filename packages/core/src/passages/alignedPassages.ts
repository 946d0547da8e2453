import { aligned, type Aligned } from '../text/aligned.js';
import type { Passage } from './passage.js';

/** A passage of a piece: the sizes that have it, and its place among the passages of each. */
export type PassageInSizes = Aligned;

/**
 * The passages of a piece, side by side in all its sizes. Where sizes are worked by other passages (a neck that begins below the
 * underarm in some, a part that the yarn is rejoined for in every second one) each of these stands at its place in the order of working,
 * for the sizes that have it.
 *
 * @param all the passages of every size
 */
export function alignedPassages(all: readonly (readonly Passage[])[]): PassageInSizes[] {
  return aligned(all.map((passages) => passages.map(formOf)));
}

/** What passages must have in common to be told in one line. */
function formOf(passage: Passage): string {
  const { kind, part } = passage;
  if (kind === 'shape') {
    const { where, motif } = passage;
    const edge = where.at === 'one edge' ? where.edge : where.at;
    return `shape ${part} at ${edge}${motif ? ' by its motif' : ''}`;
  }
  const anew = kind === 'go on' && passage.rejoin ? ' anew' : '';
  return `${kind} ${part}${anew}`;
}
