import type { Reason } from '../because/reason.js';

/** A reason that leads on to a quantity, where it has one. */
export function withSource(reason: Reason, quantity: string | undefined): Reason {
  return quantity ? { ...reason, from: { kind: 'quantity', id: quantity } } : reason;
}
