import { PASSAGE_SENTENCES } from '../passages/registry.js';
import { tablesOf } from './ofSize.js';
import { ReadFault } from './maker.js';
import { STITCH, type Sentence } from './words.js';

/** The sentences that pieces are written in: those of their passages, and what is said of tails, buttonholes and the end. */
export const SENTENCES: readonly Sentence[] = [
  ...PASSAGE_SENTENCES,
  {
    form: /^Long tail at the (?:beginning|end)(?: and at the end)?\.$/,
    read: () => undefined,
  },
  {
    form: new RegExp(
      `^Buttonholes, on the (?:right|left) front band only, in place of its row (–|\\d+): ${STITCH} in the first (–|\\d+) sts?, then \\(ch (\\d+), skip the next (?:st|(\\d+) sts), ${STITCH} in the next sts\\) as often as the table says:(.*)$`,
    ),
    read: ([, row, first, chains, skipped, tables], reader) => {
      // They do not fit in this size.
      if (row === '–') return;
      reader.agree(Number(chains), Number(skipped ?? 1), 'the chains over a buttonhole');
      const gaps = tablesOf(tables!).flatMap(({ rows }) =>
        rows.map(([, figure]) => {
          const [, sts, times] = /^(\d+)×(\d+)$/.exec(figure) ?? [];
          if (sts === undefined) throw new ReadFault(`“${figure}” is no number of stitches after a hole`);
          return Number(times) * (Number(chains) + Number(sts));
        }),
      );
      const worked = Number(first) + gaps.reduce((sum, many) => sum + many, 0);
      reader.agree(worked, reader.countAfter(Number(row) - 1), 'the row of buttonholes');
    },
  },
  { form: /^No buttonholes: .+$/, read: () => undefined },
  {
    form: /^Ending with a (RS|WS) row\.$/,
    read: ([, side], reader) => {
      if (reader.maker.now().side !== side)
        throw new ReadFault(`the last row is a ${reader.maker.now().side} row`);
    },
  },
  { form: /^Close the last row: sl st in each st\.$/, read: (_, reader) => reader.finishSteps() },
  { form: /^Fasten off/, read: (_, reader) => reader.finishSteps() },
];
