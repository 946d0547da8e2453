import { choice, group, numberOrNone, type StyleOf } from '../../../fields/kinds.js';
import { BELOW_YOKE, YOKE_DEPTH, YOKE_FRAME, YOKE_NECK } from '../../shared/yoke/fields.js';

const BESIDE = { field: 'school', is: ['alternating', 'corner'] } as const;

/** The fields of a raglan from the neck down. */
export const FIELDS = {
  ...YOKE_FRAME,
  neck: YOKE_NECK,
  ...YOKE_DEPTH,
  line: group({
    name: 'The raglan lines',
    label: 'Lines',
    help: 'The four lines along which the yoke grows.',
    fields: {
      school: choice({
        name: 'How the line is worked',
        label: 'Increases',
        help: 'Two in the stitch next to the line; in the line’s own stitch, the marker moved; or in a chain space.',
        options: [
          ['beside', 'beside the line'],
          ['alternating', 'in the line’s stitch, by turns'],
          ['corner', 'in a corner space'],
        ],
        usual: 'beside',
        resets: ['line.stitches'],
      }),
      stitches: choice({
        name: 'The stitches of the line',
        label: 'Stitches of the line',
        help: 'A single one goes with the body at the split; of two each side gets one.',
        when: { 'line.school': ['beside'] },
        options: [
          [0, '0'],
          [1, '1'],
          [2, '2'],
        ],
        usual: ({ school }) => (school === 'beside' ? 2 : 1),
        limits: [
          {
            where: BESIDE,
            allowed: [1],
            message: (stitches, { school }) =>
              `A line worked ${school as string} is one stitch (or chain space) wide; ${stitches} stands there.`,
          },
        ],
      }),
    },
  }),
  rates: group({
    name: 'The rates of increase',
    label: 'Rates',
    help: 'In which rows the yoke grows.',
    fields: {
      order: choice({
        name: 'The order of the rates',
        label: 'Rates',
        help: 'Where the rows that grow faster lie.',
        options: [
          ['fast first', 'fast first'],
          ['slow first', 'slow first'],
          ['mixed', 'mixed evenly'],
        ],
        usual: 'fast first',
      }),
      everyRow: choice({
        name: 'The rows with increases',
        label: 'Rows that increase',
        help: 'Rows that may grow.',
        options: [
          [1, 'any row'],
          [2, 'right-side rows only'],
        ],
        usual: 1,
      }),
      most: choice({
        name: 'The increase on one side of a line',
        label: 'At a line, in one row',
        help: 'Two are used only where one is too little.',
        options: [
          [1, 'one stitch'],
          [2, 'two where needed'],
        ],
        usual: 2,
      }),
      bodyFast: numberOrNone({
        name: 'The fast part of the body’s increases',
        label: 'Fast part, body',
        help: 'Share of the rows that may increase which all do so at the start, before the rest is spread; none: the two most even rates.',
        drawn: true,
        range: [0, 100],
        unit: '%',
        optional: { none: 'the two most even rates', own: 'as I say', first: 50 },
      }),
      sleeveFast: numberOrNone({
        name: 'The fast part of the sleeves’ increases',
        label: 'Fast part, sleeves',
        help: 'The same of the sleeves.',
        drawn: true,
        range: [0, 100],
        unit: '%',
        optional: { none: 'the two most even rates', own: 'as I say', first: 50 },
      }),
    },
  }),
  ...BELOW_YOKE,
};

/** The style of a raglan from the neck down. */
export type RaglanStyle = StyleOf<typeof FIELDS>;
