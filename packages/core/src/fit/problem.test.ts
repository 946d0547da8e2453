import { testQuantity as quantity } from '../testing/randomProblems.js';
import { asWanted, breaksWish } from './problem.js';
import { solve } from './solve.js';

const alone = (target: number, perCm: number, rounding: 'not over' | 'not under') => {
  const result = solve({
    quantities: [quantity('q', target, { perCm, rounding })],
    helpers: [],
    relations: [],
  });
  return result.kind === 'solved' ? result.counts['q'] : result.kind;
};

describe('a hair', () => {
  it('is a tenth of a stitch or row, and never more than a millimetre', () => {
    expect(asWanted(2)).toBeCloseTo(0.05);
    expect(asWanted(0.5)).toBeCloseTo(0.1);
  });

  it('is not “under”: 10.01 stitches wanted are 10, and 38 stay 38', () => {
    expect(alone(10.01, 1, 'not under')).toBe(10);
    expect(alone(38.0004 / 1.6, 1.6, 'not under')).toBe(38);
    expect(alone(10.2, 1, 'not under')).toBe(11);
  });

  it('is not “over”: 7.99 rows wanted are 8, and 8.00 are 8', () => {
    expect(alone(7.99, 1, 'not over')).toBe(8);
    expect(alone(8.0000001, 1, 'not under')).toBe(8);
    expect(alone(7.8, 1, 'not over')).toBe(7);
  });

  it('counts in cm where stitches are wide: 1.2 mm over is over, although it is less than a tenth of a stitch', () => {
    const wide = quantity('q', 4, { perCm: 0.5, rounding: 'not over' });
    expect(breaksWish({ ...wide, target: 3.88 }, 2)).toBe(true);
    expect(breaksWish({ ...wide, target: 3.92 }, 2)).toBe(false);
  });
});
