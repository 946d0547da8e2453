/** Threads that gather, ties, cords, bridges and a steadied back neck, as steps of the joining say them. */

import { idOfTouch, stepOfTouch, THREADED_EVERY, type Touch } from '../finishing/touches.js';
import { lengthsOf, type WrittenUnits } from './lengths.js';
import { isTable, line, NONE, type Line } from './line.js';
import { inTerms, type Terms } from './terms.js';

/**
 * The lines of the touches that belong to a step.
 *
 * @param steps ids of all steps: what belongs to none of them belongs to the one for touches
 */
export function touchLines(
  sizes: readonly { touches?: readonly Touch[] }[],
  steps: readonly string[],
  step: string,
  units: WrittenUnits,
): Line[] {
  const all = sizes.map(({ touches = [] }) => touches);
  const ids = [...new Set(all.flatMap((touches) => touches.map(idOfTouch)))];
  return ids.flatMap((id) => {
    const each = all.map((touches) => touches.find((touch) => idOfTouch(touch) === id) ?? null);
    const first = each.find((touch) => touch !== null)!;
    const own = stepOfTouch(first);
    return (steps.includes(own) ? own : 'touches') === step ? [touchLine(first.kind, each, units)] : [];
  });
}

/** The sentences of one size's touches in a step. */
export function touchesInWords(
  size: { touches?: readonly Touch[] },
  steps: readonly string[],
  step: string,
  { units, terms }: { units: WrittenUnits; terms: Terms },
): string[] {
  return touchLines([size], steps, step, units).map((parts) =>
    inTerms(
      parts.map((part) => (typeof part === 'string' ? part : isTable(part) ? '' : part.each[0]!)).join(''),
      terms,
    ),
  );
}

function touchLine(kind: Touch['kind'], each: readonly (Touch | null)[], units: WrittenUnits): Line {
  const first = each.find((touch) => touch !== null)!;
  const figures = (of: (touch: never) => number) => each.map((touch) => (touch ? of(touch as never) : NONE));
  const lengths = (of: (touch: never) => number) => ({
    inline: lengthsOf(
      each.map((touch) => (touch ? of(touch as never) : null)),
      units,
    ),
  });
  type Of<K extends Touch['kind']> = Extract<Touch, { kind: K }>;
  switch (kind) {
    case 'back neck':
      return line`Back neck, on the inside: join the yarn at one shoulder seam and sl st loosely in each of the ${figures((touch: Of<'back neck'>) => touch.count)} sts or row ends to the other; it is to measure ${lengths((touch: Of<'back neck'>) => touch.length)}.`;
    case 'bridges':
      return line`Bridges first: at each of the ${figures((touch: Of<'bridges'>) => touch.steps)} steps of the neck ch so many as span it from corner to corner, ${figures((touch: Of<'bridges'>) => touch.chains)} ch in all; the first round goes over them.`;
    case 'gathered':
      return line`${(first as Of<'gathered'>).where === 'cuff' ? 'Ends of the sleeves, both' : 'Lower edge'}: draw a thread in and out through every 2nd of the ${figures((touch: Of<'gathered'>) => touch.count)} sts, gather ${lengths((touch: Of<'gathered'>) => touch.own)} to ${lengths((touch: Of<'gathered'>) => touch.round)}${(first as Of<'gathered'>).where === 'cuff' ? ', compare both' : ', try it on'}, and knot it.`;
    case 'tie':
      return line`Ties, pair ${String((first as Of<'tie'>).pair)} from the lower edge: sew one to each front edge behind ${figures((touch: Of<'tie'>) => touch.after)} ${(first as Of<'tie'>).axis === 'rows' ? 'row ends' : 'sts'}, ${lengths((touch: Of<'tie'>) => touch.at)} up.`;
    case 'threaded':
      return line`Draw cord: thread it up the centre front, in and out every ${lengths(() => THREADED_EVERY)}, ${figures((touch: Of<'threaded'>) => touch.times)} times in all.`;
  }
}
