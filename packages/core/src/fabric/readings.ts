import { perCm } from './gauge.js';
import type { Axis, Gauge } from './fabric.js';

/** Several readings of one swatch (or of several) along one axis, in counts for each cm. */
export interface Spread {
  mean: number;
  low: number;
  high: number;
}

/** Mean and spread of the readings along an axis. The list has at least one. */
export function spreadOf(readings: readonly Gauge[], axis: Axis): Spread {
  const values = readings.map((reading) => perCm(reading, axis));
  return {
    mean: values.reduce((sum, value) => sum + value, 0) / values.length,
    low: Math.min(...values),
    high: Math.max(...values),
  };
}

/**
 * What the spread means for a piece: how much shorter and longer it may come out than planned by the mean, cm.
 *
 * @param length planned length, cm
 */
export function spreadOver({ mean, low, high }: Spread, length: number): { under: number; over: number } {
  return { under: length - (length * mean) / high, over: (length * mean) / low - length };
}

/** One gauge for several readings: the mean of each axis over 10 cm; a single reading is itself the gauge. */
export function meanGauge(readings: readonly Gauge[]): Gauge {
  if (readings.length === 1) return readings[0]!;
  const over = 10;
  const mean = (axis: Axis) => Math.round(spreadOf(readings, axis).mean * over * 1000) / 1000;
  return { stitches: mean('stitches'), stitchesOver: over, rows: mean('rows'), rowsOver: over };
}
