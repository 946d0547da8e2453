import { useEffect, useRef, type RefObject } from 'react';

/**
 * Brings the active cell into view where it moves, and types a reading from an instrument into it. A table that was scrolled away from
 * its cell stays where it is while figures change.
 */
export function useActiveCell(
  grid: RefObject<HTMLElement | null>,
  active: string,
  take: (reading: string) => void,
): void {
  useEffect(() => {
    document.getElementById(active)?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [active]);

  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  }, [take]);
  useEffect(() => {
    const element = grid.current;
    const drop = (event: Event) => latest.current((event as CustomEvent<string>).detail);
    element?.addEventListener('reading', drop);
    return () => element?.removeEventListener('reading', drop);
  }, [grid]);
}
