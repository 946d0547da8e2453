import type { Girth } from '../garment/construction.js';
import { between, BREADTH, type Frame } from './figure.js';
import { mix, type Point } from './points.js';

/**
 * How cloth lies on a figure, simplified: across the shoulders and along the arm as long as it was worked, below the underarm as broad as its round
 * is seen from the front, straight down, and never narrower than the body that it is stretched over.
 */

/** How much of the air in a sleeve lies on the arm's outer side: cloth hangs from the upper one. */
const OUTSIDE = 0.3;
/** Cloth over the body, so that both lines are seen, cm. */
const OVER = 0.25;

const known = (girths: readonly Girth[]): Point[] => girths.map(({ at, round }): Point => [at, round]);

/** A garment's round at a distance from the shoulder; the nearest known one beyond those. */
export const roundOf = (girths: readonly Girth[], at: number) => between(known(girths), at);

/** The length along the shoulder from the middle to the shoulder point. */
export function shoulderLength({ neck, shoulder }: Frame): number {
  return neck[0] + Math.hypot(shoulder[0] - neck[0], shoulder[1] - neck[1]);
}

/** A point so far from the middle along neck, shoulder and the outer side of the arm. */
export function overTop(frame: Frame, across: number): Point {
  const { neck, shoulder } = frame;
  if (across <= neck[0]) return [across, neck[1]];
  const whole = shoulderLength(frame);
  if (across <= whole) return mix(neck, shoulder, (across - neck[0]) / (whole - neck[0]));
  const down = across - whole;
  return frame.along(down, frame.outerAt(down) + OVER);
}

/** Half as broad as a garment is seen at a distance down from the shoulder point; the body's own where it is stretched. */
export function halfWorn(frame: Frame, girths: readonly Girth[], at: number): number {
  return Math.max(BREADTH * roundOf(girths, at), frame.halfAt(frame.shoulder[1] + at) + OVER);
}

/** The outer and the inner side of a sleeve so far down the arm. */
export function sleeveAt(
  frame: Frame,
  girths: readonly Girth[],
  down: number,
): { outer: Point; inner: Point } {
  const thick = frame.thickAt(down) + OVER;
  const half = Math.max(roundOf(girths, down) / (2 * Math.PI), thick);
  const outside = frame.outerAt(down) + OVER + OUTSIDE * 2 * (half - thick);
  return { outer: frame.along(down, outside), inner: frame.along(down, outside - 2 * half) };
}

/**
 * Where a place on a flat front or back comes to lie: at the shoulder along that, at the underarm where the side is, between them in proportion.
 *
 * @param spot from the middle, and down from the shoulder seam, cm
 * @param underarm how far down the underarm lies, and half the flat width there
 */
export function laid(
  frame: Frame,
  girths: readonly Girth[],
  [x, y]: Point,
  underarm: { depth: number; half: number },
): Point {
  const share = Math.min(1, y / underarm.depth);
  const narrowed = (x / underarm.half) * halfWorn(frame, girths, underarm.depth);
  return mix(overTop(frame, x), [narrowed, frame.shoulder[1] + underarm.depth], share);
}
