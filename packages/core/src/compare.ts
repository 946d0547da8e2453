import type { Axis } from './fabric/fabric.js';

/** A count as one plan has it; null where the plan has no such count. */
interface Side {
  count: number;
  actual: number;
}

/** One count that two plans of a design differ in. Lengths in cm. */
export interface CountChange {
  size: string;
  quantity: string;
  label: string;
  axis: Axis;
  before: Side | null;
  after: Side | null;
}

interface Counted {
  sizes: readonly {
    id: string;
    quantities: readonly { id: string; label: string; axis: Axis; count: number; actual: number }[];
  }[];
}

/** Every count that differs between two plans, in the order of the sizes and of the pieces. Lengths apart by less than 0.05 cm are the same. */
export function compareCounts(before: Counted, after: Counted): CountChange[] {
  const earlier = new Map(before.sizes.map((size) => [size.id, size]));
  return after.sizes.flatMap(({ id: size, quantities }) => {
    const old = new Map(earlier.get(size)?.quantities.map((quantity) => [quantity.id, quantity]));
    const now = new Set(quantities.map(({ id }) => id));
    const gone = [...old.values()].filter(({ id }) => !now.has(id));
    const side = ({ count, actual }: Side): Side => ({ count, actual });
    return [
      ...quantities.flatMap((quantity): CountChange[] => {
        const { id, label, axis } = quantity;
        const was = old.get(id);
        if (was && was.count === quantity.count && Math.abs(was.actual - quantity.actual) < 0.05) return [];
        return [{ size, quantity: id, label, axis, before: was ? side(was) : null, after: side(quantity) }];
      }),
      ...gone.map((was): CountChange => ({
        size,
        quantity: was.id,
        label: was.label,
        axis: was.axis,
        before: side(was),
        after: null,
      })),
    ];
  });
}

/** A finished measurement that two plans differ in, cm. */
export interface FinishedChange {
  size: string;
  id: string;
  label: string;
  before: number;
  after: number;
}

interface Measured {
  sizes: readonly {
    id: string;
    finished: readonly { id: string; label: string; actual: number }[];
  }[];
}

/** Every finished measurement that differs by 0.05 cm or more. */
export function compareFinished(before: Measured, after: Measured): FinishedChange[] {
  const earlier = new Map(before.sizes.map((size) => [size.id, size]));
  return after.sizes.flatMap(({ id: size, finished }) =>
    finished.flatMap(({ id, label, actual }): FinishedChange[] => {
      const was = earlier.get(size)?.finished.find((other) => other.id === id);
      if (!was || Math.abs(was.actual - actual) < 0.05) return [];
      return [{ size, id, label, before: was.actual, after: actual }];
    }),
  );
}
