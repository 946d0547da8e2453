import { foundationExtra } from '../../../fabric/fabric.js';
import type { Counts } from '../../../fit/problem.js';
import { countsAfter, countsByRow } from '../../../shaping/schedule.js';
import type { Construction, PieceProgram, Program, SizeInput } from '../../construction.js';
import { frontCounts } from '../../shared/yoke/front.js';
import { frontEdges } from '../../shared/yoke/frontEdges.js';
import { programOf } from '../../shared/yoke/program.js';
import { raisedBack, shortRowsOf } from '../../shared/yoke/shortRows.js';
import { splitEdges, splitParts } from '../../shared/yoke/split.js';

import { draft } from './draft.js';
import { yokeSchedule } from './rounds.js';
import { readStyle, type RoundYokeStyle } from './style.js';
import { isOpen } from '../../shared/front.js';

type Input = SizeInput<RoundYokeStyle>;

/** Round yoke from the neck down: increase rounds spread between neck and underarm. */
export const roundYoke: Construction<RoundYokeStyle> = {
  id: 'round-yoke',
  label: 'Round yoke from the neck down',
  readStyle,
  draft,
  program,
};

function program(input: Input, counts: Counts): Program {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const open = isOpen(style);
  const { many: short, halves } = shortRowsOf(style, counts);
  const last = counts['yoke.rows']! + short;
  const schedule = yokeSchedule(style, counts);
  const neck = counts['neck.round']!;
  const sleeve = counts['sleeve.top']! - counts['underarm.chain']!;
  const split = splitParts(style, counts, frontCounts(input, counts).width, sleeve);
  const widths = countsByRow(schedule, 1, last);
  const piece: PieceProgram = {
    id: 'yoke',
    label: 'Yoke',
    copies: 1,
    fabric,
    work: open ? 'rows' : 'rounds',
    rows: ['yoke.rows', ...(short > 0 ? ['neck.drop'] : [])],
    ...(halves > 0 ? { halfRows: halves } : {}),
    passages: [
      {
        kind: 'start',
        part: 'main',
        stitches: neck,
        extra: open ? foundationExtra(fabric) : 0,
        along: null,
        ...(open ? {} : { round: style.rounds }),
      },
      ...(short > 0
        ? [
            // From a sixth of the neck on each side of the centre back to three eighths: the front keeps a quarter.
            raisedBack(style, {
              stitches: neck,
              rows: counts['neck.drop']!,
              nearest: Math.round(neck / 6),
              farthest: Math.round((neck * 3) / 8),
            }),
          ]
        : []),
      {
        kind: 'shape',
        part: 'main',
        to: last,
        schedule,
        where: { at: open ? 'across' : 'the round' },
        of: { start: 'neck.round', end: 'yoke.total', rows: 'yoke.rows' },
      },
    ],
    edges: [
      {
        id: 'yoke.neck',
        label: 'Yoke, first stitches of the neck',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.neckband,
      },
      ...splitEdges(split, 'main', last),
      ...(open ? frontEdges(style, widths, { short, last, from: 1 }) : []),
    ],
    expects: [
      { quantity: 'neck.round', edges: ['yoke.neck'] },
      { quantity: 'yoke.total', edges: split.map(({ id }) => `yoke.${id}`) },
      { quantity: 'back.width', edges: open ? ['yoke.back'] : ['yoke.back-left', 'yoke.back-right'] },
    ],
  };
  const after = countsAfter(schedule);
  return programOf(
    input,
    counts,
    piece,
    split,
    ['yoke.neck'],
    [
      { row: 1, stitches: neck },
      ...schedule.events.map((row, i) => ({ row: row - short, stitches: after[i]! })),
      { row: last - short, stitches: counts['yoke.total']! },
    ],
  );
}
