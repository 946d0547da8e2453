import type { Note } from '../../../../advice/note.js';
import type { Axis } from '../../../../fabric/fabric.js';
import { perCm } from '../../../../fabric/gauge.js';
import { easeOver, forSize } from '../../../../fields/perSize.js';
import { countReader } from '../../../../fit/counts.js';
import { cm, say } from '../../../../text/phrase.js';
import type { SizeInput } from '../../../construction.js';
import { eased } from '../../quantity.js';
import { measured, type Target } from '../../targets.js';
import type { Inset } from '../armholeCurve.js';
import type { PanelStyle, SleeveStyle } from '../style.js';
import { upperArmEase } from '../targets.js';
import { nearest, ruleOf, solvedTo } from './solved.js';

/** What a cap asks of the sleeve below it, before its armhole is known, cm. */
export interface CapTargets {
  /** The sleeve's round below the cap. */
  upper: Target;
  /** Height of the cap that goes into an armhole of the length wanted. */
  height: number;
  notes: Note[];
}

/**
 * What a cap asks for.
 *
 * @param armhole depth of the armhole, cm
 */
export function capTargets(
  input: SizeInput<PanelStyle>,
  style: SleeveStyle,
  { armhole, inset }: { armhole: number; inset: Inset },
): CapTargets {
  const { fabrics, size, style: garment } = input;
  const { gauge } = fabrics.get(garment.fabric)!;
  const { upperArm } = input.body.body;
  const ease = upperArmEase(input)!;
  const round = upperArm + easeOver(ease, upperArm);
  const curve = forSize(garment.armhole!.curve!.depth, size.id);
  const counted = (length: number, axis: Axis) => Math.max(1, Math.round(length * perCm(gauge, axis)));
  /** The armhole as it will be, to a row. */
  const about = countReader({
    'notch.width': counted(inset.base.length, 'stitches'),
    'armhole.curve': counted(inset.curve.length, 'stitches'),
    'armhole.shaped': counted(easeOver(curve, armhole), 'rows'),
    'armhole.rows': counted(armhole, 'rows'),
  });
  const fabric = fabrics.get(style.fabric ?? garment.fabric)!;
  const width = nearest(round * perCm(fabric.gauge, 'stitches'), ruleOf(input, style, fabric));
  const { cap, edge } = solvedTo(input, style, about, width);
  const notes: Note[] =
    round > edge
      ? [
          {
            level: 'warn',
            code: 'sleeve-wider-than-armhole',
            where: 'sleeve.top',
            message: say`The sleeve (${cm(round)} at the upper arm) is wider than the armhole is long all round (about ${cm(edge)}), so no cap fits it; a deeper armhole or less ease at the upper arm would do.`,
          },
        ]
      : [];
  return {
    upper: {
      length: round,
      reasons: [
        measured(input, 'upperArm'),
        eased('Ease at the upper arm', ease, upperArm, {
          kind: 'style',
          id: 'garment.sleeve.upperArmEase',
        }),
      ],
    },
    height: cap.rows / perCm(fabric.gauge, 'rows'),
    notes,
  };
}
