import { shapingUnit, type Fabric } from '../../../fabric/fabric.js';
import type { Side } from '../../../joins/roles.js';
import type { GarmentCounts } from '../../counts.js';
import { isOpen } from '../../shared/front.js';
import { longerRows } from '../../shared/panels/lowerEdge.js';
import type { PanelStyle } from '../../shared/panels/style.js';
import { closedNeck, openNeck, type Neck } from './neck.js';

/** Numbers of the rows at which things happen, from the hem of the back, and what the fronts are like. */
export interface Course {
  open: boolean;
  /** The underarm of the back. */
  side: number;
  /** Last row of the back, at the shoulders; of the fronts at the underarm; and at their hem. */
  top: number;
  underarm: number;
  end: number;
  /** Last row of the fronts by themselves. */
  apart: number;
  /** The front that is worked first: on the side where the yarn hangs after the back's last row. */
  first: Side;
  shape: Neck;
}

/** How a body of these counts goes over the shoulders. */
export function courseOf(style: PanelStyle, fabric: Fabric, counts: GarmentCounts): Course {
  const longer = longerRows(counts);
  const longerFront = counts.find('front.longer') ?? 0;
  const side = longer + counts.of('side.rows');
  const top = side + counts.of('armhole.rows');
  // Rows that the fronts have more lie in the fold at the shoulder, so that the sides begin level at the hem.
  const underarm = top + counts.of('armhole.rows') + longerFront;
  const end = underarm + counts.of('side.rows');
  const open = isOpen(style);
  return {
    open,
    side,
    top,
    underarm,
    end,
    apart: open ? end : top + counts.of('neck.drop'),
    first: top % 2 === 1 ? 'left' : 'right',
    shape: (open ? openNeck : closedNeck)(style, counts, shapingUnit(fabric)),
  };
}

/** The part of one front from its shoulder on. */
export function partOf({ first }: Pick<Course, 'first'>, at: Side): string {
  return at === first ? 'first-front' : 'second-front';
}
