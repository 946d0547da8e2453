/** The stitches of crochet by their US abbreviations, with their heights in chains. */

/** Plain stitches from the lowest to the tallest. Heights are the usual turning chains (common practice). */
const HEIGHTS = {
  'sl st': 0,
  sc: 1,
  'reverse sc': 1,
  'loop st': 1,
  esc: 2,
  hdc: 2,
  dc: 3,
  edc: 4,
  tr: 4,
  dtr: 5,
  // Tunisian forward passes: each picks up one loop.
  tss: 1,
  tks: 1,
  tps: 1,
  trs: 1,
} as const;

export type StitchKind = keyof typeof HEIGHTS;

/** Kinds of the Tunisian forward pass. */
export const TUNISIAN: readonly StitchKind[] = ['tss', 'tks', 'tps', 'trs'];

/** Usual height of a stitch in chains. */
export function heightOf(kind: StitchKind): number {
  return HEIGHTS[kind];
}

export function isStitchKind(word: string): word is StitchKind {
  return word in HEIGHTS;
}

/** Full names in US terms, as makers write them out. Longer names come first, so that none hides another. */
export const FULL_NAMES: readonly (readonly [string, StitchKind])[] = [
  ['double treble crochet', 'dtr'],
  ['double treble', 'dtr'],
  ['half double crochet', 'hdc'],
  ['half double', 'hdc'],
  ['extended single crochet', 'esc'],
  ['extended double crochet', 'edc'],
  ['reverse single crochet', 'reverse sc'],
  ['rev sc', 'reverse sc'],
  ['crab stitch', 'reverse sc'],
  ['single crochet', 'sc'],
  ['double crochet', 'dc'],
  ['treble crochet', 'tr'],
  ['treble', 'tr'],
  ['slip stitch', 'sl st'],
  ['ss', 'sl st'],
  ['loop stitch', 'loop st'],
  ['lp st', 'loop st'],
  ['exsc', 'esc'],
  ['exdc', 'edc'],
  ['trtr', 'dtr'],
  ['tunisian simple stitch', 'tss'],
  ['tunisian knit stitch', 'tks'],
  ['tunisian purl stitch', 'tps'],
  ['tunisian reverse stitch', 'trs'],
];
