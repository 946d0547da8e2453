import type { Reason } from '../because/reason.js';
import { say } from '../text/phrase.js';
import { withSource } from './reasons.js';
import { countedInWords } from '../fabric/units.js';
import { COUNT, END, ROWS, STITCH } from '../read/words.js';
import { growsAtRight, growthSteps, halfAfter, type SideGrowth } from '../shaping/sideGrowth.js';
import { line, type Line } from '../write/line.js';
import { rangeInWords } from '../write/rowWords.js';
import { countLine } from './inPattern.js';
import type { PassageKind } from './kind.js';
import type { PieceSoFar } from './pieceSoFar.js';

/** Rounds that grow at both sides until round `to` is done. */
export interface Grow extends SideGrowth {
  kind: 'grow';
  part: string;
  to: number;
  /** How many of its rounds grow: all up to there. */
  rounds: number;
}

export const grow: PassageKind<Grow> = {
  rows: (passage, maker) => {
    const state = maker.part(passage.part);
    const first = state.n;
    while (state.n < passage.to) {
      const before = state.n - first;
      const atRight = growsAtRight(before, state.round === 'turned' ? otherSide(state.side) : null);
      maker.row(state, growthSteps(passage, before, atRight), 2 * passage.gain);
    }
  },
  words: writeGrowth,
  sentences: [
    {
      form: /^Place a marker at both sides: where the rnd begins and after (\d+) sts?\.$/,
      read: ([, half], reader) => reader.growth.begin(Number(half), reader.maker.now().count),
    },
    {
      form: new RegExp(
        `^To grow: \\*(\\d+) ${STITCH} in the first st after the side marker, work to the last st before the next side marker, (\\d+) ${STITCH} in that st; repeat from \\* once\\.$`,
      ),
      read: ([, first, last], reader) => reader.growth.atBothEnds(Number(first), Number(last)),
    },
    {
      form: /^To grow: \*work (\d+) .+ in place of the first one after the side marker, in pattern to the next side marker; repeat from \* once: (\d+) sts? more on front and on back\.$/,
      read: ([, made, gain], reader) => {
        reader.growth.byTurns(Number(gain), Number(made));
      },
    },
    {
      form: /^The (first|second) way to grow: \*(?:work (\d+) .+ in place of the first one after the side marker, in pattern to the next side marker|in pattern to the last one before the next side marker, (\d+) .+ in its place); repeat from \* once: (\d+) sts? more on front and on back\.$/,
      read: ([, which, after, before, gain], reader) => {
        reader.agree(which === 'first' ? 1 : 2, after ? 1 : 2, 'the way to grow');
        reader.growth.byTurns(Number(gain), Number(after ?? before));
      },
    },
    {
      form: new RegExp(
        `^${ROWS}: grow in every (?:row|rnd)(?:, the two ways by turns)?, the markers moved up; ${END}\\. ${COUNT}$`,
      ),
      read: ([, from, to, , , stitches], reader) => {
        if (from === '–') return;
        reader.growRounds(Number(from), Number(to ?? from));
        reader.ends(Number(to ?? from), Number(stitches));
      },
    },
    {
      form: /^Front and back then have (\d+) sts? each\.$/,
      read: ([, half], reader) =>
        reader.agree(2 * Number(half), reader.maker.now().count, 'the stitches of front and back'),
    },
  ],
  inShort: ({ half, gain, to }, _, unit) =>
    `${countedInWords(gain, unit)} more on front and on back in every round, from ${countedInWords(half, unit)} each, to round ${to}`,
  reasons: explainGrowth,
};

function explainGrowth(growth: Grow): Reason[] {
  const { half, gain, rounds } = growth;
  return [
    withSource({ label: say`Front and back, each`, figure: say`${half}` }, 'grown.half'),
    withSource({ label: say`Rounds that grow`, figure: say`${rounds}` }, 'grown.rounds'),
    { label: say`Each adds to front and to back`, figure: say`${gain} × ${rounds} = ${gain * rounds}` },
    { label: say`Front and back then`, figure: say`+${gain * rounds} = ${halfAfter(growth, rounds)}` },
  ];
}

function otherSide(side: 'RS' | 'WS'): 'RS' | 'WS' {
  return side === 'RS' ? 'WS' : 'RS';
}

function writeGrowth(all: readonly Grow[], soFar: PieceSoFar): Line[] {
  const { part, way } = all[0]!;
  const words = soFar.wordsOf(part);
  const from = soFar.of(part).map(({ n }) => n + 1);
  const to = all.map((one) => one.to);
  const halves = all.map((one) => halfAfter(one, one.rounds));
  soFar.reach(
    part,
    to.map((n, size) => ({ n, count: 2 * halves[size]! })),
  );
  const turns = way === 'by turns' && words.end === 'join' ? ', the two ways by turns' : '';
  return [
    line`Place a marker at both sides: where the rnd begins and after ${all.map(({ half }) => half)} sts.`,
    ...howToGrow(all, soFar, words.end === 'join'),
    line`${words.one}s ${to.map((n, size) => rangeInWords(from[size]!, n))}${{ inline: soFar.lengthBeside(to) }}: grow in every ${words.short}${turns}, the markers moved up; ${words.end}. ${{
      inline: countLine(
        halves.map((half) => 2 * half),
        soFar,
      ),
    }}`,
    line`Front and back then have ${halves} sts each.`,
  ];
}

function howToGrow(all: readonly Grow[], { stitch, fabric }: PieceSoFar, byTurns: boolean): Line[] {
  const { way } = all[0]!;
  if (way === 'both ends') {
    const made = all.map((one) => one.gain / 2 + 1);
    return [
      line`To grow: *${made} ${stitch} in the first st after the side marker, work to the last st before the next side marker, ${made} ${stitch} in that st; repeat from * once.`,
    ];
  }
  const unit = fabric.unit!;
  const made = all.map((one) => one.gain / unit.stitches + 1);
  const more = line`${all.map((one) => one.gain)} sts more on front and on back.`;
  // Turned rounds begin at the other end each time: the same way does in all of them.
  if (!byTurns)
    return [
      line`To grow: *work ${made} ${unit.name} in place of the first one after the side marker, in pattern to the next side marker; repeat from * once: ${{ inline: more }}`,
    ];
  return [
    line`The first way to grow: *work ${made} ${unit.name} in place of the first one after the side marker, in pattern to the next side marker; repeat from * once: ${{ inline: more }}`,
    line`The second way to grow: *in pattern to the last one before the next side marker, ${made} ${unit.name} in its place; repeat from * once: ${{ inline: more }}`,
  ];
}
