import { FieldReader, type FieldProblem, type JsonObject, type NumberWish } from '../../check/fields.js';
import { NECK_SHAPES, type NeckShape } from '../../shaping/curve.js';
import { ORDERS, type Order } from '../../shaping/schedule.js';
import { readBand, type BandStyle } from '../shared/bands.js';
import { readEase, readPerSize, type Ease, type PerSize } from '../shared/perSize.js';

/** The style of a closed drop-shoulder pullover (craft: rectangles, tapered sleeves). Lengths in cm. */
export interface DropShoulderStyle {
  fabric: string;
  /** Which measurement leads the width. */
  widthLedBy: 'bust' | 'hip' | 'widest';
  /** Added to the leading round, negative allowed. */
  ease: PerSize<Ease>;
  /** Added to the hip where that leads; null: as the ease. */
  hipEase: PerSize<Ease> | null;
  /** Which length leads: the back's, the front's over the bust, or the longer of them. */
  lengthLedBy: 'back' | 'front' | 'longer';
  /** Length below the waist; the body length is nape to waist plus this. A share is of nape to waist. */
  belowWaist: PerSize<Ease>;
  /** Added to the body's armhole depth. */
  armholeEase: PerSize<Ease>;
  neck: {
    /** Null: from `ease`, or half the cross-back, or what the head needs. */
    width: PerSize | null;
    /** Added to the neck round, which then leads the width; null: it does not. */
    ease: PerSize<Ease> | null;
    drop: PerSize;
    /** The line of the front neck. */
    shape: NeckShape;
  };
  sleeve: {
    worked: 'up' | 'down';
    /** Another fabric than the body's; null: the same. */
    fabric: string | null;
    /** Added to the flexed upper arm: the armhole is made at least so deep; null: the armhole depth alone leads. */
    upperArmEase: PerSize<Ease> | null;
    /** Added to the wrist. */
    wristEase: PerSize<Ease>;
    /** Shorter than the arm by so much. */
    shorter: PerSize;
    order: Order;
    /** 1: shaping in any row; 2: in right-side rows only. */
    everyRow: 1 | 2;
    /** Worked even above the cuff and below the top, cm or a share of the sleeve's own rows. */
    evenAtCuff: PerSize<Ease>;
    evenAtTop: PerSize<Ease>;
  };
  /** Another fabric of back and front from the underarm up; null: the same. */
  upper: { fabric: string } | null;
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
    ease: readEase(reader, 'ease', cm('The ease', -40, 80, USUAL.ease)),
    hipEase: easeOrNone(reader, 'hipEase', cm('The ease at the hip', -40, 80, USUAL.ease)),
    lengthLedBy: reader.choice(
      'lengthLedBy',
      'What leads the length',
      ['back', 'front', 'longer'] as const,
      'back',
    ),
    belowWaist: readEase(reader, 'belowWaist', cm('The length below the waist', -30, 120, USUAL.belowWaist)),
    armholeEase: readEase(reader, 'armholeEase', cm('The ease of the armhole', -5, 20, USUAL.armholeEase)),
    neck: {
      width:
        neck.object['width'] === undefined || neck.object['width'] === null
          ? null
          : readPerSize(neck, 'width', cm('The neck width', 5, 60, 18)),
      ease: easeOrNone(neck, 'ease', cm('The ease at the neck', -10, 80, 10)),
      drop: readPerSize(neck, 'drop', cm('The front neck drop', 0, 25, USUAL.drop)),
      shape: neck.choice('shape', 'The line of the front neck', NECK_SHAPES, 'round'),
    },
    sleeve: {
      worked: sleeve.choice('worked', 'The sleeve’s direction', ['up', 'down'] as const, 'up'),
      fabric: fabricOrNone(sleeve, 'The fabric of the sleeve', fabricIds),
      upperArmEase: easeOrNone(sleeve, 'upperArmEase', cm('The ease at the upper arm', -10, 60, 8)),
      wristEase: readEase(sleeve, 'wristEase', cm('The wrist ease', -3, 40, USUAL.wristEase)),
      shorter: readPerSize(sleeve, 'shorter', cm('The shortening of the sleeve', 0, 60, 0)),
      order: sleeve.choice('order', 'The order of the shaping', ORDERS, 'slow first'),
      everyRow: sleeve.choice('everyRow', 'The rows with shaping', [1, 2] as const, 1),
      evenAtCuff: readEase(sleeve, 'evenAtCuff', cm('The even part above the cuff', 0, 60, 0)),
      evenAtTop: readEase(sleeve, 'evenAtTop', cm('The even part below the top', 0, 60, 0)),
    },
    upper: readUpper(reader, fabricIds),
    hem: readBand(reader, 'hem', 'Hem rib', { height: USUAL.hem, fabric: rib }, fabricIds),
    cuff: readBand(reader, 'cuff', 'Cuff rib', { height: USUAL.cuff, fabric: rib }, fabricIds),
  };
}

/** An ease that may be left out: null or missing is none. */
function easeOrNone(
  reader: FieldReader,
  key: string,
  wish: NumberWish & { otherwise: number },
): PerSize<Ease> | null {
  return reader.object[key] === undefined || reader.object[key] === null ? null : readEase(reader, key, wish);
}

/** A fabric that may be left out: null or missing is the body's. */
function fabricOrNone(reader: FieldReader, label: string, fabricIds: readonly string[]): string | null {
  const { fabric } = reader.object;
  return fabric === undefined || fabric === null
    ? null
    : reader.choice('fabric', label, fabricIds, fabricIds[0] ?? '');
}

function readUpper(reader: FieldReader, fabricIds: readonly string[]): DropShoulderStyle['upper'] {
  const upper = reader.inside('upper', 'The upper part', false);
  const fabric = upper && fabricOrNone(upper, 'The fabric from the underarm up', fabricIds);
  return fabric === null ? null : { fabric };
}

/** The fabric of back and front from the underarm up. */
export function upperFabric({ upper, fabric }: DropShoulderStyle): string {
  return upper?.fabric ?? fabric;
}
