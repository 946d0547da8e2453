import type { Fabric, Gauge } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';

/** What a label says of a ball; the price in whatever money it is in. */
export interface YarnLabel {
  /** Metres in a ball. */
  metres: number;
  price?: number;
  /** The gauge that the label names, or that a first swatch gave. */
  gauge?: Gauge;
}

/** What a size would take of another yarn. */
export interface AnotherYarn {
  metres: number;
  balls: number;
  cost: number | null;
}

/**
 * How many metres another gauge takes for the same cloth, as a share of the planned ones: a stitch takes yarn in proportion to its size, and a piece
 * of cloth has as many stitches as the gauges say (common practice). 1 where no gauge is given.
 */
export function metresRatio(fabric: Pick<Fabric, 'gauge'>, gauge: Gauge | undefined): number {
  if (!gauge) return 1;
  const density = (of: Gauge) => perCm(of, 'stitches') * perCm(of, 'rows');
  return Math.sqrt(density(gauge) / density(fabric.gauge));
}

/**
 * What a size takes of another yarn in the place of a fabric's own.
 *
 * @param metres what the size takes as planned, what is to spare included
 */
export function anotherYarn(fabric: Pick<Fabric, 'gauge'>, metres: number, label: YarnLabel): AnotherYarn {
  const wanted = Math.ceil(metres * metresRatio(fabric, label.gauge));
  const balls = Math.ceil(wanted / label.metres);
  return { metres: wanted, balls, cost: label.price === undefined ? null : balls * label.price };
}
