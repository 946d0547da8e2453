import fc from 'fast-check';
import { seamOf, shapingOf, stitchesOf } from './work';

const any = { multiple: 1, plus: 0 };

it('turns a width into stitches, and gives the counts on both sides of it', () => {
  const found = stitchesOf(53, { count: 16, over: 10 }, any);
  expect(found.exact).toBeCloseTo(84.8, 9);
  expect([found.below!.count, found.above.count, found.nearest.count]).toEqual([84, 85, 85]);
  expect(found.nearest.cm).toBeCloseTo(53.125, 9);
});

it('keeps to whole units of a stitch pattern: 43 cm at 1.76 cm a unit of 5 is 25 units, 44 cm, where it must not be less (by hand)', () => {
  const found = stitchesOf(43, { count: 5, over: 1.76 }, { multiple: 5, plus: 0 });
  expect(found.above).toMatchObject({ count: 125, cm: expect.closeTo(44, 6) as number });
  expect(found.rule).toBe('a multiple of 5');
});

it('gives one count alone where it is as long as wanted', () => {
  const { below, above, nearest } = stitchesOf(50, { count: 16, over: 10 }, any);
  expect([above.count, nearest.count, below?.count]).toEqual([80, 80, 79]);
});

it('says how stitches meet row ends, and how many would lie flat', () => {
  expect(seamOf(60, 16, 45, 12)).toMatchObject({
    agrees: true,
    difference: 0,
    ratio: '4 stitches to 3 rows',
    wanted: 60,
  });
  expect(seamOf(70, 16, 45, 12)).toMatchObject({ agrees: false, wanted: 60 });
});

it('shapes so that the last row has the count that is wanted, or says why it cannot', () => {
  expect(shapingOf(60, 40, 60, 'slow first')).toMatchObject({ ok: true, words: 'every 6th row 10 times' });
  expect(shapingOf(60, 41, 60, 'slow first')).toMatchObject({ ok: false });
  fc.assert(
    fc.property(
      fc.integer({ min: 20, max: 60 }),
      fc.integer({ min: 0, max: 20 }),
      fc.integer({ min: 25, max: 90 }),
      (start, half, rows) => {
        const found = shapingOf(start + 2 * half, start, rows, 'mixed');
        if (!found.ok) throw new Error(found.message);
        expect(found.rows).toHaveLength(half);
        if (half > 0) expect(found.counts.at(-1)).toBe(start);
      },
    ),
  );
});
