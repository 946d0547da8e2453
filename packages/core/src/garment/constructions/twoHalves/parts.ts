import { ANY_COUNT, shapingUnit, type CountRule, type Fabric } from '../../../fabric/fabric.js';

/**
 * What the back and the front of a half are multiples of. Shaped by whole repeats both have such where they come apart, in fabrics whose
 * edges are whole repeats too (pairs); where they are not, one of the two would want an edge that the half has only once.
 */
export function ruleOfParts(fabric: Pick<Fabric, 'shaping' | 'rule'>): CountRule {
  const { flat } = fabric.rule;
  return shapingUnit(fabric) > 1 && flat.plus % flat.multiple === 0 ? flat : ANY_COUNT;
}
