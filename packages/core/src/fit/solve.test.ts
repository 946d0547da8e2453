import fc from 'fast-check';
import { runs } from '../testing/deep.js';
import { anyDesign } from '../testing/anyDesign.js';
import { demoDesigns } from '../testing/designs.js';
import { asLp, highs } from '../testing/milp.js';
import { problemsOf } from '../testing/problems.js';
import { anyProblem, testQuantity as quantity } from '../testing/randomProblems.js';
import { costOfCounts, holds, type Problem, type Relation } from './problem.js';
import { oneOf, parity, sameEdge, sumAtLeast, sumAtMost, sumIs } from './relations.js';
import { MOST_WORK, solve } from './solve.js';

const named = { id: 'r', rule: 'a rule' };
const problem = (
  quantities: Problem['quantities'],
  relations: readonly Relation[] = [],
  helpers: Problem['helpers'] = [],
): Problem => ({ quantities, helpers, relations });

const found = (result: ReturnType<typeof solve>) => (result.kind === 'solved' ? result.counts : result.kind);

/** Every way to give each unknown a legal count, tried in turn; Infinity where none obeys the relations. */
function bruteForce({ quantities, helpers, relations }: Problem): number {
  let best = Infinity;
  const counts: Record<string, number> = {};
  const unknowns = [...quantities, ...helpers];
  const place = (i: number) => {
    const next = unknowns[i];
    if (!next) {
      if (relations.every((relation) => holds(relation, counts)))
        best = Math.min(best, costOfCounts({ quantities, helpers }, counts));
      return;
    }
    const rule = 'rule' in next ? next.rule : { multiple: 1, plus: 0 };
    for (let count = next.min; count <= next.max; count += 1) {
      if ('rule' in next && (count < rule.plus || (count - rule.plus) % rule.multiple !== 0)) continue;
      counts[next.id] = count;
      place(i + 1);
    }
  };
  place(0);
  return best;
}

const OPTIONS = { mip_rel_gap: 0, mip_abs_gap: 1e-7, output_flag: false };

/** Solves problems with HiGHS and with ours; returns how many of them had an optimum. */
async function compareWithMilp(problems: readonly Problem[]): Promise<number> {
  const solver = await highs();
  let optima = 0;
  for (const one of problems) {
    // Whether the optimum is right is asked here, not whether a person would wait for it.
    const ours = solve(one, { most: 20 * MOST_WORK });
    const theirs = solver.solve(asLp(one), OPTIONS);
    if (theirs.Status === 'Optimal') {
      expect(ours.kind).toBe('solved');
      if (ours.kind === 'solved') {
        expect(ours.cost).toBeCloseTo(theirs.ObjectiveValue, 4);
        expect(one.relations.every((relation) => holds(relation, ours.counts))).toBe(true);
      }
      optima += 1;
    } else expect(ours.kind).toBe('infeasible');
  }
  return optima;
}

describe('solve', () => {
  it('finds what brute force finds, over random small problems with every kind of relation', () => {
    fc.assert(
      fc.property(anyProblem(3, 3, 14), (one) => {
        // Helpers that follow from counts are narrowed, or brute force would not end.
        const small = {
          ...one,
          helpers: one.helpers.map((helper) => ({
            ...helper,
            min: Math.max(helper.min, -20),
            max: Math.min(helper.max, 30),
          })),
        };
        fc.pre(small.helpers.length <= 1);
        const best = bruteForce(small);
        const result = solve(small);
        if (best === Infinity) expect(result.kind).toBe('infeasible');
        else expect(result).toMatchObject({ kind: 'solved', cost: expect.closeTo(best, 6) });
      }),
      { numRuns: 250 },
    );
  });

  // HiGHS (Huangfu and Hall, 2018), a general MILP solver, on problems of the general form.
  it(`equals the MILP solver’s optimum on ${runs(264, 2200)} random problems`, async () => {
    const problems = [
      [3, runs(160, 1300)],
      [5, runs(80, 700)],
      [7, runs(24, 200)],
    ].flatMap(([many, numRuns]) =>
      fc.sample(anyProblem(many!, many! - 1), { numRuns: numRuns!, seed: 20 + many! }),
    );
    // Rules are drawn blindly and often contradict each other: both solvers must then say so.
    expect(await compareWithMilp(problems)).toBeGreaterThan(runs(130, 1100));
  }, 240_000);

  it('equals the MILP solver’s optimum on the demo designs and on random designs', async () => {
    const problems = [
      ...Object.values(demoDesigns()).flatMap(problemsOf),
      ...fc
        .sample(anyDesign, { numRuns: runs(8, 60), seed: 11 })
        .flatMap((design) => problemsOf(design).slice(0, 2)),
    ];
    expect(await compareWithMilp(problems)).toBeGreaterThan(runs(50, 80));
  }, 120_000);

  it('keeps a rounding wish where it can, and gives it up only for a seam', () => {
    const notOver = quantity('a', 10.4, { rounding: 'not over' });
    const notUnder = quantity('a', 10.4, { rounding: 'not under' });
    expect([found(solve(problem([notOver]))), found(solve(problem([notUnder])))]).toEqual([
      { a: 10 },
      { a: 11 },
    ]);
    const forced = problem(
      [notOver, quantity('b', 12)],
      [sumIs(named, { a: 1, b: -1 }), sumAtLeast(named, { b: 1 }, 12)],
    );
    expect(found(solve(forced))).toEqual({ a: 12, b: 12 });
  });

  it('settles ties for the neighbour’s count, then for the lower', () => {
    const tie = problem([quantity('a', 10.5)]);
    expect(found(solve(tie))).toEqual({ a: 10 });
    expect(found(solve(tie, { prefer: { a: 11 } }))).toEqual({ a: 11 });
    expect(found(solve(problem([quantity('a', 10.6)]), { prefer: { a: 10 } }))).toEqual({ a: 11 });
  });

  it('never lets ties outweigh a length, whatever their number', () => {
    // Twenty counts would rather stay as they were; a ten-thousandth of a cm in one of them still decides.
    const many = Array.from({ length: 20 }, (_, i) => quantity(`q${i}`, 10.5));
    const near = problem([...many.slice(1), quantity('q0', 10.4999)]);
    const prefer = Object.fromEntries(many.map(({ id }) => [id, 11]));
    expect(found(solve(near, { prefer }))).toMatchObject({ q0: 10, q1: 11, q19: 11 });
  });

  it('obeys bounds from outside, and says when nothing obeys them', () => {
    const one = problem([quantity('a', 10), quantity('b', 20)], [sumIs(named, { a: 2, b: -1 })]);
    expect(found(solve(one, { bounds: { b: { min: 30, max: 30 } } }))).toEqual({ a: 15, b: 30 });
    expect(found(solve(one, { bounds: { b: { min: 31, max: 31 } } }))).toBe('infeasible');
  });

  it('says "too hard" rather than answer second best', () => {
    const many = Array.from({ length: 6 }, (_, i) =>
      quantity(`q${i}`, 20, { max: 4000, perCm: 100, rounding: 'not over' }),
    );
    const all = sumAtMost(named, Object.fromEntries(many.map(({ id }) => [id, 1])), 200);
    expect(solve(problem(many, [all])).kind).toBe('too hard');
  });
});

describe('relations', () => {
  it('halve a sum or give it a centre', () => {
    const quantities = [quantity('a', 10.4), quantity('b', 7.3)];
    for (const [wanted, rest] of [
      ['even', 0],
      ['odd', 1],
    ] as const) {
      const { helpers, relations } = parity(named, { a: 1, b: 1 }, wanted);
      const counts = found(solve(problem(quantities, relations, helpers))) as Record<string, number>;
      expect((counts['a']! + counts['b']!) % 2).toBe(rest);
    }
  });

  it('let one edge obey the rules of two fabrics, hiding a stitch at a seam where that is allowed', () => {
    // A mesh of 3k + 1 with a rib of 4m + 2 picked up stitch for stitch: 34 is both, 30 and 31 are one apart.
    const mesh = quantity('mesh', 30.6, { rule: { multiple: 3, plus: 1 } });
    const rib = quantity('rib', 30.2, { rule: { multiple: 4, plus: 2 } });
    const edge = (hidden: number) =>
      sameEdge(named, { of: 'mesh', times: 1 }, { of: 'rib', times: 1 }, hidden);
    expect(found(solve(problem([mesh, rib], edge(0))))).toEqual({ mesh: 34, rib: 34 });
    expect(found(solve(problem([mesh, rib], edge(1))))).toEqual({ mesh: 31, rib: 30 });
  });

  it('choose one of several ways, the cheapest, and the first of equals', () => {
    const quantities = [quantity('neck', 10.4), quantity('centre', 1, { max: 2 })];
    const split = (odd: number) =>
      oneOf('split', [
        { relations: [sumIs(named, { centre: 1 }, 2)] },
        { relations: [sumIs(named, { centre: 1 }, 1)], cost: odd },
      ]);
    const chosen = (odd: number) => {
      const { helpers, relations } = split(odd);
      return found(solve(problem(quantities, relations, helpers)));
    };
    expect(chosen(0)).toEqual({ neck: 10, centre: 1, split: 1 });
    expect(chosen(1)).toEqual({ neck: 10, centre: 2, split: 0 });
    expect(chosen(3)).toEqual({ neck: 10, centre: 2, split: 0 });
  });
});
