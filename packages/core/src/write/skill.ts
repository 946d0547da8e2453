/** How much skill a garment asks for. */

import type { Fabric } from '../fabric/fabric.js';
import { fabricStitches, isTunisian } from '../stitch/ofFabric.js';
import type { Skill } from './style.js';
import type { WrittenSize } from './written.js';

/**
 * The level by what is done (common practice): plain rectangles are for beginners, sleeves that widen are easy; lines, short rows, live
 * stitches and stitch patterns are intermediate; several of these together, posts and Tunisian want experience.
 */
export function skillOf({ pieces }: Pick<WrittenSize, 'pieces'>, fabrics: readonly Fabric[]): Skill {
  const passages = pieces.flatMap((piece) => piece.passages);
  const shapes = passages.filter(({ kind }) => kind === 'shape');
  const edges = shapes.some((one) => one.kind === 'shape' && one.where.at === 'one edge');
  const hard = [
    passages.some(({ kind }) => kind === 'lines'),
    passages.some(({ kind }) => kind === 'short'),
    passages.some(({ kind }) => kind === 'unite'),
    shapes.some((one) => one.kind === 'shape' && (one.where.at === 'the round' || one.motif !== undefined)),
    fabrics.some((fabric) => fabricStitches(fabric).is === 'rows'),
  ].filter(Boolean).length;
  const special = fabrics.some(
    (fabric) => isTunisian(fabric) || fabric.rows?.some((row) => /\b[fb]p|cross/i.test(row)),
  );
  if (hard > 2 || (hard > 0 && special)) return 'experienced';
  if (hard > 0 || special) return 'intermediate';
  if (edges) return 'easy, with shaping';
  return shapes.length > 0 ? 'easy' : 'beginner';
}
