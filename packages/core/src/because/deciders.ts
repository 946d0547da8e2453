/** What keeps a count from the one that it would be alone: rules of the garment with the counts on their other side, or the next size. */

import { heldAt } from '../fit/lattice.js';
import { holds, type Relation } from '../fit/problem.js';
import { solve } from '../fit/solve.js';
import { say, type Phrase } from '../text/phrase.js';
import { countedIn } from '../fabric/units.js';
import { countOf } from '../text/singular.js';
import type { Counted } from './counted.js';

/**
 * The rules that would be broken if the count were another and all the rest as they are, each with the counts that it ties to this one;
 * where none would, the neighbouring size below or above which it may not go.
 *
 * @param id of the count
 * @param instead what it would be alone
 * @returns the sentence, and the first other count of it, to be followed
 */
export function deciders(id: string, instead: number, counted: Counted): { says: Phrase; from?: string } {
  const broken = rulesOf(id, counted.relations).filter(
    // A seam that could not be kept at all decides nothing.
    (rule) =>
      rule.relations.every((relation) => holds(relation, counted.counts)) &&
      !canBe(id, instead, rule, counted),
  );
  if (broken.length === 0) return { says: besideRange(id, instead, counted) };
  const tied = broken.map(({ rule, others }) => {
    const counts = counted.quantities
      .filter((quantity) => others.has(quantity.id))
      .map((quantity) => {
        const { one, many } = countedIn(quantity);
        return `${quantity.label} ${countOf(counted.counts[quantity.id]!, one, many)}`;
      });
    return counts.length > 0 ? say`${rule} (${counts.join(', ')})` : say`${rule}`;
  });
  const from = counted.quantities.find((quantity) => broken[0]!.others.has(quantity.id))?.id;
  return {
    says: say`decided by: ${tied.reduce((all, one) => say`${all}; ${one}`)}`,
    ...(from === undefined ? {} : { from }),
  };
}

/** A rule of the garment that a count takes part in, with all of its relations and the other counts in them. */
interface TiedRule {
  rule: string;
  relations: readonly Relation[];
  others: ReadonlySet<string>;
}

function rulesOf(id: string, relations: readonly Relation[]): TiedRule[] {
  const names = new Set(
    relations.filter(({ terms }) => terms.some(({ of }) => of === id)).map(({ rule }) => rule),
  );
  return [...names].map((rule) => {
    const own = relations.filter((relation) => relation.rule === rule);
    const others = new Set(own.flatMap(({ terms }) => terms.map(({ of }) => of)));
    others.delete(id);
    return { rule, relations: own, others };
  });
}

/** Whether a rule can be kept with the count changed and all other counts as they are; what has no length may be anything. */
function canBe(
  id: string,
  instead: number,
  { relations }: TiedRule,
  { quantities, helpers, counts }: Counted,
): boolean {
  const used = new Set(
    relations.flatMap(({ terms, when }) => [...terms.map(({ of }) => of), ...(when ? [when.choice] : [])]),
  );
  const tied = quantities.filter(({ id: of }) => used.has(of));
  const bounds = heldAt(
    Object.fromEntries(tied.map(({ id: of }) => [of, of === id ? instead : counts[of]!])),
  );
  const problem = {
    quantities: tied.map((quantity) => ({ ...quantity, min: 0, max: Math.max(quantity.max, instead) })),
    helpers: helpers.filter(({ id: of }) => used.has(of)),
    relations,
  };
  return solve(problem, { bounds, anyAnswer: true }).kind === 'solved';
}

/** Said where no rule of the size itself decides: the range does. */
function besideRange(id: string, instead: number, { counts, neighbours }: Counted): Phrase {
  const count = counts[id]!;
  const { smaller, larger } = neighbours;
  if (smaller && instead < (smaller.counts[id] ?? -Infinity))
    return say`no fewer than in size ${smaller.size}, which has ${smaller.counts[id]!}`;
  if (larger && instead > (larger.counts[id] ?? Infinity))
    return say`no more than in size ${larger.size}, which has ${larger.counts[id]!}`;
  return say`${instead < count ? 'more' : 'fewer'}, so that the steps from size to size are even`;
}
