/** The bands of a garment from the neck down: they follow the edges as these have come out. */

import { perCm } from '../../../fabric/gauge.js';
import { say } from '../../../text/phrase.js';
import type { Edgings, SizeInput } from '../../construction.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { edgingIds, together, ribAlong, type Edge } from '../edgings.js';
import { endOfRib, frontBandAlong, rowEnds, type Stretch } from '../frontBand.js';
import { given, plus } from '../quantity.js';
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
          ribAlong(input, { ...one, style: input.style[one.id]! }, edgeOf(input, one, counts)),
        ),
        ...(banded ? [frontBandAlong(input, frontEdge(input, counts))] : []),
      ]),
  };
}

function edgeOf(input: Input, { id, edge: name }: (typeof RIBS)[number], counts: GarmentCounts): Edge {
  const { gauge } = id === 'hem' ? bodyFabricOf(input) : input.fabrics.get(input.style.fabric)!;
  const stitches = perCm(gauge, 'stitches');
  const across = (label: string, of: CountId): Edge => {
    const length = counts.of(of) / stitches;
    return {
      label: name,
      length,
      unit: 1 / stitches,
      reasons: [given(say`${label}, ${counts.of(of)} stitches`, length, { kind: 'quantity', id: of })],
    };
  };
  if (id === 'cuff') return across('Sleeve at the cuff', 'sleeve.cuff');
  if (id === 'hem') return across('Lower edge of the body', bodyEnd(input, counts));
  const first = across('First stitches of the neck', 'neck.round');
  if (!falls(input.style)) return first;
  const length = neckEdge(input, counts);
  return {
    label: name,
    length,
    unit: first.unit,
    reasons: [...first.reasons, plus('Line of the front neck', length - first.length, length)],
  };
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
