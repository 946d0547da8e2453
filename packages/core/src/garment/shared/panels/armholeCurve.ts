/** The curved armhole of a set-in sleeve: stitches bound off at its base, then a line that turns up to the shoulder. */

import { shapingUnit } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { Relation } from '../../../fit/problem.js';
import type { GarmentCounts } from '../../counts.js';
import { sumAtMost } from '../../relations.js';
import { cm, say } from '../../../text/phrase.js';
import { runLength, type EdgeRun } from '../../../shaping/cap.js';
import { leastAreaSteps, neckCurve } from '../../../shaping/curve.js';
import { fromSteps, type Schedule } from '../../../shaping/schedule.js';
import type { DraftQuantity, SizeInput } from '../../construction.js';
import { easeOver, forSize } from '../../../fields/perSize.js';
import { becomes, given, plus, quantity, shareOf } from '../quantity.js';
import type { Target } from '../targets.js';
import type { PanelStyle } from './style.js';

type Input = SizeInput<PanelStyle>;

/** How far a panel goes in at each armhole, cm: bound off at the base, and by the curve above it. */
export interface Inset {
  across: number;
  base: Target;
  curve: Target;
}

/** Narrowest base and curve that are still ones, cm. */
const LEAST = 0.5;

/**
 * Where the armholes lie: the panel comes in to the cross-back with its ease, a share of that at the base; null where the
 * armhole has no curve.
 *
 * @param panel width of the panel below the armholes, cm
 */
export function insetOf(input: Input, panel: number): Inset | null {
  const { style, size } = input;
  if (!style.armhole?.curve) return null;
  const { crossBack } = input.body.body;
  const ease = forSize(style.armhole.curve.across, size.id);
  const across = crossBack + easeOver(ease, crossBack);
  const each = (panel - across) / 2;
  const inset = Math.max(2 * LEAST, each);
  const base = shareOf(
    forSize(style.armhole.notch, size.id),
    'Base of the armhole',
    {
      length: inset,
      label: 'Panel outside the shoulders, each side',
      from: { kind: 'quantity', id: 'back.width' },
    },
    { kind: 'style', id: 'garment.armhole.notch' },
  );
  const length = Math.min(inset - LEAST, Math.max(LEAST, base.length));
  return {
    across,
    base: { length, reasons: base.reasons },
    curve: {
      length: inset - length,
      reasons: [
        given('Panel, width', panel, { kind: 'quantity', id: 'back.width' }),
        {
          ...plus('Across the shoulders', -across, panel - across, { kind: 'measurement', id: 'crossBack' }),
          note: say`cross-back ${cm(crossBack)} with its ease ${cm(across - crossBack, { sign: true })}`,
        },
        becomes('Two armholes', '÷ 2', each),
        ...(each < inset ? [given('At least', inset)] : []),
        plus('Base of the armhole', -length, inset - length, { kind: 'quantity', id: 'notch.width' }),
      ],
    },
  };
}

/** The curve in counts: stitches that it takes off at each side, and the rows that it takes to do so. */
export function draftCurve(
  input: Input,
  inset: Inset,
  armhole: Target,
): { quantities: DraftQuantity[]; relations: Relation[] } {
  const { style, size, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const depth = shareOf(
    forSize(style.armhole!.curve!.depth, size.id),
    'Height of the curve',
    { length: armhole.length, label: 'Armhole, depth', from: { kind: 'quantity', id: 'armhole.rows' } },
    { kind: 'style', id: 'garment.armhole.depth' },
  );
  const closed = style.front.style === 'closed';
  return {
    quantities: [
      quantity({
        id: 'armhole.curve',
        label: 'Armhole, curve of each',
        fabric,
        axis: 'stitches',
        target: inset.curve.length,
        rule: { multiple: shapingUnit(fabric), plus: 0 },
        weight: 0.3,
        because: inset.curve.reasons,
        min: 1,
      }),
      quantity({
        id: 'armhole.shaped',
        label: 'Armhole, curve’s height',
        fabric,
        axis: 'rows',
        target: depth.length,
        weight: 0.2,
        because: depth.reasons,
        min: 1,
      }),
    ],
    relations: [
      // The first row above the base carries it; a closed neck divides above the curve.
      sumAtMost(
        {
          id: 'armhole.curve-height',
          rule: closed
            ? 'the curve of the armhole ends below the front neck'
            : 'the curve of the armhole ends below the shoulder',
          says: (counts) =>
            say`Curve of the armhole: ${counts.of('armhole.shaped')} of its ${counts.of('armhole.rows')} rows`,
        },
        { 'armhole.shaped': 1, 'armhole.rows': -1, ...(closed ? { 'neck.drop': 1 } : {}) },
        -1,
      ),
    ],
  };
}

/** How many stitches the armhole lies inside its base after each of its rows, from the first above the base. */
export function armholeInside(counts: GarmentCounts, unit = 1): number[] {
  const [curve, shaped, rows] = [
    counts.find('armhole.curve') ?? 0,
    counts.find('armhole.shaped') ?? 0,
    counts.of('armhole.rows'),
  ];
  if (curve === 0) return new Array<number>(rows).fill(0);
  const steps = leastAreaSteps(neckCurve('round', curve, shaped), shaped, curve, { unit })!;
  return Array.from({ length: rows }, (_, i) => (i === 0 ? 0 : (steps[i - 1] ?? curve)));
}

/**
 * The shaping of an armhole's edge.
 *
 * @param inside stitches taken off after each row
 * @param after number of the row below the first of them
 * @param start stitches before
 * @param edges how many edges of the piece are shaped so
 */
export function armholeSchedule(
  inside: readonly number[],
  after: number,
  start: number,
  edges: 1 | 2,
): Schedule {
  return fromSteps(
    start,
    after + 1,
    inside.map((stitches) => start - edges * stitches),
  );
}

/** One armhole's edge on one panel above its base, along its line. */
export function armholeRuns(counts: GarmentCounts): EdgeRun[] {
  const [curve, shaped] = [counts.of('armhole.curve'), counts.of('armhole.shaped')];
  const line = neckCurve('round', curve, shaped);
  return Array.from({ length: counts.of('armhole.rows') }, (_, i) => ({
    across: i === 0 || i > shaped ? 0 : line(i) - line(i - 1),
    rows: 1,
  }));
}

/** Length of one armhole's edge on one panel, its base and its curve, cm. */
export function armholeEdge({ style, fabrics }: Input, counts: GarmentCounts): number {
  const { gauge } = fabrics.get(style.fabric)!;
  const stitches = perCm(gauge, 'stitches');
  return counts.of('notch.width') / stitches + runLength(armholeRuns(counts), stitches, perCm(gauge, 'rows'));
}
