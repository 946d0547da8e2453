import { shapedRowsOf, totalsByRow } from '../../../shaping/lines.js';
import type { Counts } from '../../../fit/problem.js';
import type { Construction, Program, SizeInput } from '../../construction.js';
import { programOf } from '../../shared/yoke/program.js';
import { shortRowsOf } from '../../shared/yoke/shortRows.js';
import { draft } from './draft.js';
import { readStyle, type RaglanStyle } from './style.js';
import { yoke } from './yoke.js';

/** Raglan from the neck down: pullover in the round or cardigan worked flat. */
export const raglan: Construction<RaglanStyle> = {
  id: 'raglan',
  label: 'Raglan from the neck down',
  readStyle,
  draft,
  program,
};

function program(input: SizeInput<RaglanStyle>, counts: Counts): Program {
  const { piece, neckEdges, split, sections } = yoke(input, counts);
  const { many } = shortRowsOf(input.style, counts);
  const rows = [1 + many, ...shapedRowsOf(sections), counts['yoke.rows']! + many];
  const lines = (sections.length - 1) * input.style.line.stitches;
  const totals = totalsByRow(sections, rows.at(-1)!);
  const widths = rows.map((row) => ({
    row: row - many,
    stitches: totals[row - 1]! + lines,
  }));
  return programOf(input, counts, piece, split, neckEdges, widths);
}
