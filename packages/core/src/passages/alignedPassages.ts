import { aligned, type Aligned } from '../text/aligned.js';
import type { Lines } from './lines.js';
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
  // Sizes whose edges turn at other places have other corners.
  if (kind === 'corners') return `corners ${part} ${passage.by.map(Math.sign).join(' ')}`;
  // Of unlike bodies some narrow where others widen.
  if (kind === 'lines') return `lines ${part} ${directionOf(passage)}`;
  if (kind === 'start') return `start ${part} ${passage.along ?? ''}`;
  if (kind === 'slit') return `${kind} ${part} ${passage.label}`;
  if (kind === 'by turns') return `${kind} ${part} ${Math.sign(passage.by)}`;
  if (kind === 'along sides') return `${kind} ${part} ${passage.along}`;
  // What differs in more than figures is told by itself.
  if (kind === 'sheet')
    return `${kind} ${passage.sleeve > 0} ${passage.halves > 0} ${passage.join > 0} ${passage.edges.map((edge) => edge.map(({ label }) => label).join()).join(' ')}`;
  if (kind === 'narrow') return `${kind} ${part} ${passage.every.join(' ')}`;
  if (kind === 'from the centre') return `${kind} ${part} ${passage.to > (passage.circle ?? 0) + 1}`;
  const anew = kind === 'go on' && passage.rejoin ? ' anew' : '';
  return `${kind} ${part}${anew}`;
}

function directionOf({ sections }: Lines): number {
  const shaped = sections
    .flatMap(({ left, right }) => [left, right])
    .find((side) => (side?.events.length ?? 0) > 0);
  return shaped?.direction ?? 0;
}
