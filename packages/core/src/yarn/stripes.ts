import type { Colours, Stripe } from '../finishing/finishing.js';
import type { Join, WorkedEdge } from '../joins/audit.js';

/**
 * The colour of a row of stripes that repeat.
 *
 * @param row number of the row, from 1; rows before the first count back through the repeat
 */
export function colourOfRow(stripes: readonly Stripe[], row: number): string {
  const repeat = stripes.reduce((sum, { rows }) => sum + rows, 0);
  let left = (((row - 1) % repeat) + repeat) % repeat;
  for (const { colour, rows } of stripes) {
    if (left < rows) return colour;
    left -= rows;
  }
  return stripes.at(-1)!.colour;
}

/**
 * By how many rows the stripes of a piece are moved on, so that they meet those of the back at the side seam: the row of the back
 * that its first side row meets, less that row's own number. A body that goes on from a yoke goes on with its stripes.
 */
export function stripeOffset(
  piece: string,
  joins: readonly Pick<Join, 'kind' | 'a' | 'b' | 'role'>[],
  edges: ReadonlyMap<string, WorkedEdge>,
  rowsOf: (piece: string) => number,
): number {
  const side = joins.find(
    ({ role, kind, b }) => role === 'side' && kind === 'row-to-row' && b[0]?.piece === piece,
  );
  if (side) {
    const first = (edge: string) => {
      const place = edges.get(edge)?.place;
      return place?.lies === 'row ends' ? place.spans[0]!.first : 1;
    };
    return first(side.a[0]!.edge) - first(side.b[0]!.edge);
  }
  const live = joins.find(({ kind, b }) => kind === 'live' && b[0]?.piece === piece);
  return live ? rowsOf(live.a[0]!.piece) : 0;
}

/** Most rows of other colours over which yarn is carried along the edge rather than cut (common practice). */
export const CARRIED_OVER = 4;

/** Stripes whose yarn would be carried further than is good. */
export function farCarried({ stripes, yarn }: Colours): string[] {
  if (yarn === 'cut' || stripes.length < 2) return [];
  const repeat = stripes.reduce((sum, { rows }) => sum + rows, 0);
  const colours = [...new Set(stripes.map(({ colour }) => colour))];
  return colours.filter((colour) => {
    let longest = 0;
    let run = 0;
    for (let row = 1; row <= 2 * repeat; row += 1) {
      run = colourOfRow(stripes, row) === colour ? 0 : run + 1;
      longest = Math.max(longest, run);
    }
    return longest > CARRIED_OVER;
  });
}
