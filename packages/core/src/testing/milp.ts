import highsLoader from 'highs';
import { asWanted, WISH_COST, type Problem } from '../fit/problem.js';

type Solver = Awaited<ReturnType<typeof highsLoader>>;
let solver: Promise<Solver> | null = null;

/** The MILP solver HiGHS, loaded once. */
export function highs(): Promise<Solver> {
  solver ??= highsLoader();
  return solver;
}

const sum = (terms: readonly [number, string][]) =>
  terms.map(([factor, variable]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${variable}`).join(' ');

/**
 * One size's problem in the LP format: count = multiple x k + plus with whole k, distance d >= |count / gauge - target|, a 0/1
 * variable for each rounding wish, and one for each way of a choice.
 */
export function asLp(problem: Problem): string {
  return rangeAsLp([problem], 0);
}

/** Far more than any sum of terms of the problems at hand: what frees a relation whose way is not taken. */
const FREE = 20_000;

/**
 * A whole range in the LP format: the sizes side by side, no count falling where its target does not, and strength x weight
 * for each cm by which a count's miss changes from one size to the next.
 */
export function rangeAsLp(problems: readonly Problem[], strength: number): string {
  const lp: Lp = { rows: [], objective: [], bounds: [], whole: [], binary: [] };
  const sizes = problems.map((problem, size) => addSize(lp, problem, `s${size}_`));
  problems.slice(1).forEach((problem, size) => {
    const before = new Map(problems[size]!.quantities.map((quantity) => [quantity.id, quantity]));
    problem.quantities.forEach((after, i) => {
      const smaller = before.get(after.id);
      if (!smaller) return;
      const [a, b] = [sizes[size]!.get(after.id)!, sizes[size + 1]!.get(after.id)!];
      if (after.target >= smaller.target)
        lp.rows.push(
          `${sum([
            [b.scale, b.name],
            [-a.scale, a.name],
          ])} >= ${a.shift - b.shift}`,
        );
      if (strength === 0) return;
      const u = `u${size}_${i}`;
      lp.objective.push([strength * after.weight, u]);
      const change: [number, string][] = [
        [b.scale / after.perCm, b.name],
        [-a.scale / smaller.perCm, a.name],
      ];
      const rest = after.target - b.shift / after.perCm - (smaller.target - a.shift / smaller.perCm);
      lp.rows.push(
        `${sum([[1, u], ...negated(change)])} >= ${-rest}`,
        `${sum([[1, u], ...change])} >= ${rest}`,
      );
    });
  });
  return [
    'Minimize',
    ` obj: ${sum(lp.objective)}`,
    'Subject To',
    ...lp.rows.map((row, i) => ` c${i}: ${row}`),
    'Bounds',
    ...lp.bounds,
    'General',
    lp.whole.join(' '),
    ...(lp.binary.length > 0 ? ['Binary', lp.binary.join(' ')] : []),
    'End',
  ].join('\n');
}

interface Lp {
  rows: string[];
  objective: [number, string][];
  bounds: string[];
  whole: string[];
  binary: string[];
}

/** A count as scale x variable + shift. */
interface Column {
  scale: number;
  shift: number;
  name: string;
}

const negated = (terms: readonly [number, string][]): [number, string][] =>
  terms.map(([factor, variable]) => [-factor, variable]);

function addSize(lp: Lp, { quantities, helpers, relations }: Problem, prefix: string): Map<string, Column> {
  const columns = new Map<string, Column>();
  quantities.forEach(({ id, rule, perCm, target, weight, rounding, min, max }, i) => {
    const [k, d, w] = [`${prefix}k${i}`, `${prefix}d${i}`, `${prefix}w${i}`];
    columns.set(id, { scale: rule.multiple, shift: rule.plus, name: k });
    lp.objective.push([weight, d]);
    const slope = rule.multiple / perCm;
    const offset = target - rule.plus / perCm;
    const over: [number, string][] = [[-slope, k]];
    lp.rows.push(
      `${sum([[1, d], ...over])} >= ${-offset}`,
      `${sum([[1, d], ...negated(over)])} >= ${offset}`,
    );
    lp.bounds.push(
      `${Math.max(0, Math.ceil((min - rule.plus) / rule.multiple))} <= ${k} <= ${Math.floor((max - rule.plus) / rule.multiple)}`,
    );
    lp.whole.push(k);
    if (rounding === 'nearest') return;
    lp.objective.push([WISH_COST, w]);
    lp.binary.push(w);
    const slack = (max * 2) / perCm;
    lp.rows.push(
      rounding === 'not over'
        ? `${sum([
            [slope, k],
            [-slack, w],
          ])} <= ${offset + asWanted(perCm)}`
        : `${sum([
            [slope, k],
            [slack, w],
          ])} >= ${offset - asWanted(perCm)}`,
    );
  });
  helpers.forEach(({ id, min, max, costs }, i) => {
    const name = `${prefix}h${i}`;
    columns.set(id, { scale: 1, shift: 0, name });
    lp.bounds.push(`${min} <= ${name} <= ${max}`);
    lp.whole.push(name);
    if (!costs) return;
    const ways = costs.map((cost, way) => {
      const taken = `${name}w${way}`;
      lp.binary.push(taken);
      if (cost !== 0) lp.objective.push([cost, taken]);
      return taken;
    });
    lp.rows.push(
      `${sum(ways.map((taken) => [1, taken]))} = 1`,
      `${sum([[1, name], ...ways.map((taken, way): [number, string] => [-(min + way), taken])])} = 0`,
    );
  });
  for (const { kind, terms, total, when } of relations) {
    const shift = terms.reduce((all, { of, times }) => all + times * columns.get(of)!.shift, 0);
    const left = terms.map(({ of, times }): [number, string] => [
      times * columns.get(of)!.scale,
      columns.get(of)!.name,
    ]);
    const right = total - shift;
    const choice = when && `${columns.get(when.choice)!.name}w${when.is}`;
    if (kind !== 'at least')
      lp.rows.push(
        choice
          ? `${sum([...left, [FREE, choice]])} <= ${right + FREE}`
          : `${sum(left)} ${kind === 'equal' ? '=' : '<='} ${right}`,
      );
    if (kind === 'at least' || (choice && kind === 'equal'))
      lp.rows.push(
        choice ? `${sum([...left, [-FREE, choice]])} >= ${right - FREE}` : `${sum(left)} >= ${right}`,
      );
  }
  return columns;
}
