import { shapingUnit } from '../../../fabric/fabric.js';
import { cm, say } from '../../../text/phrase.js';
import type { DraftQuantity, SizeInput } from '../../construction.js';
import { becomes, given, plus, quantity } from '../quantity.js';
import type { BodyLengths } from './bodyLengths.js';
import { SHORTEST, type PanelLengths } from './lengths.js';
import type { PanelStyle } from './style.js';
import { neckDrop } from './targets.js';

/** The counts of back and front: widths, shoulders and neck, heights. */
export function bodyQuantities(
  input: SizeInput<PanelStyle>,
  body: BodyLengths,
  lengths: PanelLengths,
): DraftQuantity[] {
  const { fabric, upper, changes, open, width, front, neck, drop, slanted, shoulder, inset, notch, off } =
    body;
  const { armhole, armholeReasons, side } = lengths;
  const { slant } = input.style.neck;
  return [
    quantity({
      id: 'back.width',
      label: 'Back, width',
      fabric,
      axis: 'stitches',
      target: width.length,
      weight: 1,
      rule: fabric.rule.flat,
      because: width.reasons,
      min: 4,
    }),
    quantity({
      id: 'front.width',
      label: open ? 'Front, width of each' : 'Front, width',
      fabric,
      axis: 'stitches',
      target: front.length,
      weight: 1,
      rule: fabric.rule.flat,
      because: front.reasons,
      min: 4,
    }),
    quantity({
      id: 'neck.width',
      label: 'Neck, width',
      fabric: upper,
      axis: 'stitches',
      target: neck.length,
      weight: 1,
      rounding: 'not under',
      because: neck.reasons,
    }),
    quantity({
      id: 'shoulder.width',
      label: 'Shoulder, each',
      fabric: upper,
      axis: 'stitches',
      target: Math.max(0.5, shoulder),
      // By whole units every row is in pattern, that of a shoulder as well.
      ...(shapingUnit(upper) === 1 ? {} : { rule: upper.rule.flat }),
      weight: inset ? 1 : 0.2,
      because: [
        given('Panel, width', width.length, { kind: 'quantity', id: changes ? 'back.upper' : 'back.width' }),
        plus('Neck', -neck.length, width.length - neck.length, { kind: 'quantity', id: 'neck.width' }),
        ...(notch
          ? [
              plus(
                inset ? 'What both armholes take off' : 'Two steps of the armholes',
                -2 * off,
                2 * shoulder,
                { kind: 'quantity', id: 'notch.width' },
              ),
            ]
          : []),
        becomes('Two shoulders', '÷ 2', shoulder),
      ],
    }),
    ...(notch
      ? [
          quantity({
            id: 'notch.width',
            label: inset ? 'Armhole, base of each' : 'Step at the underarm, each',
            fabric,
            axis: 'stitches',
            target: notch.length,
            rule: { multiple: shapingUnit(fabric), plus: 0 },
            weight: 0.4,
            because: notch.reasons,
            min: 1,
          }),
        ]
      : []),
    ...(changes
      ? (['back', 'front'] as const).map((panelId) =>
          quantity({
            id: `${panelId}.upper`,
            label: `${panelId === 'back' ? 'Back' : 'Front'}, width from the underarm up`,
            fabric: upper,
            axis: 'stitches',
            target: (panelId === 'back' ? width : front).length,
            weight: 1,
            rule: upper.rule.flat,
            because: (panelId === 'back' ? width : front).reasons,
            min: 4,
          }),
        )
      : [
          quantity({
            id: 'body.rows',
            label: 'Back and front, height',
            fabric,
            axis: 'rows',
            target: lengths.panel,
            weight: 1,
            rule: fabric.rule.rows,
            because: lengths.panelReasons,
            min: 4,
          }),
        ]),
    quantity({
      id: 'armhole.rows',
      label: 'Armhole, depth',
      fabric: upper,
      axis: 'rows',
      target: armhole,
      weight: 1,
      ...(changes ? { rule: upper.rule.rows } : {}),
      because: armholeReasons,
      min: 2,
    }),
    quantity({
      id: 'side.rows',
      label: 'Side seam',
      fabric,
      axis: 'rows',
      target: Math.max(SHORTEST, side),
      weight: changes ? 1 : 0.2,
      ...(changes ? { rule: fabric.rule.rows } : {}),
      because: lengths.sideReasons,
    }),
    quantity({
      id: 'neck.drop',
      label: 'Front neck drop',
      fabric: upper,
      axis: 'rows',
      target: drop,
      weight: 0.5,
      rounding: drop === 0 ? 'not over' : 'not under',
      min: 0,
      because: slant
        ? [
            given('Slanted off', slanted, { kind: 'quantity', id: open ? 'front.width' : 'neck.width' }),
            {
              label: say`Rows for ${slant.stitches} off in every ${slant.every === 1 ? 'row' : '2nd row'}`,
              figure: say`${cm(drop)}`,
            },
          ]
        : neckDrop(input).reasons,
    }),
  ];
}
