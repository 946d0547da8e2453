import {
  choice,
  group,
  groupOrNone,
  length,
  usually,
  usuallyIn,
  type StyleOf,
} from '../../../fields/kinds.js';
import { cuffBand } from '../../shared/bands.js';
import { bodyFabric, LENGTH, REACH, SHORTER, WIDTH, WRIST_EASE } from '../../shared/fields.js';
import { HOOD } from '../../shared/hood.js';

/** The fields of a jacket of two folded hexagons; usual figures are common practice. */
export const FIELDS = {
  ...WIDTH,
  ease: usually(WIDTH.ease, 16),
  ...LENGTH,
  belowWaist: usually(LENGTH.belowWaist, 14),
  fabric: bodyFabric('The fabric of the hexagons'),
  rounds: choice({
    name: 'How rounds close',
    label: 'Rounds',
    help: 'Turned in every round both sides of the fabric look alike, and the halves are the same.',
    options: [
      ['turned', 'joined and turned'],
      ['joined', 'joined, not turned'],
    ],
    usual: 'turned',
  }),
  stop: choice({
    name: 'Where rounds stop',
    label: 'Rounds and rows stop',
    help: 'Under what is wanted: the fabric gives, and bands and edgings are still to come.',
    options: [
      ['under', 'under what is wanted'],
      ['nearest', 'nearest to it'],
    ],
    usual: 'under',
  }),
  opening: length({
    name: 'The ease of the opening',
    label: 'Sleeve opening, wider than the upper arm by',
    help: 'One side of a hexagon is the opening of the sleeve, all round.',
    range: [0, 60],
    usual: 14,
  }),
  top: group({
    name: 'The top of the halves',
    label: 'At the neck',
    heading: 'Neck',
    help: 'Where the shoulder seam comes to the neck.',
    fields: {
      left: choice({
        name: 'The corners at the neck',
        label: 'Corners at the shoulder',
        help: 'Worked as one the rounds go over the shoulder; open they are rows to and fro, and the seam stops short of the neck.',
        options: [
          ['as one', 'worked as one'],
          ['open', 'left open'],
        ],
        usual: 'as one',
        resets: ['hood'],
      }),
      open: length({
        name: 'What is left open at the top',
        label: 'Left open, each half',
        help: 'So much of each shoulder seam: the neck, or where the hood is picked up.',
        when: { 'top.left': ['open'] },
        range: [2, 20],
        usual: 10,
      }),
    },
  }),
  hood: { ...HOOD, when: { 'top.left': ['open'] } },
  back: group({
    name: 'The strip at the centre back',
    label: 'Back',
    heading: 'Back',
    help: 'Rows between the halves, on the back only.',
    fields: {
      strip: length({
        name: 'The strip at the centre back',
        label: 'Strip at the centre back, 0 for none',
        help: 'Rows along the back of one half, joined to the other: the back becomes wider than the fronts.',
        range: [0, 30],
        usual: 0,
      }),
    },
  }),
  sleeve: groupOrNone({
    name: 'The sleeves',
    label: 'Sleeve',
    heading: 'Sleeve',
    help: 'Worked on from the opening in rounds.',
    optional: { missing: 'usual' },
    fields: {
      shape: choice({
        name: 'The shape of the sleeve',
        label: 'Shape',
        help: 'Tapered by one cluster (or stitch) at a time, by turns under and over the arm.',
        options: [
          ['tapered', 'tapered'],
          ['straight', 'straight'],
          ['balloon', 'full width into the cuff'],
          ['bell', 'wider to its end, a bell'],
        ],
        usual: 'tapered',
      }),
      ...REACH,
      wristEase: { ...WRIST_EASE, when: { 'sleeve.shape': ['tapered', 'balloon'] } },
      flare: length({
        name: 'The flare of the sleeve',
        label: 'Wider at its end by',
        help: 'A bell gains clusters (or stitches) as a tapered sleeve loses them.',
        when: { 'sleeve.shape': ['bell'] },
        range: [2, 60],
        usual: 12,
      }),
      ...SHORTER,
    },
  }),
  cuff: {
    ...usuallyIn(cuffBand(5), { gather: 0.8 }),
    when: { 'sleeve.shape': ['tapered', 'straight', 'balloon'] },
  } as const,
};

export type HexagonStyle = StyleOf<typeof FIELDS>;
