import {
  ARMBAND,
  BODY,
  HEM_BELOW,
  LOWER_EDGE,
  NECK,
  NECK_EDGE,
  PANEL_WIDTHS,
  stepped,
  TIED_FRONT,
} from '../../shared/panels/fields.js';
import { panels } from '../../shared/panels/panels.js';

/** Panels without sleeves, their armholes stepped in and edged. */
export const vest = panels({
  id: 'vest',
  label: 'Vest, of panels',
  says: 'Panels worked flat from the lower edge up, with open armholes',
  needs: 'width and length, armhole depth, the step at the underarm',
  gives: 'two panels (or back and fronts) with edged armholes, no sleeves',
  fields: {
    ...PANEL_WIDTHS,
    armhole: stepped({ percent: 10 }),
    body: BODY,
    front: TIED_FRONT,
    ...LOWER_EDGE,
    neck: NECK,
    ...NECK_EDGE,
    hem: HEM_BELOW,
    armband: ARMBAND,
  },
  specimens: [{ name: 'vest', garment: { ease: 6, neck: { shape: 'scoop', drop: 10 } } }],
});
