import fc from 'fast-check';
import type { Gauge } from '../fabric/fabric.js';
import { anotherYarn, metresRatio } from './another.js';

const gauge = (stitches: number, rows: number): Gauge => ({ stitches, stitchesOver: 10, rows, rowsOver: 10 });
const fabric = { gauge: gauge(16, 12) };

it('takes the planned metres where the gauge is the same, in whole balls', () => {
  expect(anotherYarn(fabric, 1290, { metres: 120 })).toEqual({ metres: 1290, balls: 11, cost: null });
  expect(anotherYarn(fabric, 1200, { metres: 120, price: 6.5, gauge: gauge(32, 24) })).toEqual({
    metres: 2400,
    balls: 20,
    cost: 130,
  });
});

it('takes twice the metres where stitches are half as large each way, and half where they are twice as large', () => {
  expect(metresRatio(fabric, gauge(32, 24))).toBeCloseTo(2, 12);
  expect(metresRatio(fabric, gauge(8, 6))).toBeCloseTo(0.5, 12);
  expect(metresRatio(fabric, undefined)).toBe(1);
});

it('never falls short, and never buys a ball too many', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 20, max: 400 }), (metres, ball) => {
      const { balls } = anotherYarn(fabric, metres, { metres: ball });
      expect(balls * ball).toBeGreaterThanOrEqual(metres);
      expect((balls - 1) * ball).toBeLessThan(metres);
    }),
  );
});
