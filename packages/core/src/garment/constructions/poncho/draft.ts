import { perCm } from '../../../fabric/gauge.js';
import { forSize } from '../../../fields/perSize.js';
import { cm, say } from '../../../text/phrase.js';
import { finishedPlan, type Draft, type SizeInput } from '../../construction.js';
import { sumIs } from '../../relations.js';
import { becomes, given, plus, quantity, shareOf } from '../../shared/quantity.js';
import { sameLength } from '../../shared/seams.js';
import { measured } from '../../shared/targets.js';
import type { PonchoStyle } from './fields.js';

declare module '../../counts.js' {
  interface OwnCounts {
    'poncho.width': true;
    'poncho.rows': true;
    'poncho.seam': true;
    'poncho.neck': true;
  }
}

/**
 * Drafts both rectangles: as wide as the poncho hangs, and longer by half of the neck. The end of one goes along so many rows of the other's
 * side as it is wide; what is left of both sides is the neck (common practice).
 */
export function draft(input: SizeInput<PonchoStyle>): Draft {
  const { style, size, fabrics } = input;
  const { body } = input.body;
  const fabric = fabrics.get(style.fabric)!;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const { length: depth, reasons: widthWanted } = shareOf(
    forSize(style.depth, size.id),
    'From the neck over the shoulder',
    {
      length: body.shoulderToWrist,
      label: 'Shoulder to wrist',
      from: { kind: 'measurement', id: 'shoulderToWrist' },
    },
    { kind: 'style', id: 'garment.depth' },
  );
  const wider = forSize(style.neckEase, size.id);
  const neck = body.head + wider;
  return {
    quantities: [
      quantity({
        id: 'poncho.width',
        label: 'Rectangle, width',
        fabric,
        axis: 'stitches',
        target: depth,
        weight: 1,
        rule: fabric.rule.flat,
        because: widthWanted,
        min: 4,
      }),
      quantity({
        id: 'poncho.rows',
        label: 'Rectangle, length',
        fabric,
        axis: 'rows',
        target: depth + neck / 2,
        weight: 0.3,
        rule: fabric.rule.rows,
        because: [
          given('Its width', depth, { kind: 'quantity', id: 'poncho.width' }),
          plus('Half of the neck', neck / 2, depth + neck / 2, { kind: 'quantity', id: 'poncho.neck' }),
        ],
        min: 4,
      }),
      quantity({
        id: 'poncho.seam',
        label: 'Side, sewn to the other’s end',
        fabric,
        axis: 'rows',
        target: depth,
        weight: 0.3,
        because: [given('Width of the other', depth, { kind: 'quantity', id: 'poncho.width' })],
        min: 2,
      }),
      quantity({
        id: 'poncho.neck',
        label: 'Side, half of the neck',
        fabric,
        axis: 'rows',
        target: neck / 2,
        weight: 1,
        rounding: 'not under',
        because: [
          measured(input, 'head'),
          plus('Wider than the head by', wider, neck, { kind: 'style', id: 'garment.neckEase' }),
          becomes('Two sides', '÷ 2', neck / 2),
        ],
        min: 2,
      }),
    ],
    helpers: [],
    relations: [
      sumIs(
        {
          id: 'side',
          rule: 'seam and neck are the side of a rectangle',
          says: (counts) =>
            say`${counts.of('poncho.neck')} + ${counts.of('poncho.seam')} = ${counts.of('poncho.rows')} rows`,
        },
        { 'poncho.neck': 1, 'poncho.seam': 1, 'poncho.rows': -1 },
      ),
      ...sameLength(
        {
          id: 'seam',
          rule: 'the end of one rectangle goes along the side of the other',
          says: (counts) =>
            say`${counts.of('poncho.width')} stitches (${cm(counts.of('poncho.width') / stitches)}) along ${counts.of('poncho.seam')} rows (${cm(counts.of('poncho.seam') / rows)})`,
        },
        { of: 'poncho.width', perCm: stitches, times: 1 },
        { of: 'poncho.seam', perCm: rows, times: 1 },
        depth,
      ),
    ],
    finished: [
      finishedPlan(
        'rectangleWidth',
        'Width of a rectangle',
        depth,
        (counts) => counts.of('poncho.width') / stitches,
      ),
      finishedPlan(
        'rectangleLength',
        'Length of a rectangle',
        depth + neck / 2,
        (counts) => counts.of('poncho.rows') / rows,
      ),
      finishedPlan('neck', 'Neck, all round', neck, (counts) => (2 * counts.of('poncho.neck')) / rows),
      // The corner of a rectangle hangs from the point of the V, along its diagonal.
      finishedPlan('point', 'From the V to the point', Math.SQRT2 * depth, (counts) =>
        Math.hypot(counts.of('poncho.width') / stitches, counts.of('poncho.seam') / rows),
      ),
    ],
    notes: [],
  };
}
