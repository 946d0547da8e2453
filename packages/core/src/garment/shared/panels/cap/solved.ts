/** The cap of a sleeve for a curved armhole: solved to be as long as the armhole's edge as it has come out. */

import { ANY_COUNT, shapingUnit, type CountRule, type Fabric } from '../../../../fabric/fabric.js';
import { perCm } from '../../../../fabric/gauge.js';
import { easeAllowed } from '../../../../joins/join.js';
import { capLength, solveCap, type Cap, type CapSchool } from '../../../../shaping/cap.js';
import type { SizeInput } from '../../../construction.js';
import type { GarmentCounts } from '../../../counts.js';
import { armholeEdge } from '../armholeCurve.js';
import { inRounds, type PanelStyle, type SleeveStyle } from '../style.js';

type Input = SizeInput<PanelStyle>;

/** From the cuff up a cap is worked, from the armhole down it is made of short rows. */
export function schoolOf({ worked }: SleeveStyle): CapSchool {
  return worked === 'up' ? 'worked' : 'short rows';
}

/** Stitches that shaping takes at a time at each edge; short rows turn where they break no unit, and no pair. */
export function capUnit(style: SleeveStyle, fabric: Fabric): number {
  const unit = shapingUnit(fabric);
  if (schoolOf(style) === 'worked' || unit > 1) return unit;
  return fabric.rule.flat.multiple % 2 === 0 ? 2 : 1;
}

/** The rule of the stitches below the cap: those picked up are in pattern from the first, those of a worked cap come to it. */
export function ruleOf({ style }: Input, sleeve: SleeveStyle, fabric: Fabric): CountRule {
  const { rule } = fabric;
  if (schoolOf(sleeve) === 'worked') return shapingUnit(fabric) === 1 ? ANY_COUNT : rule.flat;
  return inRounds(style, sleeve) ? rule.round : rule.flat;
}

/** The cap for an armhole of these counts. */
export function solvedTo(input: Input, style: SleeveStyle, counts: GarmentCounts, width: number) {
  const fabric = input.fabrics.get(style.fabric ?? input.style.fabric)!;
  const school = schoolOf(style);
  const edge = 2 * armholeEdge(input, counts);
  const [stitchesPerCm, rowsPerCm] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const side = { length: edge, unit: 1 / stitchesPerCm };
  const longest = edge + easeAllowed(side, side);
  const unit = capUnit(style, fabric);
  const own = baseOf(input, counts, fabric, school, unit);
  const solvedWith = (count: number, by: number) => ({
    unit: by,
    base: { ...own, count },
    cap: solveCap({ school, edge, longest, width, base: count, stitchesPerCm, rowsPerCm, unit: by }),
  });
  const fits = ({ cap }: { cap: Cap }) => {
    const length = capLength(school, cap, stitchesPerCm, rowsPerCm);
    return length >= edge - 1e-9 && length <= longest + 1e-9;
  };
  // In wide units the nearest base may leave no cap that is as long as its armhole; one unit more or less may.
  const bases = own.same ? [own.count] : [own.count, own.count + unit, own.count - unit];
  const tried = bases.filter((count) => count > 0).map((count) => solvedWith(count, unit));
  // Where pairs leave too few turns for the height, some rows turn inside one; it is then written by the counts of the rows.
  if (!tried.some(fits) && unit > shapingUnit(fabric)) tried.push(solvedWith(own.count, 1));
  const found = tried.find(fits) ?? tried[0]!;
  return { ...found, edge, longest };
}

/** What is bound off or left at the underarm: as long as the armhole's base, with its count where the gauge is the same. */
function baseOf(
  { style, fabrics }: Input,
  counts: GarmentCounts,
  fabric: Fabric,
  school: CapSchool,
  multiple: number,
): { count: number; length: number; same: boolean; rule?: CountRule } {
  const stitches = perCm(fabrics.get(style.fabric)!.gauge, 'stitches');
  const own = perCm(fabric.gauge, 'stitches');
  const notch = counts.of('notch.width');
  const length = notch / stitches;
  if (school === 'worked' && own === stitches) return { count: notch, length, same: true };
  const rule: CountRule = { multiple, plus: 0 };
  return { count: Math.max(multiple, nearest(length * own, rule)), length, same: false, rule };
}

/** The count of a rule that is nearest to a wish. */
export function nearest(count: number, { multiple, plus: rest }: CountRule): number {
  return Math.max(0, Math.round((count - rest) / multiple)) * multiple + rest;
}
