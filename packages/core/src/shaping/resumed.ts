import { amountOf, evenGaps, ratesOf, slots, type Order, type Schedule } from './schedule.js';

/**
 * A schedule of which the rows up to `row` have been worked as another one had them: those stay, and what they have not yet changed is spread
 * over the rows that are left.
 *
 * @param before the schedule that the rows were worked by
 * @param now the schedule as it would be had nothing been worked
 * @returns null where the worked rows do not lead to the end that is wanted
 */
export function resumed(before: Schedule, now: Schedule, row: number): Schedule | null {
  const done = before.events.filter((event) => event <= row).length;
  const agrees =
    before.start === now.start &&
    now.events.filter((event) => event <= row).length === done &&
    now.events.slice(0, done).every((event, i) => event === before.events[i]) &&
    now.events.slice(0, done).every((_, i) => change(now, i) === change(before, i));
  if (agrees) return now;
  // From the same to the same in the same rows: it goes on as it was begun.
  if (before.start === now.start && before.end === now.end && sameRoom(before, now)) return before;
  if (before.start !== now.start || now.order === 'curve' || before.order === 'curve') return null;
  const worked = before.events.slice(0, done);
  const amounts = worked.map((_, i) => amountOf(before, i));
  const reached = worked.reduce((sum, _, i) => sum + change(before, i), before.start);
  const left = now.end - reached;
  const direction = Math.sign(left);
  const way = before.direction === 0 ? now.direction : before.direction;
  if (done > 0 && direction !== 0 && direction !== way) return null;
  const rest = spreadOut(now, Math.abs(left), Math.max(row, worked.at(-1) ?? 0));
  if (!rest) return null;
  const events = [...worked, ...rest.events];
  const each = [...amounts, ...rest.amounts];
  const gaps = events.map((event, i) => event - (events[i - 1] ?? now.after));
  const { amounts: _, ...whole } = now;
  return {
    ...whole,
    direction: (done > 0 ? way : direction) as Schedule['direction'],
    events,
    ...(each.some((amount) => amount !== now.perEvent) ? { amounts: each } : {}),
    rates: ratesOf(gaps),
  };
}

function sameRoom({ room: a }: Schedule, { room: b }: Schedule): boolean {
  return a.first === b.first && a.last === b.last && a.everyRow === b.everyRow;
}

function change(of: Schedule, i: number): number {
  return of.direction * amountOf(of, i);
}

/** So many stitches in the rows after `row` that may shape, as even as they go; null where they do not fit. */
function spreadOut(
  { room, perEvent, order, amounts }: Schedule,
  left: number,
  row: number,
): { events: number[]; amounts: number[] } | null {
  if (left === 0) return { events: [], amounts: [] };
  const later = Math.max(0, Math.ceil((row + 1 - room.first) / room.everyRow));
  const firstRow = room.first + later * room.everyRow;
  const rows = slots({ firstRow, lastRow: room.last, everyRow: room.everyRow });
  const most = Math.max(perEvent, ...(amounts ?? []));
  if (left % perEvent !== 0 || left > most * rows) return null;
  const times = Math.min(left / perEvent, rows);
  const gaps = evenGaps(rows, times, isOrder(order) ? order : 'slow first');
  let slot = 0;
  const events = gaps.map((gap) => firstRow + ((slot += gap) - 1) * room.everyRow);
  // What one stitch in a row does not reach is gained two at a time, from the first of them on.
  const twos = left / perEvent - times;
  return { events, amounts: events.map((_, i) => (i < twos ? 2 : 1) * perEvent) };
}

function isOrder(order: Schedule['order']): order is Order {
  return order !== 'phases' && order !== 'curve';
}
