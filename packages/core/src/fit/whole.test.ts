import fc from 'fast-check';
import { anyProblem, testQuantity } from '../testing/randomProblems.js';
import { latticesOf, linearRelations } from './lattice.js';
import type { Problem } from './problem.js';
import { oneOf, sumAtMost, sumIs } from './relations.js';
import { solve } from './solve.js';
import { hasWholeAnswer } from './whole.js';

const named = (id: string) => ({ id, rule: id });
const meets = (problem: Problem) => {
  const lattices = latticesOf(problem, {}, {})!;
  return hasWholeAnswer(lattices, linearRelations(problem, lattices));
};
const free = (id: string, multiple = 1, plus = 0) =>
  testQuantity(id, 300, { rule: { multiple, plus }, min: 0, max: 100_000 });

/** Equalities between free counts: a row of factors each, with its total. */
const equalities = (rows: readonly (readonly number[])[], totals: readonly number[]): Problem => ({
  quantities: rows[0]!.map((_, i) => ({ ...free(`q${i}`), min: 0 })),
  helpers: [],
  relations: rows.map((row, r) =>
    sumIs(named(`r${r}`), Object.fromEntries(row.map((times, i) => [`q${i}`, times])), totals[r]),
  ),
});
const anyRow = fc.array(fc.integer({ min: -4, max: 4 }), { minLength: 5, maxLength: 5 });

describe('hasWholeAnswer', () => {
  it('sees that a sum of fours never meets one of fours plus an odd number', () => {
    // A yoke in motifs of 4, split into parts whose rest is a hem of 6 plus 3: the chains come twice, the sides by fours.
    const problem = (plus: number): Problem => ({
      quantities: [free('yoke', 4), free('hem', 6, plus), free('sleeve'), free('chain')],
      helpers: [{ id: 'sides', min: -400, max: 400 }],
      relations: [
        sumIs(named('split'), { hem: 1, sides: -4, sleeve: 2, chain: -2, yoke: -1 }),
        sumAtMost(named('wide'), { hem: 1 }, 5000),
      ],
    });
    expect(meets(problem(3))).toBe(false);
    expect(meets(problem(2))).toBe(true);
    expect(solve(problem(3)).kind).toBe('infeasible');
    expect(solve(problem(2)).kind).toBe('solved');
  });

  it('sees it across several equalities, each of which could be met', () => {
    const relations = (total: number) => [
      sumIs(named('sum'), { a: 1, b: 1, twice: -2 }),
      sumIs(named('difference'), { a: 1, b: -1, four: -4 }, total),
    ];
    const problem = (total: number): Problem => ({
      quantities: [free('a'), free('b'), free('twice'), free('four')],
      helpers: [],
      relations: relations(total),
    });
    // a + b is even, so a - b is even as well.
    expect(meets(problem(1))).toBe(false);
    expect(meets(problem(2))).toBe(true);
    for (const one of relations(1)) expect(meets({ ...problem(1), relations: [one] })).toBe(true);
  });

  it('takes an unknown with one value left as known', () => {
    const problem = (count: number): Problem => ({
      quantities: [{ ...free('held'), min: count, max: count }, free('other', 2)],
      helpers: [],
      relations: [sumIs(named('same'), { held: 1, other: -1 })],
    });
    expect(meets(problem(7))).toBe(false);
    expect(meets(problem(8))).toBe(true);
  });

  it('passes over what hangs on a choice', () => {
    const never = sumIs(named('never'), { a: 2 }, 3);
    const { relations, helpers } = oneOf('way', [{ relations: [never] }, { relations: [] }]);
    expect(meets({ quantities: [free('a')], helpers: [], relations: [never] })).toBe(false);
    expect(meets({ quantities: [free('a')], helpers, relations })).toBe(true);
  });

  it('says yes to whatever was made from an answer', () => {
    fc.assert(
      fc.property(
        fc.array(anyRow, { minLength: 1, maxLength: 5 }),
        fc.array(fc.integer({ min: -50, max: 50 }), { minLength: 5, maxLength: 5 }),
        (rows, answer) => {
          const totals = rows.map((row) => row.reduce((sum, times, i) => sum + times * answer[i]!, 0));
          expect(meets(equalities(rows, totals))).toBe(true);
        },
      ),
    );
  });

  it('says no wherever a sum of the equalities is divisible on one side only', () => {
    fc.assert(
      fc.property(
        fc.array(anyRow, { minLength: 1, maxLength: 4 }),
        fc.array(fc.integer({ min: -3, max: 3 }), { minLength: 5, maxLength: 5 }),
        fc.constantFrom(2, 3, 4, 5),
        fc.array(fc.integer({ min: -9, max: 9 }), { minLength: 4, maxLength: 4 }),
        fc.integer({ min: 1, max: 4 }),
        (rows, multiple, divisor, totals, rest) => {
          fc.pre(rest % divisor !== 0);
          // The last equality is the sum of the others and a row of multiples, and its total misses by what is no multiple.
          const others = totals.slice(0, rows.length);
          const last = multiple.map((m, i) => m * divisor + rows.reduce((sum, row) => sum + row[i]!, 0));
          const total = others.reduce((sum, one) => sum + one, 0) + rest;
          expect(meets(equalities([...rows, last], [...others, total]))).toBe(false);
        },
      ),
    );
  });

  it('never says no where the search finds an answer', () => {
    let solved = 0;
    fc.assert(
      fc.property(anyProblem(5, 4), (problem) => {
        if (solve(problem).kind !== 'solved') return;
        solved += 1;
        expect(meets(problem)).toBe(true);
      }),
      { numRuns: 300 },
    );
    expect(solved).toBeGreaterThan(50);
  });
});
