import { polygonArea, polygonLength } from 'd3-polygon';
import fc from 'fast-check';
import {
  areaBeside,
  leastAreaSteps,
  neckCurve,
  neckLine,
  neckLineLength,
  NECK_SHAPES,
  type Curve,
  type StepLimits,
} from './curve.js';

const areaOf = (curve: Curve, steps: readonly number[]) =>
  steps.reduce((sum, reached, i) => sum + areaBeside(curve, i + 1, reached), 0);

/** Every sequence of steps that the limits allow, tried in turn. */
function bruteForce(curve: Curve, rows: number, total: number, limits: StepLimits): number {
  const { most = Infinity, everyRow = 1, unit = 1 } = limits;
  let best = Infinity;
  const place = (row: number, reached: number, area: number) => {
    if (area >= best) return;
    if (row > rows) {
      if (reached === total) best = area;
      return;
    }
    const limit = everyRow === 2 && row % 2 === 1 ? 0 : Math.min(most, total - reached);
    for (let step = 0; step <= limit; step += unit)
      place(row + 1, reached + step, area + areaBeside(curve, row, reached + step));
  };
  place(1, 0, 0);
  return best;
}

const anyNeck = fc.record({
  shape: fc.constantFrom(...NECK_SHAPES),
  half: fc.integer({ min: 1, max: 9 }),
  rows: fc.integer({ min: 1, max: 6 }),
});

describe('leastAreaSteps', () => {
  it('has the least area between steps and line of all sequences', () => {
    fc.assert(
      fc.property(
        anyNeck,
        fc.constantFrom<StepLimits>({}, { most: 2 }, { everyRow: 2 }, { most: 4, everyRow: 2 }, { unit: 2 }),
        ({ shape, half, rows }, limits) => {
          const total = half - (half % (limits.unit ?? 1));
          const curve = neckCurve(shape, total, rows);
          const steps = leastAreaSteps(curve, rows, total, limits);
          const best = bruteForce(curve, rows, total, limits);
          if (!steps) return expect(best).toBe(Infinity);
          expect(areaOf(curve, steps)).toBeCloseTo(best, 9);
        },
      ),
      { numRuns: 300 },
    );
  });

  it('rises to the total and never falls, as far as the limits allow in each row', () => {
    fc.assert(
      fc.property(
        anyNeck.map((neck) => ({ ...neck, half: neck.half * 4, rows: neck.rows * 4 })),
        ({ shape, half, rows }) => {
          const steps = leastAreaSteps(neckCurve(shape, half, rows), rows, half, { most: 5 });
          if (!steps) return expect(5 * rows).toBeLessThan(half);
          expect(steps.at(-1)).toBe(half);
          steps.forEach((reached, i) => {
            const step = reached - (steps[i - 1] ?? 0);
            expect(step).toBeGreaterThanOrEqual(0);
            expect(step).toBeLessThanOrEqual(5);
          });
        },
      ),
    );
  });

  it('says when there is no way', () => {
    expect(leastAreaSteps(neckCurve('V', 10, 4), 4, 10, { most: 2 })).toBeNull();
    expect(leastAreaSteps(neckCurve('V', 9, 4), 4, 9, { unit: 2 })).toBeNull();
    expect(leastAreaSteps(neckCurve('V', 0, 0), 0, 0)).toEqual([]);
  });

  // The area under stepped rows as a polygon (d3-polygon, shoelace formula) against the area under the line.
  it('encloses the area under the line, to half a stitch in the mean', () => {
    for (const shape of NECK_SHAPES)
      for (const [half, rows] of [
        [12, 8],
        [14, 9],
        [20, 15],
      ] as const) {
        const steps = leastAreaSteps(neckCurve(shape, half, rows), rows, half)!;
        const stepped: [number, number][] = [[0, 0]];
        steps.forEach((reached, i) => stepped.push([reached, i], [reached, i + 1]));
        stepped.push([0, rows]);
        const curve = neckCurve(shape, half, rows);
        const smooth: [number, number][] = [[0, 0]];
        for (let i = 0; i <= 400; i += 1) smooth.push([curve((rows * i) / 400), (rows * i) / 400]);
        smooth.push([0, rows]);
        expect(Math.abs(polygonArea(stepped)) / rows).toBeCloseTo(Math.abs(polygonArea(smooth)) / rows, 0);
        expect(areaOf(curve, steps)).toBeLessThanOrEqual(rows * 0.5);
      }
  });
});

describe('neck lines', () => {
  it('run from the centre front to the shoulder, without turning back', () => {
    for (const shape of NECK_SHAPES) {
      const line = neckLine(shape, 9, 8);
      expect(line[0]).toEqual([0, 0]);
      expect(line.at(-1)![0]).toBeCloseTo(9);
      expect(line.at(-1)![1]).toBeCloseTo(8);
      line.slice(1).forEach(([x, y], i) => {
        expect(x).toBeGreaterThanOrEqual(line[i]![0] - 1e-9);
        expect(y).toBeGreaterThanOrEqual(line[i]![1] - 1e-9);
      });
    }
  });

  it('are as long as they are drawn', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...NECK_SHAPES),
        fc.integer({ min: 4, max: 20 }),
        fc.integer({ min: 2, max: 20 }),
        (shape, half, drop) => {
          const line = neckLine(shape, half, drop, 400);
          // An open line: the polygon's length less the way back.
          const [x, y] = line.at(-1)!;
          const drawn = polygonLength(line) - Math.hypot(x, y);
          expect(Math.abs(neckLineLength(shape, half, drop) / drawn - 1)).toBeLessThan(0.003);
        },
      ),
    );
  });
});
