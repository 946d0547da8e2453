import { shapedRows } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import { countsByRow } from '../../../shaping/schedule.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { ends, SLEEVE_PIECE } from '../pieces.js';
import { sleeveSchedule } from '../taper.js';
import { sleeveUnit } from './below.js';
import type { YokeStyle } from './fields.js';

type Input = SizeInput<YokeStyle>;

/**
 * A sleeve from the yoke down: over its stitches of the yoke and the underside of the underarm chain. It begins in the middle
 * of the underarm.
 */
export function sleeve({ size, style, fabrics }: Input, counts: GarmentCounts): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const rows = counts.of('sleeve.rows');
  const top = counts.of('sleeve.top');
  const cuff = counts.of('sleeve.cuff');
  const chain = counts.of('underarm.chain');
  const flat = style.sleeve.worked === 'rows';
  const schedule = sleeveSchedule(style.sleeve, size.id, {
    rows,
    top,
    cuff,
    rowsPerCm: perCm(fabric.gauge, 'rows'),
    up: false,
    unit: sleeveUnit(fabric, flat),
    odd: shapedRows(fabric).odd,
  });
  const first = Math.floor(chain / 2);
  const base = (
    id: string,
    role: EdgeProgram['role'],
    label: string,
    from: number,
    count: number,
  ): EdgeProgram => ({
    id: `sleeve.${id}`,
    role,
    label: `Sleeve, ${label}`,
    axis: 'stitches',
    place: { lies: 'base', part: 'main', n: 1, from, count },
  });
  const outwards = countsByRow(schedule, 1, rows).map((count) => (count - top) / 2);
  return {
    ...SLEEVE_PIECE,
    fabric,
    work: flat ? 'rows' : 'rounds',
    rows: ['sleeve.rows'],
    passages: [
      {
        kind: 'start',
        part: 'main',
        stitches: top,
        extra: 0,
        along: 'the sleeve of the yoke',
        over: [
          { label: 'underarm', count: first, chain: false },
          { label: 'sleeve', count: top - chain, chain: false },
          { label: 'underarm', count: chain - first, chain: false },
        ],
        ...(flat ? {} : { round: style.rounds }),
      },
      {
        kind: 'shape',
        part: 'main',
        to: rows,
        schedule,
        where: flat || style.sleeve.placement === 'underarm' ? { at: 'both edges' } : { at: 'the round' },
        of: { start: 'sleeve.top', end: 'sleeve.cuff', rows: 'sleeve.rows' },
      },
    ],
    edges: [
      base('underarm-first', 'underarm', 'first half of the underarm', 0, first),
      base('top', 'sleeve top', 'from the yoke', first, top - chain),
      base('underarm-last', 'underarm', 'second half of the underarm', first + top - chain, chain - first),
      {
        id: 'sleeve.cuff',
        role: 'wrist',
        label: 'Sleeve, cuff edge',
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: rows, from: 0, count: cuff },
        open: !style.cuff,
      },
      ...(flat
        ? (['left', 'right'] as const).map((side): EdgeProgram => ({
            id: `sleeve.edge-${side}`,
            role: 'sleeve seam',
            label: `Sleeve, ${side} edge`,
            axis: 'rows',
            place: ends(side, { part: 'main', first: 1, last: rows }),
            path: outwards.map((stitches) => (side === 'left' ? -stitches : stitches)),
          }))
        : []),
    ],
    expects: [
      { quantity: 'sleeve.top', edges: ['sleeve.underarm-first', 'sleeve.top', 'sleeve.underarm-last'] },
      { quantity: 'underarm.chain', edges: ['sleeve.underarm-first', 'sleeve.underarm-last'] },
      { quantity: 'sleeve.cuff', edges: ['sleeve.cuff'] },
      ...(flat ? [{ quantity: 'sleeve.rows' as const, edges: ['sleeve.edge-left'] }] : []),
    ],
  };
}
