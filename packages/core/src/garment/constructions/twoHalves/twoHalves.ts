import { construction } from '../../construction.js';
import { panelStyle } from '../../shared/panels/style.js';
import { draft } from './draft.js';
import { FIELDS, type TwoHalvesStyle } from './fields.js';
import { program } from './program.js';

/** Each half is half a back and a front, worked together to the underarm; bands set the final width. */
export const twoHalves = construction({
  id: 'two-halves',
  label: 'Two halves, joined at the centre back',
  says: 'Two halves, each half of the back with a front, joined at the centre back',
  needs: 'width and length, armhole depth, about how wide the band at the back is',
  gives: 'no side seams; a band of rows at the centre back, last of all, that sets the final width',
  table: {
    // The band at the centre back lies first, the left half at its right.
    root: 'centre band',
    facing: { edge: 'joined', way: 'right' },
    neck: [
      ['neck.half', 'neck, each half'],
      ['neck.drop', 'drop'],
    ],
  },
  fields: FIELDS,
  specimens: [
    {
      name: 'two halves',
      garment: {
        ease: 14,
        neck: { drop: 20, shape: 'V' },
        neckband: { fabric: 'rib', height: 3, gather: 1 },
      },
    },
  ],
  style: (read): TwoHalvesStyle => ({
    ...panelStyle(read),
    // A half has an edge in front.
    front: read.front.style === 'closed' ? { ...read.front, style: 'band' } : read.front,
    centre: read.centre,
  }),
  draft,
  program,
});
