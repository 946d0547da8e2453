import type { FieldProblem } from '../check/fields.js';
import type { Design } from '../design.js';
import type { Making } from './entries.js';
import { copyName, progressOf, standing, tickedIn } from './log.js';
import { rowKeys, type Replayed } from './standing.js';

/** What is wrong where a making is laid beside a design that it is not of; nothing where it is. */
export function notOf({ name, sizes }: Design, making: Pick<Making, 'design' | 'size'>): FieldProblem | null {
  if (making.design !== name)
    return {
      path: 'design',
      message: `This is a making of “${making.design}”; the design is “${name}”. Choose the design that it was made from.`,
    };
  if (!sizes.some(({ id }) => id === making.size))
    return {
      path: 'size',
      message: `The making is of size “${making.size}”, which “${name}” does not have; its sizes are ${sizes.map(({ id }) => id).join(', ')}.`,
    };
  return null;
}

/** What a log says of pieces, copies and rows that the plan does not have, and which rows were passed over. */
export function doubtsOf(
  { standing: now, failed }: Replayed,
  { entries }: Pick<Making, 'entries'>,
): string[] {
  const ticked = tickedIn(standing(entries));
  const keys = rowKeys(now.plan);
  const said: string[] = [];
  for (const [id, copies] of ticked) {
    const piece = now.plan.pieces.find((one) => one.id === id);
    if (!piece) {
      said.push(`Rows of a piece “${id}” are ticked, which this size does not have; they are left out.`);
      continue;
    }
    const all = keys.get(id)!;
    for (const [copy, own] of copies) {
      const name = copyName(piece, copy);
      if (copy > piece.copies) said.push(`${piece.label} ${copy} is ticked; ${piece.copies} are to be made.`);
      const { gaps, strange } = progressOf(all, own);
      if (gaps.length > 0)
        said.push(
          `${name}: ${rowsInWords(gaps.map((at) => all[at]!))} ${gaps.length === 1 ? 'was' : 'were'} passed over without a tick; ${gaps.length === 1 ? 'it is' : 'they are'} taken as worked.`,
        );
      if (strange.length > 0)
        said.push(
          `${name}: ${rowsInWords(strange)} ${strange.length === 1 ? 'is' : 'are'} ticked, beyond its last row; ${strange.length === 1 ? 'it is' : 'they are'} left out.`,
        );
    }
  }
  if (failed.length > 0)
    said.push(
      `${failed.length === 1 ? 'A change' : `${failed.length} changes`} of the log cannot be made with the rows as they are worked; ${failed.length === 1 ? 'it is' : 'they are'} left out.`,
    );
  return said;
}

const MOST_NAMED = 6;

function rowsInWords(keys: readonly string[]): string {
  const numbers = keys.map((key) => key.split('\u0000')[1]!);
  const shown = numbers.slice(0, MOST_NAMED).join(', ');
  const more = numbers.length - MOST_NAMED;
  return `${numbers.length === 1 ? 'row' : 'rows'} ${shown}${more > 0 ? ` and ${more} more` : ''}`;
}
