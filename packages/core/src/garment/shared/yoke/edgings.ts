/** The bands of a garment from the neck down: they follow the edges as these have come out. */

import { perCm } from '../../../fabric/gauge.js';
import { say } from '../../../text/phrase.js';
import type { Edgings, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { edgingIds, together, ribAlong } from '../edgings.js';
import { endOfRib, frontBandAlong } from '../frontBand.js';
import { edgeOf, rowEnds, stitchesOf, type Edge, type Stretch } from '../pickedUp.js';
import { neckEdge } from './finished.js';
import { bodyEnd, bodyFabricOf } from './bodyFabric.js';
import { falls } from './front.js';
import type { YokeStyle } from './fields.js';

type Input = SizeInput<YokeStyle>;

const RIBS = [
  { id: 'neckband', label: 'Neckband', edge: 'Neck edge' },
  { id: 'hem', label: 'Hem rib', edge: 'Lower edge of the body' },
  { id: 'cuff', label: 'Cuff rib', edge: 'Sleeve at the cuff' },
] as const;

/** The bands that the style has, to be counted along the finished edges. */
export function edgingsOf(input: Input): Edgings {
  const ribs = RIBS.filter(({ id }) => input.style[id]);
  const banded = input.style.front.style === 'band';
  return {
    ids: edgingIds(ribs, banded),
    follow: (counts) =>
      together([
        ...ribs.map((one) =>
          ribAlong(input, { ...one, style: input.style[one.id]! }, edgeAt(input, one, counts)),
        ),
        ...(banded ? [frontBandAlong(input, frontEdge(input, counts))] : []),
      ]),
  };
}

function edgeAt(input: Input, { id, edge }: (typeof RIBS)[number], counts: GarmentCounts): Edge {
  if (id === 'neckband') return neckEdge(input, counts);
  const [fabric, of] =
    id === 'hem'
      ? [bodyFabricOf(input), bodyEnd(input, counts)]
      : [input.fabrics.get(input.style.fabric)!, 'sleeve.cuff' as const];
  const count = counts.of(of);
  return edgeOf(edge, 1 / perCm(fabric.gauge, 'stitches'), [
    stitchesOf(say`${edge}, ${count} stitches`, of, count, fabric),
  ]);
}

/** What front bands are picked up along: the straight fronts and the ends of neckband and hem. */
export function frontEdge(input: Input, counts: GarmentCounts): Stretch[] {
  const { style, fabrics } = input;
  // The row in which a falling neck ends belongs to the neck.
  const yoke = counts.of('yoke.rows') - (falls(style) ? counts.of('neck.drop') + 1 : 0);
  return [
    rowEnds('Body', 'body.rows', counts.of('body.rows'), bodyFabricOf(input)),
    rowEnds('Yoke', 'yoke.rows', yoke, fabrics.get(style.fabric)!),
    ...endOfRib(input, 'hem', style.hem, counts),
    ...endOfRib(input, 'neckband', style.neckband, counts),
  ];
}
