/** How bands meet the edges that they go along, and their ends each other. */

import type { JoinPlan } from '../../joins/join.js';
import type { PickUpRatio } from '../../joins/pickUp.js';
import type { JoinRole, Side } from '../../joins/roles.js';
import type { SizeInput } from '../construction.js';
import type { Edge } from './pickedUp.js';
import { isFirst, ribRatio, rowsPerStitch, sized, type BandStyle } from './bands.js';
import { onBothSides } from './pieces.js';

/** How a band meets its edge, and its ends each other. */
function meeting({ worked }: BandStyle): { edge: JoinPlan['kind']; ends: JoinPlan['kind'] } {
  return worked === 'up'
    ? { edge: 'pick-up', ends: 'row-to-row' }
    : { edge: 'stitch-to-row', ends: 'stitch-to-stitch' };
}

/** A band along an edge. */
export function bandJoin(
  band: BandStyle,
  join: {
    id: string;
    role: JoinRole;
    label: string;
    band: string;
    edges: readonly string[];
    ratio?: PickUpRatio | null;
  },
): JoinPlan {
  if (isFirst(band))
    return {
      id: join.id,
      role: 'rib first',
      label: join.label,
      kind: 'pick-up',
      a: join.edges,
      b: [`${join.band}.joined`],
      ratio: { each: 1 / rowsPerStitch(band), plus: 0, hidden: 0, of: 'sc' },
    };
  const draws = typeof band.round === 'number' ? { drawnTo: band.round } : { gather: band.gather };
  return {
    id: join.id,
    role: join.role,
    label: join.label,
    kind: meeting(band).edge,
    a: [`${join.band}.joined`],
    b: join.edges,
    ...(join.ratio ? { ratio: join.ratio } : draws),
  };
}

/** How cuff ribs are sewn to the sleeves and their ends to each other. */
export function cuffJoins(cuff: BandStyle, size: string, ratio: PickUpRatio | null = null): JoinPlan[] {
  const band = sized(cuff, size);
  return [
    ...onBothSides('Cuff rib to sleeve', (side, label) =>
      bandJoin(band, {
        id: `cuff-${side}`,
        role: 'cuff',
        label,
        band: 'cuff',
        edges: ['sleeve.cuff'],
        ratio,
      }),
    ),
    ...onBothSides('Cuff seam', (side, label) => ({
      ...endsMeet(band, 'cuff', 'cuff ends', label),
      id: `cuff-seam-${side}`,
    })),
  ].sort(bySide);
}

/** Joins of one side after those of the other. */
export function bySide(a: JoinPlan, b: JoinPlan): number {
  return a.side === b.side ? 0 : a.side === 'left' ? -1 : 1;
}

/** How a neckband is sewn to the neck's edges, from the wearer's right to the left; where the neck is closed its ends meet. */
export function neckbandJoins(
  input: Pick<SizeInput<unknown>, 'fabrics'>,
  band: BandStyle,
  { edges, along, open }: { edges: readonly string[]; along: Edge; open: boolean },
): JoinPlan[] {
  const ratio = ribRatio(band, input.fabrics.get(band.fabric)!, along.stretches, 'neckband');
  const join = { id: 'neckband', role: 'neckband', label: 'Neckband to neck', band: 'neckband' } as const;
  return [
    bandJoin(band, { ...join, edges, ratio }),
    ...(open ? [] : [endsMeet(band, 'neckband', 'neckband ends', 'Neckband, its ends')]),
  ];
}

/** The two ends of a band sewn to each other. */
export function endsMeet(band: BandStyle, id: string, role: JoinRole, label: string): JoinPlan {
  return {
    id: `${id}-seam`,
    role,
    label,
    kind: meeting(band).ends,
    a: [`${id}.end`],
    b: [`${id}.start`],
  };
}

/** An end of one hem rib sewn to an end of another, both worked alike. */
export function endsJoin(band: BandStyle, id: string, label: string, a: string, b: string): JoinPlan {
  return { id, role: 'hem ends', label, kind: meeting(band).ends, a: [a], b: [b] };
}

/** How front bands are picked up along the edges of one side, from the hem up: by ratio, or by gauge where there is none. */
export function frontBandJoins(
  ratio: PickUpRatio | null,
  along: (side: Side) => readonly string[],
): JoinPlan[] {
  return onBothSides('Front band', (side, label) => ({
    id: `band-${side}`,
    role: 'front band',
    label,
    kind: 'pick-up',
    a: ['band.joined'],
    b: [...along(side)],
    ...(ratio ? { ratio } : {}),
  }));
}
