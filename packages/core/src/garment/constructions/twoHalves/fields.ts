import { fabric, group, length, type StyleOf } from '../../../fields/kinds.js';
import { pickUpFields } from '../../../joins/pickUpFields.js';
import { CUFF, HEM_BELOW, NECK, NECK_EDGE, PANEL_WIDTHS, TIED_FRONT } from '../../shared/panels/fields.js';
import { PICKED_SLEEVE } from '../../shared/panels/sleeveFields.js';
import type { PanelStyle } from '../../shared/panels/style.js';

const CENTRE = group({
  name: 'The band at the centre back',
  label: 'Band at the centre back',
  help: 'Worked last, it makes up what the halves lack of the width.',
  fields: {
    width: length({
      name: 'The width of the band at the back',
      label: 'Band at the back, about',
      help: 'It comes out as what the halves lack of the round wanted.',
      range: [1, 40],
      usual: 4,
    }),
    fabric: fabric({
      name: 'The fabric of the band at the back',
      label: 'Fabric of that band',
      help: 'That of the front bands where nothing else is chosen.',
      usual: { as: 'front.fabric' },
    }),
    ...pickUpFields('the band at the back', 'centre'),
  },
});

/** Two halves of a cardigan with a band of rows between them at the centre back. Lengths in cm. */
export interface TwoHalvesStyle extends PanelStyle {
  centre: StyleOf<typeof CENTRE.fields>;
}

export const FIELDS = {
  ...PANEL_WIDTHS,
  front: TIED_FRONT,
  centre: CENTRE,
  neck: NECK,
  sleeve: PICKED_SLEEVE,
  ...NECK_EDGE,
  hem: HEM_BELOW,
  cuff: CUFF,
};
