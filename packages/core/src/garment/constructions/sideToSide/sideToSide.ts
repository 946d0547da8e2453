import type { Construction } from '../../construction.js';
import { readPanelStyle } from '../../shared/panels/readStyle.js';
import type { PanelStyle } from '../../shared/panels/style.js';
import { draft } from './draft.js';
import { program } from './program.js';

/** What a vest steps in at each underarm; with sleeves the armhole is a plain drop. */
const NOTCH = { percent: 9 };

/** Panels whose rows run up the body, worked from side to side: their stitches are the length (craft 6.1). */
export const sideToSide: Construction<PanelStyle> = {
  id: 'side-to-side',
  label: 'Side to side, of panels',
  readStyle: (garment, fabricIds, problems) => {
    const sleeved = typeof garment['sleeve'] === 'object' && garment['sleeve'] !== null;
    return readPanelStyle(garment, fabricIds, problems, {
      notch: sleeved ? null : NOTCH,
      sleeved,
      either: true,
    });
  },
  draft,
  program,
};
