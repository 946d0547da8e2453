import type { Draft } from 'immer';
import { constructionOf, partsOf, type Design, type Fix, type PerSize } from '@upfell/core';
import { edit } from './designStore';

type Fields = Record<string, unknown>;

/** The style of a document as its construction reads it, with every usual figure filled in. */
export function styleOf({ garment, fabrics }: Pick<Design, 'garment' | 'fabrics'>): Fields {
  const ids = fabrics.map(({ id }) => id);
  return constructionOf(garment.construction)!.readStyle(garment, ids, []) as Fields;
}

/** Takes the settings that a note offers, as one step of undo. */
export function takeFix({ set }: Fix): string | null {
  const first = set[0];
  if (!first) return null;
  const take = (document: Draft<Design>) => {
    for (const { path, value, size } of set) {
      const [, ...keys] = path.split('.');
      const last = keys.pop()!;
      let at = document.garment as Fields;
      let usual: unknown = styleOf(document as Design);
      for (const key of keys) {
        if (typeof at[key] !== 'object' || at[key] === null) at[key] = {};
        at = at[key] as Fields;
        usual = (usual as Fields)[key];
      }
      const now = (usual as Fields)[last] as PerSize<unknown>;
      at[last] = size === undefined ? value : withSize(now, size, value);
    }
  };
  return edit(first.path, take, { apart: true });
}

/** A style figure with another value for one size. */
function withSize(figure: PerSize<unknown>, size: string, value: unknown): PerSize<unknown> {
  const { all, sizes } = partsOf(figure);
  return { all, sizes: { ...sizes, [size]: value } };
}
