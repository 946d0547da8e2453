/** The front neck of a body worked over the shoulders: from the shoulder down it widens the fronts. */

import type { GarmentCounts } from '../../counts.js';
import { frontNeck, halfNeck } from '../../shared/neck.js';
import type { PanelStyle } from '../../shared/panels/style.js';
import type { Side } from '../../../joins/roles.js';
import { fromSteps, type Schedule } from '../../../shaping/schedule.js';

export interface Neck {
  /** Rows of each front that are shaped at the neck. */
  rows: number;
  /** Stitches of each front below them, and of the chain between them. */
  width: number;
  centre: number;
  /** Stitches that each open front chains at once for a neck without a drop. */
  chained: number;
  /** The shaping, after the back's last row. */
  schedule: (top: number) => Schedule;
  /** Where its rows end, on the front's left or right edge. */
  path: (edge: Side) => number[];
}

/** From the shoulder down a neck widens the front: the steps of one worked upwards, backwards. */
function widening(start: number, widths: readonly number[]): Pick<Neck, 'rows' | 'schedule' | 'path'> {
  return {
    rows: widths.length,
    schedule: (top) => fromSteps(start, top + 1, widths),
    path: (edge) => widths.map((width) => (edge === 'right' ? 1 : -1) * (width - widths[0]!)),
  };
}

/** The neck of a closed front, which its two sides come together below. */
export function closedNeck({ neck: wish }: PanelStyle, counts: GarmentCounts, unit: number): Neck {
  const [shoulder, neck, drop] = [
    counts.of('shoulder.width'),
    counts.of('neck.width'),
    counts.of('neck.drop'),
  ];
  if (drop === 0) return { ...widening(shoulder, []), width: shoulder, centre: neck, chained: 0 };
  const { centre, schedule, slope } = frontNeck(wish, { neck, drop, shoulder, divide: 0, unit });
  const upwards = fromRows(schedule, drop);
  return { ...widening(shoulder, [...upwards].reverse()), width: shoulder + slope, centre, chained: 0 };
}

/** The neck of open fronts. */
export function openNeck({ neck }: PanelStyle, counts: GarmentCounts, unit: number): Neck {
  const [shoulder, width, drop] = [
    counts.of('shoulder.width'),
    counts.of('front.width'),
    counts.of('neck.drop'),
  ];
  const taken = width - shoulder;
  const full = { width, centre: 0, chained: drop === 0 ? taken : 0 };
  // Without a drop the neck is chained at once, in the first row.
  if (drop === 0) return { ...widening(shoulder, [width]), ...full };
  const { inside } = halfNeck(neck, { taken, drop, width, divide: 0, unit });
  // The row in which the neck ends belongs to it.
  return { ...widening(shoulder, inside.map((stitches) => width - stitches).reverse()), ...full };
}

/** Stitches after each of the first rows. */
function fromRows(schedule: Schedule, rows: number): number[] {
  let count = schedule.start;
  const changes = new Map(
    schedule.events.map((row, i) => [row, schedule.direction * (schedule.amounts?.[i] ?? schedule.perEvent)]),
  );
  return Array.from({ length: rows }, (_, i) => (count += changes.get(i + 1) ?? 0));
}
