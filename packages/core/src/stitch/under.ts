/** What a row of a piece is worked into: parts of rows below side by side, with the repeats and lines that go on in them. */

import type { CountRule } from '../fabric/fabric.js';
import type { Row } from '../work/rows.js';
import type { Course } from './course.js';
import type { StitchKind } from './kinds.js';
import type { StitchedRow } from './stitchedRow.js';
import type { Line, RowStretches } from './stretches.js';
import { cut, joined, laid, moved, surfaceOf, type Surface } from './surface.js';
import { StitchError } from './tree.js';
import { clipped, inOne, type Zone } from './zones.js';

const SPAN = { from: 0, to: 0 };

/** How far a part of a piece has been worked. */
export interface PartStitches {
  course: Course;
  zones: readonly Zone[];
  /** Whole rounds in the rounds of the pattern, with nothing plain in them. */
  ring: boolean;
  /** Which repeats of a ring are wider than the pattern's own, counted in the direction of its working. */
  wide?: readonly number[];
  /** It goes round, though short rows over it do not. */
  rounds: boolean;
  /** Rows in pattern worked so far. */
  done: number;
  /** The repeats began from the other edge than the pattern's do. */
  mirrored: boolean;
  /** Lines that the part is shaped beside. */
  lines: readonly Line[];
}

/** A row and what it leaves. */
export interface WorkedRow {
  state: PartStitches;
  row: StitchedRow;
}

/** What a row is worked into: stitches of a part, some of them left at its left, or stitches picked up. */
export type Under = { state: PartStitches; at: number; take: number } | { picked: number };

export interface JoinedUnder {
  rounds: boolean;
  surface: Surface;
  zones: Zone[];
  lines: Line[];
  done: number;
  mirrored: boolean;
}

/**
 * What a row is worked into as one surface, with the repeats that go on in it.
 *
 * @param base the rule of the pattern
 * @param plain the stitch that picked-up stitches and those over a foundation are taken for
 */
export function joinUnder(under: readonly Under[], base: CountRule, plain: StitchKind): JoinedUnder {
  const surfaces: Surface[] = [];
  const zones: Zone[] = [];
  const lines: Line[] = [];
  const known = under.flatMap((one) => ('state' in one ? [one.state] : []));
  const done = Math.max(0, ...known.map((state) => state.done));
  const leading = known.find((state) => state.done === done);
  let high: number | null = null;
  for (const one of under) {
    if ('picked' in one) {
      surfaces.push(laid(plain, high ?? 0, one.picked));
      high = (high ?? 0) + one.picked;
      continue;
    }
    const { state, at, take } = one;
    const whole = surfaceOf(state.course, state.ring);
    const from = whole.low + whole.width - at - take;
    const by: number = high === null ? 0 : high - from;
    // Nothing is in pattern yet on a foundation: its chains are stitches to be worked into.
    const taken = state.course.foundation ? laid(plain, from, take) : cut(whole, from, from + take);
    surfaces.push(moved(taken, by));
    if (state.done === done && state.mirrored === leading?.mirrored)
      for (const zone of state.zones) {
        const kept = clipped(zone, from, from + take, base);
        if (kept) zones.push({ ...kept, low: kept.low + by });
      }
    lines.push(...state.lines.map(({ from: first, to }) => ({ from: first + by, to: to + by })));
    high = from + by + take;
  }
  return {
    rounds: known.length > 0 && known.every((state) => state.rounds),
    surface: joined(surfaces),
    zones: inOne(zones, base),
    lines,
    done,
    mirrored: leading?.mirrored ?? false,
  };
}

/** The surface with chains laid at its ends where the row adds such, to be worked into. */
export function withLaid(
  surface: Surface,
  { stretches }: RowStretches,
  { from, steps }: Row,
  plain: StitchKind,
): Surface {
  const takes = stretches.reduce((sum, one) => sum + one.takes, 0);
  if (takes === surface.width) return surface;
  if (from.length > 1)
    throw new StitchError(SPAN, `the row takes ${takes} stitches; there are ${surface.width}`);
  const right = steps.at(-1)!.do === 'cast' ? steps.at(-1)!.times : 0;
  const left = steps[0]!.do === 'cast' ? steps[0]!.times : 0;
  if (surface.width + right + left !== takes)
    throw new StitchError(SPAN, `the row takes ${takes} stitches; there are ${surface.width}`);
  const low = surface.low - right;
  return joined([
    ...(right > 0 ? [laid(plain, low, right)] : []),
    surface,
    ...(left > 0 ? [laid(plain, surface.low + surface.width, left)] : []),
  ]);
}

/** Where the row begins at its right: its first stretch that is not shaped keeps its place. */
export function lowOf(surface: Surface, { stretches }: RowStretches): number {
  const first = stretches.find(({ does }) => does === 'work');
  return first ? surface.low + first.under - first.at : surface.low;
}

/** Lines that no repeat may cross in this row, and those that the next one finds. */
export function linesFor(
  { lines, spread, stretches }: RowStretches,
  below: JoinedUnder,
  ahead: readonly Line[],
  low: number,
): { cut: Line[]; next: Line[] } {
  if (spread) return { cut: [], next: [] };
  const own = lines.map(({ at }) => ({ from: at.from + low, to: at.to + low }));
  const shifted = below.lines.map(({ from, to }) => {
    const shift = shiftAt(stretches, from - below.surface.low) + low - below.surface.low;
    return { from: from + shift, to: to + shift };
  });
  // A line that is shaped anew is found where the shaping is.
  const kept = shifted.filter((line) => own.every((other) => distanceOf(line, other) > 3));
  const seen =
    own.length + kept.length > 0 ? [] : ahead.map(({ from, to }) => ({ from: from + low, to: to + low }));
  const cut = [...own, ...kept, ...seen].sort((a, b) => a.from - b.from);
  return { cut, next: cut };
}

export function distanceOf(a: Line, b: Line): number {
  return Math.max(0, a.from - b.to, b.from - a.to);
}

/** By how much places move that lie at one of the row below. */
export function shiftAt(
  stretches: readonly { under: number; takes: number; at: number }[],
  under: number,
): number {
  const found = stretches.findLast((one) => one.under <= under) ?? stretches[0];
  return found ? found.at - found.under : 0;
}

/** What lies between lines, from one place to another. */
export function between(lines: readonly Line[], low: number, high: number): [number, number][] {
  const parts: [number, number][] = [];
  let at = low;
  for (const { from, to } of lines) {
    if (to < low || from > high) continue;
    if (from > at) parts.push([at, Math.min(from, high)]);
    at = Math.max(at, to);
  }
  if (at < high) parts.push([at, high]);
  return parts;
}
