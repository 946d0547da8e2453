/** Bands that follow the edges of the finished pieces: their counts come last and move nothing. */

import type { Reason } from '../../because/reason.js';
import { perCm } from '../../fabric/gauge.js';
import type { HelperCount, Relation } from '../../fit/problem.js';
import type { Phrase } from '../../text/phrase.js';
import type { BandId, CountId, GarmentCounts } from '../counts.js';
import { sumAtLeast, sumAtMost } from '../relations.js';
import { EASED_SHARE, easeAllowed, type SeamLength } from '../../joins/join.js';
import { cm, say } from '../../text/phrase.js';
import type { DraftQuantity, Edgings, SizeInput } from '../construction.js';
import { alongOf, ribQuantities, toRound, type BandStyle } from './bands.js';

/** Counts that follow an edge, and what holds them to it. */
export interface Edging {
  quantities: DraftQuantity[];
  relations: Relation[];
  helpers?: HelperCount[];
}

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

/** An edge as it has come out: its length and that of a stitch or row of it in cm, and the counts that it comes from. */
export interface Edge extends SeamLength {
  label: string;
  reasons: readonly Reason[];
}

/** A rib along an edge, worked sideways or up from it. */
export function ribAlong(
  { size, fabrics }: Pick<SizeInput<unknown>, 'size' | 'fabrics'>,
  { id, label, style }: { id: BandId; label: string; style: BandStyle },
  edge: Edge,
): Edging {
  const fabric = fabrics.get(style.fabric)!;
  if (style.round)
    return { quantities: toRound({ id, label, style, size: size.id, fabric }, style.round), relations: [] };
  return {
    quantities: ribQuantities({
      id,
      label,
      style,
      size: size.id,
      fabric,
      edge: edge.length,
      weight: 1,
      because: edge.reasons,
    }),
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

/** A count that must run along an edge, within what a seam eases in; stretches of it may be counts still to be found. */
export function alongEdge({
  id,
  rule,
  of,
  countsPerCm,
  edge,
  open = [],
  says,
}: {
  id: string;
  rule: string;
  of: CountId;
  countsPerCm: number;
  edge: SeamLength;
  open?: readonly { of: CountId; length: number; perCm?: number }[];
  says: (counts: GarmentCounts) => Phrase;
}): Relation[] {
  const { length, unit } = edge;
  // The share is of the shorter side, whichever that turns out to be.
  const shorter = { length: length / (1 + EASED_SHARE), unit };
  const ease = easeAllowed(shorter, { ...shorter, unit: 1 / countsPerCm });
  const times: Partial<Record<CountId, number>> = { [of]: 1 / countsPerCm };
  let fixed = length;
  for (const stretch of open)
    if (stretch.perCm) {
      times[stretch.of] = -1 / stretch.perCm;
      fixed -= stretch.length;
    }
  return [
    { ...sumAtMost({ id: `${id}.longer`, rule, says }, times, fixed + ease), seam: id },
    { ...sumAtLeast({ id: `${id}.shorter`, rule }, times, fixed - ease), seam: id },
  ];
}
