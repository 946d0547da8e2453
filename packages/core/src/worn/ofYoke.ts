import type { Girth } from '../garment/construction.js';
import { halfWorn, overTop, shoulderLength, sleeveAt } from './drape.js';
import type { Figure } from './figure.js';
import type { WornSize } from './layers.js';
import {
  assemble,
  both,
  endsOf,
  FINE,
  gripsOf,
  hoodOf,
  pieceOf,
  sideFrom,
  sleeveLine,
  steps,
} from './parts.js';
import { mirrored, mix, type Point } from './points.js';
import { NECK_ROUND, type Worn, type WornShape } from './shapes.js';

/** How far a round about the neck falls below the neck point in front and behind, as shares of its half width (common practice of figure drawing). */
const FALLS = { front: 0.75, back: 0.12 };

/** A garment from the neck down: neck, a yoke over shoulders and arms, then body and sleeves. */
export function ofYoke(size: WornSize, figure: Figure): Worn {
  const { frame } = figure;
  const { body, arm, yoke } = size.girths;
  const piece = pieceOf(size, 'yoke')!;
  const necks = piece.edges.filter(({ role }) => role === 'neck');
  const half = Math.max(frame.neck[0] * 0.9, yoke![0]!.round / NECK_ROUND);
  const drop = Math.max(
    0,
    ...necks
      .filter(({ axis }) => axis === 'rows')
      .map(({ id }) => {
        const ys = (size.edgeLines[id]?.line ?? []).map(([, y]) => y);
        return ys.length > 0 ? Math.max(...ys) - Math.min(...ys) : 0;
      }),
  );
  const depth = Math.max(body[0]!.at, 0);
  const under: Point = [halfWorn(frame, body, depth), frame.shoulder[1] + depth];
  const edge =
    pieceOf(size, 'front band') || piece.edges.some(({ role }) => role === 'front edge') ? 0 : null;
  const start = overTop(frame, half);
  const side = sideFrom(frame, body, depth);
  const top = [...steps(half, shoulderLength(frame)), shoulderLength(frame)].map((x) => overTop(frame, x));
  const sleeve = sleeveLine(figure, arm, { down: 0, under });
  const view = (isFront: boolean) => {
    const falls = half * (isFront ? FALLS.front : FALLS.back) + (isFront ? drop : 0);
    const neck = arc(start, falls);
    const isRaglan = piece.passages.some(({ kind }) => kind === 'lines');
    const split = isRaglan ? [] : both('seam', [under, sleeveAt(frame, arm, arm[0]!.at).outer]);
    const lines = isRaglan
      ? both('seam', [mix(neck[2]!, neck[3]!, 0.5), under])
      : roundsOf(frame, yoke!, half, neck.at(-1)![1], under);
    return {
      neck,
      shapes: assemble(figure, size, {
        neck,
        top: [...top, ...(sleeve ? [...sleeve.outer, ...sleeve.inner] : [under])],
        side,
        edge: isFront ? edge : null,
        sleeves: [],
        lines: [...lines, ...split],
      }),
    };
  };
  const [front, back] = [view(true), view(false)];
  return {
    figure,
    front: [...front.shapes, ...hoodOf(size, figure, true)],
    back: [...back.shapes, ...hoodOf(size, figure, false)],
    grips: gripsOf(side, sleeve?.end ?? null, front.neck.at(-1)!, figure),
    ends: endsOf(size),
    overhang: null,
    neckDepth: front.neck.at(-1)![1] - frame.neck[1],
  };
}

/** A quarter of a round from the shoulder to the middle, falling so far. */
function arc([x, y]: Point, falls: number): Point[] {
  return Array.from({ length: FINE + 1 }, (_, i): Point => {
    const angle = (Math.PI / 2) * (i / FINE);
    return [x * Math.cos(angle), y + falls * Math.sin(angle)];
  });
}

/** Rounds of a yoke that grow: each from the outer side of the arms across, as deep as it lies. */
function roundsOf(
  frame: Figure['frame'],
  yoke: readonly Girth[],
  half: number,
  neckY: number,
  under: Point,
): WornShape[] {
  const grown = yoke.filter(({ round }, i) => i > 0 && round > yoke[i - 1]!.round + 0.5).slice(0, 8);
  const last = yoke.at(-1)!.at;
  const whole = shoulderLength(frame);
  return grown.map(({ at }) => {
    const share = Math.min(1, at / last);
    const end = overTop(frame, half + share * (whole - half) * 0.95);
    const middle: Point = [0, neckY + share * (under[1] - neckY)];
    const right = Array.from({ length: FINE + 1 }, (_, i): Point => {
      const angle = (Math.PI / 2) * (i / FINE);
      return [end[0] * Math.cos(angle), end[1] + (middle[1] - end[1]) * Math.sin(angle)];
    });
    return { what: 'line', points: [...right, ...mirrored(right).reverse()], closed: false };
  });
}
