import { afterShaping } from './inPattern.js';
import type { Reason } from '../because/reason.js';
import type { CountingUnit } from '../fabric/fabric.js';
import { countedInWords } from '../fabric/units.js';
import {
  changesByRow,
  countsAfterRow,
  resumedSections,
  stepsBesideLines,
  stitchesOf,
  type LineSection,
  type LineWay,
} from '../shaping/lines.js';
import { amountOf, ratesInWords, slots, type Schedule } from '../shaping/schedule.js';
import { say } from '../text/phrase.js';
import { countOf } from '../text/singular.js';
import { line, type Line } from '../write/line.js';
import { amountsInWords, rangeInWords, type RowWords } from '../write/rowWords.js';
import type { Labels, PassageKind } from './kind.js';
import type { PieceSoFar } from './pieceSoFar.js';
import { LINES_SENTENCES } from './linesSentences.js';
import { countsFromFirst, scheduleTable } from './scheduleTables.js';
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
      ...writeLines(all, from, soFar, words, full.length === 0),
      ...afterShaping(part, to, 'lines', soFar),
      ...full,
    ];
  },
  sentences: LINES_SENTENCES,
  inShort: linesInShort,
  resume: (before, now, row) => {
    const sections = resumedSections(before.sections, now.sections, row);
    return sections && { ...now, sections };
  },
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

/**
 * Shaping beside lines: how the lines are worked once, then when each of their sides shapes.
 *
 * @param counted whether one size alone has the counts after its rows: they may be told elsewhere
 */
function writeLines(
  all: readonly Lines[],
  from: readonly number[],
  soFar: PieceSoFar,
  words: RowWords,
  counted: boolean,
): Line[] {
  const { stitch } = soFar;
  const first = all[0]!;
  const ranges = all.map(({ to }, size) => rangeInWords(from[size]!, to));
  const rows = line`${words.one}s ${ranges}`;
  const totals = all.map(({ sections, to, line: way }) => stitchesOf(countsAfterRow(sections, to), way));
  const names = sidesOf(first.sections);
  const shaping = names.filter(({ pick }) =>
    all.some(({ sections }) => (pick(sections)?.events.length ?? 0) > 0),
  );
  if (shaping.length === 0)
    return [line`${{ inline: rows }}: ${stitch} in each st; ${words.end}. (${totals} sts)`];
  const grow = all.some(({ sections }) => shaping.some(({ pick }) => (pick(sections)?.direction ?? 0) > 0));
  const word = grow ? 'increase' : 'decrease';
  const begun = all.some(({ sections }, size) =>
    shaping.some(({ pick }) => (pick(sections)?.events[0] ?? Infinity) < from[size]!),
  );
  const after = all.map(({ sections, to }) => countsAfterRow(sections, to));
  const parts = first.sections.map(
    ({ label }, i): Line => line`${i > 0 ? ', ' : ''}${label} ${after.map((counts) => counts[i]!)}`,
  );
  const lineStitches = all.map(({ line: way }) => way.stitches);
  const between = lineStitches.some((many) => many > 0) ? line`, each line ${lineStitches}` : [];
  const ending = line`Work the other ${words.short}s even; each ${words.short} ends: ${words.end}. After ${words.short} ${all.map(({ to }) => to)}: ${totals} sts (${{ inline: parts.flat() }}${{ inline: between }}).`;
  const counts = soFar.isAlone && counted ? countsInRows(first, from[0]!, words) : [];
  if (begun)
    return [line`${{ inline: rows }}: go on with the ${word}s at the lines as begun.`, ending, ...counts];
  const how = [
    ...howTo(first, stitch, words, grow),
    ...(shaping.some(({ pick }) => pick === edgeOf) ? [atEdge(all, stitch)] : []),
  ];
  const schedulesOf = ({ pick }: SideOfLine) => all.map(({ sections }) => pick(sections)!);
  // Where the shaping goes on over a row that joins parts, its rates are told once, for all of it.
  const goesOn = shaping.some(({ pick }) => (pick(first.sections)!.events.at(-1) ?? 0) > first.to);
  if (soFar.rowByRow && !goesOn)
    return [
      ...how,
      line`${{ inline: rows }}, ${word} beside the lines, the other ${words.short}s even:`,
      ...eachRow(first, from[0]!, shaping, words, grow),
      ending,
    ];
  if (soFar.isAlone)
    return [
      ...how,
      line`${{ inline: rows }}, the ${words.short}s that ${word}:`,
      ...shaping.map((side) => line`${side.label}: ${{ inline: whenShaped(schedulesOf(side), words) }}`),
      ending,
      ...counts,
    ];
  const tables = shaping.map((side) =>
    scheduleTable({
      schedules: schedulesOf(side),
      from: from.map((n) => n - 1),
      does: word,
      place: side.label,
      share: 1,
      row: words.short,
    }),
  );
  const counting = tables.some(countsFromFirst) ? line`, ${words.short} ${from} being their row 1` : [];
  return [
    ...how,
    [
      ...line`${{ inline: rows }}${{ inline: soFar.lengthBeside(all.map(({ to }) => to)) }}, ${word} beside the lines as the table${tables.length > 1 ? 's say' : ' says'}${{ inline: counting }}, the other ${words.short}s even:`,
      ...tables,
    ],
    ending,
  ];
}

/** For one size alone: what each row that shapes adds at its places, and the stitches then. */
function eachRow(
  { sections, to, line: way }: Lines,
  from: number,
  shaping: readonly SideOfLine[],
  words: RowWords,
  grow: boolean,
): Line[] {
  const sides = shaping.map(({ label, pick }) => {
    const schedule = pick(sections)!;
    return { label, rows: new Map(schedule.events.map((n, i) => [n, amountOf(schedule, i)])) };
  });
  const rows = [...new Set(sides.flatMap(({ rows: of }) => [...of.keys()]))]
    .filter((n) => n >= from && n <= to)
    .sort((a, b) => a - b);
  return rows.map((n): Line => {
    const places = sides.flatMap(({ label, rows: of }) =>
      of.has(n) ? [`${countOf(of.get(n)!, 'st')} ${label}`] : [],
    );
    const count = stitchesOf(countsAfterRow(sections, n), way);
    return [
      `${words.one} ${n}: ${grow ? 'add' : 'take off'} ${places.join(', ')}; ${words.end}. (${countOf(count, 'st')})`,
    ];
  });
}

interface SideOfLine {
  label: string;
  pick: (sections: readonly LineSection[]) => Schedule | null;
}

/** The schedules that differ: those of the body's sides, the sleeves' sides, and the front edges; or of plain side lines. */
function sidesOf(sections: readonly LineSection[]): SideOfLine[] {
  const sleeve = sections.findIndex(({ of }) => of === 'sleeve');
  if (sleeve < 0)
    return [{ label: 'at both sides of each side marker', pick: ([, middle]) => middle?.left ?? null }];
  const edge = sections[0]!.left ? [{ label: 'at each front edge', pick: edgeOf }] : [];
  return [
    { label: 'on the body’s side of each line', pick: (all) => all[0]!.right },
    { label: 'on the sleeve’s side of each line', pick: (all) => all[sleeve]!.left },
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

/** For one size alone: "every row 12 times, then every 2nd row 3 times, counted from row 1, 2 sts in the first 4 of them". */
function whenShaped([schedule]: readonly Schedule[], words: RowWords): Line {
  const { rates, amounts, order, events, after } = schedule!;
  const uneven = amounts !== undefined;
  if (order === 'curve' || rates.length > 3 || (uneven && order === 'mixed'))
    return [amountsInWords(schedule!, 1, words)];
  const twos = events.filter((_, i) => amountOf(schedule!, i) > 1).length;
  const doubled = uneven
    ? `, 2 sts in ${order === 'slow first' ? 'the last' : 'the first'} ${twos} of them`
    : '';
  return [
    `${ratesInWords(schedule!).replaceAll('row', words.short)}, counted from ${words.short} ${after}${doubled}`,
  ];
}

/** For one size alone: the stitches after every shaping row. */
function countsInRows({ sections, to, line: way }: Lines, from: number, words: RowWords): Line[] {
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
