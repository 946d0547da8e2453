import type { Construction } from '../construction.js';
import { draft } from '../panels/draft.js';
import { readPanelStyle, type PanelStyle } from '../panels/style.js';
import { program } from './program.js';

/** The back worked up and each front on from its shoulder stitches, in one piece without shoulder seams (craft 6.1). */
export const overShoulders: Construction<PanelStyle> = {
  id: 'over-shoulders',
  label: 'Over the shoulders, in one piece',
  readStyle: (garment, fabricIds, problems) => {
    const style = readPanelStyle(garment, fabricIds, problems, { notch: null, sleeved: true });
    // The fronts are the back turned over: one fabric, the sides straight.
    return { ...style, upper: null, body: { ...style.body, shape: 'straight' } };
  },
  draft,
  program,
};
