import fc from 'fast-check';
import { workPiece } from '../work/hook.js';
import {
  capCurve,
  capInside,
  capLength,
  capRuns,
  capShortRows,
  capSide,
  capTurns,
  runLength,
  solveCap,
  type CapSchool,
} from './cap.js';
import { rowsOf } from '../testing/rows.js';

const SCHOOLS: readonly CapSchool[] = ['worked', 'short rows'];

/** A cap's edge by its curve alone: the arc length of half a cosine wave, integrated by Simpson's rule. */
function integrated(slope: number, height: number): number {
  // Along the width x from the base inwards the line rises as height x (1 - cos(pi x / slope)) / 2.
  const steepness = (x: number) => ((height * Math.PI) / (2 * slope)) * Math.sin((Math.PI * x) / slope);
  const f = (x: number) => Math.hypot(1, steepness(x));
  const n = 400;
  let sum = f(0) + f(slope);
  for (let i = 1; i < n; i += 1) sum += (i % 2 === 1 ? 4 : 2) * f((i * slope) / n);
  return (sum * slope) / n / 3;
}

describe('the line of a worked cap', () => {
  it('runs from the base to the top, flat at both ends', () => {
    const line = capCurve(20, 30);
    expect([line(0), line(15), line(30)].map((x) => Math.round(x * 1e9) / 1e9)).toEqual([0, 10, 20]);
    expect(line(1) - line(0)).toBeGreaterThan(line(16) - line(15));
    expect(line(30) - line(29)).toBeGreaterThan(line(16) - line(15));
  });

  it('is measured as long as by numerical integration, to 1 %', () => {
    for (const [slope, rows, stitchesPerCm, rowsPerCm] of [
      [22, 25, 2, 2],
      [30, 40, 2.7, 3.1],
      [14, 12, 1.4, 0.95],
      [18, 20, 1.8, 1.2],
    ] as const) {
      const measured = runLength(capSide('worked', { slope, rows }), stitchesPerCm, rowsPerCm);
      // The first row is plain: it only carries the base.
      const line = integrated(slope / stitchesPerCm, (rows - 1) / rowsPerCm) + 1 / rowsPerCm;
      expect(Math.abs(measured - line)).toBeLessThan(0.01 * line);
    }
  });

  it('is kept to by whole stitches: never a stitch away from it', () => {
    for (const [slope, rows] of [
      [22, 25],
      [5, 20],
      [30, 9],
    ] as const)
      capInside({ slope, rows }).forEach((stitches, i, all) => {
        if (i === 0 || i === rows - 1) return;
        expect(Math.abs(stitches - capCurve(slope, rows - 1)(i - 0.5))).toBeLessThanOrEqual(0.5);
        expect(stitches).toBeGreaterThanOrEqual(all[i - 1]!);
      });
  });
});

describe('a cap solved to its armhole', () => {
  it.each(SCHOOLS)(
    '%s: its edge is the armhole’s and 0 to 3 %% to ease in, over plausible sleeves',
    (school) => {
      let [tried, met] = [0, 0];
      for (const stitchesPerCm of [1.2, 1.6, 2.2, 2.8])
        for (const shape of [0.6, 0.8, 1.1])
          for (const edge of [34, 40, 46, 54])
            for (const share of [0.72, 0.8, 0.86]) {
              const rowsPerCm = stitchesPerCm * shape;
              const width = Math.round(edge * share * stitchesPerCm);
              const base = Math.round(2.5 * stitchesPerCm);
              const cap = solveCap({
                school,
                edge,
                longest: 1.03 * edge,
                width,
                base,
                stitchesPerCm,
                rowsPerCm,
              });
              expect(2 * (cap.base + cap.slope) + cap.top).toBe(width);
              const length = runLength(capRuns(school, cap), stitchesPerCm, rowsPerCm);
              expect(capLength(school, cap, stitchesPerCm, rowsPerCm)).toBeCloseTo(length, 9);
              const over = length / edge - 1;
              tried += 1;
              if (over >= -1e-9 && over <= 0.03 + 1e-9) met += 1;
              // A single step of a bulky fabric may be longer than the room that there is.
              expect(Math.abs(over)).toBeLessThan(0.035);
            }
      expect(met / tried).toBeGreaterThan(0.95);
    },
  );

  it('is lower the wider the sleeve is', () => {
    const heights = [60, 66, 72, 78].map(
      (width) =>
        solveCap({
          school: 'worked',
          edge: 44,
          longest: 45.3,
          width,
          base: 5,
          stitchesPerCm: 2,
          rowsPerCm: 2,
        }).rows,
    );
    expect(heights).toEqual([...heights].sort((a, b) => b - a));
    expect(heights[0]! - heights[3]!).toBeGreaterThan(2);
  });
});

describe('a cap by short rows', () => {
  const anyCap = fc
    .record({
      base: fc.integer({ min: 0, max: 20 }),
      top: fc.integer({ min: 1, max: 30 }),
      turns: fc.integer({ min: 1, max: 14 }),
      more: fc.integer({ min: 0, max: 20 }),
    })
    .map(({ base, top, turns, more }) => ({ base, top, slope: turns + more, rows: 2 * turns + 1 }));

  it('goes past the shoulder in one long first row, then two further every time where the height is so (common practice)', () => {
    expect(capTurns({ slope: 12, rows: 13 })).toEqual([2, 2, 2, 2, 2, 2]);
    expect(capShortRows({ base: 8, slope: 18, top: 8, rows: 19 }).rows.slice(0, 4)).toEqual([
      { from: 0, to: 34 },
      { from: 24, to: 34 },
      { from: 24, to: 36 },
      { from: 22, to: 36 },
    ]);
  });

  it('leaves the base on each side until its last row: P = u + worked + u (common practice), the same on both', () => {
    fc.assert(
      fc.property(anyCap, (cap) => {
        const { stitches, rows, keptLeft, keptRight } = capShortRows(cap);
        expect(rows).toHaveLength(cap.rows);
        expect([keptLeft, keptRight]).toEqual([cap.base, cap.base]);
        // The last turn leaves the base on both sides; from there the last row goes on to the other underarm.
        const turns = rows.slice(0, -1).map(({ from, to }, i) => (i % 2 === 0 ? to : from));
        const reached = [Math.min(...turns), Math.max(...turns)];
        expect(reached[0]).toBe(cap.base);
        expect(rows.at(-1)).toEqual({ from: cap.base, to: stitches });
        const further = capTurns(cap);
        const [left, right] = [turns.filter((_, i) => i % 2 === 1), turns.filter((_, i) => i % 2 === 0)];
        left.slice(1).forEach((at, i) => expect(left[i]! - at).toBe(further[i + 1]));
        right.slice(1).forEach((at, i) => expect(at - right[i]!).toBe(further[i]));
      }),
    );
  });

  it('begins every row where the yarn hangs, the first in the underarm', () => {
    fc.assert(
      fc.property(anyCap, (cap) => {
        const { rows } = capShortRows(cap);
        expect(rows[0]!.from).toBe(0);
        rows.slice(1).forEach((row, i) => {
          const before = rows[i]!;
          // Rows go to the right and to the left by turns.
          expect(i % 2 === 0 ? row.to : row.from).toBe(i % 2 === 0 ? before.to : before.from);
        });
      }),
    );
  });

  it('breaks no pair: every turn lies between two', () => {
    fc.assert(
      fc.property(anyCap, fc.integer({ min: 2, max: 4 }), (cap, unit) => {
        const wide = { ...cap, base: cap.base * unit, slope: cap.slope * unit, top: cap.top * unit };
        for (const { from, to } of capShortRows(wide, unit).rows)
          expect([from % unit, to % unit]).toEqual([0, 0]);
      }),
    );
  });

  it('has over every stitch the rows that its edge is measured by', () => {
    fc.assert(
      fc.property(anyCap, (cap) => {
        const { stitches, rows } = capShortRows(cap);
        const over = Array.from(
          { length: stitches },
          (_, at) => rows.filter(({ from, to }) => at >= from && at < to).length,
        );
        // At the underarm lies one row: the first on one side, the last on the other.
        expect(over.slice(0, cap.base)).toEqual(new Array<number>(cap.base).fill(1));
        expect(over.slice(stitches - cap.base)).toEqual(new Array<number>(cap.base).fill(1));
        // The right side, from the top to the base, falls by two rows at every turn but the last, whose row goes on to the end.
        const right = over.slice(stitches - cap.base - cap.slope, stitches - cap.base);
        const falls = capTurns(cap).flatMap((many, i) => new Array<number>(many).fill(cap.rows - 2 - 2 * i));
        expect(right).toEqual(falls);
        // On the left the long row lies under all turns.
        const left = over.slice(cap.base, cap.base + cap.slope).reverse();
        expect(left).toEqual(
          capTurns(cap).flatMap((many, i) => new Array<number>(many).fill(cap.rows - 2 * i)),
        );
      }),
    );
  });

  it('comes off the hook without a fault, in rows and in rounds', () => {
    fc.assert(
      fc.property(anyCap, fc.constantFrom(undefined, 'joined' as const, 'turned' as const), (cap, round) => {
        const shortRows = capShortRows(cap);
        const { faults, counts } = workPiece(
          rowsOf([
            {
              kind: 'start',
              part: 'main',
              stitches: shortRows.stitches,
              extra: 0,
              along: 'the armhole',
              ...(round ? { round } : {}),
            },
            { kind: 'short', part: 'main', shortRows, label: 'Cap' },
            { kind: 'even', part: 'main', to: cap.rows + 4 },
          ]),
        );
        expect(faults).toEqual([]);
        expect(counts.at(-1)).toBe(shortRows.stitches);
      }),
    );
  });
});
