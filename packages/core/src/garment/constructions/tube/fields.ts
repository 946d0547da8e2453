import { choice, ease, groupOrNone, length, number, type StyleOf } from '../../../fields/kinds.js';
import { band } from '../../shared/bands.js';
import { bodyFabric, LENGTH } from '../../shared/fields.js';

/** The fields of a tube round the bust and two straps; usual figures are common practice. */
export const FIELDS = {
  ease: ease({
    grip: 'side',
    name: 'The ease',
    label: 'Ease, below 0 so that it holds',
    help: 'Added to the bust.',
    range: [-40, 20],
    usual: -8,
    share: { of: 'the bust' },
  }),
  above: length({
    name: 'What goes above the underarm',
    label: 'Above the underarm',
    help: 'How far the upper edge lies above the underarm.',
    range: [0, 20],
    usual: 4,
  }),
  belowWaist: {
    ...LENGTH.belowWaist,
    help: 'Above the waist where it is below 0.',
    range: [-30, 60] as const,
    usual: 0,
  },
  fabric: bodyFabric('The fabric of the tube'),
  rounds: choice({
    name: 'How the tube is closed',
    label: 'Worked',
    help: 'Flat with a seam at the centre back, or in rounds.',
    options: [
      ['sewn', 'flat, seam at the back'],
      ['joined', 'in joined rounds'],
      ['turned', 'in rounds, turned'],
    ],
    usual: 'sewn',
  }),
  straps: groupOrNone({
    name: 'The straps',
    label: 'Straps',
    heading: 'Straps',
    help: 'Worked separately; without them it holds by itself.',
    optional: { missing: 'usual' },
    fields: {
      width: length({
        name: 'The width of the straps',
        label: 'Width',
        help: 'Of each strap.',
        range: [1, 15],
        usual: 3.5,
      }),
      apart: ease({
        name: 'How far apart the straps are',
        label: 'Apart, front and back',
        help: 'Between the places where they are sewn on.',
        range: [4, 40],
        usual: { percent: 55 },
        share: { of: 'the cross-back' },
      }),
      snug: number({
        name: 'The length of the straps',
        label: 'Length, of the way over the shoulder',
        help: 'Straps stretch, so they are shorter than the way.',
        range: [0.6, 1.1],
        unit: 'of the way over the shoulder',
        factor: true,
        usual: 0.92,
      }),
    },
  }),
  cord: choice({
    name: 'The draw cord',
    label: 'Draw cord',
    help: 'A cord of twice the height and 20 cm.',
    options: [
      [false, 'none'],
      [true, 'through the upper edge'],
    ],
    usual: false,
  }),
  hem: band('Hem rib', 4, 'none', { first: true }),
};

/** Lengths in cm. */
export type TubeStyle = StyleOf<typeof FIELDS>;
