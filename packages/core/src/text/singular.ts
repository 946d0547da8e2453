/** One of a thing: "1 st", "2 sts". */
export function countOf(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}

/** "once", "twice", "3 times". */
export function timesInWords(times: number): string {
  return times === 1 ? 'once' : times === 2 ? 'twice' : `${times} times`;
}

/** How often something is done, as `timesInWords` says it: the source of a group of a regular expression. */
export const TIMES = String.raw`(once|twice|\d+ times)`;

/** The other way of `timesInWords`; NaN for what says no number of times. */
export function timesOfWords(text: string): number {
  return text === 'once' ? 1 : text === 'twice' ? 2 : Number(/^(\d+) times$/.exec(text)?.[1] ?? NaN);
}

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

/** "three": a number up to nine as a word, a larger one in figures. */
export function numberInWords(number: number): string {
  return NUMBERS[number] ?? String(number);
}

/** The other way of `numberInWords`; NaN for what is no number. */
export function numberOfWords(text: string): number {
  return NUMBERS.includes(text) ? NUMBERS.indexOf(text) : Number(text);
}

const NOUNS: Readonly<Record<string, string>> = {
  sts: 'st',
  stitches: 'stitch',
  rows: 'row',
  squares: 'square',
  'half squares': 'half square',
  balls: 'ball',
  rnds: 'rnd',
  rounds: 'round',
  places: 'place',
  repeats: 'repeat',
  'row ends': 'row end',
  'shaping rows': 'shaping row',
  'live sts': 'live st',
  'plain sts': 'plain st',
};
const FOLLOWS = new RegExp(
  `^ (${Object.keys(NOUNS)
    .sort((a, b) => b.length - a.length)
    .join('|')})\\b`,
);

/** What follows a figure, its noun in the singular where the figure is 1. */
export function afterFigure(figure: string, text: string): string {
  if (!/(?:^|[^\d.,/–])1$/.test(figure)) return text;
  return text.replace(FOLLOWS, (_, noun: string) => ` ${NOUNS[noun]}`);
}
