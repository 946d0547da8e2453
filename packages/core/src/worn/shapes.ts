import type { Figure } from './figure.js';
import type { Point } from './points.js';

/** A part of what is drawn: cloth, or a line on it. Closed shapes are filled. */
export interface WornShape {
  what:
    | 'body'
    | 'sleeve'
    | 'rib'
    | 'hood'
    | 'strap'
    /** Air between body and garment. */
    | 'air'
    /** Lines: seams and edges, lines of a yoke. */
    | 'seam'
    | 'edge'
    | 'line';
  points: readonly Point[];
  closed: boolean;
}

/** Places that can be dragged, of the half at the right. */
export interface Grips {
  hem: Point;
  sleeve: Point | null;
  neck: Point | null;
  side: Point;
}

/** A garment on its figure, seen from the front and from behind, cm from the crown down and from the middle outwards. */
export interface Worn {
  figure: Figure;
  front: readonly WornShape[];
  back: readonly WornShape[];
  grips: Grips;
  /** Where it ends: down from the shoulder point, and down the arm from there; null without a sleeve. */
  ends: { hem: number; sleeve: number | null };
  /** How far the shoulder seam reaches beyond the shoulder point (below 0: it ends before); null where there is none. */
  overhang: number | null;
  /** How deep the neck lies at the middle of the front below the neck point. */
  neckDepth: number | null;
}

/** The circumference of an ellipse a third deeper than flat, for half its width of 1: necks are rounds of this shape. */
export const NECK_ROUND = 5.65;
