import { eliminateAll } from './eliminate.js';
import { costAt, latticesOf, linearRelations, wholeCost, type Bounds, type Lattice } from './lattice.js';
import { MOST_WORK, type Learned } from './solve.js';
import { orderOf } from './order.js';
import type { Counts } from './counts.js';
import { costOfCounts, type Problem } from './problem.js';

/** One way to count a size, and what it costs by itself, cm. */
export interface Candidate {
  counts: Counts;
  cost: number;
}

/** Ways listed for one size and one group of counts: beyond them the range keeps to the nearest counts and says so. */
const MOST_CANDIDATES = 4000;

/** Counts looked at on each side of a target: far beyond what evenness can pay for. */
const FARTHEST = 400;

/**
 * Every way to count a size that an even range could want.
 *
 * Evenness costs `strength` x weight for each cm by which the miss of a count changes from one size to the next. Moving
 * one size from these counts x to the best counts b alone changes that by at most neighbours x strength x weight x |x - b|,
 * so x can only be wanted where its own cost is at most the cost of b plus that. All such x are listed, and no others.
 *
 * @param best the cheapest counts of the size alone, inside the same bounds
 * @param pull strength x number of neighbours, below 1
 * @returns the ways, or null when there are more than can be searched
 */
export function candidatesOf(
  problem: Problem,
  best: Counts,
  bounds: Bounds,
  pull: number,
  learned: Learned,
): Candidate[] | null {
  const lattices = latticesOf(problem, bounds, {});
  if (!lattices) return [];
  /** Own cost less the most that evenness could give back, cm. */
  const worth = (lattice: Lattice, index: number): number => {
    const { quantity, base, step, id } = lattice;
    const own = costAt(lattice, index);
    if (!quantity) return own;
    const away = Math.abs(base + step * index - best[id]!) / quantity.perCm;
    return own - pull * quantity.weight * away;
  };
  const indexOfBest = lattices.map(({ id, base, step }) => Math.round((best[id]! - base) / step));
  const lowest = lattices.map((lattice, i) => {
    if (!lattice.quantity) return lattice.least;
    // Worth is least at the target or at the best count: between and beside them it only rises.
    const near = [lattice.best - 1, lattice.best, lattice.best + 1, indexOfBest[i]!];
    return Math.min(
      ...near
        .filter((index) => index >= lattice.low && index <= lattice.high)
        .map((index) => worth(lattice, index)),
    );
  });
  const cost = costOfCounts(problem, best);
  const slack = cost - lowest.reduce((sum, least) => sum + least, 0) + 1e-4;
  const windows = lattices.map((lattice, i) => {
    if (!lattice.quantity) return [lattice.low, lattice.high] as const;
    const inside = (index: number) => worth(lattice, index) <= lowest[i]! + slack;
    let low = Math.min(lattice.best, indexOfBest[i]!);
    let high = Math.max(lattice.best, indexOfBest[i]!);
    for (let left = FARTHEST; left > 0 && low > lattice.low && inside(low - 1); left -= 1) low -= 1;
    for (let left = FARTHEST; left > 0 && high < lattice.high && inside(high + 1); left -= 1) high += 1;
    return [low, high] as const;
  });
  const variables = lattices.map((lattice, i) => {
    const [low, high] = windows[i]!;
    const costs = Float64Array.from({ length: high - low + 1 }, (_, k) => wholeCost(worth(lattice, low + k)));
    return {
      first: lattice.base + lattice.step * low,
      step: lattice.step,
      size: high - low + 1,
      offset: low,
      costs,
    };
  });
  const relations = linearRelations(problem, lattices);
  const steps = orderOf(
    relations,
    variables.map(({ size }) => size),
    learned.orders,
  );
  const found = eliminateAll({ variables, relations, steps }, wholeCost(cost + 1e-4), MOST_CANDIDATES, {
    left: MOST_WORK,
  });
  if (typeof found === 'string') return null;
  const all = found.map(({ indexes }) => {
    const counts: Record<string, number> = {};
    let own = 0;
    lattices.forEach((lattice, i) => {
      counts[lattice.id] = lattice.base + lattice.step * indexes[i]!;
      own += costAt(lattice, indexes[i]!);
    });
    return { counts, cost: own };
  });
  return undominated(problem, all, pull);
}

/** Cheapest ways against which the others are held. */
const COMPARED = 40;

/**
 * Leaves out ways that another way is never dearer than, whatever the neighbouring sizes do: what one costs more by itself
 * is at least what evenness could give back for the counts in which they differ.
 */
function undominated({ quantities }: Problem, all: readonly Candidate[], pull: number): Candidate[] {
  const kept: Candidate[] = [];
  for (const way of [...all].sort((a, b) => a.cost - b.cost)) {
    const dominated = kept.slice(0, COMPARED).some((other) => {
      let left = way.cost - other.cost + 1e-9;
      for (const { id, perCm, weight } of quantities) {
        left -= (pull * weight * Math.abs(way.counts[id]! - other.counts[id]!)) / perCm;
        if (left < 0) return false;
      }
      return true;
    });
    if (!dominated) kept.push(way);
  }
  // In the order in which they were listed: of ways of equal cost the lower counts come first.
  const left = new Set(kept);
  return all.filter((way) => left.has(way));
}

/** How unevenly a quantity steps from one size to the next: the change of its miss, cm. */
export function unevenness(
  before: { perCm: number; target: number; count: number },
  after: { perCm: number; target: number; count: number },
): number {
  return Math.abs(after.count / after.perCm - after.target - (before.count / before.perCm - before.target));
}

/**
 * The cheapest way through the sizes: own costs, and strength x weight x unevenness between neighbours.
 *
 * @param problems one group of counts in each size
 * @param candidates the ways of each size; none may be empty
 * @returns which way each size takes, and the whole cost, cm
 */
export function cheapestChain(
  problems: readonly Problem[],
  candidates: readonly (readonly Candidate[])[],
  strength: number,
): { chosen: Candidate[]; cost: number } {
  const tracks = problems.map((problem, size) => {
    const next = new Map(problems[size + 1]?.quantities.map((quantity) => [quantity.id, quantity]));
    return problem.quantities.flatMap((quantity) => {
      const after = next.get(quantity.id);
      return after ? [{ before: quantity, after }] : [];
    });
  });
  /** For each way of a size its misses along the quantities shared with the size before, times strength and weight. */
  const misses = (list: readonly Candidate[], size: number, side: 'before' | 'after') =>
    list.map(({ counts }) =>
      Float64Array.from(tracks[size]!, (track) => {
        const { id, perCm, target } = track[side];
        return strength * track.after.weight * (counts[id]! / perCm - target);
      }),
    );
  let costs = candidates[0]!.map(({ cost }) => cost);
  const from: Int32Array[] = [];
  for (let size = 1; size < problems.length; size += 1) {
    const here = candidates[size]!;
    const left = misses(candidates[size - 1]!, size - 1, 'before');
    const right = misses(here, size - 1, 'after');
    const best = new Int32Array(here.length);
    const sums = here.map(({ cost }, k) => {
      let least = Infinity;
      const own = right[k]!;
      for (let j = 0; j < left.length; j += 1) {
        let sum = costs[j]!;
        const other = left[j]!;
        for (let t = 0; t < own.length && sum < least; t += 1) sum += Math.abs(own[t]! - other[t]!);
        if (sum < least - 1e-12) {
          least = sum;
          best[k] = j;
        }
      }
      return least + cost;
    });
    from.push(best);
    costs = sums;
  }
  let at = costs.reduce((least, cost, k) => (cost < costs[least]! - 1e-9 ? k : least), 0);
  const cost = costs[at]!;
  const chosen: Candidate[] = [];
  for (let size = problems.length - 1; size >= 0; size -= 1) {
    chosen.unshift(candidates[size]![at]!);
    if (size > 0) at = from[size - 1]![at]!;
  }
  return { chosen, cost };
}
