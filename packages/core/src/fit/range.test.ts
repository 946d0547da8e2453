import fc from 'fast-check';
import type { Counts, Problem, Quantity } from './problem.js';
import { costOf } from './problem.js';
import { fitRange } from './range.js';

const quantity = (id: string, target: number, multiple = 1, plus = 0): Quantity => ({
  id,
  target,
  perCm: 1,
  weight: 1,
  rule: { multiple, plus },
  rounding: 'nearest',
  min: 1,
  max: 14,
});

/** Two counts that must add up to an even number in each size: this makes counts fall where targets are alone. */
const size = (a: number, b: number, multiple: number): Problem => ({
  quantities: [quantity('a', a), quantity('b', b, multiple)],
  helpers: [{ id: 'h', min: 0, max: 20 }],
  relations: [
    {
      id: 'even',
      kind: 'equal',
      terms: [
        { of: 'a', times: 1 },
        { of: 'b', times: 1 },
        { of: 'h', times: -2 },
      ],
      total: 0,
      says: () => [],
    },
  ],
});

function bruteForce(problems: readonly Problem[]): number {
  const options = problems.map(({ quantities: [a, b] }) => {
    const list: { a: number; b: number; cost: number }[] = [];
    for (let x = 1; x <= 14; x += 1)
      for (let y = b!.rule.multiple; y <= 14; y += b!.rule.multiple)
        if ((x + y) % 2 === 0) list.push({ a: x, b: y, cost: costOf(a!, x) + costOf(b!, y) });
    return list;
  });
  let best = Infinity;
  const place = (i: number, before: { a: number; b: number } | null, cost: number) => {
    if (cost >= best) return;
    if (i === problems.length) {
      best = cost;
      return;
    }
    for (const option of options[i]!) {
      const rises = (id: 'a' | 'b', at: 0 | 1) =>
        !before ||
        problems[i]!.quantities[at]!.target < problems[i - 1]!.quantities[at]!.target ||
        option[id] >= before[id];
      if (rises('a', 0) && rises('b', 1)) place(i + 1, option, cost + option.cost);
    }
  };
  place(0, null, 0);
  return best;
}

const wholeCost = (sizes: { problem: Problem }[], found: readonly Counts[]) =>
  found.reduce(
    (sum, counts, i) =>
      sum + sizes[i]!.problem.quantities.reduce((all, q) => all + costOf(q, counts[q.id]!), 0),
    0,
  );

const tenths = fc.integer({ min: 15, max: 110 }).map((n) => n / 10);

describe('fitRange', () => {
  it('is the cheapest whole in which no count falls where its target does not', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(tenths, tenths), { minLength: 2, maxLength: 4 }),
        fc.integer({ min: 1, max: 3 }),
        (targets, multiple) => {
          const problems = targets.map(([a, b]) => size(a, b, multiple));
          const result = fitRange(
            problems.map((problem) => ({ problem, pins: {} })),
            true,
          );
          if (result.kind !== 'fitted') throw new Error(result.kind);
          const cost = wholeCost(
            problems.map((problem) => ({ problem })),
            result.sizes,
          );
          expect(cost).toBeCloseTo(bruteForce(problems), 6);
          result.sizes.slice(1).forEach((counts, i) => {
            for (const q of problems[i]!.quantities) {
              const next = problems[i + 1]!.quantities.find(({ id }) => id === q.id)!;
              if (next.target >= q.target)
                expect(counts[q.id]).toBeGreaterThanOrEqual(result.sizes[i]![q.id]!);
            }
          });
        },
      ),
      { numRuns: 200 },
    );
  });

  it('leaves unrelated bodies alone', () => {
    const problems = [size(9, 8, 1), size(9, 7, 1)];
    const free = fitRange(
      problems.map((problem) => ({ problem, pins: {} })),
      false,
    );
    expect(free).toMatchObject({ kind: 'fitted', sizes: [expect.anything(), expect.anything()] });
  });

  it('lets the range move around a pin, and two pins stand against the order', () => {
    const problems = [size(6, 6, 1), size(8, 8, 1), size(10, 10, 1)];
    const around = fitRange(
      [
        { problem: problems[0]!, pins: {} },
        { problem: problems[1]!, pins: { a: 12 } },
        { problem: problems[2]!, pins: {} },
      ],
      true,
    );
    expect(around.kind === 'fitted' && around.sizes.map(({ a }) => a)).toEqual([6, 12, 12]);
    const against = fitRange(
      [
        { problem: problems[0]!, pins: { a: 12 } },
        { problem: problems[1]!, pins: { a: 4 } },
        { problem: problems[2]!, pins: {} },
      ],
      true,
    );
    expect(against.kind === 'fitted' && against.sizes.map(({ a }) => a)).toEqual([12, 4, 10]);
  });

  it('says when it ran out of branches, and its counts still do not fall', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(tenths, tenths), { minLength: 3, maxLength: 6 }), (targets) => {
        const sizes = targets.map(([a, b]) => ({ problem: size(a, b, 2), pins: {} }));
        const proven = fitRange(sizes, true);
        const hurried = fitRange(sizes, true, new Map(), 0);
        if (proven.kind !== 'fitted' || hurried.kind !== 'fitted') throw new Error('not fitted');
        expect([proven.proven, hurried.proven]).toEqual([true, false]);
        hurried.sizes.slice(1).forEach((counts, i) => {
          for (const q of sizes[i]!.problem.quantities) {
            const next = sizes[i + 1]!.problem.quantities.find(({ id }) => id === q.id)!;
            if (next.target >= q.target)
              expect(counts[q.id]).toBeGreaterThanOrEqual(hurried.sizes[i]![q.id]!);
          }
        });
        expect(wholeCost(sizes, proven.sizes)).toBeLessThanOrEqual(wholeCost(sizes, hurried.sizes) + 1e-9);
      }),
    );
  });

  it('names the size that has no answer', () => {
    const none: Problem = {
      ...size(6, 6, 1),
      relations: [{ id: 'no', kind: 'at most', terms: [{ of: 'a', times: 1 }], total: -5, says: () => [] }],
    };
    expect(
      fitRange(
        [
          { problem: size(6, 6, 1), pins: {} },
          { problem: none, pins: {} },
        ],
        true,
      ),
    ).toEqual({ kind: 'infeasible', size: 1 });
  });
});
