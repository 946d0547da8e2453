import {
  choice,
  group,
  groupOrNone,
  length,
  lengthOrNone,
  number,
  numberOrNone,
  usually,
  usuallyIn,
  type StyleOf,
} from '../../../fields/kinds.js';
import { cuffBand } from '../../shared/bands.js';
import { bodyFabric, LENGTH, REACH, SHORTER, WIDTH, WRIST_EASE } from '../../shared/fields.js';

const BODY_WIDE = { shape: ['body'] } as const;

/** The fields of a garment of squares; usual figures are common practice. */
export const FIELDS = {
  shape: choice({
    name: 'The shape of the sheet',
    label: 'Shape',
    help: 'One width from shoulder to lower edge, as wide as from elbow to elbow, or a body with sleeves of squares beside it.',
    options: [
      ['wide', 'one width, over the arms'],
      ['body', 'a body, sleeves of squares beside it'],
    ],
    usual: 'wide',
  }),
  reach: choice({
    name: 'How far the squares go down the arms',
    label: 'Squares reach to',
    help: 'From the middle of the back over the shoulder; sleeve ends go on from there.',
    options: [
      ['upper arm', 'the upper arm'],
      ['elbow', 'the elbow'],
      ['wrist', 'the wrist'],
    ],
    usual: 'elbow',
  }),
  widthLedBy: { ...WIDTH.widthLedBy, when: BODY_WIDE },
  ease: { ...usually(WIDTH.ease, 16), when: BODY_WIDE },
  hipEase: { ...WIDTH.hipEase, when: BODY_WIDE },
  ...LENGTH,
  belowWaist: usually(LENGTH.belowWaist, 14),
  fabric: bodyFabric('The fabric of the squares'),
  rounds: choice({
    name: 'How rounds close',
    label: 'Rounds of a square',
    help: 'Not turned, all rounds show their right side.',
    options: [
      ['joined', 'joined, not turned'],
      ['turned', 'joined and turned'],
    ],
    usual: 'joined',
  }),
  square: group({
    name: 'The square',
    label: 'Square',
    heading: 'Square',
    help: 'All squares of a size are alike.',
    fields: {
      rounds: numberOrNone({
        name: 'The rounds of a square',
        label: 'Rounds, its border included',
        help: 'As suits: the squares of each size come out nearest to width, length and opening.',
        range: [2, 30],
        whole: true,
        unit: 'rounds',
        optional: { none: 'as suits each size', own: 'the same in all sizes', first: 4 },
      }),
      centre: choice({
        name: 'The centre of a square',
        label: 'Centre',
        help: 'Corners from the first round on, or a circle that a round with corners makes square.',
        options: [
          ['square', 'square from the ring'],
          ['circle', 'a circle in a square'],
        ],
        usual: 'square',
      }),
      measured: lengthOrNone({
        name: 'The side of a measured square',
        label: 'Side of a square, measured',
        help: 'Blocked, from edge to edge: surer than the gauge, as a square is drawn in by its corners.',
        range: [2, 60],
        optional: { none: 'by the gauge', own: 'as measured', first: 12 },
      }),
      of: number({
        name: 'The rounds of the measured square',
        label: 'Rounds of that square',
        help: 'A square of other rounds is wider or narrower by the same for each round.',
        when: { 'square.measured': 'some' },
        range: [2, 30],
        whole: true,
        unit: 'rounds',
        usual: 4,
      }),
    },
  }),
  joinWidth: lengthOrNone({
    name: 'The width of a join',
    label: 'Width that a join adds',
    help: 'None where squares are sewn or slip-stitched edge to edge or joined in their last round; about half a row where a row of sc lies flat between them.',
    range: [0, 4],
    optional: { none: 'none, or a row of sc as suits each size', own: 'as I say', first: 0 },
  }),
  sideRows: number({
    name: 'The rows at the sides',
    label: 'Plain rows at each side, at most',
    help: 'They make up what whole squares leave; 0 for none.',
    when: { shape: ['wide'] },
    range: [0, 12],
    whole: true,
    unit: 'rows',
    usual: 3,
  }),
  openingEase: length({
    name: 'The ease of the opening',
    label: 'Sleeve opening, wider than the upper arm by',
    help: 'All round; it comes to the nearest whole squares.',
    range: [0, 80],
    usual: 16,
  }),
  middle: choice({
    name: 'The front',
    label: 'Front',
    heading: 'Front',
    help: 'Open along the middle an odd number of squares has its middle column left out; an even one is not joined there.',
    options: [
      ['open', 'open'],
      ['closed', 'closed'],
    ],
    usual: 'open',
  }),
  neck: group({
    name: 'The neck',
    label: 'Neck',
    heading: 'Neck',
    help: 'Squares left out of the front, beside its middle.',
    fields: {
      style: choice({
        name: 'The shape of the neck',
        label: 'Shape',
        help: 'Straight down along whole squares, or a V of half squares.',
        options: [
          ['left out', 'squares left out'],
          ['half squares', 'half squares, a V'],
        ],
        usual: 'left out',
      }),
      width: length({
        name: 'The width of the neck',
        label: 'Width',
        help: 'It comes to the nearest number of squares that leaves both sides alike.',
        range: [4, 60],
        usual: 20,
      }),
      drop: length({
        grip: 'neck',
        name: 'The drop of the neck',
        label: 'Drop in front',
        help: 'In whole squares, one at least where any are left out.',
        when: { 'neck.style': ['left out'] },
        range: [0, 40],
        usual: 8,
      }),
    },
  }),
  sleeve: groupOrNone({
    name: 'The sleeve ends',
    label: 'Sleeve ends',
    heading: 'Sleeve ends',
    help: 'Worked on from the squares in plain rounds.',
    optional: { missing: 'usual' },
    fields: {
      shape: choice({
        name: 'The shape of the sleeve ends',
        label: 'Shape',
        help: 'Narrowed in rounds that take every 5th stitch together with the next, then every 4th, then every 3rd, with even rounds between.',
        options: [
          ['narrowed', 'narrowed round by round'],
          ['straight', 'straight'],
        ],
        usual: 'narrowed',
      }),
      ...REACH,
      wristEase: { ...WRIST_EASE, when: { 'sleeve.shape': ['narrowed'] } },
      ...SHORTER,
    },
  }),
  cuff: usuallyIn(cuffBand(5), { gather: 0.9 }),
};

export type SquaresStyle = StyleOf<typeof FIELDS>;
