import { shapedRows } from '../../../fabric/fabric.js';
import type { LineSection } from '../../../shaping/lines.js';
import type { Passage } from '../../../passages/passage.js';
import { rise } from '../../../shaping/rates.js';
import { countsByRow, type Schedule } from '../../../shaping/schedule.js';
import type { EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { ends, SIDES } from '../pieces.js';
import { bodyParts, splitRole, type SplitPart } from './split.js';
import { bodyEnd, bodyFabricOf, bodyStart, changesFabric } from './bodyFabric.js';
import { type YokeStyle } from './fields.js';
import { isOpen } from '../front.js';

type Input = SizeInput<YokeStyle>;

/** Row of the body in which a fabric of its own begins: the first takes up the yoke's stitches. */
const CHANGE_ROW = 2;

/** The body from the underarm down, over the yoke's stitches and the two underarm chains. */
export function body(input: Input, counts: GarmentCounts, split: readonly SplitPart[]): PieceProgram {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const open = isOpen(style);
  const parts = bodyParts(split, counts.of('underarm.chain'));
  const rows = counts.of('body.rows');
  const round = counts.of('body.round');
  const end = bodyEnd(input, counts);
  const last = counts.of(end);
  const changes = changesFabric(input);
  const own = bodyFabricOf(input);
  const first = counts.of(bodyStart(input));
  const shaped = shape(input, counts, parts);
  let from = 0;
  const starts = parts.map(({ id, of, side, label, count }): EdgeProgram => {
    const edge: EdgeProgram = {
      id: `body.${id}`,
      role: splitRole(of),
      ...(side ? { side } : {}),
      label: `Body, ${label}`,
      axis: 'stitches',
      place: { lies: 'base', part: 'main', n: 1, from, count },
    };
    from += count;
    return edge;
  });
  /** How far each front edge lies outside the first row's, in stitches. */
  const outwards = shaped.counts.map((count) => (count - round) / 2);
  return {
    id: 'body',
    role: 'body',
    shows: [['body.round'], ['body.rows']],
    label: 'Body',
    copies: 1,
    fabric,
    ...(changes ? { sections: [{ fabric: own, first: CHANGE_ROW }] } : {}),
    work: open ? 'rows' : 'rounds',
    rows: ['body.rows'],
    passages: [
      {
        kind: 'start',
        part: 'main',
        stitches: round,
        extra: 0,
        along: 'the yoke without its sleeves',
        over: parts.map(({ label, count, of }) => ({ label, count, chain: of === 'underarm' })),
        ...(open ? {} : { round: style.rounds }),
      },
      ...(changes
        ? [{ kind: 'change' as const, part: 'main', to: CHANGE_ROW, stitches: first, fabric: own.id }]
        : []),
      ...shaped.passages,
    ],
    edges: [
      ...starts,
      {
        id: 'body.hem',
        role: 'lower edge',
        label: 'Body, lower edge',
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: rows, from: 0, count: last },
        open: !style.hem,
      },
      ...(open
        ? SIDES.map((side): EdgeProgram => ({
            id: `body.edge-${side}`,
            role: 'front edge',
            side,
            downwards: true,
            label: `Body, ${side} front edge`,
            axis: 'rows',
            // The piece begins at the wearer's right front.
            place: ends(side === 'right' ? 'left' : 'right', { part: 'main', first: 1, last: rows }),
            path: outwards.map((stitches) => (side === 'right' ? -stitches : stitches)),
            open: style.front.style !== 'band',
          }))
        : []),
    ],
    expects: [
      { quantity: 'body.round', edges: starts.map(({ id }) => id) },
      { quantity: 'back.width', edges: open ? ['body.back'] : ['body.back-left', 'body.back-right'] },
      { quantity: 'underarm.chain', edges: ['body.underarm-left'] },
      { quantity: 'underarm.chain', edges: ['body.underarm-right'] },
      ...(open ? [{ quantity: 'body.rows' as const, edges: ['body.edge-left'] }] : []),
      { quantity: end, edges: ['body.hem'] },
    ],
  };
}

/** The rows below the first: straight, or shaped on both sides of each side line, and the stitches after each row. */
function shape(
  input: Input,
  counts: GarmentCounts,
  parts: readonly SplitPart[],
): { passages: Passage[]; counts: number[] } {
  const { style } = input;
  const rows = counts.of('body.rows');
  const start = bodyStart(input);
  const round = counts.of(start);
  const from = changesFabric(input) ? CHANGE_ROW : 1;
  const taken = counts.of('body.round');
  const { everyRow, odd } = shapedRows(bodyFabricOf(input));
  if (style.body.shape === 'straight')
    return {
      passages: [{ kind: 'even', part: 'main', to: rows }],
      counts: Array.from({ length: rows }, (_, i) => (i + 1 < from ? taken : round)),
    };
  const legs: { from: number; to: number; start: CountId; end: CountId; rows: CountId }[] =
    style.body.shape === 'A-line'
      ? [{ from, to: rows, start, end: 'body.hem', rows: 'body.rows' }]
      : [
          {
            from,
            to: counts.of('waist.rows'),
            start,
            end: 'body.waist',
            rows: 'waist.rows',
          },
          { from: counts.of('waist.rows'), to: rows, start: 'body.waist', end: 'body.hem', rows: 'hip.rows' },
        ];
  const chain = counts.of('underarm.chain');
  // The side lies in the middle of the underarm: between two stitches, or in one.
  const half = Math.floor(chain / 2);
  const side = (chain % 2) as 0 | 1;
  let widths = parts.reduce<number[]>((sums, { of, count }) => {
    if (of === 'underarm') return [...sums.slice(0, -1), sums.at(-1)! + half, half];
    return sums.length === 0 ? [count] : [...sums.slice(0, -1), sums.at(-1)! + count];
  }, []);
  widths = widenedTo(widths, round - 2 * side);
  const by: number[] = from > 1 ? [taken, round] : [round];
  const passages = legs.map(({ from, to, start, end, rows: of }): Passage => {
    const change = counts.of(end) - counts.of(start);
    const result = rise({
      total: Math.abs(change) / 4,
      firstRow: everyRow === 2 && (from + 1) % 2 !== odd ? from + 2 : from + 1,
      lastRow: to - (to === rows ? 0 : 1),
      everyRow,
      most: 1,
      order: 'slow first',
      direction: change < 0 ? -1 : 1,
    });
    if (!result.ok) throw new Error(`the fit left no room for the sides: ${result.message}`);
    const { schedule } = result;
    const sections = sideSections(widths, schedule);
    widths = widths.map((width, i) => width + (change / 4) * sidesOf(i));
    for (const gained of countsByRow(schedule, from + 1, to))
      by.push(counts.of(start) + 4 * (gained - schedule.start));
    return {
      kind: 'lines',
      part: 'main',
      to,
      sections,
      line: { stitches: side, school: 'beside' },
      name: 'side',
      of: { start, end, rows: of },
    };
  });
  return { passages, counts: by };
}

/** Parts of a row that becomes so many stitches wide, in the same shares. */
function widenedTo(widths: readonly number[], total: number): number[] {
  const before = widths.reduce((sum, width) => sum + width, 0);
  const [first, , last] = widths.map((width) => Math.round((width * total) / before));
  return before === total ? [...widths] : [first!, total - first! - last!, last!];
}

const SIDE_LABELS = ['first part', 'middle', 'last part'];

/** How many side lines a part lies at. */
const sidesOf = (i: number) => (i === 1 ? 2 : 1);

function sideSections(widths: readonly number[], schedule: Schedule): LineSection[] {
  return widths.map((count, i) => ({
    id: `side-${i}`,
    label: SIDE_LABELS[i]!,
    count,
    left: i === 0 ? null : schedule,
    right: i === widths.length - 1 ? null : schedule,
  }));
}
