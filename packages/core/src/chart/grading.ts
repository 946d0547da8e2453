import { MEASUREMENTS, type Body, type MeasurementId } from '../body/measurements.js';
import { tidy } from '../units/length.js';

/** What is odd about a step from one size to the next. */
export type StepOddity = 'falls' | 'jumps' | 'stalls';

/** One step of a measurement between neighbouring sizes. */
export interface GradeStep {
  from: string;
  to: string;
  /** Larger less smaller, cm. */
  by: number;
  oddity: StepOddity | null;
}

export interface Grading {
  id: MeasurementId;
  /** The middle one of the steps, cm. */
  usual: number;
  steps: readonly GradeStep[];
}

/** A step jumps when it is more than so many times the usual one, and more than a tape's slip. */
const JUMP = 2;
const SLIP = 1;

function middle(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const at = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? sorted[at]! : (sorted[at - 1]! + sorted[at]!) / 2;
}

/**
 * The steps of every measurement over a range, with those marked that fall, jump (more than twice the usual step), or
 * stall (nothing, where the sizes on both sides grow). Only neighbours that both have the measurement make a step.
 */
export function gradingOf(sizes: readonly { id: string; body: Body }[]): Grading[] {
  return MEASUREMENTS.flatMap(({ id }): Grading[] => {
    const steps: Omit<GradeStep, 'oddity'>[] = [];
    for (let i = 1; i < sizes.length; i += 1) {
      const [small, large] = [sizes[i - 1]!, sizes[i]!];
      const [a, b] = [small.body[id], large.body[id]];
      if (a !== undefined && b !== undefined) steps.push({ from: small.id, to: large.id, by: tidy(b - a) });
    }
    if (steps.length === 0) return [];
    const usual = middle(steps.map(({ by }) => by));
    return [{ id, usual, steps: steps.map((step, i) => ({ ...step, oddity: oddityOf(steps, i, usual) })) }];
  });
}

function oddityOf(steps: readonly { by: number }[], i: number, usual: number): StepOddity | null {
  const { by } = steps[i]!;
  if (by < 0) return 'falls';
  if (by > Math.max(usual, 0) * JUMP && by - usual > SLIP) return 'jumps';
  const [before, after] = [steps[i - 1]?.by ?? 0, steps[i + 1]?.by ?? 0];
  return by === 0 && before > 0 && after > 0 && usual > SLIP ? 'stalls' : null;
}

/**
 * A measurement of a chart at a given bust, on the straight line between the chart's sizes; null outside the chart or where
 * it is missing. For laying the shape of one range over another.
 */
export function chartAt(sizes: readonly { body: Body }[], id: MeasurementId, bust: number): number | null {
  const points = sizes
    .flatMap(({ body }) =>
      body.bust !== undefined && body[id] !== undefined ? [[body.bust, body[id]] as const] : [],
    )
    .sort(([a], [b]) => a - b);
  const after = points.findIndex(([at]) => at >= bust);
  if (after < 0) return null;
  const [x1, y1] = points[after]!;
  if (x1 === bust) return y1;
  if (after === 0) return null;
  const [x0, y0] = points[after - 1]!;
  return y0 + ((bust - x0) / (x1 - x0)) * (y1 - y0);
}
