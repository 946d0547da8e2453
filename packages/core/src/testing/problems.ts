import { completeBody } from '../body/derive.js';
import type { Design } from '../design.js';
import type { Draft } from '../garment/construction.js';
import { constructionOf } from '../garment/registry.js';

/** The integer problems of a design's sizes. */
export function problemsOf(design: Design): Draft[] {
  const construction = constructionOf(design.garment.construction)!;
  const style = construction.readStyle(
    design.garment,
    design.fabrics.map(({ id }) => id),
    [],
  );
  const fabrics = new Map(design.fabrics.map((fabric) => [fabric.id, fabric]));
  return design.sizes.map((size) =>
    construction.draft({ size, body: completeBody(size.body, size.group)!, style, fabrics }),
  );
}
