import type { Design, Pin } from '../design.js';
import { draftSize } from '../fitDesign.js';
import { countReader, type CountReader, type Counts } from '../fit/counts.js';
import { fitSizes, type SizeFit } from '../fit/fit.js';
import type { Relation } from '../fit/problem.js';
import type {
  Construction,
  Draft,
  DraftQuantity,
  FinishedPlan,
  PieceProgram,
  Program,
} from '../garment/construction.js';
import { edgeLength, sectionsOf } from '../garment/sections.js';
import type { Join } from '../joins/audit.js';
import type { Note } from '../advice/note.js';
import { planSize, type PlannedQuantity, type Resumed, type SizePlan } from '../sizePlan.js';
import { begunPieces, heldBy, isMade, workedHeight, type Begun, type Held } from './begun.js';
import { fabricAlong, fabricsNow, type Gauges } from './gauges.js';
import { resumePiece } from './resume.js';

/** A size as it is planned at a moment of the work. */
export interface Standing {
  /** The design with its style as changed and its gauges as found. */
  design: Design;
  gauges: Gauges;
  plan: SizePlan;
  counts: Counts;
  /** The pieces as they are programmed: what is worked of them is worked by these. */
  programs: ReadonlyMap<string, PieceProgram>;
  /** What each count is to measure, cm: as planned, as wished, or as it has come to. */
  wanted: Readonly<Record<string, number>>;
}

/** What is to be other than it stands. */
export interface Wish {
  /** The design with its style as it is to be. */
  design: Design;
  gauges: Gauges;
  pins: readonly Pin[];
  /** All counts stay: only what they measure is new. */
  hold?: boolean;
}

/** How much of each piece is worked, and which joins are made. */
export interface WorkDone {
  rows: ReadonlyMap<string, number>;
  joins: ReadonlySet<string>;
}

export type Refitted =
  | { ok: true; standing: Standing; /** Wishes that could not be met. */ unmet: readonly Pin[] }
  /** No garment comes of it. */
  | { ok: false; plan: SizePlan | null };

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

/** Rules that counts are held by which the work has settled have an id of their own: they may be given up. */
const SETTLED = 'settled:';

/** A rule that the work no longer leaves to choose is no fault of the plan. */
function asWorkLeavesIt(note: Note): Note {
  return note.where.startsWith(SETTLED)
    ? { ...note, level: 'warn', code: 'worked-otherwise', where: note.where.slice(SETTLED.length) }
    : note;
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

/** Finds the counts that are open: of the pieces, and of the edgings that follow them. */
function fitAround(
  draft: Draft,
  before: Standing,
  held: Held,
  { pins, gauges }: Wish,
  begun: ReadonlyMap<string, Begun>,
): { fit: SizeFit; drafted: Draft } {
  const isEdging = (id: string) => draft.edgings?.ids.some((own) => own === id) ?? false;
  const lengths = lengthsToMeet(before, begun, gauges);
  const pieces = around(draft, held, lengths);
  const [fit] = fitSizes([{ problem: pieces, pins: pins.filter(({ quantity }) => !isEdging(quantity)) }], {
    graded: false,
    strength: 0,
  });
  if (!fit!.counts || !draft.edgings) return { fit: fit!, drafted: { ...draft, ...pieces } };
  const follows = around(draft.edgings.follow(countReader(fit!.counts)), held, lengths);
  const [edged] = fitSizes([{ problem: follows, pins: pins.filter(({ quantity }) => isEdging(quantity)) }], {
    graded: false,
    strength: 0,
  });
  return {
    fit: {
      counts: edged!.counts && { ...fit!.counts, ...edged!.counts },
      pinned: new Set([...fit!.pinned, ...edged!.pinned]),
      notes: [...fit!.notes, ...edged!.notes],
    },
    drafted: {
      ...draft,
      quantities: [...pieces.quantities, ...follows.quantities],
      helpers: [...pieces.helpers, ...follows.helpers],
      relations: [...pieces.relations, ...follows.relations],
    },
  };
}

type ToFit = Pick<Draft, 'quantities' | 'helpers' | 'relations'>;

/** A problem as the work leaves it: settled counts settled, the others to measure what they are wanted to. */
function around({ quantities, helpers, relations }: ToFit, held: Held, lengths: Lengths): ToFit {
  const own = new Set([...quantities, ...helpers].map(({ id }) => id));
  const isOwn = ({ terms }: Relation) => terms.every(({ of }) => own.has(of));
  const perCms = new Map<string, number>(quantities.map(({ id, perCm }) => [id, perCm]));
  /** A seam is as long as it was worked, at whatever gauge: counts by which it is longer than the gauge now says. */
  const excess = ({ of, times }: Relation['terms'][number]) => {
    const [length, perCm] = [lengths.made.get(of), perCms.get(of)];
    return length === undefined || perCm === undefined ? 0 : times * (length * perCm - held.fixed.get(of)!);
  };
  /** A count that is the sum of others is as much longer as these are together. */
  const longerBy = (id: string): number => {
    const own = lengths.longer.get(id);
    if (own !== undefined) return own;
    const sum = relations.find(
      ({ kind, when, total, terms }) =>
        kind === 'equal' &&
        !when &&
        total === 0 &&
        terms.some(({ of }) => of === id) &&
        terms.every(({ of }) => of === id || lengths.longer.has(of)),
    );
    if (!sum) return 0;
    const times = sum.terms.find(({ of }) => of === id)!.times;
    return sum.terms.reduce(
      (all, term) => (term.of === id ? all : all - (term.times / times) * lengths.longer.get(term.of)!),
      0,
    );
  };
  /** Between counts that are settled nothing is left to keep: it shows in the joins. */
  const isOpen = ({ terms }: Relation) => terms.some(({ of }) => !held.fixed.has(of));
  return {
    helpers,
    quantities: quantities.map((quantity): DraftQuantity => {
      const { id, perCm: countsPerCm, target } = quantity;
      const fixed = held.fixed.get(id);
      if (fixed !== undefined) return { ...quantity, target: fixed / countsPerCm, min: fixed, max: fixed };
      const least = held.least.get(id) ?? 0;
      const wanted = (lengths.of(id) ?? target) - longerBy(id);
      return {
        ...quantity,
        target: wanted,
        min: Math.max(quantity.min, least),
        max: Math.max(quantity.max, least),
      };
    }),
    relations: [
      ...relations.map((relation) => {
        const settled = relation.terms.filter(({ of }) => held.fixed.has(of));
        if (settled.length === 0) return relation;
        if (!relation.seam) return { ...relation, seam: `${SETTLED}${relation.id}` };
        return { ...relation, total: settled.reduce((total, term) => total - excess(term), relation.total) };
      }),
      ...held.relations.filter(isOwn),
    ].filter(isOpen),
  };
}

/** What counts are to measure, cm. */
interface Lengths {
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
function lengthsToMeet(before: Standing, begun: ReadonlyMap<string, Begun>, gauges: Gauges): Lengths {
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

/** A piece whose rows are measured by the gauges that they were worked at. */
function withGauges(piece: PieceProgram, gauges: Gauges): PieceProgram {
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
function asMeasured(plan: SizePlan, draft: Draft, counts: Counts): SizePlan {
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
