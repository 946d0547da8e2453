import fc from 'fast-check';
import { aligned } from './aligned.js';

describe('lists side by side', () => {
  it('share what they have in common, and keep the order of each', () => {
    expect(
      aligned([
        ['start', 'even', 'mark', 'even'],
        ['start', 'mark', 'even', 'end'],
      ]),
    ).toEqual([
      { sizes: [0, 1], places: [0, 0] },
      { sizes: [0], places: [1] },
      { sizes: [0, 1], places: [2, 1] },
      { sizes: [0, 1], places: [3, 2] },
      { sizes: [1], places: [3] },
    ]);
  });

  it('give every list again', () => {
    const list = fc.array(fc.constantFrom('a', 'b', 'c'), { maxLength: 7 });
    fc.assert(
      fc.property(fc.array(list, { minLength: 1, maxLength: 4 }), (lists) => {
        const columns = aligned(lists);
        lists.forEach((entries, size) => {
          const own = columns.flatMap(({ sizes, places }) =>
            sizes.includes(size) ? [places[sizes.indexOf(size)]!] : [],
          );
          expect(own).toEqual(entries.map((_, i) => i));
        });
        for (const { sizes, places } of columns)
          expect(new Set(sizes.map((size, i) => lists[size]![places[i]!])).size).toBe(1);
      }),
    );
  });
});
