import { useEffect, useState } from 'react';
import type { Design } from '@upfell/core';
import { askPicture } from '../state/planner';
import { asImage } from './asImage';

/**
 * The garment of a document on a figure.
 *
 * @param document null while there is none
 * @returns undefined while it is drawn; null where it cannot be worked
 */
function usePicture(
  document: Design | null,
  views: readonly ('front' | 'back')[],
): string | null | undefined {
  const [drawn, setDrawn] = useState<{ document: Design; svg: string | null } | null>(null);
  const key = views.join();
  useEffect(() => {
    if (!document) return;
    let current = true;
    void askPicture(document, key.split(',') as ('front' | 'back')[]).then(
      (svg) => current && setDrawn({ document, svg }),
    );
    return () => {
      current = false;
    };
  }, [document, key]);
  // While a newer one is drawn the last stays.
  return drawn ? drawn.svg : undefined;
}

/** A picture of a garment on a figure, drawn by the worker. */
export function Picture({
  document,
  views = ['front'],
  alt,
  className = '',
}: {
  document: Design | null;
  views?: readonly ('front' | 'back')[];
  alt: string;
  className?: string;
}) {
  const svg = usePicture(document, views);
  if (svg === null)
    return (
      <span className={`grid place-items-center text-center text-[12px] text-soft ${className}`}>
        cannot be worked so
      </span>
    );
  if (svg === undefined) return <span className={className} />;
  return (
    <img src={asImage(svg)} alt={alt} className={`on-white object-contain ${className}`} draggable={false} />
  );
}
