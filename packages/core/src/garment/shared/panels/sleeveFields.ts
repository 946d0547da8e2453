/** The fields of sleeves that meet panels. Usual figures are common practice. */

import {
  choice,
  easeOrNone,
  group,
  groupOrNone,
  number,
  otherFabric,
  type ReadSoFar,
  type StyleOf,
} from '../../../fields/kinds.js';
import { pickUpFields } from '../../../joins/pickUpFields.js';
import type { Ease } from '../../../fields/perSize.js';
import { REACH, SHORTER, TAPER, WRIST_EASE } from '../fields.js';

/** What a shape of sleeve asks for where the design says nothing else. */
const WRIST_EASE_OF: Readonly<Record<string, Ease>> = { bell: { percent: 110 } };
const EVEN_AT_CUFF: Readonly<Record<string, Ease>> = { 'above-elbow': { percent: 52 } };
const EVEN_AT_TOP: Readonly<Record<string, Ease>> = { bell: { percent: 50 } };

const IN_ROUNDS = { 'sleeve.worked': ['down'], 'sleeve.rounds': ['joined', 'turned', 'spiral'] } as const;
const BALLOON = { 'sleeve.shape': ['balloon'] } as const;
const CURVED = { 'armhole.across': 'some' } as const;

/** Fields of sleeves that are closed in rounds; along the step of a notched armhole a sleeve must be open. */
const ROUNDS = {
  rounds: choice({
    name: 'How the sleeve is closed',
    label: 'Closed',
    help: 'A sleeve from the armhole down can be worked in rounds, which need no seam.',
    when: { 'sleeve.worked': ['down'] },
    options: [
      ['sewn', 'flat, then sewn'],
      ['joined', 'in joined rounds'],
      ['turned', 'in rounds, turned'],
      ['spiral', 'in a spiral of rounds'],
    ],
    usual: 'sewn',
  }),
  fade: choice({
    name: 'How the fullness ends',
    label: 'Into the cuff',
    help: 'Gathered by the rib, or taken off in every 6th, 5th and 4th stitch of three rounds.',
    when: { ...BALLOON, ...IN_ROUNDS },
    options: [
      [false, 'gathered by the rib'],
      [true, 'faded in three rounds'],
    ],
    usual: false,
  }),
};

const WORKED = {
  worked: choice({
    name: 'How the sleeve is worked',
    label: 'Worked',
    help: 'From the cuff up, or from the armhole down.',
    options: [
      ['up', 'from the cuff up', { when: CURVED, label: 'from the cuff up, cap worked' }],
      ['down', 'from the armhole down', { when: CURVED, label: 'down, cap by short rows' }],
    ],
    usual: 'up',
  }),
};

/** How a sleeve is picked up along the row ends of its armhole. */
const PICKED = pickUpFields('the sleeve', 'sleeve', { 'sleeve.worked': ['down'] });

const sleeveFields = {
  shape: choice({
    name: 'The shape of the sleeve',
    label: 'Shape',
    help: 'How it goes from its end to its top.',
    options: [
      ['tapered', 'tapered'],
      ['straight', 'straight, a rectangle'],
      ['above-elbow', 'widened above the elbow only'],
      ['bell', 'a bell'],
      ['balloon', 'full, gathered at the cuff'],
    ],
    usual: 'tapered',
  }),
  fullness: number({
    name: 'The fullness of the sleeve',
    label: 'Fuller than its cuff by',
    help: 'How much wider the sleeve is than its cuff.',
    when: BALLOON,
    range: [5, 250],
    unit: '% of the cuff',
    usual: 80,
  }),
  fabric: otherFabric({
    name: 'The fabric of the sleeve',
    label: 'Fabric',
    help: 'The body’s where nothing else is chosen.',
  }),
  upperArmEase: easeOrNone({
    name: 'The ease at the upper arm',
    label: 'Upper arm',
    help: 'Added to the upper arm: the armhole is made at least so deep.',
    range: [-10, 60],
    optional: { none: 'led by the armhole', own: 'with an ease of its own', first: 8 },
    share: { of: 'the upper arm' },
  }),
  ...REACH,
  wristEase: {
    ...WRIST_EASE,
    range: [-3, 40] as const,
    usual: ({ shape }: ReadSoFar) => WRIST_EASE_OF[shape as string] ?? 4,
  },
  ...SHORTER,
  ...TAPER,
  evenAtCuff: { ...TAPER.evenAtCuff, usual: ({ shape }: ReadSoFar) => EVEN_AT_CUFF[shape as string] ?? 0 },
  evenAtTop: { ...TAPER.evenAtTop, usual: ({ shape }: ReadSoFar) => EVEN_AT_TOP[shape as string] ?? 0 },
};

const sleeveGroup = {
  name: 'The sleeves',
  label: 'Sleeve',
  heading: 'Sleeve',
  help: 'How the sleeve is worked and shaped.',
};

/** A sleeve to an armhole without a step. */
export const SLEEVE = group({
  ...sleeveGroup,
  fields: { ...WORKED, rounds: ROUNDS.rounds, ...sleeveFields, fade: ROUNDS.fade },
});

/** A sleeve that may be picked up by ratio along the row ends of its armhole. */
export const PICKED_SLEEVE = group({
  ...sleeveGroup,
  fields: { ...WORKED, rounds: ROUNDS.rounds, ...PICKED, ...sleeveFields, fade: ROUNDS.fade },
});

/** A sleeve that is sewn along the step of a notched armhole. */
export const FLAT_SLEEVE = group({ ...sleeveGroup, fields: { ...WORKED, ...PICKED, ...sleeveFields } });

/** A sleeve that the garment may be without. */
export const SLEEVE_OR_NONE = groupOrNone({ ...SLEEVE, optional: { missing: 'none' } });

/** What all these may read as. */
export type SleeveFields = StyleOf<typeof PICKED_SLEEVE.fields>;
