import fc from 'fast-check';
import { fastThenSlow, phased } from './phases.js';
import { countsByRow, mirrored, ratesInWords, schedule } from './schedule.js';

const yoke = { start: 80, end: 200, perEvent: 8, firstRow: 2, lastRow: 30 };

describe('phased', () => {
  it('is written in the words in which it was set', () => {
    const result = phased(yoke, [
      { every: 1, times: 12 },
      { every: 2, times: 3 },
    ]);
    expect(result.ok && ratesInWords(result.schedule)).toBe('every row 12 times, then every 2nd row 3 times');
    expect(result.ok && result.schedule.events).toEqual([2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 15, 17, 19]);
  });

  it('lets the last phase take the rest, and says what does not come out', () => {
    const rest = phased(yoke, [
      { every: 1, times: 5 },
      { every: 2, times: 'the rest' },
    ]);
    expect(rest.ok && rest.schedule.events).toHaveLength(15);
    expect(phased(yoke, [{ every: 1, times: 12 }])).toEqual({
      ok: false,
      message: 'the phases are 12 shaping rows, from 80 to 200 takes 15',
    });
    expect(phased({ ...yoke, lastRow: 18 }, [{ every: 2, times: 'the rest' }])).toEqual({
      ok: false,
      message: 'the phases reach row 30, there is room to row 18',
    });
    expect(phased({ ...yoke, end: 203 }, [])).toMatchObject({
      ok: false,
      message: expect.stringContaining('123 stitches'),
    });
    expect(
      phased(yoke, [
        { every: 1, times: 'the rest' },
        { every: 2, times: 3 },
      ]),
    ).toMatchObject({
      ok: false,
      message: 'only the last phase can take the rest of the shaping rows',
    });
  });

  it('mirrors exactly, also with phases', () => {
    const result = phased(yoke, [
      { every: 1, times: 12 },
      { every: 2, times: 3 },
    ]);
    if (!result.ok) throw new Error(result.message);
    const back = mirrored(result.schedule, 30);
    expect(countsByRow(back, 1, 30)).toEqual(countsByRow(result.schedule, 1, 30).reverse());
  });
});

describe('fastThenSlow', () => {
  it('fills the rows exactly, and agrees with the even schedule’s two rates', () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 60 }), fc.integer({ min: 1, max: 60 }), (events, more) => {
        const rows = events + more;
        const phases = fastThenSlow(events, rows);
        if (rows >= 2 * events) return expect(phases).toBeNull();
        const [fast, slow] = phases!;
        expect(Number(fast.times) + Number(slow.times)).toBe(events);
        expect(Number(fast.times) + 2 * Number(slow.times)).toBe(rows);
        const even = schedule({
          start: 0,
          end: events,
          perEvent: 1,
          firstRow: 2,
          lastRow: rows + 1,
          everyRow: 1,
          order: 'fast first',
        });
        if (!even.ok) throw new Error(even.message);
        expect(even.schedule.rates).toEqual([fast, slow]);
      }),
    );
  });

  it('has nothing to mix where one rate is enough', () => {
    expect([fastThenSlow(10, 10), fastThenSlow(10, 9), fastThenSlow(10, 20)]).toEqual([null, null, null]);
  });
});
