/** The sides of a half as they have come out: their stitches, and what they measure. */

import type { Fabric } from '../../../fabric/fabric.js';
import { isInSpaces } from '../../../fabric/fabric.js';
import { sideAfter } from '../../../shaping/motif.js';
import type { GarmentCounts } from '../../counts.js';
import type { HexagonStyle } from './fields.js';
import { growthOf, type First } from './geometry.js';

/** Stitches of the sides after rounds and rows along three of them. */
export interface HalfSides {
  /** Each side after the rounds. */
  round: number;
  front: number;
  back: number;
  hem: number;
  /** The lower edge after the rows along it. */
  lower: number;
  /** Each of both shoulders, all along. */
  shoulder: number;
  sleeve: number;
  /** What rows to and fro lose at an end and gain again by turns. */
  ends: number;
  /** What they measure, in heights of a round. */
  measures: { front: number; hem: number; shoulder: number; sleeve: number };
}

export function sidesOf(fabric: Fabric, style: HexagonStyle, counts: GarmentCounts, first: First): HalfSides {
  const growth = growthOf(fabric);
  const [n, e, f] = [counts.of('hexagon.rounds'), counts.of('hexagon.rows'), counts.of('hexagon.hem')];
  const round = sideAfter(growth, n);
  const ends = isInSpaces(fabric) ? 1 : 0;
  const openRows = style.top.left === 'open';
  const whole = 3 * round + 2 * growth.gain * e - (openRows && e % 2 === 1 ? ends : 0);
  const middle = round + growth.gain * e;
  // The stitch that does not come out even falls to the front: both backs are as long.
  const outer = Math.floor((whole - middle) / 2);
  const grown = { middle, outer, rest: whole - middle - outer };
  const plain = { middle: round, outer: round, rest: round };
  const [body, arm] = first === 'sleeve' ? [grown, plain] : [plain, grown];
  const [b, a] = first === 'sleeve' ? [e, 0] : [0, e];
  return {
    round,
    front: body.rest,
    back: body.outer,
    hem: body.middle,
    lower: body.middle - (f % 2 === 1 ? ends : 0),
    shoulder: arm.outer,
    sleeve: arm.middle,
    ends,
    measures: { front: 2 * n + b, hem: 2 * (n + b), shoulder: 2 * n + a, sleeve: 2 * (n + a) },
  };
}
