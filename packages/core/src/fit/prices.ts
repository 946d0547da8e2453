import type { LinearRelation } from './eliminate.js';
import { costAt, type Lattice } from './lattice.js';

/** Steps taken towards the best prices; each looks at a few values of every count. */
const STEPS = 60;
const EPSILON = 1e-9;

/** A relation between counts that have a cost: the weight of each, so that they sum to `total` or to no more. */
interface Row {
  equal: boolean;
  times: Float64Array;
  total: number;
}

/** The same with the few counts that it ties listed. */
interface SparseRow {
  equal: boolean;
  variables: readonly number[];
  times: readonly number[];
  total: number;
}

/**
 * Puts a price on each relation: what its being kept costs the counts, cm for each stitch or row. With the prices charged
 * to the counts every count can be chosen by itself, and what they then cost together is a bound from below on any answer
 * (Lagrangian relaxation; Geoffrion, "Lagrangean relaxation for integer programming", 1974; from memory). Where the
 * relations keep many counts from their lengths at once, it lies far closer to the optimum than the counts' own cheapest,
 * so that few values of each count are left to be searched.
 *
 * Relations that hang on a choice are passed over, and counts without a cost are put in terms of the others: both leave the
 * bound a bound.
 *
 * @param lattices the unknowns of one group
 * @param relations the relations between them, by place in `lattices`
 * @param upper what an answer costs that is there already, cm
 * @returns for each unknown the first and last index that an answer not dearer than `upper` can have
 */
export function reachByPrices(
  lattices: readonly Lattice[],
  relations: readonly LinearRelation[],
  upper: number,
): (readonly [number, number])[] {
  const costed = lattices.map((lattice) => hasCost(lattice));
  const rows = rowsBetween(lattices, relations, costed);
  const charge = bestCharge(lattices, costed, rows, upper);
  return lattices.map((lattice, i) => {
    if (!costed[i]) return [lattice.low, lattice.high];
    const most = charge.least[i]! + Math.max(0, upper - charge.bound);
    let { low, high } = lattice;
    while (low < high && charged(lattice, low, charge.prices[i]!) > most) low += 1;
    while (high > low && charged(lattice, high, charge.prices[i]!) > most) high -= 1;
    return [low, high];
  });
}

function hasCost({ quantity, helper }: Lattice): boolean {
  return quantity !== null || helper?.costs !== undefined;
}

/** The relations with the counts that cost nothing put in terms of the others. */
function rowsBetween(
  lattices: readonly Lattice[],
  relations: readonly LinearRelation[],
  costed: readonly boolean[],
): SparseRow[] {
  let rows = relations
    .filter(({ when }) => when === undefined)
    .map(({ equal, variables, times, total }): Row => {
      const row = { equal, times: new Float64Array(lattices.length), total };
      variables.forEach((variable, i) => (row.times[variable]! += times[i]!));
      return row;
    });
  costed.forEach((has, variable) => {
    if (has) return;
    const tied = rows.filter(({ times }) => times[variable] !== 0);
    const fixes = tied.find(({ equal }) => equal);
    if (fixes)
      for (const row of tied)
        if (row !== fixes) takeAway(row, fixes, row.times[variable]! / fixes.times[variable]!);
    rows = rows.filter((row) => (fixes ? row !== fixes : !tied.includes(row)));
  });
  return rows.filter(scaled).map(({ equal, times, total }) => {
    const variables: number[] = [];
    times.forEach((each, variable) => each !== 0 && variables.push(variable));
    return { equal, variables, times: variables.map((variable) => times[variable]!), total };
  });
}

function takeAway(row: Row, other: Row, factor: number): void {
  for (let i = 0; i < row.times.length; i += 1) {
    row.times[i]! -= factor * other.times[i]!;
    if (Math.abs(row.times[i]!) < EPSILON) row.times[i] = 0;
  }
  row.total -= factor * other.total;
}

/** Brings a row to length 1, so that the steps fit all; false where nothing is left of it. */
function scaled(row: Row): boolean {
  const length = Math.hypot(...row.times);
  if (length === 0) return false;
  for (let i = 0; i < row.times.length; i += 1) row.times[i]! /= length;
  row.total /= length;
  return true;
}

interface Charge {
  /** What each count is charged for one more of it, cm; and the least that it can then cost. */
  prices: Float64Array;
  least: Float64Array;
  /** What all answers cost at least, cm. */
  bound: number;
}

/** Goes up the slope of the bound, as far each time as the answer that is there would allow (Polyak's step). */
function bestCharge(
  lattices: readonly Lattice[],
  costed: readonly boolean[],
  rows: readonly SparseRow[],
  upper: number,
): Charge {
  const prices = new Float64Array(rows.length);
  const slope = new Float64Array(rows.length);
  const values = new Float64Array(lattices.length);
  let best: Charge | null = null;
  let share = 1;
  for (let step = 0; step < STEPS; step += 1) {
    const charge = {
      prices: new Float64Array(lattices.length),
      least: new Float64Array(lattices.length),
      bound: 0,
    };
    for (let r = 0; r < rows.length; r += 1) {
      const { variables, times, total } = rows[r]!;
      charge.bound -= prices[r]! * total;
      for (let k = 0; k < variables.length; k += 1) charge.prices[variables[k]!]! += prices[r]! * times[k]!;
    }
    for (let i = 0; i < lattices.length; i += 1) {
      if (!costed[i]) continue;
      const lattice = lattices[i]!;
      const index = cheapest(lattice, charge.prices[i]!);
      charge.least[i] = charged(lattice, index, charge.prices[i]!);
      charge.bound += charge.least[i]!;
      values[i] = lattice.base + lattice.step * index;
    }
    if (!best || charge.bound > best.bound + EPSILON) best = charge;
    else share *= 0.8;
    let length = 0;
    for (let r = 0; r < rows.length; r += 1) {
      const { equal, variables, times, total } = rows[r]!;
      let excess = -total;
      for (let k = 0; k < variables.length; k += 1) excess += times[k]! * values[variables[k]!]!;
      // Where a relation is kept anyway and costs nothing, its price stays.
      slope[r] = !equal && prices[r] === 0 && excess < 0 ? 0 : excess;
      length += slope[r]! * slope[r]!;
    }
    const gap = upper - charge.bound;
    if (length < EPSILON || gap < EPSILON) break;
    for (let r = 0; r < rows.length; r += 1) {
      const price = prices[r]! + (share * gap * slope[r]!) / length;
      prices[r] = rows[r]!.equal ? price : Math.max(0, price);
    }
  }
  return best!;
}

/** What a count of this index costs with its charge, cm. */
function charged(lattice: Lattice, index: number, price: number): number {
  return costAt(lattice, index) + price * (lattice.base + lattice.step * index);
}

/** The index that is cheapest with the charge: costs run straight to both sides of the length, so few can be. */
function cheapest(lattice: Lattice, price: number): number {
  const { quantity, low, high, base, step } = lattice;
  let best = low;
  let least = charged(lattice, low, price);
  const near = quantity ? Math.floor((quantity.target * quantity.perCm - base) / step) : low + 1;
  const last = quantity ? Math.min(high, near + 1) : high;
  for (let index = Math.max(low, near); index <= last; index += 1) {
    const cost = charged(lattice, index, price);
    if (cost < least) {
      best = index;
      least = cost;
    }
  }
  return quantity && charged(lattice, high, price) < least ? high : best;
}
