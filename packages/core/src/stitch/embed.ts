import type { Node, Noun, Place, Reach } from './tree.js';

/**
 * The row of a pattern inside a wider row: its turning chain is a stitch among others, its end is not the end of the row.
 *
 * @param begun how it follows plain stitches: in the next stitch, or in the same as the last of them; null where it begins the row
 * @param beyond stitches of the row below that come after it; null where it ends the row
 */
export function embed(nodes: readonly Node[], begun: 'next' | 'same' | null, beyond: number | null): Node[] {
  const list = nodes.filter(({ op }) => op !== 'turn');
  const [chain, ...rest] = list;
  const where: Place = begun === 'same' ? { at: 'same' } : nextStitches(1);
  if (begun === null || chain?.op !== 'chain') return list.map((node) => inside(node, begun, beyond));
  const lead: Node[] =
    chain.counts && chain.counts.as !== 'nothing'
      ? [
          {
            op: 'work',
            stitch: { kind: chain.counts.as },
            times: 1,
            place: where,
            span: chain.span,
          },
          ...(chain.counts.across > 0
            ? [{ op: 'chain' as const, many: chain.counts.across, span: chain.span }]
            : []),
        ]
      : [];
  // More in the first stitch goes where the stitch went that the chain was.
  const after = lead.length > 0 ? 'same' : begun;
  return [...lead, ...rest.map((node) => inside(node, after, beyond))];
}

function inside(node: Node, begun: 'next' | 'same' | null, beyond: number | null): Node {
  const reach = (one: Reach): Reach => {
    if (beyond === null) return one;
    const stitches: Noun = { what: 'st' };
    if (one.to === 'end') return { to: 'last', many: beyond, noun: stitches };
    if (one.to === 'turning') return { to: 'last', many: beyond + 1, noun: stitches };
    // A motif has no edges that plain stitches could lie beside.
    if (one.to === 'corner') return one;
    return one.noun.what === 'st' || one.noun.what === 'kind'
      ? { to: 'last', many: one.many + beyond, noun: stitches }
      : one;
  };
  if (node.op === 'repeat')
    return typeof node.times === 'number' ? node : { ...node, times: reach(node.times) };
  if (!('place' in node)) return node;
  const { place } = node;
  const at = (where: Place): Node => ({ ...node, place: where }) as Node;
  if (place.at === 'each') return at({ ...place, reach: reach(place.reach) });
  if (place.at === 'first' && begun && place.noun.what === 'sp') return at({ ...place, at: 'next' });
  if (place.at === 'first' && begun) return at(begun === 'same' ? { at: 'same' } : { ...place, at: 'next' });
  if (beyond !== null && place.at === 'last' && place.noun.what !== 'sp')
    return at({ at: 'last', many: place.many, noun: { what: 'st' }, beyond });
  if (beyond !== null && place.at === 'turning')
    return at({ at: 'last', many: 1, noun: { what: 'st' }, beyond });
  return node;
}

const nextStitches = (many: number): Place => ({ at: 'next', many, noun: { what: 'st' } });
