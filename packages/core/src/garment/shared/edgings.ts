/** Bands that follow the edges of the finished pieces: their counts come last and move nothing. */

import type { Reason } from '../../because/reason.js';
import type { Fabric } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import type { HelperCount, Relation } from '../../fit/problem.js';
import { sumAtLeast, sumAtMost } from '../../fit/relations.js';
import { EASED_SHARE, easeAllowed } from '../../joins/join.js';
import { cm, say } from '../../text/phrase.js';
import type { DraftQuantity, Edgings, SizeInput } from '../construction.js';
import { acrossOf, alongOf, ribQuantities, type BandStyle } from './bands.js';
import type { FrontStyle } from './front.js';
import { forSize } from './perSize.js';
import { given, plus, quantity } from './quantity.js';

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
export function edgingIds(ribs: readonly { id: string }[], banded: boolean): string[] {
  return [
    ...ribs.flatMap(({ id }) => [`${id}.height`, `${id}.rows`]),
    ...(banded ? ['band.stitches', 'band.rows'] : []),
  ];
}

/** An edge as it has come out: its length in cm, and the counts that it comes from. */
export interface Edge {
  label: string;
  length: number;
  reasons: readonly Reason[];
}

/** A rib along an edge, worked sideways or up from it. */
export function ribAlong(
  { size, fabrics }: Pick<SizeInput<unknown>, 'size' | 'fabrics'>,
  { id, label, style }: { id: string; label: string; style: BandStyle },
  edge: Edge,
): Edging {
  const fabric = fabrics.get(style.fabric)!;
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
      length: edge.length,
      says: (counts) =>
        say`${edge.label} ${cm(edge.length)}: ${counts[`${id}.rows`]!} ${alongOf(style)} of rib along it`,
    }),
  };
}

/** A stretch of the front edge that the band is picked up along, cm. */
export interface Stretch {
  label: string;
  length: number;
  /** The count that it comes from. */
  of: string;
}

/** Bands picked up along both fronts: their stitches run along the edge, their rows are their width. */
export function frontBandAlong(
  { style, size, fabrics }: SizeInput<{ front: FrontStyle }>,
  stretches: readonly Stretch[],
): Edging {
  const fabric = fabrics.get(style.front.fabric)!;
  const stitches = perCm(fabric.gauge, 'stitches');
  const width = forSize(style.front.width, size.id);
  let sum = 0;
  const because = stretches.map(({ label, length, of }, i): Reason => {
    sum += length;
    const from = { kind: 'quantity', id: of } as const;
    return i === 0 ? given(label, length, from) : plus(label, length, sum, from);
  });
  return {
    quantities: [
      quantity({
        id: 'band.stitches',
        label: 'Front band, along the edge',
        fabric,
        axis: 'stitches',
        target: sum,
        weight: 1,
        rule: fabric.rule.flat,
        because,
      }),
      quantity({
        id: 'band.rows',
        label: 'Front band, width',
        fabric,
        axis: 'rows',
        target: width,
        weight: 0.3,
        because: [given('Width of the band wanted', width, { kind: 'style', id: 'garment.front.width' })],
      }),
    ],
    relations: alongEdge({
      id: 'band.seam',
      rule: 'the front band goes along the front edge',
      of: 'band.stitches',
      countsPerCm: stitches,
      length: sum,
      says: (found) =>
        say`Picked up along ${cm(sum)}: ${found['band.stitches']!} stitches (${cm(found['band.stitches']! / stitches)})`,
    }),
  };
}

/** The height that a rib will come out at: the nearest that its rule allows. */
export function ribHeight(band: BandStyle, size: string, fabrics: ReadonlyMap<string, Fabric>): number {
  const { gauge, rule } = fabrics.get(band.fabric)!;
  const countsPerCm = perCm(gauge, acrossOf(band));
  const { multiple, plus: rest } = band.worked === 'up' ? rule.rows : rule.flat;
  const repeats = Math.max(
    rest > 0 ? 0 : 1,
    Math.round((forSize(band.height, size) * countsPerCm - rest) / multiple),
  );
  return (repeats * multiple + rest) / countsPerCm;
}

/** A count that must run along an edge of known length, within what a seam eases in. */
export function alongEdge({
  id,
  rule,
  of,
  countsPerCm,
  length,
  says,
}: {
  id: string;
  rule: string;
  of: string;
  countsPerCm: number;
  length: number;
  says: Relation['says'];
}): Relation[] {
  // A little less than a seam allows, whichever side of it turns out the shorter.
  const ease = easeAllowed(length, length) / (1 + EASED_SHARE);
  return [
    sumAtMost({ id: `${id}.longer`, rule, says }, { [of]: 1 / countsPerCm }, length + ease),
    sumAtLeast({ id: `${id}.shorter`, rule }, { [of]: 1 / countsPerCm }, length - ease),
  ];
}
