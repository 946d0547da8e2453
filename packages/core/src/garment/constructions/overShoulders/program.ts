import type { Counts } from '../../../fit/problem.js';
import type { Program, SizeInput } from '../../construction.js';
import { program as ofPanels } from '../../shared/panels/program.js';
import { wholeBody } from './piece.js';
import type { OverShouldersStyle } from './fields.js';

/** As separate panels, but back and fronts are one piece, and there are no shoulders to sew. */
export function program(input: SizeInput<OverShouldersStyle>, counts: Counts): Program {
  const separate = ofPanels(input, counts);
  const panels = ['back', 'front', 'front-left', 'front-right'];
  return {
    ...separate,
    pieces: [wholeBody(input, counts), ...separate.pieces.filter(({ id }) => !panels.includes(id))],
    joins: separate.joins
      .filter(({ id }) => !id.startsWith('shoulder'))
      // The fronts are worked downwards: their first rows lie at the shoulders.
      .map((join) =>
        join.id.startsWith('side-')
          ? { ...join, says: 'row to row from the underarm down to the hem' }
          : join,
      ),
  };
}
