import { foundationExtra } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import type { Counts } from '../../fit/problem.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../construction.js';
import { countsByRow } from '../../shaping/schedule.js';
import { ends } from '../shared/pieces.js';
import { sleeveSchedule } from '../shared/taper.js';
import type { DropShoulderStyle } from './style.js';

type Input = SizeInput<DropShoulderStyle>;

/** The sleeve, flat, from the cuff up or from the armhole down; downwards its rows are the upward ones reversed. */
export function sleeve({ size, style, fabrics }: Input, counts: Counts): PieceProgram {
  const fabric = fabrics.get(style.sleeve.fabric ?? style.fabric)!;
  const up = style.sleeve.worked === 'up';
  const rows = counts['sleeve.rows']!;
  const top = counts['sleeve.top']!;
  const cuff = counts['sleeve.cuff']!;
  const taper = sleeveSchedule(style.sleeve, size.id, {
    rows,
    top,
    cuff,
    rowsPerCm: perCm(fabric.gauge, 'rows'),
    up,
  });
  const edgeAt = (end: 'start' | 'finish', count: number): EdgeProgram['place'] =>
    end === 'start'
      ? { lies: 'foundation', part: 'main' }
      : { lies: 'live', part: 'main', n: rows, from: 0, count };
  /** How far each edge lies outside the first row's, in stitches. */
  const outwards = countsByRow(taper, 1, rows).map((count) => (count - taper.start) / 2);
  return {
    id: 'sleeve',
    label: 'Sleeve',
    copies: 2,
    fabric,
    work: 'rows',
    rows: ['sleeve.rows'],
    passages: [
      {
        kind: 'start',
        part: 'main',
        stitches: up ? cuff : top,
        extra: up ? foundationExtra(fabric) : 0,
        along: up ? null : 'the armhole, from one underarm marker over the shoulder to the other',
      },
      {
        kind: 'shape',
        part: 'main',
        to: rows,
        schedule: taper,
        where: { at: 'both edges' },
        of: {
          start: up ? 'sleeve.cuff' : 'sleeve.top',
          end: up ? 'sleeve.top' : 'sleeve.cuff',
          rows: 'sleeve.rows',
        },
      },
    ],
    edges: [
      {
        id: 'sleeve.top',
        label: 'Sleeve, top',
        axis: 'stitches',
        place: edgeAt(up ? 'finish' : 'start', top),
      },
      {
        id: 'sleeve.cuff',
        label: 'Sleeve, cuff edge',
        axis: 'stitches',
        place: edgeAt(up ? 'start' : 'finish', cuff),
        open: !style.cuff,
      },
      {
        id: 'sleeve.front-edge',
        label: 'Sleeve, front edge',
        axis: 'rows',
        place: ends('left', { part: 'main', first: 1, last: rows }),
        path: outwards.map((stitches) => -stitches),
      },
      {
        id: 'sleeve.back-edge',
        label: 'Sleeve, back edge',
        axis: 'rows',
        place: ends('right', { part: 'main', first: 1, last: rows }),
        path: outwards,
      },
    ],
    expects: [
      { quantity: 'sleeve.top', edges: ['sleeve.top'] },
      { quantity: 'sleeve.cuff', edges: ['sleeve.cuff'] },
      { quantity: 'sleeve.rows', edges: ['sleeve.front-edge'] },
    ],
  };
}
