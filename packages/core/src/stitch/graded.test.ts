import fc from 'fast-check';
import { heightOf, type StitchKind } from './kinds.js';
import { gradedAtTurns, gradedStitches } from './graded.js';

const long = [{ from: 0, to: 60 }];

describe('stitches graded at the turns of short rows', () => {
  // Half double, then single crochet before a turn in double crochet (common practice).
  it('fall by one height each', () => {
    expect(gradedStitches('dc', gradedAtTurns('dc', long, 1))).toEqual(['hdc', 'sc']);
    expect(gradedStitches('tr', gradedAtTurns('tr', long, 1))).toEqual(['dc', 'hdc', 'sc']);
    expect(gradedStitches('hdc', gradedAtTurns('hdc', long, 1))).toEqual(['sc']);
    expect(gradedAtTurns('sc', long, 3)).toBe(0);
  });

  it('fill whole units, as many of each height as they go', () => {
    expect(gradedStitches('dc', gradedAtTurns('dc', long, 3))).toEqual(['dc', 'hdc', 'sc']);
    expect(gradedStitches('dc', gradedAtTurns('dc', long, 6))).toEqual([
      'dc',
      'dc',
      'hdc',
      'hdc',
      'sc',
      'sc',
    ]);
  });

  it('never rise towards the turn, end with the lowest, and leave the middle of the shortest row', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<StitchKind>('sc', 'esc', 'hdc', 'dc', 'tr'),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 40 }),
        (stitch, unit, shortest) => {
          const many = gradedAtTurns(stitch, [...long, { from: 4, to: 4 + shortest }], unit);
          expect(2 * many).toBeLessThanOrEqual(shortest);
          expect(many % unit).toBe(0);
          const heights = gradedStitches(stitch, many).map(heightOf);
          expect(heights).toHaveLength(many);
          heights.forEach((height, i) =>
            expect(height).toBeLessThanOrEqual(heights[i - 1] ?? heightOf(stitch)),
          );
          if (many > 0) expect(heights.at(-1)).toBe(1);
        },
      ),
    );
  });
});
