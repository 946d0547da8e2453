import {
  choice,
  ease,
  group,
  groupOrNone,
  length,
  number,
  usually,
  usuallyIn,
  type StyleOf,
} from '../../../fields/kinds.js';
import { band, cuffBand } from '../../shared/bands.js';
import { MOST_GROWTH } from './growth.js';
import { bodyFabric, LENGTH, REACH, SHORTER } from '../../shared/fields.js';

/** The fields of a garment that grows from its band into its sleeves; usual figures are common practice. */
export const FIELDS = {
  widthLedBy: choice({
    name: 'What leads the band',
    label: 'Band led by',
    help: 'The round that the band sits on; the high hip lies halfway between waist and hip.',
    options: [
      ['hip', 'hip'],
      ['high hip', 'high hip'],
      ['waist', 'waist'],
    ],
    usual: 'hip',
  }),
  ease: ease({
    grip: 'side',
    name: 'The ease',
    label: 'Ease of the body',
    help: 'Added to that round, where the body begins above the band.',
    range: [-30, 80],
    usual: 6,
    share: { of: 'the round that leads' },
  }),
  ...LENGTH,
  belowWaist: usually(LENGTH.belowWaist, 22),
  fabric: bodyFabric('The fabric of the body'),
  rounds: choice({
    name: 'How rounds close',
    label: 'Rounds',
    help: 'Front and back are turned in any case once they are apart.',
    options: [
      ['joined', 'joined, not turned'],
      ['turned', 'joined and turned'],
    ],
    usual: 'joined',
  }),
  sleeve: group({
    name: 'The sleeves',
    label: 'Sleeve',
    heading: 'Sleeve',
    help: 'How far the sides grow out, and how deep the arm’s opening is.',
    fields: {
      length: { ...REACH.length, usual: 'elbow' as const },
      ...SHORTER,
      growBy: number({
        name: 'The growth of a round',
        label: 'Grows at each side, in a round, by',
        help: 'Units of the fabric (V’s, spaces, clusters); of plain stitches so many on either side of the marker.',
        range: [1, MOST_GROWTH],
        whole: true,
        unit: 'each side',
        usual: 1,
      }),
      openingEase: length({
        name: 'The ease of the opening',
        label: 'Opening, deeper than the armhole by',
        help: 'Straight rows above the growth, front and back.',
        range: [-8, 30],
        usual: 2,
      }),
    },
  }),
  neck: group({
    name: 'The neck',
    label: 'Neck',
    heading: 'Neck',
    help: 'Straight across in the middle of front and back.',
    fields: {
      width: ease({
        name: 'The width of the neck',
        label: 'Width',
        help: 'About 75 % of the cross-back; from 100 % on it goes off the shoulder.',
        range: [8, 80],
        usual: { percent: 75 },
        share: { of: 'the cross-back' },
      }),
    },
  }),
  hem: usuallyIn(band('Hem rib', 6, 'usual', { first: true }), { worked: 'first' }),
  cuff: groupOrNone({ ...cuffBand(5, { at: 'cuff' }), optional: { missing: 'none' } }),
};

export type SideGrownStyle = StyleOf<typeof FIELDS>;
