import {
  BODY,
  CUFF_BELOW,
  HEM_BELOW,
  LOWER_EDGE,
  NECK,
  NECK_EDGE,
  PANEL_WIDTHS,
  stepped,
  TIED_FRONT,
} from '../../shared/panels/fields.js';
import { FLAT_SLEEVE } from '../../shared/panels/sleeveFields.js';
import { panels } from '../../shared/panels/panels.js';

/** Panels that step in at the underarm, so that shoulders lie nearer to the body; the sleeve is sewn along the step. */
export const notched = panels({
  id: 'notched',
  label: 'Notched armhole, of panels',
  says: 'Panels worked flat from the lower edge up, with a step at the underarm that the sleeve is set into',
  needs: 'the same, and how far the panels step in at the underarm',
  gives: 'shoulders nearer to the body, less cloth under the arm; sleeves sewn along the step',
  fields: {
    ...PANEL_WIDTHS,
    armhole: stepped({ percent: 8 }),
    body: BODY,
    front: TIED_FRONT,
    ...LOWER_EDGE,
    neck: NECK,
    sleeve: FLAT_SLEEVE,
    ...NECK_EDGE,
    hem: HEM_BELOW,
    cuff: CUFF_BELOW,
  },
  specimens: [
    {
      name: 'notched cardigan with bands, slit',
      garment: {
        ease: 12,
        front: { style: 'band', width: 4, fabric: 'rib' },
        neckband: { fabric: 'rib', height: 3, gather: 0.95 },
        slit: 8,
        longerBack: 4,
        sleeve: { length: 'three-quarter' },
      },
    },
  ],
});
