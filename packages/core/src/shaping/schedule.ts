import { ordinal } from '../text/phrase.js';
import { timesInWords } from '../text/singular.js';
import { spread } from './spread.js';

/** Which gaps come first: wide ones (slow), narrow ones (fast), or both by turns as evenly as they go. */
export type Order = 'slow first' | 'fast first' | 'mixed';
export const ORDERS: readonly Order[] = ['slow first', 'fast first', 'mixed'];

export interface ScheduleRequest {
  /** Stitches at the start and at the end. */
  start: number;
  end: number;
  /** Stitches that one shaping row changes: 2 for both edges, 8 for a full raglan round, ... */
  perEvent: number;
  /** First and last row in which shaping may happen. */
  firstRow: number;
  lastRow: number;
  /** 1: any row; 2: every second row from `firstRow` on (right-side rows only). */
  everyRow: 1 | 2;
  order: Order;
}

/** "every 6th row 5 times": a run of equal gaps. */
export interface Rate {
  every: number;
  times: number;
}

export interface Schedule {
  start: number;
  end: number;
  perEvent: number;
  /** +1 grows, -1 narrows, 0 stays. */
  direction: 1 | -1 | 0;
  /** Rows in which shaping happens, rising. */
  events: readonly number[];
  /** Stitches that each event changes, where they differ from `perEvent`. */
  amounts?: readonly number[];
  /** The row from which the first gap is counted. */
  after: number;
  /** The rows in which shaping may happen. */
  room: { first: number; last: number; everyRow: 1 | 2 };
  /** The gaps as runs. At most two unless mixed (three when mirrored). */
  rates: readonly Rate[];
  order: Order | 'phases' | 'curve';
}

export type ScheduleResult = { ok: true; schedule: Schedule } | { ok: false; message: string };

/** How many shaping rows fit between the first and the last. */
export function slots({
  firstRow,
  lastRow,
  everyRow,
}: Pick<ScheduleRequest, 'firstRow' | 'lastRow' | 'everyRow'>): number {
  return lastRow < firstRow ? 0 : Math.floor((lastRow - firstRow) / everyRow) + 1;
}

/**
 * Spreads the shaping as evenly as whole rows allow. With m possible rows and n events the gaps are floor(m / n) and
 * one more; m mod n of them are the wider kind (the "more-or-less right"
 * formula of hand knitting, as in Maggie Righetti, "Sweater Design in Plain English", 1990; from memory).
 *
 * @returns the rows of the events, or a sentence that says why they do not fit
 */
export function schedule(request: ScheduleRequest): ScheduleResult {
  const { start, end, perEvent, firstRow, everyRow, order } = request;
  const change = Math.abs(end - start);
  if (change % perEvent !== 0)
    return {
      ok: false,
      message: `from ${start} to ${end} is ${change} stitches, which shaping rows of ${perEvent} do not reach exactly`,
    };
  const count = change / perEvent;
  const room = slots(request);
  if (count > room) return { ok: false, message: `${count} shaping rows do not fit into ${room} rows` };
  const gaps = evenGaps(room, count, order);
  let slot = 0;
  const events = gaps.map((gap) => firstRow + ((slot += gap) - 1) * everyRow);
  return {
    ok: true,
    schedule: {
      start,
      end,
      perEvent,
      direction: Math.sign(end - start) as 1 | -1 | 0,
      events,
      after: firstRow - everyRow,
      room: { first: firstRow, last: request.lastRow, everyRow },
      rates: ratesOf(gaps.map((gap) => gap * everyRow)),
      order,
    },
  };
}

/** So many events in so many rows: the gaps before each, in rows that may shape, as even as they go. */
export function evenGaps(room: number, count: number, order: Order): number[] {
  if (count === 0) return [];
  if (order === 'mixed') return spread(room, count);
  const narrow = Math.floor(room / count);
  const wider = room % count;
  const wide = new Array<number>(wider).fill(narrow + 1);
  const rest = new Array<number>(count - wider).fill(narrow);
  return order === 'slow first' ? [...wide, ...rest] : [...rest, ...wide];
}

/** Gaps as runs of equal ones. */
export function ratesOf(gaps: readonly number[]): Rate[] {
  const rates: Rate[] = [];
  for (const every of gaps) {
    const last = rates.at(-1);
    if (last?.every === every) last.times += 1;
    else rates.push({ every, times: 1 });
  }
  return rates;
}

/**
 * The same piece worked from its other end: counts of row k become counts of row rows + 1 - k, growth becomes narrowing.
 *
 * @param forward the schedule in the first direction
 * @param rows rows of the whole part, the same in both directions
 */
export function mirrored(forward: Schedule, rows: number): Schedule {
  const { room } = forward;
  const lastSlot =
    room.first + Math.max(0, Math.floor((room.last - room.first) / room.everyRow)) * room.everyRow;
  const events = forward.events.map((row) => rows + 2 - row).reverse();
  const firstGap = events.length > 0 ? events[0]! - 1 : 0;
  const gaps = events.map((row, i) => (i === 0 ? firstGap : row - events[i - 1]!));
  return {
    ...forward,
    start: forward.end,
    end: forward.start,
    direction: (forward.direction === 0 ? 0 : -forward.direction) as 1 | -1 | 0,
    events,
    ...(forward.amounts ? { amounts: [...forward.amounts].reverse() } : {}),
    after: 1,
    room: { ...room, first: rows + 2 - lastSlot, last: rows + 2 - room.first },
    rates: ratesOf(gaps),
  };
}

/** Stitches that event i changes. */
export function amountOf({ amounts, perEvent }: Pick<Schedule, 'amounts' | 'perEvent'>, i: number): number {
  return amounts?.[i] ?? perEvent;
}

/** The stitches after each event. */
export function countsAfter(schedule: Schedule): number[] {
  let count = schedule.start;
  return schedule.events.map((_, i) => (count += schedule.direction * amountOf(schedule, i)));
}

/** The stitches after each of the rows first to last. */
export function countsByRow(schedule: Schedule, first: number, last: number): number[] {
  const counts: number[] = [];
  let count = schedule.start;
  let next = 0;
  for (let row = first; row <= last; row += 1) {
    while (next < schedule.events.length && schedule.events[next]! <= row) {
      count += schedule.direction * amountOf(schedule, next);
      next += 1;
    }
    counts.push(count);
  }
  return counts;
}

/**
 * A schedule from steps: stitches after each row, of which only the changes are events.
 *
 * @param start stitches before the first of these rows
 * @param firstRow number of the first of these rows
 * @param counts stitches after each row, all rising or all falling
 */
export function fromSteps(start: number, firstRow: number, counts: readonly number[]): Schedule {
  const events: number[] = [];
  const amounts: number[] = [];
  let before = start;
  counts.forEach((count, i) => {
    if (count !== before) {
      events.push(firstRow + i);
      amounts.push(Math.abs(count - before));
    }
    before = count;
  });
  const gaps = events.map((row, i) => row - (events[i - 1] ?? firstRow - 1));
  return {
    start,
    end: before,
    perEvent: 1,
    direction: Math.sign(before - start) as 1 | -1 | 0,
    events,
    amounts,
    after: firstRow - 1,
    room: { first: firstRow, last: firstRow + counts.length - 1, everyRow: 1 },
    rates: ratesOf(gaps),
    order: 'curve',
  };
}

/** The same schedule so many rows later. */
export function later(schedule: Schedule, rows: number): Schedule {
  if (rows === 0) return schedule;
  const { events, after, room } = schedule;
  return {
    ...schedule,
    events: events.map((row) => row + rows),
    after: after + rows,
    room: { ...room, first: room.first + rows, last: room.last + rows },
  };
}

/** "every 3rd row 11 times, then every 2nd row 4 times"; for gaps by turns the rows themselves. */
export function ratesInWords({ rates, events }: Pick<Schedule, 'rates' | 'events'>): string {
  if (events.length === 0) return 'work even';
  if (rates.length > 3) return `in rows ${events.join(', ')}`;
  return rates
    .map(
      ({ every, times }) => `every ${every === 1 ? 'row' : `${ordinal(every)} row`} ${timesInWords(times)}`,
    )
    .join(', then ');
}
