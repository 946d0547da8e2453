import { wornOf, wornSvg } from '@upfell/core';
import type { ScreenPlan } from '../worker/screen';

/**
 * The garment on a figure, front and back, for a first page without a photograph: of one size, or of the middle one. Null where it
 * cannot be worked.
 */
export function garmentFigure({ sizes }: Pick<ScreenPlan, 'sizes'>, id: string | null): string | null {
  const size = sizes.find((one) => one.id === id) ?? sizes[Math.floor((sizes.length - 1) / 2)];
  const worn = size ? wornOf(size) : null;
  return worn && wornSvg(worn, { views: ['front', 'back'], label: `${size!.label}, front and back` });
}
