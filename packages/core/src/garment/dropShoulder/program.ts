import { USUAL_STRETCH, foundationExtra } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import type { Counts } from '../../fit/problem.js';
import type { JoinPlan } from '../../joins/join.js';
import type { Passage } from '../../shaping/passages.js';
import { mirrored, schedule, type Schedule, type ScheduleRequest } from '../../shaping/schedule.js';
import type { EdgeProgram, PieceProgram, Program, SizeInput } from '../construction.js';
import { bandPiece } from '../shared/bands.js';
import { neckOpening, neckSlope } from '../shared/neck.js';
import { forSize } from '../shared/perSize.js';
import { bandHeight } from './draft.js';
import type { DropShoulderStyle } from './style.js';

type Input = SizeInput<DropShoulderStyle>;
type Side = 'left' | 'right';
const SIDES: readonly Side[] = ['left', 'right'];

/** The pieces and joins of a drop-shoulder pullover. Left and right are the wearer's. */
export function program(input: Input, counts: Counts): Program {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const pieces: PieceProgram[] = [back(input, counts), front(input, counts), sleeve(input, counts)];
  if (style.hem) pieces.push(bandPiece('hem', 'Hem rib', 2, fabrics.get(style.hem.fabric)!, counts));
  if (style.cuff) pieces.push(bandPiece('cuff', 'Cuff rib', 2, fabrics.get(style.cuff.fabric)!, counts));

  const stitches = perCm(fabric.gauge, 'stitches');
  const rows = perCm(fabric.gauge, 'rows');
  const neck = counts['neck.width']! / stitches;
  const drop = counts['neck.drop']!;
  const slope = neckSlope(counts['neck.width']!, drop);
  return {
    pieces,
    joins: joins(style),
    facts: {
      closedNeck: {
        opening: neckOpening(neck, drop === 0 ? neck : neck - (2 * slope) / stitches, drop / rows),
        stretch: fabric.stretch ?? USUAL_STRETCH,
        front: 'neck.width',
      },
      sleeveTop: { round: counts['sleeve.top']! / stitches, quantity: 'sleeve.top' },
      reach: {
        overhang: (counts['back.width']! / stitches - input.body.body.crossBack) / 2,
        sleeve: counts['sleeve.rows']! / rows,
        cuff: bandHeight('cuff', counts, input),
        wanted: input.body.body.shoulderToWrist - forSize(style.sleeve.shorter, input.size.id),
      },
    },
  };
}

/** Row ends of one part. */
function ends(...spans: { part: string; first: number; last: number }[]): EdgeProgram['place'] {
  return { lies: 'row ends', spans };
}

function back({ style, fabrics }: Input, counts: Counts): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const width = counts['back.width']!;
  const rows = counts['body.rows']!;
  const side = counts['side.rows']!;
  const shoulder = counts['shoulder.width']!;
  const neck = counts['neck.width']!;
  const top = (from: number, count: number) =>
    ({ lies: 'live', part: 'main', n: rows, from, count }) as const;
  return {
    id: 'back',
    label: 'Back',
    copies: 1,
    fabric,
    work: 'rows',
    passages: [
      { kind: 'start', part: 'main', stitches: width, extra: foundationExtra(fabric), along: null },
      { kind: 'even', part: 'main', to: side },
      { kind: 'mark', part: 'main', meaning: 'the underarm' },
      { kind: 'even', part: 'main', to: rows },
    ],
    edges: [
      {
        id: 'back.hem',
        label: 'Back, lower edge',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.hem,
      },
      ...SIDES.flatMap((which): EdgeProgram[] => [
        {
          id: `back.side-${which}`,
          label: `Back, ${which} side`,
          axis: 'rows',
          place: ends({ part: 'main', first: 1, last: side }),
        },
        {
          id: `back.armhole-${which}`,
          label: `Back, ${which} armhole`,
          axis: 'rows',
          place: ends({ part: 'main', first: side + 1, last: rows }),
        },
      ]),
      { id: 'back.shoulder-left', label: 'Back, left shoulder', axis: 'stitches', place: top(0, shoulder) },
      { id: 'back.neck', label: 'Back neck', axis: 'stitches', place: top(shoulder, neck), open: true },
      {
        id: 'back.shoulder-right',
        label: 'Back, right shoulder',
        axis: 'stitches',
        place: top(shoulder + neck, shoulder),
      },
    ],
    expects: [
      { quantity: 'back.width', edges: ['back.hem'] },
      { quantity: 'back.width', edges: ['back.shoulder-left', 'back.neck', 'back.shoulder-right'] },
      { quantity: 'neck.width', edges: ['back.neck'] },
      { quantity: 'side.rows', edges: ['back.side-left'] },
      { quantity: 'body.rows', edges: ['back.side-left', 'back.armhole-left'] },
      { quantity: 'shoulder.width', edges: ['back.shoulder-right'] },
    ],
  };
}

/** The front: as the back up to the neck, then two shoulders with the centre left unworked. */
function front({ style, fabrics }: Input, counts: Counts): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const width = counts['front.width']!;
  const rows = counts['body.rows']!;
  const side = counts['side.rows']!;
  const shoulder = counts['shoulder.width']!;
  const neck = counts['neck.width']!;
  const drop = counts['neck.drop']!;
  const slope = neckSlope(neck, drop);
  const divide = rows - drop;
  const centre = neck - 2 * slope;
  const split = drop > 0;

  // The front lies mirrored to the back: its first stitches are the wearer's right.
  const partOf = (which: Side) => (split ? `${which}-shoulder` : 'main');
  const shoulders: Passage[] = split
    ? (['right', 'left'] as const).flatMap((which): Passage[] => [
        {
          kind: 'go on',
          part: partOf(which),
          from: 'main',
          at: which === 'right' ? 0 : width - shoulder - slope,
          take: shoulder + slope,
          leave: which === 'right' ? width - shoulder - slope : 0,
          rejoin: which === 'left',
          label: which === 'right' ? 'First shoulder' : 'Second shoulder',
        },
        {
          kind: 'shape',
          part: partOf(which),
          to: rows,
          where: 'neck edge',
          neckSide: which === 'right' ? 'right' : 'left',
          schedule: must({
            start: shoulder + slope,
            end: shoulder,
            perEvent: 1,
            firstRow: divide + 2,
            lastRow: rows,
            everyRow: 1,
            order: 'fast first',
          }),
        },
      ])
    : [{ kind: 'even', part: 'main', to: rows }];

  const topOf = (which: Side): EdgeProgram['place'] =>
    split
      ? { lies: 'live', part: partOf(which), n: rows, from: 0, count: shoulder }
      : {
          lies: 'live',
          part: 'main',
          n: rows,
          from: which === 'right' ? 0 : shoulder + neck,
          count: shoulder,
        };
  const armholeOf = (which: Side) =>
    split
      ? ends(
          { part: 'main', first: side + 1, last: divide },
          { part: partOf(which), first: divide + 1, last: rows },
        )
      : ends({ part: 'main', first: side + 1, last: rows });
  return {
    id: 'front',
    label: 'Front',
    copies: 1,
    fabric,
    work: 'rows',
    passages: [
      { kind: 'start', part: 'main', stitches: width, extra: foundationExtra(fabric), along: null },
      { kind: 'even', part: 'main', to: side },
      { kind: 'mark', part: 'main', meaning: 'the underarm' },
      { kind: 'even', part: 'main', to: divide },
      ...shoulders,
    ],
    edges: [
      {
        id: 'front.hem',
        label: 'Front, lower edge',
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: !style.hem,
      },
      ...SIDES.flatMap((which): EdgeProgram[] => [
        {
          id: `front.side-${which}`,
          label: `Front, ${which} side`,
          axis: 'rows',
          place: ends({ part: 'main', first: 1, last: side }),
        },
        {
          id: `front.armhole-${which}`,
          label: `Front, ${which} armhole`,
          axis: 'rows',
          place: armholeOf(which),
        },
        {
          id: `front.shoulder-${which}`,
          label: `Front, ${which} shoulder`,
          axis: 'stitches',
          place: topOf(which),
        },
        ...(split
          ? [
              {
                id: `front.neck-${which}`,
                label: `Front neck, ${which} side`,
                axis: 'rows' as const,
                place: ends({ part: partOf(which), first: divide + 1, last: rows }),
                open: true,
              },
            ]
          : []),
      ]),
      {
        id: 'front.neck',
        label: 'Front neck, centre',
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: divide, from: shoulder + slope, count: centre },
        open: true,
      },
    ],
    expects: [
      { quantity: 'front.width', edges: ['front.hem'] },
      { quantity: 'side.rows', edges: ['front.side-left'] },
      { quantity: 'armhole.rows', edges: ['front.armhole-left'] },
      { quantity: 'armhole.rows', edges: ['front.armhole-right'] },
      { quantity: 'shoulder.width', edges: ['front.shoulder-left'] },
      ...(split ? [{ quantity: 'neck.drop', edges: ['front.neck-right'] }] : []),
    ],
  };
}

/** The sleeve, flat, from the cuff up or from the armhole down; downwards its rows are the upward ones reversed. */
function sleeve({ style, fabrics }: Input, counts: Counts): PieceProgram {
  const fabric = fabrics.get(style.fabric)!;
  const up = style.sleeve.worked === 'up';
  const rows = counts['sleeve.rows']!;
  const top = counts['sleeve.top']!;
  const cuff = counts['sleeve.cuff']!;
  const { everyRow, order } = style.sleeve;
  // Right-side rows are odd. Seen from the other end, row r becomes rows + 2 - r, so the first row shifts to keep them odd.
  const firstRow = everyRow === 1 ? 2 : up || rows % 2 === 0 ? 3 : 2;
  const upward = must({ start: cuff, end: top, perEvent: 2, firstRow, lastRow: rows - 1, everyRow, order });
  const taper = up ? upward : mirrored(upward, rows);
  const edgeAt = (end: 'start' | 'finish', count: number): EdgeProgram['place'] =>
    end === 'start'
      ? { lies: 'foundation', part: 'main' }
      : { lies: 'live', part: 'main', n: rows, from: 0, count };
  return {
    id: 'sleeve',
    label: 'Sleeve',
    copies: 2,
    fabric,
    work: 'rows',
    passages: [
      {
        kind: 'start',
        part: 'main',
        stitches: up ? cuff : top,
        extra: up ? foundationExtra(fabric) : 0,
        along: up ? null : 'the armhole, from one underarm marker over the shoulder to the other',
      },
      { kind: 'shape', part: 'main', to: rows, schedule: taper, where: 'both edges' },
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
        place: ends({ part: 'main', first: 1, last: rows }),
      },
      {
        id: 'sleeve.back-edge',
        label: 'Sleeve, back edge',
        axis: 'rows',
        place: ends({ part: 'main', first: 1, last: rows }),
      },
    ],
    expects: [
      { quantity: 'sleeve.top', edges: ['sleeve.top'] },
      { quantity: 'sleeve.cuff', edges: ['sleeve.cuff'] },
      { quantity: 'sleeve.rows', edges: ['sleeve.front-edge'] },
    ],
  };
}

/** A schedule that the fit has already made room for. */
function must(request: ScheduleRequest): Schedule {
  const result = schedule(request);
  if (!result.ok) throw new Error(`the fit left no room for a schedule: ${result.message}`);
  return result.schedule;
}

function joins({ hem, cuff, sleeve: { worked } }: DropShoulderStyle): JoinPlan[] {
  return [
    ...SIDES.map((side): JoinPlan => ({
      id: `shoulder-${side}`,
      label: `Shoulder seam, ${side}`,
      kind: 'stitch-to-stitch',
      a: [`back.shoulder-${side}`],
      b: [`front.shoulder-${side}`],
    })),
    ...SIDES.map((side): JoinPlan => ({
      id: `armhole-${side}`,
      label: `Armhole, ${side}`,
      kind: worked === 'up' ? 'stitch-to-row' : 'pick-up',
      a: ['sleeve.top'],
      b: [`back.armhole-${side}`, `front.armhole-${side}`],
    })),
    ...SIDES.map((side): JoinPlan => ({
      id: `side-${side}`,
      label: `Side seam, ${side}`,
      kind: 'row-to-row',
      a: [`back.side-${side}`],
      b: [`front.side-${side}`],
    })),
    ...SIDES.map((side): JoinPlan => ({
      id: `sleeve-seam-${side}`,
      label: `Sleeve seam, ${side}`,
      kind: 'row-to-row',
      a: ['sleeve.front-edge'],
      b: ['sleeve.back-edge'],
    })),
    ...(hem
      ? [
          ...(['back', 'front'] as const).map((piece): JoinPlan => ({
            id: `hem-${piece}`,
            label: `Hem rib to ${piece}`,
            kind: 'stitch-to-row',
            a: ['hem.joined'],
            b: [`${piece}.hem`],
            gather: hem.gather,
          })),
          ...SIDES.map((side): JoinPlan => ({
            id: `hem-side-${side}`,
            label: `Hem rib, ${side} side`,
            kind: 'stitch-to-stitch',
            a: ['hem.end'],
            b: ['hem.start'],
          })),
        ]
      : []),
    ...(cuff
      ? SIDES.flatMap((side): JoinPlan[] => [
          {
            id: `cuff-${side}`,
            label: `Cuff rib to sleeve, ${side}`,
            kind: 'stitch-to-row',
            a: ['cuff.joined'],
            b: ['sleeve.cuff'],
            gather: cuff.gather,
          },
          {
            id: `cuff-seam-${side}`,
            label: `Cuff seam, ${side}`,
            kind: 'stitch-to-stitch',
            a: ['cuff.end'],
            b: ['cuff.start'],
          },
        ])
      : []),
  ];
}
