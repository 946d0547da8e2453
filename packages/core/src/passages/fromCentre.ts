import type { Reason } from '../because/reason.js';
import { COUNT, END, ROWS, STITCH, WAYS } from '../read/words.js';
import { isInSpaces } from '../fabric/fabric.js';
import {
  atCorner,
  circleSteps,
  motifSteps,
  runsOfEqual,
  sideAfter,
  spreadOverSide,
  type MotifGrowth,
} from '../shaping/motif.js';
import { say } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import type { RoundWay } from '../work/rows.js';
import { lengthsOf } from '../write/lengths.js';
import { line, type Line } from '../write/line.js';
import { rangeInWords } from '../write/rowWords.js';
import type { PassageKind } from './kind.js';
import { motifCount, workedAlong } from './motifWords.js';
import type { PieceSoFar } from './pieceSoFar.js';
import { withSource } from './reasons.js';

/** A motif from a ring until round (or row) `to` is done. */
export interface FromCentre extends MotifGrowth {
  kind: 'from the centre';
  part: string;
  to: number;
  /** How its rounds close; a half of a motif is worked in rows to and fro over `sides` of it. */
  round?: RoundWay;
  /** Its first rounds have no corners: they grow all along, as a circle. */
  circle?: number;
  /** What a side of it measures in the end, cm, where it is a square by itself. */
  across?: number;
  /** The count that its rounds are of, where one is found for them. */
  counted?: string;
  /** What is done with it then: how it is folded, and what to mark. */
  note?: string;
}

export const fromCentre: PassageKind<FromCentre> = {
  rows: (passage, maker) => {
    const { part, round, sides, first, gain, to, circle = 0 } = passage;
    const state = maker.begin({
      name: part,
      n: 0,
      count: 0,
      first: null,
      side: 'WS',
      rejoin: false,
      ...(round ? { round } : {}),
    });
    const made = sides * first;
    maker.row(state, [{ do: 'cast', times: made }], 0, { add: made, from: [], ring: true });
    while (state.n < to) {
      const side = sideAfter(passage, state.n);
      const round_ = state.n < circle;
      maker.row(state, round_ ? circleSteps(passage, side) : motifSteps(passage, side), sides * gain, {
        spread: round_,
      });
    }
  },
  words: (all, soFar) => (all[0]!.round ? writeMotif(all, soFar) : writeHalf(all, soFar)),
  sentences: [
    // How rounds begin and how it is folded makes no rows.
    { form: /^(?:Begin each rnd|Fold it) .+\.$/, read: () => undefined },
    {
      form: /^Blocked, each side measures about (.+)\.$/,
      read: ([, about], reader) => (reader.across = about!),
    },
    {
      form: /^After each (?:rnd|row) there are in all: ([\d, ]+) sts\.$/,
      read: ([, counts], reader) => reader.countsInTurn(counts!.split(', ').map(Number)),
    },
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
      form: new RegExp(`^Rnd 1 \\(RS\\): ((\\d+) ${STITCH} in the ring); ${END}\\. ${COUNT}$`),
      read: ([, words, made, end, stitches], reader) =>
        reader.beginMotif({ first: Number(made), sides: 1 }, WAYS[end!], Number(stitches), words!),
    },
    {
      form: new RegExp(
        `^Row 1 \\(RS\\): (\\*(\\d+) ${STITCH} in the ring, ch 2; repeat from \\* (\\d+) times?, \\d+ ${STITCH} in the ring); turn\\. ${COUNT}$`,
      ),
      read: ([, words, first, more, stitches], reader) =>
        reader.beginMotif(
          { first: Number(first), sides: Number(more) + 2 },
          undefined,
          Number(stitches),
          words!,
        ),
    },
    {
      form: new RegExp(
        `^Row 1 \\(RS\\): ((\\d+) ${STITCH} in the ring, ch 2, \\d+ ${STITCH} in the ring); turn\\. ${COUNT}$`,
      ),
      read: ([, words, first, stitches], reader) =>
        reader.beginMotif({ first: Number(first), sides: 2 }, undefined, Number(stitches), words!),
    },
    {
      form: new RegExp(
        `^Rnd (\\d+): (\\*((?:(?:\\d+ )?${STITCH} in (?:the next st|each of the next \\d+ sts)(?:, )?)+); repeat from \\* (\\d+) times?); ${END}\\. ${COUNT}$`,
      ),
      read: ([, n, words, over, more, , stitches], reader) => {
        reader.circleRound(Number(n), { over: over!, sides: Number(more) + 1 }, words!);
        reader.ends(Number(n), Number(stitches));
      },
    },
    {
      form: new RegExp(
        `^Rnd (\\d+): (\\*\\((\\d+) ${STITCH}, ch 2, (\\d+) ${STITCH}\\) in the next st, ${STITCH} in each of the next (\\d+) sts; repeat from \\* (\\d+) times?); ${END}\\. ${COUNT}$`,
      ),
      read: ([, n, words, before, after, plain, more, , stitches], reader) => {
        reader.squareRound(
          Number(n),
          { before: Number(before), after: Number(after), plain: Number(plain), sides: Number(more) + 1 },
          words!,
        );
        reader.ends(Number(n), Number(stitches));
      },
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
    {
      form: new RegExp(
        `^${ROWS}: ((\\d+) ${STITCH} in the first st, (?:${STITCH} in each st|(\\d+) ${STITCH} in each sp) to the next corner, (?:.+, )?\\((\\d+) ${STITCH}, ch 2, (\\d+) ${STITCH}\\) in the next corner sp, .+ to the last st, (\\d+) ${STITCH} in the last st); turn\\. ${COUNT}$`,
      ),
      read: ([, from, to, , words, atFirst, inSpaces, before, after, atLast, stitches], reader) => {
        if (from === '–') return;
        const again = Number(/repeat from \* (\d+) times?/.exec(words!)?.[1] ?? 0);
        reader.halfRows(
          Number(from),
          Number(to ?? from),
          {
            before: Number(before),
            after: Number(after),
            inSpaces: inSpaces === undefined ? null : Number(inSpaces),
            sides: words!.match(/in the next corner sp/g)!.length + again + 1,
            ends: [Number(atFirst), Number(atLast)],
          },
          words!,
        );
        reader.ends(Number(to ?? from), Number(stitches));
      },
    },
  ],
  inShort: ({ to, sides, first, gain, round }) =>
    `${countOf(sides, 'side')} of ${sideAfter({ first, gain }, 1)} stitches from a ring, ${gain} more on each in every ${round ? 'round' : 'row'}, to ${round ? 'round' : 'row'} ${to}`,
  reasons: (motif): Reason[] => [
    withSource(
      { label: say`${motif.round ? 'Rounds' : 'Rows'} from the centre`, figure: say`${motif.to}` },
      motif.counted,
    ),
    {
      label: say`Each side`,
      figure: say`${motif.first} + ${motif.gain} × ${motif.to - 1} = ${sideAfter(motif, motif.to)}`,
    },
  ],
};

function reached(all: readonly FromCentre[], soFar: PieceSoFar): { to: number[]; counts: number[] } {
  const to = all.map((one) => one.to);
  const counts = all.map((one) => one.sides * sideAfter(one, one.to));
  soFar.reach(
    all[0]!.part,
    to.map((n, size) => ({ n, count: counts[size]! })),
  );
  return { to, counts };
}

function writeMotif(all: readonly FromCentre[], soFar: PieceSoFar): Line[] {
  const { part, round, sides, first, gain, note, circle = 0 } = all[0]!;
  soFar.inRounds(part, round!);
  const words = soFar.wordsOf(part);
  const { stitch, fabric } = soFar;
  const { to, counts } = reached(all, soFar);
  const { corner, between } = workedAlong(fabric, stitch, atCorner(gain));
  const again = `repeat from * ${countOf(sides - 1, 'time')}`;
  const begins = circle > 0 ? circle + 2 : 2;
  const plain: Line[] =
    circle > 0
      ? [
          line`Rnd 1 (RS): ${String(sides * first)} ${stitch} in the ring; ${words.end}. ${{ inline: motifCount([sides * first], fabric, gain) }}`,
          ...circleLines(all[0]!, { stitch, end: words.end, circle, again }),
        ]
      : [
          ['Begin each rnd after the first in a corner sp: sl st to it.'],
          line`Rnd 1 (RS): *${String(first)} ${stitch} in the ring, ch 2; ${again}; ${words.end}. ${{ inline: motifCount([sides * first], fabric, gain) }}`,
        ];
  return [
    ['Make a ring.'],
    ...plain,
    ...(to.every((n) => n < begins)
      ? []
      : [
          ...(circle > 0 ? [['Begin each rnd from here on in a corner sp: sl st to it.']] : []),
          line`Rnds ${to.map((n) => rangeInWords(begins, n))}${{ inline: besideRows(all, soFar, to) }}: *${corner} in the next corner sp, ${between} to the next corner; ${again}; ${words.end}. ${{ inline: motifCount(counts, fabric, gain) }}`,
        ]),
    ...afterEach(all, soFar, words.short),
    ...acrossLines(all, soFar),
    ...(note ? [[note]] : []),
  ];
}

/** The rounds of a circle, and the one that gives it corners. */
function circleLines(
  motif: FromCentre,
  { stitch, end, circle, again }: { stitch: string; end: string; circle: number; again: string },
): Line[] {
  const { sides, gain } = motif;
  const rounds = Array.from({ length: circle - 1 }, (_, i): Line => {
    const n = i + 2;
    const over = runsOfEqual(spreadOverSide(sideAfter(motif, n - 1), gain)).map(({ value, times }) => {
      const many = value === 1 ? stitch : `${value} ${stitch}`;
      return times === 1 ? `${many} in the next st` : `${many} in each of the next ${times} sts`;
    });
    return [`Rnd ${n}: *${over.join(', ')}; ${again}; ${end}. (${sides * sideAfter(motif, n)} sts)`];
  });
  const side = sideAfter(motif, circle);
  const [before, after] = atCorner(gain + 1);
  return [
    ...rounds,
    [
      `Rnd ${circle + 1}: *(${before} ${stitch}, ch 2, ${after} ${stitch}) in the next st, ${stitch} in each of the next ${side - 1} sts; ${again}; ${end}. (${sides * sideAfter(motif, circle + 1)} sts)`,
    ],
  ];
}

/** A half, in rows to and fro: each begins and ends with half a corner. */
function writeHalf(all: readonly FromCentre[], soFar: PieceSoFar): Line[] {
  const { sides, first, gain, note } = all[0]!;
  const { stitch, fabric } = soFar;
  const { to, counts } = reached(all, soFar);
  const { corner, between } = workedAlong(fabric, stitch, atCorner(gain));
  const [atFirst, atLast] = endsOfHalf(gain, isInSpaces(fabric));
  const one = `${first} ${stitch} in the ring`;
  const ring =
    sides === 2
      ? `${one}, ch 2, ${one}`
      : `*${one}, ch 2; repeat from * ${countOf(sides - 2, 'time')}, ${one}`;
  const on = `${between} to the next corner`;
  const at = `${corner} in the next corner sp`;
  const again = sides > 3 ? `; repeat from * ${countOf(sides - 3, 'time')}, ` : ', ';
  const more = sides === 2 ? '' : `${sides > 3 ? '*' : ''}${at}, ${on}${again}`;
  return [
    ['Make a ring.'],
    line`Row 1 (RS): ${ring}; turn. ${{ inline: motifCount([sides * first], fabric, gain) }}`,
    line`Rows ${to.map((n) => rangeInWords(2, n))}${{ inline: besideRows(all, soFar, to) }}: ${String(atFirst)} ${stitch} in the first st, ${on}, ${more}${at}, ${between} to the last st, ${String(atLast)} ${stitch} in the last st; turn. ${{ inline: motifCount(counts, fabric, gain) }}`,
    ...afterEach(all, soFar, 'row'),
    ...acrossLines(all, soFar),
    ...(note ? [[note]] : []),
  ];
}

/** A square is measured from edge to edge, not from its ring. */
function besideRows([motif]: readonly FromCentre[], soFar: PieceSoFar, to: readonly number[]): Line {
  return motif!.across === undefined ? soFar.lengthBeside(to) : [];
}

function acrossLines(all: readonly FromCentre[], { wish }: PieceSoFar): Line[] {
  const across = all.flatMap((motif) => motif.across ?? []);
  if (across.length === 0) return [];
  return [line`Blocked, each side measures about ${{ inline: lengthsOf(across, wish.units) }}.`];
}

/** What each round or row comes to, told to one size alone. */
function afterEach([motif]: readonly FromCentre[], { isAlone }: PieceSoFar, short: string): Line[] {
  const { sides, to } = motif!;
  if (!isAlone || to < 3) return [];
  const counts = Array.from({ length: to }, (_, i) => sides * sideAfter(motif!, i + 1));
  return [[`After each ${short} there are in all: ${counts.join(', ')} sts.`]];
}

/** What goes into the first and the last stitch of a row of a half: in clusters one more of them, else what half a corner gains. */
function endsOfHalf(gain: number, inSpaces: boolean): readonly [first: number, last: number] {
  if (inSpaces) return [gain, gain];
  const [before, after] = atCorner(gain);
  return [1 + after, 1 + before];
}
