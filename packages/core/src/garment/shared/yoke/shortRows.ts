import { shapingUnit, type Fabric } from '../../../fabric/fabric.js';
import type { Passage } from '../../../passages/passage.js';
import { neckShortRows } from '../../../shaping/shortRows.js';
import { gradedAtTurns } from '../../../stitch/graded.js';
import { plainStitchOf } from '../../../stitch/ofFabric.js';
import type { GarmentCounts } from '../../counts.js';
import { type YokeStyle } from './fields.js';
import { isOpen } from '../front.js';

/** Short rows as numbered rows of the yoke, and how many of them add no height to it. */
export function shortRowsOf(style: YokeStyle, counts: GarmentCounts): { many: number; halfRows: number } {
  if (style.neck.shape !== 'short rows') return { many: 0, halfRows: 0 };
  // In a round the first and the last of them are half rows, one of height together.
  const halfRows = isOpen(style) ? 0 : 1;
  return { many: counts.of('neck.drop') + halfRows, halfRows };
}

/**
 * Short rows that raise the back of a neck: the first turns lie `nearest` to the centre back on both sides, the last ones
 * `farthest` from it, the others evenly between.
 *
 * @param stitches stitches of the neck
 * @param rows short rows that the back is raised by, even
 */
export function raisedBack(
  style: YokeStyle,
  fabric: Fabric,
  {
    stitches,
    rows,
    nearest,
    farthest,
  }: { stitches: number; rows: number; nearest: number; farthest: number },
): Passage {
  const turns = rows / 2;
  const open = isOpen(style);
  const most = Math.min(farthest, Math.floor((stitches - 2) / 2));
  const least = Math.max(1, Math.min(nearest, most));
  const reach = Array.from({ length: turns }, (_, i) =>
    turns === 1 ? most : least + Math.floor(((most - least) * i) / (turns - 1)),
  );
  const shortRows = neckShortRows(stitches, open ? Math.floor(stitches / 2) : 0, reach, !open);
  return {
    kind: 'short',
    part: 'main',
    shortRows,
    label: 'Back of the neck',
    graded: gradedAtTurns(plainStitchOf(fabric), shortRows.rows, shapingUnit(fabric)),
  };
}
