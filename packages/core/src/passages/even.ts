import { COUNT, END, ROWS, STITCH } from '../read/words.js';
import { line, type Line } from '../write/line.js';
import { rangeInWords } from '../write/rowWords.js';
import { fastenedOff } from './fastened.js';
import { rowsInPattern } from './inPattern.js';
import type { PassageKind } from './kind.js';
import type { PieceSoFar } from './pieceSoFar.js';

/** Rows worked even until row `to` of the part is done. */
export interface Even {
  kind: 'even';
  part: string;
  to: number;
  note?: string;
}

export const even: PassageKind<Even> = {
  rows: ({ part, to }, maker) => maker.even(maker.part(part), to),
  words: (all, soFar) => [...evenWords(all, soFar), ...fastenedOff(soFar)],
  sentences: [
    {
      form: new RegExp(`^${ROWS}: (in pattern|${STITCH} in each st); ${END}\\. ${COUNT}$`),
      read: ([, from, to, , what, , stitches], reader) => {
        reader.evenRows(from!, to, Number(stitches));
        if (what === 'in pattern' && from !== '–') reader.said.loose += Number(to ?? from) - Number(from) + 1;
      },
    },
    {
      form: new RegExp(`^${ROWS}: even\\.(?: ${COUNT})?$`),
      read: ([, from, to, , stitches], reader) =>
        reader.evenRows(from!, to, Number(stitches ?? reader.maker.now().count)),
    },
  ],
  inShort: ({ to }) => `Work even to row ${to}`,
};

/** Rows worked even, of a part to row `to` in each size. */
export function evenWords(all: readonly Pick<Even, 'part' | 'to'>[], soFar: PieceSoFar): Line[] {
  const { part } = all[0]!;
  const from = soFar.of(part).map(({ n }) => n + 1);
  const counts = soFar.of(part).map(({ count }) => count);
  const to = all.map((one) => one.to);
  soFar.reach(
    part,
    to.map((n, size) => ({ n, count: counts[size]! })),
  );
  const { stitches } = soFar;
  if (stitches.is === 'rows') return rowsInPattern(part, from, to, counts, stitches, soFar);
  const ranges = to.map((n, size) => rangeInWords(from[size]!, n));
  if (ranges.every((text) => text === '–')) return [];
  const { one, end } = soFar.wordsOf(part);
  return [
    line`${one}s ${ranges}${{ inline: soFar.lengthBeside(to) }}: ${soFar.even}; ${end}. (${counts} sts)`,
  ];
}
