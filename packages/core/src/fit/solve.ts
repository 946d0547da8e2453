import { costOf, type HelperCount, type Problem, type Quantity } from './problem.js';
import { eliminate, type LinearRelation, type WindowedVariable } from './eliminate.js';
import { orderOf, type OrderMemory } from './order.js';

/** Bounds put on single counts from outside: pins, and neighbours in the range. */
export type Bounds = Readonly<Record<string, { min?: number; max?: number }>>;

export interface SolveOptions {
  bounds?: Bounds;
  /** Counts to keep where nothing else decides (the neighbouring size's). */
  prefer?: Readonly<Record<string, number>>;
  /** Orders of elimination found before; problems of one form share theirs. */
  orders?: OrderMemory;
}

export type SolveResult =
  | { kind: 'solved'; counts: Record<string, number>; cost: number }
  | { kind: 'infeasible' }
  | { kind: 'too hard' };

/** Ties: first fewer changes against the preferred counts, then the lower count. Far below any real difference in cm. */
const CHANGE_TIE = 1e-7;
const COUNT_TIE = 1e-10;

/** First search window on each side of the target, in legal counts. */
const FIRST_WINDOW = 3;

interface Lattice {
  quantity: Quantity | null;
  id: string;
  base: number;
  step: number;
  /** Smallest and largest index with base + step x index inside the bounds. */
  low: number;
  high: number;
  /** Index of the cheapest legal count. */
  best: number;
}

function latticeOf(
  id: string,
  quantity: Quantity | null,
  min: number,
  max: number,
  preferred: number | undefined,
): Lattice | null {
  const step = quantity?.rule.multiple ?? 1;
  const base = quantity ? quantity.rule.plus : 0;
  // A rule counts whole repeats up from its plus; a helper may well be negative.
  const low = Math.max(quantity ? 0 : -Infinity, Math.ceil((min - base) / step - 1e-9));
  const high = Math.floor((max - base) / step + 1e-9);
  if (low > high) return null;
  const aim = quantity ? quantity.target * quantity.perCm : (preferred ?? min);
  const near = Math.min(high, Math.max(low, Math.floor((aim - base) / step)));
  let best = near;
  if (quantity)
    for (let index = Math.max(low, near - 1); index <= Math.min(high, near + 2); index += 1)
      if (costOf(quantity, base + step * index) < costOf(quantity, base + step * best)) best = index;
  return { quantity, id, base, step, low, high, best };
}

/**
 * Exact optimum of one size: the cheapest counts that obey every rule and relation.
 *
 * A small window around the targets is solved first. Its cost bounds how far any count can be from its target in a
 * better answer; the window is then widened to exactly that bound and solved again, which proves the optimum. Where
 * the window holds no answer it is doubled until it spans all counts, which proves that there is none.
 *
 * @returns the counts and their cost (without tie-breaks), "infeasible", or "too hard" when the tables of the
 *   elimination would pass their bound
 */
export function solve(problem: Problem, options: SolveOptions = {}): SolveResult {
  const lattices: Lattice[] = [];
  const unknowns: readonly (Quantity | HelperCount)[] = [...problem.quantities, ...problem.helpers];
  for (const item of unknowns) {
    const bound = options.bounds?.[item.id];
    const min = Math.max(item.min, bound?.min ?? -Infinity);
    const max = Math.min(item.max, bound?.max ?? Infinity);
    const quantity = 'target' in item ? item : null;
    const lattice = latticeOf(item.id, quantity, min, max, options.prefer?.[item.id]);
    if (!lattice) return { kind: 'infeasible' };
    lattices.push(lattice);
  }
  const indexOf = new Map(lattices.map(({ id }, index) => [id, index]));
  const relations: LinearRelation[] = problem.relations.map(({ kind, terms, total }) => ({
    equal: kind === 'equal',
    variables: terms.map(({ of }) => indexOf.get(of)!),
    times: terms.map(({ times }) => times),
    total,
  }));
  const cheapest = lattices.map(({ quantity, base, step, best }) =>
    quantity ? costOf(quantity, base + step * best) : 0,
  );
  const groups = groupsOf(lattices.length, relations);

  let low = lattices.map((lattice) =>
    lattice.quantity ? Math.max(lattice.low, lattice.best - FIRST_WINDOW) : lattice.low,
  );
  let high = lattices.map((lattice) =>
    lattice.quantity ? Math.min(lattice.high, lattice.best + FIRST_WINDOW) : lattice.high,
  );
  for (let width = FIRST_WINDOW; ;) {
    const variables = windowed(lattices, low, high, options.prefer);
    const sizes = variables.map(({ size }) => size);
    const known = eliminate({ variables, relations, steps: orderOf(relations, sizes, options.orders) });
    // An order found for other windows may be a dear one for these.
    const attempt =
      known === 'too hard' ? eliminate({ variables, relations, steps: orderOf(relations, sizes) }) : known;
    if (attempt === 'too hard') return { kind: 'too hard' };
    if (attempt === 'infeasible') {
      if (lattices.every((lattice, i) => low[i] === lattice.low && high[i] === lattice.high))
        return { kind: 'infeasible' };
      width *= 2;
      low = lattices.map((lattice) =>
        lattice.quantity ? Math.max(lattice.low, lattice.best - width) : lattice.low,
      );
      high = lattices.map((lattice) =>
        lattice.quantity ? Math.min(lattice.high, lattice.best + width) : lattice.high,
      );
      continue;
    }
    const slack = slackOf(lattices, cheapest, groups, attempt.indexes);
    let proven = true;
    const needed = lattices.map((lattice, i) => {
      const { quantity, base, step } = lattice;
      if (!quantity) return [lattice.low, lattice.high] as const;
      const reach = (slack[groups[i]!]! + cheapest[i]!) / quantity.weight;
      const first = Math.max(
        lattice.low,
        Math.ceil(((quantity.target - reach) * quantity.perCm - base) / step - 1e-9),
      );
      const last = Math.min(
        lattice.high,
        Math.floor(((quantity.target + reach) * quantity.perCm - base) / step + 1e-9),
      );
      if (first < low[i]! || last > high[i]!) proven = false;
      return [first, last] as const;
    });
    if (proven) {
      const counts: Record<string, number> = {};
      lattices.forEach(({ id, base, step }, i) => (counts[id] = base + step * attempt.indexes[i]!));
      const cost = problem.quantities.reduce(
        (sum, quantity) => sum + costOf(quantity, counts[quantity.id]!),
        0,
      );
      return { kind: 'solved', counts, cost };
    }
    low = needed.map(([first]) => first);
    high = needed.map(([, last]) => last);
  }
}

/** For each unknown the group of unknowns that relations tie together; groups do not touch each other's cost. */
function groupsOf(size: number, relations: readonly LinearRelation[]): number[] {
  const groups = Array.from({ length: size }, (_, i) => i);
  const leader = (i: number): number => (groups[i] === i ? i : leader(groups[i]!));
  for (const { variables } of relations)
    for (const other of variables) groups[leader(other)] = leader(variables[0]!);
  return groups.map((_, i) => leader(i));
}

/** For each group how much dearer its answer is than if every count of it were free: no better answer strays further. */
function slackOf(
  lattices: readonly Lattice[],
  cheapest: readonly number[],
  groups: readonly number[],
  indexes: readonly number[],
): number[] {
  const slack = new Array<number>(lattices.length).fill(1e-6);
  lattices.forEach(({ quantity, base, step }, i) => {
    if (quantity) slack[groups[i]!]! += costOf(quantity, base + step * indexes[i]!) - cheapest[i]!;
  });
  return slack;
}

function windowed(
  lattices: readonly Lattice[],
  low: readonly number[],
  high: readonly number[],
  prefer: SolveOptions['prefer'],
): WindowedVariable[] {
  return lattices.map(({ quantity, id, base, step }, i) => {
    const first = base + step * low[i]!;
    const size = high[i]! - low[i]! + 1;
    const costs = new Float64Array(size);
    const preferred = prefer?.[id];
    for (let k = 0; k < size; k += 1) {
      const count = first + step * k;
      const change = preferred !== undefined && preferred !== count ? CHANGE_TIE : 0;
      costs[k] = (quantity ? costOf(quantity, count) : 0) + change + COUNT_TIE * count;
    }
    return { first, step, size, offset: low[i]!, costs };
  });
}
