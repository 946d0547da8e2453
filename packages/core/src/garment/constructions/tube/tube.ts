import type { Construction } from '../../construction.js';
import { draft } from './draft.js';
import { program } from './program.js';
import { readTube, type TubeStyle } from './style.js';

/** A tube that holds by negative ease, with straps worked separately and a draw cord where it is wanted (craft 6.10). */
export const tube: Construction<TubeStyle> = {
  id: 'tube',
  label: 'Tube and straps',
  readStyle: readTube,
  draft,
  program,
};
