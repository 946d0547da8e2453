import { inWholes, verdictOf, type PickUpRatio } from '../joins/pickUp.js';
import { reasonInWords } from '../because/reason.js';
import { figure, inWords } from '../text/phrase.js';
import type { Units } from '../units/length.js';
import type { Plan } from '../plan.js';
import type { SizePlan } from '../sizePlan.js';
import { isTake } from '../work/rows.js';
import { rowsOf } from '../work/runs.js';

/** Figures in files are kept to a hundredth of a millimetre or of a count. */
function fine(value: number): number {
  return Math.round(value * 10000) / 10000;
}

/**
 * The plan as the open file format says (docs/formats/plan.schema.json): plain JSON, lengths in cm.
 *
 * @param plan a finished plan
 * @param units the unit used inside sentences
 */
export function planFile(plan: Plan, units: Units) {
  return {
    format: 'upfell/plan',
    version: 1,
    design: plan.design,
    construction: plan.construction,
    sizes: plan.sizes.map((size) => sizeFile(size, units)),
  };
}

function sizeFile(size: SizePlan, units: Units) {
  return {
    id: size.id,
    label: size.label,
    finished: size.finished.map(({ id, label, target, actual }) => ({
      id,
      label,
      target: fine(target),
      actual: fine(actual),
    })),
    quantities: size.quantities.map(
      ({
        id,
        label,
        fabric,
        axis,
        target,
        count,
        actual,
        onTheHook,
        rule,
        rounding,
        pinned,
        because,
        unit,
        perCm,
      }) => ({
        id,
        label,
        fabric,
        axis,
        ...(unit ? { unit: unit.many, each: fine(1 / perCm) } : {}),
        target: fine(target),
        count,
        actual: fine(actual),
        onTheHook: fine(onTheHook),
        rule,
        rounding,
        pinned,
        because: because().map((reason) => reasonInWords(reason, units)),
      }),
    ),
    pieces: size.pieces.map(
      ({ id, label, copies, fabric, sections, work, foundation, runs, edges, worked = 0 }) => ({
        id,
        label,
        copies,
        fabric,
        ...(sections.length > 1
          ? { sections: sections.map(({ fabric: of, first }) => ({ fabric: of, first })) }
          : {}),
        work,
        foundation,
        rows: rowsOf(runs).map(({ n, part, side, count, from, by, add, round }, at) => ({
          n,
          part,
          side,
          count,
          from: from.filter(isTake),
          by,
          add,
          ...(round ? { round } : {}),
          ...(at < worked ? { worked: true } : {}),
        })),
        edges: edges.map(({ id: edge, label: edgeLabel, axis, count, length, open }) => ({
          id: edge,
          label: edgeLabel,
          axis,
          count,
          length: fine(length),
          ...(open ? { open: true } : {}),
        })),
      }),
    ),
    joins: size.joins.map((join) => ({
      id: join.id,
      label: join.label,
      kind: join.kind,
      a: join.a.map(({ edge, count }) => ({ edge, count })),
      b: join.b.map(({ edge, count }) => ({ edge, count })),
      aCount: join.aCount,
      bCount: join.bCount,
      aLength: fine(join.aLength),
      bLength: fine(join.bLength),
      eased: fine(join.eased),
      ok: join.ok,
      ...(join.gather === 1 ? {} : { gather: join.gather }),
      ...(join.meet === null ? {} : { meet: join.meet }),
      ...(join.ratio
        ? {
            ratio: ratioOf(join.ratio),
            lies: liesInWords(join.aLength, join.bLength),
          }
        : {}),
      ...(join.corners ? { corners: join.corners } : {}),
    })),
    yarn: size.yarn.map(({ fabric, metres, colours }) => ({
      fabric,
      metres,
      ...(colours.some(({ colour, balls }) => colour !== null || balls !== null) ? { colours } : {}),
    })),
    notes: size.notes.map(({ level, code, where, message, details }) => ({
      level,
      code,
      where,
      message: inWords(message, units),
      ...(details ? { details: details.map((detail) => inWords(detail, units)) } : {}),
    })),
  };
}

/** A ratio in whole numbers, without the field that it is set by. */
function ratioOf({ field: _, ...ratio }: PickUpRatio) {
  return { ...ratio, ...inWholes(ratio), of: `${ratio.of} row` };
}

/** "flat", "ruffles by 12 %", "pulls by 8 %". */
function liesInWords(length: number, edge: number): string {
  const verdict = verdictOf(length, edge);
  return verdict === 'fine' ? 'flat' : `${verdict} by ${figure(100 * Math.abs(length / edge - 1), 0)} %`;
}

export type PlanFile = ReturnType<typeof planFile>;
