import type { Stitch } from '../fabric/fabric.js';

/** Which country's names are written: US by default, UK for the same stitches one name higher. */
export type Terms = 'us' | 'uk';

const UK_STITCHES: Record<string, string> = {
  sc: 'dc',
  esc: 'exdc',
  hdc: 'htr',
  dc: 'tr',
  tr: 'dtr',
  dtr: 'trtr',
};
const UK_WORDS: Record<string, string> = {
  gauge: 'tension',
  Gauge: 'Tension',
  skip: 'miss',
  Skip: 'Miss',
  skipped: 'missed',
  sk: 'miss',
};

const STITCH_WORD = /\b(fp|bp)?(esc|hdc|sc|dc|dtr|tr)(\d+tog)?\b/g;
const OTHER_WORD = /\b(gauge|Gauge|skip|Skip|skipped|sk)\b/g;

/**
 * Text in US terms put into the terms wanted. All names change at once, so no name is changed twice.
 */
export function inTerms(text: string, terms: Terms): string {
  if (terms === 'us') return text;
  return text
    .replace(
      STITCH_WORD,
      (_, post: string | undefined, stitch: string, together: string | undefined) =>
        `${post ?? ''}${UK_STITCHES[stitch]}${together ?? ''}`,
    )
    .replace(OTHER_WORD, (word) => UK_WORDS[word] ?? word);
}

const US_STITCHES = Object.fromEntries(Object.entries(UK_STITCHES).map(([us, uk]) => [uk, us]));
/** UK words back into US ones; the longer of two that are the same. */
const US_WORDS: Record<string, string> = {
  tension: 'gauge',
  Tension: 'Gauge',
  miss: 'skip',
  Miss: 'Skip',
  missed: 'skipped',
};
const UK_STITCH_WORD = new RegExp(`\\b(fp|bp)?(${Object.keys(US_STITCHES).join('|')})(\\d+tog)?\\b`, 'g');

/** Text in either terms put into US terms: the other way of `inTerms`. */
export function fromTerms(text: string, terms: Terms): string {
  if (terms === 'us') return text;
  return text
    .replace(
      UK_STITCH_WORD,
      (_, post: string | undefined, stitch: string, together: string | undefined) =>
        `${post ?? ''}${US_STITCHES[stitch]}${together ?? ''}`,
    )
    .replace(/\b(tension|Tension|miss|Miss|missed)\b/g, (word) => US_WORDS[word] ?? word);
}

const TUNISIAN_STITCHES = [
  ['tss', 'Tunisian simple stitch'],
  ['tks', 'Tunisian knit stitch'],
  ['tps', 'Tunisian purl stitch'],
  ['trs', 'Tunisian reverse stitch'],
] as const;

type Meaning = readonly [found: RegExp, short: string, us: string, uk: string];

/** Abbreviations in US terms with their meaning in US words; only those that occur are printed. */
const MEANINGS: readonly Meaning[] = [
  [/\bch\b/, 'ch', 'chain', 'chain'],
  [/\bsl st\b/, 'sl st', 'slip stitch', 'slip stitch'],
  [/\bsc\b/, 'sc', 'single crochet', 'double crochet'],
  [/\besc\b/, 'esc', 'extended single crochet', 'extended double crochet'],
  [/\bhdc\b/, 'hdc', 'half double crochet', 'half treble crochet'],
  [/\bdc\b/, 'dc', 'double crochet', 'treble crochet'],
  [/\btr\b/, 'tr', 'treble crochet', 'double treble crochet'],
  [/\bsc2tog\b/, 'sc2tog', 'single crochet 2 stitches together', 'double crochet 2 stitches together'],
  [
    /\besc2tog\b/,
    'esc2tog',
    'extended single crochet 2 stitches together',
    'extended double crochet 2 stitches together',
  ],
  [/\bhdc2tog\b/, 'hdc2tog', 'half double crochet 2 stitches together', 'half treble 2 stitches together'],
  [/\bdc2tog\b/, 'dc2tog', 'double crochet 2 stitches together', 'treble 2 stitches together'],
  [/\btr2tog\b/, 'tr2tog', 'treble 2 stitches together', 'double treble 2 stitches together'],
  ...TUNISIAN_STITCHES.flatMap(([short, name]): Meaning[] => [
    [new RegExp(`\\b${short}\\b`), short, name, name],
    [
      new RegExp(`\\b${short}2tog\\b`),
      `${short}2tog`,
      `${name}, the hook behind 2 bars`,
      `${name}, the hook behind 2 bars`,
    ],
  ]),
  [/\bblo\b/, 'blo', 'back loop only', 'back loop only'],
  [/\bflo\b/, 'flo', 'front loop only', 'front loop only'],
  [/\bfpdc\b/, 'fpdc', 'front post double crochet', 'front post treble crochet'],
  [/\bbpdc\b/, 'bpdc', 'back post double crochet', 'back post treble crochet'],
  [/\bsts?\b/, 'st(s)', 'stitch(es)', 'stitch(es)'],
  [/\bsp\b/, 'sp', 'space', 'space'],
  [/\brnds?\b/i, 'rnd(s)', 'round(s)', 'round(s)'],
  [/\bsk\b/, 'sk', 'skip', 'miss'],
  [/\binc\b/, 'inc', 'increase', 'increase'],
  [/\bdec\b/, 'dec', 'decrease', 'decrease'],
  [/\bRS\b/, 'RS', 'right side', 'right side'],
  [/\bWS\b/, 'WS', 'wrong side', 'wrong side'],
];

/**
 * The abbreviations that occur in a text in US terms, each with its meaning, in the terms wanted.
 *
 * @param known stitches that are explained elsewhere
 */
export function abbreviations(usText: string, terms: Terms, known: readonly string[] = []): string[] {
  return MEANINGS.filter(([found, short]) => found.test(usText) && !known.includes(short)).map(
    ([, short, us, uk]) => `${inTerms(short, terms)}: ${terms === 'us' ? us : uk}`,
  );
}

/** Full name of a stitch. */
export function stitchName(stitch: Stitch, terms: Terms): string {
  const [, , us, uk] = MEANINGS.find(([, short]) => short === stitch)!;
  return terms === 'us' ? us : uk;
}
