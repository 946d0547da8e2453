import { FieldReader, type FieldProblem, type JsonObject } from '../../../check/fields.js';
import { readBand, type BandStyle } from '../bands.js';
import type { SleeveReach } from '../arm.js';
import { readBody, type BodyStyle } from '../body.js';
import { readFront, type FrontStyle } from '../front.js';
import { readEase, type Ease, type PerSize } from '../perSize.js';
import { lengthWish, readReach, readTaper, readWidthAndLength } from '../style.js';
import type { TaperStyle } from '../taper.js';
import type { LengthStyle, WidthStyle } from '../targets.js';

/** How the neck gets lower in front than at the back. */
export const YOKE_NECKS = ['level', 'short rows', 'round', 'V'] as const;

/** What every garment from the neck down has in its style. Lengths in cm. */
export interface YokeStyle extends WidthStyle, LengthStyle {
  front: FrontStyle;
  /** Added to the body's armhole depth: the yoke's depth from the neck to the underarm. */
  depthEase: PerSize<Ease>;
  /** Chain under each arm; a share is of the garment's round. */
  underarm: PerSize<Ease>;
  neck: {
    /** Added to the neck round. */
    ease: PerSize<Ease>;
    shape: (typeof YOKE_NECKS)[number];
    /** How much lower the front of the neck lies. */
    drop: PerSize<Ease>;
    /** Share of the neck that each sleeve has, per cent. */
    sleeveShare: number;
  };
  /** How rounds close. */
  rounds: 'joined' | 'turned';
  body: BodyStyle;
  sleeve: TaperStyle &
    SleeveReach & {
      worked: 'rounds' | 'rows';
      /** Where its decreases sit. */
      placement: 'underarm' | 'spread';
      upperArmEase: PerSize<Ease>;
      wristEase: PerSize<Ease>;
    };
  neckband: BandStyle | null;
  hem: BandStyle | null;
  cuff: BandStyle | null;
}

/** Usual figures where the design says nothing (common practice; shares keep children in proportion). */
const USUAL = {
  ease: 10,
  belowWaist: 18,
  depth: { percent: 20 },
  underarm: { percent: 6.5 },
  neck: { percent: 20 },
  drop: 4,
  sleeveShare: 16,
  upperArm: { percent: 22 },
  wrist: { percent: 25 },
};

/** Reads the fields that all yokes share; a missing one gets its usual figure, a wrong one a sentence. */
export function readYoke(
  garment: JsonObject,
  fabricIds: readonly string[],
  problems: FieldProblem[],
  usual: { depth: Ease } = USUAL,
): YokeStyle {
  const reader = new FieldReader(garment, 'garment', problems);
  const first = fabricIds[0] ?? '';
  const rib = fabricIds.find((id) => id !== first) ?? first;
  const inside = (key: string, label: string) =>
    reader.inside(key, label, false) ?? new FieldReader({}, `garment.${key}`, problems);
  const neck = inside('neck', 'The neck');
  const sleeve = inside('sleeve', 'The sleeve');
  const share = (from: FieldReader, key: string, label: string, most: number, otherwise: Ease) =>
    readEase(from, key, lengthWish(label, -20, most, otherwise));
  return {
    fabric: reader.choice('fabric', 'The fabric of the yoke', fabricIds, first),
    ...readWidthAndLength(reader, USUAL),
    front: readFront(inside('front', 'The front'), fabricIds, rib),
    depthEase: share(reader, 'depthEase', 'The ease of the yoke’s depth', 30, usual.depth),
    underarm: share(reader, 'underarm', 'The underarm chain', 40, USUAL.underarm),
    neck: {
      ease: share(neck, 'ease', 'The ease at the neck', 80, USUAL.neck),
      shape: neck.choice('shape', 'The neck', YOKE_NECKS, 'level'),
      drop: readEase(neck, 'drop', lengthWish('The drop of the front neck', 0, 40, USUAL.drop)),
      sleeveShare: neck.number('sleeveShare', {
        label: 'The sleeves’ share of the neck',
        min: 2,
        max: 30,
        unit: '%',
        otherwise: USUAL.sleeveShare,
      }),
    },
    rounds: reader.choice('rounds', 'How rounds close', ['joined', 'turned'] as const, 'joined'),
    body: readBody(inside('body', 'The body')),
    sleeve: {
      ...readTaper(sleeve),
      worked: sleeve.choice('worked', 'How the sleeve is worked', ['rounds', 'rows'] as const, 'rounds'),
      placement: sleeve.choice(
        'placement',
        'Where the decreases sit',
        ['underarm', 'spread'] as const,
        'underarm',
      ),
      upperArmEase: share(sleeve, 'upperArmEase', 'The ease at the upper arm', 60, USUAL.upperArm),
      wristEase: share(sleeve, 'wristEase', 'The wrist ease', 40, USUAL.wrist),
      ...readReach(sleeve),
    },
    neckband: readBand(reader, 'neckband', 'Neckband', { height: 3, fabric: rib }, fabricIds),
    hem: readBand(reader, 'hem', 'Hem rib', { height: 5, fabric: rib }, fabricIds),
    cuff: readBand(reader, 'cuff', 'Cuff rib', { height: 5, fabric: rib }, fabricIds),
  };
}
