import fc from 'fast-check';
import { EASE_CLASSES, EASE_SCALE, easeInWords } from './easeClasses';
import { roundAt } from './roundAt';

describe('classes of ease (common practice; Craft Yarn Council, from memory)', () => {
  it.each([
    [-7, 'very close'],
    [-12, 'closer than very close'],
    [-3, 'stretched a little'],
    [0, 'at the body'],
    [3, 'close'],
    [5, 'classic'],
    [9.9, 'classic'],
    [10, 'loose'],
    [15, 'oversized'],
    [60, 'oversized'],
  ])('%d cm is %s', (cm, words) => expect(easeInWords(cm)).toBe(words));

  it('do not overlap and lie on the scale', () => {
    EASE_CLASSES.forEach(({ from, to }, i) => {
      expect(from).toBeLessThan(to);
      expect(from).toBeGreaterThanOrEqual(i === 0 ? EASE_SCALE.from : EASE_CLASSES[i - 1]!.to);
      expect(to).toBeLessThanOrEqual(EASE_SCALE.to);
    });
  });
});

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
