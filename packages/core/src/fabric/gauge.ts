import type { Axis, Fabric, Gauge } from './fabric.js';

/** Stitches or rows for each cm. */
export function perCm(gauge: Gauge, axis: Axis): number {
  return axis === 'stitches' ? gauge.stitches / gauge.stitchesOver : gauge.rows / gauge.rowsOver;
}

/** What a count measures in cm at a gauge given as counts for each cm. */
export function lengthOf(count: number, countsPerCm: number): number {
  return count / countsPerCm;
}

/** What the tape reads while working, in cm: the unblocked gauge where it is known. */
export function lengthOnTheHook(fabric: Fabric, axis: Axis, count: number): number {
  return count / perCm(fabric.unblocked ?? fabric.gauge, axis);
}
