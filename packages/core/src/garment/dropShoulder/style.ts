import { FieldReader, type FieldProblem, type JsonObject } from '../../check/fields.js';
import { ORDERS, type Order } from '../../shaping/schedule.js';
import { readBand, type BandStyle } from '../shared/bands.js';
import { readPerSize, type PerSize } from '../shared/perSize.js';

/** The style of a closed drop-shoulder pullover (craft: rectangles, tapered sleeves). Lengths in cm. */
export interface DropShoulderStyle {
  fabric: string;
  /** Which measurement leads the width. */
  widthLedBy: 'bust' | 'hip' | 'widest';
  /** Added to the leading round, negative allowed. */
  ease: PerSize;
  /** Length below the waist; the body length is nape to waist plus this. */
  belowWaist: PerSize;
  /** Added to the body's armhole depth. */
  armholeEase: PerSize;
  neck: {
    /** Null: half the cross-back, or what the head needs. */
    width: PerSize | null;
    drop: PerSize;
  };
  sleeve: {
    worked: 'up' | 'down';
    /** Added to the wrist. */
    wristEase: PerSize;
    /** Shorter than the arm by so much. */
    shorter: PerSize;
    order: Order;
    /** 1: shaping in any row; 2: in right-side rows only. */
    everyRow: 1 | 2;
  };
  hem: BandStyle | null;
  cuff: BandStyle | null;
}

/** Usual figures where the design says nothing (common practice). */
const USUAL = { ease: 10, belowWaist: 18, armholeEase: 3, drop: 7, wristEase: 4, hem: 5, cuff: 5 };

/** Reads the style; a missing field gets its usual figure, a wrong one a sentence. */
export function readStyle(
  garment: JsonObject,
  fabricIds: readonly string[],
  problems: FieldProblem[],
): DropShoulderStyle {
  const reader = new FieldReader(garment, 'garment', problems);
  const first = fabricIds[0] ?? '';
  const rib = fabricIds.find((id) => id !== first) ?? first;
  const inside = (key: string, label: string) =>
    reader.inside(key, label, false) ?? new FieldReader({}, `garment.${key}`, problems);
  const neck = inside('neck', 'The neck');
  const sleeve = inside('sleeve', 'The sleeve');
  const cm = (label: string, min: number, max: number, otherwise: number) => ({
    label,
    min,
    max,
    unit: 'cm',
    otherwise,
  });
  return {
    fabric: reader.choice('fabric', 'The fabric of the body', fabricIds, first),
    widthLedBy: reader.choice(
      'widthLedBy',
      'What leads the width',
      ['bust', 'hip', 'widest'] as const,
      'bust',
    ),
    ease: readPerSize(reader, 'ease', cm('The ease', -40, 80, USUAL.ease)),
    belowWaist: readPerSize(
      reader,
      'belowWaist',
      cm('The length below the waist', -30, 120, USUAL.belowWaist),
    ),
    armholeEase: readPerSize(reader, 'armholeEase', cm('The ease of the armhole', -5, 20, USUAL.armholeEase)),
    neck: {
      width:
        neck.object['width'] === undefined || neck.object['width'] === null
          ? null
          : readPerSize(neck, 'width', cm('The neck width', 5, 60, 18)),
      drop: readPerSize(neck, 'drop', cm('The front neck drop', 0, 25, USUAL.drop)),
    },
    sleeve: {
      worked: sleeve.choice('worked', 'The sleeve’s direction', ['up', 'down'] as const, 'up'),
      wristEase: readPerSize(sleeve, 'wristEase', cm('The wrist ease', -3, 40, USUAL.wristEase)),
      shorter: readPerSize(sleeve, 'shorter', cm('The shortening of the sleeve', 0, 60, 0)),
      order: sleeve.choice('order', 'The order of the shaping', ORDERS, 'slow first'),
      everyRow: sleeve.choice('everyRow', 'The rows with shaping', [1, 2] as const, 1),
    },
    hem: readBand(reader, 'hem', 'Hem rib', { height: USUAL.hem, fabric: rib }, fabricIds),
    cuff: readBand(reader, 'cuff', 'Cuff rib', { height: USUAL.cuff, fabric: rib }, fabricIds),
  };
}
