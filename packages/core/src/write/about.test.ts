import { plan } from '../plan.js';
import { demoDesigns, designWith, sizeOf } from '../testing/designs.js';
import { aboutLines, statedEase } from './about.js';
import { lineToText } from './text.js';
import type { WrittenSize } from './written.js';

const sizesWith = (...ease: number[]) =>
  ease.map((cm) => ({ finished: [{ id: 'bust', actual: 90 + cm }], body: { bust: 90, hip: 96 } }));

describe('stated ease', () => {
  it('is one figure for sizes that are nearly alike: their mean', () => {
    expect(statedEase(sizesWith(9, 10, 11))).toEqual({ at: 'bust', ease: [10, 10, 10] });
  });

  it('is each size’s own where they are not', () => {
    expect(statedEase(sizesWith(4, 10))!.ease).toEqual([4, 10]);
    expect(statedEase(sizesWith(4, -3))!.ease).toEqual([4, -3]);
  });

  it('is none where it would not be felt', () => {
    expect(statedEase(sizesWith(0.3, -0.4, 0.2))!.ease).toEqual([0, 0, 0]);
  });

  it('is told at the hip of what goes round that, and not at all where nothing goes round the body', () => {
    const own = (id: string) => [{ finished: [{ id, actual: 100 }], body: { bust: 90, hip: 96 } }];
    expect(statedEase(own('hip'))).toEqual({ at: 'hip', ease: [4] });
    expect(statedEase(own('rectangleWidth'))).toBeNull();
  });
});

describe('what a pattern says of itself', () => {
  const design = designWith({ sizes: ['S', 'M', 'L'].map((id, i) => sizeOf(id, { bust: 88 + 8 * i })) });
  const sizes = plan(design).sizes;
  const eased = (...ease: number[]): WrittenSize[] =>
    sizes.map((size, i) => ({
      ...size,
      finished: size.finished.map((one, at) =>
        at === 0 ? { ...one, actual: size.body.bust + ease[i]! } : one,
      ),
    }));
  const said = (own: readonly WrittenSize[], of = design) =>
    aboutLines(own, of, of.fabrics, 'cm').map((one) =>
      lineToText(
        one,
        own.map(({ label }) => label),
      ),
    );

  it('names the ease, wide or tight', () => {
    expect(said(eased(10, 10, 10))[1]).toBe('To be worn with about 10 cm of ease at the bust.');
    expect(said(eased(-5, -5, -5))[1]).toBe(
      'To be worn with about 5 cm of negative ease at the bust: it stretches to the body.',
    );
    expect(said(eased(0, 0.2, 0))[1]).toBe(
      'To be worn without ease at the bust: it measures what the body does.',
    );
  });

  it('gives sizes that stretch to the body a line of their own', () => {
    expect(said(eased(4, 2, -2)).slice(1, 3)).toEqual([
      'Sizes S, M: To be worn with about 4 (2, –) cm of ease at the bust.',
      'Size L: To be worn with about 2 cm of negative ease at the bust: it stretches to the body.',
    ]);
  });

  it('says how it is worked, whether it is open, and the author’s skill before its own', () => {
    const about = (name: string) => {
      const demo = demoDesigns()[name]!;
      return said(plan(demo).sizes, demo);
    };
    expect(about('sedgecombe-cardigan')[0]).toMatch(
      /raglan lines, in rows; sleeves go on .* Open at the front, with bands\.$/,
    );
    expect(about('brackenlow-pullover')[0]).toMatch(
      /sleeves are worked from the cuff up and sewn in\. Closed: it is drawn over the head\.$/,
    );
    expect(said(sizes, { ...design, words: { skill: 'experienced' } }).at(-1)).toBe('Skill: experienced.');
  });
});
