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
  when?: number | undefined;
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

/** The cheapest choice, and how many combinations were looked at. */
export interface CheapestAnswer extends EliminationAnswer {
  work: number;
}

/** Cells of all tables together that are kept at once: beyond them the problem is called too hard rather than answered second best. */
export const MOST_CELLS = 8_000_000;
const EPSILON = 1e-7;

/** What a step leaves: for each combination of its scope the least cost, and the index that has it (-1: none). */
interface Table {
  costs: Float64Array;
  choice: Int32Array;
}

/** Fields of a relation as a step sees it, before its slope along each scope variable. */
const REST = 0;
const FACTOR = 1;
const EQUAL = 2;
/** Place of the condition: in the scope, -1 for the own variable, -2 for none; and the index for which the relation holds. */
const CONDITION = 3;
const CONDITION_IS = 4;
const SLOPES = 5;

/** A step made ready: the relations and tables seen from its scope. Its figures lie in two plain arrays, which keeps it quick. */
class PreparedStep {
  readonly width: number;
  readonly own: WindowedVariable;
  readonly strides: Int32Array;
  readonly cells: number = 1;
  /** Indexes of the scope's values that are looked at. */
  readonly at: Int32Array;
  /** Indexes of the own values that the relations allow: from low to high, less those marked in `barred`. */
  low = 0;
  high = 0;
  barred = 0;
  /** For each relation the fields above, and its slope along each scope variable. */
  private readonly relations: Float64Array;
  /** The tables used up here; for each where its cells begin, how far an own step moves in it, and each scope step. */
  private readonly used: Table[] = [];
  private readonly moves: Int32Array;

  constructor(
    private readonly problem: EliminationProblem,
    readonly step: Step,
    prepared: readonly PreparedStep[],
    tables: readonly Table[],
  ) {
    const { variables, relations: all } = problem;
    const { variable, scope, relations, tables: used } = step;
    const width = scope.length;
    this.width = width;
    this.own = variables[variable]!;
    this.strides = new Int32Array(width);
    this.at = new Int32Array(width);
    for (let s = 0; s < width; s += 1) {
      this.strides[s] = this.cells;
      this.cells *= variables[scope[s]!]!.size;
      if (this.cells > MOST_CELLS) break;
    }
    this.relations = new Float64Array(relations.length * (SLOPES + width));
    for (let r = 0; r < relations.length; r += 1) {
      const { at, own, scope: places } = relations[r]!;
      const { equal, times, total, when, variables: tied } = all[at]!;
      const base = r * (SLOPES + width);
      let rest = total;
      for (let s = 0; s < width; s += 1) {
        const place = places[s]!;
        if (place < 0) continue;
        const { first, step: by } = variables[scope[s]!]!;
        rest -= times[place]! * first;
        this.relations[base + SLOPES + s] = times[place]! * by;
      }
      this.relations[base + REST] = rest;
      this.relations[base + FACTOR] = times[own]!;
      this.relations[base + EQUAL] = equal ? 1 : 0;
      this.relations[base + CONDITION] = -2;
      if (when === undefined) continue;
      const last = tied.length - 1;
      const condition = variables[tied[last]!]!;
      this.relations[base + CONDITION] = own === last ? -1 : places.indexOf(last);
      this.relations[base + CONDITION_IS] = (when - condition.first) / condition.step;
    }
    this.moves = new Int32Array(used.length * (2 + width));
    for (let t = 0; t < used.length; t += 1) {
      const { step: from, own, scope: places } = used[t]!;
      const base = t * (2 + width);
      const { strides } = prepared[from]!;
      this.used.push(tables[from]!);
      this.moves[base + 1] = strides[own]!;
      for (let s = 0; s < width; s += 1) this.moves[base + 2 + s] = places[s]! < 0 ? 0 : strides[places[s]!]!;
    }
  }

  /** Combinations of values that it looks at, at most. */
  get work(): number {
    return this.bound ? this.cells : this.cells * this.own.size;
  }

  /** Whether the own variable follows from the others, so that its values need not be searched. */
  get bound(): boolean {
    const size = SLOPES + this.width;
    for (let base = 0; base < this.relations.length; base += size)
      if (this.relations[base + EQUAL] === 1 && this.relations[base + CONDITION] === -2) return true;
    return false;
  }

  /** Finds the own values that the relations allow beside the scope's values in `at`; false when there are none. */
  reach(): boolean {
    const { at, width, relations, moves } = this;
    const { first, step, size } = this.own;
    let low = 0;
    let high = size - 1;
    let barred = 0;
    for (let base = 0; base < relations.length; base += SLOPES + width) {
      const condition = relations[base + CONDITION]!;
      if (condition >= 0 && at[condition] !== relations[base + CONDITION_IS]) continue;
      let left = relations[base + REST]!;
      for (let s = 0; s < width; s += 1) left -= relations[base + SLOPES + s]! * at[s]!;
      const equal = relations[base + EQUAL] === 1;
      if (condition === -1) {
        // The own variable is only the condition: the value that would call up a broken relation is barred.
        const needed = relations[base + CONDITION_IS]!;
        const broken = equal ? Math.abs(left) > EPSILON : left < -EPSILON;
        if (broken && needed >= 0 && needed < size) barred |= 1 << needed;
        continue;
      }
      const factor = relations[base + FACTOR]!;
      const index = (left / factor - first) / step;
      if (equal) {
        const whole = Math.round(index);
        if (whole < low || whole > high || Math.abs(whole - index) > EPSILON) return false;
        low = whole;
        high = whole;
      } else if (factor > 0) {
        const most = Math.floor(index + EPSILON);
        if (most < high) high = most;
      } else {
        const least = Math.ceil(index - EPSILON);
        if (least > low) low = least;
      }
      if (low > high) return false;
    }
    this.low = low;
    this.high = high;
    this.barred = barred;
    for (let base = 0; base < moves.length; base += 2 + width) {
      let cell = 0;
      for (let s = 0; s < width; s += 1) cell += moves[base + 2 + s]! * at[s]!;
      moves[base] = cell;
    }
    return true;
  }

  /** Cost of the own value k beside the scope's values that were reached for; Infinity where it cannot be. */
  costOf(k: number): number {
    if (this.barred !== 0 && (this.barred >> k) & 1) return Infinity;
    const { used, moves, width } = this;
    let cost = this.own.costs[k]!;
    for (let t = 0; t < used.length; t += 1) {
      const base = t * (2 + width);
      cost += used[t]!.costs[moves[base]! + moves[base + 1]! * k]!;
    }
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
    const costs = new Float64Array(cells);
    const choice = new Int32Array(cells);
    let feasible = false;
    for (let cell = 0; cell < cells; cell += 1) {
      let least = Infinity;
      let chosen = -1;
      if (this.reach())
        for (let k = this.low; k <= this.high; k += 1) {
          const cost = this.costOf(k);
          if (cost < least) {
            least = cost;
            chosen = k;
          }
        }
      costs[cell] = least;
      choice[cell] = chosen;
      if (chosen >= 0) feasible = true;
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
  prepared: readonly PreparedStep[];
  tables: readonly Table[];
}

/** Combinations of values that may still be looked at. */
export interface Effort {
  left: number;
}

function workAll(problem: EliminationProblem, effort: Effort): Eliminated | 'infeasible' | 'too hard' {
  const prepared: PreparedStep[] = [];
  const tables: Table[] = [];
  let cost = 0;
  let kept = 0;
  for (const step of problem.steps) {
    const ready = new PreparedStep(problem, step, prepared, tables);
    kept += ready.cells;
    if (kept > MOST_CELLS || ready.work > effort.left) return 'too hard';
    effort.left -= ready.work;
    const table = ready.fill();
    if (table === 'infeasible') return table;
    prepared.push(ready);
    tables.push(table);
    if (step.scope.length === 0) cost += table.costs[0]!;
  }
  return { cost, prepared, tables };
}

/** Finds the cheapest values under all relations, or says that there are none or that it would take too long. */
export function eliminate(
  problem: EliminationProblem,
  effort: Effort,
): CheapestAnswer | 'infeasible' | 'too hard' {
  const done = workAll(problem, effort);
  if (typeof done === 'string') return done;
  const { cost, prepared, tables } = done;
  const chosen = new Int32Array(problem.variables.length);
  for (let i = prepared.length - 1; i >= 0; i -= 1) {
    const ready = prepared[i]!;
    const { variable, scope } = ready.step;
    for (let s = 0; s < scope.length; s += 1) ready.at[s] = chosen[scope[s]!]!;
    chosen[variable] = tables[i]!.choice[ready.cell()]!;
  }
  const work = prepared.reduce((sum, ready) => sum + ready.work, 0);
  return { cost, indexes: problem.variables.map(({ offset }, i) => chosen[i]! + offset), work };
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
  effort: Effort,
): EliminationAnswer[] | 'too many' | 'too hard' {
  const done = workAll(problem, effort);
  if (done === 'infeasible') return [];
  if (done === 'too hard') return done;
  const { prepared, tables, cost } = done;
  const chosen = new Int32Array(problem.variables.length);
  const found: EliminationAnswer[] = [];
  /** Chooses for step i and those before it; false when there are too many. */
  const choose = (i: number, spent: number): boolean => {
    if (i < 0) {
      if (found.length >= most) return false;
      found.push({ cost: spent, indexes: problem.variables.map(({ offset }, v) => chosen[v]! + offset) });
      return true;
    }
    const ready = prepared[i]!;
    const { variable, scope } = ready.step;
    for (let s = 0; s < scope.length; s += 1) ready.at[s] = chosen[scope[s]!]!;
    const least = tables[i]!.costs[ready.cell()]!;
    if (!ready.reach()) return true;
    const options: [k: number, extra: number][] = [];
    for (let k = ready.low; k <= ready.high; k += 1) {
      const extra = ready.costOf(k) - least;
      if (spent + extra <= limit) options.push([k, extra]);
    }
    for (const [k, extra] of options) {
      chosen[variable] = k;
      if (!choose(i - 1, spent + extra)) return false;
    }
    return true;
  };
  return choose(prepared.length - 1, cost) ? found : 'too many';
}
