import { lessEdging } from '../edged.js';
import { USUAL_STRETCH } from '../../../fabric/fabric.js';
import type { Reason } from '../../../because/reason.js';
import { cm, figure, say } from '../../../text/phrase.js';
import type { SizeInput } from '../../construction.js';
import { downTo } from '../arm.js';
import { isOpen } from '../front.js';
import { widthOfOpening } from '../neck.js';
import { easeOver, forSize, type Ease, type PerSize } from '../../../fields/perSize.js';
import { becomes, eased, given, plus, shareOf, shrunk } from '../quantity.js';
import { bodyLength, measured, panelWidth, type Target } from '../targets.js';
import { upperFabric, type PanelStyle, type SleeveStyle } from './style.js';

type Input = SizeInput<PanelStyle>;

/** The neck's width: as wanted, from the neck round and its ease, or half the cross-back; at least what the head needs. */
export function neckWidth(input: Input): Target & { drop: number } {
  const { style, size, fabrics } = input;
  const body = input.body.body;
  const { length: drop } = neckDrop(input);
  if (style.neck.width !== null) {
    const length = forSize(style.neck.width, size.id);
    return {
      drop,
      length,
      reasons: [given('Neck width wanted', length, { kind: 'style', id: 'garment.neck.width' })],
    };
  }
  if (style.neck.style === 'off-shoulder') return { drop, ...offShoulder(input) };
  const fromNeck =
    style.neck.ease === null ? null : neckWithEase(input, forSize(style.neck.ease, size.id), drop);
  const share = style.neck.style === 'boat' ? BOAT : 0.5;
  const ofBack = body.crossBack * share;
  const usual: Target = fromNeck ?? {
    length: ofBack,
    reasons: [
      measured(input, 'crossBack'),
      share === 0.5
        ? becomes('Half the cross-back, usual', '÷ 2', ofBack)
        : becomes('Boat neck, usual', `× ${figure(100 * share, 0)} %`, ofBack),
    ],
  };
  if (isOpen(style)) return { drop, ...usual };
  const stretch = fabrics.get(upperFabric(style))!.stretch ?? USUAL_STRETCH;
  const opening = body.head / (1 + stretch);
  const forHead = widthOfOpening(style.neck.shape, opening, drop);
  if (forHead <= usual.length) return { drop, ...usual };
  return {
    drop,
    length: forHead,
    reasons: [
      measured(input, 'head'),
      becomes('Neck edge that gives so far', `÷ ${figure(1 + stretch, 3)}`, opening),
      widthFor(style, opening, drop, forHead),
      {
        label: fromNeck
          ? say`Wider than the neck with its ease, ${cm(usual.length)}, so that the head passes`
          : say`Wider than ${share === 0.5 ? 'half' : 'its share of'} the cross-back, ${cm(ofBack)}, so that the head passes`,
        figure: say`${cm(forHead)}`,
      },
    ],
  };
}

/** Share of the cross-back that a boat neck has (common practice). */
const BOAT = 0.72;
/** A neck off the shoulder holds on by being so much shorter than the round there, cm (common practice). */
const HOLDS_ON = -4;

/** A neck that goes round the shoulders over the upper arms: half of that round on each panel. */
function offShoulder(input: Input): Target {
  const { style, size } = input;
  const { shoulders } = input.body.body;
  const ease = style.neck.ease === null ? HOLDS_ON : forSize(style.neck.ease, size.id);
  const round = shoulders + easeOver(ease, shoulders);
  return {
    length: round / 2,
    reasons: [
      measured(input, 'shoulders'),
      eased('Ease round the shoulders', ease, shoulders, { kind: 'style', id: 'garment.neck.ease' }),
      becomes('Front and back', '÷ 2', round / 2),
    ],
  };
}

/** The drop of the front neck: a length, or a share of the length from the shoulder. */
export function neckDrop(input: Input): Target {
  const { length } = bodyLength(input);
  return shareOf(
    forSize(input.style.neck.drop, input.size.id),
    'Front neck drop',
    { length, label: 'Length from the shoulder', from: { kind: 'style', id: 'garment.belowWaist' } },
    { kind: 'style', id: 'garment.neck.drop' },
  );
}

/** The width of a neck whose edge is so long, with the sum to check it by. */
function widthFor({ neck }: PanelStyle, opening: number, drop: number, width: number): Reason {
  const side = (opening - width) / 2;
  return {
    label: say`Width of a neck whose edge is so long (front ${neck.shape}, ${cm(drop)} deep)`,
    figure: say`${cm(width)}`,
    note: say`back ${cm(width)} + 2 × front side ${cm(side)} = ${cm(opening)}`,
  };
}

function neckWithEase(input: Input, ease: Ease, drop: number): Target {
  const { style } = input;
  const { neck } = input.body.body;
  const opening = neck + easeOver(ease, neck);
  const length = widthOfOpening(style.neck.shape, opening, drop);
  return {
    length,
    reasons: [
      measured(input, 'neck'),
      eased('Ease at the neck', ease, neck, { kind: 'style', id: 'garment.neck.ease' }),
      widthFor(style, opening, drop, length),
    ],
  };
}

/** The ease that the upper arm is given: its own, or the usual one where a cap needs it; null where the armhole alone leads. */
export function upperArmEase({ style, size }: Input): Ease | null {
  const wish = style.sleeve?.upperArmEase ?? null;
  if (wish !== null) return forSize(wish, size.id);
  return style.sleeve && style.armhole?.curve ? { percent: CAPPED_PERCENT } : null;
}

/** Usual ease at the upper arm of a capped sleeve, per cent (common practice: 5 to 10 cm for adults). */
const CAPPED_PERCENT = 20;

/** Down to the elbow, as a share of the arm from the shoulder (common practice). */
const TO_ELBOW = 0.55;

/** Width of a panel and the garment's round: from the body's round, or by measure from elbow to elbow. */
export function bodyWidth(input: Input): Target & { round: number } {
  const { measured: measures } = input.style;
  if (!measures) return panelWidth(input);
  if (measures.across !== null) {
    const length = forSize(measures.across, input.size.id);
    return {
      length,
      round: 2 * length,
      reasons: [given('Back across, wanted', length, { kind: 'style', id: 'garment.measured.across' })],
    };
  }
  const { crossBack, shoulderToWrist } = input.body.body;
  const arms = 2 * TO_ELBOW * shoulderToWrist;
  const length = crossBack + arms;
  return {
    length,
    round: 2 * length,
    reasons: [
      measured(input, 'crossBack'),
      {
        ...plus('Both arms to the elbow', arms, length, { kind: 'measurement', id: 'shoulderToWrist' }),
        note: say`2 × ${figure(100 * TO_ELBOW, 0)} % of ${cm(shoulderToWrist)}`,
      },
    ],
  };
}

/** The armhole of rectangles: the whole side but for what is left open below the sleeve, half of it on each panel. */
function measuredArmhole(input: Input, open: PerSize, panel: number): Target {
  const below = forSize(open, input.size.id);
  const length = panel - below / 2;
  return {
    length,
    reasons: [
      given('Panel, height', panel, { kind: 'quantity', id: 'body.rows' }),
      plus('Left open below, half of it on each panel', -below / 2, length, {
        kind: 'style',
        id: 'garment.measured.open',
      }),
    ],
  };
}

/**
 * The armhole's depth: the body's with its ease, or as deep as the upper arm with its own ease needs.
 *
 * @param panel height of the panel, which leads where pieces are rectangles by measure, cm
 */
export function armholeDepth(input: Input, panel = 0): Target {
  const { style, size } = input;
  if (style.measured) return measuredArmhole(input, style.measured.open, panel);
  const { armholeDepth: depth, upperArm } = input.body.body;
  const ease = forSize(style.armholeEase, size.id);
  const own = depth + easeOver(ease, depth);
  const reasons: Reason[] = [
    measured(input, 'armholeDepth'),
    eased('Armhole ease', ease, depth, { kind: 'style', id: 'garment.armholeEase' }),
  ];
  const armEase = upperArmEase(input);
  if (armEase === null) return { length: own, reasons };
  const needed = (upperArm + easeOver(armEase, upperArm)) / 2;
  if (needed <= own) return { length: own, reasons };
  return {
    length: needed,
    reasons: [
      measured(input, 'upperArm'),
      eased('Ease at the upper arm', armEase, upperArm, { kind: 'style', id: 'garment.sleeve.upperArmEase' }),
      becomes(
        'Half of it on each side of the armhole',
        '÷ 2',
        needed,
        say`the armhole with its ease would be ${cm(own)}`,
      ),
    ],
  };
}

/**
 * The sleeve's length with its cuff, finished: the arm less what the body covers already, less what is wanted shorter.
 *
 * @param panel width of the body across the shoulders, cm
 */
export function sleeveLength(
  input: Input,
  style: SleeveStyle,
  panel: number,
  fabricGrowth: number,
): Target & { overhang: number } {
  const { shoulderToWrist, crossBack } = input.body.body;
  const overhang = (panel - crossBack) / 2;
  const down = downTo(input, style, shoulderToWrist - overhang);
  const worn = shrunk(fabricGrowth, down.length);
  const reasons = [
    measured(input, 'shoulderToWrist'),
    {
      ...plus('Overhang of the body', -overhang, shoulderToWrist - overhang, {
        kind: 'measurement',
        id: 'crossBack',
      }),
      note: say`(panel ${cm(panel)} less cross-back ${cm(crossBack)}) ÷ 2`,
    },
    ...down.reasons,
    ...worn.reasons,
  ];
  return { overhang, ...lessEdging(input, 'cuff', { length: worn.length, reasons }) };
}
