import type { Step } from './order.js';

/**
 * Dynamic programming over a sparse set of linear relations: variables are eliminated one after the other, each time
 * leaving a table over the variables that it met. Exact; its work is bounded by the size of the largest table.
 */

export interface LinearRelation {
  equal: boolean;
  variables: readonly number[];
  times: readonly number[];
  total: number;
}

/** The values first, first + step, ... (size of them) with a cost each; `offset` is the caller's index of `first`. */
export interface WindowedVariable {
  first: number;
  step: number;
  size: number;
  offset: number;
  costs: Float64Array;
}

export interface EliminationProblem {
  variables: readonly WindowedVariable[];
  relations: readonly LinearRelation[];
  /** The order of elimination, found for these relations. */
  steps: readonly Step[];
}

/** Cheapest choice: for each variable the caller's index of its value. */
export interface EliminationAnswer {
  cost: number;
  indexes: number[];
}

/** The largest table that is worked: beyond it the problem is told to be too hard rather than answered second best. */
export const LARGEST_TABLE = 4_000_000;
const EPSILON = 1e-7;

/** What a step leaves: for each combination of its scope the least cost, and the index that has it (-1: none). */
interface Table {
  strides: Int32Array;
  costs: Float64Array;
  choice: Int32Array;
}

/** Finds the cheapest values under all relations, or says that there are none or that it would take too long. */
export function eliminate(problem: EliminationProblem): EliminationAnswer | 'infeasible' | 'too hard' {
  const { variables, steps } = problem;
  const tables: Table[] = [];
  let constant = 0;
  for (const step of steps) {
    const table = workStep(problem, step, tables);
    if (typeof table === 'string') return table;
    tables.push(table);
    if (step.scope.length === 0) constant += table.costs[0]!;
  }
  const at = new Int32Array(variables.length);
  for (let i = steps.length - 1; i >= 0; i -= 1) {
    const { variable, scope } = steps[i]!;
    const { strides, choice } = tables[i]!;
    let cell = 0;
    for (let s = 0; s < scope.length; s += 1) cell += strides[s]! * at[scope[s]!]!;
    at[variable] = choice[cell]!;
  }
  return { cost: constant, indexes: variables.map(({ offset }, i) => at[i]! + offset) };
}

function workStep(
  { variables, relations: all }: EliminationProblem,
  { variable, scope, relations, tables: used }: Step,
  tables: readonly Table[],
): Table | 'infeasible' | 'too hard' {
  const width = scope.length;
  const strides = new Int32Array(width);
  let cells = 1;
  for (let s = 0; s < width; s += 1) {
    strides[s] = cells;
    cells *= variables[scope[s]!]!.size;
    if (cells > LARGEST_TABLE) return 'too hard';
  }
  const own = variables[variable]!;
  const bound = relations.some(({ at }) => all[at]!.equal);
  if (!bound && cells * own.size > LARGEST_TABLE) return 'too hard';
  const costs = new Float64Array(cells).fill(Infinity);
  const choice = new Int32Array(cells).fill(-1);

  // Each relation seen from the scope: what is left of its total at the first cell, and how a step of each scope variable
  // changes that; each table: how far a step moves in it.
  const rest = relations.map(({ at, scope: places }) => {
    const { times, total } = all[at]!;
    return places.reduce(
      (sum, place, s) => (place < 0 ? sum : sum - times[place]! * variables[scope[s]!]!.first),
      total,
    );
  });
  const slopes = relations.map(({ at, scope: places }) =>
    places.map((place, s) => (place < 0 ? 0 : all[at]!.times[place]! * variables[scope[s]!]!.step)),
  );
  const moves = used.map(({ step, scope: places }) =>
    places.map((place) => (place < 0 ? 0 : tables[step]!.strides[place]!)),
  );
  const ownMoves = used.map(({ step, own: place }) => tables[step]!.strides[place]!);

  const at = new Int32Array(width);
  const bases = new Int32Array(used.length);
  let feasible = false;
  for (let cell = 0; cell < cells; cell += 1) {
    let low = 0;
    let high = own.size - 1;
    for (let r = 0; r < relations.length && low <= high; r += 1) {
      const { at: place, own: ownPlace } = relations[r]!;
      const { equal, times } = all[place]!;
      const ownTimes = times[ownPlace]!;
      const slope = slopes[r]!;
      let left = rest[r]!;
      for (let s = 0; s < width; s += 1) left -= slope[s]! * at[s]!;
      const index = (left / ownTimes - own.first) / own.step;
      if (equal) {
        const whole = Math.round(index);
        if (Math.abs(whole - index) > EPSILON) low = high + 1;
        else {
          low = Math.max(low, whole);
          high = Math.min(high, whole);
        }
      } else if (ownTimes > 0) high = Math.min(high, Math.floor(index + EPSILON));
      else low = Math.max(low, Math.ceil(index - EPSILON));
    }
    if (low <= high) {
      for (let t = 0; t < used.length; t += 1) {
        const move = moves[t]!;
        let base = 0;
        for (let s = 0; s < width; s += 1) base += move[s]! * at[s]!;
        bases[t] = base;
      }
      let least = Infinity;
      let chosen = -1;
      for (let k = low; k <= high; k += 1) {
        let cost = own.costs[k]!;
        for (let t = 0; t < used.length; t += 1)
          cost += tables[used[t]!.step]!.costs[bases[t]! + ownMoves[t]! * k]!;
        if (cost < least) {
          least = cost;
          chosen = k;
        }
      }
      if (chosen >= 0) {
        costs[cell] = least;
        choice[cell] = chosen;
        feasible = true;
      }
    }
    for (let s = 0; s < width; s += 1) {
      at[s]! += 1;
      if (at[s]! < variables[scope[s]!]!.size) break;
      at[s] = 0;
    }
  }
  return feasible ? { strides, costs, choice } : 'infeasible';
}
