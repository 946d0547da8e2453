import fc from 'fast-check';
import { anyProblem, testQuantity } from '../testing/randomProblems.js';
import { costAt, latticesOf, linearRelations, type Lattice } from './lattice.js';
import { reachByPrices } from './prices.js';
import type { Counts } from './counts.js';
import { holds, type Problem } from './problem.js';
import { sumAtMost, sumIs } from './relations.js';
import { solve } from './solve.js';

const named = { id: 'r', rule: 'r' };
const costOf = (lattices: readonly Lattice[], indexes: readonly number[]) =>
  lattices.reduce((sum, lattice, i) => sum + costAt(lattice, indexes[i]!), 0);
const reached = (problem: Problem, upper: number) => {
  const lattices = latticesOf(problem, {}, {})!;
  return { lattices, reach: reachByPrices(lattices, linearRelations(problem, lattices), upper) };
};

/** The indexes of every answer of a small problem. */
function answersOf(problem: Problem, lattices: readonly Lattice[]): number[][] {
  let found: number[][] = [[]];
  for (const { low, high } of lattices)
    found = found.flatMap((one) => Array.from({ length: high - low + 1 }, (_, i) => [...one, low + i]));
  const countsOf = (indexes: readonly number[]): Counts =>
    Object.fromEntries(lattices.map(({ id, base, step }, i) => [id, base + step * indexes[i]!]));
  return found.filter((one) => problem.relations.every((relation) => holds(relation, countsOf(one))));
}

describe('reachByPrices', () => {
  it('leaves few values where a relation keeps many counts from their lengths at once', () => {
    const ids = ['a', 'b', 'c', 'd'];
    const problem: Problem = {
      quantities: ids.map((id) => testQuantity(id, 40)),
      helpers: [],
      relations: [sumAtMost(named, { a: 1, b: 1, c: 1, d: 1 }, 100)],
    };
    const best = solve(problem);
    expect(best).toMatchObject({ kind: 'solved', cost: 60 });
    const dearer = problem.quantities.map((quantity) => ({
      ...quantity,
      weight: quantity.id === 'a' ? 1 : 3,
    }));
    // The cheap count gives way first and by all that it can (39); the others by the rest.
    const { reach } = reached({ ...problem, quantities: dearer }, 39 + 3 * 21);
    expect(reach[0]).toEqual([1, 1]);
  });

  it('puts counts without a cost in terms of the others', () => {
    const problem: Problem = {
      quantities: [testQuantity('back', 50), testQuantity('neck', 20, { weight: 2 })],
      helpers: [{ id: 'grow', min: 0, max: 10 }],
      relations: [
        sumIs({ id: 'grows', rule: 'grows' }, { back: 1, neck: -1, grow: -2 }),
        sumAtMost({ id: 'few', rule: 'few' }, { grow: 1 }, 10),
      ],
    };
    const { reach } = reached(problem, 10 + 1e-4);
    // back - neck is at most 20: ten cm are lost, and the back loses them more cheaply.
    expect(reach[0]![1]).toBeLessThanOrEqual(50);
    expect(reach[1]).toEqual([20, 20]);
  });

  it('never takes off a value that an answer within the cost has', () => {
    fc.assert(
      fc.property(anyProblem(3, 2, 9), fc.double({ min: 0, max: 4, noNaN: true }), (problem, more) => {
        fc.pre(problem.helpers.every(({ min, max }) => max - min <= 4));
        const best = solve(problem);
        fc.pre(best.kind === 'solved');
        const upper = (best.kind === 'solved' ? best.cost : 0) + more + 1e-4;
        const { lattices, reach } = reached(problem, upper);
        for (const indexes of answersOf(problem, lattices))
          if (costOf(lattices, indexes) <= upper)
            indexes.forEach((index, i) => {
              expect(index).toBeGreaterThanOrEqual(reach[i]![0]);
              expect(index).toBeLessThanOrEqual(reach[i]![1]);
            });
      }),
      { numRuns: 300 },
    );
  });
});
