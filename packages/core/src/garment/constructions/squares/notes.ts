/** What is to be said of a garment of squares: how it comes to its size, and what whole squares leave. */

import type { Fix, Note } from '../../../advice/note.js';
import { isInSpaces } from '../../../fabric/fabric.js';
import { cm, say, type Phrase } from '../../../text/phrase.js';
import { countOf } from '../../../text/singular.js';
import type { SizeInput } from '../../construction.js';
import { flatNotes } from '../../shared/motifGrowth.js';
import type { SquaresStyle } from './fields.js';
import { sideOf, type Mix } from './mix.js';
import type { Targets } from './targets.js';

type Input = SizeInput<SquaresStyle>;

/** What a width or length may miss before squares of another size would be worth it, cm. */
const MISSES = 3;
/** How many mixes beside the one taken are told. */
const OTHERS = 3;

export function notesOf(input: Input, targets: Targets): Note[] {
  const fabric = input.fabrics.get(input.style.fabric)!;
  return [
    ...(input.style.square.measured === null ? flatNotes(fabric, 'square') : []),
    mixNote(targets),
    ...missed(input, targets),
    ...circleNote(input),
  ];
}

/** "9 squares of 5 rounds (10.0 cm), 2 rows at each side". */
function inWords({ rounds, join, across, sideRows, down }: Mix, height: number): Phrase {
  const rows = sideRows > 0 ? say`, ${countOf(sideRows, 'plain row')} at each side` : '';
  const joins = join > 0 ? say`, joins of ${cm(join)}` : '';
  return say`${across} across and ${down} down of ${countOf(rounds, 'round')} (${cm(sideOf(rounds, height))})${joins}${rows}`;
}

/** The mix that a size comes about by, and the next best ones with what they would miss. */
function mixNote({ mixes, square }: Targets): Note {
  const [best, ...rest] = mixes as [Mix, ...Mix[]];
  const told = ({ misses }: Mix) =>
    say`width ${cm(misses.width, { sign: true })}, length ${cm(misses.length, { sign: true })}, opening ${cm(2 * misses.opening, { sign: true })}`;
  return {
    level: 'tip',
    code: 'squares-mix',
    where: 'squares.across',
    message:
      rest.length > 0
        ? say`Of ${mixes.length} mixes of square, join and plain rows the cheapest is ${inWords(best, square.height)}: ${told(best)} of what is wanted.`
        : say`${inWords(best, square.height)} come to ${told(best)} of what is wanted.`,
    details: rest.slice(0, OTHERS).map((mix) => say`${inWords(mix, square.height)}: ${told(mix)}`),
  };
}

/** Whole squares that leave much of what is wanted. */
function missed({ style }: Input, { mixes, square }: Targets): Note[] {
  const [{ misses, rounds }] = mixes as [Mix];
  const [name, by] = (
    [
      ['wide', misses.width],
      ['long', misses.length],
    ] as const
  ).reduce((most, one) => (Math.abs(one[1]) > Math.abs(most[1]) ? one : most));
  if (Math.abs(by) <= MISSES) return [];
  const fixes: Fix[] = [
    ...(style.square.rounds !== null
      ? [
          {
            label: say`Squares as suit each size`,
            set: [{ path: 'garment.square.rounds', value: null }],
          },
        ]
      : []),
    ...(rounds > 2
      ? [
          {
            label: say`Squares of ${countOf(rounds - 1, 'round')}`,
            set: [{ path: 'garment.square.rounds', value: rounds - 1 }],
          },
        ]
      : []),
    {
      label: say`Squares of ${countOf(rounds + 1, 'round')}`,
      set: [{ path: 'garment.square.rounds', value: rounds + 1 }],
    },
  ];
  return [
    {
      level: 'warn',
      code: 'squares-miss',
      where: name === 'wide' ? 'squares.across' : 'squares.down',
      message: say`Whole squares of ${cm(square.side)} come out ${cm(Math.abs(by))} too ${by > 0 ? name : name === 'wide' ? 'narrow' : 'short'}. Squares of more or fewer rounds, plain rows at the sides or a border take up the difference.`,
      fixes,
    },
  ];
}

/** A circle in clusters has no rounds that could be told as they are worked here. */
function circleNote({ style, fabrics }: Input): Note[] {
  if (style.square.centre !== 'circle' || !isInSpaces(fabrics.get(style.fabric)!)) return [];
  return [
    {
      level: 'warn',
      code: 'circle-in-clusters',
      where: style.fabric,
      message: say`A circle in a square is worked in plain stitches; in clusters the squares have their corners from the first round on.`,
      fixes: [
        {
          label: say`Square from the ring`,
          set: [{ path: 'garment.square.centre', value: 'square' }],
        },
      ],
    },
  ];
}
