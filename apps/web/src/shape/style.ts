import type { Draft } from 'immer';
import {
  readDropShoulderStyle,
  type Design,
  type DropShoulderStyle,
  type NeckShape,
  type Order,
} from '@upfell/core';
import { useDocument } from '../design/useSizePlan';

export const ORDER_WORDS: Record<Order, string> = {
  'slow first': 'slower at the cuff',
  'fast first': 'faster at the cuff',
  mixed: 'mixed evenly',
};

export const NECK_WORDS: Record<NeckShape, string> = {
  round: 'round',
  scoop: 'scoop',
  V: 'V',
  square: 'square',
};

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
