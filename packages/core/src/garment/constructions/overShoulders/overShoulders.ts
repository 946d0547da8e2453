import type { Construction } from '../../construction.js';
import { FieldReader } from '../../../check/fields.js';
import { withoutFields } from '../../../check/recording.js';
import { perCm } from '../../../fabric/gauge.js';
import type { Relation } from '../../../fit/problem.js';
import { draft as draftPanels } from '../../shared/panels/draft.js';
import { readPanelStyle } from '../../shared/panels/readStyle.js';
import { given, quantity } from '../../shared/quantity.js';
import { program } from './program.js';
import type { OverStyle } from './style.js';

/** Rows that the fronts may be longer than the back, so that their edges meet (common practice). */
const MOST_LONGER = 4;

/** The sleeve goes along the rows in the fold as well. */
function withFold(relation: Relation): Relation {
  const armhole = relation.terms.find(({ of }) => of === 'armhole.rows');
  if (!relation.terms.some(({ of }) => of === 'sleeve.top') || !armhole) return relation;
  return { ...relation, terms: [...relation.terms, { of: 'front.longer', times: armhole.times / 2 }] };
}

/** The back worked up and each front on from its shoulder stitches, in one piece without shoulder seams (craft 6.1). */
export const overShoulders: Construction<OverStyle> = {
  id: 'over-shoulders',
  label: 'Over the shoulders, in one piece',
  readStyle: (garment, fabricIds, problems) => {
    const style = readPanelStyle(garment, fabricIds, problems, { notch: null, sleeved: true });
    // The fronts are the back turned over: one fabric, the sides straight.
    const longerFront = new FieldReader(garment, 'garment', problems).number('longerFront', {
      label: 'What the fronts are longer',
      min: 0,
      max: MOST_LONGER,
      whole: true,
      unit: 'rows',
      otherwise: 0,
    });
    withoutFields(garment, ['upper', 'body']);
    return { ...style, upper: null, body: { ...style.body, shape: 'straight' }, longerFront };
  },
  draft: (input) => {
    const { style, fabrics } = input;
    const drafted = draftPanels(input);
    if (style.longerFront === 0) return drafted;
    const fabric = fabrics.get(style.fabric)!;
    const length = style.longerFront / perCm(fabric.gauge, 'rows');
    const rows = {
      ...quantity({
        id: 'front.longer',
        label: 'Fronts, longer than the back',
        fabric,
        axis: 'rows',
        target: length,
        weight: 1,
        min: style.longerFront,
        because: [given('Longer by', length, { kind: 'style', id: 'garment.longerFront' })],
      }),
      max: style.longerFront,
    };
    return {
      ...drafted,
      quantities: [...drafted.quantities, rows],
      relations: drafted.relations.map(withFold),
    };
  },
  program,
};
