/** Neckband, armhole ribs and front bands of panels worked from side to side. */

import { perCm } from '../../../fabric/gauge.js';
import { say } from '../../../text/phrase.js';
import type { Edgings, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { neckbandOf, type PanelStyle } from '../../shared/panels/style.js';
import { edgingIds, ribAlong, together } from '../../shared/edgings.js';
import { endOfRib, frontBandAlong } from '../../shared/frontBand.js';
import { isOpen } from '../../shared/front.js';
import { HOOD_IDS, hoodAlong } from '../../shared/hood.js';
import { steppedLength } from '../../shared/neck.js';
import { edgeOf, rowEnds, stitchesOf, type Edge, type Stretch } from '../../shared/pickedUp.js';
import { halfBelow, openRows, wholeBelow } from './neck.js';

type Input = SizeInput<PanelStyle>;

/** The edgings that the style has; none for none. */
export function edgingsOf(input: Input): { edgings?: Edgings } {
  const { style } = input;
  const neckband = neckbandOf(input);
  const ribs = [
    ...(neckband ? [{ id: 'neckband' as const, label: 'Neckband', style: neckband, edge: neckEdge }] : []),
    ...(style.armband
      ? [{ id: 'armband' as const, label: 'Armhole rib', style: style.armband, edge: armholeEdge }]
      : []),
  ];
  const banded = style.front.style === 'band';
  if (ribs.length === 0 && !banded && !style.hood) return {};
  return {
    edgings: {
      ids: [...edgingIds(ribs, banded), ...(style.hood ? HOOD_IDS : [])],
      follow: (counts) =>
        together([
          ...ribs.map((rib) => ribAlong(input, rib, rib.edge(input, counts))),
          ...(style.hood ? [hoodAlong(input, neckEdge(input, counts))] : []),
          ...(banded ? [frontBandAlong(input, frontEdge(input, counts))] : []),
        ]),
    },
  };
}

export function armholeEdge({ style, fabrics }: Input, counts: GarmentCounts): Edge {
  const fabric = fabrics.get(style.fabric)!;
  const depth = counts.of('armhole.depth');
  return edgeOf('Armhole', 1 / perCm(fabric.gauge, 'stitches'), [
    stitchesOf(say`Armhole, 2 × ${depth} stitches`, 'armhole.depth', 2 * depth, fabric),
    rowEnds('Two steps at the underarm', 'notch.width', 2 * counts.of('notch.width'), fabric),
  ]);
}

export function neckEdge({ style, fabrics }: Input, counts: GarmentCounts): Edge {
  const fabric = fabrics.get(style.fabric)!;
  const { gauge, rule } = fabric;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const drop = counts.of('neck.drop');
  const [below, times] = isOpen(style)
    ? [halfBelow(style, { rows: openRows(counts), drop, unit: rule.flat.multiple }), 2]
    : [wholeBelow(style, counts, rule.flat.multiple), 1];
  return edgeOf('Neck edge', 1 / rows, [
    rowEnds(say`Back neck, ${counts.of('neck.width')} rows`, 'neck.width', counts.of('neck.width'), fabric),
    {
      ...rowEnds('Line of the front neck', 'neck.width', times * below.length, fabric),
      length: times * steppedLength(below, stitches, rows),
    },
    ...(below[0]! > 0 ? [stitchesOf('Its steps at the shoulders', 'neck.drop', 2 * below[0]!, fabric)] : []),
  ]);
}

/** What a front band is picked up along, from the hem up. */
export function frontEdge(input: Input, counts: GarmentCounts): Stretch[] {
  const { style, fabrics } = input;
  const count = counts.of('body.length') - counts.of('neck.drop');
  return [
    stitchesOf('Front edge below the neck', 'body.length', count, fabrics.get(style.fabric)!),
    ...endOfRib(input, 'hem', style.hem, counts),
    ...endOfRib(input, 'neckband', style.neckband && neckbandOf(input), counts),
  ];
}
