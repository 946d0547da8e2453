import { heightOf, type StitchKind } from './kinds.js';
import type { ChainCounts, Node, PatternRow } from './tree.js';

/**
 * What a turning chain counts as where the text is silent (common practice): one chain counts as nothing; one as tall as the row's
 * stitch counts as that stitch unless the row goes on in the first stitch; chains beyond its height are a space beside it.
 *
 * @param many chains of the turning chain
 * @param rest what the row goes on with
 */
export function turningCounts(many: number, rest: readonly Node[]): ChainCounts {
  if (many <= 1) return { as: 'nothing' };
  const next = rest.find(({ op }) => op !== 'skip');
  const first = firstStitch(next ? [next] : []);
  if (first === null) return { as: 'nothing' };
  const intoFirst = rest[0] !== undefined && 'place' in rest[0] && rest[0].place.at === 'first';
  // One stitch in the first place stands beside the chain; several make half a shell with it.
  if (intoFirst && rest[0]!.op === 'work' && rest[0]!.times === 1) return { as: 'nothing' };
  const kind = postFor(many, first.kind);
  if (kind === 'hdc' && many === 2 && first.each) return { as: 'nothing' };
  return { as: kind, across: Math.max(0, many - heightOf(kind)) };
}

/** The stitch that so many chains stand for: the row's own, or a dc where the row's stitches are lower than the chain. */
function postFor(many: number, kind: StitchKind): StitchKind {
  const height = heightOf(kind);
  if (height >= 2 && many >= height - 1) return kind;
  return many >= 3 ? 'dc' : 'hdc';
}

/**
 * What the chains skipped at the beginning of a first row count as: none for sc; otherwise a stitch, with chains across where the row
 * goes on "ch 2, skip 2 ch" (mesh of 2: 8th chain = 3 up + 2 across + 2 skipped; common practice).
 *
 * @param nth the chain from the hook that the first stitch is worked into
 * @param kind the first stitch
 * @param rest what the row goes on with
 * @param after the next row, whose turning chain says whether one counts
 */
export function foundationCounts(
  nth: number,
  kind: StitchKind,
  rest: readonly Node[],
  after: PatternRow | undefined,
): ChainCounts {
  const skipped = nth - 1;
  const low = heightOf(kind) < 2 || kind === 'esc';
  if (low && skipped < 3) return { as: 'nothing' };
  const post = low ? 'dc' : kind;
  const height = heightOf(post);
  if (skipped < Math.min(2, height)) return { as: 'nothing' };
  if (skipped <= height) {
    const [chain, ...others] = after?.nodes ?? [];
    if (chain?.op === 'chain') {
      const counts = chain.counts ?? turningCounts(chain.many, others);
      if (counts.as === 'nothing') return counts;
    } else if (skipped < height) return { as: 'nothing' };
    return { as: post, across: 0 };
  }
  const beyond = skipped - height;
  const across = meshOf(rest).find(({ chains, skips }) => chains + skips === beyond)?.chains ?? 0;
  return { as: post, across };
}

/**
 * Stitches of the foundation that are skipped before a first stitch whose turning chain counts as nothing: "2 sc in the 3rd ch from the
 * hook, *sk 1 ch, 2 sc in the next ch" turns with one chain and skips one.
 */
export function foundationSkips(nth: number, kind: StitchKind, rest: readonly Node[]): number {
  const beyond = nth - 1 - Math.max(1, heightOf(kind));
  if (beyond <= 0) return 0;
  const first = rest.find(({ op }) => op === 'repeat' || op === 'skip' || op === 'chain');
  const skip = first?.op === 'repeat' ? first.body[0] : first;
  return skip?.op === 'skip' && 'many' in skip.place && skip.place.many === beyond ? beyond : 0;
}

/** "ch 2, sk 2" anywhere in what follows. */
function meshOf(nodes: readonly Node[]): { chains: number; skips: number }[] {
  return nodes.flatMap((node, i) => {
    if (node.op === 'repeat') return meshOf(node.body);
    const next = nodes[i + 1];
    if (node.op !== 'chain' || next?.op !== 'skip' || !('many' in next.place)) return [];
    return [{ chains: node.many, skips: next.place.many }];
  });
}

function firstStitch(nodes: readonly Node[]): { kind: StitchKind; each: boolean } | null {
  for (const node of nodes) {
    if (node.op === 'work') return { kind: node.stitch.kind, each: node.place.at === 'each' };
    if (node.op === 'group' || node.op === 'repeat') {
      const inner = firstStitch(node.body);
      if (inner) return { ...inner, each: false };
    }
  }
  return null;
}
