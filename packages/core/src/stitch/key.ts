import { inTerms, type Terms } from '../write/terms.js';

/** A symbol of the key: what it is called, and how the stitch is made, in a few words of our own. */
export interface KeyEntry {
  /** What it is in US terms, as charts name it, and in the terms wanted. */
  of: string;
  kind: string;
  name: string;
  how: string;
}

const ENTRIES: readonly (readonly [kind: RegExp, name: string, how: string])[] = [
  [/^ch$/, 'chain', 'Yarn over, draw through the loop on the hook.'],
  [
    /^sl st$/,
    'slip stitch',
    'Insert the hook, draw a loop through the stitch and the loop on the hook at once.',
  ],
  [/^sc$/, 'single crochet', 'Draw up a loop, draw through both loops.'],
  [/^reverse sc$/, 'reverse single crochet', 'Single crochet worked backwards, into the stitch before.'],
  [/^loop st$/, 'loop stitch', 'Single crochet with the yarn drawn long behind the work, round a finger.'],
  [/^esc$/, 'extended single crochet', 'Draw up a loop, draw through one loop, then through both.'],
  [/^hdc$/, 'half double crochet', 'Yarn over, draw up a loop, draw through all three loops.'],
  [/^dc$/, 'double crochet', 'Yarn over, draw up a loop, draw through two loops twice.'],
  [
    /^edc$/,
    'extended double crochet',
    'Yarn over, draw up a loop, draw through one loop, then through two twice.',
  ],
  [/^tr$/, 'treble crochet', 'Yarn over twice, draw up a loop, draw through two loops three times.'],
  [
    /^dtr$/,
    'double treble crochet',
    'Yarn over three times, draw up a loop, draw through two loops four times.',
  ],
  [/^fp/, 'front post stitch', 'The hook goes behind the post of the stitch below, from front to front.'],
  [/^bp/, 'back post stitch', 'The hook goes before the post of the stitch below, from back to back.'],
  [/ blo$/, 'in the back loop only', 'The hook goes under the loop that lies away from you.'],
  [/ flo$/, 'in the front loop only', 'The hook goes under the loop that lies towards you.'],
  [/tog$/, 'stitches together', 'Each stitch up to its last step, then one loop through all.'],
  [/^bobble$/, 'bobble', 'Five double crochets in one place, closed together.'],
  [/^puff st$/, 'puff stitch', 'Three long loops drawn up in one place, closed together.'],
  [
    /^popcorn$/,
    'popcorn',
    'Five double crochets in one place; hook out, into the first, and the last loop through.',
  ],
  [/^cluster$/, 'cluster', 'Stitches in one place, each up to its last step, closed together.'],
  [/^tss$/, 'Tunisian simple stitch', 'Forward: a loop under the front vertical bar.'],
  [/^tks$/, 'Tunisian knit stitch', 'Forward: a loop between the two vertical bars, from front to back.'],
  [/^tps$/, 'Tunisian purl stitch', 'Forward: yarn in front, a loop under the front vertical bar.'],
];

/** The key of a chart: each kind of stitch that occurs, with its name and how it is made. */
export function stitchKey(kinds: readonly string[], terms: Terms = 'us'): KeyEntry[] {
  return kinds.map((kind) => {
    const found = ENTRIES.find(([of]) => of.test(kind));
    const [, name, how] = found ?? [null, kind, ''];
    return {
      of: kind,
      kind: inTerms(kind, terms),
      name: terms === 'us' ? name : ukName(name),
      how: terms === 'us' ? how : ukName(how),
    };
  });
}

/** Names in words one step higher, as UK terms have them. */
function ukName(text: string): string {
  const names: readonly (readonly [RegExp, string])[] = [
    [/double treble crochet/gi, '¤triple treble'],
    [/treble crochet/gi, '¤double treble'],
    [/half double crochet/gi, '¤half treble'],
    [/extended double crochet/gi, '¤extended treble'],
    [/extended single crochet/gi, '¤extended double crochet'],
    [/double crochets/gi, '¤trebles'],
    [/(?<!¤extended )(?<!¤)double crochet/gi, '¤treble'],
    [/single crochet/gi, '¤double crochet'],
  ];
  return names.reduce((all, [us, uk]) => all.replace(us, uk), text).replaceAll('¤', '');
}
