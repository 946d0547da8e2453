import fc from 'fast-check';
import { roundAt } from './sits.js';

describe('roundAt', () => {
  const rounds = [
    { at: 10, round: 100 },
    { at: 30, round: 80 },
    { at: 40, round: 80 },
  ];

  it('is the line between what is known, and nothing beyond', () => {
    expect([10, 20, 30, 35, 40].map((at) => roundAt(rounds, at))).toEqual([100, 90, 80, 80, 80]);
    expect([roundAt(rounds, 9.9), roundAt(rounds, 40.1), roundAt([], 5)]).toEqual([null, null, null]);
  });

  it('never leaves the rounds that it lies between', () => {
    fc.assert(
      fc.property(fc.double({ min: 10, max: 40, noNaN: true }), (at) => {
        const round = roundAt(rounds, at)!;
        expect(round).toBeGreaterThanOrEqual(80);
        expect(round).toBeLessThanOrEqual(100);
      }),
    );
  });
});
