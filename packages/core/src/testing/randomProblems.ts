import fc from 'fast-check';
import type { Problem, Quantity, Relation } from '../fit/problem.js';
import {
  needsShapingRows,
  oneOf,
  parity,
  sameEdge,
  sumAtLeast,
  sumAtMost,
  sumIs,
  type RuleParts,
} from '../fit/relations.js';

/** Problems of the general form: every kind of relation, over up to seven quantities. */

export const testQuantity = (id: string, target: number, more: Partial<Quantity> = {}): Quantity => ({
  id,
  target,
  perCm: 1,
  weight: 1,
  rule: { multiple: 1, plus: 0 },
  rounding: 'nearest',
  min: 1,
  max: 60,
  ...more,
});

const anyQuantity = (id: string, max: number): fc.Arbitrary<Quantity> =>
  fc
    .record({
      target: fc.integer({ min: 20, max: 160 }).map((tenths) => tenths / 10),
      perCm: fc.integer({ min: 8, max: 25 }).map((tenths) => tenths / 10),
      weight: fc.constantFrom(0.1, 0.3, 0.5, 1),
      multiple: fc.constantFrom(1, 1, 1, 2, 2, 3, 4),
      plus: fc.integer({ min: 0, max: 3 }),
      rounding: fc.constantFrom('nearest' as const, 'not over' as const, 'not under' as const),
    })
    .map(({ multiple, plus, target, ...rest }) =>
      testQuantity(id, target, { ...rest, rule: { multiple, plus }, max }),
    );

const named = (id: string) => ({ id, rule: id });
const only = (...relations: Relation[]): RuleParts => ({ relations, helpers: [] });

/** One rule of any kind over the quantities named. */
function anyRule(ids: readonly string[], n: number): fc.Arbitrary<RuleParts> {
  const id = `r${n}`;
  const some = (count: number) => fc.shuffledSubarray([...ids], { minLength: count, maxLength: count });
  const small = fc.integer({ min: -3, max: 3 }).filter((factor) => factor !== 0);
  return fc.oneof(
    some(2).map(([a, b]) => only(sumIs(named(id), { [a!]: 1, [b!]: -1 }))),
    some(3).map(([a, b, c]) => only(sumIs(named(id), { [a!]: 2, [b!]: 1, [c!]: -1 }))),
    fc
      .tuple(some(2), small, small, fc.integer({ min: -12, max: 24 }))
      .map(([[a, b], f, g, total]) => only(sumAtMost(named(id), { [a!]: f / 2, [b!]: g / 2 }, total))),
    fc
      .tuple(some(2), small, small, fc.integer({ min: -24, max: 12 }))
      .map(([[a, b], f, g, total]) => only(sumAtLeast(named(id), { [a!]: f, [b!]: g / 4 }, total))),
    fc
      .tuple(some(2), fc.constantFrom('even' as const, 'odd' as const))
      .map(([[a, b], wanted]) => parity(named(id), { [a!]: 1, [b!]: 1 }, wanted)),
    fc
      .tuple(
        some(3),
        fc.constantFrom(1, 2),
        fc.constantFrom(1 as const, 2 as const),
        fc.integer({ min: 1, max: 3 }),
      )
      .map(([[from, to, rows], perEvent, everyRow, spare]) =>
        needsShapingRows(named(id), {
          from: from!,
          to: to!,
          rows: rows!,
          perEvent,
          everyRow,
          spare,
          helper: `${id}.events`,
        }),
      ),
    fc
      .tuple(some(2), fc.integer({ min: 1, max: 2 }), fc.integer({ min: 0, max: 2 }))
      .map(([[a, b], times, hidden]) =>
        only(...sameEdge(named(id), { of: a!, times }, { of: b!, times: 1 }, hidden)),
      ),
    fc
      .tuple(some(3), fc.integer({ min: 0, max: 2 }))
      .map(([[a, b, c], cost]) =>
        oneOf(id, [
          { relations: [sumIs(named('first'), { [a!]: 1, [b!]: -1 })] },
          { relations: [sumIs(named('second'), { [a!]: 1, [c!]: -1 }, 1)], cost: cost / 2 },
          { relations: [sumAtLeast(named('third'), { [a!]: 1 }, 30)], cost: 1 },
        ]),
      ),
  );
}

/** A problem of so many quantities and up to so many rules. */
export function anyProblem(quantities: number, rules: number, max = 40): fc.Arbitrary<Problem> {
  const ids = Array.from({ length: quantities }, (_, i) => `q${i}`);
  return fc
    .tuple(
      fc.tuple(...ids.map((id) => anyQuantity(id, max))),
      fc
        .integer({ min: 0, max: rules })
        .chain((many) => fc.tuple(...Array.from({ length: many }, (_, n) => anyRule(ids, n)))),
    )
    .map(([all, parts]) => ({
      quantities: all,
      helpers: parts.flatMap(({ helpers }) => helpers),
      relations: parts.flatMap(({ relations }) => relations),
    }));
}

/** A range: one problem whose targets move on from size to size, mostly rising. */
export function anyRange(quantities: number, rules: number, sizes: number): fc.Arbitrary<Problem[]> {
  return fc
    .tuple(
      anyProblem(quantities, rules),
      fc.array(fc.array(fc.integer({ min: -4, max: 14 }), { minLength: quantities, maxLength: quantities }), {
        minLength: sizes - 1,
        maxLength: sizes - 1,
      }),
    )
    .map(([first, steps]) => {
      const targets = first.quantities.map(({ target }) => target);
      return [
        first,
        ...steps.map((step) => ({
          ...first,
          quantities: first.quantities.map((quantity, i) => ({
            ...quantity,
            target: Math.max(1, Math.round((targets[i]! += step[i]! / 10) * 10) / 10),
          })),
        })),
      ];
    });
}
