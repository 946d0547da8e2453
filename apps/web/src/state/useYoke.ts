import { useMemo } from 'react';
import { constructionOf, forSize, type RaglanStyle, type RoundYokeStyle, type YokeStyle } from '@upfell/core';
import { useDocument } from './useSizePlan';
import { styleOf } from './style';

/** The style of a garment from the neck down; null for any other. */
export function useYoke():
  | (YokeStyle & {
      line?: RaglanStyle['line'];
      rates?: RaglanStyle['rates'];
      increases?: RoundYokeStyle['increases'];
    })
  | null {
  const { garment, fabrics } = useDocument();
  return useMemo(
    () =>
      constructionOf(garment.construction)?.table.root === 'yoke'
        ? (styleOf({ garment, fabrics }) as never)
        : null,
    [garment, fabrics],
  );
}

/** What lies between open fronts, cm. */
export function openingOf({ front }: YokeStyle, size: string): number {
  const width = forSize(front.width, size);
  return front.style === 'gap' || front.style === 'band' ? width : 0;
}
