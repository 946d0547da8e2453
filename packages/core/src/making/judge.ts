import type { Axis, Gauge } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import { GAUGE_TOLERANCE, nextHook } from '../fabric/swatch.js';
import type { GaugeReading, GaugeState } from './entries.js';
import { countedFabric } from './gauges.js';
import { preview, type Preview } from './preview.js';
import type { Standing, WorkDone } from './wish.js';

/** How a gauge counted in the work compares with the planned one along an axis. */
export interface AxisJudgement {
  /** Stitches or rows in 10 cm, washed. */
  planned: number;
  found: number;
  /** Tight: more of them than planned, so that all comes out smaller. */
  is: 'as planned' | 'tight' | 'loose';
}

/** What a counted gauge means, and the three things that can be done about it. */
export interface GaugeJudgement {
  stitches: AxisJudgement;
  rows: AxisJudgement;
  /** The hook to try next, mm; null where the gauge is as planned. */
  hook: number | null;
  goOn: Preview;
  changeHook: Preview | null;
  replan: Preview;
}

/** Half a stitch in 10 cm cannot be told from none (craft: with 2 %, common practice). */
const HALF = 0.5;

/**
 * Judges a gauge that was counted in the work: off is what differs by more than half a stitch in 10 cm and by more than 2 %.
 *
 * @param counted counts over lengths, cm, as they lie washed or as they hang on the hook
 * @throws RangeError for a fabric that the design does not have
 */
export function judgeGauge(
  now: Standing,
  fabric: string,
  counted: Gauge & { state: GaugeState },
  done: WorkDone,
): GaugeJudgement {
  const stretch = now.gauges.get(fabric)?.at(-1);
  if (!stretch) throw new RangeError(`There is no fabric “${fabric}”.`);
  const { planned } = stretch;
  const found = countedFabric(planned, counted);
  const stitches = judged(planned.gauge, found.gauge, 'stitches');
  const rows = judged(planned.gauge, found.gauge, 'rows');
  const off = stitches.is === 'as planned' ? rows.is : stitches.is;
  const hook = off === 'as planned' ? null : nextHook(stretch.fabric.hook, off === 'tight' ? 1 : -1);
  const reading: GaugeReading = { kind: 'gauge', fabric, ...counted };
  return {
    stitches,
    rows,
    hook,
    goOn: preview(now, { ...reading, way: 'go on' }, done),
    changeHook: hook === null ? null : preview(now, { ...reading, way: 'change hook', hook }, done),
    replan: preview(now, { ...reading, way: 're-plan' }, done),
  };
}

function judged(planned: Gauge, found: Gauge, axis: Axis): AxisJudgement {
  const [was, is] = [10 * perCm(planned, axis), 10 * perCm(found, axis)];
  const off = is - was;
  const same = Math.abs(off) <= HALF || Math.abs(off) / was <= GAUGE_TOLERANCE;
  return { planned: was, found: is, is: same ? 'as planned' : off > 0 ? 'tight' : 'loose' };
}
