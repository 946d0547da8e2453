import fc from 'fast-check';
import { ringCourse, stitchesIn, type Course } from './course.js';
import { workRow } from './hook.js';
import { readRow } from './rowReader.js';
import { StitchError } from './tree.js';

const work = (words: string, below: Course, turned: boolean) =>
  workRow({ nodes: readRow(words, new Map()) }, below, { turned, round: true });

/** Rounds of a motif, worked into a ring one after another. */
function rounds(first: string, each: string, many: number, turned: boolean): Course[] {
  const made = [work(first, ringCourse(), false)];
  while (made.length < many) made.push(work(each, made.at(-1)!, turned));
  return made;
}

const again = (sides: number) => `repeat from * ${sides === 2 ? 'once' : `${sides - 1} times`}`;
const clusters = (sides: number) =>
  [
    `*3 dc in the ring, ch 2; ${again(sides)}; join`,
    `*(3 dc, ch 2, 3 dc) in the next corner sp, 3 dc in each sp to the next corner; ${again(sides)}; join`,
  ] as const;

describe('a motif stitch by stitch', () => {
  it('in clusters has one more on each side in every round, whatever its corners and however it turns', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 3, max: 8 }),
        fc.integer({ min: 2, max: 9 }),
        fc.boolean(),
        (sides, many, turned) => {
          const made = rounds(...clusters(sides), many, turned);
          expect(made.map(stitchesIn)).toEqual(made.map((_, i) => 3 * sides * (i + 1)));
        },
      ),
      { numRuns: 30 },
    );
  });

  it.each([
    ['dc', 3, 4, '(2 dc, ch 2, 2 dc)'],
    ['sc', 1, 2, '(sc, ch 2, sc)'],
    ['hdc', 2, 3, '(2 hdc, ch 2, hdc)'],
  ])('in plain %s gains at its corners alone', (stitch, first, gain, corner) => {
    for (const sides of [4, 6]) {
      const made = rounds(
        `*${first} ${stitch} in the ring, ch 2; ${again(sides)}; join`,
        `*${corner} in the next corner sp, ${stitch} in each st to the next corner; ${again(sides)}; join`,
        6,
        false,
      );
      expect(made.map(stitchesIn)).toEqual(made.map((_, i) => sides * (first + gain * i)));
    }
  });

  it.each([
    [
      'a corner too few',
      `*(3 dc, ch 2, 3 dc) in the next corner sp, 3 dc in each sp to the next corner; ${again(5)}; join`,
    ],
    [
      'a corner too many',
      `*(3 dc, ch 2, 3 dc) in the next corner sp, 3 dc in each sp to the next corner; ${again(7)}; join`,
    ],
    [
      'spaces left between the corners',
      `*(3 dc, ch 2, 3 dc) in the next corner sp, 3 dc in the next sp; ${again(6)}; join`,
    ],
  ])('is found wrong with %s', (_, words) => {
    const below = rounds(...clusters(6), 5, true).at(-1)!;
    let found: unknown = null;
    try {
      const made = stitchesIn(work(words, below, true));
      if (made !== 108) found = made;
    } catch (error) {
      found = error;
    }
    expect(typeof found === 'number' || found instanceof StitchError).toBe(true);
  });
});
