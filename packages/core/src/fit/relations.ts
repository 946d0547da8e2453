import type { Phrase } from '../text/phrase.js';
import type { Counts, HelperCount, Relation, Term } from './problem.js';

/**
 * The relations that constructions are made of. Each builder names a rule of the trade and gives the linear relations
 * (and the helpers) that say it to the solver.
 */
export interface RuleParts {
  relations: Relation[];
  helpers: HelperCount[];
}

interface Named {
  /** Id of the relations made, which get it as a prefix. */
  id: string;
  /** The rule in the trade's words, as the end of "this cannot hold: ...". */
  rule: string;
  /** The rule with the counts found; nothing where the rule is not worth a sentence. */
  says?: (counts: Counts) => Phrase;
}

const silent = (): Phrase => [];

/** A weighted sum of counts that must be `total`: { shoulder: 2, neck: 1, back: -1 } and 0. */
export function sumIs(named: Named, times: Readonly<Record<string, number>>, total = 0): Relation {
  return linear(named, 'equal', times, total);
}

/** A weighted sum of counts that may be at most `total`; differences have a count with times -1. */
export function sumAtMost(named: Named, times: Readonly<Record<string, number>>, total = 0): Relation {
  return linear(named, 'at most', times, total);
}

/** A weighted sum of counts that must be at least `total`. */
export function sumAtLeast(named: Named, times: Readonly<Record<string, number>>, total = 0): Relation {
  return linear(named, 'at least', times, total);
}

/** Two counts that must be equal. */
export function sameCount(named: Named, a: string, b: string): Relation {
  return sumIs(named, { [a]: 1, [b]: -1 });
}

function linear(
  { id, rule, says = silent }: Named,
  kind: Relation['kind'],
  times: Readonly<Record<string, number>>,
  total: number,
): Relation {
  const terms: Term[] = Object.entries(times).map(([of, each]) => ({ of, times: each }));
  return { id, rule, kind, terms, total, says };
}

/**
 * A weighted sum that must be even (to halve) or odd (to have a centre).
 *
 * @param times whole-number weights of the counts
 * @param most largest half of the sum that is considered
 */
export function parity(
  named: Named,
  times: Readonly<Record<string, number>>,
  wanted: 'even' | 'odd',
  most = 4000,
): RuleParts {
  const half = `${named.id}.half`;
  return {
    helpers: [{ id: half, min: -most, max: most }],
    relations: [sumIs(named, { ...times, [half]: -2 }, wanted === 'even' ? 0 : 1)],
  };
}

export interface ShapingWish {
  /** Counts at the two ends of the shaped rows, and the count of the rows. */
  from: string;
  to: string;
  rows: string;
  /** Stitches that one shaping row changes. */
  perEvent: number;
  /** 1: any row may shape; 2: every second. */
  everyRow: 1 | 2;
  /** Rows of these that do not shape: a fixed number, and a share of them all. */
  spare: number;
  spareShare?: number;
  /** Name of the helper that counts the shaping rows: above 0 where the piece grows. */
  helper: string;
}

/**
 * From one count to another in whole shaping rows that fit between the others: |to - from| = perEvent x events, and
 * events x everyRow <= rows x (1 - spareShare) - spare.
 */
export function needsShapingRows(named: Named, wish: ShapingWish): RuleParts {
  const { from, to, rows, perEvent, everyRow, spare, spareShare = 0, helper } = wish;
  const room = (way: string, sign: 1 | -1) =>
    sumAtMost(
      { id: `${named.id}.${way}`, rule: named.rule },
      { [helper]: sign * everyRow, [rows]: -(1 - spareShare) },
      -spare,
    );
  return {
    helpers: [{ id: helper, min: -400, max: 400 }],
    relations: [
      sumIs(named, { [to]: 1, [from]: -1, [helper]: -perEvent }),
      room('wider', 1),
      room('narrower', -1),
    ],
  };
}

/**
 * One edge counted in two fabrics whose rules differ (a rib picked up from a mesh): `timesB` of b meet `timesA` of a, and
 * up to `hidden` stitches may be gained or lost beside a seam, where nobody sees it.
 */
export function sameEdge(
  { id, rule, says = silent }: Named,
  a: { of: string; times: number },
  b: { of: string; times: number },
  hidden = 0,
): Relation[] {
  const difference = { [a.of]: a.times, [b.of]: -b.times };
  if (hidden === 0) return [sumIs({ id, rule, says }, difference)];
  return [
    sumAtMost({ id: `${id}.more`, rule, says }, difference, hidden),
    sumAtLeast({ id: `${id}.fewer`, rule }, difference, -hidden),
  ];
}

/**
 * One of several ways: the relations of exactly one of them hold. Which is taken is the count named `choice`, 0 for the
 * first; a way may cost something (cm), and the first of equally dear ways is taken.
 */
export function oneOf(
  choice: string,
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
