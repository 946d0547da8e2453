import { construction } from '../../construction.js';
import { draft } from './draft.js';
import { FIELDS } from './fields.js';
import { program } from './program.js';

/** Two rectangles, the end of each sewn to the side of the other: the points hang in front and behind, the neck is what is left between. */
export const poncho = construction({
  id: 'poncho',
  label: 'Poncho of two rectangles',
  says: 'Two rectangles, worked flat; the end of each is sewn to the side of the other',
  needs: 'how far it hangs from the neck, and how wide the neck is to be',
  gives: 'two plain rectangles and two short seams; it stretches on the bias to whoever wears it',
  table: { root: 'back and front', facing: { edge: 'shoulder', way: 'up' } },
  fields: FIELDS,
  specimens: [{ name: 'poncho', garment: {} }],
  style: (read) => read,
  draft,
  program,
});
