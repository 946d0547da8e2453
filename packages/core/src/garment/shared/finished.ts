/** Finished measurements that tell where a garment lies on the body. */

import { finishedPlan, type FinishedPlan, type SizeInput } from '../construction.js';
import type { GarmentCounts } from '../counts.js';

/**
 * How far down the arm the body itself comes, from the end of the shoulder: its span, less the cross-back.
 *
 * @param wanted span of the body that is wanted, cm
 * @param span what it comes to
 */
export function overArm(
  { body: { body } }: Pick<SizeInput<unknown>, 'body'>,
  wanted: number,
  span: (counts: GarmentCounts) => number,
): FinishedPlan {
  const less = (across: number) => (across - body.crossBack) / 2;
  return finishedPlan('sleeveDrop', 'Body down the arm, from the shoulder', less(wanted), (counts) =>
    less(span(counts)),
  );
}

/**
 * Where the neck lands: what is left of the shoulder beside it; below 0 it lies off the shoulder.
 *
 * @param wanted width of the neck that is wanted, cm
 * @param width what it comes to
 */
export function besideNeck(
  { body: { body } }: Pick<SizeInput<unknown>, 'body'>,
  wanted: number,
  width: (counts: GarmentCounts) => number,
): FinishedPlan {
  const left = (across: number) => (body.crossBack - across) / 2;
  return finishedPlan('besideNeck', 'Shoulder left beside the neck', left(wanted), (counts) =>
    left(width(counts)),
  );
}
