/** The fit of what is open around what is settled. */

import type { Note } from '../advice/note.js';
import { countReader } from '../fit/counts.js';
import { fitSizes, type SizeFit } from '../fit/fit.js';
import type { Relation } from '../fit/problem.js';
import type { Draft, DraftQuantity } from '../garment/construction.js';
import type { Begun, Held } from './begun.js';
import { lengthsToMeet, type Lengths } from './measured.js';
import type { Standing, Wish } from './wish.js';

/** Rules that counts are held by which the work has settled have an id of their own: they may be given up. */
const SETTLED = 'settled:';

/** A rule that the work no longer leaves to choose is no fault of the plan. */
export function asWorkLeavesIt(note: Note): Note {
  return note.where.startsWith(SETTLED)
    ? { ...note, level: 'warn', code: 'worked-otherwise', where: note.where.slice(SETTLED.length) }
    : note;
}

/** Finds the counts that are open: of the pieces, and of the edgings that follow them. */
export function fitAround(
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
