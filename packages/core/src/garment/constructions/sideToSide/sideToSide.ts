import { PANELS_ON_TABLE } from '../../shared/panels/panels.js';
import { construction } from '../../construction.js';
import {
  ARMBAND,
  CUFF,
  HEM_ALONG_ROWS,
  NECK_EDGE,
  PANEL_WIDTHS,
  SIDEWAYS_NECK,
  stepped,
  TIED_FRONT,
} from '../../shared/panels/fields.js';
import { SLEEVE_OR_NONE } from '../../shared/panels/sleeveFields.js';
import { panelStyle, type PanelStyle } from '../../shared/panels/style.js';
import { draft } from './draft.js';
import { program } from './program.js';

/** Panels whose rows run up the body, worked from side to side: their stitches are the length. */
export const sideToSide = construction({
  id: 'side-to-side',
  label: 'Side to side, of panels',
  says: 'Panels worked from side to side',
  needs: 'width and length, armhole depth; with sleeves or without',
  gives:
    'panels whose rows run up the body, so that the stitches are the length: upright stripes, a long drape',
  table: PANELS_ON_TABLE,
  fields: {
    ...PANEL_WIDTHS,
    front: TIED_FRONT,
    neck: SIDEWAYS_NECK,
    sleeve: SLEEVE_OR_NONE,
    armhole: { ...stepped({ percent: 9 }), when: { sleeve: [null] } },
    ...NECK_EDGE,
    hem: HEM_ALONG_ROWS,
    cuff: CUFF,
    armband: ARMBAND,
  },
  // Only a vest steps in at the underarm; with sleeves the armhole is a plain drop.
  specimens: [
    { name: 'side to side, sleeved', garment: { ease: 14, sleeve: {} } },
    {
      name: 'side-to-side vest',
      garment: {
        ease: 10,
        sleeve: null,
        front: { style: 'gap', width: 5 },
        neck: { shape: 'V', drop: 15 },
      },
    },
  ],
  style: ({ armhole, ...read }): PanelStyle => panelStyle(read.sleeve ? read : { ...read, armhole }),
  draft,
  program,
});
