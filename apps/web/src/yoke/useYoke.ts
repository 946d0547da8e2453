import { useMemo } from 'react';
import { forSize, type RaglanStyle, type RoundYokeStyle, type YokeStyle } from '@upfell/core';
import { useDocument } from '../design/useSizePlan';
import { styleOf } from '../state/style';

export const YOKES = ['raglan', 'round-yoke'];

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
    () => (YOKES.includes(garment.construction) ? (styleOf({ garment, fabrics }) as never) : null),
    [garment, fabrics],
  );
}

/** What lies between open fronts, cm. */
export function openingOf({ front }: YokeStyle, size: string): number {
  const width = forSize(front.width, size);
  return front.style === 'gap' || front.style === 'band' ? width : 0;
}
