/** What is to be said of a jacket of two hexagons before its counts are known. */

import type { Note } from '../../../advice/note.js';
import { perCm } from '../../../fabric/gauge.js';
import { forSize } from '../../../fields/perSize.js';
import { cm, say } from '../../../text/phrase.js';
import { countOf } from '../../../text/singular.js';
import type { SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import type { HexagonStyle } from './fields.js';
import { flatNotes } from '../../shared/motifGrowth.js';
import type { Targets } from './targets.js';

type Input = SizeInput<HexagonStyle>;

/** A sleeve's end wider than wanted by less than this is no matter, cm. */
const WIDER = 4;
/** A garment longer than wanted by less than this is no matter, cm. */
const LONGER = 1.5;

/** Before the counts are known: what the fabric and the lengths wanted say. */
export function notesOf(input: Input, targets: Targets): Note[] {
  return [
    ...flatNotes(input.fabrics.get(input.style.fabric)!, 'hexagon'),
    ...lengthNotes(input, targets),
    ...sleeveNotes(input, targets),
  ];
}

/** Of the counts as they have come out. */
export function notesOfCounts(input: Input, targets: Targets, counts: GarmentCounts): Note[] {
  return [caseNote(input, targets, counts), ...taperNotes(input, targets, counts)];
}

/** Which of the two is wide enough first, and what the other then lacks. */
function caseNote({ style, fabrics }: Input, { first, opening, body }: Targets, counts: GarmentCounts): Note {
  const height = 1 / perCm(fabrics.get(style.fabric)!.gauge, 'rows');
  const [rounds, rows] = [counts.of('hexagon.rounds'), counts.of('hexagon.rows')];
  const reach = (rounds + rows) * height;
  const wanted = first === 'sleeve' ? body.length : opening.length / 2;
  const top =
    style.top.left === 'open' ? 'to and fro, the top left open' : 'round, the corners at the shoulder as one';
  const sides = first === 'sleeve' ? 'front, lower edge and back' : 'shoulder, opening and shoulder';
  const more =
    rows > 0
      ? say`${countOf(rows, 'row')} along ${sides} (${top}) bring it to ${cm(reach)}; one more would be ${cm(reach + height)}`
      : say`no rows along its sides are wanting`;
  return {
    level: 'tip',
    code: first === 'sleeve' ? 'hexagon-sleeve-first' : 'hexagon-body-first',
    where: 'hexagon.rounds',
    message: say`${first === 'sleeve' ? 'The sleeve' : 'The body'} is wide enough first, after ${countOf(rounds, 'round')} of ${cm(height)}. ${first === 'sleeve' ? 'The body of each half' : 'The opening, folded,'} wants ${cm(wanted)}: ${more}.`,
  };
}

/** Sleeves that are too short to become as narrow as they are wanted. */
function taperNotes({ style, fabrics }: Input, { sleeve }: Targets, counts: GarmentCounts): Note[] {
  if (!sleeve || style.sleeve?.shape !== 'tapered') return [];
  const end = counts.of('sleeve.cuff') / perCm(fabrics.get(style.fabric)!.gauge, 'stitches');
  const over = end - sleeve.cuff.length;
  if (over <= WIDER) return [];
  return [
    {
      level: 'warn',
      code: 'sleeve-too-short-to-taper',
      where: 'sleeve.cuff',
      message: say`${countOf(counts.of('sleeve.rows'), 'round')} of sleeve take it to ${cm(end)} where ${cm(sleeve.cuff.length)} are wanted, with a decrease in every one: ${cm(over)} too wide. Worked at its full width and gathered by its cuff it needs no decreases.`,
      fixes: [
        {
          label: say`Full width into the cuff`,
          set: [{ path: 'garment.sleeve.shape', value: 'balloon' }],
        },
      ],
    },
  ];
}

function lengthNotes({ style, size }: Input, { length, rounds, reach }: Targets): Note[] {
  const over = rounds + reach - length.length;
  if (over <= LONGER) return [];
  const below = forSize(style.belowWaist, size.id);
  return [
    {
      level: 'warn',
      code: 'hexagon-longer',
      where: 'body.rows',
      message: say`Body and opening together make each half ${cm(rounds + reach)} long, ${cm(over)} longer than wanted: a hexagon’s length follows its width. Less ease or a narrower opening makes it shorter.`,
      ...(typeof below === 'number'
        ? {
            fixes: [
              {
                label: say`Take the ${cm(over)} more`,
                set: [{ path: 'garment.belowWaist', value: Math.ceil(10 * (below + over)) / 10 }],
              },
            ],
          }
        : {}),
    },
  ];
}

/** Halves that alone reach further than the sleeve is to end. */
function sleeveNotes({ style, fabrics }: Input, { sleeve, rounds, reach }: Targets): Note[] {
  const height = 1 / perCm(fabrics.get(style.fabric)!.gauge, 'rows');
  if (!sleeve || sleeve.length.length >= 2 * height) return [];
  const past = 2 * height - sleeve.length.length;
  return [
    {
      level: 'warn',
      code: 'rounds-pass-the-sleeve',
      where: 'sleeve.rows',
      message: say`A half reaches ${cm(rounds + reach)} from the middle of the back, so its own opening lies ${cm(past)} past where the sleeve is to end. Without sleeves worked on, or with less ease, it comes out as wanted.`,
      fixes: [
        { label: say`Leave the sleeves as they are`, set: [{ path: 'garment.sleeve', value: null }] },
        ...(style.cuff
          ? [{ label: say`Leave out the cuffs`, set: [{ path: 'garment.cuff', value: null }] }]
          : []),
      ],
    },
  ];
}
