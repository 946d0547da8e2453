import { completeBody } from '../body/derive.js';
import { withField } from '../check/json.js';
import type { Design } from '../design.js';
import { watchShare } from '../fields/perSize.js';
import { fieldAt } from '../fields/words.js';
import { constructionOf } from './registry.js';

/**
 * What a share of a style's field is a share of, in a size: found by drafting the size with a share there and watching what it is taken
 * of, so that it is never another thing than what the garment is made by.
 *
 * @param path of the field in the garment: "underarm", "armhole.depth"
 * @param lengths the lengths of the size's counts as they have come out, cm, by quantity
 * @returns cm; null where the field has no say in this garment, or the design cannot be drafted
 */
export function shareBase(
  design: Design,
  sizeId: string,
  path: string,
  lengths: Readonly<Record<string, number>> = {},
): number | null {
  const construction = constructionOf(design.garment.construction);
  const field = construction && fieldAt(construction.fields, path);
  if (field?.kind !== 'length' || !field.share) return null;
  if (field.share.count !== undefined) return lengths[field.share.count] ?? null;
  const size = design.sizes.find(({ id }) => id === sizeId);
  const body = size && completeBody(size.body, size.group);
  if (!size || !construction || !body) return null;
  const share = { percent: 10 };
  const taken: number[] = [];
  watchShare(share, (measure) => taken.push(measure));
  const problems: { path: string; message: string }[] = [];
  const garment = withField(design.garment, path.split('.'), share);
  const fabrics = new Map(design.fabrics.map((fabric) => [fabric.id, fabric]));
  const style = construction.readStyle(garment, [...fabrics.keys()], problems);
  if (problems.length > 0) return null;
  construction.draft({ size, body, style, fabrics });
  // Where the widest of several measures leads, a share of all of them is a share of the widest.
  return taken.length > 0 ? Math.max(...taken) : null;
}
