import type { Node, StitchWords } from './tree.js';

/** Whether a row looks different from behind: it goes round posts, or into one loop. */
export function hasSides(nodes: readonly Node[]): boolean {
  return nodes.some(
    (node) =>
      (node.op === 'work' && (node.stitch.post !== undefined || node.stitch.loop !== undefined)) ||
      ((node.op === 'repeat' || node.op === 'group') && hasSides(node.body)),
  );
}

/** What a stitch is called from the other side of the fabric. */
export function stitchFromBehind({ post, loop, ...stitch }: StitchWords): StitchWords {
  return {
    ...stitch,
    ...(post ? { post: post === 'front' ? 'back' : 'front' } : {}),
    ...(loop ? { loop: loop === 'front' ? 'back' : 'front' } : {}),
  };
}

/** An instruction as it reads from the other side of the fabric. */
export function fromBehind(node: Node): Node {
  if (node.op === 'repeat' || node.op === 'group') return { ...node, body: node.body.map(fromBehind) };
  return node.op === 'work' ? { ...node, stitch: stitchFromBehind(node.stitch) } : node;
}
