import type { Reason } from '../../because/reason.js';
import { measurement, type FullBody, type MeasurementId } from '../../body/measurements.js';
import { cm, say } from '../../text/phrase.js';
import type { SizeInput } from '../construction.js';
import { armRound, downTo, type SleeveLength, type SleeveReach } from './arm.js';
import type { BandStyle } from './bands.js';
import type { StyleOf } from '../../fields/kinds.js';
import { easeOver, forSize, type Ease, type PerSize } from '../../fields/perSize.js';
import type { LENGTH, WIDTH } from './fields.js';
import { lessEdging } from './edged.js';
import { becomes, eased, given, plus, shrunk } from './quantity.js';

/** A length wanted, and how it came about. */
export interface Target {
  length: number;
  reasons: readonly Reason[];
}

/** The part of a style that says how wide a garment is. */
export type WidthStyle = StyleOf<typeof WIDTH>;

/** The part of a style that says how long a garment is. */
export type LengthStyle = StyleOf<typeof LENGTH> & { fabric: string };

const WIDEST: readonly MeasurementId[] = ['shoulders', 'bust', 'waist', 'hip'];

/** A body's measurement as the step that a chain of reasons begins with. */
export function measured(
  { size, body }: Pick<SizeInput<unknown>, 'size' | 'body'>,
  id: MeasurementId,
): Reason {
  return given(
    say`${measurement(id).label}, size ${size.label}`,
    body.body[id],
    { kind: 'measurement', id },
    body.derived.has(id) ? say`derived: ${body.derived.get(id)!.rule}` : undefined,
  );
}

/** The ease that belongs to a measurement: the hip has its own where one is set. */
function easeAt(style: WidthStyle, id: MeasurementId, size: string): Ease {
  return forSize(id === 'hip' ? (style.hipEase ?? style.ease) : style.ease, size);
}

/** Which measurement leads the width of this body: the one named, or the one that is widest with its ease. */
export function leadingMeasurement(style: WidthStyle, body: FullBody, size: string): MeasurementId {
  if (style.widthLedBy !== 'widest') return style.widthLedBy;
  const worn = (id: MeasurementId) => body[id] + easeOver(easeAt(style, id, size), body[id]);
  return WIDEST.reduce((widest, id) => (worn(id) > worn(widest) ? id : widest));
}

/** The garment's round: the leading measurement with its ease. */
export function garmentRound(input: SizeInput<WidthStyle>): Target {
  const { style, size, body } = input;
  const lead = leadingMeasurement(style, body.body, size.id);
  const ease = easeAt(style, lead, size.id);
  const round = body.body[lead] + easeOver(ease, body.body[lead]);
  const place = lead === 'hip' && style.hipEase ? 'garment.hipEase' : 'garment.ease';
  return {
    length: round,
    reasons: [measured(input, lead), eased('Ease', ease, body.body[lead], { kind: 'style', id: place })],
  };
}

/** The garment's round, and the width of one of its two panels. */
export function panelWidth(input: SizeInput<WidthStyle>): Target & { round: number } {
  const { length: round, reasons } = garmentRound(input);
  return { round, length: round / 2, reasons: [...reasons, becomes('Two panels', '÷ 2', round / 2)] };
}

/** The body's length from the shoulder without the edging that is worked on: what hangs as long as wanted when the fabric has grown. */
export function bodyLength(input: SizeInput<LengthStyle>): Target {
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
  return lessEdging(input, 'hem', { length: worn.length, reasons: [...reasons, ...worn.reasons] });
}

/** The sleeve's round at the cuff. */
export function cuffRound(
  input: Pick<SizeInput<unknown>, 'size' | 'body'>,
  sleeve: { wristEase: PerSize<Ease>; length: SleeveLength },
): Target {
  const arm = armRound(input.body.body, sleeve.length);
  const ease = forSize(sleeve.wristEase, input.size.id);
  const from = { kind: 'style', id: 'garment.sleeve.wristEase' } as const;
  return {
    length: arm + easeOver(ease, arm),
    reasons:
      sleeve.length === 'full'
        ? [measured(input, 'wrist'), eased('Wrist ease', ease, arm, from)]
        : [
            measured(input, 'upperArm'),
            plus('It narrows to the end of the sleeve by', arm - input.body.body.upperArm, arm, {
              kind: 'measurement',
              id: 'wrist',
            }),
            eased('Ease there', ease, arm, from),
          ],
  };
}

/**
 * From the middle of the back over the arm to where the sleeve itself ends, without cuff and edging; less what of it the body covers.
 *
 * @param covered what the body covers, cm, and how that is told; null: nothing is taken off
 */
export function fromMiddleOfBack(
  input: SizeInput<{ cuff: BandStyle | null }>,
  sleeve: SleeveReach,
  covered: { length: number; label: string; from: Reason['from'] } | null,
): Target {
  const { style, size } = input;
  const { crossBack, shoulderToWrist } = input.body.body;
  const whole = crossBack / 2 + shoulderToWrist;
  const worn = downTo(input, sleeve, whole);
  const beyond = worn.length - (covered?.length ?? 0);
  const cuff = style.cuff ? forSize(style.cuff.height, size.id) : 0;
  return lessEdging(input, 'cuff', {
    length: beyond - cuff,
    reasons: [
      measured(input, 'crossBack'),
      becomes('From its middle', '÷ 2', crossBack / 2),
      plus('Shoulder to wrist', shoulderToWrist, whole, { kind: 'measurement', id: 'shoulderToWrist' }),
      ...worn.reasons,
      ...(covered ? [plus(covered.label, -covered.length, beyond, covered.from)] : []),
      ...(cuff > 0
        ? [plus('Cuff rib', -cuff, beyond - cuff, { kind: 'style', id: 'garment.cuff.height' })]
        : []),
    ],
  });
}
