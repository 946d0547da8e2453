import { isLegal } from '../fabric/counts.js';
import type { Problem } from './problem.js';
import { solve } from './solve.js';

export interface PinCheck {
  /** Pins that can be kept together. */
  kept: Record<string, number>;
  /** Pins set aside because their count is not legal for the quantity, or because it has no such quantity. */
  broken: { quantity: string; count: number; reason: 'rule' | 'unknown' | 'bounds' }[];
  /** The smallest set of pins that cannot hold together, empty when they can. */
  clash: string[];
  /** For each clashing pin the legal counts nearest to it that work with the other pins. */
  waysOut: Record<string, number[]>;
}

/**
 * Sorts a size's pins into those that hold and those that cannot: first each alone against its rule, then the
 * smallest clashing set by trying sets of rising size.
 *
 * @param problem the size's problem
 * @param pins counts to hold, by quantity
 */
export function checkPins(problem: Problem, pins: Readonly<Record<string, number>>): PinCheck {
  const kept: Record<string, number> = {};
  const broken: PinCheck['broken'] = [];
  const byId = new Map(problem.quantities.map((quantity) => [quantity.id, quantity]));
  for (const [quantity, count] of Object.entries(pins)) {
    const found = byId.get(quantity);
    if (!found) broken.push({ quantity, count, reason: 'unknown' });
    else if (!isLegal(count, found.rule) && !(count === 0 && found.min === 0))
      broken.push({ quantity, count, reason: 'rule' });
    else if (count < found.min || count > found.max) broken.push({ quantity, count, reason: 'bounds' });
    else kept[quantity] = count;
  }
  const ids = Object.keys(kept);
  if (ids.length === 0 || holds(problem, kept, ids)) return { kept, broken, clash: [], waysOut: {} };
  const clash = smallestClash(problem, kept, ids);
  const waysOut: Record<string, number[]> = {};
  for (const id of clash) waysOut[id] = nearestThatWork(problem, kept, id, clash);
  const rest = Object.fromEntries(Object.entries(kept).filter(([id]) => !clash.includes(id)));
  const again = checkPins(problem, rest);
  return {
    kept: again.kept,
    broken,
    clash: [...clash, ...again.clash],
    waysOut: { ...again.waysOut, ...waysOut },
  };
}

function holds(problem: Problem, pins: Readonly<Record<string, number>>, ids: readonly string[]): boolean {
  const bounds = Object.fromEntries(ids.map((id) => [id, { min: pins[id]!, max: pins[id]! }]));
  return solve(problem, { bounds }).kind === 'solved';
}

function* setsOf(ids: readonly string[], size: number, from = 0): Generator<string[]> {
  if (size === 0) {
    yield [];
    return;
  }
  for (let i = from; i <= ids.length - size; i += 1)
    for (const rest of setsOf(ids, size - 1, i + 1)) yield [ids[i]!, ...rest];
}

function smallestClash(
  problem: Problem,
  pins: Readonly<Record<string, number>>,
  ids: readonly string[],
): string[] {
  for (let size = 1; size < ids.length; size += 1)
    for (const set of setsOf(ids, size)) if (!holds(problem, pins, set)) return set;
  return [...ids];
}

/** Up to two legal counts nearest to a clashing pin that hold together with the rest of its set. */
function nearestThatWork(
  problem: Problem,
  pins: Readonly<Record<string, number>>,
  id: string,
  clash: readonly string[],
): number[] {
  const { rule, min, max } = problem.quantities.find((quantity) => quantity.id === id)!;
  const others = clash.filter((other) => other !== id);
  const found: number[] = [];
  for (let away = rule.multiple; away <= 24 * rule.multiple && found.length < 2; away += rule.multiple)
    for (const count of [pins[id]! - away, pins[id]! + away])
      if (
        count >= min &&
        count <= max &&
        found.length < 2 &&
        holds(problem, { ...pins, [id]: count }, [...others, id])
      )
        found.push(count);
  return found.sort((a, b) => a - b);
}
