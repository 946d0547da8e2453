import { constructionOf, type Design } from '@upfell/core';
import type { PrintWish } from './documents';

/** The garment drawn as its construction lies, for a first page without a photograph. */
export function sketchPicture({ garment }: Pick<Design, 'garment'>): NonNullable<PrintWish['picture']> {
  const { outlines, inner = [] } = constructionOf(garment.construction)!.sketch;
  const path = (d: string, look: string) => `<path d="${d}" ${look}/>`;
  return {
    svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 120 96" width="120" height="96">${outlines
      .map((d) => path(d, 'fill="#efe6d1" stroke="#20303a" stroke-width="1" stroke-linejoin="round"'))
      .join('')}${inner
      .map((d) => path(d, 'fill="none" stroke="#20303a" stroke-width="0.8" stroke-dasharray="2 2"'))
      .join('')}</svg>`,
  };
}
