import fc from 'fast-check';
import { countsByRow } from './schedule.js';
import { fastRows, rise, type RiseRequest } from './rates.js';

const ask = (total: number, more: Partial<RiseRequest> = {}): RiseRequest => ({
  total,
  firstRow: 2,
  lastRow: 21,
  everyRow: 1,
  most: 1,
  order: 'fast first',
  ...more,
});
const scheduleFor = (request: RiseRequest) => {
  const result = rise(request);
  if (!result.ok) throw new Error(result.message);
  return result.schedule;
};

/** Whether some choice of 0, 1, ... most in each row that may shape comes to the total: tried out. */
function reachable({ total, firstRow, lastRow, everyRow, most }: RiseRequest): boolean {
  let sums = new Set([0]);
  for (let row = firstRow; row <= lastRow; row += everyRow)
    sums = new Set([...sums].flatMap((sum) => Array.from({ length: most + 1 }, (_, i) => sum + i)));
  return sums.has(total);
}

const anyRise = fc.record({
  total: fc.integer({ min: 0, max: 24 }),
  firstRow: fc.constantFrom(2, 3),
  lastRow: fc.integer({ min: 3, max: 14 }),
  everyRow: fc.constantFrom(1 as const, 2 as const),
  most: fc.constantFrom(1 as const, 2 as const),
  order: fc.constantFrom('fast first' as const, 'slow first' as const, 'mixed' as const),
  fast: fc.constantFrom(null, 0, 2, 5, 40),
});

describe('rise', () => {
  it('starts fast and slows down, in two rates', () => {
    const { rates, events } = scheduleFor(ask(15));
    expect(rates).toEqual([
      { every: 1, times: 10 },
      { every: 2, times: 5 },
    ]);
    expect(events.at(-1)).toBe(21);
  });

  it('gains two in some rows where one in each is too little, the first ones when it goes fast first', () => {
    const { amounts } = scheduleFor(ask(26, { most: 2 }));
    expect(amounts).toEqual([...Array<number>(6).fill(2), ...Array<number>(14).fill(1)]);
    expect(scheduleFor(ask(26, { most: 2, order: 'slow first' })).amounts).toEqual([...amounts!].reverse());
    expect(rise(ask(26)).ok).toBe(false);
  });

  it('keeps the fast part that the designer sets, and spreads the rest', () => {
    const schedule = scheduleFor(ask(10, { fast: 4 }));
    expect(schedule.events.slice(0, 4)).toEqual([2, 3, 4, 5]);
    expect(fastRows(schedule)).toBe(4);
    const gaps = schedule.events.slice(4).map((row, i) => row - schedule.events[i + 3]!);
    expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(1);
  });

  it('fits exactly when some choice of rows comes to the total, and then comes to it', () => {
    fc.assert(
      fc.property(anyRise, (request) => {
        const result = rise(request);
        expect(result.ok).toBe(reachable(request));
        if (!result.ok) return;
        const { events, amounts, room } = result.schedule;
        expect(countsByRow(result.schedule, 1, request.lastRow).at(-1)).toBe(request.total);
        expect(new Set(events).size).toBe(events.length);
        for (const row of events) {
          expect(row).toBeGreaterThanOrEqual(room.first);
          expect(row).toBeLessThanOrEqual(room.last);
          expect((row - room.first) % request.everyRow).toBe(0);
        }
        for (const amount of amounts ?? []) expect(amount).toBeLessThanOrEqual(request.most);
      }),
      { numRuns: 400 },
    );
  });

  it('is even where it is mixed: no stretch of rows has more than one more than another as long', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 19 }), (total, length) => {
        const { events } = scheduleFor(ask(total, { order: 'mixed' }));
        const many = Array.from(
          { length: 20 - length + 1 },
          (_, i) => events.filter((row) => row >= 2 + i && row < 2 + i + length).length,
        );
        expect(Math.max(...many) - Math.min(...many)).toBeLessThanOrEqual(1);
      }),
    );
  });
});
