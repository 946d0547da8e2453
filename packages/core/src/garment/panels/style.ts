import { FieldReader, type FieldProblem, type JsonObject } from '../../check/fields.js';
import { NECK_SHAPES, type NeckShape } from '../../shaping/curve.js';
import { readBand, type BandStyle } from '../shared/bands.js';
import type { SleeveReach } from '../shared/arm.js';
import { readFront, type FrontStyle } from '../shared/front.js';
import { easeOrNone, readEase, readPerSize, type Ease, type PerSize } from '../shared/perSize.js';
import { fabricOrNone, lengthWish, readReach, readTaper, readWidthAndLength } from '../shared/style.js';
import type { LengthStyle, WidthStyle } from '../shared/targets.js';
import type { TaperStyle } from '../shared/taper.js';

export const SLEEVE_SHAPES = ['tapered', 'straight'] as const;

/** The sleeve of a garment of panels. */
export interface SleeveStyle extends TaperStyle, SleeveReach {
  /** straight: a rectangle, as wide at the cuff as at the top. */
  shape: (typeof SLEEVE_SHAPES)[number];
  worked: 'up' | 'down';
  /** Another fabric than the body's; null: the same. */
  fabric: string | null;
  /** Added to the flexed upper arm: the armhole is made at least so deep; null: the armhole depth alone leads. */
  upperArmEase: PerSize<Ease> | null;
  /** Added to the wrist. */
  wristEase: PerSize<Ease>;
}

/** The style of a garment of panels, closed or open in front. Lengths in cm. */
export interface PanelStyle extends WidthStyle, LengthStyle {
  front: FrontStyle;
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
  /** The side seams are left open so far from the lower edge of the front; and the back is so much longer, cm. */
  slit: PerSize;
  longerBack: PerSize;
  /** A step at each underarm, within which the shoulders lie; null: none, a plain drop. A share is of the panel's width. */
  armhole: { notch: PerSize<Ease> } | null;
  /** Null: none, the armholes are edged. */
  sleeve: SleeveStyle | null;
  /** Another fabric of back and front from the underarm up; null: the same. */
  upper: { fabric: string } | null;
  neckband: BandStyle | null;
  hem: BandStyle | null;
  cuff: BandStyle | null;
  /** The rib around an armhole without a sleeve. */
  armband: BandStyle | null;
}

/** What a construction of panels fixes. */
export interface PanelForm {
  /** The usual step at the underarm; null: a plain drop. */
  notch: Ease | null;
  sleeved: boolean;
}

/** Usual figures where the design says nothing (common practice). */
const USUAL = {
  ease: 10,
  belowWaist: 18,
  armholeEase: 3,
  drop: 7,
  wristEase: 4,
  neckband: 3,
  hem: 5,
  cuff: 5,
  armband: 2.5,
};

/** Reads the style; a missing field gets its usual figure, a wrong one a sentence. */
export function readPanelStyle(
  garment: JsonObject,
  fabricIds: readonly string[],
  problems: FieldProblem[],
  form: PanelForm,
): PanelStyle {
  const reader = new FieldReader(garment, 'garment', problems);
  const first = fabricIds[0] ?? '';
  const rib = fabricIds.find((id) => id !== first) ?? first;
  const inside = (key: string, label: string) =>
    reader.inside(key, label, false) ?? new FieldReader({}, `garment.${key}`, problems);
  const neck = inside('neck', 'The neck');
  const armhole = inside('armhole', 'The armhole');
  return {
    fabric: reader.choice('fabric', 'The fabric of the body', fabricIds, first),
    ...readWidthAndLength(reader, USUAL),
    front: readFront(inside('front', 'The front'), fabricIds, rib),
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
      drop: readPerSize(neck, 'drop', lengthWish('The front neck drop', 0, 90, USUAL.drop)),
      shape: neck.choice('shape', 'The line of the front neck', NECK_SHAPES, 'round'),
    },
    slit: readPerSize(reader, 'slit', lengthWish('The side slit', 0, 60, 0)),
    longerBack: readPerSize(reader, 'longerBack', lengthWish('What the back is longer', 0, 30, 0)),
    armhole:
      form.notch === null
        ? null
        : {
            notch:
              armhole.object['notch'] === undefined
                ? form.notch
                : readEase(armhole, 'notch', lengthWish('The step at the underarm', 0.5, 20, 5)),
          },
    sleeve: form.sleeved ? readSleeve(inside('sleeve', 'The sleeve'), fabricIds) : null,
    upper: form.notch === null ? readUpper(reader, fabricIds) : null,
    // A neck is left plain unless a band is asked for.
    neckband:
      garment['neckband'] === undefined
        ? null
        : readBand(reader, 'neckband', 'Neckband', { height: USUAL.neckband, fabric: rib }, fabricIds),
    hem: readBand(reader, 'hem', 'Hem rib', { height: USUAL.hem, fabric: rib }, fabricIds),
    cuff: form.sleeved
      ? readBand(reader, 'cuff', 'Cuff rib', { height: USUAL.cuff, fabric: rib }, fabricIds)
      : null,
    armband: form.sleeved
      ? null
      : readBand(reader, 'armband', 'Armhole rib', { height: USUAL.armband, fabric: rib }, fabricIds),
  };
}

function readSleeve(sleeve: FieldReader, fabricIds: readonly string[]): SleeveStyle {
  return {
    shape: sleeve.choice('shape', 'The shape of the sleeve', SLEEVE_SHAPES, 'tapered'),
    worked: sleeve.choice('worked', 'The sleeve’s direction', ['up', 'down'] as const, 'up'),
    fabric: fabricOrNone(sleeve, 'The fabric of the sleeve', fabricIds),
    upperArmEase: easeOrNone(sleeve, 'upperArmEase', lengthWish('The ease at the upper arm', -10, 60, 8)),
    wristEase: readEase(sleeve, 'wristEase', lengthWish('The wrist ease', -3, 40, USUAL.wristEase)),
    ...readReach(sleeve),
    ...readTaper(sleeve),
  };
}

function readUpper(reader: FieldReader, fabricIds: readonly string[]): PanelStyle['upper'] {
  const upper = reader.inside('upper', 'The upper part', false);
  const fabric = upper && fabricOrNone(upper, 'The fabric from the underarm up', fabricIds);
  return fabric === null ? null : { fabric };
}

/** The fabric of back and front from the underarm up. */
export function upperFabric({ upper, fabric }: PanelStyle): string {
  return upper?.fabric ?? fabric;
}

/** Whether the armholes are left as they are: no sleeve and no rib. */
export function isPlain({ sleeve, armband }: PanelStyle): boolean {
  return !sleeve && !armband;
}
