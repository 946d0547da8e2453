import { performance } from 'node:perf_hooks';
import { plan, type Design, type Fabric, type Size } from '@upfell/core';
import { solve } from '../../packages/core/src/fit/solve.js';
import { asLp, highs } from '../../packages/core/src/testing/milp.js';
import { problemsOf } from '../../packages/core/src/testing/problems.js';
import { SIX_FABRICS } from '../../packages/core/src/testing/sixFabrics.js';

/** One line of the comparison with the MILP solver. */
export interface Comparison {
  what: string;
  problems: number;
  /** Problems in which both solvers find the same optimum, or both find none. */
  equal: number;
  /** Time of all problems together, ms, and of the slowest one. */
  ours: number;
  theirs: number;
  slowest: number;
}

/** A design in another body fabric; its ribs stay. */
function inFabric(design: Design, [name, { gauge, rule }]: (typeof SIX_FABRICS)[number]): Design {
  const fabrics = design.fabrics.map((fabric, i): Fabric =>
    i > 0 ? fabric : { ...fabric, name, gauge, rule: { ...rule, round: fabric.rule.round } },
  );
  return { ...design, fabrics };
}

/** Solves the same integer problems with ours and with HiGHS. */
export async function againstMilp(
  designs: readonly [string, Design][],
  bodies: readonly Size[],
): Promise<Comparison[]> {
  const solver = await highs();
  const compare = (what: string, list: readonly Design[]): Comparison => {
    const problems = list.flatMap(problemsOf);
    const found = { what, problems: problems.length, equal: 0, ours: 0, theirs: 0, slowest: 0 };
    for (const problem of problems) solve(problem);
    for (const problem of problems) {
      const start = performance.now();
      const ours = solve(problem);
      const between = performance.now();
      const theirs = solver.solve(asLp(problem), { mip_rel_gap: 0, mip_abs_gap: 1e-7, output_flag: false });
      const end = performance.now();
      found.ours += between - start;
      found.theirs += end - between;
      found.slowest = Math.max(found.slowest, between - start);
      const same =
        theirs.Status === 'Optimal'
          ? ours.kind === 'solved' && Math.abs(ours.cost - theirs.ObjectiveValue) < 1e-4
          : ours.kind === 'infeasible';
      if (same) found.equal += 1;
    }
    return found;
  };
  const people: Design = { ...designs[0]![1], graded: false, sizes: bodies };
  return [
    ...designs.map(([name, design]) => compare(name, [design])),
    ...SIX_FABRICS.map((fabric) =>
      compare(`${bodies.length} bodies in ${fabric[0]}`, [inFabric(people, fabric)]),
    ),
  ];
}

/** Worst median of a plan of twelve sizes over the six fabrics, ms. */
export function slowestFabric(
  design: Design,
  timed: (work: () => void, times: number) => number[],
): [string, number][] {
  return SIX_FABRICS.map((fabric) => {
    const one = inFabric(design, fabric);
    const times = timed(() => plan(one), 60).sort((a, b) => a - b);
    return [fabric[0], times[30]!];
  });
}
