import type { Reason } from '../../because/reason.js';
import { measurement, type FullBody, type MeasurementId } from '../../body/measurements.js';
import { USUAL_STRETCH } from '../../fabric/fabric.js';
import { cm, figure, say } from '../../text/phrase.js';
import type { SizeInput } from '../construction.js';
import { widthOfOpening } from '../shared/neck.js';
import { easeOver, forSize, type Ease } from '../shared/perSize.js';
import { becomes, eased, given, plus, shrunk } from '../shared/quantity.js';
import { upperFabric, type DropShoulderStyle } from './style.js';

type Input = SizeInput<DropShoulderStyle>;

/** A length wanted, and how it came about. */
export interface Target {
  length: number;
  reasons: readonly Reason[];
}

const WIDEST: readonly MeasurementId[] = ['shoulders', 'bust', 'waist', 'hip'];

function measured({ size, body }: Input, id: MeasurementId): Reason {
  return given(
    say`${measurement(id).label}, size ${size.label}`,
    body.body[id],
    { kind: 'measurement', id },
    body.derived.has(id) ? say`derived: ${body.derived.get(id)!.rule}` : undefined,
  );
}

/** The ease that belongs to a measurement: the hip has its own where one is set. */
function easeAt(style: DropShoulderStyle, id: MeasurementId, size: string): Ease {
  return forSize(id === 'hip' ? (style.hipEase ?? style.ease) : style.ease, size);
}

/** Which measurement leads the width of this body: the one named, or the one that is widest with its ease. */
export function leadingMeasurement(style: DropShoulderStyle, body: FullBody, size: string): MeasurementId {
  if (style.widthLedBy !== 'widest') return style.widthLedBy;
  const worn = (id: MeasurementId) => body[id] + easeOver(easeAt(style, id, size), body[id]);
  return WIDEST.reduce((widest, id) => (worn(id) > worn(widest) ? id : widest));
}

/** The garment's round, and the width of one of its two panels. */
export function panelWidth(input: Input): Target & { round: number } {
  const { style, size, body } = input;
  const lead = leadingMeasurement(style, body.body, size.id);
  const ease = easeAt(style, lead, size.id);
  const round = body.body[lead] + easeOver(ease, body.body[lead]);
  const place = lead === 'hip' && style.hipEase ? 'garment.hipEase' : 'garment.ease';
  return {
    round,
    length: round / 2,
    reasons: [
      measured(input, lead),
      eased('Ease', ease, body.body[lead], { kind: 'style', id: place }),
      becomes('Two panels', '÷ 2', round / 2),
    ],
  };
}

/** The neck's width: as wanted, from the neck round and its ease, or half the cross-back; at least what the head needs. */
export function neckWidth(input: Input): Target & { drop: number } {
  const { style, size, fabrics } = input;
  const body = input.body.body;
  const drop = forSize(style.neck.drop, size.id);
  if (style.neck.width !== null) {
    const length = forSize(style.neck.width, size.id);
    return {
      drop,
      length,
      reasons: [given('Neck width wanted', length, { kind: 'style', id: 'garment.neck.width' })],
    };
  }
  const fromNeck =
    style.neck.ease === null ? null : neckWithEase(input, forSize(style.neck.ease, size.id), drop);
  const halfBack = body.crossBack / 2;
  const usual: Target = fromNeck ?? {
    length: halfBack,
    reasons: [measured(input, 'crossBack'), becomes('Half the cross-back, usual', '÷ 2', halfBack)],
  };
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
          : say`Wider than half the cross-back, ${cm(halfBack)}, so that the head passes`,
        figure: say`${cm(forHead)}`,
      },
    ],
  };
}

/** The width of a neck whose edge is so long, with the sum to check it by. */
function widthFor({ neck }: DropShoulderStyle, opening: number, drop: number, width: number): Reason {
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

/** The body's length from the shoulder, finished: what hangs as long as wanted when the fabric has grown. */
export function bodyLength(input: Input): Target {
  const { style, size, fabrics } = input;
  const { backWaist, frontLength, backLength } = input.body.body;
  const reasons: Reason[] = [measured(input, 'backWaist')];
  const over = frontLength - backLength;
  let length = backWaist;
  if (style.lengthLedBy === 'front' || (style.lengthLedBy === 'longer' && over > 0)) {
    length += over;
    reasons.push({
      ...plus('The front is longer over the bust', over, length),
      note: say`front ${cm(frontLength)} less back ${cm(backLength)}, from the neck point to the waist`,
    });
  }
  const below = forSize(style.belowWaist, size.id);
  reasons.push(
    eased('Below the waist', below, backWaist, { kind: 'style', id: 'garment.belowWaist' }, length),
  );
  length += easeOver(below, backWaist);
  const worn = shrunk(fabrics.get(style.fabric)!.growth ?? 0, length);
  return { length: worn.length, reasons: [...reasons, ...worn.reasons] };
}

/** The armhole's depth: the body's with its ease, or as deep as the upper arm with its own ease needs. */
export function armholeDepth(input: Input): Target {
  const { style, size } = input;
  const { armholeDepth: depth, upperArm } = input.body.body;
  const ease = forSize(style.armholeEase, size.id);
  const own = depth + easeOver(ease, depth);
  const reasons: Reason[] = [
    measured(input, 'armholeDepth'),
    eased('Armhole ease', ease, depth, { kind: 'style', id: 'garment.armholeEase' }),
  ];
  if (style.sleeve.upperArmEase === null) return { length: own, reasons };
  const armEase = forSize(style.sleeve.upperArmEase, size.id);
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

/** The sleeve's round at the cuff. */
export function cuffRound(input: Input): Target {
  const { wrist } = input.body.body;
  const ease = forSize(input.style.sleeve.wristEase, input.size.id);
  return {
    length: wrist + easeOver(ease, wrist),
    reasons: [
      measured(input, 'wrist'),
      eased('Wrist ease', ease, wrist, { kind: 'style', id: 'garment.sleeve.wristEase' }),
    ],
  };
}

/** The sleeve's length with its cuff, finished: the arm less what the body covers already, less what is wanted shorter. */
export function sleeveLength(
  input: Input,
  panel: number,
  fabricGrowth: number,
): Target & { overhang: number } {
  const { style, size } = input;
  const { shoulderToWrist, crossBack } = input.body.body;
  const overhang = (panel - crossBack) / 2;
  const shorter = forSize(style.sleeve.shorter, size.id);
  const covered = shoulderToWrist - overhang - shorter;
  const worn = shrunk(fabricGrowth, covered);
  return {
    overhang,
    length: worn.length,
    reasons: [
      measured(input, 'shoulderToWrist'),
      {
        ...plus('Overhang of the body', -overhang, shoulderToWrist - overhang, {
          kind: 'measurement',
          id: 'crossBack',
        }),
        note: say`(panel ${cm(panel)} less cross-back ${cm(crossBack)}) ÷ 2`,
      },
      ...(shorter > 0
        ? [plus('Shorter by', -shorter, covered, { kind: 'style', id: 'garment.sleeve.shorter' })]
        : []),
      ...worn.reasons,
    ],
  };
}
