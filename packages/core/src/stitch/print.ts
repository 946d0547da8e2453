import { ordinal } from '../text/phrase.js';
import { inTerms, type Terms } from '../write/terms.js';
import type { ChainCounts, Node, Noun, Place, Reach, StitchWords } from './tree.js';

/** The instructions of a row in the usual notation, as they can be read again. */
export function printRow(
  nodes: readonly Node[],
  { terms = 'us', round = false }: { terms?: Terms; round?: boolean } = {},
): string {
  const text = sequence(nodes);
  return inTerms(round ? text.replaceAll('to the end', 'around') : text, terms);
}

/** The same stitch in one place after another is written once: "dc in the next 3 sts". */
function gathered(nodes: readonly Node[]): Node[] {
  const list: Node[] = [];
  for (const node of nodes) {
    const last = list.at(-1);
    if (
      node.op === 'work' &&
      last?.op === 'work' &&
      node.place.at === 'next' &&
      last.place.at === 'next' &&
      !node.stitch.together &&
      JSON.stringify([node.stitch, node.times, node.place.noun]) ===
        JSON.stringify([last.stitch, last.times, last.place.noun])
    )
      list[list.length - 1] = { ...last, place: { ...last.place, many: last.place.many + node.place.many } };
    else list.push(node);
  }
  return list;
}

function sequence(all: readonly Node[]): string {
  const nodes = gathered(all);
  let text = '';
  nodes.forEach((node, i) => {
    if (i > 0) text += node.op === 'turn' || node.op === 'join' || starred(nodes[i - 1]!) ? '; ' : ', ';
    text += one(node);
  });
  return text;
}

const starred = (node: Node) => node.op === 'repeat' && node.star;

function one(node: Node): string {
  switch (node.op) {
    case 'chain':
      return `ch ${node.many}${node.counts ? countsWords(node.counts) : ''}`;
    case 'work':
      return work(node);
    case 'group':
      return `${node.name ?? `(${sequence(node.body)})`} ${placeWords(node.place)}${skippedWords(node.counts)}`;
    case 'skip':
      return skip(node);
    case 'picot':
      return `ch-${node.chains} picot`;
    case 'repeat':
      return repeat(node);
    case 'leave':
      return 'leave the last sts unworked';
    case 'join':
      return 'join with a sl st to the first st';
    case 'turn':
      return 'turn';
  }
}

function countsWords(counts: ChainCounts): string {
  if (counts.as === 'nothing') return ' (does not count as a st)';
  return ` (counts as ${counts.as}${counts.across > 0 ? `, ch ${counts.across}` : ''})`;
}

function skip({ place, counts }: Extract<Node, { op: 'skip' }>): string {
  if (!('many' in place)) return 'sk the next st';
  if (counts) return `sk ${place.many} ch${countsWords(counts)}`;
  return `sk ${nextWords(place.at, place.many, place.noun)}`;
}

/** What chains skipped before a first stitch count as. */
function skippedWords(counts: ChainCounts | undefined): string {
  if (!counts) return '';
  return counts.as === 'nothing'
    ? ' (skipped ch do not count)'
    : countsWords(counts).replace('(counts', '(skipped ch count');
}

function work({ stitch, times, place, counts }: Extract<Node, { op: 'work' }>): string {
  const ch = place.at === 'from hook' || ('noun' in place && place.noun.what === 'ch');
  // Into a chain a Tunisian row only picks up loops, whatever it is worked in above.
  const named = stitch.kind === 'tss' && ch ? 'pick up a loop' : stitchWords(stitch);
  const said = skippedWords(counts);
  if (place.at === 'here') {
    if (stitch.together && times === 1) return named;
    return times === 1 ? named : `${times} ${named}`;
  }
  if (place.at === 'next' && stitch.together === place.many && stitch.together > 1)
    return `${named} over the next ${place.many} ${nounWords(place.noun, place.many)}${said}`;
  const many = times > 1 ? `${times} ` : '';
  const where = stitch.post ? placeWords(place).replace(/^in /, 'around ') : placeWords(place, times > 1);
  return `${many}${named} ${where}${belowWords(stitch)}${said}`;
}

function stitchWords({ kind, loop, post, together, name }: StitchWords): string {
  if (name && together)
    return ['bobble', 'popcorn', 'puff st'].includes(name) ? name : `${together}-${kind} ${name}`;
  if (name) return name;
  const side = post === 'front' ? 'fp' : post === 'back' ? 'bp' : '';
  const rest = loop ? ` ${loop === 'back' ? 'blo' : 'flo'}` : '';
  return `${side}${kind}${together ? `${together}tog` : ''}${rest}`;
}
function belowWords({ below }: StitchWords): string {
  return below ? ` ${below} ${below === 1 ? 'row' : 'rows'} below` : '';
}

function placeWords(place: Place, each = false): string {
  switch (place.at) {
    case 'here':
      return '';
    case 'next':
    case 'first':
    case 'last':
      if (place.beyond !== undefined)
        return placeWords({ at: 'next', many: place.many, noun: place.noun }, each);
      return each && place.many > 1
        ? `in each of ${nextWords(place.at, place.many, place.noun)}`
        : `in ${nextWords(place.at, place.many, place.noun)}`;
    case 'each':
      return `in each ${place.noun.what === 'any' ? 'st and each ch sp' : nounWords(place.noun, 1)} ${reachWords(place.reach)}`;
    case 'same':
      return 'in the same place';
    case 'skipped':
      return place.nth === 1 ? 'in the first skipped st' : `in the ${ordinal(place.nth)} skipped st`;
    case 'from hook':
      return `in the ${ordinal(place.nth)} ch from the hook`;
    case 'turning':
      return place.nth === null
        ? 'in the top of the turning ch'
        : `in the ${ordinal(place.nth)} ch of the turning ch`;
    case 'gap':
      return `in the sp before the next ${nounWords(place.noun, 1)}`;
    case 'centre':
      return `in the center st of the next ${nounWords(place.of, 1)}`;
  }
}

function nextWords(at: 'next' | 'first' | 'last', many: number, noun: Noun): string {
  return many === 1 ? `the ${at} ${nounWords(noun, 1)}` : `the ${at} ${many} ${nounWords(noun, many)}`;
}

function nounWords(noun: Noun, many: number): string {
  const s = many === 1 ? '' : 's';
  switch (noun.what) {
    case 'st':
      return `st${s}`;
    case 'ch':
      return 'ch';
    case 'sp':
      return `${noun.chains === undefined ? '' : `ch-${noun.chains} `}sp${s}`;
    case 'corner':
      return `corner sp${s}`;
    case 'kind':
      return noun.kind;
    case 'any':
      return `st${s}`;
    case 'group':
      return `${noun.name}${s}`;
  }
}

function repeat({ body, star, times }: Extract<Node, { op: 'repeat' }>): string {
  if (typeof times === 'number') {
    if (star)
      return `*${sequence(body)}; repeat from * ${times === 2 ? 'once more' : `${times - 1} more times`}`;
    const single = body.length === 1 && body[0]!.op === 'work' ? sequence(body) : `(${sequence(body)})`;
    return `${single} ${times === 2 ? 'twice' : `${times} times`}`;
  }
  return star
    ? `*${sequence(body)}; repeat from * ${reachWords(times)}`
    : `(${sequence(body)}) ${reachWords(times)}`;
}

function reachWords(reach: Reach): string {
  if (reach.to === 'end') return 'to the end';
  if (reach.to === 'turning') return 'to the turning ch';
  if (reach.to === 'corner') return 'to the next corner';
  return `to ${nextWords('last', reach.many, reach.noun)}`;
}
