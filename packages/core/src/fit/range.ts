import type { OrderMemory } from './order.js';
import type { Counts, Problem } from './problem.js';
import { solve, type Bounds, type SolveResult } from './solve.js';

/** One size of a range: its problem and the counts that are held by pins. */
export interface RangeSize {
  problem: Problem;
  pins: Readonly<Record<string, number>>;
  /** What the size was solved to alone before, where its problem is the same object as then. */
  memory?: SolveMemory;
}

/** The last answer of a problem solved alone, and what it was asked with. */
export interface SolveMemory {
  last?: { problem: Problem; pins: string; prefer: Counts | undefined; result: SolveResult };
}

export type RangeResult =
  | { kind: 'fitted'; sizes: Counts[]; held: boolean; proven: boolean }
  | { kind: 'infeasible'; size: number }
  | { kind: 'too hard'; size: number };

/** Branches tried before the range pass keeps to its first good answer. */
const MOST_BRANCHES = 400;

interface Link {
  size: number;
  quantity: string;
}

interface Branch {
  bounds: Record<string, { min?: number; max?: number }>[];
  solved: { counts: Record<string, number>; cost: number }[];
  cost: number;
}

function pinBounds(pins: Readonly<Record<string, number>>): Record<string, { min?: number; max?: number }> {
  return Object.fromEntries(Object.entries(pins).map(([id, count]) => [id, { min: count, max: count }]));
}

/** Pairs (size, next size) in which a quantity's target does not fall, so its count must not fall. */
function links(sizes: readonly RangeSize[], graded: boolean): Link[] {
  if (!graded) return [];
  const found: Link[] = [];
  for (let size = 0; size + 1 < sizes.length; size += 1) {
    const next = new Map(sizes[size + 1]!.problem.quantities.map((quantity) => [quantity.id, quantity]));
    for (const quantity of sizes[size]!.problem.quantities) {
      const larger = next.get(quantity.id);
      if (!larger || larger.target < quantity.target) continue;
      const bothPinned =
        sizes[size]!.pins[quantity.id] !== undefined && sizes[size + 1]!.pins[quantity.id] !== undefined;
      if (!bothPinned) found.push({ size, quantity: quantity.id });
    }
  }
  return found;
}

/**
 * Fits all sizes. Where the sizes are graded, counts do not fall where targets rise.
 *
 * Each size is solved alone; that is the answer when no count falls. Where one falls, either the smaller size stays at
 * or under the larger size's present count or the larger goes above it: both are solved, the cheaper whole is followed first,
 * so the first whole without a fall is the cheapest there is.
 *
 * @param sizes in the order of the range
 * @param graded whether the sizes form a range
 * @param orders orders of elimination found before
 * @param mostBranches how many branches are followed before one pass from the smallest size up is taken instead
 * @returns counts for each size; `held` is false when a pin forces a count to fall, `proven` is false when the branches
 *   ran out and a nearer whole may exist
 */
export function fitRange(
  sizes: readonly RangeSize[],
  graded: boolean,
  orders: OrderMemory = new Map(),
  mostBranches = MOST_BRANCHES,
): RangeResult {
  const first: Branch = { bounds: [], solved: [], cost: 0 };
  let prefer: Counts | undefined;
  for (let size = 0; size < sizes.length; size += 1) {
    const bounds = pinBounds(sizes[size]!.pins);
    const result = solveAlone(sizes[size]!, bounds, orders, graded ? prefer : undefined);
    if (result.kind !== 'solved') return { kind: result.kind, size };
    first.bounds.push(bounds);
    first.solved.push(result);
    first.cost += result.cost;
    prefer = result.counts;
  }
  const allLinks = links(sizes, graded);
  const strict = settle(sizes, first, allLinks, orders, mostBranches);
  if (strict) return { kind: 'fitted', sizes: strict.counts, held: true, proven: strict.proven };
  // Pins may force a fall; then only the links that touch no pinned size are kept.
  const pinned = sizes.map(({ pins }) => Object.keys(pins).length > 0);
  const free = allLinks.filter(({ size }) => !pinned[size] && !pinned[size + 1]);
  const loose = settle(sizes, first, free, orders, mostBranches);
  return {
    kind: 'fitted',
    sizes: loose?.counts ?? first.solved.map(({ counts }) => counts),
    held: false,
    proven: loose?.proven ?? true,
  };
}

/** Solves one size alone, or takes over what it came to before when it was asked the same. */
function solveAlone(
  { problem, pins, memory }: RangeSize,
  bounds: Bounds,
  orders: OrderMemory,
  prefer: Counts | undefined,
): SolveResult {
  const held = memory && JSON.stringify(pins);
  const last = memory?.last;
  if (last && last.problem === problem && last.pins === held && last.prefer === prefer) return last.result;
  const result = solve(problem, { bounds, orders, ...(prefer ? { prefer } : {}) });
  if (memory && held !== undefined) memory.last = { problem, pins: held, prefer, result };
  return result;
}

/** Branches until no linked count falls; null when that cannot be reached. */
function settle(
  sizes: readonly RangeSize[],
  start: Branch,
  pairs: readonly Link[],
  orders: OrderMemory,
  mostBranches: number,
): { counts: Counts[]; proven: boolean } | null {
  const open: Branch[] = [start];
  for (let tried = 0; open.length > 0 && tried < mostBranches; tried += 1) {
    const branch = takeCheapest(open);
    const fall = worstFall(branch, pairs);
    if (!fall) return { counts: branch.solved.map(({ counts }) => counts), proven: true };
    const { size, quantity } = fall;
    const level = branch.solved[size + 1]!.counts[quantity]!;
    for (const [at, bound] of [
      [size, { max: level }],
      [size + 1, { min: level + 1 }],
    ] as const) {
      const next = tighten(sizes, branch, at, quantity, bound, orders);
      if (next) open.push(next);
    }
  }
  if (open.length === 0) return null;
  const counts = sweep(sizes, start, pairs, orders);
  return counts && { counts, proven: false };
}

function takeCheapest(open: Branch[]): Branch {
  let best = 0;
  for (let i = 1; i < open.length; i += 1) if (open[i]!.cost < open[best]!.cost - 1e-12) best = i;
  return open.splice(best, 1)[0]!;
}

function worstFall(branch: Branch, pairs: readonly Link[]): Link | null {
  let worst: Link | null = null;
  let depth = 0;
  for (const pair of pairs) {
    const fall =
      branch.solved[pair.size]!.counts[pair.quantity]! - branch.solved[pair.size + 1]!.counts[pair.quantity]!;
    if (fall > depth) {
      depth = fall;
      worst = pair;
    }
  }
  return worst;
}

function tighten(
  sizes: readonly RangeSize[],
  branch: Branch,
  at: number,
  quantity: string,
  bound: { min?: number; max?: number },
  orders: OrderMemory,
): Branch | null {
  const old = branch.bounds[at]![quantity] ?? {};
  const min = Math.max(old.min ?? -Infinity, bound.min ?? -Infinity);
  const max = Math.min(old.max ?? Infinity, bound.max ?? Infinity);
  const bounds: Record<string, { min?: number; max?: number }> = {
    ...branch.bounds[at],
    [quantity]: { min, max },
  };
  const result: SolveResult = solve(sizes[at]!.problem, {
    bounds: bounds as Bounds,
    prefer: branch.solved[at]!.counts,
    orders,
  });
  if (result.kind !== 'solved') return null;
  return {
    bounds: branch.bounds.map((old, i) => (i === at ? bounds : old)),
    solved: branch.solved.map((old, i) => (i === at ? result : old)),
    cost: branch.cost - branch.solved[at]!.cost + result.cost,
  };
}

/** One pass from the smallest size up, each bounded below by the one before: the answer when branching takes too long. */
function sweep(
  sizes: readonly RangeSize[],
  start: Branch,
  pairs: readonly Link[],
  orders: OrderMemory,
): Counts[] | null {
  const counts: Counts[] = [start.solved[0]!.counts];
  for (let size = 1; size < sizes.length; size += 1) {
    const bounds: Record<string, { min?: number; max?: number }> = pinBounds(sizes[size]!.pins);
    for (const pair of pairs)
      if (pair.size === size - 1)
        bounds[pair.quantity] = {
          ...bounds[pair.quantity],
          min: Math.max(counts[size - 1]![pair.quantity]!, bounds[pair.quantity]?.min ?? 0),
        };
    const result = solve(sizes[size]!.problem, { bounds, orders, prefer: counts[size - 1]! });
    if (result.kind !== 'solved') return null;
    counts.push(result.counts);
  }
  return counts;
}
