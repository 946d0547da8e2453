/** How far a sleeve goes down the arm, and how wide the arm is there. */

import type { Reason } from '../../because/reason.js';
import type { FullBody } from '../../body/measurements.js';
import { cm, figure, say } from '../../text/phrase.js';
import type { SizeInput } from '../construction.js';
import type { StyleOf } from '../../fields/kinds.js';
import { forSize } from '../../fields/perSize.js';
import type { REACH, SHORTER } from './fields.js';
import { plus } from './quantity.js';

export type SleeveLength = StyleOf<typeof REACH>['length'];

/** Share of the arm, shoulder to wrist, that a sleeve of each length covers (common practice). */
const COVERS: Readonly<Record<SleeveLength, number>> = {
  full: 1,
  'three-quarter': 0.75,
  elbow: 0.55,
  short: 0.32,
};
const NAMES: Readonly<Record<SleeveLength, string>> = {
  full: '',
  'three-quarter': 'Three-quarter sleeve',
  elbow: 'Sleeve to the elbow',
  short: 'Short sleeve',
};

export type SleeveReach = StyleOf<typeof REACH & typeof SHORTER>;

type Input = Pick<SizeInput<unknown>, 'size' | 'body'>;

/**
 * What is left of a length down the arm when the sleeve ends above the wrist.
 *
 * @param whole the length to the wrist, cm
 */
export function downTo(
  { size, body }: Input,
  { length, shorter: wish }: SleeveReach,
  whole: number,
): { length: number; reasons: Reason[] } {
  const { shoulderToWrist } = body.body;
  const bare = (1 - COVERS[length]) * shoulderToWrist;
  const shorter = forSize(wish, size.id);
  return {
    length: whole - bare - shorter,
    reasons: [
      ...(bare > 0
        ? [
            {
              ...plus(NAMES[length], -bare, whole - bare, { kind: 'style', id: 'garment.sleeve.length' }),
              note: say`leaves ${figure(100 * (1 - COVERS[length]), 0)} % of the arm's ${cm(shoulderToWrist)} bare`,
            },
          ]
        : []),
      ...(shorter > 0
        ? [
            plus('Shorter by', -shorter, whole - bare - shorter, {
              kind: 'style',
              id: 'garment.sleeve.shorter',
            }),
          ]
        : []),
    ],
  };
}

/**
 * The arm's round where a sleeve of such a length ends: the wrist of a full one, else between upper arm and wrist as the arm
 * narrows from the armpit on.
 */
export function armRound(body: FullBody, length: SleeveLength): number {
  if (length === 'full') return body.wrist;
  const { shoulderToWrist, underarmToWrist, upperArm, wrist } = body;
  const below = COVERS[length] * shoulderToWrist - (shoulderToWrist - underarmToWrist);
  const share = Math.min(1, Math.max(0, below / underarmToWrist));
  return upperArm + (wrist - upperArm) * share;
}
