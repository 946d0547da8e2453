import type { Step } from '../work/rows.js';

/** How a sleeve end narrows. */
export interface Narrowing {
  /** In each of its narrowing rounds one stitch fewer of so many: 5, 4, 3. */
  every: readonly number[];
  /** The first of them, and even rounds between two. */
  first: number;
  between: number;
  /** Stitches after the last. */
  end: number;
}

/** The most stitches of which one is taken off in the first narrowing round (common practice). */
const GENTLEST = 6;
/** The fewest: every 3rd. */
const STEEPEST = 3;

/** Stitches after one round that takes one of every so many. */
export function narrowed(stitches: number, every: number): number {
  return stitches - Math.floor(stitches / every);
}

/**
 * The run of narrowing rounds (each taking a stitch of one fewer than the round before) that ends nearest to a count: "every 5th, 4th, 3rd"
 * leaves two fifths. None where it is to stay straight.
 *
 * @param top stitches that it begins with
 * @param wanted stitches that it is to end with
 * @param rounds rounds that it has
 */
export function narrowing(top: number, wanted: number, rounds: number): Narrowing {
  let best: Narrowing = { every: [], first: 2, between: 0, end: top };
  for (let from = GENTLEST; from >= STEEPEST; from -= 1) {
    const every: number[] = [];
    let end = top;
    for (let each = from; each >= STEEPEST; each -= 1) {
      every.push(each);
      end = narrowed(end, each);
      // One even round after the picked-up one would be none: the first narrows in round 2, an even round follows each.
      if (2 * every.length > rounds - 1) break;
      if (Math.abs(end - wanted) < Math.abs(best.end - wanted))
        best = { every: [...every], first: 2, between: 1, end };
    }
  }
  const many = best.every.length;
  return many === 0 ? best : { ...best, between: Math.max(1, Math.floor((rounds - 1) / many) - 1) };
}

/** The narrowing round that a round is, from 0; -1 where it is even. */
export function eventAt(
  { every, first, between }: Pick<Narrowing, 'every' | 'first' | 'between'>,
  n: number,
): number {
  const event = (n - first) / (between + 1);
  return Number.isInteger(event) && event >= 0 && event < every.length ? event : -1;
}

/** The steps of a narrowing round, from left to right: what is left over lies where the round ends. */
export function narrowSteps(stitches: number, every: number): Step[] {
  const times = Math.floor(stitches / every);
  const rest = stitches - times * every;
  const repeat: Step[] = [
    { do: 'decrease', times: 1 },
    { do: 'work', times: every - 2 },
  ];
  return [
    ...(rest > 0 ? [{ do: 'work' as const, times: rest }] : []),
    ...Array.from({ length: times }, () => repeat).flat(),
  ];
}
