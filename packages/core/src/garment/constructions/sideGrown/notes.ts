/** What is to be said of a side-grown garment before its counts are known. */

import type { Note } from '../../../advice/note.js';
import { forSize } from '../../../fields/perSize.js';
import { cm, figure, say } from '../../../text/phrase.js';
import type { SizeInput } from '../../construction.js';
import type { SideGrownStyle } from './fields.js';
import { MOST_GROWTH } from './growth.js';
import type { Targets } from './targets.js';

type Input = SizeInput<SideGrownStyle>;

/** What stands in the way of growth, with the nearest that works; and what growth does. */
export function notesOf(
  input: Input,
  { round, length, opening, span, hem, growing }: Targets,
  slope: number,
): Note[] {
  const { style, size } = input;
  const below = forSize(style.belowWaist, size.id);
  const missing = growing.wanted - growing.room;
  if (growing.room <= 0)
    return [
      {
        level: 'stop',
        code: 'no-room-to-grow',
        where: 'grown.rounds',
        message: say`Of the ${cm(length.length)} from shoulder to hem the band takes ${cm(hem)} and the opening ${cm(opening.length)}: nothing is left to grow in. A longer body or a lower band would do.`,
        ...(typeof below === 'number' ? { fixes: [longer(below, -growing.room + 6)] } : {}),
      },
    ];
  const notes: Note[] = [];
  if (missing > 0.5) {
    const reach = span.length - missing * slope;
    notes.push({
      level: 'warn',
      code: 'sleeve-grows-short',
      where: 'grown.span',
      message: say`The height leaves ${cm(growing.room)} to grow in, and ${cm(growing.wanted)} are wanted: the sleeves end ${cm((span.length - reach) / 2)} further up the arm on each side. A longer body, shorter sleeves or more growth in a round would do.`,
      fixes: [
        ...(style.sleeve.growBy < MOST_GROWTH
          ? [
              {
                label: say`Grow by ${style.sleeve.growBy + 1} at each side`,
                set: [{ path: 'garment.sleeve.growBy', value: style.sleeve.growBy + 1 }],
              },
            ]
          : []),
        ...(typeof below === 'number' ? [longer(below, missing)] : []),
        {
          label: say`End the sleeves ${cm(missing * slope * 0.5)} earlier`,
          set: [
            {
              path: 'garment.sleeve.shorter',
              value: tenth(forSize(style.sleeve.shorter, size.id) + missing * slope * 0.5),
            },
          ],
        },
      ],
    });
  }
  const grown = Math.min(growing.wanted, growing.room);
  const wider = span.length - round.length / 2;
  if (wider > 0 && grown > 0) {
    // Two triangles on either side, and the straight rows above them.
    const extra = grown * wider + 2 * opening.length * wider;
    const whole = extra + round.length * (length.length - hem);
    notes.push({
      level: 'tip',
      code: 'growth-drapes',
      where: 'grown.rounds',
      message: say`The sides grow out by ${cm(wider / 2)} over ${cm(grown)}: with the arms down that hangs in folds under them, and what grows takes about ${figure((100 * extra) / whole, 0)} % of the yarn above the band.`,
    });
  }
  if (span.length < round.length / 2)
    notes.push({
      level: 'tip',
      code: 'wide-before-it-grows',
      where: 'grown.span',
      message: say`Half of the body’s round (${cm(round.length / 2)}) is already as wide as from wing to wing (${cm(span.length)}): it does not grow.`,
    });
  return notes;
}

function longer(below: number, by: number): NonNullable<Note['fixes']>[number] {
  return {
    label: say`Make the body ${cm(tenth(by))} longer`,
    set: [{ path: 'garment.belowWaist', value: tenth(below + by) }],
  };
}

function tenth(length: number): number {
  return Math.ceil(10 * length) / 10;
}
