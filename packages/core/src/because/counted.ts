import type { OwnUnit } from '../fabric/units.js';
import type { Gauge } from '../fabric/fabric.js';
import type { Counts } from '../fit/counts.js';
import type { HelperCount, Quantity, Relation } from '../fit/problem.js';
import type { Reason } from './reason.js';

/** A count that can be explained. */
export interface Explained extends Quantity {
  label: string;
  axis: 'stitches' | 'rows';
  fabric: { id: string; name: string; gauge: Gauge };
  unit?: OwnUnit;
  because: readonly Reason[];
}

/** Everything that was counted in a size. */
export interface Counted {
  quantities: readonly Explained[];
  helpers: readonly HelperCount[];
  relations: readonly Relation[];
  counts: Counts;
  neighbours: Neighbours;
}

/** The sizes beside this one in a graded range, where they have counts. */
export interface Neighbours {
  smaller?: { size: string; counts: Counts };
  larger?: { size: string; counts: Counts };
}
