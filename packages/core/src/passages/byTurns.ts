import type { Reason } from '../because/reason.js';
import { COUNT, END, ROWS, STITCH } from '../read/words.js';
import { turnsSteps } from '../shaping/motif.js';
import { say } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import { isInSpaces } from '../fabric/fabric.js';
import { line, type Line } from '../write/line.js';
import { rangeInWords } from '../write/rowWords.js';
import type { PassageKind } from './kind.js';
import { motifCount, workedAlong } from './motifWords.js';
import type { PieceSoFar } from './pieceSoFar.js';

/**
 * Rounds of a sleeve that lose `by` stitches (below 0: gain them) in some of them, by turns where the round begins (under the arm) and opposite (over it),
 * until round `to` is done: round `first`, then every `every` rounds, `times` in all.
 */
export interface ByTurns {
  kind: 'by turns';
  part: string;
  to: number;
  by: number;
  first: number;
  every: number;
  times: number;
}

/** Whether a round is one of those that decrease, and if so which, from 0; -1 where it is none. */
export function eventAt(
  { first, every, times }: Pick<ByTurns, 'first' | 'every' | 'times'>,
  n: number,
): number {
  const event = (n - first) / every;
  return Number.isInteger(event) && event >= 0 && event < times ? event : -1;
}

export const byTurns: PassageKind<ByTurns> = {
  rows: (passage, maker) => {
    const state = maker.part(passage.part);
    while (state.n < passage.to) {
      const event = eventAt(passage, state.n + 1);
      if (event < 0) maker.row(state, [{ do: 'work', times: state.count }], 0);
      else maker.row(state, turnsSteps(state.count, passage.by, event), -passage.by);
    }
  },
  words: writeTurns,
  sentences: [
    {
      form: new RegExp(
        `^To decrease, under the arm \\(where the rnd begins\\) and over it \\(opposite\\) by turns, first under it: (?:(\\d+) ${STITCH} over the next 2 sps as one|work the next (\\d+) sts together)\\.$`,
      ),
      read: ([, cluster, together], reader) =>
        reader.motif.takeByTurns(cluster ? Number(cluster) : Number(together) - 1),
    },
    {
      form: new RegExp(
        `^To increase, under the arm \\(where the rnd begins\\) and over it \\(opposite\\) by turns, first under it: (?:twice (\\d+) ${STITCH} in the next sp|(\\d+) ${STITCH} in the next st)\\.$`,
      ),
      read: ([, cluster, made], reader) =>
        reader.motif.takeByTurns(cluster ? -Number(cluster) : 1 - Number(made)),
    },
    {
      form: new RegExp(
        `^${ROWS}: (?:${STITCH} in each st|\\d+ ${STITCH} in each sp), (?:decreasing|increasing) in rnd (\\d+) and then each time (\\d+) rnds? further on, (\\d+) times? in all; ${END}\\. ${COUNT}$`,
      ),
      read: ([, from, to, , first, every, times, , stitches], reader) => {
        if (from === '–') return;
        reader.roundsByTurns(Number(from), Number(to ?? from), {
          first: Number(first),
          every: Number(every),
          times: Number(times),
        });
        reader.ends(Number(to ?? from), Number(stitches));
      },
    },
  ],
  inShort: ({ by, times, every, to }) =>
    `${countOf(Math.abs(by), 'stitch', 'stitches')} ${by < 0 ? 'more' : 'fewer'} in every ${every === 1 ? 'round' : `${every} rounds`}, ${times} times, to round ${to}`,
  reasons: ({ by, times, every }): Reason[] => [
    {
      label: say`${by < 0 ? 'Added' : 'Taken off'}, by turns under and over the arm`,
      figure: say`${Math.abs(by)} × ${times} = ${Math.abs(by) * times}`,
    },
    { label: say`One of them in every`, figure: say`${countOf(every, 'round')}` },
  ],
};

function writeTurns(all: readonly ByTurns[], soFar: PieceSoFar): Line[] {
  const { part, by } = all[0]!;
  const before = soFar.of(part);
  const words = soFar.wordsOf(part);
  const { stitch, fabric } = soFar;
  const to = all.map((one) => one.to);
  const counts = all.map((one, size) => before[size]!.count - one.by * one.times);
  soFar.reach(
    part,
    to.map((n, size) => ({ n, count: counts[size]! })),
  );
  const { between } = workedAlong(fabric, stitch, [0, 0]);
  const grows = by < 0;
  const many = Math.abs(by);
  const inSpaces = isInSpaces(fabric);
  const how = grows
    ? inSpaces
      ? `twice ${many} ${stitch} in the next sp`
      : `${many + 1} ${stitch} in the next st`
    : inSpaces
      ? `${many} ${stitch} over the next 2 sps as one`
      : `work the next ${many + 1} sts together`;
  return [
    [
      `To ${grows ? 'increase' : 'decrease'}, under the arm (where the rnd begins) and over it (opposite) by turns, first under it: ${how}.`,
    ],
    line`${words.one}s ${to.map((n, size) => rangeInWords(before[size]!.n + 1, n))}${{ inline: soFar.lengthBeside(to) }}: ${between}, ${grows ? 'increasing' : 'decreasing'} in rnd ${all.map(({ first }) => first)} and then each time ${all.map(({ every }) => every)} rnds further on, ${all.map(({ times }) => times)} times in all; ${words.end}. ${{ inline: motifCount(counts, fabric, many) }}`,
  ];
}
