import { useMemo } from 'react';
import type { Draft } from 'immer';
import type { Design, PanelStyle } from '@upfell/core';
import { useDocument } from '../design/useSizePlan';
import { styleOf } from '../state/fixes';

/** The garment's style as its construction reads it, with every usual figure filled in; seen as that of panels. */
export function useStyle(): PanelStyle {
  const { garment, fabrics } = useDocument();
  return useMemo(() => styleOf({ garment, fabrics }) as unknown as PanelStyle, [garment, fabrics]);
}

/** The object at `garment.key` of the document, made when it is not there. */
export function part(document: Draft<Design>, key: string): Record<string, unknown> {
  const garment = document.garment as Record<string, unknown>;
  if (typeof garment[key] !== 'object' || garment[key] === null) garment[key] = {};
  return garment[key] as Record<string, unknown>;
}
