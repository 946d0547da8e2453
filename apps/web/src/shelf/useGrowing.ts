import { useEffect, useState } from 'react';

/** Entries that are drawn at first, and that are added whenever the end comes near. */
const FIRST = 36;
const MORE = 72;

/**
 * How much of a long list is drawn: more of it each time its end comes into view, so that a long one shows at once.
 *
 * @returns how many, and what the element after the last is to be given as its ref
 */
export function useGrowing(many: number): { shown: number; end: (element: Element | null) => void } {
  const [shown, setShown] = useState(FIRST);
  const [element, end] = useState<Element | null>(null);
  useEffect(() => {
    if (!element || shown >= many) return;
    const observer = new IntersectionObserver(
      ([entry]) => entry?.isIntersecting && setShown((now) => now + MORE),
      { rootMargin: '800px' },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [element, shown, many]);
  return { shown: Math.min(shown, many), end };
}
