import { edit } from './designStore';

/** Holds a count in one size, or with null lets it go. */
export function holdCount(size: string, quantity: string, count: number | null): string | null {
  return edit('pins', (document) => {
    const others = document.pins.filter((pin) => pin.size !== size || pin.quantity !== quantity);
    document.pins = count === null ? others : [...others, { size, quantity, count }];
  });
}
