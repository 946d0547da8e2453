import type { Draft } from 'immer';
import { readDropShoulderStyle, type Design, type DropShoulderStyle } from '@upfell/core';
import { useDocument } from '../design/useSizePlan';

/** The garment's style as the construction reads it, with every usual figure filled in. */
export function useStyle(): DropShoulderStyle {
  const { garment, fabrics } = useDocument();
  return readDropShoulderStyle(
    garment,
    fabrics.map(({ id }) => id),
    [],
  );
}

/** The object at `garment.key` of the document, made when it is not there. */
export function part(document: Draft<Design>, key: string): Record<string, unknown> {
  const garment = document.garment as Record<string, unknown>;
  if (typeof garment[key] !== 'object' || garment[key] === null) garment[key] = {};
  return garment[key] as Record<string, unknown>;
}
