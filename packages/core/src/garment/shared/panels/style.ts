import type { StyleOf } from '../../../fields/kinds.js';
import { forSize, type Ease, type PerSize } from '../../../fields/perSize.js';
import type { Fabric } from '../../../fabric/fabric.js';
import { perRowEnd, pickUpRatio, type PickUpRatio } from '../../../joins/pickUp.js';
import type { SizeInput } from '../../construction.js';
import { isFirst, type BandStyle } from '../bands.js';
import type { CURVED_ARMHOLE, MEASURED, PanelFields } from './fields.js';
import type { SleeveFields } from './sleeveFields.js';

/** The sleeve of a garment of panels. */
export type SleeveStyle = SleeveFields;

/** The style of a garment of panels: what its fields read as, and null for parts that its construction does not have. Lengths in cm. */
export interface PanelStyle extends PanelFields {
  /** Rectangles by measure only. */
  measured: StyleOf<typeof MEASURED.fields> | null;
  /** What is taken off at each underarm; null: nothing, a plain drop. */
  armhole: {
    /** The step of a notched armhole, or the base of a curved one. */
    notch: PerSize<Ease>;
    /** A curve above the base, as a set-in sleeve wants it. */
    curve: ArmholeCurve | null;
  } | null;
  /** Null: none, the armholes are edged. */
  sleeve: SleeveStyle | null;
  /** Another fabric of back and front from the underarm up; null: the same. */
  upper: { fabric: string } | null;
  cuff: BandStyle | null;
  /** The rib around an armhole without a sleeve. */
  armband: BandStyle | null;
}

type ArmholeCurve = Pick<StyleOf<typeof CURVED_ARMHOLE.fields>, 'across' | 'depth'>;

/** What the fields of a construction of panels may read as: some have no sleeve, some no step. */
export type ReadPanels = Omit<PanelFields, 'body' | 'neck' | keyof typeof LEVEL> & {
  body?: PanelStyle['body'];
  neck: Omit<PanelStyle['neck'], 'slant'> & Partial<PanelStyle['neck']>;
  slit?: PanelStyle['slit'];
  longerBack?: PanelStyle['longerBack'];
  measured?: PanelStyle['measured'];
  armhole?: { notch: PerSize<Ease> } & Partial<ArmholeCurve>;
  sleeve?: (Omit<SleeveFields, keyof typeof WITHOUT> & Partial<SleeveFields>) | null;
  upper?: { fabric: string | null };
  cuff?: BandStyle | null;
  armband?: BandStyle | null;
};

/** Sides and lower edges that a construction does not shape. */
const STRAIGHT = { shape: 'straight', hemEase: 0, waistEase: 0 } as const;
/** What a sleeve is where its construction leaves no choice. */
const WITHOUT = { rounds: 'sewn', fade: false, pickUp: 'gauge', perRowEnd: null } as const;
const LEVEL = { slit: 0, longerBack: 0 };

/** The style of fields that have been read: parts that a construction lacks are null, and each part that rules another out does so. */
export function panelStyle(read: ReadPanels): PanelStyle {
  const { armhole, hood } = read;
  const sleeve = read.sleeve ? { ...WITHOUT, ...read.sleeve } : null;
  const { across, depth } = armhole ?? {};
  const upper = read.upper?.fabric;
  return {
    body: STRAIGHT,
    ...LEVEL,
    ...read,
    neck: { slant: null, ...read.neck },
    measured: read.measured ?? null,
    armhole: armhole
      ? {
          notch: armhole.notch,
          curve: across !== undefined && depth !== undefined ? { across, depth } : null,
        }
      : null,
    sleeve,
    upper: upper ? { fabric: upper } : null,
    // A hood goes where the neckband would.
    neckband: hood ? null : read.neckband,
    cuff: sleeve ? cuffFor(sleeve, read.cuff ?? null) : null,
    armband: (!sleeve && read.armband) || null,
  };
}

/** Only a sleeve that is worked up can be begun from its cuff. */
function cuffFor({ worked }: SleeveStyle, cuff: BandStyle | null): BandStyle | null {
  return cuff && isFirst(cuff) && worked !== 'up' ? { ...cuff, worked: 'sideways' } : cuff;
}

/** The fabric of back and front from the underarm up. */
export function upperFabric({ upper, fabric }: PanelStyle): string {
  return upper?.fabric ?? fabric;
}

/** Whether the armholes are left as they are: no sleeve and no rib. */
export function isPlain({ sleeve, armband }: PanelStyle): boolean {
  return !sleeve && !armband;
}

/** Whether nothing is joined to the neck. */
export function neckIsOpen({ neckband, hood }: PanelStyle): boolean {
  return !neckband && !hood;
}

/** Whether the sleeve's last rows go along a step of the armhole. */
export function isNotched({ armhole }: PanelStyle): boolean {
  return armhole !== null && armhole.curve === null;
}

/** Whether the sleeve is worked in rounds from the armhole down. Along a step it must be open. */
export function inRounds(style: PanelStyle, { worked, rounds }: SleeveStyle): boolean {
  return worked === 'down' && rounds !== 'sewn' && !isNotched(style);
}

/** The ratio by which a sleeve is picked up along the row ends of its armhole; null where it goes by its gauge. */
export function sleeveRatio(
  style: PanelStyle,
  sleeve: SleeveStyle,
  fabrics: ReadonlyMap<string, Fabric>,
): PickUpRatio | null {
  if (sleeve.worked !== 'down' || sleeve.pickUp !== 'ratio') return null;
  const own = fabrics.get(sleeve.fabric ?? style.fabric)!;
  const rows = fabrics.get(upperFabric(style))!;
  const each = sleeve.perRowEnd ?? perRowEnd(own, rows);
  const ratio = pickUpRatio(each, inRounds(style, sleeve) ? own.rule.round : own.rule.flat, rows);
  return { ...ratio, field: 'sleeve' };
}

/** Whether a balloon sleeve in rounds fades into its cuff. */
export function fades(style: PanelStyle, sleeve: SleeveStyle): boolean {
  return sleeve.shape === 'balloon' && sleeve.fade && inRounds(style, sleeve);
}

/** Decreases of the usual fade: in every 6th, then every 5th, then every 4th stitch, which halves the count (common practice). */
export const FADE = [6, 5, 4] as const;

/** How much wider than its cuff the sleeve is at its end, as a factor. */
export function fullnessOf(style: PanelStyle, sleeve: SleeveStyle): number {
  if (sleeve.shape !== 'balloon') return 1;
  return fades(style, sleeve) ? 2 : 1 + sleeve.fullness / 100;
}

/** The cuff's rib as it is joined: that of a balloon sleeve gathers it, unless it has faded. */
export function cuffOf(style: PanelStyle): BandStyle | null {
  const { cuff, sleeve } = style;
  if (!cuff || !sleeve || fades(style, sleeve)) return cuff;
  return isFirst(cuff) ? cuff : { ...cuff, gather: cuff.gather / fullnessOf(style, sleeve) };
}

/** The neckband as it is worked: a high collar folds over, so it is twice as high as it stands. */
export function neckbandOf({
  style: { neckband, collar },
  size,
}: Pick<SizeInput<PanelStyle>, 'style' | 'size'>): BandStyle | null {
  if (!neckband || !collar) return neckband;
  return { ...neckband, height: 2 * forSize(neckband.height, size.id) };
}
