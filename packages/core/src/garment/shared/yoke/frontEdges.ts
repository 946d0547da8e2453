import type { EdgeProgram } from '../../construction.js';
import { ends, SIDES } from '../pieces.js';
import type { YokeStyle } from './fields.js';

/**
 * The straight front edges of a yoke that opens.
 *
 * @param widths stitches after each row from row 1 on: what a row gains inside moves both its ends
 * @param rows short rows after the first, the last row, and the first row of the straight edge
 */
export function frontEdges(
  style: YokeStyle,
  widths: readonly number[],
  { short, last, from }: { short: number; last: number; from: number },
): EdgeProgram[] {
  const spans =
    short > 0
      ? [
          { part: 'main', first: 1, last: 1 },
          { part: 'main', first: short + 2, last },
        ]
      : [{ part: 'main', first: from, last }];
  const rows = spans.flatMap(({ first, last: end }) =>
    Array.from({ length: end - first + 1 }, (_, i) => first + i),
  );
  const found = rows.map((row) => widths[row - 1]!);
  return SIDES.map((side): EdgeProgram => ({
    id: `yoke.edge-${side}`,
    role: 'front edge',
    side,
    downwards: true,
    label: `Yoke, ${side} front edge`,
    axis: 'rows',
    place: ends(side === 'right' ? 'left' : 'right', ...spans),
    path: found.map((width) => ((side === 'right' ? -1 : 1) * (width - found[0]!)) / 2),
    open: style.front.style !== 'band',
  }));
}
