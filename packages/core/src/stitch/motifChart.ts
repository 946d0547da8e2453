/** The chart of a motif: its rounds about the ring, every stitch from the place it is worked into to its top. */

import { spreadOverSide, sideAfter, type MotifGrowth } from '../shaping/motif.js';
import type { ChartSymbol, StitchChart } from './chart.js';
import type { Unit } from './course.js';
import { heightOf, type StitchKind } from './kinds.js';
import { legPath, oval, type Point } from './symbols.js';

/** What a motif is drawn from. */
export interface MotifDrawn extends MotifGrowth {
  rounds: number;
  /** Rounds that are a circle as yet. */
  circle: number;
  /** Half of it, in rows: its sides are half of those there would be. */
  half: boolean;
  stitch: StitchKind;
  /** Stitches of a cluster; null where every stitch is worked in. */
  cluster: number | null;
}

/** Rounds that a chart shows: later ones go on alike. */
const MOST = 6;
/** Radius of the ring, height of a round, room about the drawing, px. */
const HUB = 14;
const MARGIN = 18;
/** Chains of a corner. */
const CHAINS = 2;

interface Made {
  /** Where along its side it stands, as a share from -1 to 1. */
  at: number;
  /** Where on the round below its foot is, in the same shares; null: in the ring. */
  foot: number | null;
}

/** Draws the rounds of a motif, six at most. */
export function motifChart(motif: MotifDrawn): StitchChart {
  const many = motif.half ? 2 * motif.sides : motif.sides;
  const rounds = Math.min(MOST, motif.rounds);
  const high = Math.max(16, 15 * heightOf(motif.stitch));
  const reach = HUB + rounds * high;
  const radius = reach / Math.cos(Math.PI / many);
  const centre: Point = [radius + MARGIN, radius + MARGIN];
  /** A point of a side: how far out, and where along it from corner (-1) to corner (1). */
  const point = (side: number, out: number, along: number, round = false): Point => {
    const angle = (2 * Math.PI * side) / many - Math.PI / 2;
    if (round) {
      const turned = angle + (Math.PI / many) * along;
      return [centre[0] + out * Math.cos(turned), centre[1] + out * Math.sin(turned)];
    }
    const across = out * Math.tan(Math.PI / many) * along;
    return [
      centre[0] + out * Math.cos(angle) - across * Math.sin(angle),
      centre[1] + out * Math.sin(angle) + across * Math.cos(angle),
    ];
  };
  const symbol = (row: number, kind: string, path: string): ChartSymbol => ({
    row,
    of: row,
    instruction: 0,
    kind,
    path,
    filled: false,
  });
  const symbols: ChartSymbol[] = [
    symbol(
      0,
      'ring',
      `M${centre[0] - HUB} ${centre[1]}a${HUB} ${HUB} 0 1 0 ${2 * HUB} 0a${HUB} ${HUB} 0 1 0 ${-2 * HUB} 0`,
    ),
  ];
  for (let n = 1; n <= rounds; n += 1) {
    const isRound = n <= motif.circle;
    const [low, top] = [HUB + (n - 1) * high, HUB + n * high - 3];
    for (let side = 0; side < motif.sides; side += 1) {
      for (const { at, foot } of madeIn(motif, n)) {
        const head = point(side, top, at, isRound);
        const from =
          foot === null ? point(side, HUB, at * 0.8, true) : point(side, low, foot, n - 1 <= motif.circle);
        symbols.push(symbol(n - 1, motif.stitch, legPath(motif.stitch, from, head, 0, UNIT)));
      }
      const last = motif.half && side === motif.sides - 1;
      if (!isRound && !last) symbols.push(symbol(n - 1, 'ch', cornerPath(point(side, top, 1), side, many)));
    }
  }
  const size = 2 * (radius + MARGIN);
  return {
    width: Math.ceil(size),
    height: Math.ceil(size),
    symbols,
    rows: Array.from({ length: rounds }, (_, i) => ({
      label: String(i + 1),
      side: motif.half && i % 2 === 1 ? ('WS' as const) : ('RS' as const),
      leftwards: true,
      of: i,
      from: 0,
      to: 0,
      words: '',
    })),
    repeat: null,
    ring: true,
    kinds: [motif.stitch, 'ch'],
  };
}

/** A stitch of which nothing but its kind is known. */
const UNIT = { stitch: null, picots: [], name: null } as unknown as Unit;

/** The chains of a corner, side by side across it. */
function cornerPath(at: Point, side: number, many: number): string {
  const angle = (2 * Math.PI * (side + 0.5)) / many - Math.PI / 2;
  const [ux, uy] = [-Math.sin(angle), Math.cos(angle)];
  return Array.from({ length: CHAINS }, (_, i) => {
    const from = (i - CHAINS / 2) * 9;
    const to = from + 9;
    return oval([at[0] + ux * from, at[1] + uy * from], [at[0] + ux * to, at[1] + uy * to]);
  }).join('');
}

/** The stitches of one side of a round. */
function madeIn(motif: MotifDrawn, n: number): Made[] {
  const count = sideAfter(motif, n);
  /** Room that the chains of a corner take of a side. */
  const width = n <= motif.circle ? 1 : 1 - 0.55 / (n + 0.6);
  const at = (i: number, of: number) => width * (of === 1 ? 0 : (2 * (i + 0.5)) / of - 1);
  if (n === 1) return Array.from({ length: count }, (_, i) => ({ at: at(i, count), foot: null }));
  if (motif.cluster !== null) return clusters(motif.cluster, n, at, width);
  const before = sideAfter(motif, n - 1);
  const widthBelow = n - 1 <= motif.circle ? 1 : 1 - 0.55 / (n - 0.4);
  const below = (i: number) => widthBelow * (before === 1 ? 0 : (2 * (i + 0.5)) / before - 1);
  // A circle grows all along; later rounds have what they gain in their corners.
  const grown =
    n <= motif.circle
      ? spreadOverSide(before, motif.gain)
      : [Math.ceil(motif.gain / 2), ...Array.from({ length: before }, () => 1), Math.floor(motif.gain / 2)];
  const feet =
    n <= motif.circle
      ? grown.flatMap((times, i) => Array.from({ length: times }, () => below(i)))
      : grown.flatMap((times, i) =>
          Array.from({ length: times }, () => (i === 0 ? -1 : i === before + 1 ? 1 : below(i - 1))),
        );
  return feet.map((foot, i) => ({ at: at(i, feet.length), foot }));
}

/** Clusters: one in each corner space on either side of its chains, and one in each space between two of the round below. */
function clusters(stitches: number, n: number, at: (i: number, of: number) => number, width: number): Made[] {
  const count = n * stitches;
  return Array.from({ length: count }, (_, i): Made => {
    const cluster = Math.floor(i / stitches);
    // Spaces of the round below, its corners at both ends.
    const foot = n === 1 ? 0 : (2 * cluster) / (n - 1) - 1;
    // Stitches of a cluster stand closer to each other than to the next.
    const middle = at((cluster + 0.5) * stitches - 0.5, count);
    return {
      at: middle + 0.78 * (at(i, count) - middle),
      foot: Math.max(-1, Math.min(1, foot * (foot === 1 || foot === -1 ? 1 : width))),
    };
  });
}
