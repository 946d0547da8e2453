import {
  choice,
  ease,
  group,
  groupOrNone,
  length,
  lengthOrNone,
  number,
  type StyleOf,
} from '../../../fields/kinds.js';
import { cuffBand } from '../../shared/bands.js';
import { bodyFabric, REACH, SHORTER } from '../../shared/fields.js';

/** The fields of a wrap: a rectangle worked sideways, its armholes slits; usual figures are common practice. */
export const FIELDS = {
  across: ease({
    name: 'The ease of the back',
    label: 'Between the armholes, wider than the back by',
    help: 'The back of the rectangle, from one armhole to the other.',
    range: [-10, 60],
    usual: 4,
    share: { of: 'the cross-back' },
  }),
  fronts: ease({
    name: 'The width of each front',
    label: 'Each front, from armhole to edge',
    help: 'What hangs or is wrapped in front.',
    range: [10, 120],
    usual: { percent: 45 },
    share: { of: 'the bust' },
  }),
  above: length({
    name: 'What lies above the armholes',
    label: 'Above the armholes',
    help: 'Folded back it is the collar.',
    range: [4, 50],
    usual: 14,
  }),
  armholeEase: ease({
    name: 'The ease of the armhole',
    label: 'Armhole, wider than the upper arm by',
    help: 'All round: twice the slit.',
    range: [0, 40],
    usual: 10,
    share: { of: 'the upper arm' },
  }),
  below: length({
    grip: 'hem',
    name: 'What lies below the armholes',
    label: 'Below the armholes',
    help: 'Down to the lower edge.',
    range: [4, 120],
    usual: 32,
  }),
  fabric: bodyFabric('The fabric of the wrap'),
  sleeve: groupOrNone({
    name: 'The sleeves',
    label: 'Sleeve',
    heading: 'Sleeve',
    help: 'Straight, in rounds from the armhole, in the same fabric.',
    optional: { missing: 'usual' },
    fields: {
      rounds: choice({
        name: 'How rounds close',
        label: 'Rounds',
        help: 'Turned rounds look as the rows of the body do.',
        options: [
          ['turned', 'joined and turned'],
          ['joined', 'joined, not turned'],
        ],
        usual: 'turned',
      }),
      ...REACH,
      ...SHORTER,
    },
  }),
  cuff: { ...cuffBand(5), optional: { missing: 'none' }, when: { sleeve: 'some' } } as const,
  front: group({
    name: 'The fronts',
    label: 'Ties',
    heading: 'Ties',
    help: 'Cords that hold the fronts.',
    fields: {
      ties: number({
        name: 'The pairs of ties',
        label: 'Pairs of ties, 0 for none',
        help: 'Cords at both front edges.',
        range: [0, 6],
        whole: true,
        unit: 'pairs',
        usual: 0,
      }),
      tieLength: length({
        name: 'The length of a tie',
        label: 'Length of a tie',
        help: 'Each of a pair.',
        when: { 'front.ties': 'some' },
        range: [5, 120],
        usual: 40,
      }),
      tieAt: lengthOrNone({
        name: 'The height of the lowest ties',
        label: 'Lowest ties',
        help: 'Along the front edge from the lower edge; the others evenly up.',
        when: { 'front.ties': 'some' },
        range: [0, 150],
        optional: { none: 'spread evenly', own: 'so far up', first: 30 },
      }),
    },
  }),
};

type Read = StyleOf<typeof FIELDS>;

/** A wrap as it is drafted: its fronts lie over each other as they will. */
export interface WrapStyle extends Omit<Read, 'front'> {
  front: Read['front'] & { style: 'overlap'; width: 0 };
}
