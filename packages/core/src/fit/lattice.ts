import { costOf, type HelperCount, type Problem, type Quantity } from './problem.js';
import type { LinearRelation, WindowedVariable } from './eliminate.js';

/** Bounds put on single counts from outside: pins, and neighbours in the range. */
export type Bounds = Readonly<Record<string, { min?: number; max?: number }>>;

/** Bounds that leave each of these counts as it is. */
export function heldAt(counts: Readonly<Record<string, number>>): Bounds {
  return Object.fromEntries(Object.entries(counts).map(([id, count]) => [id, { min: count, max: count }]));
}

/** The values that an unknown may have: base + step x index, for indexes from low to high. */
export interface Lattice {
  id: string;
  /** Null for a helper. */
  quantity: Quantity | null;
  helper: HelperCount | null;
  base: number;
  step: number;
  low: number;
  high: number;
  /** Index of the cheapest value, and what it costs, cm. */
  best: number;
  least: number;
}

/**
 * Costs are counted in whole millionths of a cm, and below each of these there is room for the ties: sums of whole numbers
 * are exact, so that equal costs are equal and the ties decide between them alone.
 */
const MICRO = 1e6;
const COST = 2 ** 20;
const CHANGE = 2 ** 15;

/** A cost in cm as the whole number that the elimination works with, without ties. */
export function wholeCost(cm: number): number {
  return Math.round(cm * MICRO) * COST;
}

/** The cost of a lattice's index, cm. */
export function costAt(lattice: Lattice, index: number): number {
  const value = lattice.base + lattice.step * index;
  if (lattice.quantity) return costOf(lattice.quantity, value);
  const { helper } = lattice;
  return helper?.costs?.[value - helper.min] ?? 0;
}

function latticeOf(
  item: Quantity | HelperCount,
  min: number,
  max: number,
  preferred: number | undefined,
): Lattice | null {
  const quantity = 'target' in item ? item : null;
  const helper = 'target' in item ? null : item;
  const step = quantity?.rule.multiple ?? 1;
  const base = quantity ? quantity.rule.plus : 0;
  // A rule counts whole repeats up from its plus; a helper may well be negative.
  const low = Math.max(quantity ? 0 : -Infinity, Math.ceil((min - base) / step - 1e-9));
  const high = Math.floor((max - base) / step + 1e-9);
  if (low > high) return null;
  const aim = quantity ? quantity.target * quantity.perCm : (preferred ?? min);
  const near = Math.min(high, Math.max(low, Math.floor((aim - base) / step)));
  const lattice: Lattice = { id: item.id, quantity, helper, base, step, low, high, best: near, least: 0 };
  const [from, to] = quantity
    ? [Math.max(low, near - 1), Math.min(high, near + 2)]
    : helper?.costs
      ? [low, high]
      : [near, near];
  let least = costAt(lattice, near);
  for (let index = from; index <= to; index += 1) {
    const cost = costAt(lattice, index);
    if (cost < least) {
      least = cost;
      lattice.best = index;
    }
  }
  lattice.least = least;
  return lattice;
}

/**
 * The values of all unknowns of a problem, quantities first, inside bounds from outside.
 *
 * @returns null when an unknown is left without a value
 */
export function latticesOf(
  problem: Problem,
  bounds: Bounds,
  prefer: Readonly<Record<string, number>>,
): Lattice[] | null {
  const lattices: Lattice[] = [];
  const unknowns: readonly (Quantity | HelperCount)[] = [...problem.quantities, ...problem.helpers];
  for (const item of unknowns) {
    const bound = bounds[item.id];
    const min = Math.max(item.min, bound?.min ?? -Infinity);
    const max = Math.min(item.max, bound?.max ?? Infinity);
    const lattice = latticeOf(item, min, max, prefer[item.id]);
    if (!lattice) return null;
    lattices.push(lattice);
  }
  return lattices;
}

/** A lattice with no more than the values from low to high. */
export function within(lattice: Lattice, low: number, high: number): Lattice {
  const left = { ...lattice, low, high };
  // A count's cost only rises away from its cheapest, so the nearest end is the cheapest left; a choice's may be any.
  left.best = Math.min(high, Math.max(low, lattice.best));
  if (lattice.helper?.costs)
    for (let index = low; index <= high; index += 1)
      if (costAt(left, index) < costAt(left, left.best)) left.best = index;
  left.least = costAt(left, left.best);
  return left;
}

/** The relations between the unknowns by their place; "at least" turned into "at most". */
export function linearRelations(problem: Problem, lattices: readonly Lattice[]): LinearRelation[] {
  const indexOf = new Map<string, number>();
  for (let i = 0; i < lattices.length; i += 1) indexOf.set(lattices[i]!.id, i);
  return problem.relations.map(({ kind, terms, total, when }) => {
    const sign = kind === 'at least' ? -1 : 1;
    const variables: number[] = [];
    const times: number[] = [];
    for (const term of terms) {
      variables.push(indexOf.get(term.of)!);
      times.push(sign * term.times);
    }
    const linear: LinearRelation = {
      equal: kind === 'equal',
      variables,
      times,
      total: sign * total,
      when: when?.is,
    };
    if (when) {
      variables.push(indexOf.get(when.choice)!);
      times.push(0);
    }
    return linear;
  });
}

/** For each unknown the group of unknowns that relations tie together; groups do not touch each other's cost. */
export function groupsOf(size: number, ties: readonly { variables: readonly number[] }[]): number[] {
  const groups: number[] = [];
  for (let i = 0; i < size; i += 1) groups.push(i);
  const leader = (i: number): number => {
    let one = i;
    while (groups[one] !== one) one = groups[one]!;
    return one;
  };
  for (const { variables } of ties) {
    const first = leader(variables[0]!);
    for (let i = 1; i < variables.length; i += 1) groups[leader(variables[i]!)] = first;
  }
  return groups.map((_, i) => leader(i));
}

/**
 * The unknowns with the values from low to high, costs as whole numbers with the ties: among values of equal cost first
 * the one preferred, then the lower count.
 */
export function windowed(
  lattices: readonly Lattice[],
  low: readonly number[],
  high: readonly number[],
  prefer: Readonly<Record<string, number>>,
): WindowedVariable[] {
  return lattices.map((lattice, i) => {
    const { id, base, step } = lattice;
    const first = base + step * low[i]!;
    const size = high[i]! - low[i]! + 1;
    // A helper without costs follows from the counts: it has no say in ties.
    if (!lattice.quantity && !lattice.helper?.costs)
      return { first, step, size, offset: low[i]!, costs: nothing(size) };
    const costs = new Float64Array(size);
    const preferred = prefer[id] ?? NaN;
    for (let k = 0; k < size; k += 1) {
      const change = !Number.isNaN(preferred) && preferred !== first + step * k ? CHANGE : 0;
      costs[k] = wholeCost(costAt(lattice, low[i]! + k)) + change + step * k;
    }
    return { first, step, size, offset: low[i]!, costs };
  });
}

let zeros = new Float64Array(0);

/** At least so many zeros, only to be read: helpers have wide ranges, and none needs a list of its own. */
function nothing(size: number): Float64Array {
  if (zeros.length < size) zeros = new Float64Array(2 * size);
  return zeros;
}
