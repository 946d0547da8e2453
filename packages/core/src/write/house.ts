/** Lines in the style of the house, and the way back to the words that are read. */

import { each, inOtherWords, isTable, whole, type Line, type LinePart } from './line.js';
import { USUAL_STYLE, type HouseStyle } from './style.js';

const COUNT_SIGNS: Record<HouseStyle['counts'], readonly [open: string, close: string]> = {
  'round brackets': ['(', ')'],
  'square brackets': ['[', ']'],
  dash: ['— ', ''],
};

/** The style as far as it is of words: lines that are no rows have no count to be moved. */
export const wordsOf = (style: HouseStyle): HouseStyle => ({
  ...style,
  shaping: USUAL_STYLE.shaping,
  counts: USUAL_STYLE.counts,
  countAt: USUAL_STYLE.countAt,
});

/** A line of a piece in the style of the house. */
export function inHouse(parts: Line, style: HouseStyle): Line {
  const worded = withCount(style.shaping === 'sentences' ? parts.flatMap(tableInWords) : parts, style);
  if (style.stitches === 'sts' && style.rowNames === 'Row') return worded;
  return whole(worded).map((part) => inOtherWords(part, (text) => wordsInHouse(text, style)));
}

/** A table in the line itself: " [increase in row: first 5 (4); then every 4th row 3× (–)]". */
function tableInWords(part: LinePart): Line {
  if (!isTable(part) || part.head.includes(':')) return [part];
  const rows = part.rows.flatMap(({ label, each: of }, i): Line => [
    `${i > 0 ? '; ' : ''}${label} `,
    each(of),
  ]);
  return [` [${part.head}: `, ...rows, ']'];
}

function wordsInHouse(text: string, { stitches, rowNames }: HouseStyle): string {
  const named = rowNames === 'Row' ? text : text.replace(/\b(?:Row|Rnd)s?\b/g, (name) => name.toUpperCase());
  return stitches === 'sts'
    ? named
    : named.replace(/(?<!\bsl )\bst(s?)\b/g, (_, many: string) => (many ? 'stitches' : 'stitch'));
}

/** The count that a line ends with, as and where the house has it. */
function withCount(parts: Line, { counts, countAt }: Pick<HouseStyle, 'counts' | 'countAt'>): Line {
  if (counts === 'round brackets' && countAt === 'end') return parts;
  const tables = parts.findIndex(isTable);
  const inline = parts.findIndex((part) => typeof part === 'string' && part.startsWith(' ['));
  const below = tables >= 0 ? tables : inline;
  if (below >= 0) return [...withCount(parts.slice(0, below), { counts, countAt }), ...parts.slice(below)];
  const last = parts.at(-1);
  if (typeof last !== 'string' || !/ sts?\)$/.test(last)) return parts;
  const opens = parts.findLastIndex((part) => typeof part === 'string' && /(?:^| )\($/.test(part));
  if (opens < 0) return parts;
  const [open, close] = COUNT_SIGNS[counts];
  const count: Line = [open, ...parts.slice(opens + 1, -1), last.slice(0, -1), close];
  const before = (parts[opens] as string).replace(/ *\($/, '');
  const told: LinePart[] = [...parts.slice(0, opens), before].filter((part) => part !== '');
  const ending = told.at(-1);
  if (typeof ending === 'string') told[told.length - 1] = ending.trimEnd();
  if (countAt === 'end') return [...told, ' ', ...count];
  // "Row 5 (RS): …": the count comes between the row's number and what is worked in it.
  const colon = told.findIndex((part) => typeof part === 'string' && /^[^,.;]*?: /.test(part));
  const row = /^(?:Row|Rnd)/.test(String(told[0]));
  if (!row || colon < 0) return [...told, ' ', ...count];
  const [, head, rest] = /^([^,.;]*?): ([^]*)$/.exec(told[colon] as string)!;
  return [...told.slice(0, colon), `${head!} `, ...count, `: ${rest!}`, ...told.slice(colon + 1)];
}

/** Figures of several sizes as the house writes them. */
export function sizesInHouse(
  [first, ...others]: readonly string[],
  { sizes }: Pick<HouseStyle, 'sizes'> = USUAL_STYLE,
): string {
  return sizes === 'slashes' ? [first, ...others].join('/') : `${first} (${others.join(', ')})`;
}

/**
 * A line of a piece in the style of the house, with all its sizes, in the words that are read.
 *
 * @param sizes how many the line is for
 */
export function fromHouse(text: string, style: HouseStyle, sizes: number): string {
  let own = text;
  if (style.sizes === 'slashes' && sizes > 1) {
    const figure = String.raw`[\d–½¼¾](?:[^\s(),/]*[^\s(),/.;:\]])?`;
    own = own.replace(new RegExp(`${figure}(?:/${figure}){${sizes - 1}}`, 'g'), (all) => {
      const [first, ...others] = all.split('/');
      return `${first} (${others.join(', ')})`;
    });
  }
  if (style.rowNames === 'ROW')
    own = own.replace(/\b(?:ROW|RND)S?\b/g, (name) => `${name[0]}${name.slice(1).toLowerCase()}`);
  if (style.stitches === 'stitches')
    // A stitch pattern may be called by the word: only what is counted or pointed at is a stitch.
    own = own.replace(
      /(?<=[\d)–,] |\b(?:each|next|last|first|one|the|that|these|other|plain|full|many|new|live|other|marked|edge|all|single|more|s|bound-off|front) )stitch(es)?\b/g,
      (_, many?: string) => (many ? 'sts' : 'st'),
    );
  return countFromHouse(own, style);
}

function countFromHouse(text: string, style: HouseStyle): string {
  const { counts, countAt } = style;
  if (counts === 'round brackets' && countAt === 'end') return text;
  const table = text.search(/ \[[^\][]+: [^\][]+\]/);
  if (table > 0 && !/ sts?\]/.test(text.slice(table)))
    return countFromHouse(text.slice(0, table), style) + text.slice(table);
  const [open, close] = COUNT_SIGNS[counts].map((sign) => sign.replace(/[()[\]]/g, '\\$&'));
  const inside = String.raw`((?:[^()[\]—]|\([^()]*\))*? sts?)`;
  const moved = new RegExp(`^((?:Row|Rnd)s? [^:]*?) ${open}${inside}${close}: (.*)$`).exec(text);
  if (countAt === 'beginning' && moved) return `${moved[1]}: ${moved[3]} (${moved[2]})`;
  return text.replace(new RegExp(` ${open}${inside}${close}$`), ' ($1)');
}
