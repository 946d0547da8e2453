import fc from 'fast-check';
import Fraction from 'fraction.js';
import {
  countsAfter,
  countsByRow,
  fromSteps,
  mirrored,
  ORDERS,
  ratesInWords,
  schedule,
  slots,
  type Schedule,
  type ScheduleRequest,
} from './schedule.js';

const scheduleFor = (request: ScheduleRequest): Schedule => {
  const result = schedule(request);
  if (!result.ok) throw new Error(result.message);
  return result.schedule;
};

/** Any request whose events fit. */
const anyRequest = fc
  .record({
    rows: fc.integer({ min: 4, max: 120 }),
    share: fc.double({ min: 0, max: 1, noNaN: true }),
    perEvent: fc.constantFrom(1, 2, 8),
    start: fc.integer({ min: 10, max: 60 }),
    grow: fc.boolean(),
    everyRow: fc.constantFrom(1 as const, 2 as const),
    order: fc.constantFrom(...ORDERS),
  })
  .map(({ rows, share, perEvent, start, grow, everyRow, order }) => {
    const firstRow = everyRow === 2 ? 3 : 2;
    const lastRow = rows;
    const events = Math.floor(share * slots({ firstRow, lastRow, everyRow }));
    const change = events * perEvent;
    const [from, to] = grow ? [start, start + change] : [start + change, start];
    return { request: { start: from, end: to, perEvent, firstRow, lastRow, everyRow, order }, events, rows };
  });

const countsOf = ({ start, direction, perEvent, events }: Schedule, rows: number) =>
  Array.from(
    { length: rows },
    (_, i) => start + direction * perEvent * events.filter((row) => row <= i + 1).length,
  );

describe('schedule', () => {
  it('reaches the end exactly, within its rows, on its parity', () => {
    fc.assert(
      fc.property(anyRequest, ({ request, events, rows }) => {
        const found = scheduleFor(request);
        expect(found.events).toHaveLength(events);
        expect(new Set(found.events).size).toBe(events);
        expect(countsOf(found, rows).at(-1)).toBe(request.end);
        for (const row of found.events) {
          expect(row).toBeGreaterThanOrEqual(request.firstRow);
          expect(row).toBeLessThanOrEqual(request.lastRow);
          expect((row - request.firstRow) % request.everyRow).toBe(0);
        }
      }),
    );
  });

  it('uses at most two rates that differ by one step, in the order wished', () => {
    fc.assert(
      fc.property(anyRequest, ({ request, events }) => {
        fc.pre(request.order !== 'mixed' && events > 0);
        const { rates } = scheduleFor(request);
        expect(rates.length).toBeLessThanOrEqual(2);
        expect(rates.reduce((sum, { times }) => sum + times, 0)).toBe(events);
        const [first, second] = rates;
        if (first && second)
          expect(first.every - second.every).toBe(
            request.order === 'slow first' ? request.everyRow : -request.everyRow,
          );
      }),
    );
  });

  it('mixes evenly: no stretch of rows has more than one event more than another of the same length', () => {
    fc.assert(
      fc.property(anyRequest, fc.integer({ min: 1, max: 40 }), ({ request, rows }, length) => {
        const { events } = scheduleFor({
          ...request,
          order: 'mixed',
          everyRow: 1,
          firstRow: 2,
          lastRow: rows + rows,
        });
        const has = new Set(events);
        const within = (from: number) =>
          Array.from({ length }, (_, i) => from + i).filter((row) => has.has(row)).length;
        const windows = Array.from({ length: Math.max(0, 2 * rows - 1 - length) }, (_, i) => within(2 + i));
        if (windows.length > 0) expect(Math.max(...windows) - Math.min(...windows)).toBeLessThanOrEqual(1);
      }),
      { numRuns: 60 },
    );
  });

  it('mirrored gives the same counts from the other end, and twice mirrored the same rows', () => {
    fc.assert(
      fc.property(anyRequest, ({ request, rows }) => {
        const forward = scheduleFor(request);
        const back = mirrored(forward, rows);
        expect(countsOf(back, rows)).toEqual(countsOf(forward, rows).reverse());
        expect(mirrored(back, rows).events).toEqual(forward.events);
      }),
    );
  });

  it('answers what does not fit with a sentence', () => {
    const base = {
      start: 40,
      end: 60,
      perEvent: 2,
      firstRow: 2,
      lastRow: 9,
      everyRow: 1,
      order: 'slow first',
    } as const;
    expect(schedule(base)).toEqual({ ok: false, message: '10 shaping rows do not fit into 8 rows' });
    expect(schedule({ ...base, end: 53 })).toMatchObject({
      ok: false,
      message: expect.stringContaining('13 stitches'),
    });
  });

  // By hand: 40 to 78 stitches are 19 shaping rows; rows 2 to 45 are 44; 44 = 6 x 3 + 13 x 2 (common practice, "more or less right").
  it('agrees with a sleeve worked out by hand', () => {
    const sleeve = scheduleFor({
      start: 40,
      end: 78,
      perEvent: 2,
      firstRow: 2,
      lastRow: 45,
      everyRow: 1,
      order: 'slow first',
    });
    expect(ratesInWords(sleeve)).toBe('every 3rd row 6 times, then every 2nd row 13 times');
    expect(sleeve.events.slice(0, 7)).toEqual([4, 7, 10, 13, 16, 19, 21]);
  });

  it('says one event, every row, and no events', () => {
    expect(
      ratesInWords(
        scheduleFor({
          start: 10,
          end: 12,
          perEvent: 2,
          firstRow: 2,
          lastRow: 6,
          everyRow: 1,
          order: 'mixed',
        }),
      ),
    ).toBe('every 5th row once');
    expect(
      ratesInWords(
        scheduleFor({
          start: 10,
          end: 14,
          perEvent: 1,
          firstRow: 2,
          lastRow: 5,
          everyRow: 1,
          order: 'mixed',
        }),
      ),
    ).toBe('every row 4 times');
    expect(
      ratesInWords(
        scheduleFor({
          start: 10,
          end: 10,
          perEvent: 1,
          firstRow: 2,
          lastRow: 5,
          everyRow: 1,
          order: 'mixed',
        }),
      ),
    ).toBe('work even');
  });

  // Exact rational arithmetic (fraction.js): event i of an evenly mixed schedule lies at the i-th multiple of rows / events.
  it('lies where exact fractions say', () => {
    fc.assert(
      fc.property(anyRequest, ({ request, events }) => {
        fc.pre(events > 0);
        const found = scheduleFor({ ...request, order: 'mixed' });
        const room = slots(request);
        const exact = Array.from({ length: events }, (_, i) => {
          const slot = Number(new Fraction(room * (i + 1), events).floor().valueOf());
          return request.firstRow + (slot - 1) * request.everyRow;
        });
        expect(found.events).toEqual(exact);
      }),
    );
  });

  // The "more-or-less right" formula (Maggie Righetti, "Sweater Design in Plain English", 1990, from memory): divide the rows by
  // the shapings; the remainder of the division is how many gaps are one row longer.
  it('agrees with the handbook’s division with remainder', () => {
    fc.assert(
      fc.property(anyRequest, ({ request, events }) => {
        fc.pre(events > 0);
        const room = slots(request);
        const { rates } = scheduleFor({ ...request, order: 'slow first' });
        const longer = rates.find(
          ({ every }) => every === (Math.floor(room / events) + 1) * request.everyRow,
        );
        expect(longer?.times ?? 0).toBe(room % events);
      }),
    );
  });

  it('shapes by whole units where a unit is what an event changes', () => {
    // Meshes of 3 stitches, one at each edge: 30 to 48 stitches in 3 events of 6.
    const meshes = scheduleFor({
      start: 30,
      end: 48,
      perEvent: 6,
      firstRow: 2,
      lastRow: 10,
      everyRow: 1,
      order: 'mixed',
    });
    expect([meshes.events, countsAfter(meshes)]).toEqual([
      [4, 7, 10],
      [36, 42, 48],
    ]);
  });

  it('is made of steps again, with the amounts of each', () => {
    const made = fromSteps(20, 11, [20, 17, 15, 15, 14]);
    expect([made.events, made.amounts, made.end]).toEqual([[12, 13, 15], [3, 2, 1], 14]);
    expect(countsByRow(made, 11, 15)).toEqual([20, 17, 15, 15, 14]);
    expect(countsByRow(mirrored(made, 20), 1, 20)).toEqual(countsByRow(made, 1, 20).reverse());
  });
});
