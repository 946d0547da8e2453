import type { LinearRelation } from './eliminate.js';
import { within, type Lattice } from './lattice.js';

/** The unknowns with what is left of their values; or the relation that leaves one of them without any. */
export type Narrowed = { left: Lattice[] } | { clash: LinearRelation };

/** Rounds over all relations; each but the last narrowed something. */
const MOST_ROUNDS = 60;

/**
 * Takes off values that no relation leaves room for, whatever the others are: each relation bounds each of its unknowns by
 * the ends of the others, and whole steps must reach an equality's total exactly. Relations that hang on a choice are
 * passed over. What is left may still be without an answer, but small.
 *
 * @returns the lattices narrowed, or the relation by which an unknown is left without a value or a total cannot be reached
 */
export function narrow(lattices: readonly Lattice[], relations: readonly LinearRelation[]): Narrowed {
  const low = lattices.map((lattice) => lattice.low);
  const high = lattices.map((lattice) => lattice.high);
  const firm = relations.filter(({ when }) => when === undefined);
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    let changed = false;
    for (const relation of firm) {
      const { equal, variables, times, total } = relation;
      if (equal && !reachesTotal(lattices, low, high, relation)) return { clash: relation };
      /** Least and most that each term can be. */
      const ends = variables.map((v, i) => {
        const { base, step } = lattices[v]!;
        const [a, b] = [times[i]! * (base + step * low[v]!), times[i]! * (base + step * high[v]!)];
        return a < b ? [a, b] : [b, a];
      });
      const least = ends.reduce((sum, [end]) => sum + end!, 0);
      const most = ends.reduce((sum, [, end]) => sum + end!, 0);
      for (let i = 0; i < variables.length; i += 1) {
        const v = variables[i]!;
        const { base, step } = lattices[v]!;
        const factor = times[i]!;
        // factor x value <= total - what the others are at least; for an equality also >= total - what they are at most.
        const upper = (total - (least - ends[i]![0]!)) / factor;
        const lower = equal ? (total - (most - ends[i]![1]!)) / factor : factor > 0 ? -Infinity : Infinity;
        const [from, to] = factor > 0 ? [lower, upper] : [upper, lower];
        const first = Number.isFinite(from) ? Math.ceil((from - base) / step - 1e-7) : low[v]!;
        const last = Number.isFinite(to) ? Math.floor((to - base) / step + 1e-7) : high[v]!;
        if (first > low[v]!) {
          low[v] = first;
          changed = true;
        }
        if (last < high[v]!) {
          high[v] = last;
          changed = true;
        }
        if (low[v]! > high[v]!) return { clash: relation };
      }
    }
    if (!changed) break;
  }
  return { left: lattices.map((lattice, i) => within(lattice, low[i]!, high[i]!)) };
}

/** Whether whole steps of the terms can add up to the total: their common divisor must divide what is left of it. */
function reachesTotal(
  lattices: readonly Lattice[],
  low: readonly number[],
  high: readonly number[],
  { variables, times, total }: Pick<LinearRelation, 'variables' | 'times' | 'total'>,
): boolean {
  let divisor = 0;
  let left = total;
  variables.forEach((v, i) => {
    const { base, step } = lattices[v]!;
    left -= times[i]! * (base + step * low[v]!);
    if (low[v]! < high[v]!) divisor = commonDivisor(divisor, Math.abs(times[i]! * step));
  });
  return divisor === 0 ? Math.abs(left) < 1e-7 : Math.abs(left) % divisor === 0;
}

function commonDivisor(a: number, b: number): number {
  return b === 0 ? a : commonDivisor(b, a % b);
}
