import { useState } from 'react';

/**
 * A scale that stays as it is while something drawn with it is dragged: what is under the hand must not slip away.
 *
 * @param fitted the scale that fits what is drawn now
 * @returns the scale to draw with, and what to call with true when a drag begins and with false when it ends
 */
export function useHeld<T>(fitted: T): [scale: T, hold: (down: boolean) => void] {
  const [held, setHeld] = useState<{ scale: T } | null>(null);
  return [held ? held.scale : fitted, (down) => setHeld(down ? { scale: fitted } : null)];
}
