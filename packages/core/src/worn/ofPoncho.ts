import { overTop } from './drape.js';
import type { Figure } from './figure.js';
import { heightOf, type WornSize } from './layers.js';
import { pieceOf, steps } from './parts.js';
import { mirrored, type Point } from './points.js';
import { NECK_ROUND, type Worn, type WornShape } from './shapes.js';

/** Two rectangles joined end to side: from the neck over the arms to a point in front and behind. */
export function ofPoncho(size: WornSize, figure: Figure): Worn {
  const { frame } = figure;
  const piece = pieceOf(size, 'back and front')!;
  const necks = piece.edges.filter(({ role }) => role === 'neck');
  const around = necks.reduce((sum, { length }) => sum + length, 0) * piece.copies;
  const hangs = size.girths.arm.at(-1)!.at + heightOf(pieceOf(size, 'hem'), size);
  const half = Math.max(frame.neck[0], around / NECK_ROUND);
  const start = overTop(frame, half);
  const end = overTop(frame, half + hangs);
  const top = [...steps(half, half + hangs), half + hangs].map((x) => overTop(frame, x));
  const view = (isFront: boolean): WornShape[] => {
    const bottomNeck = start[1] + half * (isFront ? 1.1 : 0.7);
    const neck: Point[] = [start, [0, bottomNeck]];
    // The corner of a rectangle lies at the middle: as far from the neck as the width is measured aslant.
    const point: Point = [0, bottomNeck + hangs * Math.SQRT2 * 0.9];
    const right = [...[...neck].reverse(), ...top, point];
    return [
      { what: 'body', points: [...right, ...mirrored(right).reverse()], closed: true },
      { what: 'seam', points: [[0, bottomNeck], isFront ? end : [-end[0], end[1]]], closed: false },
    ];
  };
  const front = view(true);
  return {
    figure,
    front,
    back: view(false),
    grips: { hem: [0, Math.max(...front[0]!.points.map(([, y]) => y))], sleeve: null, neck: null, side: end },
    ends: { hem: Math.max(...front[0]!.points.map(([, y]) => y)) - frame.shoulder[1], sleeve: null },
    overhang: null,
    neckDepth: half * 1.1,
  };
}
