import { COUNT, END, STITCH } from '../read/words.js';
import { line } from '../write/line.js';
import { rangeInWords } from '../write/rowWords.js';
import { rowsInPattern } from './inPattern.js';
import type { PassageKind } from './kind.js';

/** Rows worked even until row `to` of the part is done. */
export interface Even {
  kind: 'even';
  part: string;
  to: number;
  note?: string;
}

export const even: PassageKind<Even> = {
  rows: ({ part, to }, maker) => maker.even(maker.part(part), to),
  words: (all, soFar) => {
    const { part } = all[0]!;
    const before = soFar.of(part);
    const { stitches } = soFar;
    if (stitches.is === 'rows') {
      const lines = rowsInPattern(
        part,
        before.map(({ n }) => n + 1),
        all.map(({ to }) => to),
        before.map(({ count }) => count),
        stitches,
        soFar,
      );
      soFar.reach(
        part,
        all.map(({ to }, size) => ({ n: to, count: before[size]!.count })),
      );
      return lines;
    }
    const ranges = all.map(({ to }, size) => rangeInWords(before[size]!.n + 1, to));
    soFar.reach(
      part,
      all.map(({ to }, size) => ({ n: to, count: before[size]!.count })),
    );
    if (ranges.every((text) => text === '–')) return [];
    const { one, end } = soFar.wordsOf(part);
    return [line`${one}s ${ranges}: ${soFar.even}; ${end}. (${before.map(({ count }) => count)} sts)`];
  },
  sentences: [
    {
      form: new RegExp(
        `^(?:Row|Rnd)s? (–|\\d+)(?:–(\\d+))?: (in pattern|${STITCH} in each st); ${END}\\. ${COUNT}$`,
      ),
      read: ([, from, to, what, , stitches], reader) => {
        reader.evenRows(from!, to, Number(stitches));
        if (what === 'in pattern' && from !== '–') reader.said.loose += Number(to ?? from) - Number(from) + 1;
      },
    },
  ],
  inShort: ({ to }) => `Work even to row ${to}`,
};
