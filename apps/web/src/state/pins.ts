import type { Pin } from '@upfell/core';
import { edit } from './designStore';

const same = (a: Omit<Pin, 'count'>, b: Omit<Pin, 'count'>) => a.size === b.size && a.quantity === b.quantity;

/** Changes what is held, as a step of undo by itself. */
function hold(change: (pins: readonly Pin[]) => Pin[]): string | null {
  return edit(
    'pins',
    (document) => {
      document.pins = change(document.pins);
    },
    { apart: true },
  );
}

/** Holds a count in one size, or with null lets it go. */
export function holdCount(size: string, quantity: string, count: number | null): string | null {
  return hold((pins) => {
    const others = pins.filter((pin) => !same(pin, { size, quantity }));
    return count === null ? others : [...others, { size, quantity, count }];
  });
}

/** Holds many counts in one step of undo: a piece in all sizes, or a size as a whole. */
export function holdAll(counts: readonly Pin[]): string | null {
  return hold((pins) => [
    ...pins.filter((pin) => !counts.some((count) => same(pin, count))),
    ...counts.map(({ size, quantity, count }) => ({ size, quantity, count })),
  ]);
}

/** Lets go of many counts in one step of undo. */
export function letGoAll(counts: readonly Omit<Pin, 'count'>[]): string | null {
  return hold((pins) => pins.filter((pin) => !counts.some((count) => same(pin, count))));
}
