import fc from 'fast-check';
import { tablesOf } from '../read/ofSize.js';
import { linesOfSize } from '../read/ofSize.js';
import { amountOf, fromSteps, schedule, type Schedule } from '../shaping/schedule.js';
import { lineToText } from '../write/text.js';
import { readScheduleTable, scheduleTable } from './scheduleTables.js';

const labels = ['S', 'M', 'L'];
const shaped = (schedules: readonly Schedule[], from: readonly number[], does: string, place: string) =>
  scheduleTable({ schedules, from, does, place, share: 1, row: 'row' });
/** What a maker of one size reads of a table. */
const read = (table: ReturnType<typeof shaped>, size: number, before: number) => {
  const text = lineToText(['Shape:', table], labels);
  const [own] = linesOfSize(text.split('\n'), size, labels);
  const [told] = tablesOf(own!);
  return told ? readScheduleTable(told, before).rows : new Map<number, number>();
};
const changes = (one: Schedule) => new Map(one.events.map((row, i) => [row, amountOf(one, i)]));

describe('the table of a schedule', () => {
  it('is by rates where these are few, a dash where a size has none', () => {
    const of = (end: number, rows: number) => {
      const made = schedule({
        start: 20,
        end,
        perEvent: 1,
        firstRow: 2,
        lastRow: rows,
        everyRow: 1,
        order: 'slow first',
      });
      if (!made.ok) throw new Error(made.message);
      return made.schedule;
    };
    const table = shaped([of(24, 17), of(26, 17), of(28, 17)], [1, 1, 1], 'increase', 'at both edges');
    expect(table.head).toBe('increase at both edges in row');
    expect(table.rows.map(({ label }) => label)).toEqual([
      'first',
      'then every 4th row',
      'then every 3rd row',
      'then every 2nd row',
    ]);
    expect(table.rows[1]!.each).toEqual(['3×', '–', '–']);
  });

  it('is by stretches where one row between is even, and row by row where stitches differ', () => {
    const V = (counts: number[]) => fromSteps(20, 5, counts);
    const three = [
      V([19, 18, 18, 17, 16, 15, 15, 14, 13, 13, 12, 11, 10, 10, 9]),
      V([19, 18, 17, 17, 16, 15, 15, 14, 13, 12, 12, 11, 10, 9, 9]),
      V([19, 19, 18, 17, 17, 16, 15, 14, 14, 13, 12, 11, 11, 10, 9]),
    ];
    expect(shaped(three, [4, 4, 4], 'take off', 'at the neck edge').head).toBe(
      'take off at the neck edge, so many rows, then 1 row even',
    );
    const curve = fromSteps(20, 5, [16, 14, 13, 13, 12]);
    expect(shaped([curve, curve, curve], [4, 4, 4], 'take off', 'at the neck edge').rows).toEqual([
      { label: 'row 1', each: ['4', '4', '4'] },
      { label: 'row 2', each: ['2', '2', '2'] },
      { label: 'row 3', each: ['1', '1', '1'] },
      { label: 'row 5', each: ['1', '1', '1'] },
    ]);
  });

  it('is read as the rows that it was made of, whatever they are', () => {
    const step = fc.constantFrom(0, 0, 1, 1, 1, 2, 5);
    const one = fc.tuple(fc.integer({ min: 1, max: 9 }), fc.array(step, { minLength: 1, maxLength: 24 }));
    fc.assert(
      fc.property(fc.tuple(one, one, one), (sizes) => {
        const schedules = sizes.map(([before, steps]) => {
          let count = 200;
          return fromSteps(
            200,
            before + 1,
            steps.map((many) => (count -= many)),
          );
        });
        const from = sizes.map(([before]) => before);
        const table = shaped(schedules, from, 'take off', 'at the neck edge');
        schedules.forEach((own, size) => expect(read(table, size, from[size]!)).toEqual(changes(own)));
      }),
    );
  });
});
