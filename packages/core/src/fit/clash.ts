import { isLegal, legalAtLeast, legalAtMost } from '../fabric/counts.js';
import { ANY_COUNT, type CountRule } from '../fabric/fabric.js';
import type { Problem } from './problem.js';
import { solve } from './solve.js';

/** Something that a problem must obey and that could be let go: a held count, a count rule, or a rule of the garment. */
export type Demand =
  | { kind: 'pin'; quantity: string; count: number }
  | { kind: 'count rule'; quantity: string; rule: CountRule }
  | { kind: 'garment rule'; rule: string };

/** A smallest set of demands that cannot all hold, and what would. */
export interface Clash {
  demands: readonly Demand[];
  /** For each held count of the set the nearest counts that work with the rest of it. */
  waysOut: Readonly<Record<string, readonly number[]>>;
  /** What a count of the set would have to be: "an odd number" where its rule says even. */
  needs: readonly { quantity: string; rule: CountRule }[];
  /** For each count rule of the set the nearest wider rule that works. */
  widerRules: readonly { quantity: string; rule: CountRule }[];
}

export interface PinCheck {
  /** Pins that can be kept together. */
  kept: Record<string, number>;
  /**
   * Pins set aside because their count is not legal for the quantity, or because it has no such quantity; with the nearest counts that
   * work with all others held.
   */
  broken: {
    quantity: string;
    count: number;
    reason: 'rule' | 'unknown' | 'bounds';
    waysOut: readonly number[];
  }[];
  /** The clashes among the others, the smallest set of each. */
  clashes: Clash[];
}

/** Counts looked at on each side of one that cannot be held: farther away is no advice. */
const MOST_STEPS = 12;
/** Smaller sets tried once a clashing set is known, to be sure that none is smaller. */
const MOST_TRIALS = 100;

/** Counts to hold, by quantity. */
export type Held = Readonly<Record<string, number>>;

/**
 * Sorts a size's pins into those that hold and those that cannot: first each alone against its rule, then the smallest
 * clashing set, until what is left holds together. What is advised instead is tried with all others held.
 *
 * @param problem the size's problem
 * @param pins counts to hold, by quantity
 * @param works whether counts held so come to a garment as a whole: said of nothing that has not been tried
 */
export function checkPins(
  problem: Problem,
  pins: Held,
  works: (held: Held) => boolean = () => true,
): PinCheck {
  const kept: Record<string, number> = {};
  const broken: PinCheck['broken'] = [];
  const clashes: Clash[] = [];
  const byId = new Map(problem.quantities.map((quantity) => [quantity.id, quantity]));
  for (const [quantity, count] of Object.entries(pins)) {
    const found = byId.get(quantity);
    const aside = (reason: 'rule' | 'unknown' | 'bounds') =>
      broken.push({ quantity, count, reason, waysOut: [] });
    if (!found) aside('unknown');
    else if (!isLegal(count, found.rule) && !(count === 0 && found.min === 0)) aside('rule');
    else if (count < found.min || count > found.max) aside('bounds');
    else kept[quantity] = count;
  }
  for (;;) {
    const held = Object.entries(kept).map(([quantity, count]): Demand => ({ kind: 'pin', quantity, count }));
    const rules = demandsOf(problem);
    if (can(problem, [...held, ...rules])) return withWaysOut(problem, { kept, broken, clashes }, works);
    const pinned = smallest(held, (set) => can(problem, [...set, ...rules]));
    // No pin can help where the garment itself has no counts: whoever fits it says so.
    if (pinned.length === 0) return { kept, broken, clashes };
    const clash = clashOf(problem, [
      ...pinned,
      ...smallest(rules, (set) => can(problem, [...pinned, ...set])),
    ]);
    clashes.push(clash);
    for (const demand of pinned) if (demand.kind === 'pin') delete kept[demand.quantity];
  }
}

/** The nearest counts for each pin that cannot be held, tried with all that can be and with the others of its clash. */
function withWaysOut(
  problem: Problem,
  { kept, broken, clashes }: PinCheck,
  works: (held: Held) => boolean,
): PinCheck {
  const rules = demandsOf(problem);
  const wayOut = (quantity: string, count: number, others: Held) =>
    nearestThatWork(problem, quantity, count, (tried) => {
      const held = { ...others, [quantity]: tried };
      const demands = Object.entries(held).map(([of, many]): Demand => ({
        kind: 'pin',
        quantity: of,
        count: many,
      }));
      return can(problem, [...demands, ...rules]) && works(held);
    });
  return {
    kept,
    broken: broken.map((one) =>
      one.reason === 'unknown' ? one : { ...one, waysOut: wayOut(one.quantity, one.count, kept) },
    ),
    clashes: clashes.map((clash) => {
      const pins = clash.demands.filter((demand) => demand.kind === 'pin');
      const waysOut = pins.map(({ quantity, count }) => {
        const others = pins.filter((other) => other.quantity !== quantity);
        const held = Object.fromEntries(others.map((other) => [other.quantity, other.count]));
        return [quantity, wayOut(quantity, count, { ...kept, ...held })];
      });
      return { ...clash, waysOut: Object.fromEntries(waysOut) as Clash['waysOut'] };
    }),
  };
}

/** The smallest set of rules that leaves a problem without counts; null when it has some. */
export function clashingRules(problem: Problem): Clash | null {
  const rules = demandsOf(problem);
  if (can(problem, rules)) return null;
  return clashOf(
    problem,
    smallest(rules, (set) => can(problem, set)),
  );
}

/** Every rule of a problem that could be let go. */
function demandsOf({ quantities, relations }: Problem): Demand[] {
  return [
    ...quantities.flatMap(({ id, rule }): Demand[] =>
      rule.multiple > 1 || rule.plus > 0 ? [{ kind: 'count rule', quantity: id, rule }] : [],
    ),
    ...[...new Set(relations.map(({ rule }) => rule))].map((rule): Demand => ({
      kind: 'garment rule',
      rule,
    })),
  ];
}

/** Whether counts exist that obey these demands and no others. */
function can(problem: Problem, demands: readonly Demand[]): boolean {
  const rules = new Set(demands.flatMap((demand) => (demand.kind === 'garment rule' ? [demand.rule] : [])));
  const counted = new Map(
    demands.flatMap((demand) =>
      demand.kind === 'count rule' ? [[demand.quantity, demand.rule] as const] : [],
    ),
  );
  const bounds = Object.fromEntries(
    demands.flatMap((demand) =>
      demand.kind === 'pin' ? [[demand.quantity, { min: demand.count, max: demand.count }] as const] : [],
    ),
  );
  const eased: Problem = {
    quantities: problem.quantities.map((quantity) => ({
      ...quantity,
      rule: counted.get(quantity.id) ?? ANY_COUNT,
    })),
    helpers: problem.helpers,
    relations: problem.relations.filter(({ rule }) => rules.has(rule)),
  };
  return solve(eased, { bounds, anyAnswer: true }).kind !== 'infeasible';
}

/**
 * A smallest subset that cannot hold: demands are first let go one by one while the rest still clashes; then smaller sets
 * are tried, as far as their number stays within bounds.
 */
function smallest(demands: readonly Demand[], holds: (set: readonly Demand[]) => boolean): Demand[] {
  if (holds(demands)) return [];
  let set = [...demands];
  for (const demand of demands) {
    const without = set.filter((other) => other !== demand);
    if (!holds(without)) set = without;
  }
  let trials = 0;
  for (let size = 1; size < set.length; size += 1)
    for (const smaller of setsOf(demands, size)) {
      if ((trials += 1) > MOST_TRIALS) return set;
      if (!holds(smaller)) return smaller;
    }
  return set;
}

function* setsOf<T>(items: readonly T[], size: number, from = 0): Generator<T[]> {
  if (size === 0) {
    yield [];
    return;
  }
  for (let i = from; i <= items.length - size; i += 1)
    for (const rest of setsOf(items, size - 1, i + 1)) yield [items[i]!, ...rest];
}

function clashOf(problem: Problem, demands: readonly Demand[]): Clash {
  const pinned = demands.some(({ kind }) => kind === 'pin');
  // What would undo this clash is asked of its own demands: others may clash besides, and are reported by themselves.
  const rest = (quantity: string) =>
    demands.filter((demand) => demand.kind !== 'count rule' || demand.quantity !== quantity);
  const ruled = demands.filter((demand) => demand.kind === 'count rule');
  return {
    demands,
    waysOut: {},
    needs: ruled.flatMap(({ quantity, rule: { multiple, plus } }) => {
      if (multiple > 12) return [];
      const works = Array.from({ length: multiple }, (_, i) => ({ multiple, plus: i }))
        .filter((other) => other.plus !== plus % multiple)
        .filter((rule) => can(problem, [...rest(quantity), { kind: 'count rule', quantity, rule }]));
      return works.length === 1 ? [{ quantity, rule: works[0]! }] : [];
    }),
    widerRules: pinned ? [] : ruled.flatMap((demand) => widerThatWorks(problem, demand, rest)),
  };
}

/** The widest step that divides the rule's own and works: every second repeat fits where every one does not. */
function widerThatWorks(
  problem: Problem,
  { quantity, rule: { multiple, plus } }: Extract<Demand, { kind: 'count rule' }>,
  rest: (quantity: string) => Demand[],
): { quantity: string; rule: CountRule }[] {
  for (let wider = Math.floor(multiple / 2); wider >= 1; wider -= 1) {
    if (multiple % wider !== 0) continue;
    const rule = { multiple: wider, plus: plus % wider };
    if (can(problem, [...rest(quantity), { kind: 'count rule', quantity, rule }]))
      return [{ quantity, rule }];
  }
  return [];
}

/** Up to two legal counts nearest to one that cannot be held, the nearest first found on each side, that work. */
function nearestThatWork(
  { quantities }: Problem,
  id: string,
  count: number,
  works: (count: number) => boolean,
): number[] {
  const { rule, min, max } = quantities.find((quantity) => quantity.id === id)!;
  const below = legalAtMost(count - 1, rule) ?? -Infinity;
  const above = legalAtLeast(count + 1, rule);
  const found: number[] = [];
  for (let step = 0; step < MOST_STEPS && found.length < 2; step += 1)
    for (const tried of [below - step * rule.multiple, above + step * rule.multiple])
      if (tried >= min && tried <= max && isLegal(tried, rule) && found.length < 2 && works(tried))
        found.push(tried);
  return found.sort((a, b) => a - b);
}
