import type { Row, Step } from './rows.js';

/** Stitches that one of a step takes: of the row below, or along an edge. */
export function takesOf(step: Step): number {
  switch (step.do) {
    case 'decrease':
      return step.takes ?? 2;
    case 'cast':
      return 0;
    default:
      return 1;
  }
}

/** Stitches that one of a step makes. */
export function makesOf(step: Step): number {
  switch (step.do) {
    case 'increase':
      return step.makes ?? 2;
    case 'slip':
    case 'skip':
      return 0;
    default:
      return 1;
  }
}

/** Stitches by which a row of these steps differs from what it takes: above 0 where it grows. */
function changeOf(step: Step): number {
  return step.times * (makesOf(step) - takesOf(step));
}

const UNMOVED = { left: 0, right: 0 };

/**
 * How far the two ends of a row move to the right against the row below, in stitches. Steps before the first plain stretch
 * move the left end, steps after the last one the right end; what changes in between widens the row to both sides, but for
 * chains between parts that it unites, which bridge a gap that is there.
 */
export function endShifts({ steps, from = [] }: Pick<Row, 'steps'> & Partial<Pick<Row, 'from'>>): {
  left: number;
  right: number;
} {
  if (steps.length === 1 && steps[0]!.do === 'work') return UNMOVED;
  const bridges = from.length > 1;
  let left = 0;
  let middle = 0;
  /** What has changed since the last plain stretch: at the right end when no other follows. */
  let right = 0;
  let inside = 0;
  let plain = false;
  for (const step of steps) {
    if (step.do === 'work' || step.do === 'pick up') {
      plain = true;
      middle += inside;
      right = 0;
      inside = 0;
      continue;
    }
    const change = changeOf(step);
    if (!plain) left -= change;
    else {
      right += change;
      if (step.do !== 'cast' || !bridges) inside += change;
    }
  }
  if (!plain) return { left: left / 2, right: (0 - left) / 2 };
  return { left: left - middle / 2, right: right + middle / 2 };
}

/**
 * Steps in which `many` stitches from place `at` on are cast instead of worked.
 *
 * @throws RangeError when the row shapes there
 */
export function castInside(steps: readonly Step[], at: number, many: number): Step[] {
  if (many === 0) return [...steps];
  let place = 0;
  let found = false;
  const cut = steps.flatMap((step): Step[] => {
    const first = place;
    // Where chains are cast already there are stitches to come, so that they count here.
    place += step.do === 'cast' ? step.times : takesOf(step) * step.times;
    if (step.do !== 'work' || first > at || place < at + many) return [step];
    found = true;
    return [
      { do: 'work' as const, times: at - first },
      { do: 'cast' as const, times: many },
      { do: 'work' as const, times: place - at - many },
    ].filter(({ times }) => times > 0);
  });
  if (!found) throw new RangeError(`${many} chains are to lie where a row shapes`);
  return cut;
}
