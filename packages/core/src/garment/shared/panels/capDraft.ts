import { countReader } from '../../../fit/counts.js';
import type { CountId, GarmentCounts } from '../../counts.js';
/** The cap of a sleeve for a curved armhole: solved to be as long as the armhole's edge as it has come out. */

import type { Note } from '../../../advice/note.js';
import { ANY_COUNT, shapingUnit, type Axis, type CountRule, type Fabric } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { Relation } from '../../../fit/problem.js';
import { sumAtLeast, sumAtMost, sumIs } from '../../relations.js';
import { easeAllowed } from '../../../joins/join.js';
import { CAP_EASE, capLength, solveCap, type Cap, type CapSchool } from '../../../shaping/cap.js';
import { cm, figure, say } from '../../../text/phrase.js';
import type { DraftQuantity, SizeInput } from '../../construction.js';
import type { Edging } from '../edgings.js';
import { easeOver, forSize } from '../../../fields/perSize.js';
import { becomes, eased, given, plus, quantity } from '../quantity.js';
import { evenRowsWished, type TaperStyle } from '../taper.js';
import { measured, type Target } from '../targets.js';
import { acrossShoulders } from './sums.js';
import { draftSleeveEnd } from './sleeveEnd.js';
import { armholeEdge, type Inset } from './armholeCurve.js';
import { inRounds, type PanelStyle, type SleeveStyle } from './style.js';
import { sleeveLength, upperArmEase } from './targets.js';

type Input = SizeInput<PanelStyle>;

/** Shortest sleeve that is still one, cm. */
const SHORTEST = 2;
/** How far a straight line may miss the length of a cap a few counts from the one that it was laid at, cm. */
const BENT = 0.1;

/** What a cap asks of the sleeve below it, before its armhole is known, cm. */
export interface CapTargets {
  /** The sleeve's round below the cap. */
  upper: Target;
  /** Height of the cap that goes into an armhole of the length wanted. */
  height: number;
  notes: Note[];
}

/** From the cuff up a cap is worked, from the armhole down it is made of short rows. */
export function schoolOf({ worked }: SleeveStyle): CapSchool {
  return worked === 'up' ? 'worked' : 'short rows';
}

/** Counts of a cap. */
export const CAP_IDS: readonly CountId[] = ['cap.rows', 'cap.base', 'cap.top', 'sleeve.rows'];

/**
 * What a cap asks for.
 *
 * @param armhole depth of the armhole, cm
 */
export function capTargets(
  input: Input,
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

/** The rule of the stitches below the cap: those picked up are in pattern from the first, those of a worked cap come to it. */
function ruleOf({ style }: Input, sleeve: SleeveStyle, fabric: Fabric): CountRule {
  const { rule } = fabric;
  if (schoolOf(sleeve) === 'worked') return shapingUnit(fabric) === 1 ? ANY_COUNT : rule.flat;
  return inRounds(style, sleeve) ? rule.round : rule.flat;
}

/** Stitches that shaping takes at a time at each edge; short rows turn where they break no unit, and no pair. */
export function capUnit(style: SleeveStyle, fabric: Fabric): number {
  const unit = shapingUnit(fabric);
  if (schoolOf(style) === 'worked' || unit > 1) return unit;
  return fabric.rule.flat.multiple % 2 === 0 ? 2 : 1;
}

/** The cap for an armhole of these counts. */
function solvedTo(input: Input, style: SleeveStyle, counts: GarmentCounts, width: number) {
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
  // Where pairs leave too few turns for the height, some rows turn inside one; it is told by the counts of the rows.
  if (!tried.some(fits) && unit > shapingUnit(fabric)) tried.push(solvedWith(own.count, 1));
  const found = tried.find(fits) ?? tried[0]!;
  return { ...found, edge, longest };
}

/** The taper below a cap of short rows leaves two even rows at the top: one that they begin on, and the one that closes them. */
export function cappedTaper(
  { armhole }: PanelStyle,
  style: SleeveStyle,
  size: string,
  rowsPerCm: number,
): TaperStyle {
  if (!armhole?.curve || schoolOf(style) === 'worked') return style;
  const wish = forSize(style.evenAtTop, size);
  return typeof wish === 'number' ? { ...style, evenAtTop: Math.max(wish, 2 / rowsPerCm) } : style;
}

/** Rows that a cap may be higher than was thought, which its sleeve must do without. */
const SLACK = 2;

/**
 * What the wishes for even rows leave of the rows below a cap to the shaping.
 *
 * @param rows rows that they are about
 */
export function evenRowsOf(
  style: SleeveStyle,
  { style: garment, size, fabrics }: Input,
  rows: number,
): { rows: number; spare: number; spareShare: number } {
  const rowsPerCm = perCm(fabrics.get(style.fabric ?? garment.fabric)!.gauge, 'rows');
  const even = cappedTaper(garment, style, size.id, rowsPerCm);
  return { rows: rows - SLACK, ...evenRowsWished(even, size.id, rowsPerCm, rows) };
}

/** Rows of the sleeve below its cap: what that leaves of the arm, and at least as many as the taper needs. */
function rowsBelow(
  input: Input,
  style: SleeveStyle,
  counts: GarmentCounts,
  height: number,
): { quantity: DraftQuantity; relation: Relation } {
  const { style: garment, fabrics, size } = input;
  const fabric = fabrics.get(style.fabric ?? garment.fabric)!;
  const rowsPerCm = perCm(fabric.gauge, 'rows');
  const across = acrossShoulders(counts) / perCm(fabrics.get(garment.fabric)!.gauge, 'stitches');
  const { length, reasons } = sleeveLength(input, style, across, fabric.growth ?? 0);
  const end = draftSleeveEnd(input, style, fabric, { length: 0, reasons: [] });
  const [inside, faded] = [length - end.cuff, length - end.cuff - end.fade];
  const seam = faded - height;
  const target = Math.max(SHORTEST, seam);
  const even = evenRowsWished(
    cappedTaper(garment, style, size.id, rowsPerCm),
    size.id,
    rowsPerCm,
    target * rowsPerCm,
  );
  const events = Math.abs(counts.of('sleeve.top') - counts.of('sleeve.cuff')) / (2 * shapingUnit(fabric));
  return {
    quantity: quantity({
      id: 'sleeve.rows',
      label: schoolOf(style) === 'worked' ? 'Sleeve, along the underarm' : 'Sleeve, below the cap',
      fabric,
      axis: 'rows',
      target,
      weight: 1,
      rounding: 'not over',
      min: 4,
      because: [
        ...reasons,
        ...(end.cuff > 0
          ? [plus('Cuff rib', -end.cuff, inside, { kind: 'style', id: 'garment.cuff.height' })]
          : []),
        ...(end.fade > 0
          ? [plus('Rounds that fade', -end.fade, faded, { kind: 'style', id: 'garment.sleeve.fade' })]
          : []),
        plus('Cap', -height, seam, { kind: 'quantity', id: 'cap.rows' }),
      ],
    }),
    relation: sumAtLeast(
      { id: 'taper.rows', rule: 'the sleeve has room for its shaping rows' },
      { 'sleeve.rows': 1 - even.spareShare },
      events * style.everyRow + even.spare,
    ),
  };
}

/** Drafts the cap to the armhole and the sleeve as they have come out. */
export function capAlong(input: Input, style: SleeveStyle, counts: GarmentCounts): Required<Edging> {
  const { style: garment, fabrics } = input;
  const fabric = fabrics.get(style.fabric ?? garment.fabric)!;
  const school = schoolOf(style);
  const [stitches, rows] = [perCm(fabric.gauge, 'stitches'), perCm(fabric.gauge, 'rows')];
  const width = counts.of('sleeve.top');
  const { cap, edge, longest, base, unit } = solvedTo(input, style, counts, width);
  const height = cap.rows / rows;
  const below = rowsBelow(input, style, counts, height);
  const armholeStep = given('Armhole, its edge all round', edge, { kind: 'quantity', id: 'armhole.curve' });
  const quantities: DraftQuantity[] = [
    below.quantity,
    quantity({
      id: 'cap.rows',
      label: school === 'worked' ? 'Sleeve cap, height' : 'Sleeve cap, short rows',
      fabric,
      axis: 'rows',
      target: height,
      weight: 1,
      rule: school === 'worked' ? ANY_COUNT : { multiple: 2, plus: 1 },
      min: school === 'worked' ? 2 : 3,
      because: [
        armholeStep,
        becomes('With what is eased in', `× ${figure(1 + CAP_EASE, 2)}`, edge * (1 + CAP_EASE)),
        {
          label: say`Height of the cap whose edge comes nearest to that`,
          figure: say`${cm(height)}`,
          note: say`${cap.rows} rows: edge ${cm(capLength(school, cap, stitches, rows))}`,
        },
      ],
    }),
    quantity({
      id: 'cap.base',
      label:
        school === 'worked'
          ? 'Sleeve cap, bound off at its base, each side'
          : 'Sleeve cap, left unworked at the underarm, each side',
      fabric,
      axis: 'stitches',
      target: base.length,
      weight: 1,
      ...(base.rule ? { rule: base.rule } : {}),
      min: 1,
      because: [
        given('Base of the armhole', base.length, { kind: 'quantity', id: 'notch.width' }),
        {
          label: base.same
            ? say`The same count as the armhole’s, so that they meet stitch to stitch`
            : say`The nearest count of the sleeve’s own`,
          figure: say`${base.count} stitches`,
        },
      ],
    }),
    quantity({
      id: 'cap.top',
      label: school === 'worked' ? 'Sleeve cap, top' : 'Sleeve cap, first short row',
      fabric,
      axis: 'stitches',
      target: cap.top / stitches,
      weight: 0.4,
      min: 1,
      because: [
        given('Sleeve below the cap', width / stitches, { kind: 'quantity', id: 'sleeve.top' }),
        {
          label: say`About a fifth of it, such that the edge of the cap fits the armhole`,
          figure: say`${cm(cap.top / stitches)}`,
        },
      ],
    }),
  ];
  return {
    quantities,
    helpers: [{ id: 'cap.slope', min: 1, max: 400 }],
    relations: [
      below.relation,
      sumIs(
        {
          id: 'cap.width',
          rule: 'base, slope and top of the cap are the width of the sleeve',
          says: (found) =>
            say`Base + slope + top + slope + base: ${found.of('cap.base')} + ${unit * found.of('cap.slope')} + ${found.of('cap.top')} + ${unit * found.of('cap.slope')} + ${found.of('cap.base')} = ${width}`,
        },
        { 'cap.base': 2, 'cap.slope': 2 * unit, 'cap.top': 1 },
        width,
      ),
      ...(base.same
        ? [
            sumIs(
              { id: 'cap.base', rule: 'the cap is bound off at its base by the same count as the armhole' },
              { 'cap.base': 1 },
              base.count,
            ),
          ]
        : []),
      ...(school === 'short rows'
        ? [
            sumAtMost(
              { id: 'cap.turns', rule: 'each short row goes at least a stitch further than the one before' },
              { 'cap.rows': 1, 'cap.slope': -2 },
              1,
            ),
          ]
        : []),
      ...edgeFits(school, cap, { edge, longest, unit }, stitches, rows),
    ],
  };
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

function nearest(count: number, { multiple, plus: rest }: CountRule): number {
  return Math.max(0, Math.round((count - rest) / multiple)) * multiple + rest;
}

/**
 * The edge of the cap is the armhole's with what is eased in. Its length bends with its counts; around the solved cap it is
 * taken as straight, which is near enough for the few counts that pins may move it by.
 */
function edgeFits(
  school: CapSchool,
  cap: Cap,
  { edge, longest, unit }: { edge: number; longest: number; unit: number },
  stitchesPerCm: number,
  rowsPerCm: number,
): Relation[] {
  const lengthOf = (change: Partial<Cap>) =>
    capLength(school, { ...cap, ...change }, stitchesPerCm, rowsPerCm);
  const own = lengthOf({});
  const step = school === 'worked' ? 1 : 2;
  const byRow = (lengthOf({ rows: cap.rows + step }) - own) / step;
  const bySlope = lengthOf({ slope: cap.slope + unit }) - own;
  const [byTop, byBase] = [1 / stitchesPerCm, 2 / stitchesPerCm];
  const times = { 'cap.rows': byRow, 'cap.slope': bySlope, 'cap.top': byTop, 'cap.base': byBase };
  const rest = own - byRow * cap.rows - (bySlope * cap.slope) / unit - byTop * cap.top - byBase * cap.base;
  // A bulky fabric may have no cap within the usual ease: its nearest is then what there is.
  const [least, most] = [Math.min(edge, own) - 1e-6, Math.max(longest - BENT, own) + 1e-6];
  const rule = 'the edge of the cap goes along the armhole';
  return [
    {
      ...sumAtLeast({ id: 'cap.edge.shorter', rule }, times, least - rest),
      says: () => say`Cap to armhole: ${cm(own)} along ${cm(edge)}`,
    },
    sumAtMost({ id: 'cap.edge.longer', rule }, times, most - rest),
  ];
}
