import type { Design } from '../design.js';
import type { Fabric, Gauge } from '../fabric/fabric.js';
import { withMeasuredGauge } from '../fabric/swatch.js';
import type { GaugeReading } from './entries.js';

/**
 * A fabric as the work has it from a place in the log on: until another hook is taken. What is counted in it holds for all rows since it
 * began.
 */
export interface GaugeStretch {
  /** As the design has it, and as it was found. */
  planned: Fabric;
  fabric: Fabric;
  /** Rows that each piece had when it began; none at first. */
  from: ReadonlyMap<string, number>;
  /** Whether its gauge has been counted in the work. */
  isCounted: boolean;
}

/** The fabrics of a design as the work has them: for each its stretches, the latest last. */
export type Gauges = ReadonlyMap<string, readonly GaugeStretch[]>;

export function plannedGauges({ fabrics }: Pick<Design, 'fabrics'>): Gauges {
  return new Map(
    fabrics.map((fabric) => [fabric.id, [{ planned: fabric, fabric, from: new Map(), isCounted: false }]]),
  );
}

/** Gauges after a reading, and after the hook was changed with it. */
export function withReading(
  gauges: Gauges,
  reading: GaugeReading,
  heights: ReadonlyMap<string, number>,
): Gauges {
  const stretches = gauges.get(reading.fabric);
  if (!stretches) return gauges;
  const now = stretches.at(-1)!;
  const { planned } = now;
  const counted: GaugeStretch = {
    ...now,
    fabric: { ...countedFabric(planned, reading), hook: now.fabric.hook },
    isCounted: true,
  };
  const next =
    reading.way === 'change hook'
      ? [
          {
            planned,
            fabric: { ...planned, hook: reading.hook ?? planned.hook },
            from: heights,
            isCounted: false,
          },
        ]
      : [];
  return new Map([...gauges, [reading.fabric, [...stretches.slice(0, -1), counted, ...next]]]);
}

/** A fabric with the gauge that was counted in it: washed and blocked as it is, on the hook in proportion. */
export function countedFabric(planned: Fabric, reading: Gauge & Pick<GaugeReading, 'state'>): Fabric {
  const { stitches, stitchesOver, rows, rowsOver } = reading;
  const gauge = { stitches, stitchesOver, rows, rowsOver };
  if (reading.state === 'on the hook') return withMeasuredGauge(planned, gauge);
  // Counted after washing: what is on the hook goes by the same ratio.
  const { unblocked, ...washed } = planned;
  const found = withMeasuredGauge(washed, gauge);
  if (!unblocked) return { ...found, gauge };
  const ratio = {
    stitches: stitches / stitchesOver / (planned.gauge.stitches / planned.gauge.stitchesOver),
    rows: rows / rowsOver / (planned.gauge.rows / planned.gauge.rowsOver),
  };
  return {
    ...found,
    gauge,
    unblocked: {
      ...unblocked,
      stitches: unblocked.stitches * ratio.stitches,
      rows: unblocked.rows * ratio.rows,
    },
  };
}

/** The fabrics as they are now. */
export function fabricsNow(gauges: Gauges): Fabric[] {
  return [...gauges.values()].map((stretches) => stretches.at(-1)!.fabric);
}

/** A fabric by the rows of a piece: each stretch of it from a row on. */
export function fabricAlong(
  gauges: Gauges,
  fabric: string,
  piece: string,
): { fabric: Fabric; first: number }[] {
  return (gauges.get(fabric) ?? []).map(({ fabric: of, from }) => ({
    fabric: of,
    first: (from.get(piece) ?? 0) + 1,
  }));
}
