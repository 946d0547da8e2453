import type { NeckShape } from '../../../shaping/curve.js';
import type { SizeInput } from '../../construction.js';
import type { SleeveReach } from '../arm.js';
import type { BandStyle } from '../bands.js';
import type { BodyStyle } from '../body.js';
import type { FrontStyle } from '../front.js';
import type { HoodStyle } from '../hood.js';
import { forSize, type Ease, type PerSize } from '../perSize.js';
import type { TaperStyle } from '../taper.js';
import type { LengthStyle, WidthStyle } from '../targets.js';

export const SLEEVE_SHAPES = ['tapered', 'straight', 'above-elbow', 'bell', 'balloon'] as const;

/** usual: about half the cross-back, wide enough for the head. boat: wide and shallow. off-shoulder: round the upper arms. */
export const NECK_STYLES = ['usual', 'boat', 'off-shoulder'] as const;

export const SLEEVE_ROUNDS = ['sewn', 'joined', 'turned'] as const;

/** The sleeve of a garment of panels. */
export interface SleeveStyle extends TaperStyle, SleeveReach {
  /**
   * straight: a rectangle, as wide at the cuff as at the top. above-elbow: widened only there. bell: wider at its end.
   * balloon: wide down to the cuff, gathered there.
   */
  shape: (typeof SLEEVE_SHAPES)[number];
  worked: 'up' | 'down';
  /** How a sleeve from the armhole down is closed: sewn, or in rounds that are joined, or joined and turned. */
  rounds: (typeof SLEEVE_ROUNDS)[number];
  /** How much wider than its cuff a balloon sleeve is there, per cent of the cuff. */
  fullness: number;
  /** In rounds: the fullness is faded out by three rounds of decreases instead of being gathered. */
  fade: boolean;
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
  /** Rectangles by measure only; null: the width comes from the body's round. */
  measured: MeasuredStyle | null;
  /** Added to the body's armhole depth. */
  armholeEase: PerSize<Ease>;
  neck: {
    /** What the width comes from where it is not given. */
    style: (typeof NECK_STYLES)[number];
    /** Null: from `ease`, or half the cross-back, or what the head needs. */
    width: PerSize | null;
    /** Added to the neck round, which then leads the width (off the shoulder: to the round there); null: it does not. */
    ease: PerSize<Ease> | null;
    /** Depth of the front neck; a share is of the length from the shoulder, as a V that begins at three quarters of it. */
    drop: PerSize<Ease>;
    /** So many stitches off in every first or second row until the shoulder is left, which sets the drop; null: as that says. */
    slant: { stitches: number; every: 1 | 2 } | null;
    /** The line of the front neck. */
    shape: NeckShape;
  };
  /** The sides below the underarm. */
  body: BodyStyle;
  /** The side seams are left open so far from the lower edge of the front; and the back is so much longer, cm. */
  slit: PerSize;
  longerBack: PerSize;
  /** What is bound off at each underarm; null: nothing, a plain drop. */
  armhole: {
    /** The step of a notched armhole (a share is of the panel's width), or the base of a curved one (of what it goes in). */
    notch: PerSize<Ease>;
    /** A curve above the base, as a set-in sleeve wants it. */
    curve: ArmholeCurve | null;
  } | null;
  /** Null: none, the armholes are edged. */
  sleeve: SleeveStyle | null;
  /** Another fabric of back and front from the underarm up; null: the same. */
  upper: { fabric: string } | null;
  neckband: BandStyle | null;
  /** The neckband is folded over to a high collar: worked twice as high as it stands. */
  collar: boolean;
  /** Null: none. */
  hood: HoodStyle | null;
  hem: BandStyle | null;
  cuff: BandStyle | null;
  /** The rib around an armhole without a sleeve. */
  armband: BandStyle | null;
}

/** Back A x B, fronts A / 2 x B, sleeves C x (2 B less what is left open to the hem), cm. */
export interface MeasuredStyle {
  /** A; null: from elbow to elbow. */
  across: PerSize | null;
  /** What of both sides together is left open below the sleeve. */
  open: PerSize;
}

export interface ArmholeCurve {
  /** Added to the cross-back: how wide the garment is across the shoulders. */
  across: PerSize<Ease>;
  /** Height of the curve; a share is of the armhole's depth. */
  depth: PerSize<Ease>;
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
  return { ...cuff, gather: cuff.gather / fullnessOf(style, sleeve) };
}

/** The neckband as it is worked: a high collar folds over, so it is twice as high as it stands. */
export function neckbandOf({
  style: { neckband, collar },
  size,
}: Pick<SizeInput<PanelStyle>, 'style' | 'size'>): BandStyle | null {
  if (!neckband || !collar) return neckband;
  return { ...neckband, height: 2 * forSize(neckband.height, size.id) };
}
