/** When sizes shape, as a table with sizes across: by rates where these are few, else row by row; and how that is read. */

import { ReadFault } from '../read/maker.js';
import type { ReadTable } from '../read/ofSize.js';
import { amountOf, ratesOf, type Schedule } from '../shaping/schedule.js';
import { aligned } from '../text/aligned.js';
import { ordinal } from '../text/phrase.js';
import { NONE, tableOf, type Table } from '../write/line.js';

/** Most rates that are read more easily than rows. */
const MOST_RATES = 7;
/** Where two stitches are gained in some of the rows that else gain one. */
const TWICE = { first: '2 sts in the first of these', last: '2 sts in the last of these' };

/** What is done at a place: "take off", "the neck edge"; `share`: places among which each event is shared alike. */
interface Shaped {
  schedules: readonly Schedule[];
  /** The last row before the passage in each size: rows of the table are counted from it. */
  from: readonly number[];
  does: string;
  place: string;
  share: number;
  row: 'row' | 'rnd';
}

/**
 * The table of a schedule: by rates ("first", "then every 4th row"), by stretches of rows with an even one after each, or row by row
 * with the stitches of each. The shortest is taken, the first of these where they are equal.
 */
export function scheduleTable(shaped: Shaped): Table {
  const byRate = ratesTable(shaped);
  const ways = [
    ...(byRate && byRate.rows.length <= MOST_RATES ? [byRate] : []),
    ...stretchesTable(shaped),
    rowsTable(shaped),
  ];
  return ways.reduce((best, one) => (one.rows.length < best.rows.length ? one : best));
}

const STRETCHES = ', so many rows, then 1 row even';

/** Where at most one row is worked even between those that shape: how many of these come one after the other, time after time. */
function stretchesTable({ schedules, does, place, share, row }: Shaped): Table[] {
  const amounts = schedules.flatMap((one) => one.events.map((_, i) => amountOf(one, i) / share));
  const [each] = amounts;
  const gaps = schedules.map(({ events }) => events.slice(1).map((n, i) => n - events[i]!));
  if (amounts.some((many) => many !== each) || gaps.flat().some((gap) => gap > 2)) return [];
  const stretches = schedules.map(({ events }, size) => {
    const lengths = events.length === 0 ? [] : [1];
    for (const gap of gaps[size]!) {
      if (gap === 1) lengths[lengths.length - 1]! += 1;
      else lengths.push(1);
    }
    return lengths;
  });
  const most = Math.max(0, ...stretches.map(({ length }) => length));
  return [
    tableOf(`${does}${each === 1 ? '' : ` ${each} sts`} ${place}${STRETCHES.replaceAll('row', row)}`, [
      {
        label: `first in ${row}`,
        each: schedules.map(({ events }) => (events[0] === undefined ? NONE : String(events[0]))),
      },
      ...Array.from({ length: most }, (_, i) => ({
        label: `${ordinal(i + 1)} time`,
        each: stretches.map((lengths) => String(lengths[i] ?? NONE)),
      })),
    ]),
  ];
}

/** Row by row: how many stitches each changes, the rows counted from the first of the passage. */
function rowsTable({ schedules, from, does, place, share, row }: Shaped): Table {
  const cells = schedules.map(
    (schedule, size) =>
      new Map(
        schedule.events.map((n, i) => [n - from[size]!, String(amountOf(schedule, i) / share)] as const),
      ),
  );
  const last = Math.max(0, ...cells.flatMap((of) => [...of.keys()]));
  const rows: { first: number; last: number; each: string[] }[] = [];
  for (let n = 1; n <= last; n += 1) {
    const each = cells.map((of) => of.get(n) ?? NONE);
    const before = rows.at(-1);
    if (before && String(before.each) === String(each)) before.last = n;
    else rows.push({ first: n, last: n, each });
  }
  return tableOf(
    `${does} ${place}, sts`,
    rows.map(({ first, last: to, each }) => ({
      label: first === to ? `${row} ${first}` : `${row}s ${first}–${to}`,
      each,
    })),
  );
}

/** By rates: the first row, and then how often at which distance; null where amounts differ. */
function ratesTable({ schedules, does, place, share, row }: Shaped): Table | null {
  if (schedules.every(({ events }) => events.length === 0)) return tableOf('', []);
  const amounts = schedules.flatMap((one) => one.events.map((_, i) => amountOf(one, i) / share));
  const least = Math.min(...amounts);
  const twice = least === 1 && amounts.some((many) => many === 2) ? twiceOf(schedules, share) : null;
  if (amounts.some((many) => many !== least) && !twice) return null;
  const runs = schedules.map(({ events }) => ratesOf(events.slice(1).map((n, i) => n - events[i]!)));
  const columns = aligned(runs.map((of) => of.map(({ every }) => String(every))));
  const rates = columns.map(({ sizes, places }) => {
    const each = schedules.map(() => NONE);
    sizes.forEach((size, i) => (each[size] = `${runs[size]![places[i]!]!.times}×`));
    const { every } = runs[sizes[0]!]![places[0]!]!;
    return { label: `then every ${every === 1 ? row : `${ordinal(every)} ${row}`}`, each };
  });
  return tableOf(`${does}${least === 1 ? '' : ` ${least} sts`} ${place} in ${row}`, [
    {
      label: 'first',
      each: schedules.map(({ events }) => (events[0] === undefined ? NONE : String(events[0]))),
    },
    ...rates,
    ...(twice ?? []),
  ]);
}

/** How many of the first (or last) events change two stitches; null where these lie elsewhere. */
function twiceOf(schedules: readonly Schedule[], share: number): Table['rows'] | null {
  for (const end of ['first', 'last'] as const) {
    const many = schedules.map((one) => one.events.filter((_, i) => amountOf(one, i) / share === 2).length);
    const fits = schedules.every((one, size) =>
      one.events.every((_, i) => {
        const two = end === 'first' ? i < many[size]! : i >= one.events.length - many[size]!;
        return amountOf(one, i) / share === (two ? 2 : 1);
      }),
    );
    if (fits) return [{ label: TWICE[end], each: many.map((of) => (of === 0 ? NONE : String(of))) }];
  }
  return null;
}

/** A table of a schedule as one size reads it. */
export interface ReadSchedule {
  /** "take off", "increase" */
  does: string;
  /** "at the neck edge" */
  place: string;
  /** Stitches by row. */
  rows: Map<number, number>;
}

/**
 * What a table of one size says.
 *
 * @param before the last row before the passage
 * @throws ReadFault when it is not as tables of schedules are written
 */
export function readScheduleTable(table: ReadTable, before: number): ReadSchedule {
  const [, does, place] =
    /^(add|take off|increase|decrease)(?: \d+ sts)? (.+?)(?:, sts| in (?:row|rnd)|, so many (?:row|rnd)s, then 1 (?:row|rnd) even)$/.exec(
      table.head,
    ) ?? [];
  const rows = rowsOfTable(table, before);
  if (does === undefined || !rows) throw new ReadFault(`the table “${table.head}” cannot be read`);
  return { does, place: place!, rows };
}

/** Whether rows of a table are counted from the first of the passage. */
export function countsFromFirst({ head }: Pick<Table, 'head'>): boolean {
  return head.endsWith(', sts');
}

/** The stitches that each row changes; null where that cannot be read. */
function rowsOfTable({ head, rows }: ReadTable, before: number): Map<number, number> | null {
  const changes = new Map<number, number>();
  if (countsFromFirst({ head })) {
    for (const [label, figure] of rows) {
      const [, first, last] = /^(?:row|rnd)s? (\d+)(?:–(\d+))?$/.exec(label) ?? [];
      if (first === undefined || !/^\d+$/.test(figure)) return null;
      for (let n = Number(first); n <= Number(last ?? first); n += 1) changes.set(before + n, Number(figure));
    }
    return changes;
  }
  const each = Number(/^(?:add|take off|increase|decrease) (\d+) sts /.exec(head)?.[1] ?? 1);
  let [row, time] = [NaN, 0];
  if (/, then 1 (?:row|rnd) even$/.test(head)) {
    for (const [label, figure] of rows) {
      if (!/^\d+$/.test(figure)) return null;
      if (/^first in (?:row|rnd)$/.test(label)) row = Number(figure);
      else if (label !== `${ordinal((time += 1))} time`) return null;
      else {
        for (let i = 0; i < Number(figure); i += 1) changes.set(row++, each);
        row += 1;
      }
    }
    return Number.isNaN(row) && rows.length > 0 ? null : changes;
  }
  for (const [label, figure] of rows) {
    const [, every] = /^then every (?:(\d+)(?:st|nd|rd|th) )?(?:row|rnd)$/.exec(label) ?? [];
    if (label === 'first') changes.set((row = Number(figure)), each);
    else if (label === TWICE.first || label === TWICE.last) {
      const all = [...changes.keys()];
      const some = label === TWICE.first ? all.slice(0, Number(figure)) : all.slice(-Number(figure));
      for (const one of some) changes.set(one, 2 * each);
    } else if (/^then every /.test(label) && /^\d+×$/.test(figure))
      for (let i = 0; i < parseInt(figure, 10); i += 1) changes.set((row += Number(every ?? 1)), each);
    else return null;
  }
  return [...changes.keys()].some(Number.isNaN) ? null : changes;
}
