import type { PieceRole } from '../../../joins/roles.js';
import type { Program, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import type { JoinPlan } from '../../../joins/join.js';
import { ribsFirst } from '../../shared/bandPiece.js';
import { rowsPerStitch } from '../../shared/bands.js';
import { program as ofPanels } from '../../shared/panels/program.js';
import { wholeBody } from './piece.js';
import type { OverShouldersStyle } from './fields.js';

const PANELS: readonly PieceRole[] = ['back', 'front', 'open front'];

/** As separate panels, but back and fronts are one piece, and there are no shoulders to sew. */
export function program(input: SizeInput<OverShouldersStyle>, counts: GarmentCounts): Program {
  const separate = ofPanels(input, counts);
  const { hem } = input.style;
  return {
    ...separate,
    pieces: ribsFirst(input.style, [
      wholeBody(input, counts),
      ...separate.pieces.filter(({ role }) => !PANELS.includes(role)),
    ]),
    joins: separate.joins
      .filter(({ role }) => role !== 'shoulder')
      // The fronts are worked downwards: their first rows lie at the shoulders.
      .map((join) =>
        join.role === 'side' ? { ...join, says: 'row to row from the underarm down to the hem' } : join,
      )
      .map((join) =>
        hem && join.role === 'rib first' && join.a.every((edge) => edge.startsWith('front.'))
          ? endedIn(join, rowsPerStitch(hem))
          : join,
      ),
  };
}

/** Only the back grows from its rib: the fronts end in theirs, so many of its rows to each of their stitches. */
function endedIn({ a, b, ...join }: JoinPlan, rows: number): JoinPlan {
  return {
    ...join,
    role: 'hem',
    kind: 'stitch-to-row',
    a: b,
    b: a,
    ratio: { each: rows, plus: 0, hidden: 0, of: 'sc', onStitches: rows },
  };
}
