import { bodyLevels, type FullBody, type Group, type MeasurementId } from '@upfell/core';

/** A standing body drawn from its own measurements, front view. Coordinates in cm, the crown at y = 0, the middle at x = 0. */

export type Point = readonly [x: number, y: number];

export interface Figure {
  height: number;
  halfWidth: number;
  head: { y: number; rx: number; ry: number };
  /** Right half of the outline from the neck down to the crotch; the left half mirrors it. */
  torso: readonly Point[];
  /** One arm (the figure's left, at the right of the drawing) as a closed outline. */
  arm: readonly Point[];
  /** Where each measurement is taken. */
  places: Record<MeasurementId, Place>;
}

/** A girth is drawn as a flat ring, a length as a line; `behind` is taken on the back. */
export type Place =
  | { kind: 'ring'; at: Point; rx: number; tilt: number }
  | { kind: 'line'; points: readonly Point[]; behind: boolean };

/** Heads in a body's height (common practice of figure drawing). */
const HEADS: Record<Group, number> = { adult: 7.5, child: 6.2, baby: 4.4 };
/** Half the breadth of a girth seen from the front: a body is broader than deep. */
const BREADTH = 0.163;
const ARM_TILT = (15 * Math.PI) / 180;

/** Draws a body. */
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

  const along = (share: number, aside: number): Point => {
    const length = body.shoulderToWrist * share;
    return [
      shoulderX + Math.sin(ARM_TILT) * length + Math.cos(ARM_TILT) * aside,
      shoulderY + Math.cos(ARM_TILT) * length - Math.sin(ARM_TILT) * aside,
    ];
  };
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
    places,
  };
}
