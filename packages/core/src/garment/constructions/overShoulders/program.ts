import type { PieceRole } from '../../../joins/roles.js';
import type { Program, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { program as ofPanels } from '../../shared/panels/program.js';
import { wholeBody } from './piece.js';
import type { OverShouldersStyle } from './fields.js';

const PANELS: readonly PieceRole[] = ['back', 'front', 'open front'];

/** As separate panels, but back and fronts are one piece, and there are no shoulders to sew. */
export function program(input: SizeInput<OverShouldersStyle>, counts: GarmentCounts): Program {
  const separate = ofPanels(input, counts);
  return {
    ...separate,
    pieces: [wholeBody(input, counts), ...separate.pieces.filter(({ role }) => !PANELS.includes(role))],
    joins: separate.joins
      .filter(({ role }) => role !== 'shoulder')
      // The fronts are worked downwards: their first rows lie at the shoulders.
      .map((join) =>
        join.role === 'side' ? { ...join, says: 'row to row from the underarm down to the hem' } : join,
      ),
  };
}
