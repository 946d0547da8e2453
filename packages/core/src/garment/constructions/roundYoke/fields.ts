import { choice, group, number, risingShares, usually, type StyleOf } from '../../../fields/kinds.js';
import { BELOW_YOKE, YOKE_DEPTH, YOKE_FRAME, YOKE_NECK } from '../../shared/yoke/fields.js';

/** The fields of a round yoke from the neck down. */
export const FIELDS = {
  ...YOKE_FRAME,
  neck: group({
    ...YOKE_NECK,
    fields: {
      ...YOKE_NECK.fields,
      // Where no lines part the yoke, its rows grow all round: it cannot begin narrower in front.
      shape: choice({
        ...YOKE_NECK.fields.shape,
        options: [
          ['level', 'level all round'],
          ['short rows', 'back raised by short rows'],
        ],
        usual: 'level',
      }),
    },
  }),
  ...YOKE_DEPTH,
  depthEase: usually(YOKE_DEPTH.depthEase, { percent: 17 }),
  increases: group({
    name: 'The increase rounds',
    label: 'Increases',
    help: 'The rounds in which the yoke grows.',
    fields: {
      rounds: choice<3 | 4 | 5 | 'many'>({
        name: 'The increase rounds',
        label: 'Increase rounds',
        help: 'A few large ones, or small ones as often as the pattern allows.',
        options: [
          [3, '3'],
          [4, '4'],
          [5, '5'],
          ['many', 'many small ones'],
        ],
        usual: 4,
        resets: ['increases.places'],
      }),
      places: risingShares({
        name: 'The places of the increase rounds',
        label: 'Where they lie',
        help: 'Rising shares of the yoke’s rows at which the increase rounds lie, per cent; none: in the middle of equal parts.',
        drawn: true,
        most: 12,
      }),
      by: choice<'wider repeats' | 'whole repeats'>({
        name: 'The way repeats increase',
        label: 'A repeat increases',
        help: 'In a fabric shaped by whole repeats whose motif can grow, such as V’s: a wider one first that parts into two later, or two in the place of one at once.',
        options: [
          ['wider repeats', 'wider, then two'],
          ['whole repeats', 'two at once'],
        ],
        usual: 'wider repeats',
        when: { 'increases.motif': [1] },
      }),
      motif: number({
        name: 'The motif',
        label: 'Motif, every round a multiple of',
        help: 'Every round has a multiple of so many stitches.',
        range: [1, 60],
        whole: true,
        unit: 'stitches',
        usual: 1,
      }),
    },
  }),
  ...BELOW_YOKE,
};

/** The style of a round yoke from the neck down. */
export type RoundYokeStyle = StyleOf<typeof FIELDS>;
