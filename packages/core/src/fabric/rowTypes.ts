import { perCm } from './gauge.js';
import type { Fabric } from './fabric.js';

/**
 * Height of `count` rows in cm where the rows of a repeat differ: whole repeats by the gauge, the rest by the kinds of its
 * rows. The heights are shares of the repeat: their sum is brought to what the gauge says of a whole repeat.
 */
export function heightOfRows(fabric: Fabric, count: number): number {
  const rowsPerCm = perCm(fabric.gauge, 'rows');
  const types = fabric.rowTypes ?? [];
  if (types.length === 0) return count / rowsPerCm;
  const repeat = types.reduce((sum, { height }) => sum + height, 0);
  const scale = types.length / rowsPerCm / repeat;
  const rest = types.slice(0, count % types.length).reduce((sum, { height }) => sum + height, 0);
  return Math.floor(count / types.length) * repeat * scale + rest * scale;
}

/** The kind of row that a piece of `count` rows ends on; null where all rows are alike. */
export function rowTypeAt(fabric: Fabric, count: number): string | null {
  const types = fabric.rowTypes ?? [];
  return types.length === 0 || count < 1 ? null : types[(count - 1) % types.length]!.name;
}
