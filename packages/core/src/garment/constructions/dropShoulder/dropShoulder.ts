import {
  BODY,
  CUFF_BELOW,
  HEM_BELOW,
  LOWER_EDGE,
  NECK,
  NECK_EDGE,
  PANEL_WIDTHS,
  TIED_FRONT,
  UPPER,
} from '../../shared/panels/fields.js';
import { PICKED_SLEEVE } from '../../shared/panels/sleeveFields.js';
import { panels } from '../../shared/panels/panels.js';

/** Rectangles joined at shoulders and sides, closed or open in front, with tapered sleeves. */
export const dropShoulder = panels({
  id: 'drop-shoulder',
  label: 'Drop shoulder, of panels',
  says: 'Straight panels, worked flat from the lower edge up, with dropped shoulders',
  needs: 'width and length, armhole depth, arm length',
  gives:
    'two panels (or back and fronts) and two sleeves, all rectangles or nearly; wide shoulders that cover the arm',
  fields: {
    ...PANEL_WIDTHS,
    upper: UPPER,
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
    { name: 'drop shoulder', garment: { ease: 14 } },
    {
      name: 'overlapped V cardigan',
      garment: {
        ease: 12,
        front: { style: 'overlap', width: 10 },
        neck: { shape: 'V', drop: 24 },
        neckband: { fabric: 'rib', height: 3, gather: 1 },
        sleeve: { worked: 'down', pickUp: 'ratio' },
      },
    },
    {
      name: 'A-line with a hood and balloon sleeves',
      garment: {
        ease: 14,
        body: { shape: 'A-line', hemEase: 26 },
        hood: { shape: 'shaped' },
        front: { style: 'band', width: 4, fabric: 'rib' },
        sleeve: { worked: 'down', rounds: 'joined', shape: 'balloon', fade: true },
      },
    },
  ],
});
