import { embed } from './embed.js';
import { heightOf } from './kinds.js';
import { printRow } from './print.js';
import type { StitchText } from './textReader.js';
import { foundationCounts, foundationSkips } from './turning.js';
import { tallest, type Node, type Noun, type Place } from './tree.js';

/**
 * The first row of a pattern worked over stitches that are there instead of into a chain: its turning chain is made, and its places are
 * stitches.
 */
export function rowOverStitches({ rows }: Pick<StitchText, 'rows'>): Node[] {
  const [first] = rows;
  const later = rows.find(({ nodes: [chain] }) => chain?.op === 'chain' && chain.many > 1);
  return first!.nodes.flatMap((node, i): Node[] => {
    if (node.op === 'skip' && node.counts && i === 0 && node.counts.as !== 'nothing')
      return [
        {
          op: 'chain',
          many: heightOf(node.counts.as) + node.counts.across,
          counts: node.counts,
          span: node.span,
        },
      ];
    if (!('place' in node) || node.place.at !== 'from hook') return [overNode(node)];
    const { nth } = node.place;
    const kind = node.op === 'work' ? node.stitch.kind : tallest(node.op === 'group' ? node.body : [node]);
    const rest = first!.nodes.slice(i + 1);
    const counts = ('counts' in node && node.counts) || foundationCounts(nth, kind, rest, later);
    const { counts: _, ...plain } = node as Extract<Node, { op: 'work' | 'group' }>;
    const skips =
      counts.as === 'nothing'
        ? foundationSkips(nth, kind, rest)
        : nth - 1 - heightOf(counts.as) - counts.across;
    const many = counts.as === 'nothing' ? nth - 1 - skips : heightOf(counts.as) + counts.across;
    const skip: Node[] = skips > 0 ? [{ op: 'skip', place: stitches(skips), span: node.span }] : [];
    const place: Place =
      counts.as === 'nothing' && skips === 0 ? { at: 'first', many: 1, noun: { what: 'st' } } : stitches(1);
    return [{ op: 'chain', many, counts, span: node.span }, ...skip, { ...plain, place } as Node];
  });
}

const stitches = (many: number): Place => ({ at: 'next', many, noun: { what: 'st' } });

/** Chains named as places are stitches now. */
function overNode(node: Node): Node {
  const noun = (one: Noun): Noun => (one.what === 'ch' ? { what: 'st' } : one);
  if (node.op === 'repeat') {
    const { times } = node;
    return {
      ...node,
      body: node.body.map(overNode),
      times: typeof times === 'object' && times.to === 'last' ? { ...times, noun: noun(times.noun) } : times,
    };
  }
  if (!('place' in node)) return node;
  const { place } = node;
  if (place.at === 'each') {
    const reach = place.reach.to === 'last' ? { ...place.reach, noun: noun(place.reach.noun) } : place.reach;
    return { ...node, place: { ...place, noun: noun(place.noun), reach } } as Node;
  }
  return 'noun' in place ? ({ ...node, place: { ...place, noun: noun(place.noun) } } as Node) : node;
}

/** A first row with what its skipped chains count as said in words. */
export function withSkippedSaid({ rows }: Pick<StitchText, 'rows'>): Node[] {
  const [first] = rows;
  const later = rows.find(({ nodes: [chain] }) => chain?.op === 'chain' && chain.many > 1);
  return first!.nodes.map((node, i): Node => {
    if ((node.op !== 'work' && node.op !== 'group') || node.place.at !== 'from hook' || node.counts)
      return node;
    const kind = node.op === 'work' ? node.stitch.kind : tallest(node.body);
    const counts = foundationCounts(node.place.nth, kind, first!.nodes.slice(i + 1), later);
    // Low stitches turn with a chain that nobody would count; of tall ones it is said.
    return counts.as === 'nothing' && heightOf(kind) < 2 ? node : { ...node, counts };
  });
}

/**
 * A row that stands before those that repeat in words, as it is worked over stitches.
 *
 * @param beside whether plain stitches come before it, so that it begins with a stitch and not with a chain
 */
export function overStitchesInWords(text: StitchText, index: number, beside: boolean): string {
  const nodes = index === 0 ? rowOverStitches(text) : text.rows[index]!.nodes;
  return withoutEnd(printRow(embed(nodes, beside ? 'next' : null, null), { round: text.work === 'round' }));
}

/** The words of a row without the turn or the joining at its end. */
export function withoutEnd(words: string): string {
  return words.replace(/; (?:turn|join with a sl st to the first st(?:; turn)?)$/, '');
}
