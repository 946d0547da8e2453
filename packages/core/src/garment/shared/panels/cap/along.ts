import { ANY_COUNT } from '../../../../fabric/fabric.js';
import { perCm } from '../../../../fabric/gauge.js';
import type { Relation } from '../../../../fit/problem.js';
import { CAP_EASE, capLength, type Cap, type CapSchool } from '../../../../shaping/cap.js';
import { cm, figure, say } from '../../../../text/phrase.js';
import type { DraftQuantity, SizeInput } from '../../../construction.js';
import type { CountId, GarmentCounts } from '../../../counts.js';
import { sumAtLeast, sumAtMost, sumIs } from '../../../relations.js';
import type { Edging } from '../../pickedUp.js';
import { becomes, given, quantity } from '../../quantity.js';
import type { PanelStyle, SleeveStyle } from '../style.js';
import { rowsBelow } from './below.js';
import { schoolOf, solvedTo } from './solved.js';

type Input = SizeInput<PanelStyle>;

/** How far a straight line may miss the length of a cap a few counts from the one that it was laid at, cm. */
const BENT = 0.1;

/** Counts of a cap. */
export const CAP_IDS: readonly CountId[] = ['cap.rows', 'cap.base', 'cap.top', 'sleeve.rows'];

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
