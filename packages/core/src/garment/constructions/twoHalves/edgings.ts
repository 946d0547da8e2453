/** The band at the centre back of two halves, and what goes along their necks and fronts. */

import { perCm } from '../../../fabric/gauge.js';
import type { PickUpRatio } from '../../../joins/pickUp.js';
import type { Edgings, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { neckbandOf } from '../../shared/panels/style.js';
import { edgingIds, ribAlong, together } from '../../shared/edgings.js';
import { endOfRib, frontBandAlong } from '../../shared/frontBand.js';
import {
  edgeOf,
  pickedUp,
  ratioOf,
  rowEnds,
  stitchesOf,
  type Edge,
  type Stretch,
  type Edging,
} from '../../shared/pickedUp.js';
import { openingWidth } from '../../shared/front.js';
import { HOOD_IDS, hoodAlong } from '../../shared/hood.js';
import { halfNeck, steppedLength } from '../../shared/neck.js';
import { given, plus, quantity } from '../../shared/quantity.js';
import type { TwoHalvesStyle } from './fields.js';
import { ruleOfParts } from './parts.js';

type Input = SizeInput<TwoHalvesStyle>;

/** The band at the centre back makes up what the halves have come to lack; the others follow their edges. */
export function edgingsOf(input: Input, round: number): Edgings {
  const { style } = input;
  const neckband = neckbandOf(input);
  const banded = style.front.style === 'band';
  const ribs = neckband ? [{ id: 'neckband' as const, label: 'Neckband', style: neckband }] : [];
  return {
    ids: ['centre.stitches', 'centre.rows', ...edgingIds(ribs, banded), ...(style.hood ? HOOD_IDS : [])],
    follow: (counts) => {
      // In whole rows, as the band will be found beside it.
      const bandRows = perCm(input.fabrics.get(style.centre.fabric)!.gauge, 'rows');
      const centre = Math.max(1, Math.round(bandWidth(input, counts, round) * bandRows));
      const neck = neckEdge(input, counts, centre);
      return together([
        centreBand(input, counts, round),
        ...ribs.map((rib) => ribAlong(input, rib, neck)),
        ...(style.hood ? [hoodAlong(input, neck)] : []),
        ...(banded ? [frontBandAlong(input, frontEdge(input, counts))] : []),
      ]);
    },
  };
}

/** What the halves lack of the round wanted, cm. */
function bandWidth(input: Input, counts: GarmentCounts, round: number): number {
  const { style, fabrics } = input;
  const halves = (2 * counts.of('half.width')) / perCm(fabrics.get(style.fabric)!.gauge, 'stitches');
  return Math.max(0.5, round - halves - openingWidth(input));
}

function centreBand(input: Input, counts: GarmentCounts, round: number): Edging {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.centre.fabric)!;
  const halves = (2 * counts.of('half.width')) / perCm(fabrics.get(style.fabric)!.gauge, 'stitches');
  const opening = openingWidth(input);
  const rest = bandWidth(input, counts, round);
  const along = pickedUp({
    id: 'centre.stitches',
    label: 'Band at the centre back, along the edge',
    what: 'the band',
    seam: 'centre.seam',
    fabric,
    edge: edgeOf(
      'Centre back',
      1 / perCm(fabrics.get(style.fabric)!.gauge, 'rows'),
      centreEdge(input, counts),
    ),
    ratio: centreRatio(input, counts),
  });
  return {
    quantities: [
      ...along.quantities,
      quantity({
        id: 'centre.rows',
        label: 'Band at the centre back, width',
        fabric,
        axis: 'rows',
        target: rest,
        weight: 1,
        because: [
          given('All round, wanted', round),
          plus('Two halves', -halves, round - halves, { kind: 'quantity', id: 'half.width' }),
          plus('What lies between the fronts', -opening, round - halves - opening, {
            kind: 'style',
            id: 'garment.front.width',
          }),
        ],
      }),
    ],
    relations: along.relations,
  };
}

/** The ratio by which the band at the centre back is picked up; null where it goes by its gauge. */
export function centreRatio(input: Input, counts: GarmentCounts): PickUpRatio | null {
  const { centre } = input.style;
  return ratioOf(centre, input.fabrics.get(centre.fabric)!, centreEdge(input, counts), 'centre');
}

/** What the band at the centre back is picked up along, from the hem up. */
function centreEdge(input: Input, counts: GarmentCounts): Stretch[] {
  return edgeUp(input, counts, 0, false);
}

/** What a front band is picked up along, from the hem up. */
export function frontEdge(input: Input, counts: GarmentCounts): Stretch[] {
  return edgeUp(input, counts, counts.of('neck.drop'), true);
}

/** An edge of a half from the hem up, less so many rows of a neck. */
function edgeUp(input: Input, counts: GarmentCounts, drop: number, front: boolean): Stretch[] {
  const { style, fabrics } = input;
  const rows = counts.of('body.rows') - (drop > 0 ? drop + 1 : 0);
  return [
    rowEnds(
      front ? 'Front edge below the neck' : 'Centre back',
      'body.rows',
      rows,
      fabrics.get(style.fabric)!,
    ),
    ...endOfRib(input, 'hem', style.hem, counts),
    ...(front ? endOfRib(input, 'neckband', style.neckband && neckbandOf(input), counts) : []),
  ];
}

/** The neck all round: both halves of the back, the end of the band between them, the fronts. */
export function neckEdge(input: Input, counts: GarmentCounts, centre: number): Edge {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const { gauge } = fabric;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const bandRows = perCm(fabrics.get(style.centre.fabric)!.gauge, 'rows');
  const drop = counts.of('neck.drop');
  const taken = counts.of('front.width') - counts.of('shoulder.width');
  const width = counts.of('front.width');
  return edgeOf('Neck edge', 1 / stitches, [
    stitchesOf('Back neck of both halves', 'neck.half', 2 * counts.of('neck.half'), fabric),
    { label: 'Band between them', of: 'centre.rows', axis: 'rows', count: centre, length: centre / bandRows },
    drop === 0 ? stitchesOf('Front neck across', 'front.width', 2 * taken, fabric) : sides(),
  ]);

  function sides(): Stretch {
    const { inside } = halfNeck(style.neck, {
      taken,
      drop,
      width,
      divide: 0,
      unit: ruleOfParts(fabric).multiple,
    });
    return {
      ...rowEnds('Both sides of the front neck', 'neck.drop', 2 * inside.length, fabric),
      length: 2 * steppedLength(inside, stitches, rows),
    };
  }
}
