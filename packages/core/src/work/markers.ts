import { makesOf, takesOf } from './steps.js';
import type { Row } from './rows.js';
import type { RowRun } from './runs.js';

/**
 * Follows markers that hang between stitches up through the rows above, as a maker moves them up: a marker stays between
 * the stitches made in its two neighbours. It knows nothing of the plan.
 *
 * @param rows the rows of one part in working order, each worked over all stitches of the one before
 * @param at the markers' places in the first of these rows: so many stitches lie to the left of each
 * @returns their places in the last row; NaN for a marker whose neighbours were worked together
 */
export function followMarkers(rows: readonly Row[], at: readonly number[]): number[] {
  const places = [...at];
  for (let i = 1; i < rows.length; i += 1) {
    const row = rows[i]!;
    if (row.steps.length === 1 && row.steps[0]!.do === 'work') continue;
    for (let one = 0; one < places.length; one += 1) places[one] = above(row, places[one]!);
  }
  return places;
}

/** The rows of one part from `first` to `last` that may move a marker: of a run the first row, the rest is worked even. */
export function rowsBetween(runs: readonly RowRun[], part: string, first: number, last: number): Row[] {
  const rows: Row[] = [];
  for (const { row, times } of runs)
    if (row.part === part && row.n <= last && row.n + times > first) rows.push(row);
  return rows;
}

/** Where a marker lies in a row, from its place in the row below. */
function above({ steps }: Row, place: number): number {
  if (Number.isNaN(place)) return NaN;
  let consumed = 0;
  let made = 0;
  let seam = -1;
  for (const step of steps) {
    const takes = takesOf(step);
    const makes = makesOf(step);
    if (takes === 0) {
      // Chains at the left edge lie to the left of a marker there.
      made += makes * step.times;
      continue;
    }
    const last = consumed + takes * step.times;
    if (step.do === 'increase' && step.line !== undefined) {
      // In a line the markers lie on both sides of the stitch that goes on as the line.
      if (place === consumed) return made + step.line;
      if (place === last) return made + step.line + 1;
    }
    if (place === consumed) seam = made;
    if (place > consumed && place < last) {
      const inside = place - consumed;
      return inside % takes === 0 ? made + (inside / takes) * makes : NaN;
    }
    consumed = last;
    made += makes * step.times;
    // A line's step that follows has the last word.
    if (place < consumed) return seam;
  }
  return place === consumed ? made : seam;
}
