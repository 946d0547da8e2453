/** What follows the edges of both halves: the strip at the centre back, and a hood along the neck. */

import { ANY_COUNT, isInSpaces } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import { forSize } from '../../../fields/perSize.js';
import type { Edgings, SizeInput } from '../../construction.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { together } from '../../shared/edgings.js';
import { HOOD_IDS, hoodAlong } from '../../shared/hood.js';
import { edgeOf, pickedUp, rowEnds, stitchesOf, type Edge, type Edging } from '../../shared/pickedUp.js';
import { given, quantity } from '../../shared/quantity.js';
import type { HexagonStyle } from './fields.js';
import type { First } from './geometry.js';
import { sidesOf } from './sides.js';

type Input = SizeInput<HexagonStyle>;

/** Whether rows lie between the halves at the centre back, in any size. */
export function hasStrip({ back }: HexagonStyle): boolean {
  return typeof back.strip !== 'number' || back.strip > 0;
}

/** Counts that follow. */
export function edgingIdsOf(style: HexagonStyle): CountId[] {
  return [
    ...(hasStrip(style) ? (['centre.stitches', 'centre.rows'] as const) : []),
    ...(style.hood ? HOOD_IDS : []),
  ];
}

export function edgingsOf(input: Input, counts: GarmentCounts, first: First): ReturnType<Edgings['follow']> {
  const { style } = input;
  return together([
    ...(hasStrip(style) ? [stripAlong(input, counts, first)] : []),
    ...(style.hood ? [hoodAlong(input, neckEdge(input, counts, first))] : []),
  ]);
}

function stripAlong(input: Input, counts: GarmentCounts, first: First): Edging {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const width = forSize(style.back.strip, size.id);
  const { quantities, relations } = pickedUp({
    id: 'centre.stitches',
    label: 'Strip at the centre back, along the edge',
    what: 'the strip',
    seam: 'centre.seam',
    fabric,
    edge: centreEdge(input, counts, first),
    ratio: null,
    // A repeat too wide to go along the edge is broken at its ends.
    rule: isInSpaces(fabric) ? fabric.rule.flat : ANY_COUNT,
  });
  return {
    quantities: [
      ...quantities,
      quantity({
        id: 'centre.rows',
        label: 'Strip at the centre back, width',
        fabric,
        axis: 'rows',
        target: width,
        weight: 1,
        because: [given('Strip wanted', width, { kind: 'style', id: 'garment.back.strip' })],
      }),
    ],
    relations,
  };
}

/** The back edge of a half, from the hem up. */
function centreEdge({ style, fabrics }: Input, counts: GarmentCounts, first: First): Edge {
  const fabric = fabrics.get(style.fabric)!;
  const rows = perCm(fabric.gauge, 'rows');
  const { back, measures } = sidesOf(fabric, style, counts, first);
  const hem = counts.of('hexagon.hem');
  return edgeOf('Centre back', 1 / rows, [
    ...(hem > 0 ? [rowEnds('Rows along the lower edge', 'hexagon.hem', hem, fabric)] : []),
    {
      ...stitchesOf('Back edge of the half', 'hexagon.rounds', back, fabric),
      length: measures.front / rows,
    },
  ]);
}

/** The neck: what is left open of both shoulders, in front and behind, and the ends of the rows along the sides. */
export function neckEdge({ style, size, fabrics }: Input, counts: GarmentCounts, first: First): Edge {
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const open = counts.of('hexagon.open');
  const { shoulder, measures } = sidesOf(fabric, style, counts, first);
  const ends = first === 'sleeve' ? counts.of('hexagon.rows') : 0;
  // In whole rows, as the strip will be found beside it.
  const strip = hasStrip(style)
    ? (counts.find('centre.rows') ?? Math.max(1, Math.round(forSize(style.back.strip, size.id) * rows)))
    : 0;
  return edgeOf('Neck edge', 1 / stitches, [
    {
      ...stitchesOf('Left open at the top of both halves', 'hexagon.open', 4 * open, fabric),
      length: (4 * open * measures.shoulder) / shoulder / rows,
    },
    ...(ends > 0 ? [rowEnds('Ends of the rows along the sides', 'hexagon.rows', 4 * ends, fabric)] : []),
    ...(strip > 0
      ? [{ ...rowEnds('End of the strip', 'centre.rows', strip, fabric), length: strip / rows }]
      : []),
  ]);
}
