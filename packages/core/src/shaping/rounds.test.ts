import fc from 'fast-check';
import Fraction from 'fraction.js';
import { placesInRound, roundInWords, stepsAcross, stepsInRound } from './rounds.js';
import { spread, spreadLargerFirst } from './spread.js';
import { makesOf, takesOf } from '../work/steps.js';
import type { Step } from '../work/rows.js';

const total = (steps: readonly Step[], of: (step: Step) => number) =>
  steps.reduce((sum, step) => sum + step.times * of(step), 0);

/** Where the places lie in the finished round, as shares of it. */
function shares(steps: readonly Step[]): number[] {
  const all = total(steps, makesOf);
  let made = 0;
  const found: number[] = [];
  for (const step of steps) {
    const width = makesOf(step) * step.times;
    if (step.do !== 'work') found.push((made + width / 2) / all);
    made += width;
  }
  return found;
}

const anyRound = fc
  .record({
    stitches: fc.integer({ min: 12, max: 300 }),
    share: fc.double({ min: 0.02, max: 0.3, noNaN: true }),
    grow: fc.boolean(),
  })
  .map(({ stitches, share, grow }) => ({
    stitches,
    places: Math.max(1, Math.floor(stitches * share)) * (grow ? 1 : -1),
  }));

describe('placesInRound', () => {
  it('takes every stitch of the round and changes it by so many, in even and in shifted rounds', () => {
    fc.assert(
      fc.property(anyRound, fc.integer({ min: 0, max: 5 }), ({ stitches, places }, round) => {
        const steps = stepsInRound(placesInRound(stitches, places, round));
        expect(total(steps, takesOf)).toBe(stitches);
        expect(total(steps, makesOf)).toBe(stitches + places);
      }),
    );
  });

  it('spaces its places as evenly as whole stitches allow', () => {
    fc.assert(
      fc.property(anyRound, ({ stitches, places }) => {
        const { runs } = placesInRound(stitches, places, 0);
        const gaps = runs.flatMap(({ plain, times }) => new Array<number>(times).fill(plain));
        expect(gaps).toHaveLength(Math.abs(places));
        expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThanOrEqual(1);
      }),
    );
  });

  it('does not stack: places of the next round lie about half a gap from those of this one', () => {
    fc.assert(
      fc.property(anyRound, ({ stitches, places }) => {
        // The round after: as many places over the stitches that are there now.
        const now = shares(stepsInRound(placesInRound(stitches, places, 0)));
        const after = stitches + places;
        fc.pre(after > 4 * Math.abs(places));
        const next = shares(stepsInRound(placesInRound(after, places, 1)));
        const gap = 1 / Math.abs(places);
        for (const share of next) {
          const nearest = Math.min(
            ...now.map((other) => Math.min(Math.abs(share - other), 1 - Math.abs(share - other))),
          );
          expect(nearest).toBeGreaterThan(gap * 0.12);
        }
      }),
    );
  });

  it.each([
    ['dense', 0.2, 0.5, 0.12],
    ['sparse', 0.03, 0.2, 0.3],
  ])('does not stack %s increases: on average they lie well apart', (_, from, to, least) => {
    const anyYoke = fc.record({
      places: fc.integer({ min: 10, max: 60 }),
      share: fc.double({ min: from, max: to, noNaN: true }),
    });
    fc.assert(
      fc.property(anyYoke, ({ places, share }) => {
        const stitches = Math.ceil(places / share);
        const now = shares(stepsInRound(placesInRound(stitches, places, 0)));
        const next = shares(stepsInRound(placesInRound(stitches + places, places, 1)));
        const apart = next.map((one) =>
          Math.min(...now.map((other) => Math.min(Math.abs(one - other), 1 - Math.abs(one - other)))),
        );
        // In gaps: a half is as far as they can be; where few stitches lie between them whole stitches leave little choice.
        expect(apart.reduce((sum, one) => sum + one, 0)).toBeGreaterThan(least);
      }),
    );
  });

  it('lies between the increases of the round before, where a yoke doubles nearly', () => {
    // 33 increases over 78 stitches, then over 111: 2.4 and 3.4 stitches apart.
    const [now, next] = [
      shares(stepsInRound(placesInRound(78, 33, 0))),
      shares(stepsInRound(placesInRound(111, 33, 1))),
    ];
    for (const one of next)
      expect(Math.min(...now.map((other) => Math.abs(one - other) * 33))).toBeGreaterThan(0.3);
  });

  it('says it as makers write it', () => {
    expect(roundInWords(placesInRound(60, -6, 0))).toBe('(8, dec) x 6');
    expect(roundInWords(placesInRound(62, -6, 0))).toBe(
      '(8, dec) x 2, (9, dec) x 1, (8, dec) x 2, (9, dec) x 1',
    );
    expect(roundInWords(placesInRound(62, -6, 1))).toBe(
      '4, dec, (8, dec) x 1, (9, dec) x 1, (8, dec) x 2, (9, dec) x 1, 4',
    );
    expect(roundInWords(placesInRound(40, 8, 0))).toBe('(4, inc) x 8');
  });

  it('refuses more places than the stitches hold', () => {
    expect(() => placesInRound(10, -6, 0)).toThrow(RangeError);
  });
});

describe('spread', () => {
  it('is the difference of whole parts of exact fractions', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 1, max: 60 }), (all, parts) => {
        const exact = Array.from({ length: parts }, (_, i) => {
          const upTo = (k: number) => Number(new Fraction(all * k, parts).floor().valueOf());
          return upTo(i + 1) - upTo(i);
        });
        expect(spread(all, parts)).toEqual(exact);
        expect([...spreadLargerFirst(all, parts)]).toEqual([...exact].sort((a, b) => b - a));
      }),
    );
  });

  it('leaves plain stitches at both ends of a flat row', () => {
    const steps = stepsAcross(50, -4);
    expect([steps[0]!.do, steps.at(-1)!.do]).toEqual(['work', 'work']);
  });
});
