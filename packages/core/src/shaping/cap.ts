/** The cap of a set-in sleeve: its edge must be as long as the armhole's, which is solved for, not guessed. */

import type { Curve } from './curve.js';
import type { ShortRow, ShortRows } from './shortRows.js';
import { spreadLargerFirst } from './spread.js';

/** worked: upwards, stitches taken off at both edges; short rows: from the armhole down, each row going further than the last. */
export type CapSchool = 'worked' | 'short rows';

/** A cap in counts. Across: base + slope + top + slope + base. */
export interface Cap {
  /** Stitches bound off (or left unworked) at the underarm, each side. */
  base: number;
  /** Stitches between the base and the top, each side. */
  slope: number;
  /** Stitches of the top: bound off at the end, or of the first short row. */
  top: number;
  /** Rows; of short rows an odd number, since left and right take turns after the first. At the underarm there is one of them. */
  rows: number;
}

/** One straight piece of a cap's edge: so many stitches aside in so many rows. */
export interface EdgeRun {
  across: number;
  rows: number;
}

/**
 * The line of one side of a worked cap, from the base to the top: flat at both, steep between, as half a wave of a cosine
 * lying on its side (common practice: decreases fast, slow, fast).
 */
export function capCurve(slope: number, height: number): Curve {
  return (at) => slope * (1 - Math.acos(Math.min(1, Math.max(-1, (2 * at) / height - 1))) / Math.PI);
}

/**
 * Stitches that a worked cap has taken off at each edge after each of its rows: the whole number nearest to the line in the
 * middle of the row, in whole units. The first row carries the base and is plain.
 */
export function capInside({ slope, rows }: Pick<Cap, 'slope' | 'rows'>, unit = 1): number[] {
  const line = capCurve(slope, rows - 1);
  return Array.from({ length: rows }, (_, i) =>
    i === 0 ? 0 : i === rows - 1 ? slope : Math.min(slope, Math.round(line(i - 0.5) / unit) * unit),
  );
}

/** How much further each short row goes than the one before it on its side, from the shoulder outwards, in whole units. */
export function capTurns({ slope, rows }: Pick<Cap, 'slope' | 'rows'>, unit = 1): number[] {
  const units = slope / unit;
  return spreadLargerFirst(units, Math.min(units, (rows - 1) / 2)).map((many) => many * unit);
}

/**
 * One side of a cap's edge from the base to the top, along its line: the steps of whole stitches are evened out when the edge
 * is sewn, and measured one by one they would make it too long.
 */
export function capSide(school: CapSchool, { slope, rows }: Pick<Cap, 'slope' | 'rows'>): EdgeRun[] {
  if (school === 'short rows') return [{ across: slope, rows: rows - 1 }];
  const line = capCurve(slope, rows - 1);
  return Array.from({ length: rows }, (_, i) => ({
    across: i === 0 ? 0 : line(i) - line(i - 1),
    rows: 1,
  }));
}

/** The whole edge of a cap from one underarm to the other. */
export function capRuns(school: CapSchool, cap: Cap): EdgeRun[] {
  const side = capSide(school, cap);
  return [
    { across: cap.base, rows: 0 },
    ...side,
    { across: cap.top, rows: 0 },
    ...[...side].reverse(),
    { across: cap.base, rows: 0 },
  ];
}

/** Length of an edge of straight pieces, cm. */
export function runLength(runs: readonly EdgeRun[], stitchesPerCm: number, rowsPerCm: number): number {
  return runs.reduce(
    (sum, { across, rows }) => sum + Math.hypot(across / stitchesPerCm, rows / rowsPerCm),
    0,
  );
}

/** Length of a cap's edge, cm: that of its runs, added up without making them, since solving looks at many caps. */
export function capLength(school: CapSchool, cap: Cap, stitchesPerCm: number, rowsPerCm: number): number {
  const { base, slope, top, rows } = cap;
  const flat = (2 * base + top) / stitchesPerCm;
  if (school === 'short rows') return flat + 2 * Math.hypot(slope / stitchesPerCm, (rows - 1) / rowsPerCm);
  const line = capCurve(slope, rows - 1);
  const [aside, up] = [1 / (stitchesPerCm * stitchesPerCm), 1 / (rowsPerCm * rowsPerCm)];
  let side = 1 / rowsPerCm;
  let before = 0;
  for (let i = 1; i < rows; i += 1) {
    const reached = line(i);
    side += Math.sqrt((reached - before) ** 2 * aside + up);
    before = reached;
  }
  return flat + 2 * side;
}

/** How far aside an edge has gone after each of its straight pieces, in stitches. */
export function asides(runs: readonly EdgeRun[]): number[] {
  let sum = 0;
  return runs.map(({ across }) => (sum += across));
}

export interface CapWishes {
  school: CapSchool;
  /** Length of the armhole's edge all round, and the longest that its cap may be, cm. */
  edge: number;
  longest: number;
  /** Stitches of the sleeve below the cap, and of its base on each side. */
  width: number;
  base: number;
  stitchesPerCm: number;
  rowsPerCm: number;
  /** Stitches that shaping takes at a time at each edge. */
  unit?: number;
}

/** How much longer than the armhole a cap should be (common practice: 0 to 3 % is eased in). */
export const CAP_EASE = 0.01;
/** Share of the sleeve's width that the top of a cap has (common practice). */
export const CAP_TOP = 0.2;

/** What a cap costs that is not as long as it may be, cm: more than any top that is far from the usual one. */
const OUTSIDE = 50;

/** How many steps wider or narrower than usual a top may be, the nearest first. */
const TOPS = Array.from({ length: 21 }, (_, i) => (i % 2 === 0 ? i / 2 : -(i + 1) / 2));

/**
 * The cap whose edge is nearest to the armhole's with its ease, its top about a fifth of the sleeve's width.
 *
 * @returns the cap; where the sleeve is too wide for any, the lowest one
 */
export function solveCap(wishes: CapWishes): Cap {
  const { edge, longest, width, base, stitchesPerCm, unit = 1 } = wishes;
  const inner = width - 2 * base;
  const wanted = Math.max(1, Math.min(inner - 2, Math.round(width * CAP_TOP)));
  // What is left between the top and the sides is taken off in whole units at both edges.
  const step = 2 * unit;
  const nearest = wanted + ((((inner - wanted) % step) + step) % step);
  let best: { cap: Cap; cost: number } | null = null;
  for (const steps of TOPS) {
    const aside = steps * step;
    const top = nearest + aside;
    if (top < 1 || inner - top < step) continue;
    const found = heightFor(wishes, { base, top, slope: (inner - top) / 2 });
    const outside = Math.max(0, edge - found.length, found.length - longest);
    const cost =
      (0.5 * Math.abs(aside)) / stitchesPerCm +
      Math.abs(found.length - edge * (1 + CAP_EASE)) +
      (outside > 1e-9 ? OUTSIDE + 100 * outside : 0);
    if (!best || cost < best.cost - 1e-9) best = { cap: found.cap, cost };
    // Tops further from the usual one are only looked at while none fits.
    if (aside > 0 && best.cost < OUTSIDE) break;
  }
  return best?.cap ?? { base, top: Math.max(0, inner), slope: 0, rows: 3 };
}

/** The rows for which the edge of a cap comes nearest to what it should be; the edge grows with them. */
function heightFor(
  { school, edge, stitchesPerCm, rowsPerCm, unit = 1 }: CapWishes,
  cap: Omit<Cap, 'rows'>,
): { cap: Cap; length: number } {
  const step = school === 'worked' ? 1 : 2;
  const fewest = school === 'worked' ? 2 : 3;
  const most = fewest + step * Math.ceil((edge * rowsPerCm) / step);
  const at = (rows: number) => {
    const whole = { ...cap, rows };
    return { cap: whole, length: capLength(school, whole, stitchesPerCm, rowsPerCm) };
  };
  const goal = edge * (1 + CAP_EASE);
  // Short rows cannot turn more often than there are stitches to go further by.
  let [low, high] = [fewest, school === 'worked' ? most : Math.min(most, (2 * cap.slope) / unit + 1)];
  while (high - low > step) {
    const middle = low + step * Math.floor((high - low) / (2 * step));
    if (at(middle).length < goal) low = middle;
    else high = middle;
  }
  const [under, over] = [at(low), at(Math.max(low, high))];
  return goal - under.length <= over.length - goal ? under : over;
}

/**
 * The short rows of a cap. The first is a long one: from the underarm, where the yarn hangs, up and past the shoulder; then back and forth,
 * each going further than the one before it on its side; the last goes on to the other underarm, and a row (or round) over all of
 * them closes the steps. So no row begins away from the yarn (common practice).
 *
 * @param wanted stitches of the pattern that turning must not break, where there are turns enough without
 */
export function capShortRows(cap: Cap, wanted = 1): ShortRows {
  const { base, slope, top } = cap;
  const unit = slope % wanted === 0 && (cap.rows - 1) / 2 <= slope / wanted ? wanted : 1;
  const stitches = 2 * (base + slope) + top;
  let [from, to] = [base + slope, base + slope + top];
  const rows: ShortRow[] = [{ from: 0, to }];
  for (const further of capTurns(cap, unit)) {
    from -= further;
    rows.push({ from, to });
    to += further;
    rows.push({ from, to });
  }
  rows.push({ from: rows.pop()!.from, to: stitches });
  return { stitches, rows, keptLeft: base, keptRight: base, closing: true };
}
