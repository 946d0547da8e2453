import type { Construction } from '../construction.js';
import { draft } from './draft.js';
import { program } from './program.js';
import { readStyle, type DropShoulderStyle } from './style.js';

/** Closed pullover of rectangles with tapered sleeves. */
export const dropShoulder: Construction<DropShoulderStyle> = {
  id: 'drop-shoulder',
  label: 'Drop-shoulder pullover',
  readStyle,
  draft,
  program,
};
