/** Bands that follow the edges of the finished pieces: their counts come last and move nothing. */

import { perCm } from '../../fabric/gauge.js';
import { cm, say } from '../../text/phrase.js';
import type { Edgings, SizeInput } from '../construction.js';
import type { BandId, CountId } from '../counts.js';
import { alongOf, ribByRatio, ribQuantities, ribRatio, toRound, type BandStyle } from './bands.js';
import { alongEdge, reasonsOf, type Edge, type Edging } from './pickedUp.js';

/** Several of them as one problem. */
export function together(parts: readonly Edging[]): ReturnType<Edgings['follow']> {
  return {
    quantities: parts.flatMap(({ quantities }) => quantities),
    relations: parts.flatMap(({ relations }) => relations),
    helpers: parts.flatMap(({ helpers = [] }) => helpers),
  };
}

/** Ids of the counts of ribs, and of the bands of open fronts. */
export function edgingIds(ribs: readonly { id: BandId }[], banded: boolean): CountId[] {
  return [
    ...ribs.flatMap(({ id }): CountId[] => [`${id}.height`, `${id}.rows`]),
    ...(banded ? (['band.stitches', 'band.rows'] as const) : []),
  ];
}

/** A rib along an edge, worked sideways or up from it. */
export function ribAlong(
  input: Pick<SizeInput<unknown>, 'size' | 'fabrics'>,
  { id, label, style }: { id: BandId; label: string; style: BandStyle },
  edge: Edge,
): Edging {
  const fabric = input.fabrics.get(style.fabric)!;
  const rib = { id, label, style, size: input.size.id, fabric };
  if (style.round) return { quantities: toRound(rib, style.round), relations: [] };
  const ratio = ribRatio(style, fabric, edge.stretches, id);
  if (ratio) return ribByRatio(rib, edge, ratio);
  return {
    quantities: ribQuantities({ ...rib, edge: edge.length, weight: 1, because: reasonsOf(edge) }),
    relations: alongEdge({
      id: `${id}.seam`,
      rule: `the ${label.toLowerCase()} goes along its edge`,
      of: `${id}.rows`,
      countsPerCm: perCm(fabric.gauge, alongOf(style)) * style.gather,
      edge,
      says: (counts) =>
        say`${edge.label} ${cm(edge.length)}: ${counts.of(`${id}.rows`)} ${alongOf(style)} of rib along it`,
    }),
  };
}
