import { compareCounts, compareFinished, type CountChange, type FinishedChange } from './compare.js';
import type { Design, Pin } from './design.js';
import type { PlanMemory } from './fitDesign.js';
import { plan, type Plan } from './plan.js';
import type { Phrase } from './text/phrase.js';

/** What holding a count would do, before it is done. */
export interface WhatIf {
  pin: Pin;
  /** Counts that would move, in this size and in others. */
  counts: CountChange[];
  /** Finished measurements that would change, cm. */
  finished: FinishedChange[];
  /** Why it cannot be held, or what else would be stopped by it; empty when nothing is. */
  stops: Phrase[];
}

/**
 * Plans a design with one more count held, and says what moves.
 *
 * @param design the design as it is
 * @param now its plan
 * @param pin the count to try; a count already held for the same quantity is replaced
 * @param memory sizes planned before for trials (not the memory of the plan itself)
 */
export function whatIf(design: Design, now: Plan, pin: Pin, memory?: PlanMemory): WhatIf {
  const others = design.pins.filter(({ size, quantity }) => size !== pin.size || quantity !== pin.quantity);
  const then = plan({ ...design, pins: [...others, pin] }, memory);
  const known = new Set(stopsOf(now).map(([key]) => key));
  const moved = compareCounts(now, then);
  return {
    pin,
    counts: moved.filter(({ size, quantity }) => size !== pin.size || quantity !== pin.quantity),
    finished: compareFinished(now, then),
    stops: stopsOf(then).flatMap(([key, message]) => (known.has(key) ? [] : [message])),
  };
}

function stopsOf({ sizes }: Plan): [key: string, message: Phrase][] {
  return sizes.flatMap(({ id, notes }) =>
    notes.flatMap(({ level, code, where, message }): [string, Phrase][] =>
      level === 'stop' ? [[`${id} ${code} ${where}`, message]] : [],
    ),
  );
}
