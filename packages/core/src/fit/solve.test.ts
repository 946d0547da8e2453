import fc from 'fast-check';
import { anyDesign, demoDesigns } from '../testing/designs.js';
import { asLp, costOfCounts, highs } from '../testing/milp.js';
import { problemsOf } from '../testing/problems.js';
import type { Problem, Quantity, Relation } from './problem.js';
import { solve } from './solve.js';

const quantity = (id: string, target: number, more: Partial<Quantity> = {}): Quantity => ({
  id,
  target,
  perCm: 1,
  weight: 1,
  rule: { multiple: 1, plus: 0 },
  rounding: 'nearest',
  min: 1,
  max: 60,
  ...more,
});
const relation = (kind: Relation['kind'], terms: Record<string, number>, total: number): Relation => ({
  id: 'r',
  kind,
  terms: Object.entries(terms).map(([of, times]) => ({ of, times })),
  total,
  says: () => [],
});
const problem = (quantities: Quantity[], relations: Relation[] = []): Problem => ({
  quantities,
  helpers: [],
  relations,
});

const found = (result: ReturnType<typeof solve>) => (result.kind === 'solved' ? result.counts : result.kind);

/** Every way to give each quantity a legal count, tried in turn. */
function bruteForce({ quantities, relations }: Problem): number {
  let best = Infinity;
  const counts: Record<string, number> = {};
  const place = (i: number) => {
    const next = quantities[i];
    if (!next) {
      const holds = relations.every(({ kind, terms, total }) => {
        const sum = terms.reduce((all, { of, times }) => all + times * counts[of]!, 0);
        return kind === 'equal' ? Math.abs(sum - total) < 1e-9 : sum <= total + 1e-9;
      });
      if (holds) best = Math.min(best, costOfCounts({ quantities, helpers: [], relations }, counts));
      return;
    }
    for (let count = next.min; count <= next.max; count += 1) {
      if (count < next.rule.plus || (count - next.rule.plus) % next.rule.multiple !== 0) continue;
      counts[next.id] = count;
      place(i + 1);
    }
  };
  place(0);
  return best;
}

const anyQuantity = (id: string): fc.Arbitrary<Quantity> =>
  fc
    .record({
      target: fc.integer({ min: 5, max: 140 }).map((tenths) => tenths / 10),
      perCm: fc.integer({ min: 5, max: 20 }).map((tenths) => tenths / 10),
      weight: fc.constantFrom(0.1, 0.5, 1),
      multiple: fc.integer({ min: 1, max: 4 }),
      plus: fc.integer({ min: 0, max: 3 }),
      rounding: fc.constantFrom('nearest' as const, 'not over' as const, 'not under' as const),
    })
    .map(({ multiple, plus, ...rest }) =>
      quantity(id, rest.target, { ...rest, rule: { multiple, plus }, max: 24 }),
    );

const anyRelation: fc.Arbitrary<Relation> = fc.oneof(
  fc
    .constantFrom({ a: 2, b: 1, c: -1 }, { a: 1, b: -1 }, { b: 1, c: -1 })
    .map((terms) => relation('equal', terms as unknown as Record<string, number>, 0)),
  fc
    .record({
      a: fc.integer({ min: -3, max: 3 }),
      b: fc.integer({ min: -3, max: 3 }),
      total: fc.integer({ min: -10, max: 20 }),
    })
    .filter(({ a, b }) => a !== 0 && b !== 0)
    .map(({ a, b, total }) => relation('at most', { a: a / 2, b: b / 2 }, total)),
);

describe('solve', () => {
  it('finds what brute force finds, over random small problems', () => {
    fc.assert(
      fc.property(
        anyQuantity('a'),
        anyQuantity('b'),
        anyQuantity('c'),
        fc.array(anyRelation, { maxLength: 3 }),
        (a, b, c, relations) => {
          const one = problem([a, b, c], relations);
          const best = bruteForce(one);
          const result = solve(one);
          if (best === Infinity) expect(result.kind).toBe('infeasible');
          else expect(result).toMatchObject({ kind: 'solved', cost: expect.closeTo(best, 6) });
        },
      ),
      { numRuns: 300 },
    );
  });

  it('equals the MILP solver’s optimum on the demo designs and on random ones', async () => {
    const solver = await highs();
    const problems = [
      ...Object.values(demoDesigns()).flatMap(problemsOf),
      ...fc.sample(anyDesign, { numRuns: 60, seed: 11 }).flatMap((design) => problemsOf(design).slice(0, 2)),
    ];
    let compared = 0;
    for (const one of problems) {
      const ours = solve(one);
      const theirs = solver.solve(asLp(one), { mip_rel_gap: 0, mip_abs_gap: 1e-7, output_flag: false });
      if (theirs.Status === 'Optimal') {
        expect(ours.kind).toBe('solved');
        if (ours.kind === 'solved') expect(ours.cost).toBeCloseTo(theirs.ObjectiveValue, 4);
        compared += 1;
      } else expect(ours.kind).toBe('infeasible');
    }
    expect(compared).toBeGreaterThan(80);
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
      [relation('equal', { a: 1, b: -1 }, 0), relation('at most', { b: -1 }, -12)],
    );
    expect(found(solve(forced))).toEqual({ a: 12, b: 12 });
  });

  it('settles ties for the neighbour’s count, then for the lower', () => {
    const tie = problem([quantity('a', 10.5)]);
    expect(found(solve(tie))).toEqual({ a: 10 });
    expect(found(solve(tie, { prefer: { a: 11 } }))).toEqual({ a: 11 });
    expect(found(solve(problem([quantity('a', 10.6)]), { prefer: { a: 10 } }))).toEqual({ a: 11 });
  });

  it('obeys bounds from outside, and says when nothing obeys them', () => {
    const one = problem([quantity('a', 10), quantity('b', 20)], [relation('equal', { a: 2, b: -1 }, 0)]);
    expect(found(solve(one, { bounds: { b: { min: 30, max: 30 } } }))).toEqual({ a: 15, b: 30 });
    expect(found(solve(one, { bounds: { b: { min: 31, max: 31 } } }))).toBe('infeasible');
  });

  it('says "too hard" rather than answer second best', () => {
    const many = Array.from({ length: 6 }, (_, i) =>
      quantity(`q${i}`, 20, { max: 4000, perCm: 100, rounding: 'not over' }),
    );
    const all = relation('at most', Object.fromEntries(many.map(({ id }) => [id, 1])), 200);
    expect(solve(problem(many, [all])).kind).toBe('too hard');
  });
});
