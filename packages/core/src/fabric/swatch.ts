import { legalAtLeast } from './counts.js';
import { foundationExtra, type Fabric, type Gauge } from './fabric.js';
import { perCm } from './gauge.js';

/** How loose the fabric is meant to be. */
export const DRAPES = ['firm', 'usual', 'open'] as const;
export type Drape = (typeof DRAPES)[number];

/** Side of a swatch that is worth counting, cm: its edges are not counted, and 10 cm must be left. */
export const SWATCH_SIDE = 15;
/** Ribs are worked on a hook smaller by so much, mm (common practice: 0.75 to 1). */
export const RIB_HOOK_LESS = 0.75;
const MILLIMETRE_STEPS = [
  2, 2.25, 2.5, 2.75, 3, 3.25, 3.5, 3.75, 4, 4.5, 5, 5.5, 6, 6.5, 7, 8, 9, 10, 12, 15, 20,
];

/** The nearest hook that is made, mm. */
export function nearestHook(mm: number): number {
  return MILLIMETRE_STEPS.reduce((best, size) => (Math.abs(size - mm) < Math.abs(best - mm) ? size : best));
}

/** The next larger (1) or smaller (-1) hook that is made, mm. */
export function nextHook(mm: number, way: 1 | -1): number {
  const at = MILLIMETRE_STEPS.indexOf(nearestHook(mm)) + way;
  return MILLIMETRE_STEPS[Math.max(0, Math.min(MILLIMETRE_STEPS.length - 1, at))]!;
}

/**
 * Hooks to try for a yarn, mm: the label's; for open or fluffy fabrics up to twice as thick; for firm ones one size less
 * (common practice).
 */
export function hooksToTry(label: number, drape: Drape): { from: number; to: number } {
  if (drape === 'open') return { from: nearestHook(label * 1.25), to: nearestHook(label * 2) };
  if (drape === 'firm') return { from: nearestHook(label * 0.85), to: nearestHook(label) };
  return { from: nearestHook(label), to: nearestHook(label * 1.2) };
}

/** What to begin a swatch with. */
export interface SwatchStart {
  stitches: number;
  chains: number;
  rows: number;
}

/** Stitches that the pattern allows for a swatch of 15 cm or a little more, the chains for them, and the rows. */
export function swatchStart(fabric: Fabric): SwatchStart {
  const stitches = legalAtLeast(SWATCH_SIDE * perCm(fabric.gauge, 'stitches'), fabric.rule.flat);
  return {
    stitches,
    chains: stitches + foundationExtra(fabric),
    rows: legalAtLeast(SWATCH_SIDE * perCm(fabric.gauge, 'rows'), fabric.rule.rows),
  };
}

/** One finished length under the planned gauge and under what was measured in the work. */
export interface GaugeEffect {
  id: string;
  label: string;
  count: number;
  planned: number;
  now: number;
}

/** Difference in gauge that a swatch cannot tell from none: half a stitch in 10 cm, and 2 % (common practice). */
export const GAUGE_TOLERANCE = 0.02;

/**
 * What a gauge measured in the work in progress does to finished lengths. The work is measured on the hook, so it is
 * compared with the unblocked gauge where one is known, and the blocked gauge changes in the same proportion.
 *
 * @param fabric the fabric as planned
 * @param measured counts over lengths of the piece in hand, before washing
 * @param lengths the counts of one size that are worked in this fabric
 */
export function gaugeEffects(
  fabric: Fabric,
  measured: Gauge,
  lengths: readonly { id: string; label: string; axis: 'stitches' | 'rows'; count: number; actual: number }[],
): { ratio: Record<'stitches' | 'rows', number>; fine: boolean; effects: GaugeEffect[] } {
  const onTheHook = fabric.unblocked ?? fabric.gauge;
  const ratioOf = (axis: 'stitches' | 'rows') => perCm(onTheHook, axis) / perCm(measured, axis);
  const ratio = { stitches: ratioOf('stitches'), rows: ratioOf('rows') };
  return {
    ratio,
    fine: Math.max(Math.abs(ratio.stitches - 1), Math.abs(ratio.rows - 1)) <= GAUGE_TOLERANCE,
    effects: lengths.map(({ id, label, axis, count, actual }) => ({
      id,
      label,
      count,
      planned: actual,
      now: actual * ratio[axis],
    })),
  };
}

/** The fabric with the gauge found in the work: blocked and unblocked change in the same proportion. */
export function withMeasuredGauge(fabric: Fabric, measured: Gauge): Fabric {
  const { stitches, rows } = gaugeEffects(fabric, measured, []).ratio;
  const changed = (gauge: Gauge): Gauge => ({
    ...gauge,
    stitches: Math.round((gauge.stitches / stitches) * 1000) / 1000,
    rows: Math.round((gauge.rows / rows) * 1000) / 1000,
  });
  const { readings: _, unblockedReadings: __, estimated: ___, ...rest } = fabric;
  return {
    ...rest,
    gauge: changed(fabric.gauge),
    ...(fabric.unblocked ? { unblocked: changed(fabric.unblocked) } : {}),
  };
}
