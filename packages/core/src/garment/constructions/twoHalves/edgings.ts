/** The band at the centre back of two halves, and what goes along their necks and fronts. */

import { perCm } from '../../../fabric/gauge.js';
import { cm, say } from '../../../text/phrase.js';
import type { Edgings, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { neckbandOf } from '../../shared/panels/style.js';
import { alongEdge, edgingIds, ribAlong, together, type Edge, type Edging } from '../../shared/edgings.js';
import { endOfRib, frontBandAlong, rowEnds, type Stretch } from '../../shared/frontBand.js';
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
      const neck = neckEdge(input, counts, round);
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
  const stretches = edgeUp(input, counts, 0, false);
  const length = stretches.reduce((sum, stretch) => sum + stretch.length, 0);
  let sum = 0;
  return {
    quantities: [
      quantity({
        id: 'centre.stitches',
        label: 'Band at the centre back, along the edge',
        fabric,
        axis: 'stitches',
        target: length,
        weight: 1,
        rule: fabric.rule.flat,
        because: stretches.map(({ label, length: of, of: id }, i) => {
          sum += of;
          const from = { kind: 'quantity', id } as const;
          return i === 0 ? given(label, of, from) : plus(label, of, sum, from);
        }),
      }),
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
    relations: alongEdge({
      id: 'centre.seam',
      rule: 'the band goes along the centre back',
      of: 'centre.stitches',
      countsPerCm: perCm(fabric.gauge, 'stitches'),
      edge: { length, unit: 1 / perCm(fabrics.get(style.fabric)!.gauge, 'rows') },
      says: (found) => say`Picked up along ${cm(length)}: ${found.of('centre.stitches')} stitches`,
    }),
  };
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
function neckEdge(input: Input, counts: GarmentCounts, round: number): Edge {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const { gauge } = fabric;
  const [stitches, rows] = [perCm(gauge, 'stitches'), perCm(gauge, 'rows')];
  const back = (2 * counts.of('neck.half')) / stitches;
  const bandRows = perCm(fabrics.get(style.centre.fabric)!.gauge, 'rows');
  // In whole rows, as the band will be found beside it.
  const centre = Math.max(1, Math.round(bandWidth(input, counts, round) * bandRows)) / bandRows;
  const drop = counts.of('neck.drop');
  const taken = counts.of('front.width') - counts.of('shoulder.width');
  const width = counts.of('front.width');
  const front =
    drop === 0
      ? (2 * taken) / stitches
      : 2 *
        steppedLength(
          halfNeck(style.neck, { taken, drop, width, divide: 0, unit: ruleOfParts(fabric).multiple }).inside,
          stitches,
          rows,
        );
  return {
    label: 'Neck edge',
    length: back + centre + front,
    unit: 1 / stitches,
    reasons: [
      given('Back neck of both halves', back, { kind: 'quantity', id: 'neck.half' }),
      plus('Band between them', centre, back + centre, { kind: 'quantity', id: 'centre.rows' }),
      plus('Line of the front neck', front, back + centre + front, { kind: 'quantity', id: 'neck.drop' }),
    ],
  };
}
