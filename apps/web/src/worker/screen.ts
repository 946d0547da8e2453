import { outlines, type Outline, type Plan, type PlannedQuantity, type SizePlan } from '@upfell/core';

/**
 * One size for the screen. Rows are replaced by outlines in cm, which are all that drawings need, and reasons stay here until one
 * is asked for: copying them to the page would take longer than making them.
 */
export interface ScreenSize extends Omit<SizePlan, 'quantities'> {
  quantities: readonly ScreenQuantity[];
  outlines: Record<string, Outline[]>;
}
/** A count without its reasons. */
export type ScreenQuantity = Omit<PlannedQuantity, 'because'>;

export interface ScreenPlan extends Omit<Plan, 'sizes'> {
  sizes: readonly ScreenSize[];
}

/** Leaves out of a planned size what the page does not draw. */
export function forScreen(size: SizePlan): ScreenSize {
  return {
    ...size,
    outlines: Object.fromEntries(size.pieces.map(({ id, rows, sections }) => [id, outlines(rows, sections)])),
    pieces: size.pieces.map((piece) => ({ ...piece, rows: [] })),
    quantities: size.quantities.map(({ because: _, ...quantity }) => quantity),
  };
}
