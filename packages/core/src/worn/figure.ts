import { bodyLevels } from '../body/levels.js';
import type { FullBody, Group, MeasurementId } from '../body/measurements.js';
import type { Point } from './points.js';

/** A standing body drawn from its own measurements, front view. Coordinates in cm, the crown at y = 0, the middle at x = 0. */

export interface Figure {
  height: number;
  halfWidth: number;
  head: { y: number; rx: number; ry: number };
  /** Right half of the outline from the neck down to the crotch; the left half mirrors it. */
  torso: readonly Point[];
  /** One arm (the figure's left, at the right of the drawing) as a closed outline. */
  arm: readonly Point[];
  frame: Frame;
  /** Where each measurement is taken. */
  places: Record<MeasurementId, Place>;
}

/** The lines that cloth is laid along. */
export interface Frame {
  /** Where neck and shoulder meet, and the shoulder point, of the half at the right. */
  neck: Point;
  shoulder: Point;
  /** Levels of the body below, by name. */
  levels: Readonly<Record<'bust' | 'waist' | 'hip', number>>;
  /** Half as broad as the body is at a level, from the underarm to the knee. */
  halfAt: (y: number) => number;
  /** A point so far along the arm from the shoulder point, and so far outwards from the arm's line; the outer side of the arm and half of its thickness there. */
  along: (down: number, aside: number) => Point;
  outerAt: (down: number) => number;
  thickAt: (down: number) => number;
  /** From the shoulder point to the wrist. */
  reach: number;
}

/** A girth is drawn as a flat ring, a length as a line; `behind` is taken on the back. */
export type Place =
  | { kind: 'ring'; at: Point; rx: number; tilt: number }
  | { kind: 'line'; points: readonly Point[]; behind: boolean };

/** Heads in a body's height (common practice of figure drawing). */
const HEADS: Record<Group, number> = { adult: 7.5, child: 6.2, baby: 4.4 };
/** Half the breadth of a girth seen from the front: a body is broader than deep. */
export const BREADTH = 0.163;
const ARM_TILT = (15 * Math.PI) / 180;

/** The value at a place on the straight line between known ones; beyond them that of the nearest. */
export function between(known: readonly Point[], at: number): number {
  const after = known.findIndex(([x]) => x >= at);
  if (after <= 0) return known.at(after)![1];
  const [[x0, y0], [x1, y1]] = [known[after - 1]!, known[after]!];
  return y0 + ((at - x0) / (x1 - x0)) * (y1 - y0);
}

/** Draws a body: heights and breadths to scale, everything in cm. */
export function figureOf(body: FullBody, group: Group): Figure {
  const { height } = body;
  const head = height / HEADS[group];
  const shoulderY = head + height * 0.055;
  const napeY = head + height * 0.02;
  const level = Object.fromEntries(bodyLevels(body).map(({ id, at }) => [id, at]));
  const [bustAt, waistAt, hipAt] = [level['bust']!, level['waist']!, level['hip']!];
  const underarmY = shoulderY + bustAt;
  const waistY = shoulderY + waistAt;
  const hipY = Math.min(shoulderY + hipAt, height * 0.62);
  const half = { bust: body.bust * BREADTH, waist: body.waist * BREADTH, hip: body.hip * BREADTH };
  const neckHalf = body.neck / (2 * Math.PI);
  const shoulderX = Math.max(body.crossBack / 2, neckHalf + 2);
  const crotchY = hipY + height * 0.035;
  const ankleY = height * 0.965;
  const torso: Point[] = [
    [neckHalf * 0.92, head * 0.96],
    [neckHalf, napeY + 1],
    [shoulderX, shoulderY],
    [Math.max(half.bust, shoulderX * 0.82), underarmY],
    [half.waist, waistY],
    [half.hip, hipY],
    [half.hip * 0.94, crotchY + (ankleY - crotchY) * 0.12],
    [half.hip * 0.68, crotchY + (ankleY - crotchY) * 0.5],
    [half.hip * 0.5, ankleY],
    [half.hip * 0.24, ankleY],
    [half.hip * 0.12, crotchY + (ankleY - crotchY) * 0.45],
    [0.3, crotchY],
  ];

  const alongArm = (length: number, aside: number): Point => [
    shoulderX + Math.sin(ARM_TILT) * length + Math.cos(ARM_TILT) * aside,
    shoulderY + Math.cos(ARM_TILT) * length - Math.sin(ARM_TILT) * aside,
  ];
  const along = (share: number, aside: number) => alongArm(body.shoulderToWrist * share, aside);
  const upper = body.upperArm / (2 * Math.PI);
  const wrist = body.wrist / (2 * Math.PI);
  /** Out to the fingers, with room for the line of the height. */
  const halfWidth = along(1.2, wrist)[0] + 4;
  const arm: Point[] = [
    along(0, 0),
    along(0.12, upper * 0.55),
    along(0.3, upper * 0.75),
    along(0.55, upper * 0.6),
    along(1, wrist),
    along(1.2, wrist * 0.9),
    along(1.2, -wrist * 0.9),
    along(1, -wrist),
    along(0.55, -upper * 0.75),
    along(0.32, -upper * 1.25),
  ];

  const ring = (at: Point, rx: number, tilt = 0): Place => ({ kind: 'ring', at, rx, tilt });
  const line = (points: readonly Point[], behind = false): Place => ({ kind: 'line', points, behind });
  const neckPoint: Point = [neckHalf, napeY + 1.5];
  const places: Figure['places'] = {
    bust: ring([0, underarmY + height * 0.008], half.bust + 0.6),
    waist: ring([0, waistY], half.waist + 0.6),
    hip: ring([0, hipY], half.hip + 0.6),
    shoulders: ring([0, shoulderY + bustAt * 0.45], shoulderX + upper * 0.9),
    crossBack: line(
      [
        [-shoulderX, shoulderY],
        [shoulderX, shoulderY],
      ],
      true,
    ),
    neck: ring([0, napeY + 0.5], neckHalf + 0.5),
    head: ring([0, head * 0.38], body.head / (2 * Math.PI) + 0.4),
    upperArm: ring(along(0.3, -upper * 0.25), upper * 1.05, ARM_TILT),
    wrist: ring(along(1, 0), wrist + 0.6, ARM_TILT),
    shoulderToWrist: line([along(0, 0.8), along(0.5, upper * 0.9), along(1, wrist + 0.8)]),
    underarmToWrist: line([
      [Math.max(half.bust, shoulderX * 0.82) + 0.5, underarmY],
      along(0.6, -upper * 0.9),
      along(1, -wrist - 0.6),
    ]),
    armholeDepth: line([
      [shoulderX, shoulderY],
      [shoulderX, underarmY],
    ]),
    backWaist: line(
      [
        [0, napeY],
        [0, waistY],
      ],
      true,
    ),
    backLength: line([neckPoint, [neckPoint[0], waistY]], true),
    frontLength: line([neckPoint, [half.bust * 0.5, underarmY + height * 0.01], [half.bust * 0.45, waistY]]),
    height: line([
      [-halfWidth + 2, 0],
      [-halfWidth + 2, height],
    ]),
    wingspan: line(
      [[-along(1, 0)[0], along(1, 0)[1]], [-shoulderX, shoulderY], [shoulderX, shoulderY], along(1, 0)],
      true,
    ),
  };
  return {
    height,
    halfWidth,
    head: { y: head * 0.5, rx: body.head / 7.2, ry: head * 0.5 },
    torso,
    arm,
    frame: {
      neck: [neckHalf, napeY + 1],
      shoulder: [shoulderX, shoulderY],
      levels: { bust: underarmY, waist: waistY, hip: hipY },
      halfAt: (y) =>
        between(
          [
            [underarmY, half.bust],
            [waistY, half.waist],
            [hipY, half.hip],
            [crotchY + (ankleY - crotchY) * 0.5, half.hip * 0.7],
          ],
          y,
        ),
      along: alongArm,
      outerAt: (down) =>
        between(
          [
            [0, 0],
            [0.12, upper * 0.55],
            [0.3, upper * 0.75],
            [0.55, upper * 0.6],
            [1, wrist],
          ],
          down / body.shoulderToWrist,
        ),
      thickAt: (down) =>
        between(
          [
            [0.3, upper],
            [1, wrist],
          ],
          down / body.shoulderToWrist,
        ),
      reach: body.shoulderToWrist,
    },
    places,
  };
}
