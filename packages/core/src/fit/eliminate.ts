import type { Step } from './order.js';

/**
 * Dynamic programming over a sparse set of linear relations: variables are eliminated one after the other, each time
 * leaving a table over the variables that it met. Exact; its work is bounded by the size of the largest table.
 */

export interface LinearRelation {
  equal: boolean;
  /** The variables; last the choice on which the relation hangs, if it hangs on one. */
  variables: readonly number[];
  /** Factors of the variables; 0 for a choice that is only a condition. */
  times: readonly number[];
  total: number;
  /** Value of the last variable for which the relation holds; always where it is left out. */
  when?: number;
}

/** The values first, first + step, ... (size of them) with a cost each; `offset` is the caller's index of `first`. */
export interface WindowedVariable {
  first: number;
  step: number;
  size: number;
  offset: number;
  /** Whole numbers, so that sums are exact and equal costs are equal. */
  costs: Float64Array;
}

export interface EliminationProblem {
  variables: readonly WindowedVariable[];
  relations: readonly LinearRelation[];
  /** The order of elimination, found for these relations. */
  steps: readonly Step[];
}

/** A choice: for each variable the caller's index of its value. */
export interface EliminationAnswer {
  cost: number;
  indexes: number[];
}

/** The largest table that is worked: beyond it the problem is told to be too hard rather than answered second best. */
export const LARGEST_TABLE = 4_000_000;
const EPSILON = 1e-7;

/** What a step leaves: for each combination of its scope the least cost, and the index that has it (-1: none). */
interface Table {
  costs: Float64Array;
  choice: Int32Array;
}

/** A step made ready: the relations and tables seen from its scope. */
class Worker {
  readonly width: number;
  readonly own: WindowedVariable;
  readonly strides: number[] = [];
  readonly cells: number = 1;
  /** Indexes of the scope's values that are looked at. */
  readonly at: number[];
  /** Indexes of the own values that the relations allow: from low to high, less those marked in `barred`. */
  low = 0;
  high = 0;
  barred = 0;
  private readonly rest: number[];
  private readonly slopes: number[][];
  private readonly moves: number[][];
  private readonly ownMoves: number[];
  private readonly bases: number[];
  /** For each relation the place of its condition: in the scope, -1 for the own variable, -2 for none. */
  private readonly conditionAt: number[];
  /** For each relation the index of the condition's value for which it holds. */
  private readonly conditionIs: number[];

  constructor(
    private readonly problem: EliminationProblem,
    readonly step: Step,
    workers: readonly Worker[],
    private readonly tables: readonly Table[],
  ) {
    const { variables, relations: all } = problem;
    const { variable, scope, relations, tables: used } = step;
    this.width = scope.length;
    this.own = variables[variable]!;
    for (let s = 0; s < this.width; s += 1) {
      this.strides.push(this.cells);
      this.cells *= variables[scope[s]!]!.size;
      if (this.cells > LARGEST_TABLE) break;
    }
    this.at = new Array<number>(this.width).fill(0);
    this.rest = relations.map(({ at, scope: places }) => {
      const { times, total } = all[at]!;
      return places.reduce(
        (sum, place, s) => (place < 0 ? sum : sum - times[place]! * variables[scope[s]!]!.first),
        total,
      );
    });
    this.slopes = relations.map(({ at, scope: places }) =>
      places.map((place, s) => (place < 0 ? 0 : all[at]!.times[place]! * variables[scope[s]!]!.step)),
    );
    this.moves = used.map(({ step: from, scope: places }) =>
      places.map((place) => (place < 0 ? 0 : workers[from]!.strides[place]!)),
    );
    this.ownMoves = used.map(({ step: from, own }) => workers[from]!.strides[own]!);
    this.bases = new Array<number>(used.length).fill(0);
    this.conditionAt = new Array<number>(relations.length).fill(-2);
    this.conditionIs = new Array<number>(relations.length).fill(0);
    for (let r = 0; r < relations.length; r += 1) {
      const { at, scope: places, own } = relations[r]!;
      const { when, variables: tied } = all[at]!;
      if (when === undefined) continue;
      const last = tied.length - 1;
      const condition = variables[tied[last]!]!;
      this.conditionAt[r] = own === last ? -1 : places.indexOf(last);
      this.conditionIs[r] = (when - condition.first) / condition.step;
    }
  }

  /** Whether the own variable follows from the others, so that its values need not be searched. */
  get bound(): boolean {
    return this.step.relations.some(
      ({ at }, r) => this.problem.relations[at]!.equal && this.conditionAt[r] === -2,
    );
  }

  /** Finds the own values that the relations allow beside the scope's values in `at`; false when there are none. */
  reach(): boolean {
    const all = this.problem.relations;
    const { relations, tables: used } = this.step;
    const { own, at, width } = this;
    let low = 0;
    let high = own.size - 1;
    let barred = 0;
    for (let r = 0; r < relations.length && low <= high; r += 1) {
      const { at: place, own: ownPlace } = relations[r]!;
      const condition = this.conditionAt[r]!;
      const needed = this.conditionIs[r]!;
      if (condition >= 0 && at[condition] !== needed) continue;
      const { equal, times } = all[place]!;
      const ownTimes = times[ownPlace]!;
      const slope = this.slopes[r]!;
      let left = this.rest[r]!;
      for (let s = 0; s < width; s += 1) left -= slope[s]! * at[s]!;
      if (condition === -1) {
        // The own variable is only the condition: the value that would call up a broken relation is barred.
        const broken = equal ? Math.abs(left) > EPSILON : left < -EPSILON;
        if (broken && needed >= 0 && needed < own.size) barred |= 1 << needed;
        continue;
      }
      const index = (left / ownTimes - own.first) / own.step;
      if (equal) {
        const whole = Math.round(index);
        if (Math.abs(whole - index) > EPSILON) low = high + 1;
        else {
          if (whole > low) low = whole;
          if (whole < high) high = whole;
        }
      } else if (ownTimes > 0) high = Math.min(high, Math.floor(index + EPSILON));
      else low = Math.max(low, Math.ceil(index - EPSILON));
    }
    this.low = low;
    this.high = high;
    this.barred = barred;
    if (low > high) return false;
    for (let t = 0; t < used.length; t += 1) {
      const move = this.moves[t]!;
      let base = 0;
      for (let s = 0; s < width; s += 1) base += move[s]! * at[s]!;
      this.bases[t] = base;
    }
    return true;
  }

  /** Cost of the own value k beside the scope's values that were reached for; Infinity where it cannot be. */
  costOf(k: number): number {
    if (this.barred !== 0 && (this.barred >> k) & 1) return Infinity;
    const { tables: used } = this.step;
    let cost = this.own.costs[k]!;
    for (let t = 0; t < used.length; t += 1)
      cost += this.tables[used[t]!.step]!.costs[this.bases[t]! + this.ownMoves[t]! * k]!;
    return cost;
  }

  /** The table cell of the values in `at`. */
  cell(): number {
    let cell = 0;
    for (let s = 0; s < this.width; s += 1) cell += this.strides[s]! * this.at[s]!;
    return cell;
  }

  /** Fills the table; "infeasible" when nothing is allowed anywhere. */
  fill(): Table | 'infeasible' {
    const { cells, width, at, problem } = this;
    const { scope } = this.step;
    const costs = new Float64Array(cells).fill(Infinity);
    const choice = new Int32Array(cells).fill(-1);
    let feasible = false;
    for (let cell = 0; cell < cells; cell += 1) {
      if (this.reach()) {
        let least = Infinity;
        let chosen = -1;
        for (let k = this.low; k <= this.high; k += 1) {
          const cost = this.costOf(k);
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
        if (at[s]! < problem.variables[scope[s]!]!.size) break;
        at[s] = 0;
      }
    }
    return feasible ? { costs, choice } : 'infeasible';
  }
}

/** All steps worked: from here the cheapest choice, or every choice up to a cost, is read off. */
interface Eliminated {
  cost: number;
  workers: readonly Worker[];
  tables: readonly Table[];
}

function workAll(problem: EliminationProblem): Eliminated | 'infeasible' | 'too hard' {
  const workers: Worker[] = [];
  const tables: Table[] = [];
  let cost = 0;
  for (const step of problem.steps) {
    const worker = new Worker(problem, step, workers, tables);
    if (worker.cells > LARGEST_TABLE || (!worker.bound && worker.cells * worker.own.size > LARGEST_TABLE))
      return 'too hard';
    const table = worker.fill();
    if (table === 'infeasible') return table;
    workers.push(worker);
    tables.push(table);
    if (step.scope.length === 0) cost += table.costs[0]!;
  }
  return { cost, workers, tables };
}

/** Finds the cheapest values under all relations, or says that there are none or that it would take too long. */
export function eliminate(problem: EliminationProblem): EliminationAnswer | 'infeasible' | 'too hard' {
  const done = workAll(problem);
  if (typeof done === 'string') return done;
  const { cost, workers, tables } = done;
  const chosen = new Int32Array(problem.variables.length);
  for (let i = workers.length - 1; i >= 0; i -= 1) {
    const worker = workers[i]!;
    const { variable, scope } = worker.step;
    for (let s = 0; s < scope.length; s += 1) worker.at[s] = chosen[scope[s]!]!;
    chosen[variable] = tables[i]!.choice[worker.cell()]!;
  }
  return { cost, indexes: problem.variables.map(({ offset }, i) => chosen[i]! + offset) };
}

/**
 * Every choice of values that costs at most `limit`. The tables know what the cheapest completion of a half-made choice
 * costs, so no dead end is entered: the work is as large as the answer.
 *
 * @param most how many choices are listed; "too many" when there are more
 */
export function eliminateAll(
  problem: EliminationProblem,
  limit: number,
  most: number,
): EliminationAnswer[] | 'too many' | 'too hard' {
  const done = workAll(problem);
  if (done === 'infeasible') return [];
  if (done === 'too hard') return done;
  const { workers, tables, cost } = done;
  const chosen = new Int32Array(problem.variables.length);
  const found: EliminationAnswer[] = [];
  /** Chooses for step i and those before it; false when there are too many. */
  const choose = (i: number, spent: number): boolean => {
    if (i < 0) {
      if (found.length >= most) return false;
      found.push({ cost: spent, indexes: problem.variables.map(({ offset }, v) => chosen[v]! + offset) });
      return true;
    }
    const worker = workers[i]!;
    const { variable, scope } = worker.step;
    for (let s = 0; s < scope.length; s += 1) worker.at[s] = chosen[scope[s]!]!;
    const least = tables[i]!.costs[worker.cell()]!;
    if (!worker.reach()) return true;
    const options: [k: number, extra: number][] = [];
    for (let k = worker.low; k <= worker.high; k += 1) {
      const extra = worker.costOf(k) - least;
      if (spent + extra <= limit) options.push([k, extra]);
    }
    for (const [k, extra] of options) {
      chosen[variable] = k;
      if (!choose(i - 1, spent + extra)) return false;
    }
    return true;
  };
  return choose(workers.length - 1, cost) ? found : 'too many';
}
