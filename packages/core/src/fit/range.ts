import { groupsOfRange, partOf } from './components.js';
import { heldAt, type Bounds } from './lattice.js';
import type { Counts } from './counts.js';
import type { Problem } from './problem.js';
import { settle, type Link, type Run, type Settled } from './settle.js';
import { newLearned, solve, type Learned, type SolveResult } from './solve.js';

/** One size of a range: its problem and the counts that are held by pins. */
export interface RangeSize {
  problem: Problem;
  pins: Readonly<Record<string, number>>;
  /** What the size was solved to alone before, where its problem is the same object as then. */
  memory?: SolveMemory;
}

/** The last answer of a problem solved alone, and what it was asked with. */
export interface SolveMemory {
  last?: { problem: Problem; pins: string; prefer: Counts | undefined; result: SolveResult };
}

export interface RangeWish {
  /** Whether the sizes form a range: then counts do not fall where targets rise. */
  graded: boolean;
  /** What a cm by which a count's miss changes between sizes costs against a cm of miss: 0 (not at all) to `EVENEST`. */
  strength?: number;
  /** What was learned from these problems before. */
  learned?: Learned;
  /** How many branches are followed before one pass from the smallest size up is taken instead. */
  mostBranches?: number;
}

export interface FittedRange {
  kind: 'fitted';
  sizes: Counts[];
  /** Where a count falls all the same, since pins or other rules force it to. */
  fallen: readonly Link[];
  /** False when the branches ran out and a nearer whole may exist. */
  proven: boolean;
  /** False when the sizes have too many ways to be made even: they are then each at their nearest. */
  even: boolean;
}

export type RangeResult = FittedRange | { kind: 'infeasible' | 'too hard'; size: number };

/**
 * Strength of the evenest range: from both neighbours together well over half of what it costs to move a count away from
 * its length. Nearer to the whole the ways to count a size would be too many to search.
 */
export const EVENEST = 0.3;

const MOST_BRANCHES = 400;

/** Pairs (size, next size) in which a quantity's target does not fall, counted in the same unit, so its count must not fall. */
function linksOf(sizes: readonly RangeSize[]): Link[] {
  const found: Link[] = [];
  for (let size = 0; size + 1 < sizes.length; size += 1) {
    const next = new Map(sizes[size + 1]!.problem.quantities.map((quantity) => [quantity.id, quantity]));
    for (const quantity of sizes[size]!.problem.quantities) {
      const larger = next.get(quantity.id);
      // Squares of another size are no more and no fewer than these.
      if (!larger || larger.target < quantity.target || larger.perCm !== quantity.perCm) continue;
      const bothPinned =
        sizes[size]!.pins[quantity.id] !== undefined && sizes[size + 1]!.pins[quantity.id] !== undefined;
      if (!bothPinned) found.push({ size, quantity: quantity.id, worth: quantity.weight / quantity.perCm });
    }
  }
  return found;
}

/**
 * Fits all sizes as one choice. Where they are graded, counts do not fall where targets rise, and their steps are made as
 * even as the strength wishes.
 *
 * Each size is solved alone; that is the answer when no count falls and evenness is not asked for. Else each group of
 * counts that belong together is settled over the sizes by itself, and only over the runs of sizes that need it.
 *
 * @param sizes in the order of the range
 */
export function fitRange(sizes: readonly RangeSize[], wish: RangeWish): RangeResult {
  const { graded, strength = 0, learned = newLearned(), mostBranches = MOST_BRANCHES } = wish;
  const alone: Counts[] = [];
  const bounds = sizes.map(({ pins }) => heldAt(pins));
  for (let size = 0; size < sizes.length; size += 1) {
    const prefer = graded ? alone[size - 1] : undefined;
    const result = solveAlone(sizes[size]!, bounds[size]!, learned, prefer);
    if (result.kind !== 'solved') return { kind: result.kind, size };
    alone.push(result.counts);
  }
  const fitted: FittedRange = { kind: 'fitted', sizes: alone, fallen: [], proven: true, even: true };
  const links = graded ? linksOf(sizes) : [];
  const even = graded && strength > 0 && sizes.length > 1;
  if (!even && !links.some((link) => falls(alone, link))) return fitted;
  const problems = sizes.map(({ problem }) => problem);
  const found = alone.map((counts) => ({ ...counts }));
  const answer: FittedRange = { ...fitted, sizes: found };
  for (const group of groupsOfRange(problems)) {
    const ids = new Set(group);
    const ofGroup = links.filter(({ quantity }) => ids.has(quantity));
    if (!even && !ofGroup.some((link) => falls(alone, link))) continue;
    const run: Run = {
      problems: problems.map((problem) => partOf(problem, ids)),
      bounds,
      alone,
      links: ofGroup,
      solved: new Map(),
    };
    const settled = settleGroup(run, sizes, even ? strength : 0, learned, mostBranches);
    answer.proven &&= settled.proven;
    answer.even &&= settled.even;
    settled.counts.forEach((counts, size) => {
      for (const id of group) if (counts[id] !== undefined) found[size]![id] = counts[id];
    });
  }
  answer.fallen = links.filter((link) => falls(found, link));
  return answer;
}

function falls(counts: readonly Counts[], { size, quantity }: Link): boolean {
  return counts[size]![quantity]! > counts[size + 1]![quantity]!;
}

/** Solves one size alone, or takes over what it came to before when it was asked the same. */
function solveAlone(
  { problem, pins, memory }: RangeSize,
  bounds: Bounds,
  learned: Learned,
  prefer: Counts | undefined,
): SolveResult {
  const held = memory && JSON.stringify(pins);
  const last = memory?.last;
  if (last && last.problem === problem && last.pins === held && last.prefer === prefer) return last.result;
  const result = solve(problem, { bounds, learned, ...(prefer ? { prefer } : {}) });
  if (memory && held !== undefined) memory.last = { problem, pins: held, prefer, result };
  return result;
}

/** One group of counts over all sizes. */
interface GroupAnswer {
  counts: readonly Counts[];
  proven: boolean;
  even: boolean;
}

function settleGroup(
  run: Run,
  sizes: readonly RangeSize[],
  strength: number,
  learned: Learned,
  mostBranches: number,
): GroupAnswer {
  const tried = settleRuns(run, strength, learned, mostBranches);
  if (tried.kind === 'settled') return { counts: tried.counts, proven: tried.proven, even: true };
  if (tried.kind === 'too many ways')
    return { ...settleGroup(run, sizes, 0, learned, mostBranches), even: false };
  // Pins may force a fall; then only the links that touch no pinned size are kept.
  const pinned = sizes.map(({ pins }) => Object.keys(pins).length > 0);
  const free = run.links.filter(({ size }) => !pinned[size] && !pinned[size + 1]);
  const loose = settleRuns({ ...run, links: free }, strength, learned, mostBranches);
  return loose.kind === 'settled'
    ? { counts: loose.counts, proven: loose.proven, even: true }
    : { counts: run.alone, proven: true, even: strength === 0 };
}

/**
 * Settles the runs of sizes in which a count falls, each by itself; where the sizes beside a settled run then fall against
 * it, they are taken in and it is settled anew. What is left outside is at its cheapest, so the whole is the cheapest. An
 * even range is one run.
 */
function settleRuns(run: Run, strength: number, learned: Learned, mostBranches: number): Settled {
  if (strength > 0) return settle(run, strength, learned, mostBranches);
  const counts = [...run.alone];
  /** For each size whether it hangs together with the next. */
  const tied = run.alone.map(() => false);
  let proven = true;
  for (;;) {
    const fallen = run.links.filter((link) => falls(counts, link));
    if (fallen.length === 0) return { kind: 'settled', counts, proven };
    for (const { size } of fallen) tied[size] = true;
    const touched = new Set(fallen.map(({ size }) => firstOf(tied, size)));
    for (const first of touched) {
      let last = first;
      while (tied[last]) last += 1;
      const settled = settle(
        {
          problems: run.problems.slice(first, last + 1),
          bounds: run.bounds.slice(first, last + 1),
          alone: run.alone.slice(first, last + 1),
          solved: run.solved,
          links: run.links
            .filter(({ size }) => size >= first && size < last)
            .map((link) => ({ ...link, size: link.size - first })),
        },
        0,
        learned,
        mostBranches,
      );
      if (settled.kind !== 'settled') return settled;
      proven &&= settled.proven;
      counts.splice(first, settled.counts.length, ...settled.counts);
    }
  }
}

function firstOf(tied: readonly boolean[], size: number): number {
  let first = size;
  while (first > 0 && tied[first - 1]) first -= 1;
  return first;
}
