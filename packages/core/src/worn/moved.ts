import type { Grip } from '../fields/kinds.js';
import type { Girth } from '../garment/construction.js';
import type { WornSize } from './layers.js';

/** A round that is drawn is no smaller than this, cm. */
const LEAST = 10;

/**
 * A planned size as it will be when one of its lengths has grown by so much: what a hand that drags sees before the plan has followed. A neck
 * is left as it is.
 *
 * @param by cm, below 0 where it has become less
 */
export function movedBy<T extends WornSize>(size: T, grip: Grip, by: number): T {
  const { body, arm } = size.girths;
  if (by === 0 || grip === 'neck') return size;
  const girths =
    grip === 'hem'
      ? { body: ending(body, by) }
      : grip === 'sleeve'
        ? // What a sleeve is shortened by grows upwards.
          { arm: ending(arm, -by) }
        : { body: body.map(({ at, round }) => ({ at, round: Math.max(LEAST, round + by) })) };
  return { ...size, girths: { ...size.girths, ...girths } };
}

/** Rounds whose end lies so much further down, with the rib that it has; what lies above keeps its place as far as there is room. */
function ending(girths: readonly Girth[], by: number): readonly Girth[] {
  const last = girths.at(-1);
  if (!last) return girths;
  const rib = girths.findIndex(({ at }, i) => girths[i + 1]?.at === at);
  const from = rib >= 0 ? girths[rib]!.at : last.at;
  return girths.map(({ at, round }) => ({ at: at >= from ? at + by : Math.min(at, from + by), round }));
}
