import type { Reason } from '../because/reason.js';
import { COUNT, END, STITCH } from '../read/words.js';
import { eventAt, narrowed, narrowSteps, type Narrowing } from '../shaping/narrow.js';
import { ordinal, say } from '../text/phrase.js';
import { line, type Line } from '../write/line.js';
import { rangeInWords } from '../write/rowWords.js';
import type { PassageKind } from './kind.js';
import type { PieceSoFar } from './pieceSoFar.js';

/** Rounds that take off one stitch of every so many, even rounds between, until round `to` is done. */
export interface Narrow extends Pick<Narrowing, 'every' | 'first' | 'between'> {
  kind: 'narrow';
  part: string;
  to: number;
}

export const narrow: PassageKind<Narrow> = {
  rows: (passage, maker) => {
    const state = maker.part(passage.part);
    while (state.n < passage.to) {
      const event = eventAt(passage, state.n + 1);
      if (event < 0) maker.even(state, evenTo(passage, state.n));
      else {
        const every = passage.every[event]!;
        const by = narrowed(state.count, every) - state.count;
        maker.row(state, narrowSteps(state.count, every), by, { spread: true });
      }
    }
  },
  words: writeNarrow,
  sentences: [
    {
      form: new RegExp(
        `^Rnd (\\d+), every (\\d+)(?:st|nd|rd|th) st taken off: \\*${STITCH} in (?:the next st|each of the next (\\d+) sts), work the next 2 sts together; repeat from \\* (\\d+) times?, ${STITCH} in any st left; ${END}\\. ${COUNT}$`,
      ),
      read: ([, n, every, plain, times, , stitches], reader) => {
        reader.agree(Number(every), Number(plain ?? 1) + 2, 'the stitches of a repeat');
        reader.narrowRound(Number(n), { plain: Number(plain ?? 1), times: Number(times) }, Number(stitches));
      },
    },
  ],
  inShort: ({ every, to }) =>
    every.length === 0
      ? `Even to round ${to}`
      : `Narrower in ${every.length} rounds, every ${every.map(ordinal).join(', ')} stitch taken off, to round ${to}`,
  reasons: ({ every, between }): Reason[] =>
    every.length === 0
      ? []
      : [
          {
            label: say`Taken off, round by round`,
            figure: say`every ${every.map(ordinal).join(', ')} stitch`,
          },
          { label: say`Even rounds between`, figure: say`${between}` },
        ],
};

/** The last even round before the next narrowing one, or the last of all. */
function evenTo(passage: Narrow, after: number): number {
  let n = after + 1;
  while (n < passage.to && eventAt(passage, n + 1) < 0) n += 1;
  return n;
}

function writeNarrow(all: readonly Narrow[], soFar: PieceSoFar): Line[] {
  const { part, every } = all[0]!;
  const words = soFar.wordsOf(part);
  const { stitch } = soFar;
  let now = soFar.of(part).map(({ n, count }) => ({ n, count }));
  const lines: Line[] = [];
  const even = (to: readonly number[]) => {
    if (to.every((n, size) => n <= now[size]!.n)) return;
    const rows = to.map((n, size) => rangeInWords(now[size]!.n + 1, n));
    lines.push(
      line`Rnds ${rows}${{ inline: soFar.lengthBeside(to) }}: ${stitch} in each st; ${words.end}. (${now.map(({ count }) => count)} sts)`,
    );
    now = now.map(({ n, count }, size) => ({ n: Math.max(n, to[size]!), count }));
  };
  every.forEach((each, event) => {
    const rounds = all.map(({ first, between }) => first + event * (between + 1));
    even(rounds.map((n) => n - 1));
    const after = now.map(({ count }) => narrowed(count, each));
    const plain = each === 3 ? 'the next st' : `each of the next ${each - 2} sts`;
    lines.push(
      line`Rnd ${rounds}, every ${ordinal(each)} st taken off: *${stitch} in ${plain}, work the next 2 sts together; repeat from * ${now.map(({ count }) => Math.floor(count / each) - 1)} times, ${stitch} in any st left; ${words.end}. (${after} sts)`,
    );
    now = after.map((count, size) => ({ n: rounds[size]!, count }));
  });
  even(all.map(({ to }) => to));
  soFar.reach(part, now);
  return lines;
}
