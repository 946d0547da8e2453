import type { Phrase } from '../text/phrase.js';
import type { CountReader } from './counts.js';
import type { HelperCount, Relation, Term } from './problem.js';

/**
 * The relations that constructions are made of. Each builder names a rule of the trade and gives the linear relations
 * (and the helpers) that say it to the solver.
 */
export interface RuleParts {
  relations: Relation[];
  helpers: HelperCount[];
}

export interface Named<Id extends string> {
  /** Id of the relations made, which get it as a prefix. */
  id: string;
  /** The rule in the trade's words, as the end of "this cannot hold: ...". */
  rule: string;
  /** The rule with the counts found; nothing where the rule is not worth a sentence. */
  says?: (counts: CountReader<Id>) => Phrase;
}

/** How often each count stands in a sum; those left out do not. */
export type Times<Id extends string> = Readonly<Partial<Record<Id, number>>>;

const silent = (): Phrase => [];

/** A weighted sum of counts that must be `total`: { shoulder: 2, neck: 1, back: -1 } and 0. */
export function sumIs<Id extends string>(named: Named<Id>, times: Times<Id>, total = 0): Relation {
  return linear(named, 'equal', times, total);
}

/** A weighted sum of counts that may be at most `total`; differences have a count with times -1. */
export function sumAtMost<Id extends string>(named: Named<Id>, times: Times<Id>, total = 0): Relation {
  return linear(named, 'at most', times, total);
}

/** A weighted sum of counts that must be at least `total`. */
export function sumAtLeast<Id extends string>(named: Named<Id>, times: Times<Id>, total = 0): Relation {
  return linear(named, 'at least', times, total);
}

/** Two counts that must be equal. */
export function sameCount<Id extends string>(named: Named<Id>, a: Id, b: Id): Relation {
  return linear(named, 'equal', { [a]: 1, [b]: -1 }, 0);
}

function linear<Id extends string>(
  { id, rule, says = silent }: Named<Id>,
  kind: Relation['kind'],
  times: Readonly<Partial<Record<string, number>>>,
  total: number,
): Relation {
  const terms: Term[] = Object.entries(times).map(([of, each = 0]) => ({ of, times: each }));
  return { id, rule, kind, terms, total, says };
}

/**
 * A weighted sum that must be even (to halve) or odd (to have a centre).
 *
 * @param times whole-number weights of the counts
 * @param most largest half of the sum that is considered
 */
export function parity<Id extends string>(
  named: Named<Id>,
  times: Times<Id>,
  wanted: 'even' | 'odd',
  most = 4000,
): RuleParts {
  const half = `${named.id}.half`;
  return {
    helpers: [{ id: half, min: -most, max: most }],
    relations: [linear(named, 'equal', { ...times, [half]: -2 }, wanted === 'even' ? 0 : 1)],
  };
}

export interface ShapingWish<Id extends string> {
  /** Counts at the two ends of the shaped rows, and the count of the rows. */
  from: Id;
  to: Id;
  rows: Id;
  /** Stitches that one shaping row changes. */
  perEvent: number;
  /** 1: any row may shape; 2: every second. */
  everyRow: 1 | 2;
  /** Rows of these that do not shape: a fixed number, and a share of them all. */
  spare: number;
  spareShare?: number;
  /** Name of the helper that counts the shaping rows: above 0 where the piece grows. */
  helper: Id;
}

/**
 * From one count to another in whole shaping rows that fit between the others: |to - from| = perEvent x events, and
 * events x everyRow <= rows x (1 - spareShare) - spare.
 */
export function needsShapingRows<Id extends string>(named: Named<Id>, wish: ShapingWish<Id>): RuleParts {
  const { from, to, rows, perEvent, everyRow, spare, spareShare = 0, helper } = wish;
  const room = (way: string, sign: 1 | -1) =>
    linear(
      { id: `${named.id}.${way}`, rule: named.rule },
      'at most',
      { [helper]: sign * everyRow, [rows]: -(1 - spareShare) },
      -spare,
    );
  return {
    helpers: [{ id: helper, min: -400, max: 400 }],
    relations: [
      linear(named, 'equal', { [to]: 1, [from]: -1, [helper]: -perEvent }, 0),
      room('wider', 1),
      room('narrower', -1),
    ],
  };
}

/**
 * One edge counted in two fabrics whose rules differ (a rib picked up from a mesh): `timesB` of b meet `timesA` of a, and
 * up to `hidden` stitches may be gained or lost beside a seam, where nobody sees it.
 */
export function sameEdge<Id extends string>(
  { id, rule, says = silent }: Named<Id>,
  a: { of: Id; times: number },
  b: { of: Id; times: number },
  hidden = 0,
): Relation[] {
  const difference = { [a.of]: a.times, [b.of]: -b.times };
  if (hidden === 0) return [linear({ id, rule, says }, 'equal', difference, 0)];
  return [
    linear({ id: `${id}.more`, rule, says }, 'at most', difference, hidden),
    linear({ id: `${id}.fewer`, rule }, 'at least', difference, -hidden),
  ];
}

/**
 * One of several ways: the relations of exactly one of them hold. Which is taken is the count named `choice`, 0 for the
 * first; a way may cost something (cm), and the first of ways of equal cost is taken.
 */
export function oneOf<Id extends string>(
  choice: Id,
  ways: readonly { relations: readonly Relation[]; cost?: number }[],
): RuleParts {
  return {
    helpers: [{ id: choice, min: 0, max: ways.length - 1, costs: ways.map(({ cost = 0 }) => cost) }],
    relations: ways.flatMap(({ relations }, is) =>
      relations.map((relation) => ({
        ...relation,
        id: `${choice}.${is}.${relation.id}`,
        when: { choice, is },
      })),
    ),
  };
}
