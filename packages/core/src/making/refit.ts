import { draftSize } from '../fitDesign.js';
import { countReader, type Counts } from '../fit/counts.js';
import type { Construction, PieceProgram, Program } from '../garment/construction.js';
import { planSize, type Resumed, type SizePlan } from '../sizePlan.js';
import { asWorkLeavesIt, fitAround } from './around.js';
import { begunPieces, heldBy, type Begun, type Held } from './begun.js';
import { fabricsNow, type Gauges } from './gauges.js';
import { asMeasured, withGauges } from './measured.js';
import { resumePiece } from './resume.js';
import type { Refitted, Standing, Wish, WorkDone } from './wish.js';

/**
 * Plans a size anew of which rows are worked: these rows stay, and so does every count that they settle; what is open is fitted so that it
 * measures what it was to measure, by the gauges as found, and agrees with what is made at every seam. Pure.
 *
 * @param before the size as it stands
 */
export function refit(before: Standing, wish: Wish, done: WorkDone): Refitted {
  const size = before.plan.id;
  const design = { ...wish.design, fabrics: fabricsNow(wish.gauges) };
  const { construction, input, draft } = draftSize(design, size);
  const wished = new Set(wish.pins.map(({ quantity }) => quantity));
  const begun = begunPieces(before.programs, done.rows);
  /** Pieces that keep all their counts, because what is worked of them would not begin them otherwise; in the end all counts. */
  const whole = new Set<string>();
  const edgings = new Set<string>(draft.edgings?.ids ?? []);
  let hold: (quantity: string) => boolean = wish.hold ? () => true : () => false;
  let isLast = wish.hold ?? false;
  for (;;) {
    const held = heldCounts(before, begun, done.joins, wished, whole, hold);
    const { fit, drafted } = fitAround(draft, before, held, wish, begun);
    const notes = [...drafted.notes, ...fit.notes.map(asWorkLeavesIt)];
    const planned = (made?: Resumed) =>
      planSize(construction, input, drafted, fit, notes, design.finishing, {}, made);
    if (!fit.counts) return { ok: false, plan: planned() };
    const program = resumeAll(construction, input, fit.counts, before, begun, whole, wish.gauges);
    const open = [...begun.keys()].filter((id) => !whole.has(id));
    if (typeof program === 'string') {
      const next = whole.has(program) ? open[0] : program;
      if (next !== undefined) whole.add(next);
      else if (isLast || wished.size > 0) return { ok: false, plan: null };
      else {
        hold = (quantity) => !edgings.has(quantity);
        isLast = true;
      }
      continue;
    }
    const plan = planned({ program, edgings: begunEdgings(before.plan, done.rows) });
    if (plan.pieces.length === 0) {
      if (open.length === 0) return { ok: false, plan };
      for (const id of open) whole.add(id);
      continue;
    }
    const measured = asMeasured(plan, drafted, fit.counts);
    if (!keepsEdgings(before.plan, measured, done.rows)) return { ok: false, plan: measured };
    return {
      ok: true,
      unmet: wish.pins.filter(({ quantity, count }) => fit.counts![quantity] !== count),
      standing: {
        design,
        gauges: wish.gauges,
        plan: measured,
        counts: fit.counts,
        programs: new Map(program.pieces.map((piece) => [piece.id, piece])),
        wanted: wantedNow(before, measured, wish),
      },
    };
  }
}

/** What of each count the work has settled: all of it, or so many rows. */
export interface Settled {
  /** Counts that can no longer be wished otherwise without pulling rows back or undoing a join. */
  counts: ReadonlySet<string>;
  /** Rows of counts that are worked. */
  rows: ReadonlyMap<string, number>;
}

/** What of the counts of a plan is settled by what is worked and joined. */
export function settledIn(now: Standing, { rows, joins }: WorkDone): Settled {
  const all = new Set(now.plan.quantities.map(({ id }) => id));
  const held = heldCounts(now, begunPieces(now.programs, rows), joins, all, new Set(), () => false);
  return { counts: new Set(held.fixed.keys()), rows: held.least };
}

/** Everything that may not move. */
function heldCounts(
  { counts, plan }: Standing,
  begun: ReadonlyMap<string, Begun>,
  joined: ReadonlySet<string>,
  wished: ReadonlySet<string>,
  whole: ReadonlySet<string>,
  hold: (quantity: string) => boolean,
): Held {
  const held: Held = { fixed: new Map(), least: new Map(), relations: [] };
  for (const [id, piece] of begun) {
    const { fixed, least, relations } = heldBy(piece, counts, wished);
    for (const [quantity, count] of fixed) held.fixed.set(quantity, count);
    for (const [quantity, count] of least)
      held.least.set(quantity, Math.max(count, held.least.get(quantity) ?? 0));
    held.relations.push(...relations);
    if (whole.has(id))
      for (const quantity of countsOf(piece.program)) held.fixed.set(quantity, counts[quantity]!);
  }
  const shows = new Map(
    plan.pieces.flatMap(({ expects }) => expects).map((one) => [one.quantity, one.edges]),
  );
  const inJoins = new Set(
    plan.joins.filter(({ id }) => joined.has(id)).flatMap(({ a, b }) => [...a, ...b].map(({ edge }) => edge)),
  );
  for (const [quantity, edges] of shows)
    if (edges.some((edge) => inJoins.has(edge))) held.fixed.set(quantity, counts[quantity]!);
  for (const { id } of plan.quantities) if (hold(id)) held.fixed.set(id, counts[id]!);
  return held;
}

function countsOf({ rows, expects, passages }: PieceProgram): string[] {
  const shaped = passages.flatMap((passage) =>
    passage.kind === 'shape' || passage.kind === 'lines'
      ? Object.values(passage.of as Record<string, string>)
      : [],
  );
  return [...rows, ...expects.map(({ quantity }) => quantity), ...shaped];
}

/** Makes the pieces from the counts, worked rows as they are; the id of the first piece that these do not begin. */
function resumeAll(
  construction: Construction,
  input: Parameters<Construction['program']>[0],
  counts: Counts,
  before: Standing,
  begun: ReadonlyMap<string, Begun>,
  whole: ReadonlySet<string>,
  gauges: Gauges,
): Program | string {
  let program: Program;
  try {
    program = construction.program(input, countReader(counts));
  } catch {
    // Counts that agree and can all the same not be shaped: the piece that is furthest keeps its own.
    return [...begun.keys()][0] ?? '';
  }
  /** A piece that keeps all its counts goes on as it was begun, also where the gauge would now have its rows lie otherwise. */
  const asItStands = (
    { program: own }: Begun,
    { copies, drawn, edges }: PieceProgram,
  ): PieceProgram | null =>
    whole.has(own.id) &&
    countsOf(own).every((id) => counts[id] === before.counts[id]) &&
    drawn?.squares?.length === own.drawn?.squares?.length &&
    sameEdges(own.edges, edges)
      ? { ...own, copies, resumed: true }
      : null;
  const pieces: PieceProgram[] = [];
  for (const piece of program.pieces) {
    const own = begun.get(piece.id);
    const resumed = own ? (resumePiece(own, piece) ?? asItStands(own, piece)) : piece;
    if (!resumed) return piece.id;
    pieces.push(own ? withGauges(resumed, gauges) : resumed);
  }
  const lost = [...begun.keys()].find((id) => !pieces.some((piece) => piece.id === id));
  return lost ?? { ...program, pieces };
}

/** Whether edges are as many stitches and rows: other pieces then still meet them. */
function sameEdges(a: PieceProgram['edges'], b: PieceProgram['edges']): boolean {
  const many = ({ place }: PieceProgram['edges'][number]) =>
    place.lies === 'foundation'
      ? 0
      : place.lies === 'row ends'
        ? place.spans.reduce((sum, { first, last }) => sum + last - first + 1, 0)
        : place.count;
  return a.length === b.length && a.every((edge, i) => edge.id === b[i]!.id && many(edge) === many(b[i]!));
}

/** Edgings worked on to the joined garment that are begun: they stay as they were picked up. */
function begunEdgings({ pieces, joins }: SizePlan, worked: ReadonlyMap<string, number>): Resumed['edgings'] {
  const begun = pieces.filter(({ workedOn, id }) => workedOn && (worked.get(id) ?? 0) > 0);
  const own = new Set(begun.map(({ id }) => id));
  return {
    pieces: begun,
    joins: joins.filter(({ a }) => a.some(({ piece }) => own.has(piece))),
  };
}

/** Whether the edges that begun edgings are picked up along are still what they were. */
function keepsEdgings(before: SizePlan, now: SizePlan, worked: ReadonlyMap<string, number>): boolean {
  const countOf = ({ pieces }: SizePlan, id: string) =>
    pieces.flatMap(({ edges }) => edges).find((edge) => edge.id === id)?.count;
  const { pieces, joins } = begunEdgings(before, worked);
  return (
    pieces.every(({ id }) => now.pieces.some((piece) => piece.id === id)) &&
    joins.every(({ b }) => b.every(({ edge }) => countOf(before, edge) === countOf(now, edge)))
  );
}

/**
 * What counts are to measure from here on: those that a wish has moved as they are now, and all of them where the new gauge is gone on with; the
 * others as before, so that rounding does not add up.
 */
function wantedNow(before: Standing, { quantities }: SizePlan, { pins, hold }: Wish): Record<string, number> {
  const moved = pins.length > 0;
  return Object.fromEntries(
    quantities.map(({ id, count, actual }) => {
      const was = before.wanted[id];
      const changed = before.counts[id] !== count;
      return [id, was === undefined || hold || (moved && changed) ? actual : was];
    }),
  );
}
