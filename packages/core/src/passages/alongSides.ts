import type { Reason } from '../because/reason.js';
import type { EndsSaid } from '../read/motifSaid.js';
import { COUNT, END, ROWS, STITCH, WAYS } from '../read/words.js';
import { atCorner, sideRowSteps, sidesAfter, type SideRow } from '../shaping/motif.js';
import { say } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import type { RoundWay } from '../work/rows.js';
import { line, type Line } from '../write/line.js';
import { rangeInWords } from '../write/rowWords.js';
import type { PassageKind } from './kind.js';
import { motifCount, workedAlong } from './motifWords.js';
import type { PieceSoFar } from './pieceSoFar.js';

/**
 * Rows along some sides of a motif until row `to` is done, from the stitches of part `from` at `at` on: to and fro, or round where the
 * corners at both ends of them are worked as one.
 */
export interface AlongSides {
  kind: 'along sides';
  part: string;
  from: string;
  at: number;
  /** Stitches of the sides before the first row, from left to right. */
  sides: readonly number[];
  to: number;
  /** What each corner between them gains in a row. */
  gain: number;
  /** What rows to and fro lose at their end and gain there again, by turns; 0 for none. */
  ends: number;
  round?: RoundWay;
  /** They begin away from where the row before ends: the yarn is joined anew. */
  rejoin: boolean;
  /** Which sides they are, in the order in which the first row goes along them. */
  along: string;
}

/** What the row of that number (from 1) gains at its left end. */
function endOf({ ends, round }: Pick<AlongSides, 'ends' | 'round'>, row: number): number {
  if (round || ends === 0) return 0;
  return row % 2 === 1 ? -ends : ends;
}

/** The sides after so many of the rows. */
export function alongAfter(
  { sides, gain, ends, round }: Pick<AlongSides, 'sides' | 'gain' | 'ends' | 'round'>,
  rows: number,
): readonly number[] {
  let now = sides;
  for (let row = 1; row <= rows; row += 1)
    now = sidesAfter({ sides: now, gain, atEnd: endOf({ ends, ...(round ? { round } : {}) }, row) });
  return now;
}

const AS_ONE = ', both corner sps at the shoulder as one';
const ENDS = String.raw`(, (?:both corner sps at the shoulder as one|beginning and ending by turns with 1 and with \d+))?`;

/** How rows end, and with how many by turns. */
function endsInWords(said: string | undefined): { ends: EndsSaid; turns: number } {
  if (said === undefined) return { ends: 'plain', turns: 0 };
  if (said === AS_ONE) return { ends: 'as one', turns: 0 };
  return { ends: 'by turns', turns: Number(/\d+$/.exec(said)![0]) };
}

export const alongSides: PassageKind<AlongSides> = {
  rows: (passage, maker) => {
    const { part, from, at, to, round, gain, rejoin } = passage;
    const { n, side } = maker.part(from);
    let { sides } = passage;
    const take = sides.reduce((all, one) => all + one, 0);
    const state = maker.begin({
      name: part,
      n,
      count: take,
      first: [{ part: from, n, take, at }],
      side,
      rejoin,
      ...(round ? { round } : {}),
    });
    for (let row = 1; state.n < to; row += 1) {
      const now: SideRow = { sides, gain, atEnd: endOf(passage, row) };
      const { steps, by } = sideRowSteps(now);
      maker.row(state, steps, by);
      sides = sidesAfter(now);
    }
  },
  words: writeAlong,
  sentences: [
    {
      form: /^Go on along (.+?): (?:fasten off, skip (\d+) sts? of (?:row|rnd) (\d+) and rejoin the yarn in the next corner sp; )?work over (\d+) sts?(?: with a corner after (.+?) sts?)?\.$/,
      read: ([, , skip, row, over, corners], reader) =>
        reader.alongSides(
          skip === undefined ? null : { many: Number(skip), of: Number(row) },
          Number(over),
          corners === undefined ? [] : corners.split(/, | and /).map(Number),
        ),
    },
    {
      form: new RegExp(
        `^${ROWS}: \\((\\d+) ${STITCH}, ch 2, (\\d+) ${STITCH}\\) in each corner sp, (?:${STITCH} in each st|(\\d+) ${STITCH} in each sp)${ENDS}; ${END}\\. ${COUNT}$`,
      ),
      read: ([, from, to, , before, after, inSpaces, ends, end, stitches], reader) => {
        if (from === '–') return;
        reader.sideRows(Number(from), Number(to ?? from), {
          before: Number(before),
          after: Number(after),
          inSpaces: inSpaces === undefined ? null : Number(inSpaces),
          ...endsInWords(ends),
          round: WAYS[end!],
        });
        reader.ends(Number(to ?? from), Number(stitches));
      },
    },
    {
      form: new RegExp(`^${ROWS}: (\\d+) ${STITCH} in each sp${ENDS}; ${END}\\. ${COUNT}$`),
      read: ([, from, to, , inSpaces, ends, end, stitches], reader) => {
        if (from === '–') return;
        reader.sideRows(Number(from), Number(to ?? from), {
          before: 0,
          after: 0,
          inSpaces: Number(inSpaces),
          ...endsInWords(ends),
          round: WAYS[end!],
        });
        reader.ends(Number(to ?? from), Number(stitches));
      },
    },
  ],
  inShort: ({ along, to, sides }) => `Along ${along}: ${countOf(sides.length, 'side')} to row ${to}`,
  reasons: ({ sides, gain }): Reason[] => [
    { label: say`Sides worked along`, figure: say`${sides.join(' + ')}` },
    { label: say`Each row gains at its corners`, figure: say`${gain} × ${sides.length - 1}` },
  ],
};

function writeAlong(all: readonly AlongSides[], soFar: PieceSoFar): Line[] {
  const { part, from, along, round, gain, ends, rejoin } = all[0]!;
  const before = soFar.of(from);
  if (round) soFar.inRounds(part, round);
  const words = soFar.wordsOf(part);
  const { stitch, fabric } = soFar;
  const to = all.map((one) => one.to);
  const rows = to.map((n, size) => n - before[size]!.n);
  const counts = all.map((one, size) => alongAfter(one, rows[size]!).reduce((sum, side) => sum + side, 0));
  soFar.reach(
    part,
    to.map((n, size) => ({ n, count: counts[size]! })),
  );
  const { corner, between } = workedAlong(fabric, stitch, atCorner(gain));
  const many = all[0]!.sides.length;
  const over = all.map(({ sides }) => sides.reduce((sum, side) => sum + side, 0));
  // A right-side row meets the sides from right to left.
  const met = Array.from({ length: many - 1 }, (_, i) => all.map(({ sides }) => sides[many - 1 - i]!));
  const corners =
    many > 1
      ? line` with a corner after ${{
          inline: met.flatMap(
            (each, i): Line =>
              line`${{ inline: i === 0 ? [] : [i === met.length - 1 ? ' and ' : ', '] }}${each}`,
          ),
        }} sts`
      : [];
  const skip = all.map(({ at, sides }, size) => before[size]!.count - at - sides.reduce((a, b) => a + b, 0));
  const anew = rejoin
    ? line`fasten off, skip ${skip} sts of ${soFar.wordsOf(from).short} ${before.map(({ n }) => n)} and rejoin the yarn in the next corner sp; `
    : [];
  const closing = round
    ? AS_ONE
    : ends > 0
      ? `, beginning and ending by turns with 1 and with ${fabric.unit!.stitches}`
      : '';
  return [
    line`Go on along ${along}: ${{ inline: anew }}work over ${over} sts${{ inline: corners }}.`,
    line`${words.one}s ${to.map((n, size) => rangeInWords(before[size]!.n + 1, n))}${{ inline: soFar.lengthBeside(to) }}: ${many > 1 ? `${corner} in each corner sp, ` : ''}${between}${closing}; ${words.end}. ${{ inline: motifCount(counts, fabric, gain) }}`,
  ];
}
