import { usually } from '../../../fields/kinds.js';
import {
  BODY,
  CUFF_BELOW,
  CURVED_ARMHOLE,
  HEM_BELOW,
  LOWER_EDGE,
  NECK,
  NECK_EDGE,
  PANEL_WIDTHS,
  TIED_FRONT,
} from '../../shared/panels/fields.js';
import { PICKED_SLEEVE } from '../../shared/panels/sleeveFields.js';
import { panels } from '../../shared/panels/panels.js';

/** Panels whose armholes curve in to the shoulders, with sleeves whose caps are solved to fit them. */
export const setIn = panels({
  id: 'set-in',
  label: 'Set-in sleeve, of panels',
  says: 'Panels worked flat from the lower edge up, with shaped armholes for set-in sleeves',
  needs: 'the same, the cross-back, and the upper arm with its ease',
  gives: 'shoulders that end where the body’s do; a cap, worked or by short rows, as long as its armhole',
  fields: {
    ...PANEL_WIDTHS,
    armholeEase: usually(PANEL_WIDTHS.armholeEase, 2),
    armhole: CURVED_ARMHOLE,
    body: BODY,
    front: TIED_FRONT,
    ...LOWER_EDGE,
    neck: NECK,
    sleeve: PICKED_SLEEVE,
    ...NECK_EDGE,
    hem: HEM_BELOW,
    cuff: CUFF_BELOW,
  },
  specimens: [
    { name: 'set-in pullover, caps worked', garment: { ease: 9, sleeve: { worked: 'up' } } },
    {
      name: 'set-in cardigan, caps by short rows, waisted',
      garment: {
        ease: 10,
        front: { style: 'gap', width: 3 },
        neck: { shape: 'V', drop: 16 },
        body: { shape: 'waist', waistEase: 12 },
        sleeve: { worked: 'down', rounds: 'turned' },
      },
    },
  ],
});
