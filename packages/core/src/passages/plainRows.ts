/** Shaped rows of plain stitches one by one: what is worked where a row begins, then in each stitch, then where it ends. */

import { ReadFault } from '../read/maker.js';
import { COUNT, END, STITCH, type Sentence } from '../read/words.js';
import { countOf } from '../text/singular.js';
import { isTake, type Row, type Step } from '../work/rows.js';
import type { RowWords } from '../write/rowWords.js';

/** "hdc2tog over the first 2 sts, hdc in each st to the last 4 sts; leave these unworked": a row that changes at its ends. */
export function plainRowInWords(row: Row, below: number, stitch: string): string {
  const inOrder = row.side === 'RS' ? [...row.steps].reverse() : row.steps;
  const middle = inOrder.findIndex(({ do: does }) => does === 'work');
  const [before, after] = [inOrder.slice(0, middle), inOrder.slice(middle + 1)];
  const taken = row.from.reduce((sum, source) => sum + (isTake(source) ? source.take : 0), 0);
  const left = below - taken;
  const begin = before.map((step) => atBeginning(step, stitch));
  const { words: end, takes } = atEnd(after[0], left, stitch);
  const to = takes === 0 ? 'to the end' : `to the last ${takes === 1 ? 'st' : `${takes} sts`}`;
  return [...begin, `${stitch} in each st ${to}`, ...(end ? [end] : [])].join(', ');
}

function atBeginning({ do: does, times }: Step, stitch: string): string {
  switch (does) {
    case 'cast':
      return `${stitch} in each of the ${times} new ch`;
    case 'increase':
      return `2 ${stitch} in the first st`;
    case 'decrease':
      return `${stitch}2tog`;
    default:
      return `sl st over the first ${countOf(times, 'st')}`;
  }
}

function atEnd(
  step: Step | undefined,
  left: number,
  stitch: string,
): { words: string | null; takes: number } {
  if (left > 0) return { words: `leave ${left === 1 ? 'it' : 'these'} unworked`, takes: left };
  switch (step?.do) {
    case 'cast':
      return { words: `${step.times} foundation ${stitch}`, takes: 0 };
    case 'increase':
      return { words: `2 ${stitch} in it`, takes: 1 };
    case 'decrease':
      return { words: `${stitch}2tog`, takes: 2 };
    default:
      return { words: null, takes: 0 };
  }
}

/** Chains that are made before a row begins, so that it can be worked into them; nothing where it adds none there. */
export function chainsBefore(row: Row): number {
  const first = row.side === 'RS' ? row.steps.at(-1) : row.steps[0];
  return first?.do === 'cast' ? first.times : 0;
}

const BEGIN = `(?:(?:${STITCH} in each of the (\\d+) new ch|(2) ${STITCH} in the first st|${STITCH}(2)tog|sl st over the first (\\d+) sts?), )?`;
const TO = `to the (end|last (?:st|(\\d+) sts))`;
const AFTER = `(?:, (?:leave (?:it|these) (unworked)|(\\d+) foundation ${STITCH}|(2) ${STITCH} in it|${STITCH}(2)tog))?`;

export const PLAIN_ROW_SENTENCES: readonly Sentence[] = [
  {
    form: new RegExp(
      `^(?:Row|Rnd) (\\d+) \\((RS|WS)\\): ${BEGIN}${STITCH} in each st ${TO}${AFTER}; ${END}\\. ${COUNT}$`,
    ),
    read: (
      [
        ,
        row,
        side,
        chains,
        twice,
        together,
        slipped,
        to,
        many,
        unworked,
        foundation,
        endTwice,
        endTogether,
        ,
        stitches,
      ],
      reader,
    ) => {
      const part = reader.maker.now();
      reader.agree(Number(row), part.n + 1, 'the next row');
      if (reader.maker.nextSide(part) !== side) throw new ReadFault(`row ${row} is not a ${side} row`);
      const left = to === 'end' ? 0 : Number(many ?? 1);
      const takes = unworked ? left : endTwice ? 1 : endTogether ? 2 : 0;
      if (takes !== left) throw new ReadFault('its last stitches are not all worked');
      const begin = chains ? Number(chains) : twice ? 1 : together ? -1 : slipped ? -Number(slipped) : 0;
      const end = unworked ? -left : foundation ? Number(foundation) : endTwice ? 1 : endTogether ? -1 : 0;
      reader.endsOfRow({ begin, end, chains: chains ? Number(chains) : 0 });
      reader.ends(Number(row), Number(stitches));
    },
  },
  {
    form: /^Before turning ch (\d+) for the new sts, and the turning chain as usual\.$/,
    read: ([, many], reader) => (reader.newChains = Number(many)),
  },
];

/** The lines of one shaped row. */
export function plainRowLines(row: Row, below: number, stitch: string, { one, end }: RowWords): string[][] {
  const chains = chainsBefore(row);
  return [
    ...(chains > 0 ? [[`Before turning ch ${chains} for the new sts, and the turning chain as usual.`]] : []),
    [
      `${one} ${row.n} (${row.side}): ${plainRowInWords(row, below, stitch)}; ${end}. (${countOf(row.count, 'st')})`,
    ],
  ];
}
