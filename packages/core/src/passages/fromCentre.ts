import type { Reason } from '../because/reason.js';
import { COUNT, END, ROWS, STITCH, WAYS } from '../read/words.js';
import { atCorner, motifSteps, sideAfter, type MotifGrowth } from '../shaping/motif.js';
import { say } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import type { RoundWay } from '../work/rows.js';
import { line, type Line } from '../write/line.js';
import { rangeInWords } from '../write/rowWords.js';
import type { PassageKind } from './kind.js';
import { motifCount, workedAlong } from './motifWords.js';
import type { PieceSoFar } from './pieceSoFar.js';
import { withSource } from './reasons.js';

/** A motif in rounds from a ring until round `to` is done. */
export interface FromCentre extends MotifGrowth {
  kind: 'from the centre';
  part: string;
  to: number;
  round: RoundWay;
  /** What is done with it then: how it is folded, and what to mark. */
  note?: string;
}

export const fromCentre: PassageKind<FromCentre> = {
  rows: (passage, maker) => {
    const { part, round, sides, first, gain, to } = passage;
    const state = maker.begin({ name: part, n: 0, count: 0, first: null, side: 'WS', rejoin: false, round });
    const made = sides * first;
    maker.row(state, [{ do: 'cast', times: made }], 0, { add: made, from: [], ring: true });
    while (state.n < to) maker.row(state, motifSteps(passage, sideAfter(passage, state.n)), sides * gain);
  },
  words: writeMotif,
  sentences: [
    // How rounds begin and how it is folded makes no rows.
    { form: /^(?:Begin each rnd|Fold it) .+\.$/, read: () => undefined },
    { form: /^Make a ring\.$/, read: (_, reader) => reader.motif.makeRing() },
    {
      form: new RegExp(
        `^Rnd 1 \\(RS\\): (\\*(\\d+) ${STITCH} in the ring, ch 2; repeat from \\* (\\d+) times?); ${END}\\. ${COUNT}$`,
      ),
      read: ([, words, first, more, end, stitches], reader) =>
        reader.beginMotif(
          { first: Number(first), sides: Number(more) + 1 },
          WAYS[end!],
          Number(stitches),
          words!,
        ),
    },
    {
      form: new RegExp(
        `^${ROWS}: (\\*\\((\\d+) ${STITCH}, ch 2, (\\d+) ${STITCH}\\) in the next corner sp, (?:${STITCH} in each st|(\\d+) ${STITCH} in each sp) to the next corner; repeat from \\* (\\d+) times?); ${END}\\. ${COUNT}$`,
      ),
      read: ([, from, to, , words, before, after, inSpaces, more, , stitches], reader) => {
        if (from === '–') return;
        reader.motifRounds(
          Number(from),
          Number(to ?? from),
          {
            before: Number(before),
            after: Number(after),
            inSpaces: inSpaces === undefined ? null : Number(inSpaces),
            sides: Number(more) + 1,
          },
          words!,
        );
        reader.ends(Number(to ?? from), Number(stitches));
      },
    },
  ],
  inShort: ({ to, sides, first, gain }) =>
    `${countOf(sides, 'side')} of ${sideAfter({ first, gain }, 1)} stitches from a ring, ${gain} more on each in every round, to round ${to}`,
  reasons: (motif): Reason[] => [
    withSource({ label: say`Rounds from the centre`, figure: say`${motif.to}` }, 'hexagon.rounds'),
    {
      label: say`Each side`,
      figure: say`${motif.first} + ${motif.gain} × ${motif.to - 1} = ${sideAfter(motif, motif.to)}`,
    },
  ],
};

function writeMotif(all: readonly FromCentre[], soFar: PieceSoFar): Line[] {
  const { part, round, sides, first, gain, note } = all[0]!;
  soFar.inRounds(part, round);
  const words = soFar.wordsOf(part);
  const { stitch, fabric } = soFar;
  const to = all.map((one) => one.to);
  const counts = all.map((one) => sides * sideAfter(one, one.to));
  soFar.reach(
    part,
    to.map((n, size) => ({ n, count: counts[size]! })),
  );
  const { corner, between } = workedAlong(fabric, stitch, atCorner(gain));
  const again = `repeat from * ${countOf(sides - 1, 'time')}`;
  return [
    ['Make a ring.'],
    ['Begin each rnd after the first in a corner sp: sl st to it.'],
    line`Rnd 1 (RS): *${String(first)} ${stitch} in the ring, ch 2; ${again}; ${words.end}. ${{ inline: motifCount([sides * first], fabric, gain) }}`,
    line`Rnds ${to.map((n) => rangeInWords(2, n))}${{ inline: soFar.lengthBeside(to) }}: *${corner} in the next corner sp, ${between} to the next corner; ${again}; ${words.end}. ${{ inline: motifCount(counts, fabric, gain) }}`,
    ...(note ? [[note]] : []),
  ];
}
