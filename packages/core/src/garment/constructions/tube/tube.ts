import { construction } from '../../construction.js';
import { draft } from './draft.js';
import { FIELDS } from './fields.js';
import { program } from './program.js';

/** A tube that holds by negative ease, with straps worked separately and a draw cord where it is wanted. */
export const tube = construction({
  id: 'tube',
  label: 'Tube and straps',
  says: 'A tube',
  needs: 'the bust and an ease below 0, how high and how low it goes',
  gives: 'a band that holds by itself, two snug straps, a draw cord where it is wanted',
  table: { root: 'tube', facing: { edge: 'lower edge', way: 'down' } },
  fields: FIELDS,
  specimens: [{ name: 'tube', garment: { ease: -7, cord: true } }],
  style: (read) => read,
  draft,
  program,
});
