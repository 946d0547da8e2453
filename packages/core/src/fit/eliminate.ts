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
}

/** Cheapest choice: for each variable the caller's index of its value. */
export interface EliminationAnswer {
  cost: number;
  indexes: number[];
}

/** The largest table that is worked: beyond it the problem is told to be too hard rather than answered second best. */
export const LARGEST_TABLE = 4_000_000;
const EPSILON = 1e-7;

interface Table {
  scope: readonly number[];
  /** Stride of each scope variable in `costs`. */
  strides: readonly number[];
  costs: Float64Array;
}

interface Trace {
  variable: number;
  scope: readonly number[];
  strides: readonly number[];
  choice: Int32Array;
}

/** Finds the cheapest values under all relations, or says that there are none or that it would take too long. */
export function eliminate({
  variables,
  relations,
}: EliminationProblem): EliminationAnswer | 'infeasible' | 'too hard' {
  let openRelations = [...relations];
  let tables: Table[] = [];
  let constant = 0;
  const graph = graphOf(variables.length, relations);
  const traces: Trace[] = [];

  while (graph.left.length > 0) {
    const { variable, work } = nextVariable(variables, graph);
    if (work > LARGEST_TABLE) return 'too hard';
    const scope = [...graph.met[variable]!].sort((a, b) => a - b);
    const mine = openRelations.filter(({ variables: of }) => of.includes(variable));
    openRelations = openRelations.filter((relation) => !mine.includes(relation));
    const myTables = tables.filter((table) => table.scope.includes(variable));
    tables = tables.filter((table) => !myTables.includes(table));
    takeOut(graph, variable, mine);

    const { table, choice, feasible } = eliminateOne(variables, variable, scope, mine, myTables);
    if (!feasible) return 'infeasible';
    traces.push({ variable, scope, strides: table.strides, choice });
    if (scope.length === 0) constant += table.costs[0]!;
    else tables.push(table);
  }

  const at = new Array<number>(variables.length).fill(0);
  for (const { variable, scope, strides, choice } of traces.reverse()) {
    const cell = scope.reduce((sum, other, i) => sum + strides[i]! * at[other]!, 0);
    at[variable] = choice[cell]!;
  }
  return { cost: constant, indexes: at.map((index, i) => index + variables[i]!.offset) };
}

/** Which variables are left, which others each of them meets, and by how many equalities it is tied. */
interface Graph {
  left: number[];
  met: Set<number>[];
  equalities: number[];
}

function graphOf(size: number, relations: readonly LinearRelation[]): Graph {
  const left = Array.from({ length: size }, (_, i) => i);
  const met = left.map(() => new Set<number>());
  const equalities = left.map(() => 0);
  for (const { variables, equal } of relations)
    for (const variable of variables) {
      if (equal) equalities[variable]! += 1;
      for (const other of variables) if (other !== variable) met[variable]!.add(other);
    }
  return { left, met, equalities };
}

/** The variable that is cheapest to eliminate next; one fixed by an equality needs no search over its own values. */
function nextVariable(
  variables: readonly WindowedVariable[],
  { left, met, equalities }: Graph,
): { variable: number; work: number } {
  let best = { variable: -1, work: Infinity };
  for (const variable of left) {
    let work = equalities[variable]! > 0 ? 1 : variables[variable]!.size;
    for (const other of met[variable]!) work *= variables[other]!.size;
    if (work < best.work) best = { variable, work };
  }
  return best;
}

/** Takes a variable out of the graph: those that it met now meet each other in the table it leaves. */
function takeOut(
  { left, met, equalities }: Graph,
  variable: number,
  relations: readonly LinearRelation[],
): void {
  left.splice(left.indexOf(variable), 1);
  for (const { variables, equal } of relations)
    if (equal) for (const other of variables) equalities[other]! -= 1;
  for (const one of met[variable]!) {
    met[one]!.delete(variable);
    for (const other of met[variable]!) if (one !== other) met[one]!.add(other);
  }
}

function eliminateOne(
  variables: readonly WindowedVariable[],
  variable: number,
  scope: readonly number[],
  relations: readonly LinearRelation[],
  tables: readonly Table[],
): { table: Table; choice: Int32Array; feasible: boolean } {
  const sizes = scope.map((other) => variables[other]!.size);
  const strides: number[] = [];
  let cells = 1;
  for (const size of sizes) {
    strides.push(cells);
    cells *= size;
  }
  const costs = new Float64Array(cells).fill(Infinity);
  const choice = new Int32Array(cells).fill(-1);
  const own = variables[variable]!;

  // Each relation and table, seen from the scope: its factor (or stride) for every scope variable, 0 where absent.
  const factors = relations.map(({ variables: of, times }) =>
    scope.map((other) => (of.includes(other) ? times[of.indexOf(other)]! : 0)),
  );
  const ownTimes = relations.map(({ variables: of, times }) => times[of.indexOf(variable)]!);
  const tableStrides = tables.map((table) =>
    scope.map((other) => (table.scope.includes(other) ? table.strides[table.scope.indexOf(other)]! : 0)),
  );
  const tableOwn = tables.map((table) => table.strides[table.scope.indexOf(variable)]!);

  const at = new Array<number>(scope.length).fill(0);
  const tableBase = new Array<number>(tables.length).fill(0);
  let feasible = false;
  for (let cell = 0; cell < cells; cell += 1) {
    let low = 0;
    let high = own.size - 1;
    for (let r = 0; r < relations.length && low <= high; r += 1) {
      const relation = relations[r]!;
      let rest = relation.total;
      for (let s = 0; s < scope.length; s += 1) {
        const factor = factors[r]![s]!;
        if (factor !== 0) {
          const other = variables[scope[s]!]!;
          rest -= factor * (other.first + other.step * at[s]!);
        }
      }
      const index = (rest / ownTimes[r]! - own.first) / own.step;
      if (relation.equal) {
        const whole = Math.round(index);
        if (Math.abs(whole - index) > EPSILON) low = high + 1;
        else {
          low = Math.max(low, whole);
          high = Math.min(high, whole);
        }
      } else if (ownTimes[r]! > 0) high = Math.min(high, Math.floor(index + EPSILON));
      else low = Math.max(low, Math.ceil(index - EPSILON));
    }
    if (low <= high) {
      for (let t = 0; t < tables.length; t += 1) {
        let base = 0;
        for (let s = 0; s < scope.length; s += 1) base += tableStrides[t]![s]! * at[s]!;
        tableBase[t] = base;
      }
      let least = Infinity;
      let chosen = -1;
      for (let k = low; k <= high; k += 1) {
        let cost = own.costs[k]!;
        for (let t = 0; t < tables.length; t += 1)
          cost += tables[t]!.costs[tableBase[t]! + tableOwn[t]! * k]!;
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
    for (let s = 0; s < scope.length; s += 1) {
      at[s]! += 1;
      if (at[s]! < sizes[s]!) break;
      at[s] = 0;
    }
  }
  return { table: { scope, strides, costs }, choice, feasible };
}
