import { tidy } from '../units/length.js';
import { completeBody } from './derive.js';
import { MEASUREMENTS, type Body, type FullBody, type Group, type MeasurementId } from './measurements.js';

/** Two readings of one measurement, cm; the second may be missing. */
export type Readings = readonly [number, number?];

/** A person as measured: readings, and how the arm was held. */
export interface Person {
  id: string;
  name: string;
  group: Group;
  readings: Partial<Record<MeasurementId, Readings>>;
  /** A relaxed upper arm is smaller than the flexed one that a sleeve must pass. */
  arm: 'flexed' | 'relaxed';
}

/** How much a flexed upper arm measures over a relaxed one (common practice: 6 %, about 2 cm on an adult). */
export const FLEXED_MORE = 0.06;
/** Two readings further apart than this are pointed out, cm. */
export const READINGS_APART = 1.5;

/**
 * The body of a measured person: the mean of two readings, and an upper arm measured relaxed brought to what it is flexed.
 */
export function bodyOfPerson({ readings, arm }: Person): Body {
  const body: Body = {};
  for (const { id } of MEASUREMENTS) {
    const found = readings[id];
    if (!found) continue;
    const [first, second] = found;
    const mean = second === undefined ? first : (first + second) / 2;
    body[id] = tidy(id === 'upperArm' && arm === 'relaxed' ? mean * (1 + FLEXED_MORE) : mean);
  }
  return body;
}

/** Measurements whose two readings lie so far apart that a third is worth taking. */
export function doubtfulReadings({ readings }: Person): MeasurementId[] {
  return MEASUREMENTS.map(({ id }) => id).filter((id) => {
    const found = readings[id];
    return found?.[1] !== undefined && Math.abs(found[0] - found[1]) > READINGS_APART;
  });
}

/** The longer of a body's front and back, from the neck point to the waist, and which it is. */
export function longerLength({ frontLength, backLength }: FullBody): { cm: number; which: 'front' | 'back' } {
  return frontLength > backLength ? { cm: frontLength, which: 'front' } : { cm: backLength, which: 'back' };
}

/** One measurement in which a person differs from a size. */
export interface SizeDifference {
  id: MeasurementId;
  person: number;
  size: number;
  /** Person less size, cm. */
  by: number;
  /** Whether it is worth changing the size for. */
  matters: boolean;
}

export interface NearestSize {
  id: string;
  label: string;
  /** Weighted sum of the differences, cm. */
  distance: number;
  differences: readonly SizeDifference[];
}

/**
 * How much a cm of difference counts when a size is sought: what leads the width first, then what cannot be put right by
 * working more or fewer rows (common practice). What is left out does not count.
 */
const WEIGHTS: Partial<Record<MeasurementId, number>> = {
  bust: 1,
  hip: 0.4,
  waist: 0.2,
  crossBack: 0.8,
  upperArm: 0.8,
  armholeDepth: 0.6,
  neck: 0.3,
  shoulderToWrist: 0.15,
  backWaist: 0.15,
};

/** Differences below these are within what a tape and a body vary by, cm: girths, and the rest. */
const GIRTHS: readonly MeasurementId[] = ['bust', 'waist', 'hip', 'shoulders'];
const GIRTH_MATTERS = 3;
const LENGTH_MATTERS = 1.5;

/**
 * Sizes by how near they are to a person, the nearest first; equal ones keep the order of the range.
 *
 * @param person a body as measured; only what was measured counts
 * @param sizes the range
 */
export function nearestSizes(
  person: Body,
  sizes: readonly { id: string; label: string; group: Group; body: Body }[],
): NearestSize[] {
  return sizes
    .flatMap(({ id, label, group, body }): NearestSize[] => {
      const full = completeBody(body, group)?.body;
      if (!full) return [];
      const differences = MEASUREMENTS.flatMap(({ id: measurement }): SizeDifference[] => {
        const taken = person[measurement];
        if (taken === undefined) return [];
        const by = tidy(taken - full[measurement]);
        const least = GIRTHS.includes(measurement) ? GIRTH_MATTERS : LENGTH_MATTERS;
        return [
          { id: measurement, person: taken, size: full[measurement], by, matters: Math.abs(by) >= least },
        ];
      });
      const distance = differences.reduce(
        (sum, { id: of, by }) => sum + (WEIGHTS[of] ?? 0) * Math.abs(by),
        0,
      );
      return [{ id, label, distance: tidy(distance), differences }];
    })
    .sort((a, b) => a.distance - b.distance);
}
