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
  sketch: {
    outlines: [
      'M6 20 L28 20 L30 44 L34 20 L54 20 L54 90 L6 90 Z',
      'M66 20 L86 20 L90 44 L92 20 L114 20 L114 90 L66 90 Z',
      'M57 20 L63 20 L63 90 L57 90 Z',
    ],
    inner: ['M30 44 L30 90', 'M90 44 L90 90'],
    needs: 'width and length, armhole depth, about how wide the band at the back is',
    gives: 'no side seams; a band of rows at the centre back, last of all, that sets the final width',
  },
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
