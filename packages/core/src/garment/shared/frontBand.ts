/** The bands of an open front: picked up along the front edge and the ends of the ribs above and below it. */

import { perCm } from '../../fabric/gauge.js';
import { forSize } from '../../fields/perSize.js';
import type { PickUpRatio } from '../../joins/pickUp.js';
import type { SizeInput } from '../construction.js';
import type { GarmentCounts } from '../counts.js';
import { acrossOf, type BandStyle } from './bands.js';
import type { FrontStyle } from './front.js';
import { edgeOf, pickedUp, ratioOf, type Stretch, type Edging } from './pickedUp.js';
import { given, quantity } from './quantity.js';

type Input = SizeInput<{ front: FrontStyle }>;

/**
 * The end of a rib that a front band is picked up along.
 *
 * @param counts the counts found so far; a rib that is not among them is found together with the band
 */
export function endOfRib(
  { size, fabrics }: Pick<SizeInput<unknown>, 'size' | 'fabrics'>,
  id: 'hem' | 'neckband',
  band: BandStyle | null,
  counts: GarmentCounts,
): Stretch[] {
  if (!band) return [];
  const of = `${id}.height` as const;
  const axis = acrossOf(band);
  const countsPerCm = perCm(fabrics.get(band.fabric)!.gauge, axis);
  const found = counts.find(of);
  const wanted = forSize(band.height, size.id);
  const known =
    found === undefined
      ? { length: wanted, count: wanted * countsPerCm, perCm: countsPerCm }
      : { length: found / countsPerCm, count: found };
  return [{ label: id === 'hem' ? 'End of the hem rib' : 'End of the neckband', of, axis, ...known }];
}

/** The ratio by which front bands are picked up; null where they go by their gauge. */
export function frontBandRatio(
  { style: { front }, fabrics }: Pick<Input, 'style' | 'fabrics'>,
  stretches: readonly Stretch[],
): PickUpRatio | null {
  return front.style === 'band' ? ratioOf(front, fabrics.get(front.fabric)!, stretches, 'front') : null;
}

/** Bands picked up along both fronts: their stitches run along the edge, their rows are their width. */
export function frontBandAlong(input: Input, stretches: readonly Stretch[]): Edging {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.front.fabric)!;
  const width = forSize(style.front.width, size.id);
  const { quantities, relations } = pickedUp({
    id: 'band.stitches',
    label: 'Front band, along the edge',
    what: 'the front band',
    seam: 'band.seam',
    fabric,
    edge: edgeOf('Front edge', 1 / perCm(fabric.gauge, 'stitches'), stretches),
    ratio: frontBandRatio(input, stretches),
  });
  return {
    quantities: [
      ...quantities,
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
    relations,
  };
}
