/** Fields that constructions of different kinds have in common. */

import { choice, ease, easeOrNone, fabric, length } from '../../fields/kinds.js';

/** What leads width and length, and their eases; usual figures are common practice. */
export const WIDTH = {
  widthLedBy: choice({
    name: 'What leads the width',
    label: 'Width led by',
    help: 'The round that the garment must go over; the widest is taken of shoulders, bust, waist and hip, each with its ease.',
    options: [
      ['bust', 'bust'],
      ['hip', 'hip'],
      ['widest', 'the widest'],
    ],
    usual: 'bust',
  }),
  ease: ease({
    grip: 'side',
    name: 'The ease',
    label: 'Ease, all round',
    labels: [{ when: { hipEase: 'some' }, label: 'Ease at the bust' }],
    help: 'Added to the round that leads; below 0 the fabric stretches.',
    range: [-40, 80],
    usual: 10,
    share: { of: 'the round that leads' },
    onScale: true,
  }),
  hipEase: easeOrNone({
    name: 'The ease at the hip',
    label: 'At the hip',
    help: 'Added to the hip where that leads.',
    range: [-40, 80],
    optional: { none: 'the same ease', own: 'another ease', first: 10 },
    share: { of: 'the hip' },
  }),
};

export const LENGTH = {
  lengthLedBy: choice({
    name: 'What leads the length',
    label: 'Length led by',
    help: 'The back from the nape, the front over the bust, or the longer of them.',
    options: [
      ['back', 'the back'],
      ['front', 'the front'],
      ['longer', 'the longer'],
    ],
    usual: 'back',
  }),
  belowWaist: ease({
    grip: 'hem',
    name: 'The length below the waist',
    label: 'Length below the waist',
    help: 'The body is as long as from nape to waist and this.',
    range: [-30, 120],
    usual: 18,
    share: { of: 'the length from nape to waist' },
  }),
};

/** The fabric that a garment is of. */
export const bodyFabric = (name = 'The fabric of the body') =>
  fabric({ name, label: 'Fabric', help: 'Usually the first fabric of the design.', usual: 'body' });

/** How far a sleeve goes down the arm. */
export const REACH = {
  length: choice({
    name: 'The sleeve’s length',
    label: 'Length',
    help: 'How much of the arm it covers.',
    options: [
      ['full', 'to the wrist'],
      ['three-quarter', 'three-quarter'],
      ['elbow', 'to the elbow'],
      ['short', 'short'],
    ],
    usual: 'full',
  }),
};

/** How wide a sleeve ends, and how it tapers, whichever way it is worked. */
export const SHORTER = {
  shorter: length({
    grip: 'sleeve',
    name: 'The shortening of the sleeve',
    label: 'Shorter than that by',
    labels: [{ when: { 'sleeve.length': ['full'] }, label: 'Shorter than the arm by' }],
    help: 'Taken off the sleeve’s length.',
    range: [0, 60],
    usual: 0,
  }),
};

/** Ease where a sleeve ends. */
export const WRIST_EASE = ease({
  name: 'The wrist ease',
  label: 'Ease at its end',
  labels: [{ when: { 'sleeve.length': ['full'] }, label: 'Wrist ease' }],
  help: 'Added to the arm where the sleeve ends.',
  range: [-20, 40],
  usual: { percent: 25 },
  share: { of: 'the arm’s round there' },
});

/** Rows at an end of a sleeve that do not shape. */
const EVEN_ROWS = {
  help: 'Worked without shaping.',
  range: [0, 60],
  usual: 0,
  share: { of: 'the sleeve’s own rows', count: 'sleeve.rows' },
} as const;

export const TAPER = {
  order: choice({
    name: 'The order of the shaping',
    label: 'Shaping',
    help: 'Where the two rates of shaping lie, seen from the cuff.',
    options: [
      ['slow first', 'slower at the cuff'],
      ['fast first', 'faster at the cuff'],
      ['mixed', 'mixed evenly'],
    ],
    usual: 'slow first',
  }),
  everyRow: choice({
    name: 'The rows with shaping',
    label: 'Shaping rows',
    help: 'Rows that may shape.',
    options: [
      [1, 'any row'],
      [2, 'right-side rows only'],
    ],
    usual: 1,
  }),
  evenAtCuff: ease({ name: 'The even part above the cuff', label: 'Even above the cuff', ...EVEN_ROWS }),
  evenAtTop: ease({ name: 'The even part below the top', label: 'Even below the top', ...EVEN_ROWS }),
};
