/** What is made of the rows of a text when all of them are read: their turning chains, which of them repeat, and in which terms they are. */

import type { Terms } from '../write/terms.js';
import { heightOf } from './kinds.js';
import type { Node, PatternRow, Span, StitchFault } from './tree.js';

/** Where words of a row stand in the whole text: rows may run over several lines. */
export function faultAt(
  row: Pick<PatternRow, 'line' | 'offset' | 'text'>,
  span: Span,
  message: string,
): StitchFault {
  const before = row.text.slice(0, span.from);
  const lines = before.split('\n');
  const line = row.line + lines.length - 1;
  const start = (lines.length === 1 ? row.offset : 0) + lines.at(-1)!.length;
  const words = row.text.slice(span.from, span.to).replace(/\s+/g, ' ').trim();
  return { line, words, message, span: { from: start, to: start + (span.to - span.from) } };
}

/** A chain before "turn" is the turning chain of the row after it. */
export function chainsBeforeTurning(rows: readonly PatternRow[]): PatternRow[] {
  const moved: Node[][] = rows.map(({ nodes }) => [...nodes]);
  rows.forEach(({ nodes }, i) => {
    const turn = nodes.findIndex(({ op }) => op === 'turn');
    const chain = nodes[turn - 1];
    if (turn < 1 || chain?.op !== 'chain' || nodes.length === turn) return;
    moved[i] = moved[i]!.filter((node) => node !== chain);
    // The last row's chain stands before the row that is repeated next; that one has its own where it begins with a chain.
    if (i + 1 < rows.length && rows[i + 1]!.nodes[0]?.op !== 'chain') moved[i + 1]!.unshift(chain);
  });
  return rows.map((row, i) => ({ ...row, nodes: moved[i]! }));
}

/** Rows that repeat: as said, or all that are not worked into the foundation chain. */
export function repeatOf(
  rows: readonly PatternRow[],
  said: readonly { line: number; words: string; numbers: number[] }[],
  faults: StitchFault[],
): { first: number; last: number } {
  const last = rows.length - 1;
  const fallback = { first: rows.length > 1 && fromChain(rows[0]!) ? 1 : 0, last };
  const one = said[0];
  if (!one) return fallback;
  for (const more of said.slice(1))
    faults.push({ line: more.line, words: more.words, message: 'Which rows repeat is said twice.' });
  const first = rows.findIndex(({ n }) => n === one.numbers[0]);
  const end = rows.findIndex(({ n }) => n === one.numbers.at(-1));
  const missing = one.numbers.find((n) => !rows.some((row) => row.n === n));
  if (missing !== undefined) {
    faults.push({ line: one.line, words: one.words, message: `There is no row ${missing} to repeat.` });
    return fallback;
  }
  if (end !== last) {
    faults.push({
      line: one.line,
      words: one.words,
      message: `The rows that repeat must end with the last one written, row ${rows[last]!.n ?? last + 1}.`,
    });
    return fallback;
  }
  return { first, last };
}

function fromChain({ nodes }: PatternRow): boolean {
  return nodes.some(
    (node) =>
      ('place' in node && node.place.at === 'from hook') ||
      (node.op === 'skip' &&
        node.place.at !== 'turning' &&
        'noun' in node.place &&
        node.place.noun.what === 'ch') ||
      (node.op === 'work' && 'noun' in node.place && node.place.noun.what === 'ch'),
  );
}

/**
 * UK terms marked US: every stitch stands one name higher than its turning chain says (a "tr" turned with 3 chains, a "dc" with 1).
 */
export function wrongTerms(rows: readonly PatternRow[], terms: Terms): StitchFault[] {
  if (terms === 'uk') return [];
  const tallChains = rows.some(({ nodes: [chain] }) => chain?.op === 'chain' && chain.many > 1);
  for (const row of rows) {
    const [chain, next] = row.nodes;
    if (chain?.op !== 'chain' || next?.op !== 'work') continue;
    const { kind } = next.stitch;
    // Some makers turn with one chain that counts as nothing before any stitch: they say so.
    const low =
      (kind === 'tr' && chain.many === 3) ||
      (kind === 'dc' && chain.many === 1 && !tallChains && !chain.counts);
    const named = chain.counts && chain.counts.as !== 'nothing' ? heightOf(chain.counts.as) : null;
    if (!low || (named !== null && named < heightOf(kind))) continue;
    const us = kind === 'tr' ? 'dc' : 'sc';
    return [
      faultAt(
        row,
        next.span,
        `After ${chain.many === 1 ? '1 chain' : `${chain.many} chains`} a ${kind} does not fit: ${kind} here is probably the UK ${kind} (US ${us}). Write “terms: uk”, or turn with ${heightOf(kind)} chains.`,
      ),
    ];
  }
  return [];
}
