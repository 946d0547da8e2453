/** Which kind of square lies where, by rule. */

import type { MapRule } from './squareColours.js';

/** The place of a square on the sheet spread out: columns from the middle, rows from the fold over the shoulders up. */
export interface MapPlace {
  x: number;
  y: number;
}

/** How often squares are begun to be scattered, how many exchanges are then tried for each of them, and the share of those for the worse that are made. */
const STARTS = 8;
const TRIES = 12;
const WORSE = 0.3;

/**
 * The kind of each square, as a number from 0.
 *
 * @param many how many kinds there are
 * @param seed another arrangement of scattered squares
 */
export function kindsByRule(
  rule: MapRule,
  places: readonly MapPlace[],
  many: number,
  seed = 0,
): readonly number[] {
  if (many < 2) return places.map(() => 0);
  switch (rule) {
    case 'one kind':
      return places.map(() => 0);
    case 'checks':
      return places.map(({ x, y }) => checked(x, y, many));
    case 'diagonals':
      return places.map(({ x, y }) => modulo(x + y, many));
    case 'rows':
      return places.map(({ y }) => modulo(y, many));
    case 'columns':
      return places.map(({ x }) => modulo(x, many));
    case 'scattered':
      return scattered(places, many, seed);
  }
}

/** The first kind in every second square, the others by turns between them. */
function checked(x: number, y: number, many: number): number {
  if (modulo(x + y, 2) === 0) return 0;
  return 1 + modulo((x + y - 1) / 2 + y, many - 1);
}

function modulo(of: number, by: number): number {
  return ((of % by) + by) % by;
}

/** As many of each kind, as far as that comes out, and none beside or above one of its own kind: two kinds can do that as checks alone. */
function scattered(places: readonly MapPlace[], many: number, seed: number): number[] {
  if (many === 2) return places.map(({ x, y }) => checked(x, y, 2));
  const random = randomBy(seed + 1);
  const near = neighboursOf(places);
  let best: { kinds: number[]; clashes: number } | null = null;
  for (let start = 0; start < STARTS && best?.clashes !== 0; start += 1) {
    const kinds = shuffled(
      places.map((_, i) => i % many),
      random,
    );
    const clashes = parted(kinds, near, random);
    if (best === null || clashes < best.clashes) best = { kinds, clashes };
  }
  return best!.kinds;
}

/**
 * Lets squares change places where that leaves fewer alike side by side: the number of each kind stays.
 *
 * @returns how many still lie beside one of their kind
 */
function parted(kinds: number[], near: readonly number[][], random: () => number): number {
  const alike = (at: number, kind: number) => near[at]!.filter((other) => kinds[other] === kind).length;
  const clashing = () => kinds.flatMap((kind, at) => (alike(at, kind) > 0 ? [at] : []));
  for (let tries = TRIES * kinds.length; tries > 0; tries -= 1) {
    const all = clashing();
    if (all.length === 0) return 0;
    const at = all[Math.floor(random() * all.length)]!;
    const own = kinds[at]!;
    let best: { other: number; change: number } | null = null;
    const from = Math.floor(random() * kinds.length);
    for (let i = 0; i < kinds.length; i += 1) {
      const other = (from + i) % kinds.length;
      const theirs = kinds[other]!;
      if (theirs === own || near[at]!.includes(other)) continue;
      const change = alike(at, theirs) + alike(other, own) - alike(at, own) - alike(other, theirs);
      if (best === null || change < best.change) best = { other, change };
      if (change <= -2) break;
    }
    // An exchange that changes nothing, and now and then one for the worse, leads out of a corner.
    if (!best || (best.change > 0 && random() > WORSE)) continue;
    kinds[at] = kinds[best.other]!;
    kinds[best.other] = own;
  }
  return clashing().length;
}

/** Squares beside, above and below each. */
export function neighboursOf(places: readonly MapPlace[]): number[][] {
  const at = new Map(places.map(({ x, y }, i) => [`${x},${y}`, i]));
  return places.map(({ x, y }) =>
    [
      [x - 1, y],
      [x + 1, y],
      [x, y - 1],
      [x, y + 1],
    ].flatMap(([nx, ny]) => at.get(`${nx},${ny}`) ?? []),
  );
}

/** Numbers from 0 to 1 that are the same for the same seed (mulberry32, public domain; from memory). */
function randomBy(seed: number): () => number {
  let state = Math.imul(seed, 0x9e3779b1) >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

function shuffled<T>(items: readonly T[], random: () => number): T[] {
  const all = [...items];
  for (let i = all.length - 1; i > 0; i -= 1) {
    const j = Math.floor(random() * (i + 1));
    [all[i], all[j]] = [all[j]!, all[i]!];
  }
  return all;
}
