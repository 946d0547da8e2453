import type { Design } from './design.js';
import { fitDesign, type FittedDesign, type PlanMemory } from './fitDesign.js';
import type { SizePlan } from './sizePlan.js';

export interface Plan {
  design: string;
  construction: string;
  sizes: readonly SizePlan[];
}

/**
 * The whole computation: a design in, every count, row, join and note of every size out. Pure: the same design gives the
 * same plan.
 *
 * @param design a design that readDesign has accepted
 * @param memory sizes planned before; filled with the sizes of this plan
 * @throws DesignUnfit for a construction or style that cannot be read
 */
export function plan(design: Design, memory?: PlanMemory): Plan {
  return wholePlan(fitDesign(design, memory));
}

/** The plan of a design whose counts are found: all of its sizes worked. */
export function wholePlan({ sizes, ...head }: FittedDesign): Plan {
  return { ...head, sizes: sizes.map((size) => size.plan()) };
}
