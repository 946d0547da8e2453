import fc from 'fast-check';
import Fraction from 'fraction.js';
import { CM_PER_INCH } from '../units/length.js';
import { isLegal, ladder, legalAtLeast, legalAtMost, ruleInWords } from './counts.js';
import { perCm } from './gauge.js';

const anyRule = fc.record({
  multiple: fc.integer({ min: 1, max: 12 }),
  plus: fc.integer({ min: 0, max: 11 }),
});
const inch = CM_PER_INCH;

describe('worked figures (common practice)', () => {
  const gauge = { stitches: 17, stitchesOver: 4 * inch, rows: 9.5, rowsOver: 4 * inch };

  it('17 stitches in 4 in: 18 in are 76.5 stitches, 76 with an even rule, not over', () => {
    const stitches = 18 * inch * perCm(gauge, 'stitches');
    expect(stitches).toBeCloseTo(76.5, 10);
    expect(legalAtMost(stitches, { multiple: 2, plus: 0 })).toBe(76);
  });

  it('9.5 rows in 4 in: 13 in are 30.875 rows, 31 with an odd rule', () => {
    const rows = 13 * inch * perCm(gauge, 'rows');
    expect(rows).toBeCloseTo(30.875, 10);
    const nearest = ladder(13 * inch, perCm(gauge, 'rows'), { multiple: 2, plus: 1 }, 1).sort(
      (a, b) => Math.abs(a.over) - Math.abs(b.over),
    )[0];
    expect(nearest?.count).toBe(31);
  });

  it('5 + 2 flat is 5 in the round; mesh of 2-chain spaces is 3k + 1 flat', () => {
    expect([7, 12, 17].every((count) => isLegal(count, { multiple: 5, plus: 2 }))).toBe(true);
    expect(isLegal(10, { multiple: 5, plus: 2 })).toBe(false);
    expect(isLegal(10, { multiple: 5, plus: 0 })).toBe(true);
    expect([4, 7, 31].every((count) => isLegal(count, { multiple: 3, plus: 1 }))).toBe(true);
  });
});

describe('the legal counts around a length', () => {
  it('are exactly those that brute force finds', () => {
    fc.assert(
      fc.property(
        anyRule,
        fc.integer({ min: 20, max: 900 }),
        fc.integer({ min: 3, max: 40 }),
        (rule, tenths, perTen) => {
          const target = tenths / 10;
          const gauge = perTen / 10;
          const all = Array.from({ length: 800 }, (_, i) => i).filter(
            (n) => n > 0 && n >= rule.plus && (n - rule.plus) % rule.multiple === 0,
          );
          const exact = new Fraction(tenths).mul(perTen).div(100);
          const above = all.filter((n) => exact.lte(n)).slice(0, 3);
          const below = all.filter((n) => exact.gt(n)).slice(-3);
          expect(ladder(target, gauge, rule, 3).map(({ count }) => count)).toEqual([...below, ...above]);
        },
      ),
    );
  });

  it('at least and at most agree with the rule', () => {
    fc.assert(
      fc.property(anyRule, fc.double({ min: 0.1, max: 300, noNaN: true }), (rule, limit) => {
        const up = legalAtLeast(limit, rule);
        expect(isLegal(up, rule)).toBe(true);
        const down = legalAtMost(limit, rule);
        if (down !== null) {
          expect(isLegal(down, rule)).toBe(true);
          expect(down).toBeLessThanOrEqual(limit + 1e-6);
          expect(up - down).toBeLessThanOrEqual(rule.multiple);
        }
      }),
    );
  });

  it('has no rung at nothing or below the plus', () => {
    expect(ladder(0.5, 1, { multiple: 6, plus: 4 }, 3).map(({ count }) => count)).toEqual([4, 10, 16]);
  });
});

it('gauge is exact in fractions: 24 stitches in 15 cm over 53.5 cm', () => {
  const exact = new Fraction(24).div(15).mul('53.5');
  expect(53.5 * perCm({ stitches: 24, stitchesOver: 15, rows: 1, rowsOver: 1 }, 'stitches')).toBeCloseTo(
    exact.valueOf(),
    12,
  );
});

it('says rules in words', () => {
  expect(
    [
      [1, 0],
      [2, 0],
      [2, 1],
      [4, 2],
      [6, 0],
      [2, 3],
      [1, 150],
      [2, 150],
    ].map(([multiple, plus]) => ruleInWords({ multiple: multiple!, plus: plus! })),
  ).toEqual([
    'any number',
    'an even number',
    'an odd number',
    'a multiple of 4 plus 2',
    'a multiple of 6',
    'an odd number',
    'any number from 150 up',
    'an even number from 150 up',
  ]);
});
