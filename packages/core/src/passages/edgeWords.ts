/** How a passage is written that is shaped at an edge, or at both edges by several stitches. */

import { amountOf, countsAfter, type Schedule } from '../shaping/schedule.js';
import { countOf } from '../text/singular.js';
import { line, NONE, type Line } from '../write/line.js';
import { amountsInWords, rangeInWords, type RowWords } from '../write/rowWords.js';
import { plainRowLines } from './plainRows.js';
import type { PieceSoFar, Reached } from './pieceSoFar.js';
import { countsFromFirst, scheduleTable } from './scheduleTables.js';
import { endOf, type Shape } from './shapePassage.js';

/**
 * Shaping at an edge (or at both alike): how many stitches in which rows. One is worked together (or two in one); more are
 * slipped over or left where they are, or added by chains.
 */
export function writeEdge(
  shapes: readonly Shape[],
  before: readonly Reached[],
  ranges: readonly string[],
  edge: string,
  grow: boolean,
  soFar: PieceSoFar,
  counted: boolean,
): Line[] {
  const { stitch } = soFar;
  const { part } = shapes[0]!;
  const words = soFar.wordsOf(part);
  const share = shapes[0]!.where.at === 'both edges' ? 2 : 1;
  const places = [
    { place: edge, share, schedules: shapes.map(({ schedule }) => schedule) },
    ...(shapes.some(({ also }) => also)
      ? [
          {
            place: shapes.find(({ also }) => also)!.also!.edge,
            share: 1,
            schedules: shapes.map(({ also }) => also?.schedule ?? NOTHING),
          },
        ]
      : []),
  ];
  const which = whichEdge(shapes, edge).filter((said) => soFar.isNew(said.join(''), edge));
  if (soFar.rowByRow && words.end !== 'return') return [...which, ...edgeRows(shapes[0]!, before[0]!, soFar)];
  /** How one stitch is gained or lost, and several; what was said before of the piece is not said again. */
  const how = (more: boolean): Line[] => {
    const own = places.flatMap(({ place, schedules, share: of }) =>
      schedules
        .filter(({ events, direction }) => events.length > 0 && direction > 0 === more)
        .map((schedule) => ({
          place,
          most: Math.max(...schedule.events.map((_, i) => amountOf(schedule, i))) / of,
          least: Math.min(...schedule.events.map((_, i) => amountOf(schedule, i))) / of,
        })),
    );
    if (own.length === 0) return [];
    const { place } = own[0]!;
    const between = more && words.end === 'return';
    const single = between
      ? `a loop in the space beside the st at ${place}`
      : more
        ? `2 ${stitch} in the st at ${place}`
        : `${stitch}2tog over the 2 sts at ${place}`;
    const further = more
      ? `To add more: where a row begins at ${place} ch so many before turning, and the turning chain as usual, and work into them; where it ends there work so many foundation ${stitch}.`
      : `To take off more: sl st over them where a row begins at ${place}, leave them unworked where it ends there.`;
    return [
      ...(own.some(({ least }) => least === 1)
        ? [line`To ${more ? 'add' : 'take off'} 1 st: ${single}.`]
        : []),
      ...(own.some(({ most }) => most > 1) ? [[further]] : []),
    ].filter((said) => soFar.isNew(said.join('')));
  };
  const rows = shapes.map(({ to }) => to);
  const does = (schedules: readonly Schedule[]) =>
    schedules.some(({ direction }) => direction > 0) ? 'add' : 'take off';
  const said = [...which, ...how(grow), ...how(!grow)];
  if (soFar.isAlone) {
    const [only] = shapes as [Shape];
    const at = places.flatMap(({ place, schedules: [schedule], share: of }) =>
      schedule!.events.length === 0
        ? []
        : [`at ${place} ${does([schedule!])} ${amountsInWords(schedule!, of, words)}`],
    );
    return [
      ...said,
      line`${words.one}s ${ranges}, shaped, the other ${words.short}s even (${endOf(only)} sts at the end): ${at.join('; at the same time, ') || 'work even'}`,
      // Two edges at once have no count of their own after each row.
      ...(!counted || only.also || only.schedule.events.length === 0
        ? []
        : [countsLine(only.schedule, words)]),
    ];
  }
  if (places.length === 1 && shapes.every(({ schedule }) => schedule.events.length === 1)) {
    const [{ schedules }] = places as [(typeof places)[0]];
    const many = schedules.map((one) => amountOf(one, 0) / share);
    const at = schedules.map(({ events }) => events[0]!);
    const only = shapes.every(({ to }, size) => before[size]!.n + 1 === to);
    return [
      ...said,
      line`${words.one}s ${ranges}${{ inline: soFar.lengthBeside(rows) }}: ${does(schedules)} ${many} sts at ${edge}${{ inline: only ? [] : line` in ${words.short} ${at}, the other ${words.short}s even` }}; ${words.end}. (${shapes.map(endOf)} sts)`,
    ];
  }
  const tables = places
    .map(({ place, schedules, share: of }) =>
      scheduleTable({
        schedules,
        from: before.map(({ n }) => n),
        does: does(schedules),
        place: `at ${place}`,
        share: of,
        row: words.short,
      }),
    )
    .filter((table) => table.rows.length > 0);
  const counting = tables.some(countsFromFirst)
    ? line`, ${words.short} ${before.map(({ n }, size) => (rows[size]! > n ? n + 1 : NONE))} being its ${words.short} 1`
    : [];
  return [
    ...said,
    [
      ...line`${words.one}s ${ranges}${{ inline: soFar.lengthBeside(rows) }}: shape as the table${tables.length > 1 ? 's say' : ' says'}${{ inline: counting }}, the other ${words.short}s even; ${words.end}. (${shapes.map(endOf)} sts)`,
      ...tables,
    ],
  ];
}

/** At which end of rows the shaped edge lies, where that is the same in all sizes. */
function whichEdge(shapes: readonly Shape[], edge: string): Line[] {
  const sides = new Set(shapes.map(({ where }) => (where.at === 'one edge' ? where.side : null)));
  const [side] = sides;
  if (sides.size > 1 || side === null || side === undefined) return [];
  return [
    [
      `${edge[0]!.toUpperCase()}${edge.slice(1)} lies where right-side rows ${side === 'right' ? 'begin' : 'end'}.`,
    ],
  ];
}

/** Nothing is shaped. */
const NOTHING: Schedule = {
  start: 0,
  end: 0,
  perEvent: 1,
  direction: 0,
  events: [],
  after: 0,
  room: { first: 1, last: 1, everyRow: 1 },
  rates: [],
  order: 'curve',
};

/** For one size alone: every row, those that shape at an edge in full. */
function edgeRows({ part, to }: Shape, { n: before, count }: Reached, soFar: PieceSoFar): Line[] {
  const words = soFar.wordsOf(part);
  const own = soFar.rowsOfPart(part, 0);
  const lines: Line[] = [];
  let [below, even] = [count, before + 1];
  const evenTo = (last: number) => {
    if (last >= even)
      lines.push(
        line`${words.one}s ${rangeInWords(even, last)}${{ inline: last === to ? soFar.lengthBeside([to]) : [] }}: even.${last === to ? ` (${countOf(below, 'st')})` : ''}`,
      );
  };
  for (const row of own) {
    if (row.n <= before || row.n > to || row.count === below) continue;
    evenTo(row.n - 1);
    lines.push(...plainRowLines(row, below, soFar.stitch, words));
    [below, even] = [row.count, row.n + 1];
  }
  evenTo(to);
  return lines;
}

/** For one size alone: the stitches after every shaping row. */
export function countsLine(schedule: Schedule, { short }: RowWords): Line {
  const after = countsAfter(schedule);
  const counts = schedule.events.map((row, i) => `${short} ${row}: ${countOf(after[i]!, 'st')}`);
  return line`Counts after these ${short}s: ${counts.join(', ')}.`;
}
