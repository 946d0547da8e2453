/** What is to be said of a jacket of two hexagons before its counts are known. */

import type { Note } from '../../../advice/note.js';
import { perCm } from '../../../fabric/gauge.js';
import { forSize } from '../../../fields/perSize.js';
import { cm, figure, say } from '../../../text/phrase.js';
import type { SizeInput } from '../../construction.js';
import type { HexagonStyle } from './fields.js';
import { flatness, growthOf } from './geometry.js';
import type { Targets } from './targets.js';

type Input = SizeInput<HexagonStyle>;

/** Share by which a round's stitches may be too many or too few before the motif no longer lies flat (common practice). */
const FLAT = 0.1;
/** A garment longer than wanted by less than this is no matter, cm. */
const LONGER = 1.5;

export function notesOf(input: Input, targets: Targets): Note[] {
  return [
    caseNote(input, targets),
    ...flatNotes(input),
    ...lengthNotes(input, targets),
    ...sleeveNotes(input, targets),
  ];
}

/** Which of the two is wide enough first, and what the other then lacks. */
function caseNote({ style, fabrics }: Input, { first, rounds, reach, opening, body }: Targets): Note {
  const height = 1 / perCm(fabrics.get(style.fabric)!.gauge, 'rows');
  const wanted = first === 'sleeve' ? body.length : opening.length / 2;
  const rows = Math.round((reach - rounds) / height);
  const done = say`${Math.round(rounds / height)} rounds of ${cm(height)}`;
  const top =
    style.top.left === 'open' ? 'to and fro, the top left open' : 'round, the corners at the shoulder as one';
  const more =
    rows > 0
      ? say`${rows} more rows along ${first === 'sleeve' ? 'fronts, lower edge and back' : 'shoulders and opening'} (${top}) bring it to ${cm(reach)}; one more would be ${cm(reach + height)}`
      : say`no rows along its sides are wanting`;
  return {
    level: 'tip',
    code: first === 'sleeve' ? 'hexagon-sleeve-first' : 'hexagon-body-first',
    where: 'hexagon.rounds',
    message: say`${first === 'sleeve' ? 'The sleeve is wide enough first' : 'The body is wide enough first'}: after ${done}. ${first === 'sleeve' ? 'The body wants' : 'The opening, folded, wants'} ${cm(wanted)}: ${more}.`,
  };
}

/** Whether the motif lies flat by the gauge. */
function flatNotes({ style, fabrics }: Input): Note[] {
  const fabric = fabrics.get(style.fabric)!;
  const share = flatness(fabric);
  if (Math.abs(share - 1) <= FLAT) return [];
  const { gain } = growthOf(fabric);
  const off = figure(100 * Math.abs(share - 1), 0);
  const round = 2 / perCm(fabric.gauge, 'rows');
  return [
    {
      level: 'warn',
      code: share > 1 ? 'motif-ruffles' : 'motif-cups',
      where: style.fabric,
      message: say`A side gains ${gain} stitches in a round, ${cm(gain / perCm(fabric.gauge, 'stitches'))} by the gauge, where two heights of a round are ${cm(round)}: the hexagon ${share > 1 ? 'ruffles' : 'pulls in at its edge'} by ${off} %. Measure a motif of five rounds and take your gauge from that: its side is ten heights.`,
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
