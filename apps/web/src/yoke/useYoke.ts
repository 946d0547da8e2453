import { useMemo } from 'react';
import {
  forSize,
  partsOf,
  type Ease,
  type PerSize,
  type RaglanStyle,
  type RoundYokeStyle,
  type YokeStyle,
} from '@upfell/core';
import { useDocument } from '../design/useSizePlan';
import { edit } from '../state/designStore';
import { styleOf } from '../state/fixes';
import { part } from '../shape/style';

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

/** A style figure moved by hand: for the size that has its own, else for all sizes. */
export function moved<T extends Ease>(figure: PerSize<T>, size: string, value: number): PerSize<T | number> {
  const { all, sizes } = partsOf(figure);
  if (size in sizes) return { all, sizes: { ...sizes, [size]: value } };
  return Object.keys(sizes).length > 0 ? { all: value, sizes } : value;
}

/** Sets a field of the garment, one drag being one step of undo. */
export function setStyle(path: string, value: unknown, joined: boolean): void {
  const [, ...keys] = path.split('.');
  edit(
    path,
    (document) => {
      const last = keys.at(-1)!;
      const at = keys.length > 1 ? part(document, keys[0]!) : (document.garment as Record<string, unknown>);
      at[last] = value;
    },
    { joined },
  );
}
