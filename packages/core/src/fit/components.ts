import { groupsOf } from './lattice.js';
import type { Problem } from './problem.js';

/**
 * The counts that have to do with each other, over all sizes: two counts belong together when a relation of any size ties
 * them. What is decided in one group moves nothing in another, so each group of a range is settled by itself.
 *
 * @returns for each group the ids of its unknowns, in the order of the problems
 */
export function groupsOfRange(problems: readonly Problem[]): string[][] {
  const ids = [
    ...new Set(
      problems.flatMap(({ quantities, helpers }) => [...quantities, ...helpers].map(({ id }) => id)),
    ),
  ];
  const place = new Map(ids.map((id, i) => [id, i]));
  const ties = new Map<string, { variables: number[] }>();
  for (const { relations } of problems)
    for (const { terms, when } of relations) {
      const tied = [...terms.map(({ of }) => of), ...(when ? [when.choice] : [])];
      const key = tied.join(' ');
      if (!ties.has(key)) ties.set(key, { variables: tied.map((id) => place.get(id)!) });
    }
  const leaders = groupsOf(ids.length, [...ties.values()]);
  const groups = new Map<number, string[]>();
  ids.forEach((id, i) => {
    const leader = leaders[i]!;
    const group = groups.get(leader);
    if (group) group.push(id);
    else groups.set(leader, [id]);
  });
  return [...groups.values()];
}

/** The part of a problem that a group of unknowns makes up. */
export function partOf(problem: Problem, group: ReadonlySet<string>): Problem {
  return {
    quantities: problem.quantities.filter(({ id }) => group.has(id)),
    helpers: problem.helpers.filter(({ id }) => group.has(id)),
    relations: problem.relations.filter(({ terms }) => group.has(terms[0]!.of)),
  };
}
