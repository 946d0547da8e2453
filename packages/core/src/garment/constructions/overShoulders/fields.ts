import { groupOrNone, number } from '../../../fields/kinds.js';
import {
  ARMBAND,
  CUFF,
  HEM_BELOW,
  LOWER_EDGE,
  NECK,
  NECK_EDGE,
  PANEL_WIDTHS,
  TIED_FRONT,
} from '../../shared/panels/fields.js';
import { PICKED_SLEEVE } from '../../shared/panels/sleeveFields.js';
import type { PanelStyle } from '../../shared/panels/style.js';

/** Rows that the fronts may be longer than the back, so that their edges meet (common practice). */
const MOST_LONGER = 4;

export const FIELDS = {
  ...PANEL_WIDTHS,
  front: TIED_FRONT,
  ...LOWER_EDGE,
  longerFront: number({
    name: 'What the fronts are longer',
    label: 'Fronts longer by',
    help: 'Rows in the fold at the shoulder, so that the edges meet.',
    range: [0, MOST_LONGER],
    whole: true,
    unit: 'rows',
    usual: 0,
  }),
  neck: NECK,
  sleeve: groupOrNone({ ...PICKED_SLEEVE, optional: { missing: 'usual' } }),
  ...NECK_EDGE,
  hem: HEM_BELOW,
  cuff: CUFF,
  armband: { ...ARMBAND, optional: { missing: 'none' } } as const,
};

/** A body worked over the shoulders. */
export interface OverShouldersStyle extends PanelStyle {
  longerFront: number;
}
