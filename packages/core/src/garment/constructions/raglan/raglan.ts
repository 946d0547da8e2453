import { shapedRowsOf, totalsByRow } from '../../../shaping/lines.js';
import { construction, type Program, type SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { YOKE_ON_TABLE } from '../../shared/yoke/onTable.js';
import { programOf } from '../../shared/yoke/program.js';
import { shortRowsOf } from '../../shared/yoke/shortRows.js';
import { draft } from './draft.js';
import { FIELDS, type RaglanStyle } from './fields.js';
import { yoke } from './yoke.js';

/** Raglan from the neck down: pullover in the round or cardigan worked flat. */
export const raglan = construction({
  id: 'raglan',
  label: 'Raglan from the neck down',
  says: 'Worked from the neck down, increased along four raglan lines',
  needs: 'neck, upper arm, bust and a depth that has rows enough for the increases',
  gives: 'one piece from the neck down, no seams at the shoulder; to be tried on while it grows',
  table: YOKE_ON_TABLE,
  fields: FIELDS,
  specimens: [
    { name: 'raglan', garment: { sleeve: { worked: 'rounds' } } },
    {
      name: 'raglan cardigan with bands',
      garment: { front: { style: 'band', width: 4, fabric: 'rib' }, sleeve: { worked: 'rows' } },
    },
    {
      name: 'raglan with a falling neck, A-line in another fabric',
      garment: {
        neck: { shape: 'round', drop: 6 },
        body: { shape: 'A-line', fabric: 'rib' },
        line: { school: 'corner' },
      },
    },
  ],
  style: (read) => read,
  draft,
  program,
});

function program(input: SizeInput<RaglanStyle>, counts: GarmentCounts): Program {
  const { piece, neckEdges, split, sections } = yoke(input, counts);
  const { many } = shortRowsOf(input.style, counts);
  const rows = [1 + many, ...shapedRowsOf(sections), counts.of('yoke.rows') + many];
  const lines = (sections.length - 1) * input.style.line.stitches;
  const totals = totalsByRow(sections, rows.at(-1)!);
  const widths = rows.map((row) => ({
    row: row - many,
    stitches: totals[row - 1]! + lines,
  }));
  return programOf(input, counts, piece, split, neckEdges, widths);
}
