import { useLayoutEffect, useState } from 'react';

/** The size of an element in px, kept up to date; null until the element is there. */
export function useBox<T extends HTMLElement>() {
  const [element, ref] = useState<T | null>(null);
  const [box, setBox] = useState<{ width: number; height: number } | null>(null);
  useLayoutEffect(() => {
    if (!element) return;
    const measure = () => setBox({ width: element.clientWidth, height: element.clientHeight });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, [element]);
  return { ref, box };
}
