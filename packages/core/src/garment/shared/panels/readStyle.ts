import { FieldReader, type FieldProblem, type JsonObject } from '../../../check/fields.js';
import { NECK_SHAPES } from '../../../shaping/curve.js';
import { readBand } from '../bands.js';
import { readBody } from '../body.js';
import { readFront } from '../front.js';
import { readHood } from '../hood.js';
import { easeOrNone, perSizeOrNone, readEase, readPerSize, type Ease } from '../perSize.js';
import { fabricOrNone, lengthWish, readReach, readTaper, readWidthAndLength } from '../style.js';
import {
  NECK_STYLES,
  SLEEVE_ROUNDS,
  SLEEVE_SHAPES,
  type ArmholeCurve,
  type MeasuredStyle,
  type PanelStyle,
  type SleeveStyle,
} from './style.js';

/** What a construction of panels fixes. */
export interface PanelForm {
  /** What is usually bound off at the underarm; null: a plain drop. */
  notch: Ease | null;
  /** Whether the armhole curves above it, and the sleeve has a cap. */
  curve?: boolean;
  sleeved: boolean;
  /** Whether the design decides that: then the fields of the other way are read as well, and have no say. */
  either?: boolean;
  /** The usual ease of the armhole, cm. */
  armholeEase?: number;
  /** Whether every piece is a rectangle by measure. */
  measured?: boolean;
}

/** Usual figures where the design says nothing (common practice). */
const USUAL = {
  ease: 10,
  belowWaist: 18,
  armholeEase: 3,
  across: 1,
  open: 18,
  fullness: 80,
  curvePercent: 45,
  wristEase: 4,
  neckband: 3,
  hem: 5,
  cuff: 5,
  armband: 2.5,
};

/** Usual drops of the front neck, cm. */
const NECK_DROP: Readonly<Record<PanelStyle['neck']['style'], number>> = {
  usual: 7,
  boat: 2,
  'off-shoulder': 0,
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
  // A hood goes where the neckband would.
  const hood = readHood(reader, fabricIds);
  const [withSleeves, without] = [form.sleeved || form.either, !form.sleeved || form.either];
  const sleeve = withSleeves ? readSleeve(inside('sleeve', 'The sleeve'), fabricIds) : null;
  const cuff = withSleeves
    ? readBand(reader, 'cuff', 'Cuff rib', { height: USUAL.cuff, fabric: rib }, fabricIds)
    : null;
  const armband = without
    ? readBand(reader, 'armband', 'Armhole rib', { height: USUAL.armband, fabric: rib }, fabricIds)
    : null;
  const upper = form.notch === null || form.either ? readUpper(reader, fabricIds) : null;
  const notch =
    form.notch === null && !form.either
      ? null
      : readEase(
          armhole,
          'notch',
          lengthWish<Ease>(
            form.curve ? 'The base of the armhole' : 'The step at the underarm',
            0.5,
            20,
            form.notch ?? 3,
          ),
        );
  const neckband = readBand(
    reader,
    'neckband',
    'Neckband',
    { height: USUAL.neckband, fabric: rib, missing: true },
    fabricIds,
  );
  const neckStyle = neck.choice('style', 'The style of the neck', NECK_STYLES, 'usual');
  return {
    fabric: reader.choice('fabric', 'The fabric of the body', fabricIds, first),
    ...readWidthAndLength(reader, USUAL),
    front: readFront(inside('front', 'The front'), fabricIds, rib),
    measured: form.measured ? readMeasured(inside('measured', 'The measures')) : null,
    armholeEase: readEase(
      reader,
      'armholeEase',
      lengthWish('The ease of the armhole', -5, 20, form.armholeEase ?? USUAL.armholeEase),
    ),
    neck: {
      width: perSizeOrNone(neck, 'width', lengthWish('The neck width', 5, 60, 18)),
      ease: easeOrNone(neck, 'ease', lengthWish('The ease at the neck', -10, 80, 10)),
      style: neckStyle,
      drop: readEase(neck, 'drop', lengthWish('The front neck drop', 0, 90, NECK_DROP[neckStyle])),
      slant: readSlant(neck),
      shape: neck.choice('shape', 'The line of the front neck', NECK_SHAPES, 'round'),
    },
    body: readBody(inside('body', 'The body')),
    slit: readPerSize(reader, 'slit', lengthWish('The side slit', 0, 60, 0)),
    longerBack: readPerSize(reader, 'longerBack', lengthWish('What the back is longer', 0, 30, 0)),
    armhole:
      form.notch === null || notch === null ? null : { notch, curve: form.curve ? readCurve(armhole) : null },
    sleeve: form.sleeved ? sleeve : null,
    upper: form.notch === null ? upper : null,
    // A neck is left plain unless a band is asked for, and where a hood goes in its place.
    neckband: hood ? null : neckband,
    collar: reader.choice('collar', 'The high collar', [true, false] as const, false),
    hood,
    hem: readBand(reader, 'hem', 'Hem rib', { height: USUAL.hem, fabric: rib }, fabricIds),
    cuff: form.sleeved ? cuff : null,
    armband: form.sleeved ? null : armband,
  };
}

function readMeasured(measures: FieldReader): MeasuredStyle {
  return {
    across: perSizeOrNone(measures, 'across', lengthWish('The width of the back', 10, 200, 70)),
    open: readPerSize(measures, 'open', lengthWish('What is left open below the sleeve', 0, 80, USUAL.open)),
  };
}

function readSlant(neck: FieldReader): PanelStyle['neck']['slant'] {
  const slant = neck.inside('slant', 'The slant of the front', false);
  return slant
    ? {
        stitches: slant.number('stitches', {
          label: 'The stitches taken off at a time',
          min: 1,
          max: 40,
          whole: true,
          unit: 'stitches',
          otherwise: 1,
        }),
        every: slant.choice('every', 'The rows that take off', [1, 2] as const, 1),
      }
    : null;
}

function readCurve(armhole: FieldReader): ArmholeCurve {
  return {
    across: readEase(armhole, 'across', lengthWish('The ease across the shoulders', -10, 20, USUAL.across)),
    depth: readEase(
      armhole,
      'depth',
      lengthWish<Ease>('The height of the armhole’s curve', 1, 30, { percent: USUAL.curvePercent }),
    ),
  };
}

/** What a shape of sleeve asks for where the design says nothing else: where it stays even, and how wide it ends. */
const SHAPE_USUAL: Readonly<
  Record<SleeveStyle['shape'], { wristEase?: Ease; evenAtCuff?: Ease; evenAtTop?: Ease }>
> = {
  tapered: {},
  straight: {},
  'above-elbow': { evenAtCuff: { percent: 52 } },
  bell: { wristEase: { percent: 110 }, evenAtTop: { percent: 50 } },
  balloon: {},
};

function evenParts(
  sleeve: FieldReader,
  usual: { evenAtCuff?: Ease; evenAtTop?: Ease },
): Partial<Pick<SleeveStyle, 'evenAtCuff' | 'evenAtTop'>> {
  const own = (key: 'evenAtCuff' | 'evenAtTop') =>
    sleeve.object[key] === undefined && usual[key] !== undefined ? { [key]: usual[key] } : {};
  return { ...own('evenAtCuff'), ...own('evenAtTop') };
}

function readSleeve(sleeve: FieldReader, fabricIds: readonly string[]): SleeveStyle {
  const shape = sleeve.choice('shape', 'The shape of the sleeve', SLEEVE_SHAPES, 'tapered');
  const usual = SHAPE_USUAL[shape];
  return {
    shape,
    worked: sleeve.choice('worked', 'The sleeve’s direction', ['up', 'down'] as const, 'up'),
    rounds: sleeve.choice('rounds', 'How the sleeve is closed', SLEEVE_ROUNDS, 'sewn'),
    fabric: fabricOrNone(sleeve, 'The fabric of the sleeve', fabricIds),
    upperArmEase: easeOrNone(sleeve, 'upperArmEase', lengthWish('The ease at the upper arm', -10, 60, 8)),
    ...readReach(sleeve),
    ...readTaper(sleeve),
    wristEase: readEase(
      sleeve,
      'wristEase',
      lengthWish<Ease>('The wrist ease', -3, 40, usual.wristEase ?? USUAL.wristEase),
    ),
    ...evenParts(sleeve, usual),
    fullness: sleeve.number('fullness', {
      label: 'The fullness of the sleeve',
      min: 5,
      max: 250,
      unit: '% of the cuff',
      otherwise: USUAL.fullness,
    }),
    fade: sleeve.choice('fade', 'How the fullness ends', [true, false] as const, false),
  };
}

function readUpper(reader: FieldReader, fabricIds: readonly string[]): PanelStyle['upper'] {
  const upper = reader.inside('upper', 'The upper part', false);
  const fabric = upper && fabricOrNone(upper, 'The fabric from the underarm up', fabricIds);
  return fabric === null ? null : { fabric };
}
