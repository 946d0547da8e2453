import type { JoinPlan } from '../../../joins/join.js';
import type { SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { frontBandRatio } from '../../shared/frontBand.js';
import { centreRatio, frontEdge, neckEdge } from './edgings.js';
import { shoulderSeams, sleeveSeams } from '../../shared/panels/joins.js';
import { cuffOf, inRounds, sleeveRatio } from '../../shared/panels/style.js';
import { bandJoin, cuffJoins, frontBandJoins, neckbandJoins } from '../../shared/bandJoins.js';
import { hoodJoins, hoodRatio } from '../../shared/hood.js';
import { onBothSides } from '../../shared/pieces.js';
import type { Side } from '../../../joins/roles.js';
import type { TwoHalvesStyle } from './fields.js';

/** Every seam, in the order in which they are sewn: the centre back comes first, so that the width can be tried on. */
export function joins(input: SizeInput<TwoHalvesStyle>, counts: GarmentCounts): JoinPlan[] {
  const { style, size, fabrics } = input;
  const { hem, neckband, sleeve } = style;
  const cuff = cuffOf(style);
  const round = sleeve !== null && inRounds(style, sleeve);
  const centre = centreRatio(input, counts);
  const along = neckEdge(input, counts, counts.of('centre.rows'));
  const ratio = sleeve && sleeveRatio(style, sleeve, fabrics);
  /** A half's hem rib ends at its centre back and at its front. */
  const rib = (side: Side, end: 'centre' | 'front') =>
    hem ? [(side === 'left') === (end === 'front') ? 'hem.start' : 'hem.end'] : [];
  const neck = [
    'front.neck-right',
    'back.neck-right',
    'centre.end-left',
    'back.neck-left',
    'front.neck-left',
  ];
  return [
    ...(hem
      ? onBothSides('Hem rib to half', (side, label) =>
          bandJoin(hem, {
            id: `hem-${side}`,
            role: 'hem',
            label,
            band: 'hem',
            edges: [`half.hem-${side}`],
          }),
        )
      : []),
    {
      id: 'centre-picked',
      role: 'centre band' as const,
      label: 'Band at the centre back, left half',
      side: 'left',
      kind: 'pick-up',
      a: ['centre.joined'],
      b: [...rib('left', 'centre'), 'back.centre-left'],
      ...(centre ? { ratio: centre } : {}),
    },
    {
      id: 'centre-sewn',
      role: 'centre seam' as const,
      label: 'Band at the centre back, right half',
      side: 'right',
      kind: 'stitch-to-row',
      a: ['centre.free'],
      b: [...rib('right', 'centre'), 'back.centre-right'],
      ...(centre ? { ratio: centre } : {}),
    },
    ...shoulderSeams(),
    ...(sleeve
      ? onBothSides('Armhole', (side, label) => ({
          id: `armhole-${side}`,
          role: 'armhole',
          label,
          kind: sleeve.worked === 'up' ? 'stitch-to-row' : 'pick-up',
          a: ['sleeve.top'],
          b: [`back.armhole-${side}`, `front.armhole-${side}`],
          ...(ratio ? { ratio } : {}),
        }))
      : []),
    ...(sleeve && !round ? sleeveSeams() : []),
    ...(cuff ? cuffJoins(cuff, size.id) : []),
    ...(neckband ? neckbandJoins(input, neckband, { edges: neck, along, open: true }) : []),
    ...(style.hood ? hoodJoins(style.hood, neck, hoodRatio(input, along.stretches)) : []),
    ...(style.front.style === 'band'
      ? frontBandJoins(frontBandRatio(input, frontEdge(input, counts)), (side) => [
          ...rib(side, 'front'),
          `front.edge-${side}`,
          ...(neckband ? [side === 'right' ? 'neckband.start' : 'neckband.end'] : []),
        ])
      : []),
  ];
}
