/** Ribs that are joined to their edge while they are worked, row by row. */

import { canJoinWhileWorked, type Seam } from '../finishing/seam.js';
import type { Join } from '../joins/audit.js';
import { line, lineFor, NONE, type Line } from './line.js';
import type { WrittenSize } from './written.js';

/** What an edge is counted in, one of it. */
const ONE: Record<Join['bAxis'], string> = { stitches: 'st', rows: 'row end', both: 'st or row end' };

/**
 * How the rows of a rib take the edge: one each; where the edge has more some are skipped, which draws it in, and where it has fewer some
 * take two rows (common practice).
 *
 * @param joins the same join in every size
 * @param labels of these sizes
 */
export function whileWorkedLines(joins: readonly Join[], labels: readonly string[]): Line[] {
  const one = ONE[joins[0]!.bAxis];
  const begin = `Join it while it is worked: where a row ends at the edge, sl st in the next 2 of it, a ${one} for each row`;
  const over = joins.map(({ aCount, bCount }) => bCount - aCount);
  const figures = (of: readonly number[]) => of.map((many) => (many === 0 ? NONE : Math.abs(many)));
  const told = (of: readonly number[]): Line => {
    if (of.every((many) => many === 0)) return [`${begin}.`];
    return of.some((many) => many > 0)
      ? line`${begin}; skip ${figures(of)} of them, spread evenly.`
      : line`${begin}; in ${figures(of)} places, spread evenly, 2 rows go into one.`;
  };
  const some = [
    over.flatMap((many, i) => (many >= 0 ? [i] : [])),
    over.flatMap((many, i) => (many < 0 ? [i] : [])),
  ];
  return some
    .filter((sizes) => sizes.length > 0)
    .map((sizes) => {
      const own = told(sizes.map((i) => over[i]!));
      return sizes.length === joins.length ? own : lineFor(sizes, labels, own);
    });
}

/**
 * The sentence of a rib's own section, so that nobody makes it before its edge is there.
 *
 * @param seams of the size, as they are made
 */
export function joinedWhileWorked(
  { joins }: Pick<WrittenSize, 'joins'>,
  piece: string,
  seams: readonly Pick<Seam, 'join' | 'method'>[],
): Line[] {
  const own = seams.filter(({ join: id }) => {
    const join = joins.find((one) => one.id === id)!;
    return canJoinWhileWorked(join) && join.a[0]!.piece === piece;
  });
  const isJoined = own.length > 0 && own.every(({ method }) => method === 'crocheted while working');
  return isJoined ? [['Joined to its edge while it is worked: see Joining, and begin it there.']] : [];
}
