import { evenGaps, slots, ratesOf, type Order, type Schedule, type ScheduleResult } from './schedule.js';
import { spread } from './spread.js';

export interface RiseRequest {
  /** Stitches to be gained on one side of a line. */
  total: number;
  /** First and last row in which shaping may happen. */
  firstRow: number;
  lastRow: number;
  /** 1: any row; 2: every second row from `firstRow` on (right-side rows only). */
  everyRow: 1 | 2;
  /** Stitches that one row may gain there: 2 where rows are tall (common practice, three stitches worked into one). */
  most: 1 | 2;
  /** Which rate comes first. */
  order: Order;
  /**
   * How many of the rows that may shape all do so at the start, before the rest is spread; null: the two rates that come out
   * most even.
   */
  fast?: number | null;
  /** +1 gains, -1 loses the stitches. */
  direction?: 1 | -1;
}

/**
 * The rows in which a yoke's line gains its stitches: one in a row as far as that reaches, two in some rows where it does not.
 * Usually fast first: "every row 12 times, then every 2nd row 3 times". The schedule counts from 0 to the total.
 *
 * @returns the schedule, or a sentence that says why the stitches do not fit
 */
export function rise(request: RiseRequest): ScheduleResult {
  const { total, firstRow, lastRow, everyRow, most, order, fast = null, direction = 1 } = request;
  const room = slots(request);
  if (total > most * room)
    return {
      ok: false,
      message: `${total} stitches do not fit into ${room} shaping rows of ${most} at most`,
    };
  const many = Math.min(total, room);
  const gaps = fast === null ? evenGaps(room, many, order) : fastGaps(room, many, fast, order);
  let slot = 0;
  const events = gaps.map((gap) => firstRow + ((slot += gap) - 1) * everyRow);
  const amounts = doubled(many, total - many, order);
  return {
    ok: true,
    schedule: {
      start: direction > 0 ? 0 : total,
      end: direction > 0 ? total : 0,
      perEvent: 1,
      direction: total === 0 ? 0 : direction,
      events,
      ...(total > many ? { amounts } : {}),
      after: firstRow - everyRow,
      room: { first: firstRow, last: lastRow, everyRow },
      rates: ratesOf(gaps.map((gap) => gap * everyRow)),
      order,
    },
  };
}

/** So many rows one after another, then what is left as even as it goes. */
function fastGaps(room: number, many: number, fast: number, order: Order): number[] {
  const first = Math.max(0, Math.min(many, fast));
  // What is left is mixed evenly: it would else begin as fast again.
  const rest = order === 'fast first' ? 'mixed' : order;
  return [...new Array<number>(first).fill(1), ...evenGaps(room - first, many - first, rest)];
}

/** Which of the shaping rows gain two: the first ones where it goes fast first, the last ones where it goes slow first. */
function doubled(many: number, twos: number, order: Order): number[] {
  if (order === 'mixed') return spread(many + twos, Math.max(1, many)).slice(0, many);
  const two = new Array<number>(twos).fill(2);
  const one = new Array<number>(many - twos).fill(1);
  return order === 'slow first' ? [...one, ...two] : [...two, ...one];
}

/** How many rows at the start of a schedule shape one directly after another (in the rows that may): where its rate changes. */
export function fastRows({ rates, room }: Pick<Schedule, 'rates' | 'room'>): number {
  return rates[0]?.every === room.everyRow ? rates[0].times : 0;
}
