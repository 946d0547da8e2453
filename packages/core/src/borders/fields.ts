/** The edgings that are worked on when a garment is joined, as fields of every style: where, in which fabrics, and how many rounds of each. */

import {
  choice,
  fabric,
  group,
  groupOrNone,
  lengthOrNone,
  number,
  numberOrNone,
  type StyleOf,
} from '../fields/kinds.js';
import { pickUpFields } from '../joins/pickUpFields.js';

const MOST_ROUNDS = 40;

function rounds(what: string) {
  return number({
    name: `The rounds of ${what}`,
    label: 'Rounds or rows',
    help: 'How many, from a single one up.',
    range: [1, MOST_ROUNDS],
    whole: true,
    unit: 'rounds',
    usual: 1,
  });
}

/** A further fabric, worked on the one before. */
function then(what: string, label: string) {
  return groupOrNone({
    name: `The ${label.toLowerCase()} of ${what}`,
    label,
    heading: `${what.replace(/^the (.)/, (_, first: string) => first.toUpperCase())}, ${label.toLowerCase()}`,
    help: 'Rounds of another fabric, worked on those before.',
    optional: { missing: 'none' },
    fields: {
      fabric: fabric({
        name: `The fabric of the ${label.toLowerCase()} of ${what}`,
        label: 'Fabric',
        help: 'A change of stitch, of hook or of yarn.',
        usual: 'body',
      }),
      rounds: rounds(`the ${label.toLowerCase()} of ${what}`),
    },
  });
}

/**
 * An edging along one kind of edge.
 *
 * @param place where it goes
 * @param title what it is called: "Neck edging"
 * @param where in words: "the neck"
 */
function edging(place: BorderPlace, title: string, where: string) {
  const what = `the ${title.toLowerCase()}`;
  const picked = pickUpFields(what, `border.${place}`);
  const byRatio = { [`border.${place}.pickUp`]: ['ratio'] };
  return groupOrNone({
    name: `The ${title.toLowerCase()}`,
    label: title,
    heading: title,
    help: `Worked on ${where} when the seams that it runs over are joined.`,
    optional: { missing: 'none' },
    fields: {
      fabric: fabric({
        name: `The fabric of ${what}`,
        label: 'Fabric',
        help: 'Its stitch, gauge and hook.',
        usual: 'rib',
      }),
      rounds: rounds(what),
      second: then(what, 'Second fabric'),
      third: {
        ...then(what, 'Third fabric'),
        when: { [`border.${place}.second`]: 'some' as const },
      },
      worked: choice({
        name: `The way of ${what}`,
        label: 'Rounds',
        help: 'How rounds close; along an edge that is open they are rows, turned.',
        options: [
          ['joined', 'joined, not turned'],
          ['turned', 'joined and turned'],
          ['spiral', 'in a spiral'],
          ['rows', 'not closed: rows, as a collar'],
        ],
        usual: 'joined',
      }),
      pickUp: picked.pickUp,
      corners: choice({
        name: `The corners of ${what}`,
        label: 'At corners',
        help: 'More in outer corners, some together in inner ones, so that it lies flat; a rolled edge goes on plainly.',
        options: [
          ['shaped', 'shaped, to lie flat'],
          ['plain', 'worked plainly'],
        ],
        usual: 'shaped',
      }),
      bridged: choice({
        name: `The steps under ${what}`,
        label: 'Over the steps of the neck',
        help: 'Where the neck goes in by whole repeats chains from corner to corner make a line of it.',
        options: [
          [false, 'along them'],
          [true, 'bridges of chains'],
        ],
        usual: false,
      }),
      perRowEnd: picked.perRowEnd,
      perUnit: numberOrNone({
        name: `The stitches for each space of ${what}`,
        label: 'Stitches for each space',
        help: 'Along stitches of a mesh or of clusters.',
        when: byRatio,
        range: [0.25, 12],
        unit: 'stitches',
        optional: { none: '1 in each st and ch', own: 'as I say', first: 2 },
      }),
    },
  });
}

/** Where an edging goes: one kind of edge, or in one round over fronts, neck and hem. */
export type BorderPlace = 'round' | 'neck' | 'front' | 'hem' | 'cuff' | 'armhole';

export const BORDERS = {
  border: group({
    name: 'The edgings',
    label: 'Edgings worked on',
    help: 'Rounds and rows picked up along the open edges.',
    fields: {
      round: edging(
        'round',
        'Border round fronts, neck and hem',
        'all edges of an open garment in one round',
      ),
      neck: edging('neck', 'Neck edging', 'the neck'),
      front: edging('front', 'Front edging', 'both front edges'),
      hem: edging('hem', 'Hem edging', 'the lower edge, slits included'),
      cuff: edging('cuff', 'Cuff edging', 'the ends of the sleeves'),
      armhole: edging('armhole', 'Armhole edging', 'the armholes of a garment without sleeves'),
      backNeck: choice({
        name: 'The back neck',
        label: 'Back neck',
        heading: 'Steadied and gathered',
        help: 'A row of slip stitch on the inside, from shoulder to shoulder, keeps it from stretching.',
        options: [
          [false, 'as it is'],
          [true, 'steadied by slip stitches inside'],
        ],
        usual: false,
      }),
      gatherCuff: lengthOrNone({
        name: 'The round of the gathered sleeve end',
        label: 'Sleeve ends, gathered',
        help: 'A thread through every second stitch, drawn to this round.',
        range: [8, 60],
        optional: { none: 'not gathered', own: 'to a round of', first: 20 },
      }),
      gatherHem: lengthOrNone({
        name: 'The round of the gathered lower edge',
        label: 'Lower edge, gathered',
        help: 'A thread through every second stitch, drawn to this round.',
        range: [20, 200],
        optional: { none: 'not gathered', own: 'to a round of', first: 80 },
      }),
    },
  }),
} as const;

export type Borders = StyleOf<typeof BORDERS>['border'];
export type BorderStyle = NonNullable<Borders['neck']>;

export const BORDER_PLACES = ['neck', 'front', 'hem', 'cuff', 'armhole', 'round'] as const;

/** What each edging is called, and the edge in sentences. */
export const BORDER_WORDS: Readonly<Record<BorderPlace, { title: string; along: string }>> = {
  round: { title: 'Border', along: 'fronts, neck and lower edge' },
  neck: { title: 'Neck edging', along: 'the neck' },
  front: { title: 'Front edging', along: 'the front edge' },
  hem: { title: 'Hem edging', along: 'the lower edge' },
  cuff: { title: 'Cuff edging', along: 'the end of the sleeve' },
  armhole: { title: 'Armhole edging', along: 'the armhole' },
};

/** Its fabrics in turn, each with its rounds. */
export function layersOf({
  fabric: of,
  rounds: many,
  second,
  third,
}: BorderStyle): { fabric: string; rounds: number }[] {
  return [{ fabric: of, rounds: many }, ...(second ? [second] : []), ...(second && third ? [third] : [])];
}
