/** The pieces of capped sleeves: a cap worked above the seam, or short rows before it. */

import type { RoundWay } from '../../../../work/rows.js';
import { shapedRows, shapingUnit } from '../../../../fabric/fabric.js';
import { perCm } from '../../../../fabric/gauge.js';
import { asides, capInside, capRuns, capShortRows, capSide, type Cap } from '../../../../shaping/cap.js';
import { countsByRow, fromSteps, later } from '../../../../shaping/schedule.js';
import { gradedAtTurns } from '../../../../stitch/graded.js';
import { plainStitchOf } from '../../../../stitch/ofFabric.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../../../construction.js';
import type { GarmentCounts } from '../../../counts.js';
import { ends, begun, SLEEVE_PIECE } from '../../pieces.js';
import { sleeveSchedule } from '../../taper.js';
import { cappedTaper } from './below.js';
import { capUnit } from './solved.js';
import { seamEdges } from '../sleeveEdges.js';
import { fadeRounds, lastOf } from '../sleeveEnd.js';
import { inRounds, type PanelStyle, type SleeveStyle } from '../style.js';

type Input = SizeInput<PanelStyle>;

/** A sleeve with its cap; the other is worked the same. */
export function cappedSleeve(input: Input, own: SleeveStyle, counts: GarmentCounts): PieceProgram {
  return own.worked === 'up' ? workedCap(input, own, counts) : shortRowCap(input, own, counts);
}

function capOf(counts: GarmentCounts): Cap {
  const [base, top] = [counts.of('cap.base'), counts.of('cap.top')];
  return { base, top, slope: (counts.of('sleeve.top') - top) / 2 - base, rows: counts.of('cap.rows') };
}

/** The taper of a sleeve, `above` rows below the beginning of its piece. */
function taperOf({ size, style, fabrics }: Input, own: SleeveStyle, counts: GarmentCounts, above = 0) {
  const fabric = fabrics.get(own.fabric ?? style.fabric)!;
  const rowsPerCm = perCm(fabric.gauge, 'rows');
  return sleeveSchedule(cappedTaper(style, own, size.id, rowsPerCm), size.id, {
    rows: counts.of('sleeve.rows'),
    top: counts.of('sleeve.top'),
    cuff: counts.of('sleeve.cuff'),
    rowsPerCm,
    up: own.worked === 'up',
    unit: shapingUnit(fabric),
    odd: ((shapedRows(fabric).odd + above) % 2) as 0 | 1,
  });
}

function workedCap(input: Input, own: SleeveStyle, counts: GarmentCounts): PieceProgram {
  const { style, fabrics } = input;
  const fabric = fabrics.get(own.fabric ?? style.fabric)!;
  const cap = capOf(counts);
  const [seam, width, cuff] = [counts.of('sleeve.rows'), counts.of('sleeve.top'), counts.of('sleeve.cuff')];
  const rows = seam + cap.rows;
  const taper = taperOf(input, own, counts);
  const inside = capInside(cap, shapingUnit(fabric));
  const inner = width - 2 * cap.base;
  const below = [{ part: 'main', first: 1, last: seam }];
  const outwards = countsByRow(taper, 1, seam).map((count) => (count - cuff) / 2);
  const sides = [
    { name: 'front', side: 'left', sign: -1 },
    { name: 'back', side: 'right', sign: 1 },
  ] as const;
  return {
    ...SLEEVE_PIECE,
    fabric,
    work: 'rows',
    rows: ['sleeve.rows', 'cap.rows'],
    passages: [
      begun(cuff, fabric, style.cuff, 'cuff rib'),
      {
        kind: 'shape',
        part: 'main',
        to: seam,
        schedule: taper,
        where: { at: 'both edges' },
        of: { start: 'sleeve.cuff', end: 'sleeve.top', rows: 'sleeve.rows' },
      },
      { kind: 'mark', part: 'main', meaning: 'the underarm' },
      {
        kind: 'go on',
        part: 'cap',
        from: 'main',
        at: cap.base,
        take: inner,
        leave: cap.base,
        rejoin: true,
        label: 'Cap',
      },
      {
        kind: 'shape',
        part: 'cap',
        to: rows,
        schedule: fromSteps(
          inner,
          seam + 1,
          inside.map((stitches) => inner - 2 * stitches),
        ),
        where: { at: 'both edges' },
        curve: asides(capSide('worked', cap)),
        of: { start: 'sleeve.top', end: 'cap.top', rows: 'cap.rows' },
      },
    ],
    edges: [
      {
        id: 'sleeve.cuff',
        role: 'wrist',
        label: 'Sleeve, cuff edge',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.cuff,
      },
      ...seamEdges(fabric, { front: below, back: below }, outwards),
      ...sides.flatMap(({ name, side, sign }): EdgeProgram[] => [
        {
          id: `cap.base-${name}`,
          role: 'cap base',
          label: `Sleeve cap, base at the ${name}`,
          axis: 'stitches',
          place: {
            lies: 'live',
            part: 'main',
            n: seam,
            from: side === 'left' ? 0 : width - cap.base,
            count: cap.base,
          },
        },
        {
          id: `cap.${name}-edge`,
          role: 'cap edge',
          label: `Sleeve cap, ${name} edge`,
          axis: 'rows',
          place: { ...ends(side, { part: 'cap', first: seam + 1, last: rows }), stepped: true },
          path: inside.map((stitches) => -sign * stitches),
          along: capSide('worked', cap),
        },
      ]),
      {
        id: 'cap.top',
        role: 'cap top',
        label: 'Sleeve cap, top',
        axis: 'stitches',
        place: { lies: 'live', part: 'cap', n: rows, from: 0, count: cap.top },
      },
    ],
    expects: [
      { quantity: 'sleeve.cuff', edges: ['sleeve.cuff'] },
      { quantity: 'sleeve.rows', edges: ['sleeve.front-edge'] },
      { quantity: 'cap.base', edges: ['cap.base-front'] },
      { quantity: 'cap.rows', edges: ['cap.back-edge'] },
      { quantity: 'cap.top', edges: ['cap.top'] },
    ],
  };
}

function shortRowCap(input: Input, own: SleeveStyle, counts: GarmentCounts): PieceProgram {
  const { style, fabrics } = input;
  const fabric = fabrics.get(own.fabric ?? style.fabric)!;
  const cap = capOf(counts);
  const unit = capUnit(own, fabric);
  const shortRows = capShortRows(cap, unit);
  const [under, width] = [counts.of('sleeve.rows'), counts.of('sleeve.top')];
  const rows = under + cap.rows;
  const round = inRounds(style, own);
  const end = lastOf(counts, rows);
  const faded = end.n > rows;
  const taper = later(taperOf(input, own, counts, cap.rows), cap.rows);
  const outwards = countsByRow(taper, cap.rows + 2, rows).map((count) => (count - width) / 2);
  /** Row ends of the seam: the row picked up, the short row that reaches the underarm, and those from the closing row on. */
  const seam = (reaching: number) => [
    { part: 'main', first: 1, last: 1 },
    { part: 'main', first: reaching, last: reaching },
    { part: 'main', first: cap.rows + 2, last: rows },
  ];
  return {
    ...SLEEVE_PIECE,
    fabric,
    work: round ? 'rounds' : 'rows',
    rows: ['cap.rows', 'sleeve.rows', ...(faded ? (['fade.rows'] as const) : [])],
    passages: [
      {
        kind: 'start',
        part: 'main',
        stitches: width,
        extra: 0,
        along: 'the armhole, from the middle of its base over the shoulder and down again',
        ...(round ? { round: own.rounds as RoundWay } : {}),
      },
      {
        kind: 'short',
        part: 'main',
        shortRows,
        label: 'Cap',
        graded: gradedAtTurns(plainStitchOf(fabric), shortRows.rows, unit),
      },
      {
        kind: 'shape',
        part: 'main',
        to: rows,
        schedule: taper,
        where: { at: 'both edges' },
        of: { start: 'sleeve.top', end: 'sleeve.cuff', rows: 'sleeve.rows' },
      },
      ...(faded ? [fadeRounds(counts.of('sleeve.cuff'), rows)] : []),
    ],
    edges: [
      {
        id: 'sleeve.top',
        role: 'sleeve top',
        label: 'Sleeve, picked up',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        along: capRuns('short rows', cap),
      },
      {
        id: 'sleeve.cuff',
        role: 'wrist',
        label: 'Sleeve, cuff edge',
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: end.n, from: 0, count: end.count },
        open: !style.cuff,
      },
      ...(round ? [] : seamEdges(fabric, { front: seam(2), back: seam(cap.rows + 1) }, [0, 0, ...outwards])),
    ],
    expects: [
      { quantity: 'sleeve.top', edges: ['sleeve.top'] },
      { quantity: faded ? 'sleeve.end' : 'sleeve.cuff', edges: ['sleeve.cuff'] },
    ],
  };
}
