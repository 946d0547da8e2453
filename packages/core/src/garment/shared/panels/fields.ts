/** The fields of garments of panels. Usual figures are common practice. */

import {
  choice,
  ease,
  easeOrNone,
  group,
  groupOrNone,
  length,
  lengthOrNone,
  number,
  otherFabric,
  type StyleOf,
} from '../../../fields/kinds.js';
import type { Ease } from '../../../fields/perSize.js';
import { band, cuffBand } from '../bands.js';
import { BODY } from '../body.js';
import { bodyFabric, LENGTH, WIDTH } from '../fields.js';
import { TIED_FRONT } from '../front.js';
import { HOOD } from '../hood.js';

/** Usual drops of the front neck, cm. */
const NECK_DROP = { usual: 7, boat: 2, 'off-shoulder': 0 };

const OFF_SHOULDER = { 'neck.style': ['off-shoulder'] } as const;

const NECK_WIDTH = {
  style: choice({
    name: 'The style of the neck',
    label: 'Style',
    help: 'Usual: about half the cross-back, wide enough for the head; a boat is wide and shallow; off the shoulder goes round the upper arms.',
    options: [
      ['usual', 'usual'],
      ['boat', 'a boat'],
      ['off-shoulder', 'off the shoulder'],
    ],
    usual: 'usual',
    // Each style has its own usual depth, and its width comes from its own measure.
    resets: ['neck.drop', 'neck.width', 'neck.ease'],
  }),
  width: lengthOrNone({
    name: 'The neck width',
    label: 'Width',
    help: 'From one shoulder to the other; a closed neck is at least what the head needs.',
    range: [5, 60],
    optional: { none: 'usual, head passes', own: 'as I say', first: 18 },
  }),
  ease: easeOrNone({
    name: 'The ease at the neck',
    label: 'Led by the neck round',
    labels: [{ when: OFF_SHOULDER, label: 'Round the shoulders' }],
    help: 'Added to the neck round, which then leads the width; off the shoulder to the round there.',
    when: { 'neck.width': [null] },
    range: [-10, 80],
    optional: { none: 'no', own: 'with an ease of its own', first: 12 },
    share: { of: 'the neck round, or the round of the shoulders' },
  }),
};

const NECK_DEPTH = {
  drop: ease({
    grip: 'neck',
    name: 'The front neck drop',
    label: 'Front drop, 0 for a straight gap',
    help: 'How deep the front neck is; of open fronts it may reach below the underarm.',
    when: { 'neck.slant': [null] },
    range: [0, 90],
    usual: ({ style }) => NECK_DROP[style as keyof typeof NECK_DROP],
    share: { of: 'the length from the shoulder' },
  }),
  shape: choice({
    name: 'The line of the front neck',
    label: 'Line of the front',
    help: 'The curve along which stitches are taken off.',
    when: { 'neck.slant': [null] },
    options: [
      ['round', 'round'],
      ['scoop', 'scoop'],
      ['V', 'V'],
      ['square', 'square'],
    ],
    usual: 'round',
  }),
};

const SLANT = groupOrNone({
  name: 'The slant of the front',
  label: 'Slanted by so many off at a time',
  heading: 'Slant of the front neck',
  help: 'So many stitches off on each side until the shoulder is left, which sets the drop.',
  optional: { missing: 'none' },
  fields: {
    stitches: number({
      name: 'The stitches taken off at a time',
      label: 'Stitches off at a time',
      help: 'On each side of the neck.',
      range: [1, 40],
      whole: true,
      unit: 'stitches',
      usual: 1,
    }),
    every: choice({
      name: 'The rows that take off',
      label: 'In',
      help: 'Rows in which stitches are taken off.',
      options: [
        [1, 'every row'],
        [2, 'every 2nd row'],
      ],
      usual: 1,
    }),
  },
});

const neckGroup = {
  name: 'The neck',
  label: 'Neck',
  heading: 'Neck',
  help: 'Width, depth and line of the neck.',
};

/** A neck shaped in the rows of the panels. */
export const NECK = group({ ...neckGroup, fields: { ...NECK_WIDTH, ...NECK_DEPTH, slant: SLANT } });

/** The neck of panels whose rows run up the body: they have no rows along the neck to slant by. */
export const SIDEWAYS_NECK = group({ ...neckGroup, fields: { ...NECK_WIDTH, ...NECK_DEPTH } });

/** Another fabric above the underarm. */
export const UPPER = group({
  name: 'The upper part',
  label: 'From the underarm up',
  help: 'Back and front from the underarm up.',
  fields: {
    fabric: otherFabric({
      name: 'The fabric of the body from the underarm up',
      label: 'From the underarm up',
      help: 'Another fabric of back and front, begun in the row where the armholes begin.',
    }),
  },
});

/** A step at the underarm. */
export const NOTCH = ease({
  name: 'The step at the underarm',
  label: 'Step at the underarm, each',
  help: 'How far the panel steps in on each side.',
  range: [0.5, 20],
  usual: 3,
  share: { of: 'the width of the panel' },
});

/** An armhole that steps in. */
export const stepped = (usual: Ease) =>
  group({
    name: 'The armhole',
    label: 'Armhole',
    help: 'What the panels take off at the underarm.',
    fields: { notch: { ...NOTCH, usual } },
  });

/** An armhole that curves in to the shoulder. */
export const CURVED_ARMHOLE = group({
  name: 'The armhole',
  label: 'Armhole',
  help: 'What the panels take off at the underarm and above it.',
  fields: {
    notch: ease({
      name: 'The base of the armhole',
      label: 'Base of the armhole, each',
      help: 'What is bound off at the underarm.',
      range: [0.5, 20],
      usual: { percent: 45 },
      share: { of: 'all that the armhole goes in' },
    }),
    across: ease({
      name: 'The ease across the shoulders',
      label: 'Ease across the shoulders',
      help: 'Added to the cross-back.',
      range: [-10, 20],
      usual: 1,
      share: { of: 'the cross-back' },
    }),
    depth: ease({
      name: 'The height of the armhole’s curve',
      label: 'Height of the armhole’s curve',
      help: 'Above the base.',
      range: [1, 30],
      usual: { percent: 45 },
      share: { of: 'the armhole’s depth' },
    }),
  },
});

export const ARMHOLE_EASE = ease({
  name: 'The ease of the armhole',
  label: 'Armhole ease',
  help: 'Added to the body’s armhole depth.',
  range: [-5, 20],
  usual: 3,
  share: { of: 'the armhole depth' },
});

/** Where separate panels end below. */
export const LOWER_EDGE = {
  slit: length({
    name: 'The side slit',
    label: 'Side slit, 0 for none',
    help: 'The side seams are left open so far from the lower edge of the front.',
    range: [0, 60],
    usual: 0,
  }),
  longerBack: length({
    name: 'What the back is longer',
    label: 'Back longer by',
    help: 'The back reaches further down than the front.',
    range: [0, 30],
    usual: 0,
  }),
};

/** Measures that lead where nothing else does: back A x B, fronts A / 2 x B, sleeves C x (2 B less what is left open), cm. */
export const MEASURED = group({
  name: 'The measures',
  label: 'Measures',
  help: 'The measures of plain rectangles.',
  fields: {
    across: lengthOrNone({
      name: 'The width of the back',
      label: 'Back across',
      help: 'The width of the back panel.',
      range: [10, 200],
      optional: { none: 'from elbow to elbow', own: 'as I say', first: 75 },
    }),
    open: length({
      name: 'What is left open below the sleeve',
      label: 'Left open below the sleeve, in all',
      help: 'Half of it on the front and half on the back.',
      range: [0, 80],
      usual: 18,
    }),
  },
});

/** Bands and collar of the neck; a hood goes where the neckband would. */
export const NECK_EDGE = {
  hood: HOOD,
  neckband: { ...band('Neckband', 3, 'none', { at: 'neckband' }), when: { hood: [null] } },
  collar: choice({
    name: 'The high collar',
    label: 'Stands',
    help: 'Folded over, the neckband is worked twice as high as it stands.',
    when: { neckband: 'some' },
    options: [
      [false, 'as high as it is'],
      [true, 'folded over, a high collar'],
    ],
    usual: false,
  }),
} as const;

const HELD = { when: { sleeve: 'some' } } as const;
export const CUFF = { ...cuffBand(5), ...HELD };
/** Along row ends, where panels are worked from side to side. */
export const HEM_ALONG_ROWS = band('Hem rib', 5, 'usual', { at: 'hem' });
/** Where panels and sleeves are worked from the lower edge up they may grow from their ribs. */
export const HEM_BELOW = band('Hem rib', 5, 'usual', { first: true });
export const CUFF_BELOW = { ...cuffBand(5, { first: true }), ...HELD };
export const ARMBAND = {
  ...band('Armhole rib', 2.5, 'usual', { at: 'armband' }),
  when: { sleeve: [null] },
} as const;

/** What every garment of panels has, in the order in which people decide it. */
export const PANEL_WIDTHS = { ...WIDTH, ...LENGTH, armholeEase: ARMHOLE_EASE, fabric: bodyFabric() };
export { BODY, TIED_FRONT };

/** What all these may read as. */
export type PanelFields = StyleOf<
  typeof PANEL_WIDTHS &
    typeof LOWER_EDGE &
    typeof NECK_EDGE & {
      front: typeof TIED_FRONT;
      body: typeof BODY;
      neck: typeof NECK;
      hem: typeof HEM_BELOW;
    }
>;
