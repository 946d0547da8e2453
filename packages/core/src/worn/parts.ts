import type { Girth } from '../garment/construction.js';
import type { PieceRole } from '../joins/roles.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { halfWorn, sleeveAt } from './drape.js';
import type { Figure } from './figure.js';
import { heightOf, type WornSize } from './layers.js';
import { mirrored, mix, type Point } from './points.js';
import type { Grips, Worn, WornShape } from './shapes.js';

/** Parts that all worn garments are put together of: sides, sleeves, bands, a hood, and where they are dragged. */

/** Fronts whose edges lie nearer to the middle than this meet there, cm. */
const MEETS = 0.4;

/** Points on a curved line. */
export const FINE = 10;

/** The first piece with one of these roles. */
export const pieceOf = (
  { pieces }: Pick<WornSize, 'pieces'>,
  ...roles: PieceRole[]
): PlannedPiece | undefined => pieces.find(({ role }) => roles.includes(role));

/** Places between two, without the ends. */
export function steps(from: number, to: number): number[] {
  if (to <= from) return [];
  return Array.from({ length: FINE - 1 }, (_, i) => from + ((to - from) * (i + 1)) / FINE);
}

/** Both halves of a shape of the right one. */
export function both(what: WornShape['what'], points: readonly Point[], closed = false): WornShape[] {
  return [points, mirrored(points)].map((half) => ({ what, points: half, closed }));
}

/** The side of a body from a level down: the right half. */
export function sideFrom(frame: Figure['frame'], girths: readonly Girth[], depth: number): Point[] {
  const last = girths.at(-1)!.at;
  const levels = Object.values(frame.levels).map((y) => y - frame.shoulder[1]);
  // A cropped garment may end above the underarm.
  const from = Math.min(depth, last);
  const ats = [...new Set([from, ...girths.map(({ at }) => at), ...levels])]
    .filter((at) => at >= from && at <= last)
    .sort((a, b) => a - b);
  return ats.flatMap((at) =>
    roundsAt(girths, at).map((rounds): Point => [halfWorn(frame, rounds, at), frame.shoulder[1] + at]),
  );
}

/** The rounds at a level, each to be drawn by itself: a rib draws in at once, so that there the fabric's and its own are two. */
function roundsAt(girths: readonly Girth[], at: number): (readonly Girth[])[] {
  const there = girths.filter((girth) => girth.at === at);
  return there.length > 1 ? there.map((girth) => [girth]) : [girths];
}

/** The air between body and garment at both sides, from a level down. */
export function airOf({ frame }: Figure, side: readonly Point[]): WornShape[] {
  const inner = side.map(([x, y]): Point => [Math.min(x, frame.halfAt(y)), y]);
  const half = [...side, ...inner.reverse()];
  return [half, mirrored(half)].map((points) => ({ what: 'air', points, closed: true }));
}

/** A sleeve's outer side down, its inner one back up to the underarm, and the middle of its end. */
interface SleeveLine {
  outer: readonly Point[];
  inner: readonly Point[];
  end: Point;
}

/**
 * A sleeve from where it begins on the arm; null where there is none beyond that.
 *
 * @param start how far down the arm its outer side begins, cm, and where the underarm lies
 */
export function sleeveLine(
  { frame }: Figure,
  arm: readonly Girth[],
  start: { down: number; under: Point },
): SleeveLine | null {
  const last = arm.at(-1);
  if (!last || last.at <= start.down + 1) return null;
  const downs = [...new Set([start.down, ...arm.map(({ at }) => at)])]
    .filter((at) => at >= Math.max(0, start.down))
    .sort((a, b) => a - b);
  const places = downs.flatMap((at) => roundsAt(arm, at).map((rounds) => sleeveAt(frame, rounds, at)));
  const lowest = places.at(-1)!;
  const inner = places
    .slice(0, -1)
    .map((place) => place.inner)
    .filter(([, y]) => y > start.under[1] + 1);
  return {
    outer: places.map((place) => place.outer),
    inner: [lowest.inner, ...inner.reverse(), start.under],
    end: mix(lowest.outer, lowest.inner, 0.5),
  };
}

/** Bands across the body and the sleeves: ribs below the last of the fabric. */
export function ribs({ frame }: Figure, size: WornSize, side: readonly Point[]): WornShape[] {
  const hem = size.girths.body;
  const starts = hem.findIndex(({ at }, i) => hem[i + 1]?.at === at);
  const from =
    starts >= 0 ? hem[starts]!.at : hem.at(-1)!.at - heightOf(pieceOf(size, 'hem', 'border'), size);
  const shapes: WornShape[] = [];
  if (from < hem.at(-1)!.at - 0.2) {
    const y = frame.shoulder[1] + from;
    const below = side.filter((point) => point[1] >= y - 0.01);
    const [x] = below[0] ?? side.at(-1)!;
    shapes.push({
      what: 'line',
      points: [
        [-x, y],
        [x, y],
      ],
      closed: false,
    });
  }
  const { arm } = size.girths;
  const cuff = arm.findIndex(({ at }, i) => arm[i + 1]?.at === at);
  if (cuff >= 0) {
    const { outer, inner } = sleeveAt(frame, [arm[cuff]!], arm[cuff]!.at);
    shapes.push(...both('line', [outer, inner]));
  }
  return shapes;
}

/** A neck edge in a band: the line that its band lies along, moved inwards. */
function neckBand(size: WornSize, neck: readonly Point[]): Point[] | null {
  const height = heightOf(pieceOf(size, 'neckband'), size);
  if (height === 0 || neck.length < 2) return null;
  const bottom = neck.at(-1)![1];
  const top = neck[0]![1];
  return neck.map(([x, y]): Point => {
    const share = bottom - top > 0.5 ? (y - top) / (bottom - top) : 0;
    // At the shoulder the band stands towards the neck, at the middle upwards.
    return [Math.max(0, x - height * (1 - share)), y - height * (share * 0.9 + 0.25)];
  });
}

/** All of one side of the garment: body with its neck, sleeves under it, lines on it. */
export function assemble(
  figure: Figure,
  size: WornSize,
  layer: {
    neck: readonly Point[];
    /** From the shoulder's inner end outwards to the underarm, sleeve included where it is of one piece with the body. */
    top: readonly Point[];
    side: readonly Point[];
    edge: number | null;
    sleeves: readonly WornShape[];
    lines: readonly WornShape[];
  },
): WornShape[] {
  const { neck, top, side, edge, sleeves, lines } = layer;
  const bottom = side.at(-1)![1];
  const open = edge !== null && Math.abs(edge) > MEETS;
  const middle = open ? edge : 0;
  const right: Point[] = [...[...neck].reverse(), ...top, ...side, [middle, bottom]];
  // Of fronts that overlap the wearer's right one lies above.
  const outline: WornShape[] = open
    ? both('body', right, true)
    : [{ what: 'body', points: [...right, ...mirrored(right).reverse()], closed: true }];
  const band = neckBand(size, neck);
  const whole = (half: readonly Point[]): Point[] => [...half, ...mirrored(half).reverse()];
  return [
    ...(band && !open
      ? [{ what: 'rib' as const, points: [...whole(neck), ...whole(band).reverse()], closed: true }]
      : band
        ? both('rib', [...neck, ...[...band].reverse()], true)
        : []),
    ...sleeves,
    ...outline,
    ...airOf(figure, side),
    ...(edge !== null && !open
      ? [{ what: 'edge' as const, points: [neck.at(-1)!, [0, bottom] as Point], closed: false }]
      : []),
    ...lines,
    ...ribs(figure, size, side),
  ];
}

export function endsOf({ girths }: WornSize): Worn['ends'] {
  return {
    hem: girths.body.at(-1)?.at ?? 0,
    sleeve: girths.arm.at(-1)?.at ?? null,
  };
}

export function gripsOf(
  side: readonly Point[],
  sleeve: Point | null,
  neck: Point | null,
  { frame }: Figure,
): Grips {
  const bottom = side.at(-1)![1];
  const bust = side.find(([, y]) => y >= frame.levels.bust + 2) ?? side.at(-1)!;
  return { hem: [0, bottom], sleeve, neck, side: bust };
}

/** A hood about the head: over it behind, round the face in front. */
export function hoodOf(size: WornSize, { head, frame }: Figure, isFront: boolean): WornShape[] {
  if (!pieceOf(size, 'hood')) return [];
  const outer: Point[] = [];
  const inner: Point[] = [];
  for (let i = 0; i <= 2 * FINE; i += 1) {
    const angle = Math.PI * (1.15 - (1.3 * i) / (2 * FINE));
    const [x, y] = [Math.cos(angle), Math.sin(angle)];
    outer.push([x * (head.rx + 2), head.y - y * (head.ry + 2)]);
    inner.push([x * (head.rx - 0.5), head.y - y * (head.ry - 1.5)]);
  }
  const base: Point[] = [
    [frame.neck[0] + 1, frame.neck[1] + 1],
    [-frame.neck[0] - 1, frame.neck[1] + 1],
  ];
  const points = isFront ? [...outer, base[0]!, ...inner.reverse(), base[1]!] : [...outer, ...base];
  return [{ what: 'hood', points, closed: true }];
}
