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
  sketch: {
    outlines: ['M40 12 L50 12 Q60 30 70 12 L80 12 L80 40 L88 40 L88 92 L32 92 L32 40 L40 40 Z'],
    inner: ['M37 12 L37 37 L32 37', 'M83 12 L83 37 L88 37'],
    needs: 'width and length, armhole depth, the step at the underarm',
    gives: 'two panels (or back and fronts) with edged armholes, no sleeves',
  },
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
