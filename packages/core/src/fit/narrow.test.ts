import fc from 'fast-check';
import { anyProblem, testQuantity } from '../testing/randomProblems.js';
import { latticesOf, linearRelations } from './lattice.js';
import { narrow } from './narrow.js';
import { holds, type Problem } from './problem.js';
import { sumAtMost, sumIs } from './relations.js';

const narrowed = (problem: Problem) => {
  const lattices = latticesOf(problem, {}, {})!;
  const found = narrow(lattices, linearRelations(problem, lattices));
  return { lattices, left: 'left' in found ? found.left : null };
};
const named = { id: 'r', rule: 'r' };
const valuesOf = (lattice: { base: number; step: number; low: number; high: number }) =>
  Array.from(
    { length: lattice.high - lattice.low + 1 },
    (_, i) => lattice.base + lattice.step * (lattice.low + i),
  );

/** Every combination of values that obeys all relations; helpers of three quantities at most. */
function everyAnswer(problem: Problem, lattices: NonNullable<ReturnType<typeof latticesOf>>) {
  let counts: Record<string, number>[] = [{}];
  for (const lattice of lattices)
    counts = counts.flatMap((one) => valuesOf(lattice).map((value) => ({ ...one, [lattice.id]: value })));
  return counts.filter((one) => problem.relations.every((relation) => holds(relation, one)));
}

describe('narrow', () => {
  it('bounds each count by what the others leave it', () => {
    const { left } = narrowed({
      quantities: [
        testQuantity('neck', 10, { min: 5, max: 12 }),
        testQuantity('shoulder', 10, { min: 6, max: 30 }),
        testQuantity('back', 30, { min: 1, max: 25 }),
      ],
      helpers: [],
      relations: [sumIs(named, { shoulder: 2, neck: 1, back: -1 })],
    });
    const ends = Object.fromEntries(
      left!.map((lattice) => [lattice.id, [valuesOf(lattice)[0], valuesOf(lattice).at(-1)]]),
    );
    // 2 x shoulder = back - neck <= 25 - 5; back >= 2 x 6 + 5.
    expect(ends).toEqual({ neck: [5, 12], shoulder: [6, 10], back: [17, 25] });
  });

  it('says that a total cannot be reached in whole repeats', () => {
    const problem = (total: number): Problem => ({
      quantities: [
        testQuantity('a', 20, { rule: { multiple: 4, plus: 0 } }),
        testQuantity('b', 20, { rule: { multiple: 6, plus: 0 } }),
      ],
      helpers: [],
      relations: [sumIs(named, { a: 1, b: -1 }, total)],
    });
    expect(narrowed(problem(2)).left).not.toBeNull();
    expect(narrowed(problem(3)).left).toBeNull();
  });

  it('says that nothing is left', () => {
    const { left } = narrowed({
      quantities: [testQuantity('a', 20, { min: 10 }), testQuantity('b', 20, { max: 9 })],
      helpers: [],
      relations: [sumAtMost(named, { a: 1, b: -1 })],
    });
    expect(left).toBeNull();
  });

  it('never takes off a value that some answer has', () => {
    fc.assert(
      fc.property(anyProblem(3, 2, 9), (problem) => {
        // Helpers of a problem with many values would make the comparison too large.
        fc.pre(problem.helpers.every(({ min, max }) => max - min <= 4));
        const { lattices, left } = narrowed(problem);
        const answers = everyAnswer(problem, lattices);
        if (!left) return expect(answers).toEqual([]);
        for (const lattice of left) {
          const values = new Set(valuesOf(lattice));
          for (const answer of answers) expect(values.has(answer[lattice.id]!)).toBe(true);
        }
      }),
      { numRuns: 200 },
    );
  });
});
