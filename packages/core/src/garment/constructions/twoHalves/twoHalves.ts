import { FieldReader } from '../../../check/fields.js';
import { withoutFields } from '../../../check/recording.js';
import type { Construction } from '../../construction.js';
import { readPanelStyle } from '../../shared/panels/readStyle.js';
import { readPerSize } from '../../shared/perSize.js';
import { lengthWish } from '../../shared/style.js';
import { draft } from './draft.js';
import { program } from './program.js';
import type { HalvesStyle } from './style.js';

/** Usual width of the band, cm (common practice). */
const USUAL_WIDTH = 4;

/** Each half is half a back and a front, worked together to the underarm; bands set the final width (craft 6.11). */
export const twoHalves: Construction<HalvesStyle> = {
  id: 'two-halves',
  label: 'Two halves, joined at the centre back',
  readStyle: (garment, fabricIds, problems) => {
    const style = readPanelStyle(garment, fabricIds, problems, { notch: null, sleeved: true });
    const reader =
      new FieldReader(garment, 'garment', problems).inside('centre', 'The band at the centre back', false) ??
      new FieldReader({}, 'garment.centre', problems);
    withoutFields(garment, ['upper', 'slit', 'longerBack', 'body']);
    return {
      ...style,
      // A half has an edge in front; sides that are no seams are neither slit nor shaped.
      front: style.front.style === 'closed' ? { ...style.front, style: 'band' } : style.front,
      upper: null,
      slit: 0,
      longerBack: 0,
      body: { ...style.body, shape: 'straight' },
      centre: {
        width: readPerSize(
          reader,
          'width',
          lengthWish('The width of the band at the back', 1, 40, USUAL_WIDTH),
        ),
        fabric: reader.choice('fabric', 'The fabric of the band at the back', fabricIds, style.front.fabric),
      },
    };
  },
  draft,
  program,
};
