import { costOfCounts, holds, type Problem, type Relation } from './problem.js';
import { eliminate, type Effort, type LinearRelation } from './eliminate.js';
import {
  costAt,
  groupsOf,
  latticesOf,
  linearRelations,
  windowed,
  within,
  type Bounds,
  type Lattice,
} from './lattice.js';
import { narrow } from './narrow.js';
import { orderOf, type OrderMemory } from './order.js';
import { reachByPrices } from './prices.js';
import { hasWholeAnswer } from './whole.js';

/** What solving problems teaches about others of their kind. It makes answers come sooner, and changes none. */
export interface Learned {
  /** Orders of elimination; problems of one form share theirs. */
  orders: OrderMemory;
  /** Ids of relations that were broken when they were left out: they are then looked at from the start. */
  binding: Set<string>;
  /** Combinations looked at so far. */
  spent: number;
}

/** Nothing learned yet. */
export function newLearned(): Learned {
  return { orders: new Map(), binding: new Set(), spent: 0 };
}

export interface SolveOptions {
  bounds?: Bounds;
  /** Counts to keep where nothing else decides (the neighbouring size's). */
  prefer?: Readonly<Record<string, number>>;
  /** What was learned from problems of the same range before; it is added to. */
  learned?: Learned;
  /** Any counts that obey will do: whether there are some is all that is asked. */
  anyAnswer?: boolean;
  /** Combinations that may be looked at; `MOST_WORK` where nothing else is said. */
  most?: number;
}

export type SolveResult =
  | { kind: 'solved'; counts: Record<string, number>; cost: number }
  | { kind: 'infeasible' }
  | { kind: 'too hard' };

/** Combinations that are looked at for one size before it is called too hard: a second's work, and far more than garments ask for. */
export const MOST_WORK = 12_000_000;
/** Combinations after which no more branches of a range are followed. */
export const MOST_WORK_OF_RANGE = 10_000_000;
/** Added to what an answer may cost for what whole millionths leave off, cm. */
const LEAST_SLACK = 1e-4;
/** First search window on each side of the target, in legal counts: work grows with its power, so it begins small. */
const FIRST_WINDOW = 1;
/** By how much a window grows that holds no answer, or whose answer leaves more to be searched; carefully where it is costly. */
const GROWTH = { cheap: 4, costly: 2 };
/** Combinations looked at from which on a window was costly. */
const COSTLY = 600;
/** Values of one count from which on it pays to put prices on the relations before searching them all. */
const WIDE = 9;
/** Values of one count up to which all that is left is searched at once. */
const NARROW = 15;

/**
 * Exact optimum of one size: the cheapest counts that obey every rule and relation, to a millionth of a cm; among
 * those of equal cost those that change least against the preferred counts, then the lower.
 *
 * A small window around the targets is solved first. Its cost bounds how far any count can be from its target in a
 * better answer; the window is then widened towards that bound and solved again, each better answer drawing the bound
 * closer, until the window spans it, which proves the optimum. Where much is left to be searched, prices on the relations
 * draw it closer still. Where the window holds no answer it grows until it spans all counts, which proves that there is
 * none.
 *
 * Relations that only bound a sum are looked at when an answer breaks them: the optimum without them that obeys them all
 * the same is the optimum with them. Most never bind, and each left out makes the rest fall apart into smaller problems.
 *
 * @returns the counts and their cost in cm (without ties), "infeasible", or "too hard" when the tables of the
 *   elimination would pass their bound
 */
export function solve(problem: Problem, options: SolveOptions = {}): SolveResult {
  const firm: Relation[] = [];
  let waiting: Relation[] = [];
  const { learned } = options;
  const binding = learned?.binding;
  const effort = { left: options.most ?? MOST_WORK };
  for (const relation of problem.relations)
    (relation.kind === 'equal' || relation.when || binding?.has(relation.id) ? firm : waiting).push(relation);
  for (;;) {
    const before = effort.left;
    const answer = solveFirm({ ...problem, relations: firm }, options, effort);
    if (learned) learned.spent += before - effort.left;
    if (answer.kind !== 'solved') return answer;
    const left: Relation[] = [];
    for (const relation of waiting)
      if (holds(relation, answer.counts)) left.push(relation);
      else {
        firm.push(relation);
        binding?.add(relation.id);
      }
    if (left.length === waiting.length) return answer;
    waiting = left;
  }
}

/** The optimum where all relations are looked at from the start. */
function solveFirm(problem: Problem, options: SolveOptions, effort: Effort): SolveResult {
  const { bounds = {}, prefer = {}, learned, anyAnswer = false } = options;
  let lattices = latticesOf(problem, bounds, prefer);
  if (!lattices) return { kind: 'infeasible' };
  const relations = linearRelations(problem, lattices);
  const groups = groupsOf(lattices.length, relations);
  /** How far each window reaches on both sides of the cheapest. */
  const widths = lattices.map(() => FIRST_WINDOW);
  let [low, high] = around(lattices, widths);
  /** Whether the windows left out nothing that the lattices hold. */
  let whole = covers(low, high, lattices);
  let narrowed = false;
  let cheapest = Infinity;
  for (;;) {
    const variables = windowed(lattices, low, high, prefer);
    const sizes = variables.map(({ size }) => size);
    const known = eliminate(
      { variables, relations, steps: orderOf(relations, sizes, learned?.orders) },
      effort,
    );
    // An order found for other windows may be a costly one for these.
    const attempt =
      known === 'too hard'
        ? eliminate({ variables, relations, steps: orderOf(relations, sizes) }, effort)
        : known;
    if (attempt === 'too hard') return { kind: 'too hard' };
    if (attempt === 'infeasible') {
      if (!narrowed) {
        // No answer near the targets: there may be none at all, which the relations' ends or divisors often show at once.
        const found = narrow(lattices, relations);
        if ('clash' in found || !hasWholeAnswer(found.left, relations)) return { kind: 'infeasible' };
        lattices = found.left;
        narrowed = true;
        whole = covers(low, high, lattices);
      }
      if (whole) return { kind: 'infeasible' };
      ({ low, high, whole } = widened(lattices, relations, widths));
      continue;
    }
    const reaches = (within: readonly Lattice[]) => {
      const slack = slackOf(within, groups, attempt.indexes);
      return within.map((lattice, i) => reachOf(lattice, slack[groups[i]!]!));
    };
    const inside = ([first, last]: readonly [number, number], i: number) =>
      first >= low[i]! && last <= high[i]!;
    let needed = reaches(lattices);
    let proven = needed.every(inside);
    if (!proven && !narrowed && !anyAnswer) {
      // A count that the relations keep from its length costs what it must: only what is above that is slack.
      const found = narrow(lattices, relations);
      if ('left' in found) lattices = found.left;
      narrowed = true;
      needed = reaches(lattices);
      proven = needed.every(inside);
    }
    if (!proven && !anyAnswer && attempt.work > COSTLY && widest(lattices, needed) > WIDE) {
      // What is priced out stays out: later answers are cheaper still.
      lattices = pricedOut(lattices, relations, groups, attempt.indexes, needed);
      needed = reaches(lattices);
      proven = needed.every(inside);
    }
    if (proven || anyAnswer) {
      const counts: Record<string, number> = {};
      lattices.forEach(({ id, base, step }, i) => (counts[id] = base + step * attempt.indexes[i]!));
      return { kind: 'solved', counts, cost: costOfCounts(problem, counts) };
    }
    grow(widths, attempt.work > COSTLY ? GROWTH.costly : GROWTH.cheap);
    // An answer that more room did not better is most likely the best: all that is left is to prove it.
    const careful = attempt.cost < cheapest && widest(lattices, needed) > NARROW;
    const [lowest, highest] = careful ? around(lattices, widths) : [[], []];
    cheapest = attempt.cost;
    low = needed.map(([first], i) => Math.max(first, lowest[i] ?? first));
    high = needed.map(([, last], i) => Math.min(last, highest[i] ?? last));
    whole = false;
  }
}

/** So many legal counts on each side of the cheapest; helpers in full. */
function around(lattices: readonly Lattice[], widths: readonly number[]): [low: number[], high: number[]] {
  return [
    lattices.map(({ quantity, low, best }, i) => (quantity ? Math.max(low, best - widths[i]!) : low)),
    lattices.map(({ quantity, high, best }, i) => (quantity ? Math.min(high, best + widths[i]!) : high)),
  ];
}

function grow(widths: number[], factor: number): void {
  for (let i = 0; i < widths.length; i += 1) widths[i]! *= factor;
}

/** Whether windows hold all values of the lattices. */
function covers(low: readonly number[], high: readonly number[], lattices: readonly Lattice[]): boolean {
  return lattices.every((lattice, i) => low[i]! <= lattice.low && high[i]! >= lattice.high);
}

/**
 * Windows that may hold an answer, after smaller ones held none. Where a relation's own ends show that these hold none either,
 * only the counts that it ties are given more room: one that is forced far from its length does not widen the others.
 *
 * @param widths how far the windows reach, which grows
 * @returns the windows, and whether what they leave out can hold no answer
 */
function widened(
  lattices: readonly Lattice[],
  relations: readonly LinearRelation[],
  widths: number[],
): { low: number[]; high: number[]; whole: boolean } {
  grow(widths, GROWTH.costly);
  for (;;) {
    const [low, high] = around(lattices, widths);
    const whole = covers(low, high, lattices);
    const found = narrow(
      lattices.map((lattice, i) => ({ ...lattice, low: low[i]!, high: high[i]! })),
      relations,
    );
    if ('left' in found)
      return { low: found.left.map((one) => one.low), high: found.left.map((one) => one.high), whole };
    if (whole) return { low, high, whole };
    const tied = found.clash.variables.filter(
      (i) => low[i]! > lattices[i]!.low || high[i]! < lattices[i]!.high,
    );
    if (tied.length === 0) grow(widths, GROWTH.costly);
    for (const i of tied) widths[i]! *= GROWTH.costly;
  }
}

/** The first and last index that cost at most `slack` more than the cheapest. */
function reachOf(lattice: Lattice, slack: number): readonly [number, number] {
  const { quantity, base, step, low, high, least } = lattice;
  if (!quantity) return [low, high];
  const reach = (slack + least) / quantity.weight;
  return [
    Math.max(low, Math.ceil(((quantity.target - reach) * quantity.perCm - base) / step - 1e-9)),
    Math.min(high, Math.floor(((quantity.target + reach) * quantity.perCm - base) / step + 1e-9)),
  ];
}

/** How many values of one count are left at most. */
function widest(lattices: readonly Lattice[], reaches: readonly (readonly [number, number])[]): number {
  return reaches.reduce(
    (most, [first, last], i) => (lattices[i]!.quantity ? Math.max(most, last - first + 1) : most),
    0,
  );
}

/** The lattices with what is left of the reaches when the relations are priced, for the groups that are tied at all. */
function pricedOut(
  lattices: readonly Lattice[],
  relations: readonly LinearRelation[],
  groups: readonly number[],
  indexes: readonly number[],
  reaches: readonly (readonly [number, number])[],
): Lattice[] {
  const left = lattices.map((lattice, i) => within(lattice, ...reaches[i]!));
  for (const group of new Set(groups)) {
    const members = lattices.flatMap((_, i) => (groups[i] === group ? [i] : []));
    if (members.length === 1) continue;
    const place = new Map(members.map((member, i) => [member, i]));
    const between = relations
      .filter(({ variables }) => place.has(variables[0]!))
      .map((relation) => ({
        ...relation,
        variables: relation.variables.map((variable) => place.get(variable)!),
      }));
    const upper = members.reduce((sum, i) => sum + costAt(lattices[i]!, indexes[i]!), LEAST_SLACK);
    const reach = reachByPrices(
      members.map((i) => left[i]!),
      between,
      upper,
    );
    members.forEach((member, i) => (left[member] = within(left[member]!, ...reach[i]!)));
  }
  return left;
}

/**
 * For each group how much dearer its answer is than if every count of it were free: no better answer strays further.
 */
function slackOf(
  lattices: readonly Lattice[],
  groups: readonly number[],
  indexes: readonly number[],
): number[] {
  const slack = new Array<number>(lattices.length).fill(LEAST_SLACK);
  lattices.forEach((lattice, i) => {
    slack[groups[i]!]! += costAt(lattice, indexes[i]!) - lattice.least;
  });
  return slack;
}
