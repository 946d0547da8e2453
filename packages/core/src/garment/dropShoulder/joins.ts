import type { JoinPlan } from '../../joins/join.js';
import { cuffJoins } from '../shared/bands.js';
import { SIDES } from '../shared/pieces.js';
import type { DropShoulderStyle } from './style.js';

/** Every seam, in the order in which they are sewn. */
export function joins({ hem, cuff, sleeve: { worked } }: DropShoulderStyle): JoinPlan[] {
  return [
    ...SIDES.map((side): JoinPlan => ({
      id: `shoulder-${side}`,
      label: `Shoulder seam, ${side}`,
      kind: 'stitch-to-stitch',
      a: [`back.shoulder-${side}`],
      b: [`front.shoulder-${side}`],
    })),
    ...SIDES.map((side): JoinPlan => ({
      id: `armhole-${side}`,
      label: `Armhole, ${side}`,
      kind: worked === 'up' ? 'stitch-to-row' : 'pick-up',
      a: ['sleeve.top'],
      b: [`back.armhole-${side}`, `front.armhole-${side}`],
    })),
    ...SIDES.map((side): JoinPlan => ({
      id: `side-${side}`,
      label: `Side seam, ${side}`,
      kind: 'row-to-row',
      a: [`back.side-${side}`],
      b: [`front.side-${side}`],
    })),
    ...SIDES.map((side): JoinPlan => ({
      id: `sleeve-seam-${side}`,
      label: `Sleeve seam, ${side}`,
      kind: 'row-to-row',
      a: ['sleeve.front-edge'],
      b: ['sleeve.back-edge'],
    })),
    ...(hem
      ? [
          ...(['back', 'front'] as const).map((piece): JoinPlan => ({
            id: `hem-${piece}`,
            label: `Hem rib to ${piece}`,
            kind: 'stitch-to-row',
            a: ['hem.joined'],
            b: [`${piece}.hem`],
            gather: hem.gather,
          })),
          ...SIDES.map((side): JoinPlan => ({
            id: `hem-side-${side}`,
            label: `Hem rib, ${side} side`,
            kind: 'stitch-to-stitch',
            a: ['hem.end'],
            b: ['hem.start'],
          })),
        ]
      : []),
    ...(cuff ? cuffJoins(cuff) : []),
  ];
}
