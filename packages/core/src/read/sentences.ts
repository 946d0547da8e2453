import type { Side } from '../joins/roles.js';
import { PASSAGE_SENTENCES } from '../passages/registry.js';
import { TIMES, timesOfWords } from '../text/singular.js';
import { ReadFault } from './maker.js';
import { tablesOf } from './ofSize.js';
import { STITCH, type Sentence } from './words.js';

const HOLE = String.raw`ch (\d+), skip the next (?:st|(\d+) sts)`;
/** One size alone: each hole with what is worked after it. */
const HOLE_IN_ROW = new RegExp(
  `\\(?${HOLE}, ${STITCH} in the (?:next|last) (?:st|(\\d+) sts)(?:\\) ${TIMES})?(?:, |\\.$)`,
  'y',
);
/** Several sizes: what is worked after them is in the table. */
const HOLE_IN_TABLE = new RegExp(
  `^then for (?:the hole|each of the (\\d+) holes) ${HOLE} and ${STITCH} in as many sts as the table says:`,
);

/** The holes of a row, each with its stitches and those after it. */
function readHoles(text: string): { width: number; after: number }[] {
  const widthOf = (chains: string, skipped: string | undefined) => {
    if (Number(chains) !== Number(skipped ?? 1))
      throw new ReadFault(`${chains} chains stand over ${skipped ?? 1} sts`);
    return Number(chains);
  };
  const inTable = HOLE_IN_TABLE.exec(text);
  if (inTable) {
    const [, many, chains, skipped] = inTable;
    const width = widthOf(chains!, skipped);
    const holes = tablesOf(text).flatMap(({ rows }) =>
      rows.flatMap(([label, figure], i) => {
        const [, from, to] = /^holes? (\d+)(?:–(\d+))?$/.exec(label) ?? [];
        const before = i === 0 ? 0 : Number(/(\d+)$/.exec(rows[i - 1]![0])?.[1]);
        if (Number(from) !== before + 1) throw new ReadFault(`“${label}” are not the holes that come next`);
        return Array.from({ length: Number(to ?? from) - before }, () => ({ width, after: Number(figure) }));
      }),
    );
    if (holes.length !== Number(many ?? 1))
      throw new ReadFault(`${many ?? 1} holes are said, the table has ${holes.length}`);
    return holes;
  }
  const holes: { width: number; after: number }[] = [];
  HOLE_IN_ROW.lastIndex = 0;
  for (let at = 0; at < text.length; at = HOLE_IN_ROW.lastIndex) {
    const [found, chains, skipped, after, times] = HOLE_IN_ROW.exec(text) ?? [];
    if (found === undefined) throw new ReadFault(`“${text.slice(at)}” is no hole`);
    const hole = { width: widthOf(chains!, skipped), after: Number(after ?? 1) };
    holes.push(...Array.from({ length: timesOfWords(times ?? 'once') }, () => hole));
  }
  return holes;
}

/** The sentences that pieces are written in: those of their passages, and what is said of tails, buttonholes and the end. */
export const SENTENCES: readonly Sentence[] = [
  ...PASSAGE_SENTENCES,
  {
    form: /^([A-Z]), .+?: make (–|\d+)\. (.+)\.$/,
    read: ([, id, many, words], reader) => {
      if (many !== '–') reader.kinds.push({ id: id!, many: Number(many), words: words! });
    },
  },
  {
    form: /^Map of the (back|front), from the fold down, .+: ([A-Za-z·]+(?: \/ [A-Za-z·]+)*)\.$/,
    read: ([, layer, rows], reader) => reader.sheet.map(layer as 'back' | 'front', rows!.split(' / ')),
  },
  { form: /^Make (\d+)\.$/, read: ([, many], reader) => (reader.copies = Number(many)) },
  {
    form: /^Long tail at the (?:beginning|end)(?: and at the end)?\.$/,
    read: () => undefined,
  },
  {
    form: new RegExp(
      `^Buttonholes, on the (right|left) front (?:band only, in place of its row|only, in (rnd)) (–|\\d+)(?: between its corners, from the (?:lower|upper) one)?: ${STITCH} in the first (?:(–|\\d+) sts?|st), (.+)$`,
    ),
    read: ([, side, border, row, first, rest], reader) => {
      // They do not fit in this size.
      if (row === '–') return;
      const holes = readHoles(rest!);
      const gaps = [Number(first ?? 1), ...holes.map(({ after }) => after)];
      const worked =
        holes.reduce((sum, { width }) => sum + width, 0) + gaps.reduce((sum, many) => sum + many, 0);
      if (!border) reader.agree(worked, reader.countAfter(Number(row) - 1), 'the row of buttonholes');
      reader.holes = { row: Number(row), side: side as Side, width: holes[0]!.width, gaps };
    },
  },
  { form: /^No buttonholes: .+$/, read: () => undefined },
  {
    form: /^Worked on at “[^”]+” in Joining, when what it runs over is joined\.$/,
    read: () => {},
  },
  {
    form: /^Joined to its edge while it is worked: see Joining, and begin it there\.$/,
    read: () => undefined,
  },
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
