import { afterShaping } from './inPattern.js';
import type { Reason } from '../because/reason.js';
import type { CountingUnit } from '../fabric/fabric.js';
import { countedInWords } from '../fabric/units.js';
import { ReadFault } from '../read/maker.js';
import { sum } from '../read/pieceReader.js';
import { STITCH } from '../read/words.js';
import {
  changesByRow,
  countsAfterRow,
  stepsBesideLines,
  stitchesOf,
  type LineSection,
  type LineWay,
} from '../shaping/lines.js';
import { amountOf, ratesInWords, slots, type Schedule } from '../shaping/schedule.js';
import { say } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import { line, type Line } from '../write/line.js';
import { amountsInWords, rangeInWords, ratesForAll, type RowWords } from '../write/rowWords.js';
import type { Labels, PassageKind } from './kind.js';
import { rowsInFull } from './rowsInFull.js';
import { withSource } from './reasons.js';
import type { RowMaker } from './rowMaker.js';
import type { ShapedCounts } from './shapePassage.js';

/** Rows shaped beside lines (the raglan lines of a yoke, the sides of a body) until row `to` is done. */
export interface Lines {
  kind: 'lines';
  part: string;
  to: number;
  /** From left to right. */
  sections: readonly LineSection[];
  line: LineWay;
  /** What the lines are called: "raglan line", "side". */
  name: string;
  of: ShapedCounts;
}

/** What is worked at one line, on how many of its sides, and whether each side gains or loses. */
function besideOne(words: string): { gained: number; sides: number } {
  const losing = new RegExp(`${STITCH}2tog (before it)( and after it)?`).exec(words);
  if (losing) return { gained: -1, sides: losing[2] ? 2 : 1 };
  const gaining = [...words.matchAll(new RegExp(`(\\d+) ${STITCH} in (?:that|the)(?: next)? st`, 'g'))];
  if (gaining.length > 0) return { gained: sum(gaining) - gaining.length > 0 ? 1 : 0, sides: gaining.length };
  // Told by sides: as many as "the sides gain", or the new stitches of either side in the space.
  return { gained: 1, sides: /the one side, .+ the other side|as the sides gain/.test(words) ? 2 : 0 };
}

export const lines: PassageKind<Lines> = {
  rows: (passage, maker) => workLines(passage, maker),
  words: (all, soFar) => {
    const { part } = all[0]!;
    const from = soFar.of(part).map(({ n }) => n + 1);
    soFar.reach(
      part,
      all.map(({ to, sections, line: way }) => ({
        n: to,
        count: stitchesOf(countsAfterRow(sections, to), way),
      })),
    );
    const to = all.map((one) => one.to);
    const before = from.map((n) => n - 1);
    const full = rowsInFull(part, before, to, 'lines', soFar);
    const words = soFar.wordsOf(part);
    return [
      ...writeLines(all, from, soFar.stitch, words),
      ...(all.length === 1 && full.length === 0 ? rowByRow(all[0]!, from[0]!, words) : []),
      ...afterShaping(part, to, 'lines', soFar),
      ...full,
    ];
  },
  sentences: [
    {
      form: new RegExp(
        `^(?:Increase|Shaping) (?:row|rnd): \\*(?:(.+); repeat from \\* at (?:each of the (\\d+) lines|the other side), work to the end)\\.`,
      ),
      read: ([, atOne, places], reader) => {
        const { gained, sides } = besideOne(atOne!);
        reader.agree(2, sides, 'the sides of a line that shape');
        reader.lineSign = gained;
        reader.lineSchool = /ch-1 sp of the line/.test(atOne!)
          ? 'corner'
          : /marked st of the line/.test(atOne!)
            ? 'alternating'
            : 'beside';
        // Of each line one side is the body's, the other the sleeve's; of a side marker both are the body's.
        reader.placesBeside = places ? Number(places) : 2 * sides;
      },
    },
    {
      form: new RegExp(
        `^At a front edge work (\\d+) ${STITCH} in the edge st for 1 st(, and ch as many as are to be gained for more, to be worked into in the next row)?\\.$`,
      ),
      read: ([, into, chains], reader) => {
        reader.agree(1, Number(into) - 1, 'what is worked at a front edge for 1 st');
        reader.chainsAtEdge = chains !== undefined;
      },
    },
    {
      form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?: go on with the (increases|decreases) at the lines as begun\.$/,
      read: ([, from, , way], reader) => {
        if (from !== '–') reader.agree(Number(from), reader.maker.now().n + 1, 'the next row');
        reader.agree(way === 'increases' ? 1 : -1, reader.lineSign, 'the way of the shaping as begun');
        if (reader.lines.size === 0) throw new ReadFault('no shaping at lines was begun');
      },
    },
    {
      form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?, the (?:row|rnd)s that (inc|dec):$/,
      read: ([, , , way], reader) => {
        reader.lines.clear();
        reader.agree(way === 'inc' ? 1 : -1, reader.lineSign, 'the way in which these rows shape');
      },
    },
    {
      form: /^(On the body’s side of each line|On the sleeve’s side of each line|At each front edge|At both sides of each side marker): (.+?)\.?$/,
      read: ([, side, rates], reader) => reader.beside(side!, rates!),
    },
    {
      form: /^Work the other (?:row|rnd)s even; each (?:row|rnd) ends: .+\. After (?:row|rnd) (\d+): (\d+) sts? \((.+)\)\.$/,
      read: ([, row, stitches, parts], reader) => reader.lineRows(Number(row), Number(stitches), parts!),
    },
  ],
  inShort: linesInShort,
  reasons: explainLines,
};

function workLines({ part, sections, line: way, to }: Lines, maker: RowMaker): void {
  const state = maker.part(part);
  let counts: number[] | null = null;
  for (const { row, sides } of changesByRow(sections)) {
    if (row > to) break;
    if (row <= state.n) continue;
    maker.even(state, row - 1);
    counts ??= countsAfterRow(sections, row - 1);
    const { steps, by, add } = stepsBesideLines(sections, counts, way, sides);
    maker.row(state, steps, by, { add });
    for (let i = 0; i < sections.length; i += 1) counts[i]! += sides[2 * i]! + sides[2 * i + 1]!;
  }
  maker.even(state, to);
}

/** Shaping beside lines: how the lines are worked once, then when each of their sides shapes, in short repeats. */
function writeLines(all: readonly Lines[], from: readonly number[], stitch: string, words: RowWords): Line[] {
  const first = all[0]!;
  const ranges = all.map(({ to }, size) => rangeInWords(from[size]!, to));
  const totals = all.map(({ sections, to, line: way }) => stitchesOf(countsAfterRow(sections, to), way));
  const names = sidesOf(first.sections);
  const shaping = names.filter(({ pick }) =>
    all.some(({ sections }) => (pick(sections)?.events.length ?? 0) > 0),
  );
  if (shaping.length === 0)
    return [line`${words.one}s ${ranges}: ${stitch} in each st; ${words.end}. (${totals} sts)`];
  const grow = all.some(({ sections }) => shaping.some(({ pick }) => (pick(sections)?.direction ?? 0) > 0));
  const word = grow ? 'inc' : 'dec';
  const begun = all.some(({ sections }, size) =>
    shaping.some(({ pick }) => (pick(sections)?.events[0] ?? Infinity) < from[size]!),
  );
  const lines: Line[] = begun
    ? [
        line`${words.one}s ${ranges}: go on with the ${grow ? 'increases' : 'decreases'} at the lines as begun.`,
      ]
    : [
        ...howTo(first, stitch, words, grow),
        ...(names.some(({ pick }) => pick === edgeOf) ? [atEdge(all, stitch)] : []),
        line`${words.one}s ${ranges}, the ${words.short}s that ${word}:`,
      ];
  for (const { label, pick } of begun ? [] : shaping) {
    const schedules = all.map(({ sections }) => pick(sections)!);
    lines.push(line`${label}: ${{ inline: whenShaped(schedules, words) }}`);
  }
  const after = all.map(({ sections, to }) => countsAfterRow(sections, to));
  const parts = first.sections.map(
    ({ label }, i): Line => line`${i > 0 ? ', ' : ''}${label} ${after.map((counts) => counts[i]!)}`,
  );
  const lineStitches = all.map(({ line: way }) => way.stitches);
  const between = lineStitches.some((many) => many > 0) ? line`, each line ${lineStitches}` : [];
  lines.push(
    line`Work the other ${words.short}s even; each ${words.short} ends: ${words.end}. After ${words.short} ${all.map(({ to }) => to)}: ${totals} sts (${{ inline: parts.flat() }}${{ inline: between }}).`,
  );
  return lines;
}

interface SideOfLine {
  label: string;
  pick: (sections: readonly LineSection[]) => Schedule | null;
}

/** The schedules that differ: those of the body's sides, the sleeves' sides, and the front edges; or of plain side lines. */
function sidesOf(sections: readonly LineSection[]): SideOfLine[] {
  const sleeve = sections.findIndex(({ of }) => of === 'sleeve');
  if (sleeve < 0)
    return [{ label: 'At both sides of each side marker', pick: ([, middle]) => middle?.left ?? null }];
  const edge = sections[0]!.left ? [{ label: 'At each front edge', pick: edgeOf }] : [];
  return [
    { label: 'On the body’s side of each line', pick: (all) => all[0]!.right },
    { label: 'On the sleeve’s side of each line', pick: (all) => all[sleeve]!.left },
    ...edge,
  ];
}

function edgeOf(sections: readonly LineSection[]): Schedule | null {
  return sections[0]!.left;
}

/** How one stitch is gained (or lost) beside a line, and several. */
function howTo(
  { line: { school, stitches }, name, sections }: Lines,
  stitch: string,
  words: RowWords,
  grow: boolean,
): Line[] {
  if (name === 'side')
    return [
      line`Shaping ${words.short}: *work to 1 st before the side marker, ${grow ? `2 ${stitch} in the next st, slip the marker, 2 ${stitch} in the st after it` : `${stitch}2tog before it and after it`}; repeat from * at the other side, work to the end.`,
    ];
  const twice = [...sections].some(
    ({ left, right }) => left?.amounts !== undefined || right?.amounts !== undefined,
  );
  const lineWords =
    stitches === 0 ? 'the marker' : stitches === 1 ? 'the st of the line' : `the ${stitches} sts of the line`;
  switch (school) {
    case 'beside':
      return [
        line`Increase ${words.short}: *work to 1 st before ${lineWords}, 2 ${stitch} in that st, ${stitches === 0 ? 'slip the marker' : `${stitch} in ${lineWords}`}, 2 ${stitch} in the next st; repeat from * at each of the 4 lines, work to the end. Where only one side increases, work plainly on the other.${twice ? ` Where 2 sts are to be gained, work 3 ${stitch} in the one st.` : ''}`,
      ];
    case 'alternating':
      return [
        line`Increase ${words.short}: *work to the marked st of the line, work as many ${stitch} more into it as the sides gain; move the marker to the st that has the body’s new sts on the body’s side of it and the sleeve’s on the other, so that the line stays straight; repeat from * at each of the 4 lines, work to the end.`,
      ];
    case 'corner':
      return [
        line`Increase ${words.short}: *work to the ch-1 sp of the line, (the new sts of the one side, ch 1, the new sts of the other side) in the sp; repeat from * at each of the 4 lines, work to the end. In the other ${words.short}s work ch 1 over the sp.`,
      ];
  }
}

/** How a front edge grows. */
function atEdge(all: readonly Lines[], stitch: string): Line {
  const several = all.some(({ sections }) => edgeOf(sections)?.amounts?.some((amount) => amount > 1));
  return line`At a front edge work 2 ${stitch} in the edge st for 1 st${several ? ', and ch as many as are to be gained for more, to be worked into in the next row' : ''}.`;
}

/** "every row 12 times, then every 2nd row 3 times, 2 sts in each of the first 4". */
function whenShaped(schedules: readonly Schedule[], words: RowWords): Line {
  const most = Math.max(...schedules.map(({ rates }) => rates.length));
  const uneven = schedules.some(({ amounts }) => amounts !== undefined);
  const twos = schedules.map((one) => one.events.filter((_, i) => amountOf(one, i) > 1).length);
  const doubled: Line =
    uneven && schedules.every(({ order }) => order !== 'curve' && order !== 'mixed')
      ? line`, 2 sts in ${schedules[0]!.order === 'slow first' ? 'the last' : 'the first'} ${twos} of them`
      : [];
  if (schedules.some(({ order }) => order === 'curve') || most > 4)
    return line`${{ lists: schedules.map((one) => amountsInWords(one, 1, words)) }}`;
  return [
    ...ratesForAll(schedules, words.short),
    ...line`, counted from ${words.short} ${schedules.map(({ after }) => after)}`,
    ...doubled,
  ];
}

/** For one size alone: the stitches after every shaping row. */
function rowByRow({ sections, to, line: way }: Lines, from: number, words: RowWords): Line[] {
  const rows = [
    ...new Set(sections.flatMap(({ left, right }) => [...(left?.events ?? []), ...(right?.events ?? [])])),
  ]
    .filter((row) => row >= from && row <= to)
    .sort((a, b) => a - b);
  const counts = rows.map(
    (row) => `${words.short} ${row}: ${countOf(stitchesOf(countsAfterRow(sections, row), way), 'st')}`,
  );
  // Where the part goes on even nothing is counted.
  return counts.length === 0 ? [] : [line`Counts after the shaping ${words.short}s: ${counts.join(', ')}.`];
}

/**
 * Why the rows beside lines shape when they do: for each kind of side what it gains, in how many rows that may, and what the
 * whole row comes to.
 */
function explainLines({ sections, line: way, to, name, of }: Lines, label: Labels): Reason[] {
  const sides = [
    { what: 'Body', schedule: sections[0]?.right ?? null },
    { what: 'Sleeve', schedule: sections.find(({ of }) => of === 'sleeve')?.left ?? null },
  ];
  const before = stitchesOf(
    sections.map(({ count }) => count),
    way,
  );
  const after = stitchesOf(countsAfterRow(sections, to), way);
  const reasons: Reason[] = [
    withSource(
      { label: say`${of.start ? label(of.start) : 'Stitches to begin with'}`, figure: say`${before}` },
      of.start,
    ),
  ];
  for (const { what, schedule } of sides) {
    if (!schedule || schedule.events.length === 0) continue;
    const { room, events } = schedule;
    const rows = slots({ firstRow: room.first, lastRow: room.last, everyRow: room.everyRow });
    const total = Math.abs(schedule.end - schedule.start);
    const twos = total - events.length;
    reasons.push(
      withSource(
        {
          label: say`${what}’s side of each ${name}: rows ${room.first} to ${room.last} may shape`,
          figure: say`${total} in ${rows}`,
          note: say`${events.length} rows${twos > 0 ? `, in ${twos} of them two stitches` : ''}: ${ratesInWords(schedule)}`,
        },
        of.rows,
      ),
    );
  }
  return [
    ...reasons,
    {
      label: say`Stitches at row ${to}`,
      figure: say`${after}`,
      note: say`${after - before < 0 ? '−' : '+'}${Math.abs(after - before)}`,
    },
  ];
}

/** "Beside each raglan line: body every row 24 times, sleeve ...: 244 stitches at row 25". */
function linesInShort(
  { sections, line: way, name, to }: Lines,
  _: (id: string) => string,
  unit?: CountingUnit,
): string {
  const [first] = sections;
  const sleeve = sections.find(({ of }) => of === 'sleeve');
  const rates = [first?.right, sleeve?.left].map((schedule) => schedule && ratesInWords(schedule));
  const said = sleeve ? `body ${rates[0]}; sleeve ${rates[1]}` : rates[0];
  return `Beside each ${name}: ${said}; ${countedInWords(stitchesOf(countsAfterRow(sections, to), way), unit)} at row ${to}`;
}
