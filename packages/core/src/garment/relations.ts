import * as relations from '../fit/relations.js';
import type { Relation } from '../fit/problem.js';
import type { CountId } from './counts.js';

/** The relations of the fit between the counts of a garment: only its ids are taken. */

export type { RuleParts } from '../fit/relations.js';

export const sumIs = relations.sumIs<CountId>;
export const sumAtMost = relations.sumAtMost<CountId>;
export const sumAtLeast = relations.sumAtLeast<CountId>;
export const sameCount = relations.sameCount<CountId>;
export const parity = relations.parity<CountId>;
export const needsShapingRows = relations.needsShapingRows<CountId>;
export const sameEdge = relations.sameEdge<CountId>;
export const oneOf = relations.oneOf<CountId>;

/** Stitches that a row which changes its count leaves plain: one at each end, so that no edge is shaped by the way. */
const ENDS = 2;

/** One row takes the stitches of a fabric to those of the next: at most two in one, or two together, all along it but at its ends. */
export function changedInOneRow(id: string, rule: string, before: CountId, after: CountId): Relation[] {
  return [
    sumAtMost({ id: `${id}.fewer`, rule }, { [before]: 1, [after]: -2 }, -ENDS),
    sumAtMost({ id: `${id}.more`, rule }, { [before]: -2, [after]: 1 }, -ENDS),
  ];
}
