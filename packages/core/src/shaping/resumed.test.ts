import fc from 'fast-check';
import { resumed } from './resumed.js';
import { amountOf, countsByRow, fromSteps, ORDERS, schedule, slots, type Schedule } from './schedule.js';

const made = (request: Parameters<typeof schedule>[0]): Schedule | null => {
  const result = schedule(request);
  return result.ok ? result.schedule : null;
};

/** A schedule, another that begins with the same stitches, and a row that the first was worked to. */
const anyTwo = fc
  .record({
    rows: fc.integer({ min: 6, max: 100 }),
    laterRows: fc.integer({ min: -12, max: 12 }),
    start: fc.integer({ min: 30, max: 60 }),
    events: fc.integer({ min: 0, max: 40 }),
    otherEvents: fc.integer({ min: 0, max: 40 }),
    grow: fc.boolean(),
    everyRow: fc.constantFrom(1 as const, 2 as const),
    order: fc.constantFrom(...ORDERS),
    share: fc.double({ min: 0, max: 1, noNaN: true }),
  })
  .map(({ rows, laterRows, start, events, otherEvents, grow, everyRow, order, share }) => {
    const sign = grow ? 1 : -1;
    const base = { perEvent: 2, everyRow, order, start: start + 90, firstRow: 2 };
    const before = made({ ...base, end: base.start + sign * 2 * events, lastRow: rows });
    const now = made({
      ...base,
      end: base.start + sign * 2 * otherEvents,
      lastRow: Math.max(4, rows + laterRows),
    });
    return { before, now, row: Math.floor(share * rows) };
  })
  .filter(
    (two): two is { before: Schedule; now: Schedule; row: number } => two.before !== null && two.now !== null,
  );

describe('a schedule of which rows are worked', () => {
  it('keeps what was worked, ends where it is to, and shapes only where it may', () => {
    fc.assert(
      fc.property(anyTwo, ({ before, now, row }) => {
        const found = resumed(before, now, row);
        if (!found) return;
        const last = Math.max(before.room.last, now.room.last);
        expect(countsByRow(found, 1, row)).toEqual(countsByRow(before, 1, row));
        expect(countsByRow(found, last, last)).toEqual([now.end]);
        const later = found.events.filter((event) => event > row);
        expect(new Set(found.events).size).toBe(found.events.length);
        for (const event of later) {
          expect(event).toBeLessThanOrEqual(now.room.last);
          expect((event - now.room.first) % now.room.everyRow).toBe(0);
        }
        // Its rates say the same rows.
        let at = found.after;
        const told = found.rates.flatMap(({ every, times }) =>
          Array.from({ length: times }, () => (at += every)),
        );
        expect(told).toEqual(found.events);
      }),
    );
  });

  it('is given up only where what is left has no room, or would have to be undone', () => {
    fc.assert(
      fc.property(anyTwo, ({ before, now, row }) => {
        if (resumed(before, now, row)) return;
        const [reached] = countsByRow(before, row, row);
        const left = now.end - reached!;
        const worked = before.events.filter((event) => event <= row).length;
        const back = worked > 0 && left !== 0 && Math.sign(left) !== before.direction;
        const later = Math.max(0, Math.ceil((row + 1 - now.room.first) / now.room.everyRow));
        const room = slots({
          firstRow: now.room.first + later * now.room.everyRow,
          lastRow: now.room.last,
          everyRow: now.room.everyRow,
        });
        expect(back || Math.abs(left) / 2 > room).toBe(true);
      }),
    );
  });

  it('goes on as it was begun where nothing of it has changed', () => {
    fc.assert(
      fc.property(anyTwo, ({ before, row }) => {
        expect(resumed(before, before, row)).toBe(before);
        const half = resumed(before, { ...before, order: 'mixed' }, row)!;
        expect(half.events).toEqual(before.events);
      }),
    );
  });

  it('spreads as a maker does: 20 rows worked of 38 to 70 stitches in 47 rows, 51 wanted', () => {
    const before = made({
      start: 38,
      end: 70,
      perEvent: 2,
      firstRow: 2,
      lastRow: 46,
      everyRow: 1,
      order: 'slow first',
    })!;
    const now = made({
      start: 38,
      end: 70,
      perEvent: 2,
      firstRow: 2,
      lastRow: 50,
      everyRow: 1,
      order: 'slow first',
    })!;
    const found = resumed(before, now, 20)!;
    const done = before.events.filter((event) => event <= 20);
    expect(found.events.slice(0, done.length)).toEqual(done);
    expect(found.events).toHaveLength(16);
    const gaps = found.events
      .slice(done.length + 1)
      .map((event, i) => event - found.events[done.length + i]!);
    // 10 increases left in rows 21 to 50: every 3rd row.
    expect(new Set(gaps)).toEqual(new Set([3]));
  });

  it('does not guess how a curve would go on', () => {
    const before = fromSteps(0, 1, [3, 5, 6, 7, 7, 8]);
    const now = fromSteps(0, 1, [3, 5, 7, 8, 9, 10]);
    expect(resumed(before, now, 3)).toBeNull();
    expect(resumed(before, now, 2)).toBe(now);
    expect(amountOf(before, 0)).toBe(3);
  });
});
