/** The bands of an open front: picked up along the front edge and the ends of the ribs above and below it. */

import type { Reason } from '../../because/reason.js';
import { stitchOf, type Axis, type Fabric } from '../../fabric/fabric.js';
import { perCm } from '../../fabric/gauge.js';
import { forSize } from '../../fields/perSize.js';
import type { Relation } from '../../fit/problem.js';
import { perRowEnd, type PickUpRatio } from '../../joins/pickUp.js';
import { cm, figure, say } from '../../text/phrase.js';
import type { SizeInput } from '../construction.js';
import type { CountId, GarmentCounts } from '../counts.js';
import { sumAtLeast, sumAtMost } from '../relations.js';
import { acrossOf, type BandStyle } from './bands.js';
import { alongEdge, type Edging } from './edgings.js';
import type { FrontStyle } from './front.js';
import { becomes, given, plus, quantity } from './quantity.js';

type Input = SizeInput<{ front: FrontStyle }>;

/** A stretch of the front edge that the band is picked up along, cm. */
export interface Stretch {
  label: string;
  length: number;
  /** Its row ends or stitches: as many as there are, or as are wanted. */
  count: number;
  axis: Axis;
  /** What its rows are of; of a rib's end it does not matter. */
  fabric?: Fabric;
  /** The count that it comes from. */
  of: CountId;
  /** Its counts for each cm, where the count is found together with the band's and the length is only what is wanted. */
  perCm?: number;
}

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

/** Row ends of a fabric, as a stretch of a front edge. */
export function rowEnds(label: string, of: CountId, count: number, fabric: Fabric): Stretch {
  return { label, of, axis: 'rows', count, fabric, length: count / perCm(fabric.gauge, 'rows') };
}

/** The ratio by which front bands are picked up; null where they go by their gauge. */
export function frontBandRatio(
  { style, fabrics }: Pick<Input, 'style' | 'fabrics'>,
  stretches: readonly Stretch[],
): PickUpRatio | null {
  const { front } = style;
  if (front.style !== 'band' || front.pickUp !== 'ratio') return null;
  const own = fabrics.get(front.fabric)!;
  const rows = stretches.flatMap(({ axis, count, fabric }) =>
    axis === 'rows' && fabric ? { count, fabric } : [],
  );
  const ends = rows.reduce((sum, { count }) => sum + count, 0);
  const taken = rows.reduce(
    (sum, { count, fabric }) => sum + count * (front.perRowEnd ?? perRowEnd(own, fabric)),
    0,
  );
  const [most] = [...rows].sort((a, b) => b.count - a.count);
  return {
    each: ends > 0 ? taken / ends : 1,
    plus: 0,
    hidden: Math.max(1, own.rule.flat.multiple / 2),
    of: most ? stitchOf(most.fabric) : 'sc',
    field: 'front',
  };
}

/** Bands picked up along both fronts: their stitches run along the edge, their rows are their width. */
export function frontBandAlong(input: Input, stretches: readonly Stretch[]): Edging {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.front.fabric)!;
  const stitches = perCm(fabric.gauge, 'stitches');
  const width = forSize(style.front.width, size.id);
  const ratio = frontBandRatio(input, stretches);
  let sum = 0;
  const because = stretches.map(({ label, length, of }, i): Reason => {
    sum += length;
    const from = { kind: 'quantity', id: of } as const;
    return i === 0 ? given(label, length, from) : plus(label, length, sum, from);
  });
  const edge = sum;
  const picked = ratio
    ? stretches.reduce((all, { axis, count }) => all + count * (axis === 'rows' ? ratio.each : 1), 0) /
      stitches
    : edge;
  return {
    quantities: [
      quantity({
        id: 'band.stitches',
        label: 'Front band, along the edge',
        fabric,
        axis: 'stitches',
        target: picked,
        weight: 1,
        rule: fabric.rule.flat,
        because: ratio
          ? [
              ...because,
              becomes(
                'Picked up by ratio',
                `× ${figure(picked / edge, 5)}`,
                picked,
                say`${figure(ratio.each)} stitches for each row end, by the band’s gauge`,
              ),
            ]
          : because,
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
    relations: ratio
      ? byRatio(ratio, stretches)
      : alongEdge({
          id: 'band.seam',
          rule: 'the front band goes along the front edge',
          of: 'band.stitches',
          countsPerCm: stitches,
          edge: { length: edge, unit: 1 / stitches },
          open: stretches,
          says: (found) =>
            say`Picked up along ${cm(edge)}: ${found.of('band.stitches')} stitches (${cm(found.of('band.stitches') / stitches)})`,
        }),
  };
}

/** The band takes so many stitches of each row end, and one of each stitch; of a rib's end as many as it will have. */
function byRatio({ each, hidden }: PickUpRatio, stretches: readonly Stretch[]): Relation[] {
  const rule = 'the front band takes so many stitches of each row end';
  const times: Partial<Record<CountId, number>> = { 'band.stitches': 1 };
  let known = 0;
  for (const { axis, count, of, perCm: open } of stretches) {
    const taken = axis === 'rows' ? each : 1;
    if (open) times[of] = -taken;
    else known += taken * count;
  }
  const says = (counts: GarmentCounts) =>
    say`Picked up by ratio: ${counts.of('band.stitches')} stitches, ${figure(each)} for each row end`;
  return [
    { ...sumAtMost({ id: 'band.ratio.more', rule, says }, times, known + hidden), seam: 'band.ratio' },
    { ...sumAtLeast({ id: 'band.ratio.fewer', rule }, times, known - hidden), seam: 'band.ratio' },
  ];
}
