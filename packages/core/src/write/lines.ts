import type { Passage } from '../shaping/passages.js';
import { countsAfterRow, stitchesOf, type LineSection } from '../shaping/lines.js';
import { amountOf, type Schedule } from '../shaping/schedule.js';
import { countOf } from '../text/singular.js';
import { line, type Line } from './line.js';
import { amountsInWords, rangeInWords, ratesForAll, type RowWords } from './rowWords.js';

export type Lines = Extract<Passage, { kind: 'lines' }>;

/** Shaping beside lines: how the lines are worked once, then when each of their sides shapes, in short repeats. */
export function writeLines(
  all: readonly Lines[],
  from: readonly number[],
  stitch: string,
  words: RowWords,
): Line[] {
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
  if (all.length === 1) lines.push(rowByRow(first, from[0]!, words));
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
function rowByRow({ sections, to, line: way }: Lines, from: number, words: RowWords): Line {
  const rows = [
    ...new Set(sections.flatMap(({ left, right }) => [...(left?.events ?? []), ...(right?.events ?? [])])),
  ]
    .filter((row) => row >= from && row <= to)
    .sort((a, b) => a - b);
  const counts = rows.map(
    (row) => `${words.short} ${row}: ${countOf(stitchesOf(countsAfterRow(sections, row), way), 'st')}`,
  );
  return line`Counts after the shaping ${words.short}s: ${counts.join(', ')}.`;
}
