import fc from 'fast-check';
import { sideAfter } from '../shaping/motif.js';
import { motifChart } from './motifChart.js';

describe('the chart of a motif', () => {
  it('has every stitch of each round it shows, and a corner for each', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 6 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 9 }),
        fc.integer({ min: 0, max: 3 }),
        fc.boolean(),
        fc.boolean(),
        (sides, gain, rounds, circle, inClusters, half) => {
          const first = inClusters ? gain : Math.max(1, gain - 1);
          const round = inClusters || half ? 0 : Math.min(circle, rounds - 1);
          const { symbols } = motifChart({
            sides: half ? sides : Math.max(3, sides),
            first,
            gain,
            rounds,
            circle: round,
            half,
            stitch: 'dc',
            cluster: inClusters ? gain : null,
          });
          const many = half ? sides : Math.max(3, sides);
          for (let n = 1; n <= Math.min(6, rounds); n += 1) {
            const own = symbols.filter(({ row }) => row === n - 1);
            expect(own.filter(({ kind }) => kind === 'dc')).toHaveLength(
              many * sideAfter({ first, gain }, n),
            );
            expect(own.filter(({ kind }) => kind === 'ch')).toHaveLength(
              n <= round ? 0 : half ? many - 1 : many,
            );
          }
          for (const { path } of symbols) expect(path).not.toMatch(/NaN|undefined|Infinity/);
        },
      ),
    );
  });
});
