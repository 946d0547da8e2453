import { EASE_CLASSES, EASE_SCALE, easeInWords } from './easeClasses';

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
