import { isObject } from '../check/json.js';

/** A style figure: one for all sizes, or one for all with some sizes of their own. */
export type PerSize<T = number> = T | { all: T; sizes: Readonly<Record<string, T>> };

/** An ease: a length in cm, or a share of the body's own measure in per cent. */
export type Ease = number | { percent: number };

/** Whether a figure has sizes of its own. */
function isPerSize<T>(value: PerSize<T>): value is { all: T; sizes: Readonly<Record<string, T>> } {
  return isObject(value) && 'all' in value;
}

/** The figure that holds for a size. */
export function forSize<T>(value: PerSize<T>, size: string): T {
  return isPerSize(value) ? (value.sizes[size] ?? value.all) : value;
}

/** The figure for all sizes, and those of single sizes. */
export function partsOf<T>(value: PerSize<T>): { all: T; sizes: Readonly<Record<string, T>> } {
  return isPerSize(value) ? value : { all: value, sizes: {} };
}

/** Shares that are watched for what they are taken of (`garment/shareBase`). */
const watched = new WeakMap<object, (measure: number) => void>();

/** Tells of what a share is taken whenever it is turned into a length. */
export function watchShare(share: object, tell: (measure: number) => void): void {
  watched.set(share, tell);
}

/** An ease as a length, cm. */
export function easeOver(ease: Ease, measure: number): number {
  if (typeof ease === 'number') return ease;
  watched.get(ease)?.(measure);
  return (measure * ease.percent) / 100;
}
