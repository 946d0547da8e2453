import { candidatesOf, cheapestChain, type Candidate } from './candidates.js';
import type { Bounds } from './lattice.js';
import type { Counts } from './counts.js';
import { costOfCounts, type Problem } from './problem.js';
import { MOST_WORK_OF_RANGE, solve, type Learned } from './solve.js';

/** A pair (size, next size) of a run in which a count must not fall. */
export interface Link {
  size: number;
  quantity: string;
  /** What one count by which it falls costs, cm. */
  worth: number;
}

/** Sizes that follow each other, with one group of their counts. */
export interface Run {
  problems: readonly Problem[];
  /** Counts held from outside, by size. */
  bounds: readonly Bounds[];
  /** Cheapest counts of each size alone. */
  alone: readonly Counts[];
  links: readonly Link[];
  /** What sizes have come to inside bounds, so that nothing is solved twice. */
  solved: Map<Problem, Known[]>;
}

/** The cheapest counts of a size inside bounds; null where there are none. */
export interface Known {
  bounds: Bounds;
  found: Candidate | null;
}

/** A half-settled run: bounds put on single counts so far, and the cheapest whole inside them. */
interface Branch {
  bounds: readonly Bounds[];
  sizes: readonly Candidate[];
  cost: number;
  /** For an even range the ways of each size inside the bounds. */
  ways?: readonly (readonly Candidate[])[];
}

export type Settled =
  | { kind: 'settled'; counts: readonly Counts[]; proven: boolean }
  | { kind: 'impossible' }
  | { kind: 'too many ways' };

/** How a branch is begun, and how it goes on when these sizes get closer bounds; null where no counts are left. */
interface Search {
  root: Branch | null | 'too many ways';
  tighten: (
    branch: Branch,
    at: readonly number[],
    bounds: readonly Bounds[],
  ) => Branch | null | 'too many ways';
}

/**
 * Settles a run: the cheapest whole in which no linked count falls.
 *
 * Without the links each whole is cheap to find. Where a count falls in it, either the smaller size stays at or under the
 * larger size's present count or the larger goes above it, and with them all sizes that links chain to them: both are
 * followed, the cheaper whole first, so the first whole without a fall is the cheapest there is.
 *
 * @param strength what a cm of unevenness costs against a cm of miss; 0 leaves each size alone
 * @param mostBranches how many branches are followed before one pass from the smallest size up is taken instead
 */
export function settle(run: Run, strength: number, learned: Learned, mostBranches: number): Settled {
  const search = strength > 0 ? evenSearch(run, strength, learned) : plainSearch(run, learned);
  if (search.root === 'too many ways') return { kind: 'too many ways' };
  const open: Branch[] = search.root ? [search.root] : [];
  for (let tried = 0; open.length > 0 && tried < mostBranches; tried += 1) {
    if (learned.spent > MOST_WORK_OF_RANGE) break;
    const branch = takeCheapest(open);
    const fall = worstFall(branch, run.links);
    if (!fall) return { kind: 'settled', counts: branch.sizes.map(({ counts }) => counts), proven: true };
    const { size, quantity } = fall;
    const level = branch.sizes[size + 1]!.counts[quantity]!;
    for (const [chain, bound] of [
      [chainOf(run.links, quantity, size, -1), { max: level }],
      [chainOf(run.links, quantity, size + 1, 1), { min: level + 1 }],
    ] as const) {
      const bounds = chain.reduce((all, at) => narrowed(all, at, quantity, bound), branch.bounds);
      const broken = chain.filter((at) => !obeys(branch.sizes[at]!.counts, bounds[at]!));
      const next = search.tighten(branch, broken, bounds);
      if (next === 'too many ways') return { kind: 'too many ways' };
      if (next) open.push(next);
    }
  }
  if (open.length === 0) return { kind: 'impossible' };
  const counts = sweep(run, learned);
  return counts ? { kind: 'settled', counts, proven: false } : { kind: 'impossible' };
}

function cheapest(problem: Problem, bounds: Bounds, prefer: Counts, learned: Learned): Candidate | null {
  const result = solve(problem, { bounds, prefer, learned });
  return result.kind === 'solved' ? { counts: result.counts, cost: result.cost } : null;
}

/** Whether counts keep within bounds; bounds on counts of other groups are passed over. */
function obeys(counts: Counts, bounds: Bounds): boolean {
  return Object.entries(bounds).every(
    ([id, { min = -Infinity, max = Infinity }]) => !(counts[id]! < min) && !(counts[id]! > max),
  );
}

/** What is cheapest inside wider bounds is so inside closer ones that it obeys; where nothing was found, nothing is. */
function cheapestKnown(known: readonly Known[], bounds: Bounds): Candidate | null | undefined {
  return known.find(
    ({ bounds: wider, found }) =>
      (!found || obeys(found.counts, bounds)) &&
      Object.entries(wider).every(
        ([id, { min = -Infinity, max = Infinity }]) =>
          (bounds[id]?.min ?? -Infinity) >= min && (bounds[id]?.max ?? Infinity) <= max,
      ),
  )?.found;
}

/** Every size at its own cheapest. */
function plainSearch({ problems, bounds, alone, solved }: Run, learned: Learned): Search {
  const whole = (within: readonly Bounds[], sizes: readonly Candidate[]): Branch => ({
    bounds: within,
    sizes,
    cost: sizes.reduce((sum, { cost }) => sum + cost, 0),
  });
  const first = problems.map((problem, at): Candidate => ({
    counts: alone[at]!,
    cost: costOfCounts(problem, alone[at]!),
  }));
  return {
    root: whole(bounds, first),
    tighten: (branch, broken, within) => {
      const sizes = [...branch.sizes];
      for (const at of broken) {
        const problem = problems[at]!;
        let known = solved.get(problem);
        if (!known) solved.set(problem, (known = []));
        let found = cheapestKnown(known, within[at]!);
        if (found === undefined) {
          found = cheapest(problem, within[at]!, branch.sizes[at]!.counts, learned);
          known.push({ bounds: within[at]!, found });
        }
        if (!found) return null;
        sizes[at] = found;
      }
      return whole(within, sizes);
    },
  };
}

/** The cheapest chain through all ways that evenness could want. */
function evenSearch({ problems, bounds, alone }: Run, strength: number, learned: Learned): Search {
  const waysOf = (
    at: number,
    within: Bounds,
    known?: Counts,
  ): readonly Candidate[] | null | 'too many ways' => {
    const best = known ? known : cheapest(problems[at]!, within, alone[at]!, learned)?.counts;
    if (!best) return null;
    const neighbours = (at > 0 ? 1 : 0) + (at + 1 < problems.length ? 1 : 0);
    return candidatesOf(problems[at]!, best, within, strength * neighbours, learned) ?? 'too many ways';
  };
  const whole = (within: readonly Bounds[], ways: readonly (readonly Candidate[])[]): Branch => {
    const { chosen, cost } = cheapestChain(problems, ways, strength);
    return { bounds: within, sizes: chosen, cost, ways };
  };
  const begin = (): Branch | null | 'too many ways' => {
    const ways: (readonly Candidate[])[] = [];
    for (let at = 0; at < problems.length; at += 1) {
      const found = waysOf(at, bounds[at]!, alone[at]!);
      if (found === null || found === 'too many ways') return found;
      ways.push(found);
    }
    return whole(bounds, ways);
  };
  return {
    root: begin(),
    tighten: (branch, broken, within) => {
      const ways = [...branch.ways!];
      for (const at of broken) {
        const found = waysOf(at, within[at]!);
        if (found === null || found === 'too many ways') return found;
        ways[at] = found;
      }
      return whole(within, ways);
    },
  };
}

function takeCheapest(open: Branch[]): Branch {
  let best = 0;
  for (let i = 1; i < open.length; i += 1) if (open[i]!.cost < open[best]!.cost - 1e-12) best = i;
  return open.splice(best, 1)[0]!;
}

/** The fall that it costs most to mend, as far as that shows: what the counts between it are worth. */
function worstFall({ sizes }: Branch, links: readonly Link[]): Link | null {
  let worst: Link | null = null;
  let depth = 0;
  for (const link of links) {
    const fall = sizes[link.size]!.counts[link.quantity]! - sizes[link.size + 1]!.counts[link.quantity]!;
    if (fall * link.worth > depth) {
      depth = fall * link.worth;
      worst = link;
    }
  }
  return worst;
}

/** A size and all that follow it downwards (-1) or upwards (1) as long as links hold the quantity between them. */
function chainOf(links: readonly Link[], quantity: string, size: number, way: -1 | 1): number[] {
  const linked = new Set(links.filter((link) => link.quantity === quantity).map((link) => link.size));
  const chain = [size];
  for (let at = size; linked.has(way < 0 ? at - 1 : at); at += way) chain.push(at + way);
  return chain;
}

function narrowed(
  bounds: readonly Bounds[],
  at: number,
  quantity: string,
  bound: { min?: number; max?: number },
): Bounds[] {
  const old = bounds[at]![quantity];
  const min = Math.max(old?.min ?? -Infinity, bound.min ?? -Infinity);
  const max = Math.min(old?.max ?? Infinity, bound.max ?? Infinity);
  return bounds.with(at, { ...bounds[at], [quantity]: { min, max } });
}

/** One pass from the smallest size up, each bounded below by the one before: the answer when branching takes too long. */
function sweep({ problems, bounds, links }: Run, learned: Learned): Counts[] | null {
  const counts: Counts[] = [];
  for (let size = 0; size < problems.length; size += 1) {
    let within: Bounds = bounds[size]!;
    for (const link of links)
      if (link.size === size - 1)
        within = narrowed([within], 0, link.quantity, { min: counts[size - 1]![link.quantity]! })[0]!;
    const result = solve(problems[size]!, {
      bounds: within,
      learned,
      ...(size > 0 ? { prefer: counts[size - 1]! } : {}),
    });
    if (result.kind !== 'solved') return null;
    counts.push(result.counts);
  }
  return counts;
}
