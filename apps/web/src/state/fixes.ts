import type { Draft } from 'immer';
import { partsOf, valueAt, type Design, type Fix, type PerSize } from '@upfell/core';
import { edit } from './designStore';
import { setStyle, styleOf } from './style';

/** Takes the settings that a note offers, as one step of undo. */
export function takeFix({ set }: Fix): string | null {
  const first = set[0];
  if (!first) return null;
  const take = (document: Draft<Design>) => {
    for (const { path, value, size } of set) {
      const field = path.replace(/^garment\./, '');
      const now = valueAt(styleOf(document as Design), field) as PerSize<unknown>;
      setStyle(document, field, size === undefined ? value : withSize(now, size, value));
    }
  };
  return edit(first.path, take, { apart: true });
}

/** A style figure with another value for one size. */
function withSize(figure: PerSize<unknown>, size: string, value: unknown): PerSize<unknown> {
  const { all, sizes } = partsOf(figure);
  return { all, sizes: { ...sizes, [size]: value } };
}
