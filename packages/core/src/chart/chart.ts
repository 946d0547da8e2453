import type { Body, Group, MeasurementId } from '../body/measurements.js';

/** Most sizes that one design or chart may have. */
export const MOST_SIZES = 600;

/** One size of a chart. Lengths in cm. */
export interface ChartSize {
  id: string;
  label: string;
  group: Group;
  body: Body;
}

/** A size chart of the library: a range of bodies that designs start from. */
export interface SizeChart {
  format: 'upfell/chart';
  version: 1;
  name: string;
  /** Where the figures come from, in words. */
  source: string;
  sizes: readonly ChartSize[];
}

/** The chart that a design's sizes were taken from, as it was then: the design keeps it whatever becomes of the chart. */
export interface ChartOrigin {
  id: string;
  name: string;
  revision?: number;
  sizes: readonly { id: string; body: Body }[];
}

/** Where a design differs from its chart; null on a side where the figure is missing. */
export interface ChartDifference {
  size: string;
  measurement: MeasurementId;
  chart: number | null;
  design: number | null;
}

/** A design's origin when it takes a chart. */
export function originOf(id: string, chart: SizeChart, revision?: number): ChartOrigin {
  return {
    id,
    name: chart.name,
    ...(revision === undefined ? {} : { revision }),
    sizes: chart.sizes.map(({ id: size, body }) => ({ id: size, body })),
  };
}

/** All figures in which the sizes differ from the chart they came from; sizes of their own do not count. */
export function chartDifferences(
  origin: ChartOrigin,
  sizes: readonly { id: string; body: Body }[],
): ChartDifference[] {
  const chart = new Map(origin.sizes.map(({ id, body }) => [id, body]));
  return sizes.flatMap(({ id, body }) => {
    const from = chart.get(id);
    if (!from) return [];
    const measurements = [...new Set([...Object.keys(from), ...Object.keys(body)])] as MeasurementId[];
    return measurements
      .filter((measurement) => from[measurement] !== body[measurement])
      .map((measurement) => ({
        size: id,
        measurement,
        chart: from[measurement] ?? null,
        design: body[measurement] ?? null,
      }));
  });
}
