/** Neckband, armhole ribs and front bands of panels worked from side to side. */

import { perCm } from '../../../fabric/gauge.js';
import { say } from '../../../text/phrase.js';
import type { Edgings, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { neckbandOf, type PanelStyle } from '../../shared/panels/style.js';
import { edgingIds, ribAlong, together, type Edge } from '../../shared/edgings.js';
import { endOfRib, frontBandAlong, type Stretch } from '../../shared/frontBand.js';
import { isOpen } from '../../shared/front.js';
import { HOOD_IDS, hoodAlong } from '../../shared/hood.js';
import { steppedLength } from '../../shared/neck.js';
import { given, plus } from '../../shared/quantity.js';
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

function armholeEdge({ style, fabrics }: Input, counts: GarmentCounts): Edge {
  const { gauge } = fabrics.get(style.fabric)!;
  const depth = counts.of('armhole.depth');
  const steps = (2 * counts.of('notch.width')) / perCm(gauge, 'rows');
  const up = (2 * depth) / perCm(gauge, 'stitches');
  return {
    label: 'Armhole',
    length: up + steps,
    unit: up / (2 * depth),
    reasons: [
      given(say`Armhole, 2 × ${depth} stitches`, up, { kind: 'quantity', id: 'armhole.depth' }),
      plus('Two steps at the underarm', steps, up + steps, { kind: 'quantity', id: 'notch.width' }),
    ],
  };
}

function neckEdge({ style, fabrics }: Input, counts: GarmentCounts): Edge {
  const { gauge, rule } = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const back = counts.of('neck.width') / rows;
  const drop = counts.of('neck.drop');
  const along = (below: readonly number[]) => steppedLength(below, stitches, rows);
  const front = isOpen(style)
    ? 2 * openLength()
    : (() => {
        const below = wholeBelow(style, counts, rule.flat.multiple);
        return (2 * below[0]!) / stitches + along(below);
      })();
  return {
    label: 'Neck edge',
    length: back + front,
    unit: 1 / rows,
    reasons: [
      given(say`Back neck, ${counts.of('neck.width')} rows`, back, { kind: 'quantity', id: 'neck.width' }),
      plus('Line of the front neck', front, back + front, { kind: 'quantity', id: 'neck.drop' }),
    ],
  };

  function openLength(): number {
    const below = halfBelow(style, { rows: openRows(counts), drop, unit: rule.flat.multiple });
    return below[0]! / stitches + along(below);
  }
}

/** What a front band is picked up along, from the hem up. */
export function frontEdge(input: Input, counts: GarmentCounts): Stretch[] {
  const { style, fabrics } = input;
  const stitches = perCm(fabrics.get(style.fabric)!.gauge, 'stitches');
  const count = counts.of('body.length') - counts.of('neck.drop');
  return [
    {
      label: 'Front edge below the neck',
      axis: 'stitches',
      count,
      length: count / stitches,
      of: 'body.length',
    },
    ...endOfRib(input, 'hem', style.hem, counts),
    ...endOfRib(input, 'neckband', style.neckband && neckbandOf(input), counts),
  ];
}
