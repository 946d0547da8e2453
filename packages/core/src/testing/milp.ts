import highsLoader from 'highs';
import { breaksWish, WISH_COST, type Problem } from '../fit/problem.js';

type Solver = Awaited<ReturnType<typeof highsLoader>>;
let solver: Promise<Solver> | null = null;

/** The MILP solver HiGHS, loaded once. */
export function highs(): Promise<Solver> {
  solver ??= highsLoader();
  return solver;
}

const name = (prefix: string, i: number) => `${prefix}${i}`;
const sum = (terms: readonly [number, string][]) =>
  terms.map(([factor, variable]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${variable}`).join(' ');

/**
 * One size's problem in the LP format: count = multiple x k + plus with whole k, distance d >= |count / gauge - target|, and
 * a 0/1 variable for each rounding wish.
 */
export function asLp({ quantities, helpers, relations }: Problem): string {
  const rows: string[] = [];
  const objective: [number, string][] = [];
  const bounds: string[] = [];
  const whole: string[] = [];
  const binary: string[] = [];
  const variable = new Map<string, { scale: number; shift: number; name: string }>();
  quantities.forEach(({ id, rule, perCm, target, weight, rounding, min, max }, i) => {
    const [k, d, w] = [name('k', i), name('d', i), name('w', i)];
    variable.set(id, { scale: rule.multiple, shift: rule.plus, name: k });
    objective.push([weight, d]);
    const slope = rule.multiple / perCm;
    const offset = target - rule.plus / perCm;
    rows.push(
      `${sum([
        [1, d],
        [-slope, k],
      ])} >= ${-offset}`,
      `${sum([
        [1, d],
        [slope, k],
      ])} >= ${offset}`,
    );
    bounds.push(
      `${Math.max(0, Math.ceil((min - rule.plus) / rule.multiple))} <= ${k} <= ${Math.floor((max - rule.plus) / rule.multiple)}`,
    );
    whole.push(k);
    if (rounding === 'nearest') return;
    objective.push([WISH_COST, w]);
    binary.push(w);
    const slack = (max * 2) / perCm;
    if (rounding === 'not over')
      rows.push(
        `${sum([
          [slope, k],
          [-slack, w],
        ])} <= ${offset + 1e-9}`,
      );
    else
      rows.push(
        `${sum([
          [slope, k],
          [slack, w],
        ])} >= ${offset - 1e-9}`,
      );
  });
  helpers.forEach(({ id, min, max }, i) => {
    variable.set(id, { scale: 1, shift: 0, name: name('h', i) });
    bounds.push(`${min} <= ${name('h', i)} <= ${max}`);
    whole.push(name('h', i));
  });
  for (const { kind, terms, total } of relations) {
    const shift = terms.reduce((all, { of, times }) => all + times * variable.get(of)!.shift, 0);
    rows.push(
      `${sum(terms.map(({ of, times }) => [times * variable.get(of)!.scale, variable.get(of)!.name]))} ${kind === 'equal' ? '=' : '<='} ${total - shift}`,
    );
  }
  return [
    'Minimize',
    ` obj: ${sum(objective)}`,
    'Subject To',
    ...rows.map((row, i) => ` c${i}: ${row}`),
    'Bounds',
    ...bounds,
    'General',
    whole.join(' '),
    ...(binary.length > 0 ? ['Binary', binary.join(' ')] : []),
    'End',
  ].join('\n');
}

/** The cost of counts without the ties, as the problem says. */
export function costOfCounts({ quantities }: Problem, counts: Readonly<Record<string, number>>): number {
  return quantities.reduce((all, quantity) => {
    const count = counts[quantity.id]!;
    return (
      all +
      quantity.weight * Math.abs(count / quantity.perCm - quantity.target) +
      (breaksWish(quantity, count) ? WISH_COST : 0)
    );
  }, 0);
}
