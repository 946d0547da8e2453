import type { PieceProgram } from '../garment/construction.js';
import type { Passage } from '../passages/passage.js';
import { resumePassage, runsOf } from '../passages/registry.js';
import type { Row } from '../work/rows.js';
import { rowsOf } from '../work/runs.js';
import { workedHeight, type Begun } from './begun.js';

/**
 * A piece planned anew of which rows are worked: these stay as they are, and what the rest shapes is spread over it.
 *
 * @returns null where the worked rows do not begin the piece
 */
export function resumePiece(
  { program: before, rows, worked }: Begun,
  now: PieceProgram,
): PieceProgram | null {
  const head = rows.slice(0, worked);
  if (beginsWith(now.passages, head)) return now;
  const row = workedHeight(rows, worked);
  const passages: Passage[] = [];
  for (const [i, passage] of now.passages.entries()) {
    const was = before.passages[i];
    // What is not yet reached may be as it will; what is not alike shows in the rows.
    const resumed = was ? resumePassage(was, passage, row) : passage;
    passages.push(resumed ?? passage);
  }
  return beginsWith(passages, head) ? { ...now, passages, resumed: true } : null;
}

/** Whether passages begin with these rows. */
function beginsWith(passages: readonly Passage[], head: readonly Row[]): boolean {
  const rows = rowsOf(runsOf(passages));
  return head.every((row, i) => rows[i] !== undefined && same(row, rows[i]));
}

function same(a: Row, b: Row): boolean {
  return (
    a.n === b.n &&
    a.part === b.part &&
    a.side === b.side &&
    a.count === b.count &&
    JSON.stringify([a.from, a.steps, a.by, a.add]) === JSON.stringify([b.from, b.steps, b.by, b.add])
  );
}
