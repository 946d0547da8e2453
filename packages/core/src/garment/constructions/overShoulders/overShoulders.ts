import { PANELS_ON_TABLE } from '../../shared/panels/panels.js';
import { construction } from '../../construction.js';
import { perCm } from '../../../fabric/gauge.js';
import type { Relation } from '../../../fit/problem.js';
import { draft as draftPanels } from '../../shared/panels/draft.js';
import { panelStyle } from '../../shared/panels/style.js';
import { given, quantity } from '../../shared/quantity.js';
import { FIELDS, type OverShouldersStyle } from './fields.js';
import { program } from './program.js';

/** The sleeve goes along the rows in the fold as well. */
function withFold(relation: Relation): Relation {
  const armhole = relation.terms.find(({ of }) => of === 'armhole.rows');
  if (!relation.terms.some(({ of }) => of === 'sleeve.top') || !armhole) return relation;
  return { ...relation, terms: [...relation.terms, { of: 'front.longer', times: armhole.times / 2 }] };
}

/** The back worked up and each front on from its shoulder stitches, in one piece without shoulder seams. */
export const overShoulders = construction({
  id: 'over-shoulders',
  label: 'Over the shoulders, in one piece',
  says: 'Worked in one piece: up the back, over the shoulders and down the front',
  needs: 'width and length, armhole depth, how the front opens',
  gives: 'back and fronts in one piece, worked up the back and down the fronts, without shoulder seams',
  table: { ...PANELS_ON_TABLE, root: 'back and front' },
  fields: FIELDS,
  specimens: [
    { name: 'over the shoulders', garment: { ease: 14, neck: { drop: 8, shape: 'round' } } },
    {
      name: 'cardigan over the shoulders, fronts longer',
      garment: {
        ease: 12,
        front: { style: 'gap', width: 3 },
        longerFront: 2,
        neck: { drop: 14, shape: 'V' },
      },
    },
    {
      name: 'wrap over the shoulders, without sleeves',
      garment: {
        ease: 20,
        front: { style: 'gap', width: 8 },
        longerFront: 1,
        neck: { drop: 0 },
        sleeve: null,
      },
    },
  ],
  style: (read): OverShouldersStyle => ({ ...panelStyle(read), longerFront: read.longerFront }),
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
});
