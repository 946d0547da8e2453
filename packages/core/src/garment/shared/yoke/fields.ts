/** The fields of garments from the neck down. Usual figures are common practice; shares keep children in proportion. */

import { choice, ease, group, number, otherFabric, type StyleOf } from '../../../fields/kinds.js';
import { band, cuffBand } from '../bands.js';
import { BODY } from '../body.js';
import { bodyFabric, LENGTH, REACH, SHORTER, TAPER, WIDTH, WRIST_EASE } from '../fields.js';
import { FRONT } from '../front.js';

const ANY_NECK = {
  ease: ease({
    name: 'The ease at the neck',
    label: 'Ease at the neck',
    help: 'Added to the neck round; a closed neck is at least what the head needs.',
    range: [-20, 80],
    usual: { percent: 20 },
    share: { of: 'the neck round' },
  }),
  shape: choice({
    name: 'The line of the front neck',
    label: 'Front of the neck',
    help: 'How the neck gets lower in front than at the back.',
    options: [
      ['level', 'level all round'],
      ['short rows', 'back raised by short rows'],
      ['round', 'round, lower in front'],
      ['V', 'V'],
    ],
    usual: 'level',
  }),
  drop: ease({
    grip: 'neck',
    name: 'The drop of the front neck',
    label: 'Lower in front by',
    help: 'How much lower the front of the neck lies.',
    when: { 'neck.shape': ['short rows', 'round', 'V'] },
    range: [0, 40],
    usual: 4,
    share: { of: 'the yoke’s depth' },
  }),
};

const neckGroup = {
  name: 'The neck',
  label: 'Neck',
  heading: 'Neck',
  help: 'How wide the neck is and how it lies.',
};

/** Share of the neck that each sleeve has, per cent, where there are no lines to part it by. */
const SLEEVE_SHARE = 16;

export const YOKE_NECK = group({
  ...neckGroup,
  fields: {
    ...ANY_NECK,
    sleeveShare: number({
      name: 'The sleeves’ share of the neck',
      label: 'Each sleeve’s share of the neck',
      help: 'What of the first stitches lies on each arm.',
      range: [2, 30],
      unit: '%',
      usual: SLEEVE_SHARE,
    }),
  },
});

/** What a garment from the neck down has beside the rows of its yoke. */
export const YOKE_FRAME = {
  ...WIDTH,
  ...LENGTH,
  fabric: bodyFabric('The fabric of the yoke'),
  front: FRONT,
};

/** How deep a yoke is and how it is worked, whatever grows in it. */
export const YOKE_DEPTH = {
  depthEase: ease({
    name: 'The ease of the yoke’s depth',
    label: 'Deeper than the armhole by',
    help: 'Added to the body’s armhole depth.',
    heading: 'Yoke',
    range: [-20, 30],
    usual: { percent: 20 },
    share: { of: 'the armhole depth' },
  }),
  underarm: ease({
    name: 'The underarm chain',
    label: 'Underarm chain, each',
    help: 'Chained under each arm where the yoke is split.',
    range: [-20, 40],
    usual: { percent: 6.5 },
    share: { of: 'the garment’s round' },
  }),
  rounds: choice({
    name: 'How rounds close',
    label: 'Rounds',
    help: 'Joined with a slip stitch and gone on, or turned after each join.',
    options: [
      ['joined', 'joined'],
      ['turned', 'joined and turned'],
    ],
    usual: 'joined',
  }),
};

/** What hangs below a yoke. */
export const BELOW_YOKE = {
  body: group({
    name: BODY.name,
    label: BODY.label,
    help: BODY.help,
    heading: 'Body',
    fields: {
      ...BODY.fields,
      fabric: otherFabric({
        name: 'The fabric of the body below the yoke',
        label: 'Fabric of the body',
        help: 'A lace body below a plain yoke: it begins with one plain row that takes as many stitches as it wants.',
      }),
    },
  }),
  sleeve: group({
    name: 'The sleeves',
    label: 'Sleeve',
    heading: 'Sleeve',
    help: 'Worked down from the stitches of the yoke.',
    fields: {
      worked: choice({
        name: 'How the sleeve is worked',
        label: 'Worked',
        help: 'In rounds, or flat with a seam under the arm.',
        options: [
          ['rounds', 'in rounds'],
          ['rows', 'flat, with a seam'],
        ],
        usual: 'rounds',
      }),
      placement: choice({
        name: 'Where the decreases sit',
        label: 'Decreases',
        help: 'At a line under the arm, or spread so that none shows.',
        when: { 'sleeve.worked': ['rounds'] },
        options: [
          ['underarm', 'at the underarm'],
          ['spread', 'spread over the round'],
        ],
        usual: 'underarm',
      }),
      upperArmEase: ease({
        name: 'The ease at the upper arm',
        label: 'Ease at the upper arm',
        help: 'Added to the upper arm.',
        range: [-20, 60],
        usual: { percent: 22 },
        share: { of: 'the upper arm' },
      }),
      ...REACH,
      wristEase: WRIST_EASE,
      ...SHORTER,
      ...TAPER,
    },
  }),
  neckband: band('Neckband', 3, 'usual', { at: 'neckband' }),
  hem: band('Hem rib', 5),
  cuff: cuffBand(5),
};

/** The style of a garment from the neck down, whatever grows in its yoke. Lengths in cm. */
export type YokeStyle = StyleOf<
  typeof YOKE_FRAME & typeof YOKE_DEPTH & typeof BELOW_YOKE & { neck: typeof YOKE_NECK }
>;
