import type { RoundWay } from '../../../work/rows.js';
import { shapedRows, shapingUnit } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import type { Passage } from '../../../passages/passage.js';
import { countsByRow, later } from '../../../shaping/schedule.js';
import type { GarmentCounts } from '../../counts.js';
import { begun, ends, SLEEVE_PIECE } from '../pieces.js';
import { sleeveSchedule } from '../taper.js';
import { seamEdges } from './sleeveEdges.js';
import { fadeRounds, lastOf } from './sleeveEnd.js';
import { inRounds, type PanelStyle, type SleeveStyle } from './style.js';

type Input = SizeInput<PanelStyle>;

/** The sleeve, from the cuff up or from the armhole down, flat or there in rounds; downwards its rows are the upward ones reversed. */
export function sleeve(
  { size, style, fabrics }: Input,
  own: SleeveStyle,
  counts: GarmentCounts,
): PieceProgram {
  const fabric = fabrics.get(own.fabric ?? style.fabric)!;
  const up = own.worked === 'up';
  const round = inRounds(style, own);
  const seam = counts.of('sleeve.rows');
  /** Rows along the step of a notched armhole: worked even at the top. */
  const along = counts.find('notch.rows') ?? 0;
  const rows = seam + along;
  const [first, last] = up ? [1, seam] : [along + 1, rows];
  const top = counts.of('sleeve.top');
  const cuff = counts.of('sleeve.cuff');
  const end = lastOf(counts, rows);
  const faded = end.n > rows;
  const taper = later(
    sleeveSchedule(own, size.id, {
      rows: seam,
      top,
      cuff,
      rowsPerCm: perCm(fabric.gauge, 'rows'),
      up,
      unit: shapingUnit(fabric),
      odd: ((shapedRows(fabric).odd + first - 1) % 2) as 0 | 1,
    }),
    first - 1,
  );
  const edgeAt = (at: 'start' | 'finish', count: number): EdgeProgram['place'] =>
    at === 'start'
      ? { lies: 'foundation', part: 'main' }
      : { lies: 'live', part: 'main', n: end.n, from: 0, count };
  /** How far each edge lies outside the first row's, in stitches. */
  const outwards = countsByRow(taper, first, last).map((count) => (count - taper.start) / 2);
  const ofSeam = [{ part: 'main', first, last }];
  return {
    ...SLEEVE_PIECE,
    fabric,
    work: round ? 'rounds' : 'rows',
    rows: [
      'sleeve.rows',
      ...(along > 0 ? (['notch.rows'] as const) : []),
      ...(faded ? (['fade.rows'] as const) : []),
    ],
    passages: [
      up
        ? begun(cuff, fabric, style.cuff, 'cuff rib')
        : {
            kind: 'start',
            part: 'main',
            stitches: top,
            extra: 0,
            along: 'the armhole, from one underarm marker over the shoulder to the other',
            ...(round ? { round: own.rounds as RoundWay } : {}),
          },
      ...(along > 0 && !up ? [evenAlong(along)] : []),
      {
        kind: 'shape',
        part: 'main',
        to: last,
        schedule: taper,
        where: { at: 'both edges' },
        of: {
          start: up ? 'sleeve.cuff' : 'sleeve.top',
          end: up ? 'sleeve.top' : 'sleeve.cuff',
          rows: 'sleeve.rows',
        },
      },
      ...(along > 0 && up ? [evenAlong(rows)] : []),
      ...(faded ? [fadeRounds(cuff, rows)] : []),
    ],
    edges: [
      {
        id: 'sleeve.top',
        role: 'sleeve top',
        label: 'Sleeve, top',
        axis: 'stitches',
        place: edgeAt(up ? 'finish' : 'start', top),
      },
      {
        id: 'sleeve.cuff',
        role: 'wrist',
        label: 'Sleeve, cuff edge',
        axis: 'stitches',
        place: edgeAt(up ? 'start' : 'finish', end.count),
        open: !style.cuff,
      },
      ...(round ? [] : seamEdges(fabric, { front: ofSeam, back: ofSeam }, outwards)),
      ...(along > 0
        ? (['front', 'back'] as const).map((which): EdgeProgram => ({
            id: `sleeve.notch-${which}`,
            role: 'sleeve step',
            label: `Sleeve, ${which} edge along the step`,
            axis: 'rows',
            place: ends(which === 'front' ? 'left' : 'right', {
              part: 'main',
              first: up ? seam + 1 : 1,
              last: up ? rows : along,
            }),
            path: 'straight',
          }))
        : []),
    ],
    expects: [
      { quantity: 'sleeve.top', edges: ['sleeve.top'] },
      { quantity: faded ? 'sleeve.end' : 'sleeve.cuff', edges: ['sleeve.cuff'] },
      ...(round ? [] : [{ quantity: 'sleeve.rows' as const, edges: ['sleeve.front-edge'] }]),
      ...(along > 0 ? [{ quantity: 'notch.rows' as const, edges: ['sleeve.notch-back'] }] : []),
    ],
  };
}

/** The rows along the step of the armhole, a marker where they meet the seam. */
function evenAlong(to: number): Passage {
  return { kind: 'even', part: 'main', to, note: 'along the step of the armhole' };
}
