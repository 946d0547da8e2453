import type { Design } from './design.js';
import { fitDesign } from './fitDesign.js';
import { piecesLaid } from './pieceDrawing.js';
import type { SizePlan } from './sizePlan.js';
import { wornSvg } from './worn/svg.js';
import { wornOf } from './worn/worn.js';

/** A planned size's garment on its figure, as an SVG document; null where nothing of it can be worked. */
export function sizePicture(
  size: SizePlan,
  views: readonly ('front' | 'back')[] = ['front'],
  label = `${size.label} on the body`,
): string | null {
  const worn = wornOf({ ...size, ...piecesLaid(size.pieces) });
  return worn && wornSvg(worn, { views, label });
}

/**
 * A design's garment in its middle size on a figure, as an SVG document: planned by itself, so that it is quick. Null where that size
 * cannot be worked.
 *
 * @throws DesignUnfit where the document is none that can be planned
 */
export function garmentPicture(design: Design, views?: readonly ('front' | 'back')[]): string | null {
  const middle = design.sizes[Math.floor((design.sizes.length - 1) / 2)]!;
  const alone: Design = {
    ...design,
    sizes: [middle],
    pins: design.pins.filter(({ size }) => size === middle.id),
  };
  const [size] = fitDesign(alone).sizes;
  return size ? sizePicture(size.plan(), views, design.name) : null;
}
