/** What advice needs to know of the sleeve of a garment of panels. */

import type { GarmentFacts } from '../../../advice/facts.js';
import { perCm } from '../../../fabric/gauge.js';
import type { SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { downTo } from '../arm.js';
import { bandHeight } from './finished.js';
import type { PanelStyle } from './style.js';
import { sleeveRows } from './sums.js';

/**
 * How wide the sleeve is at its top and how far it reaches.
 *
 * @param overhang how far the body covers the arm, cm
 */
export function sleeveFacts(
  input: SizeInput<PanelStyle>,
  counts: GarmentCounts,
  overhang: number,
): Pick<GarmentFacts, 'sleeveTop' | 'reach'> {
  const { style, fabrics, body } = input;
  if (!style.sleeve) return { sleeveTop: null, reach: null };
  const { gauge } = fabrics.get(style.sleeve.fabric ?? style.fabric)!;
  return {
    sleeveTop: { round: counts.of('sleeve.top') / perCm(gauge, 'stitches'), quantity: 'sleeve.top' },
    reach: {
      overhang,
      sleeve: sleeveRows(counts) / perCm(gauge, 'rows'),
      cuff: bandHeight('cuff', counts, input),
      wanted: downTo(input, style.sleeve, body.body.shoulderToWrist).length,
    },
  };
}
