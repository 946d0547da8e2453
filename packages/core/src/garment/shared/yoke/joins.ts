import type { JoinPlan } from '../../../joins/join.js';
import { bandJoin, cuffJoins, endsMeet, frontBandJoins, neckbandJoins } from '../bandJoins.js';
import type { SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { isOpen } from '../front.js';
import { frontBandRatio } from '../frontBand.js';
import { onBothSides, SIDES } from '../pieces.js';
import { frontEdge } from './edgings.js';
import { neckEdge } from './finished.js';
import { type YokeStyle } from './fields.js';

/**
 * Every join of a garment from the neck down: the split, where live stitches go on as body or sleeve, the underarm chains that
 * body and sleeve share, and the bands.
 *
 * @param neckEdges edges of the yoke that the neckband goes along, from the wearer's right to the left
 */
export function joins(
  input: SizeInput<YokeStyle>,
  counts: GarmentCounts,
  neckEdges: readonly string[],
): JoinPlan[] {
  const { style } = input;
  const open = isOpen(style);
  const live = (id: string, label: string, parts: readonly string[]): JoinPlan => ({
    id,
    role: 'split',
    label,
    kind: 'live',
    a: parts.map((part) => `yoke.${part}`),
    b: parts.map((part) => `body.${part}`),
  });
  const { hem, cuff, neckband } = style;
  const banded = style.front.style === 'band';
  return [
    live('split-back', 'Split, back', open ? ['back'] : ['back-left', 'back-right']),
    ...(open
      ? SIDES.map((side) => ({
          ...live(`split-front-${side}`, `Split, ${side} front`, [`front-${side}`]),
          side,
          both: 'Split, both fronts',
        }))
      : [live('split-front', 'Split, front', ['front'])]),
    ...SIDES.map((side): JoinPlan => ({
      id: `split-sleeve-${side}`,
      role: 'split',
      label: `Split, ${side} sleeve`,
      side,
      both: 'Split, both sleeves',
      kind: 'live',
      a: [`yoke.sleeve-${side}`],
      b: ['sleeve.top'],
    })),
    ...onBothSides('Underarm', (side, label) => ({
      id: `underarm-${side}`,
      role: 'underarm',
      label,
      // The sleeve is worked into the underside of the chain: nothing is left to sew.
      kind: 'live',
      a: ['sleeve.underarm-first', 'sleeve.underarm-last'],
      b: [`body.underarm-${side}`],
    })),
    ...(style.sleeve.worked === 'rows'
      ? onBothSides('Sleeve seam', (side, label) => ({
          id: `sleeve-seam-${side}`,
          role: 'sleeve seam',
          label,
          kind: 'row-to-row',
          a: ['sleeve.edge-left'],
          b: ['sleeve.edge-right'],
        }))
      : []),
    ...(neckband
      ? neckbandJoins(input, neckband, { edges: neckEdges, along: neckEdge(input, counts), open })
      : []),
    ...(hem
      ? [
          bandJoin(hem, {
            id: 'hem',
            role: 'hem',
            label: 'Hem rib to body',
            band: 'hem',
            edges: ['body.hem'],
          }),
        ]
      : []),
    ...(hem && !open ? [endsMeet(hem, 'hem', 'hem ends', 'Hem rib, its ends')] : []),
    ...(cuff ? cuffJoins(cuff, input.size.id) : []),
    ...(banded
      ? frontBandJoins(frontBandRatio(input, frontEdge(input, counts)), (side) => [
          ...(hem ? [side === 'right' ? 'hem.end' : 'hem.start'] : []),
          `body.edge-${side}`,
          `yoke.edge-${side}`,
          ...(neckband ? [side === 'right' ? 'neckband.start' : 'neckband.end'] : []),
        ])
      : []),
  ];
}
