import { FieldReader, type FieldProblem, type JsonObject } from '../../check/fields.js';
import { NECK_SHAPES, type NeckShape } from '../../shaping/curve.js';
import { readBand, type BandStyle } from '../shared/bands.js';
import { easeOrNone, readEase, readPerSize, type Ease, type PerSize } from '../shared/perSize.js';
import { fabricOrNone, lengthWish, readTaper, readWidthAndLength } from '../shared/style.js';
import type { LengthStyle, WidthStyle } from '../shared/targets.js';
import type { TaperStyle } from '../shared/taper.js';

/** The style of a closed drop-shoulder pullover (craft: rectangles, tapered sleeves). Lengths in cm. */
export interface DropShoulderStyle extends WidthStyle, LengthStyle {
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
  sleeve: TaperStyle & {
    worked: 'up' | 'down';
    /** Another fabric than the body's; null: the same. */
    fabric: string | null;
    /** Added to the flexed upper arm: the armhole is made at least so deep; null: the armhole depth alone leads. */
    upperArmEase: PerSize<Ease> | null;
    /** Added to the wrist. */
    wristEase: PerSize<Ease>;
    /** Shorter than the arm by so much. */
    shorter: PerSize;
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
  return {
    fabric: reader.choice('fabric', 'The fabric of the body', fabricIds, first),
    ...readWidthAndLength(reader, USUAL),
    armholeEase: readEase(
      reader,
      'armholeEase',
      lengthWish('The ease of the armhole', -5, 20, USUAL.armholeEase),
    ),
    neck: {
      width:
        neck.object['width'] === undefined || neck.object['width'] === null
          ? null
          : readPerSize(neck, 'width', lengthWish('The neck width', 5, 60, 18)),
      ease: easeOrNone(neck, 'ease', lengthWish('The ease at the neck', -10, 80, 10)),
      drop: readPerSize(neck, 'drop', lengthWish('The front neck drop', 0, 25, USUAL.drop)),
      shape: neck.choice('shape', 'The line of the front neck', NECK_SHAPES, 'round'),
    },
    sleeve: {
      worked: sleeve.choice('worked', 'The sleeve’s direction', ['up', 'down'] as const, 'up'),
      fabric: fabricOrNone(sleeve, 'The fabric of the sleeve', fabricIds),
      upperArmEase: easeOrNone(sleeve, 'upperArmEase', lengthWish('The ease at the upper arm', -10, 60, 8)),
      wristEase: readEase(sleeve, 'wristEase', lengthWish('The wrist ease', -3, 40, USUAL.wristEase)),
      shorter: readPerSize(sleeve, 'shorter', lengthWish('The shortening of the sleeve', 0, 60, 0)),
      ...readTaper(sleeve),
    },
    upper: readUpper(reader, fabricIds),
    hem: readBand(reader, 'hem', 'Hem rib', { height: USUAL.hem, fabric: rib }, fabricIds),
    cuff: readBand(reader, 'cuff', 'Cuff rib', { height: USUAL.cuff, fabric: rib }, fabricIds),
  };
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
