import type { Draft } from 'immer';
import { constructionOf, partsOf, type Design, type Ease, type PerSize } from '@upfell/core';
import { edit } from './designStore';

export type StyleDraft = Draft<Design>;
type Fields = Record<string, unknown>;

/** The style of a document as its construction reads it, with every usual figure filled in. */
export function styleOf({ garment, fabrics }: Pick<Design, 'garment' | 'fabrics'>): Fields {
  const ids = fabrics.map(({ id }) => id);
  return constructionOf(garment.construction)!.readStyle(garment, ids, []) as Fields;
}

/**
 * Sets a field of the garment; what is no object on the way there becomes one.
 *
 * @param path in the garment: "sleeve.shape"
 * @param value undefined takes the field out, so that it has its usual figure
 */
export function setStyle({ garment }: StyleDraft, path: string, value: unknown): void {
  const keys = path.split('.');
  const last = keys.pop()!;
  let at = garment as Fields;
  for (const key of keys) {
    if (typeof at[key] !== 'object' || at[key] === null) {
      if (value === undefined) return;
      at[key] = {};
    }
    at = at[key] as Fields;
  }
  if (value === undefined) delete at[last];
  else at[last] = value;
}

/** Sets a field of the garment as a step of undo; a drag is one step. */
export function editStyle(path: string, value: unknown, joined: boolean): void {
  edit(`garment.${path}`, (document) => setStyle(document, path, value), { joined });
}

/** A figure with another value: for the size that has its own, else for all sizes. */
export function withFigure<T extends Ease>(
  figure: PerSize<T>,
  size: string,
  value: number,
): PerSize<T | number> {
  const { all, sizes } = partsOf(figure);
  if (size in sizes) return { all, sizes: { ...sizes, [size]: value } };
  return Object.keys(sizes).length > 0 ? { all: value, sizes } : value;
}
