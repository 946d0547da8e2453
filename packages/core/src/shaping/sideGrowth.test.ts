import fc from 'fast-check';
import { makesOf, takesOf } from '../work/steps.js';
import { growsAtRight, growthSteps, halfAfter, type SideGrowth } from './sideGrowth.js';

const anyGrowth = fc
  .record({
    half: fc.integer({ min: 2, max: 80 }),
    units: fc.integer({ min: 1, max: 12 }),
    way: fc.constantFrom('both ends' as const, 'by turns' as const),
  })
  .map(({ half, units, way }): SideGrowth => ({ half, way, gain: way === 'both ends' ? 2 * units : units }));

/** Every stitch of a round laid out one by one, marked by the half that it came from: what a maker does with two markers. */
function byHand(growth: SideGrowth, rounds: number): string {
  let round = 'b'.repeat(growth.half) + 'f'.repeat(growth.half);
  for (let i = 0; i < rounds; i += 1) {
    const halves = ['b', 'f'].map((half) => {
      const own = [...round].filter((stitch) => stitch === half).join('');
      if (growth.way === 'both ends') {
        const more = half.repeat(growth.gain / 2);
        return more + own + more;
      }
      return growsAtRight(i, null) ? own + half.repeat(growth.gain) : half.repeat(growth.gain) + own;
    });
    round = halves.join('');
  }
  return round;
}

describe('growth at both sides', () => {
  it('takes every stitch of the round before and gives front and back the same, as counted stitch by stitch', () => {
    fc.assert(
      fc.property(anyGrowth, fc.integer({ min: 1, max: 12 }), (growth, rounds) => {
        const before = byHand(growth, rounds - 1);
        const steps = growthSteps(growth, rounds - 1, growsAtRight(rounds - 1, null));
        const taken = steps.reduce((sum, step) => sum + step.times * takesOf(step), 0);
        const made = steps.reduce((sum, step) => sum + step.times * makesOf(step), 0);
        expect(taken).toBe(before.length);
        const after = byHand(growth, rounds);
        expect(made).toBe(after.length);
        for (const half of ['b', 'f'])
          expect([...after].filter((stitch) => stitch === half)).toHaveLength(halfAfter(growth, rounds));
      }),
    );
  });

  it('lies at the other end of each half in the next round, so that both sides rise alike', () => {
    const growth: SideGrowth = { half: 6, gain: 3, way: 'by turns' };
    expect(growthSteps(growth, 0, true)).toEqual([
      { do: 'work', times: 5 },
      { do: 'increase', times: 1, makes: 4 },
      { do: 'work', times: 5 },
      { do: 'increase', times: 1, makes: 4 },
    ]);
    expect([0, 1, 2, 3].map((before) => growsAtRight(before, null))).toEqual([true, false, true, false]);
    // Turned rounds grow where they begin: at the right end from the right side, at the left from the wrong one.
    expect([growsAtRight(0, 'WS'), growsAtRight(1, 'RS')]).toEqual([false, true]);
  });

  it('wants two ends, and a share for each', () => {
    expect(() => growthSteps({ half: 1, gain: 2, way: 'both ends' }, 0, true)).toThrow(RangeError);
    expect(() => growthSteps({ half: 8, gain: 3, way: 'both ends' }, 0, true)).toThrow(RangeError);
  });
});
