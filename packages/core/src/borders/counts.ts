/** How many stitches an edging has on each of its sides, so that the rule of every fabric in it is met where that begins. */

import type { CountRule, Fabric } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import { legalAtLeast, legalAtMost } from '../fabric/counts.js';
import { easeAllowed } from '../joins/join.js';
import { sharesOf, sumOf } from '../shaping/spread.js';
import { isCorner, stitchesAlong, type Along } from './along.js';
import type { OpenEdge } from './openEdges.js';

/** A side of an edging from corner to corner, as its edges make it. */
export interface EdgeSide {
  length: number;
  /** Stitches that it takes, not yet whole. */
  wanted: number;
}

export interface Sides {
  sides: EdgeSide[];
  /** The corners between them, in degrees. */
  turns: number[];
}

export interface Layer {
  fabric: Fabric;
  rounds: number;
}

/** The sides between corners. A round that begins at a corner is begun in the middle of its first side instead. */
export function sidesOf(edges: readonly OpenEdge[], along: Along, ring: boolean): Sides {
  const sides: EdgeSide[] = [];
  const turns: number[] = [];
  edges.forEach((one, i) => {
    if (i === 0 || isCorner(one, along)) {
      if (i > 0) turns.push(one.turn!);
      sides.push({ length: 0, wanted: 0 });
    }
    const side = sides.at(-1)!;
    side.length += one.edge.length;
    side.wanted += stitchesAlong(one, along);
  });
  const [first] = edges;
  if (!ring || !first || !isCorner(first, along)) return { sides, turns };
  const [side, ...others] = sides;
  const half = { length: side!.length / 2, wanted: side!.wanted / 2 };
  return { sides: [half, ...others, half], turns: [...turns, first.turn!] };
}

export interface Counts {
  /** Stitches of each side as picked up, without its corners. */
  sides: number[];
  /** Their sum. */
  picked: number;
  /** Stitches hidden where each fabric begins. */
  spare: number[];
  /** Each fabric's first row has the stitches to increase or decrease in. */
  workable: boolean;
}

/** Stitches that may be more or fewer than lie flat along the sides: what a seam eases in. */
export function mostMoved({ sides }: Pick<Sides, 'sides'>, { gauge }: Fabric): number {
  const unit = 1 / perCm(gauge, 'stitches');
  const length = sumOf(sides.map((side) => side.length));
  return easeAllowed({ length, unit }, { length, unit }) / unit - 1e-6;
}

/** What a stitch more or fewer in a later round costs against one along the edge: spread over the round it is hardly seen. */
const SPREAD = 1.5;
/** Between corners it is hidden where the round begins, and seen by those who look. */
const HIDDEN = 6;
/** More than a seam eases in: only where the first fabric's own rule leaves nothing else. */
const TOO_FAR = 1000;
/** More than can be increased or decreased in one row. */
const NEVER = 1e6;

/**
 * Whole stitches for the sides, so that each fabric's rule is met where it begins: the total moved as little as will do and as a seam eases
 * in, what still does not come out made in the first round of the fabric.
 */
export function countsOf(
  { sides, turns }: Sides,
  gained: readonly number[][],
  layers: readonly Layer[],
  ring: boolean,
): Counts {
  const wanted = sides.map((side) => side.wanted);
  const total = Math.max(sides.length, Math.round(sumOf(wanted)));
  const cost = turns.length > 0 ? HIDDEN : SPREAD;
  const most = mostMoved({ sides }, layers[0]!.fabric);
  // On an edge of a few stitches a fabric's rule may be met only by more than a seam eases in.
  const furthest = Math.max(Math.ceil(most), ...layers.map(({ fabric }) => ruleOf(fabric, ring).multiple));
  const moves = Array.from({ length: 2 * furthest + 1 }, (_, i) => i - furthest);
  const ways = moves
    .filter((by) => total + by >= sides.length)
    .map((by) => withSpare(sharesOf(total + by, wanted), gained, layers, ring));
  const costOf = ({ picked, spare, workable }: Counts) => {
    const moved = Math.abs(picked - sumOf(wanted));
    return moved + cost * sumOf(spare.map(Math.abs)) + (moved > most ? TOO_FAR : 0) + (workable ? 0 : NEVER);
  };
  return ways.reduce((best, way) => (costOf(way) < costOf(best) ? way : best));
}

function withSpare(
  sides: number[],
  gained: readonly number[][],
  layers: readonly Layer[],
  ring: boolean,
): Counts {
  const picked = sumOf(sides);
  let count = picked + sumOf(gained[0]!.map((by) => (by > 0 ? by + 1 : 0)));
  let workable = true;
  const spare = layers.map(({ fabric, rounds }, i) => {
    const rule = ruleOf(fabric, ring);
    const by = sumOf(gained[i]!);
    // The first row is worked into the edge itself; later fabrics gain at the corners in their first row too.
    const first = i === 0 ? count : count + by;
    const own = nearestLegal(first, rule) - first;
    // A row at most doubles its stitches, or works all of them 2 together.
    if (i > 0 && (own > first || -2 * own > first)) workable = false;
    count = first + own + (rounds - 1) * by;
    return own;
  });
  return { picked: picked + spare[0]!, spare: [0, ...spare.slice(1)], workable, ...moved(sides, spare[0]!) };
}

/** What the first fabric's rule wants more or fewer goes into the longest side. */
function moved(sides: readonly number[], by: number): { sides: number[] } {
  const longest = sides.indexOf(Math.max(...sides));
  return { sides: sides.map((side, i) => (i === longest ? side + by : side)) };
}

/** What a fabric's counts come to: in rounds, or in rows. */
export function ruleOf({ rule }: Fabric, ring: boolean): CountRule {
  return ring ? rule.round : rule.flat;
}

function nearestLegal(count: number, rule: CountRule): number {
  const [below, above] = [legalAtMost(count, rule), legalAtLeast(count, rule)];
  return below !== null && count - below <= above - count ? below : above;
}
