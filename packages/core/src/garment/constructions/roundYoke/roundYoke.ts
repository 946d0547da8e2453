import { chainsBeyond } from '../../../stitch/ofFabric.js';
import { countsAfter, countsByRow } from '../../../shaping/schedule.js';
import { construction, type PieceProgram, type Program, type SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { frontEdges } from '../../shared/yoke/frontEdges.js';
import { YOKE_ON_TABLE } from '../../shared/yoke/onTable.js';
import { programOf } from '../../shared/yoke/program.js';
import { raisedBack, shortRowsOf } from '../../shared/yoke/shortRows.js';
import { splitEdges, splitParts } from '../../shared/yoke/split.js';

import { draft } from './draft.js';
import { yokeIncreases } from './rounds.js';
import { FIELDS, type RoundYokeStyle } from './fields.js';
import { isOpen } from '../../shared/front.js';

type Input = SizeInput<RoundYokeStyle>;

/** Round yoke from the neck down: increase rounds spread between neck and underarm. */
export const roundYoke = construction({
  id: 'round-yoke',
  label: 'Round yoke from the neck down',
  says: 'Worked from the neck down, increased evenly round a circular yoke',
  needs: 'neck, bust, upper arm, the number of increase rounds, a motif if there is one',
  gives: 'one piece from the neck down with an even yoke all round, made for rings of pattern or colour',
  table: YOKE_ON_TABLE,
  fields: FIELDS,
  specimens: [
    { name: 'round yoke', garment: { neck: { shape: 'short rows' } } },
    {
      name: 'round-yoke cardigan, waisted',
      garment: { front: { style: 'gap', width: 3 }, body: { shape: 'waist' } },
    },
  ],
  style: (read) => read,
  draft,
  program,
});

function program(input: Input, counts: GarmentCounts): Program {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const open = isOpen(style);
  const { many: short, halfRows } = shortRowsOf(style, counts);
  const last = counts.of('yoke.rows') + short;
  const { schedule, motif } = yokeIncreases(style, fabric, counts);
  const neck = counts.of('neck.round');
  const sleeve = counts.of('sleeve.top') - counts.of('underarm.chain');
  const front = counts.find('front.width') ?? counts.of('back.width');
  const split = splitParts(style, counts, front, sleeve);
  const widths = countsByRow(schedule, 1, last);
  const piece: PieceProgram = {
    id: 'yoke',
    role: 'yoke',
    shows: [['yoke.rows']],
    label: 'Yoke',
    copies: 1,
    fabric,
    work: open ? 'rows' : 'rounds',
    rows: ['yoke.rows', ...(short > 0 ? (['neck.drop'] as const) : [])],
    ...(halfRows > 0 ? { halfRows } : {}),
    passages: [
      {
        kind: 'start',
        part: 'main',
        stitches: neck,
        extra: open ? chainsBeyond(fabric) : 0,
        along: null,
        ...(open ? {} : { round: style.rounds }),
      },
      ...(short > 0
        ? [
            // From a sixth of the neck on each side of the centre back to three eighths: the front keeps a quarter.
            raisedBack(style, fabric, {
              stitches: neck,
              rows: counts.of('neck.drop'),
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
        ...(motif ? { motif } : {}),
        of: { start: 'neck.round', end: 'yoke.total', rows: 'yoke.rows' },
      },
    ],
    edges: [
      {
        id: 'yoke.neck',
        role: 'neck',
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
      { row: last - short, stitches: counts.of('yoke.total') },
    ],
  );
}
