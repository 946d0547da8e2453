/** Where a sleeve ends: as wide as its cuff, or full and gathered or faded into it. */

import { ANY_COUNT, type Fabric } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { Relation } from '../../../fit/problem.js';
import type { GarmentCounts } from '../../counts.js';
import { sameCount, sumAtMost, sumIs, type RuleParts } from '../../relations.js';
import type { Passage } from '../../../passages/passage.js';
import { fromSteps } from '../../../shaping/schedule.js';
import { figure, say } from '../../../text/phrase.js';
import type { DraftQuantity, SizeInput } from '../../construction.js';
import { draftBand } from '../bands.js';
import { becomes, given, quantity } from '../quantity.js';
import { evenRowsWished, taper, type TaperStyle } from '../taper.js';
import { cuffRound, type Target } from '../targets.js';
import { cuffOf, FADE, fades, fullnessOf, type PanelStyle, type SleeveStyle } from './style.js';

type Input = SizeInput<PanelStyle>;

const STRAIGHT = { id: 'straight', rule: 'a straight sleeve is as wide at the cuff as at the top' };

export interface SleeveEnd {
  /** The sleeve at its end, before it is gathered or faded. */
  edge: Target;
  /** What it measures there when it is faded, or as it is; gathering is the cuff's, cm. */
  worn: number;
  /** Finished height of the cuff and of the rounds that fade, cm. */
  cuff: number;
  fade: number;
  quantities: DraftQuantity[];
  relations: Relation[];
}

/**
 * Drafts the end of a sleeve with its cuff.
 *
 * @param top the sleeve at its top, which a straight one keeps
 */
export function draftSleeveEnd(input: Input, style: SleeveStyle, fabric: Fabric, top: Target): SleeveEnd {
  const { style: garment, size, fabrics } = input;
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const arm = style.shape === 'straight' ? top : cuffRound(input, style);
  const factor = fullnessOf(garment, style);
  const full = arm.length * factor;
  const edge: Target =
    factor === 1
      ? arm
      : {
          length: full,
          reasons: [
            ...arm.reasons,
            becomes(
              fades(garment, style) ? 'Twice the cuff, to be faded' : 'Full, to be gathered',
              `× ${figure(factor, 2)}`,
              full,
            ),
          ],
        };
  const faded = fades(garment, style);
  const end = faded ? 'sleeve.end' : 'sleeve.cuff';
  const band = cuffOf(garment);
  const cuff = band
    ? draftBand({
        id: 'cuff',
        label: 'Cuff rib',
        style: band,
        size: size.id,
        fabric: fabrics.get(band.fabric)!,
        edge: {
          of: end,
          label: 'Sleeve at the cuff',
          perCm: stitches,
          target: faded ? arm.length : edge.length,
        },
      })
    : null;
  return {
    edge,
    worn: faded ? arm.length : edge.length,
    cuff: cuff?.height ?? 0,
    fade: faded ? FADE.length / rows : 0,
    quantities: [
      ...(faded
        ? [
            quantity({
              id: 'sleeve.end',
              label: 'Sleeve, faded into the cuff',
              fabric,
              axis: 'stitches',
              target: arm.length,
              weight: 0.5,
              because: arm.reasons,
              min: 3,
            }),
            {
              ...quantity({
                id: 'fade.rows',
                label: 'Rounds that fade',
                fabric,
                axis: 'rows',
                target: FADE.length / rows,
                weight: 1,
                rule: ANY_COUNT,
                because: [
                  given(
                    'Three rounds: a decrease in every 6th, every 5th, every 4th stitch',
                    FADE.length / rows,
                  ),
                ],
                min: FADE.length,
              }),
              max: FADE.length,
            },
          ]
        : []),
      ...(cuff?.quantities ?? []),
    ],
    relations: [
      ...(faded
        ? [
            sumIs(
              {
                id: 'fade',
                rule: 'three rounds of decreases halve the stitches',
                says: (counts) =>
                  say`Faded: ${counts.of('sleeve.cuff')} to ${counts.of('sleeve.end')}, half of them`,
              },
              { 'sleeve.end': 2, 'sleeve.cuff': -1 },
            ),
          ]
        : []),
      ...(cuff?.relations ?? []),
    ],
  };
}

/**
 * How the sleeve goes from its end to its top: straight, or in whole shaping rows.
 *
 * @param seam its length wanted, cm
 * @param unit stitches that shaping takes at a time at each edge
 */
export function taperOf(
  style: SleeveStyle,
  even: TaperStyle,
  size: string,
  rowsPerCm: number,
  seam: number,
  unit: number,
): RuleParts {
  return style.shape === 'straight'
    ? { helpers: [], relations: [sameCount(STRAIGHT, 'sleeve.cuff', 'sleeve.top')] }
    : taper(style.everyRow, evenRowsWished(even, size, rowsPerCm, seam * rowsPerCm), unit);
}

/** The same for a sleeve whose rows are not known yet, within the room that they will have at least. */
export function taperWithin(
  style: SleeveStyle,
  { rows, spare, spareShare }: { rows: number; spare: number; spareShare: number },
  unit: number,
): RuleParts {
  if (style.shape === 'straight')
    return { helpers: [], relations: [sameCount(STRAIGHT, 'sleeve.cuff', 'sleeve.top')] };
  const room = Math.max(0, rows * (1 - spareShare) - spare);
  const rule = 'the sleeve goes from cuff to top in whole shaping rows that its length has room for';
  const within = (way: string, sign: 1 | -1) =>
    sumAtMost({ id: `taper.${way}`, rule }, { 'sleeve.shapings': sign * style.everyRow }, room);
  return {
    helpers: [{ id: 'sleeve.shapings', min: -400, max: 400 }],
    relations: [
      sumIs(
        {
          id: 'taper',
          rule,
          says: (counts) =>
            say`Taper: ${counts.of('sleeve.cuff')} to ${counts.of('sleeve.top')} is ${Math.abs(counts.of('sleeve.shapings'))} shaping rows at both edges`,
        },
        { 'sleeve.top': 1, 'sleeve.cuff': -1, 'sleeve.shapings': -2 * unit },
      ),
      within('wider', 1),
      within('narrower', -1),
    ],
  };
}

/** The rounds that fade a sleeve into its cuff, after round `after`. */
export function fadeRounds(stitches: number, after: number): Passage {
  let left = stitches;
  const counts = FADE.map((every) => (left -= left / every));
  return {
    kind: 'shape',
    part: 'main',
    to: after + FADE.length,
    schedule: fromSteps(stitches, after + 1, counts),
    where: { at: 'the round' },
    of: { start: 'sleeve.cuff', end: 'sleeve.end', rows: 'fade.rows' },
  };
}

/** Stitches and number of the last row of a sleeve worked down. */
export function lastOf(counts: GarmentCounts, rows: number): { n: number; count: number } {
  const end = counts.find('sleeve.end');
  return end === undefined
    ? { n: rows, count: counts.of('sleeve.cuff') }
    : { n: rows + FADE.length, count: end };
}
