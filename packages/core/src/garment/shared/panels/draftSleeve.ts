import type { Note } from '../../../advice/note.js';
import type { Reason } from '../../../because/reason.js';
import { ANY_COUNT, shapingUnit, type CountRule } from '../../../fabric/fabric.js';
import { perCm } from '../../../fabric/gauge.js';
import type { HelperCount, Relation } from '../../../fit/problem.js';
import type { PickUpRatio } from '../../../joins/pickUp.js';
import { cm, figure, say } from '../../../text/phrase.js';
import type { DraftQuantity, SizeInput } from '../../construction.js';
import type { CountId, GarmentCounts } from '../../counts.js';
import { sumAtLeast, sumAtMost } from '../../relations.js';
import { becomes, plus, quantity } from '../quantity.js';
import { sameLength } from '../seams.js';
import type { Target } from '../targets.js';
import { centredPanel } from './centredPanel.js';
import { evenRowsOf } from './cap/below.js';
import type { CapTargets } from './cap/targets.js';
import { draftSleeveEnd, taperOf, taperWithin } from './sleeveEnd.js';
import { inRounds, sleeveRatio, upperFabric, type PanelStyle, type SleeveStyle } from './style.js';
import { sleeveLength } from './targets.js';

/** What a sleeve is drafted to, cm. */
export interface SleeveTargets {
  top: number;
  wrist: number;
  /** With its cuff, and with the rows along the step of a notched armhole. */
  covered: number;
}

/** A sleeve of a garment of panels: its top goes twice along the armhole, its length is the arm less the overhang. */
export interface DraftedSleeve {
  quantities: DraftQuantity[];
  relations: Relation[];
  helpers: HelperCount[];
  notes: Note[];
  wanted: SleeveTargets;
}

/** Shortest sleeve that is still one, cm. */
const SHORTEST = 2;

/**
 * Drafts the sleeve.
 *
 * @param body width across the shoulders, depth of the armhole and its reasons, the step of a notched one, cm; and what a
 *   cap asks for, where there is one
 */
export function draftSleeve(
  input: SizeInput<PanelStyle>,
  style: SleeveStyle,
  {
    across,
    armhole,
    armholeReasons,
    notch,
    cap,
    along = {
      of: 'armhole.rows',
      perCm: perCm(input.fabrics.get(upperFabric(input.style))!.gauge, 'rows'),
      name: 'rows',
    },
  }: {
    across: number;
    armhole: number;
    armholeReasons: readonly Reason[];
    notch: Target | null;
    cap: CapTargets | null;
    /** What the sleeve's top goes along, on each of front and back. */
    along?: { of: CountId; perCm: number; name: 'rows' | 'stitches' };
  },
): DraftedSleeve {
  const { size, fabrics } = input;
  const fabric = fabrics.get(style.fabric ?? input.style.fabric)!;
  const bodyFabric = fabrics.get(input.style.fabric)!;
  const stitches = perCm(fabric.gauge, 'stitches');
  const rowsPerCm = perCm(fabric.gauge, 'rows');
  const ratio = sleeveRatio(input.style, style, fabrics);
  const { length: top, reasons: topReasons }: Target =
    (ratio ? null : cap?.upper) ??
    pickedUp(
      {
        length: 2 * armhole,
        reasons: [...armholeReasons, becomes('Front and back armhole', '× 2', 2 * armhole)],
      },
      ratio && { each: ratio.each, share: (ratio.each * along.perCm) / stitches },
    );
  const end = draftSleeveEnd(input, style, fabric, { length: top, reasons: topReasons });
  const { length: covered, overhang, reasons } = sleeveLength(input, style, across, fabric.growth ?? 0);
  const inside = covered - end.cuff;
  const faded = inside - end.fade;
  const seam = faded - (notch?.length ?? 0) - (cap?.height ?? 0);
  const sleeveReasons = [
    ...reasons,
    ...(end.cuff > 0
      ? [plus('Cuff rib', -end.cuff, inside, { kind: 'style', id: 'garment.cuff.height' })]
      : []),
    ...(end.fade > 0
      ? [plus('Rounds that fade', -end.fade, faded, { kind: 'style', id: 'garment.sleeve.fade' })]
      : []),
    ...(notch
      ? [plus('Rows along the step', -notch.length, seam, { kind: 'quantity', id: 'notch.rows' })]
      : []),
  ];
  const up = style.worked === 'up';
  const unit = shapingUnit(fabric);
  const tapered = cap
    ? taperWithin(style, evenRowsOf(style, input, Math.max(SHORTEST, seam) * rowsPerCm), unit)
    : taperOf(style, style, size.id, rowsPerCm, Math.max(SHORTEST, seam), unit);
  const centred = centredPanel(fabric, 'sleeve.panel', 'sleeve.top');
  const notes: Note[] =
    seam < SHORTEST
      ? [
          {
            level: 'stop',
            code: cap ? 'cap-longer-than-sleeve' : 'overhang-longer-than-arm',
            where: 'sleeve.rows',
            message: cap
              ? say`The cap alone takes ${cm(cap.height)} of the sleeve's ${cm(covered)}; less the cuff nothing is left below it. A longer sleeve, a lower cuff or a shallower armhole would work.`
              : say`The body already covers ${cm(overhang)} of the arm's ${cm(input.body.body.shoulderToWrist)}; less the cuff nothing is left for a sleeve. Less ease or a shorter cuff would work.`,
          },
        ]
      : [];
  return {
    notes,
    wanted: { top, wrist: end.worn, covered },
    helpers: [...tapered.helpers, ...centred.helpers],
    quantities: [
      quantity({
        id: 'sleeve.top',
        label: !cap ? 'Sleeve, top' : up ? 'Sleeve, at the underarm' : 'Sleeve, picked up round the armhole',
        fabric,
        axis: 'stitches',
        target: top,
        // Picked up by ratio it follows the armhole.
        weight: ratio ? 0.05 : 1,
        rule: inRounds(input.style, style)
          ? fabric.rule.round
          : up && unit === 1
            ? ANY_COUNT
            : fabric.rule.flat,
        min: cap ? 8 : 4,
        because: topReasons,
      }),
      quantity({
        id: 'sleeve.cuff',
        label: 'Sleeve, at the cuff',
        fabric,
        axis: 'stitches',
        target: end.edge.length,
        weight: 0.5,
        rule: up ? fabric.rule.flat : end.fade > 0 ? { multiple: 6, plus: 0 } : cuffRule(),
        min: 4,
        because: end.edge.reasons,
      }),
      // Below a cap the rows follow: they are what the cap leaves of the arm.
      ...(cap
        ? []
        : [
            quantity({
              id: 'sleeve.rows',
              label: notch ? 'Sleeve, along its seam' : 'Sleeve, length',
              fabric,
              axis: 'rows',
              target: Math.max(SHORTEST, seam),
              weight: 1,
              rounding: 'not over',
              min: 4,
              because: sleeveReasons,
            }),
          ]),
      ...(notch
        ? [
            quantity({
              id: 'notch.rows',
              label: 'Sleeve, rows along the step',
              fabric,
              axis: 'rows',
              target: notch.length,
              weight: 0.2,
              min: 1,
              because: [...notch.reasons, becomes('The sleeve’s last rows go along it', '× 1', notch.length)],
            }),
          ]
        : []),
      ...end.quantities,
    ],
    relations: [
      // A cap is solved to the armhole once that is known.
      ...(ratio
        ? byRatio(ratio, along.of, cap !== null)
        : cap
          ? []
          : sameLength(
              {
                id: 'armhole.seam',
                rule: 'the sleeve’s top goes along the armhole',
                says: (counts) =>
                  say`Sleeve to armhole: ${counts.of('sleeve.top')} stitches (${cm(counts.of('sleeve.top') / stitches)}) along 2 × ${counts.of(along.of)} ${along.name} (${cm((2 * counts.of(along.of)) / along.perCm)})`,
              },
              { of: 'sleeve.top', perCm: stitches, times: 1 },
              { of: along.of, perCm: along.perCm, times: 2 },
              top,
            )),
      ...(notch
        ? sameLength(
            {
              id: 'notch.seam',
              rule: 'the sleeve’s last rows go along the step of the armhole',
              says: (counts) =>
                say`Step to sleeve: ${counts.of('notch.width')} stitches along ${counts.of('notch.rows')} rows`,
            },
            { of: 'notch.width', perCm: perCm(bodyFabric.gauge, 'stitches'), times: 2 },
            { of: 'notch.rows', perCm: rowsPerCm, times: 2 },
            2 * notch.length,
          )
        : []),
      ...tapered.relations,
      ...centred.relations,
      ...end.relations,
    ],
  };

  /** Downwards a sleeve may end in any count, unless it is shaped by whole units all along. */
  function cuffRule(): CountRule {
    if (unit === 1) return ANY_COUNT;
    return inRounds(input.style, style) ? fabric.rule.round : fabric.rule.flat;
  }
}

/** A length that so many stitches for each of its row ends come to by their own gauge. */
function pickedUp(edge: Target, ratio: { each: number; share: number } | null): Target {
  if (!ratio) return edge;
  const length = edge.length * ratio.share;
  return {
    length,
    reasons: [
      ...edge.reasons,
      becomes(
        'Picked up by ratio',
        `× ${figure(ratio.share, 5)}`,
        length,
        say`${figure(ratio.each)} stitches for each row end, by the sleeve’s gauge`,
      ),
    ],
  };
}

/** The sleeve's top takes so many stitches of each row end, front and back; along a curve also one of each that is bound off below it. */
function byRatio({ each, plus, hidden }: PickUpRatio, rows: CountId, curved: boolean): Relation[] {
  const times = { 'sleeve.top': 1, [rows]: -2 * each, ...(curved ? { 'notch.width': -2 } : {}) };
  const rule = 'the sleeve takes so many stitches of each row end of the armhole';
  return [
    {
      ...sumAtMost({ id: 'armhole.ratio.more', rule }, times, plus + hidden),
      seam: 'armhole.ratio',
      says: (counts: GarmentCounts) =>
        say`Sleeve to armhole: ${counts.of('sleeve.top')} stitches, ${figure(each)} for each of 2 × ${counts.of(rows)} row ends`,
    },
    { ...sumAtLeast({ id: 'armhole.ratio.fewer', rule }, times, plus - hidden), seam: 'armhole.ratio' },
  ];
}
