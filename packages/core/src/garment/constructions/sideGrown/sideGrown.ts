import { construction } from '../../construction.js';
import { draft } from './draft.js';
import { FIELDS } from './fields.js';
import { program } from './program.js';

/** A garment in rounds from its band up, whose sides grow out into sleeves; front and back then straight to the shoulders. */
export const sideGrown = construction({
  id: 'side-grown',
  label: 'Side-grown, from the band up',
  says: 'Worked in rounds from the band up, growing at both sides into the sleeves, then front and back flat to the shoulders',
  needs: 'the hip, the length, and where on the arm it is to end',
  gives: 'a body and sleeves in one, without side or armhole seams, loose under the arm',
  table: { root: 'body', facing: { edge: 'lower edge', way: 'down' } },
  grades: ['hem.rows', 'grown.half', 'grown.rounds', 'armhole.rows'],
  fields: FIELDS,
  specimens: [
    { name: 'side-grown top', garment: {} },
    {
      name: 'side-grown to the wrist, with cuffs',
      garment: {
        sleeve: { length: 'full' },
        cuff: { height: 4 },
        rounds: 'turned',
        hem: { worked: 'sideways' },
      },
    },
  ],
  style: (read) => read,
  draft,
  program,
});
