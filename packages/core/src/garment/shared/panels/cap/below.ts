/** The rows of a sleeve below its cap. */

import { shapingUnit } from '../../../../fabric/fabric.js';
import { perCm } from '../../../../fabric/gauge.js';
import { forSize } from '../../../../fields/perSize.js';
import type { Relation } from '../../../../fit/problem.js';
import type { DraftQuantity, SizeInput } from '../../../construction.js';
import type { GarmentCounts } from '../../../counts.js';
import { sumAtLeast } from '../../../relations.js';
import { plus, quantity } from '../../quantity.js';
import { evenRowsWished, type TaperStyle } from '../../taper.js';
import { draftSleeveEnd } from '../sleeveEnd.js';
import type { PanelStyle, SleeveStyle } from '../style.js';
import { acrossShoulders } from '../sums.js';
import { sleeveLength } from '../targets.js';
import { schoolOf } from './solved.js';

type Input = SizeInput<PanelStyle>;

/** Shortest sleeve that is still one, cm. */
const SHORTEST = 2;

/** The taper below a cap of short rows leaves two even rows at the top: one that they begin on, and the one that closes them. */
export function cappedTaper(
  { armhole }: PanelStyle,
  style: SleeveStyle,
  size: string,
  rowsPerCm: number,
): TaperStyle {
  if (!armhole?.curve || schoolOf(style) === 'worked') return style;
  const wish = forSize(style.evenAtTop, size);
  return typeof wish === 'number' ? { ...style, evenAtTop: Math.max(wish, 2 / rowsPerCm) } : style;
}

/** Rows that a cap may be higher than was thought, which its sleeve must do without. */
const SLACK = 2;

/**
 * What the wishes for even rows leave of the rows below a cap to the shaping.
 *
 * @param rows rows that they are about
 */
export function evenRowsOf(
  style: SleeveStyle,
  { style: garment, size, fabrics }: Input,
  rows: number,
): { rows: number; spare: number; spareShare: number } {
  const rowsPerCm = perCm(fabrics.get(style.fabric ?? garment.fabric)!.gauge, 'rows');
  const even = cappedTaper(garment, style, size.id, rowsPerCm);
  return { rows: rows - SLACK, ...evenRowsWished(even, size.id, rowsPerCm, rows) };
}

/** Rows of the sleeve below its cap: what that leaves of the arm, and at least as many as the taper needs. */
export function rowsBelow(
  input: Input,
  style: SleeveStyle,
  counts: GarmentCounts,
  height: number,
): { quantity: DraftQuantity; relation: Relation } {
  const { style: garment, fabrics, size } = input;
  const fabric = fabrics.get(style.fabric ?? garment.fabric)!;
  const rowsPerCm = perCm(fabric.gauge, 'rows');
  const across = acrossShoulders(counts) / perCm(fabrics.get(garment.fabric)!.gauge, 'stitches');
  const { length, reasons } = sleeveLength(input, style, across, fabric.growth ?? 0);
  const end = draftSleeveEnd(input, style, fabric, { length: 0, reasons: [] });
  const [inside, faded] = [length - end.cuff, length - end.cuff - end.fade];
  const seam = faded - height;
  const target = Math.max(SHORTEST, seam);
  const even = evenRowsWished(
    cappedTaper(garment, style, size.id, rowsPerCm),
    size.id,
    rowsPerCm,
    target * rowsPerCm,
  );
  const events = Math.abs(counts.of('sleeve.top') - counts.of('sleeve.cuff')) / (2 * shapingUnit(fabric));
  return {
    quantity: quantity({
      id: 'sleeve.rows',
      label: schoolOf(style) === 'worked' ? 'Sleeve, along the underarm' : 'Sleeve, below the cap',
      fabric,
      axis: 'rows',
      target,
      weight: 1,
      rounding: 'not over',
      min: 4,
      because: [
        ...reasons,
        ...(end.cuff > 0
          ? [plus('Cuff rib', -end.cuff, inside, { kind: 'style', id: 'garment.cuff.height' })]
          : []),
        ...(end.fade > 0
          ? [plus('Rounds that fade', -end.fade, faded, { kind: 'style', id: 'garment.sleeve.fade' })]
          : []),
        plus('Cap', -height, seam, { kind: 'quantity', id: 'cap.rows' }),
      ],
    }),
    relation: sumAtLeast(
      { id: 'taper.rows', rule: 'the sleeve has room for its shaping rows' },
      { 'sleeve.rows': 1 - even.spareShare },
      events * style.everyRow + even.spare,
    ),
  };
}
