import fc from 'fast-check';
import { meetForAll, meetInWords } from './meet.js';

describe('how unequal counts meet', () => {
  it('is said as a small repeat and what is left over', () => {
    expect(meetInWords(50, 'stitches', 50, 'rows')).toBe('1 stitch to 1 row');
    expect(meetInWords(60, 'stitches', 40, 'rows')).toBe('3 stitches to 2 rows');
    expect(meetInWords(64, 'stitches', 40, 'rows')).toBe('8 stitches to 5 rows');
    expect(meetInWords(300, 'stitches', 166, 'rows')).toMatch(/ in (?:all|every quarter)$/);
    expect(meetInWords(61, 'stitches', 40, 'rows')).toBe('3 stitches to 2 rows, one more in all');
    expect(meetInWords(59, 'stitches', 50, 'rows')).toBe('6 stitches to 5 rows, one fewer in all');
  });

  it('adds up again from its own words', () => {
    const words = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 300 }), fc.integer({ min: 2, max: 300 }), (a, b) => {
        const [, p, q, many, way, quarters] =
          /^(\d+) stitch(?:es)? to (\d+) rows?(?:, (\w+) (more|fewer) (in all|in every quarter))?$/.exec(
            meetInWords(a, 'stitches', b, 'rows'),
          )!;
        const number = many === undefined ? 0 : words.includes(many) ? words.indexOf(many) : Number(many);
        const extra = number * (quarters === 'in every quarter' ? 4 : 1) * (way === 'fewer' ? -1 : 1);
        expect(Math.round((b * Number(p)) / Number(q)) + extra).toBe(a);
      }),
    );
  });

  it('is one repeat for all sizes only where it does for each', () => {
    expect(
      meetForAll(
        [
          [60, 50],
          [66, 55],
          [71, 59],
        ],
        'stitches',
        'rows',
      ),
    ).toBe('6 stitches to 5 rows');
    // In one of them a stitch is left over.
    expect(
      meetForAll(
        [
          [60, 50],
          [67, 55],
        ],
        'stitches',
        'rows',
      ),
    ).toBe('about 6 stitches to 5 rows');
    expect(
      meetForAll(
        [
          [60, 50],
          [100, 50],
        ],
        'stitches',
        'rows',
      ),
    ).toBeNull();
  });
});
