/** Lengths of a making: what its counts are to measure, and what they have come to by the gauges that their rows were worked at. */

import { countReader, type CountReader, type Counts } from '../fit/counts.js';
import type { Draft, FinishedPlan, PieceProgram } from '../garment/construction.js';
import { edgeLength, sectionsOf } from '../garment/sections.js';
import type { Join } from '../joins/audit.js';
import type { PlannedQuantity, SizePlan } from '../sizePlan.js';
import { isMade, workedHeight, type Begun } from './begun.js';
import { fabricAlong, type Gauges } from './gauges.js';
import type { Standing } from './wish.js';

/** What counts are to measure, cm. */
export interface Lengths {
  of: (quantity: string) => number | undefined;
  /** By how much the worked rows of each are longer than the gauge now would have them. */
  longer: ReadonlyMap<string, number>;
  /** What those that are worked have come to. */
  made: ReadonlyMap<string, number>;
}

/**
 * What open counts are to measure: as wanted; where they meet an edge that is worked, as much as that has come to; less what their worked rows
 * have come to more than the gauge now would have them.
 */
export function lengthsToMeet(before: Standing, begun: ReadonlyMap<string, Begun>, gauges: Gauges): Lengths {
  const wanted = new Map(Object.entries(before.wanted));
  const { pieces, joins } = before.plan;
  const longer = new Map<string, number>();
  const found = new Map<string, { quantity: string; alone: boolean }>();
  for (const { expects } of pieces)
    for (const { quantity, edges } of expects)
      for (const edge of edges)
        if (!found.has(edge)) found.set(edge, { quantity, alone: edges.length === 1 });
  const grown = (edge: string): number | null => {
    const piece = pieces.find(({ edges }) => edges.some(({ id }) => id === edge))!;
    const work = begun.get(piece.id);
    const at = work?.program.edges.find(({ id }) => id === edge);
    if (!work || !at || !isMade(work, at.place)) return null;
    const { program } = work;
    const { count, length } = piece.edges.find(({ id }) => id === edge)!;
    const now = edgeLength(at.place, count, sectionsOf(withGauges(program, gauges)));
    const then = edgeLength(at.place, count, piece.sections);
    return length === 0 || then === 0 ? null : now / then;
  };
  for (const join of joins) {
    if (!metByLength(join)) continue;
    for (const [made, open] of [
      [join.a, join.b],
      [join.b, join.a],
    ] as const) {
      const ratios = made.map(({ edge }) => grown(edge));
      const own = open.map(({ edge }) => found.get(edge));
      if (ratios.some((ratio) => ratio === null) || own.some((one) => !one?.alone)) continue;
      const ratio = ratios.reduce((sum: number, one) => sum + one!, 0) / ratios.length;
      for (const one of own) {
        const length = before.wanted[one!.quantity];
        if (length !== undefined) wanted.set(one!.quantity, length * ratio);
      }
    }
  }
  for (const { program, rows, worked } of begun.values()) {
    const height = workedHeight(rows, worked);
    const sections = sectionsOf(withGauges(program, gauges));
    const last = sections.at(-1)!;
    const off = sections.reduce((sum, { first, rows: per }, i) => {
      const end = Math.min(height, (sections[i + 1]?.first ?? Infinity) - 1);
      const many = Math.max(0, end - first + 1);
      return sections[i]!.fabric === last.fabric ? sum + many * (1 / per - 1 / last.rows) : sum;
    }, 0);
    if (off === 0) continue;
    for (const { quantity, edges } of program.expects) {
      const place = program.edges.find(({ id }) => id === edges[0])!.place;
      if (place.lies === 'row ends')
        longer.set(quantity, edgeLength(place, 1, sections) - edgeLength(place, 1, [{ ...last, first: 1 }]));
    }
    // A height that no single edge shows is that of the whole piece.
    const [whole, ...more] = program.rows;
    if (whole !== undefined && more.length === 0 && !longer.has(whole)) longer.set(whole, off);
  }
  const made = new Map<string, number>();
  for (const work of begun.values())
    for (const { quantity, edges } of work.program.expects) {
      const own = edges.map((id) => work.program.edges.find((edge) => edge.id === id)!);
      const piece = pieces.find(({ id }) => id === work.program.id);
      if (made.has(quantity) || !piece || !own.every(({ place }) => isMade(work, place))) continue;
      const sections = sectionsOf(withGauges(work.program, gauges));
      made.set(
        quantity,
        own.reduce(
          (sum, { id, place }) =>
            sum + edgeLength(place, piece.edges.find((edge) => edge.id === id)!.count, sections),
          0,
        ),
      );
    }
  return { of: (id) => wanted.get(id), longer, made };
}

/** Whether two sides meet by their lengths rather than one to one. */
function metByLength({ kind }: Join): boolean {
  return kind === 'stitch-to-row' || kind === 'pick-up';
}

/** A piece whose rows are measured by the gauges that they were worked at. */
export function withGauges(piece: PieceProgram, gauges: Gauges): PieceProgram {
  const sections = [{ fabric: piece.fabric, first: 1 }, ...(piece.sections ?? [])].filter(
    // Sections of an earlier planning of the same fabric are found anew.
    ({ fabric, first }, i, all) => first === 1 || all[i - 1]!.fabric.id !== fabric.id,
  );
  const along = sections.flatMap(({ fabric, first }, i) => {
    const end = sections[i + 1]?.first ?? Infinity;
    const stretches = fabricAlong(gauges, fabric.id, piece.id);
    return stretches.flatMap((stretch, k) => {
      const from = Math.max(first, stretch.first);
      const to = Math.min(end, stretches[k + 1]?.first ?? Infinity);
      return from < to ? [{ fabric: stretch.fabric, first: from }] : [];
    });
  });
  const [{ fabric }, ...rest] = along as [(typeof along)[number], ...typeof along];
  const { sections: _, ...whole } = piece;
  return { ...whole, fabric, ...(rest.length > 0 ? { sections: rest } : {}) };
}

/** A plan with lengths by the gauges that its rows were worked at. */
export function asMeasured(plan: SizePlan, draft: Draft, counts: Counts): SizePlan {
  const byEdges = new Map<string, number>();
  for (const { expects, edges, sections } of plan.pieces)
    for (const { quantity, edges: ids } of expects) {
      if (byEdges.has(quantity)) continue;
      const own = ids.map((id) => edges.find((edge) => edge.id === id)!);
      byEdges.set(
        quantity,
        own.reduce((sum, { place, count }) => sum + edgeLength(place, count, sections), 0),
      );
    }
  const quantities = plan.quantities.map((quantity): PlannedQuantity => {
    const found = byEdges.get(quantity.id);
    if (found === undefined || quantity.unit || quantity.actual === 0) return quantity;
    const ratio = found / quantity.actual;
    return { ...quantity, actual: found, onTheHook: quantity.onTheHook * ratio };
  });
  const known = new Map(quantities.map((quantity) => [quantity.id, quantity]));
  // Finished lengths are sums of counts by the gauge now: a count worked at another is taken as so many more or fewer.
  const reader = countReader({
    ...counts,
    ...Object.fromEntries(
      [...known].map(([id, { actual, perCm: countsPerCm }]) => [id, actual * countsPerCm]),
    ),
  });
  return {
    ...plan,
    quantities,
    joins: plan.joins.map((join) => asOneOfTwo(join, plan.joins)),
    finished: plan.finished.map((one) => ({
      ...one,
      actual: finishedBy(
        draft.finished.find(({ id }) => id === one.id)!,
        reader,
        one.actual,
      ),
    })),
  };
}

/** A join that is told together with the one on the other side, where what is worked has left them alike. */
function asOneOfTwo(join: Join, all: readonly Join[]): Join {
  const { both, ...alone } = join;
  if (both === undefined) return join;
  const alike = (other: Join) =>
    other.aCount === join.aCount &&
    other.bCount === join.bCount &&
    Math.abs(other.aLength - join.aLength) < 0.05 &&
    Math.abs(other.bLength - join.bLength) < 0.05;
  return all.every((other) => other.both !== both || alike(other)) ? join : alone;
}

/** A finished length by counts that need not be whole; one that only whole counts give stays as it is. */
function finishedBy({ actual }: FinishedPlan, counts: CountReader, whole: number): number {
  try {
    const found = actual(counts);
    return Number.isFinite(found) ? found : whole;
  } catch {
    return whole;
  }
}
