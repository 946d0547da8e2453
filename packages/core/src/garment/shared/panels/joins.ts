import type { JoinPlan } from '../../../joins/join.js';
import {
  bandJoin,
  bySide,
  cuffJoins,
  endsJoin,
  endsMeet,
  frontBandJoins,
  neckbandJoins,
} from '../bandJoins.js';
import { ribRatio, type BandStyle } from '../bands.js';
import { isOpen } from '../front.js';
import { frontBandRatio } from '../frontBand.js';
import type { Edge } from '../pickedUp.js';
import type { PickUpRatio } from '../../../joins/pickUp.js';
import { hoodJoins, hoodRatio } from '../hood.js';
import { onBothSides, SIDES } from '../pieces.js';
import type { SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { armholeEdge, frontEdge, neckEdge } from './edgings.js';
import { isSlit } from './lowerEdge.js';
import { notchJoins } from './notch.js';
import { cuffOf, inRounds, isNotched, sleeveRatio, type PanelStyle, type SleeveStyle } from './style.js';

/** Every seam, in the order in which they are sewn. */
export function joins(input: SizeInput<PanelStyle>, counts: GarmentCounts): JoinPlan[] {
  const { style } = input;
  const drop = counts.of('neck.drop');
  const slit = isSlit(input);
  const { hem, neckband, sleeve } = style;
  const cuff = cuffOf(style);
  const open = isOpen(style);
  const along = neckEdge(input, counts);
  const round = sleeve !== null && inRounds(style, sleeve);
  return [
    ...shoulderSeams(),
    ...(sleeve && !round ? armholeJoins(input, sleeve) : []),
    ...(sleeve && isNotched(style) ? notchJoins() : []),
    ...onBothSides(slit ? 'Side seam above the slit' : 'Side seam', (side, label) => ({
      id: `side-${side}`,
      role: 'side',
      label,
      kind: 'row-to-row',
      a: [`back.side-${side}`],
      b: [`front.side-${side}`],
      ...(slit ? { says: 'row to row from the underarm down; below them the sides stay open' } : {}),
    })),
    // A sleeve in rounds is picked up round a closed armhole.
    ...(sleeve ? (round ? armholeJoins(input, sleeve) : sleeveSeams()) : []),
    ...(style.armband ? armbandJoins(input, style.armband, armholeEdge(input, counts)) : []),
    ...(hem ? hemJoins(hem, open, slit) : []),
    ...(cuff ? cuffJoins(cuff, input.size.id) : []),
    ...(neckband ? neckbandJoins(input, neckband, { edges: neckEdges(style, drop), along, open }) : []),
    ...(style.hood ? hoodJoins(style.hood, neckEdges(style, drop), hoodRatio(input, along.stretches)) : []),
    ...(style.front.style === 'band'
      ? frontBandJoins(frontBandRatio(input, frontEdge(input, counts)), (side) => [
          ...(hem ? [side === 'right' ? 'hem-front.end' : 'hem-front.start'] : []),
          `front.edge-${side}`,
          ...(neckband ? [side === 'right' ? 'neckband.start' : 'neckband.end'] : []),
        ])
      : []),
  ];
}

/** The edges that a neckband meets, from the wearer's right to the left or round from the centre of the front. */
function neckEdges({ front }: PanelStyle, drop: number): string[] {
  const sides = ['front.neck-right', 'back.neck', 'front.neck-left'];
  if (front.style !== 'closed') return sides;
  return drop === 0 ? ['front.neck', 'back.neck'] : ['front.neck', ...sides];
}

/** Ribs of back and front, or fronts, and how they meet at the sides; where the sides are slit their ribs are as well. */
export function hemJoins(
  band: BandStyle,
  open: boolean,
  slit: boolean,
  ratio: PickUpRatio | null = null,
): JoinPlan[] {
  const front = open ? 'hem-front' : 'hem';
  const to = (rib: string, edge: string, id: string, label: string): JoinPlan =>
    bandJoin(band, { id, role: 'hem', label, band: rib, edges: [edge], ratio });
  const [start, end] = ['start', 'end'];
  return [
    to('hem', 'back.hem', 'hem-back', 'Hem rib to back'),
    ...(open
      ? onBothSides('Hem rib to front', (side, label) =>
          to(front, `front.hem-${side}`, `hem-front-${side}`, label),
        )
      : [to(front, 'front.hem', 'hem-front', 'Hem rib to front')]),
    ...(slit ? [] : SIDES).map((side): JoinPlan => {
      const [a, b] = side === 'right' ? [end, start] : [start, end];
      return {
        ...endsJoin(band, `hem-side-${side}`, `Hem rib, ${side} side`, `hem.${a}`, `${front}.${b}`),
        side,
        both: 'Hem rib, both sides',
      };
    }),
  ];
}

function armholeJoins({ style, fabrics }: SizeInput<PanelStyle>, sleeve: SleeveStyle): JoinPlan[] {
  const { armhole } = style;
  const { worked } = sleeve;
  const ratio = sleeveRatio(style, sleeve, fabrics);
  const curved = armhole !== null && armhole.curve !== null;
  const cap = ['cap.base-front', 'cap.front-edge', 'cap.top', 'cap.back-edge', 'cap.base-back'];
  return onBothSides('Armhole', (side, label) => {
    const rows = [`front.armhole-${side}`, `back.armhole-${side}`];
    return {
      id: `armhole-${side}`,
      role: 'armhole',
      label,
      kind: worked === 'up' ? 'stitch-to-row' : 'pick-up',
      a: curved && worked === 'up' ? cap : ['sleeve.top'],
      b: curved ? [`front.notch-${side}`, ...rows, `back.notch-${side}`] : rows.reverse(),
      ...(ratio ? { ratio } : {}),
    };
  });
}

/** Both shoulder seams. */
export function shoulderSeams(): JoinPlan[] {
  return onBothSides('Shoulder seam', (side, label) => ({
    id: `shoulder-${side}`,
    role: 'shoulder',
    label,
    kind: 'stitch-to-stitch',
    a: [`back.shoulder-${side}`],
    b: [`front.shoulder-${side}`],
  }));
}

/** The seams of both sleeves. */
export function sleeveSeams(): JoinPlan[] {
  return onBothSides('Sleeve seam', (side, label) => ({
    id: `sleeve-seam-${side}`,
    role: 'sleeve seam',
    label,
    kind: 'row-to-row',
    a: ['sleeve.front-edge'],
    b: ['sleeve.back-edge'],
  }));
}

/** The edges of an armhole without a sleeve, from the underarm over the shoulder and down again. */
export function armbandJoins(
  input: Pick<SizeInput<PanelStyle>, 'style' | 'fabrics'>,
  band: BandStyle,
  along: Edge,
): JoinPlan[] {
  const notched = input.style.armhole !== null;
  const ratio = ribRatio(band, input.fabrics.get(band.fabric)!, along.stretches, 'armband');
  return [
    ...onBothSides('Armhole rib', (side, label) =>
      bandJoin(band, {
        id: `armband-${side}`,
        role: 'armband',
        label,
        band: 'armband',
        ratio,
        edges: [
          ...(notched ? [`front.notch-${side}`] : []),
          `front.armhole-${side}`,
          `back.armhole-${side}`,
          ...(notched ? [`back.notch-${side}`] : []),
        ],
      }),
    ),
    ...onBothSides('Armhole rib, its ends', (side, label) => ({
      ...endsMeet(band, 'armband', 'armband ends', label),
      id: `armband-seam-${side}`,
    })),
  ].sort(bySide);
}
