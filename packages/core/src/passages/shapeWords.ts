/** How a shaped passage is written. */

import { placesInRound, roundInWords } from '../shaping/rounds.js';
import { amountOf, countsAfter, ratesInWords, type Schedule } from '../shaping/schedule.js';
import { roundsOfFabric } from '../stitch/ofFabric.js';
import { WIDER, widerInWords } from '../stitch/unitRounds.js';
import { countOf, timesInWords } from '../text/singular.js';
import { line, type Line } from '../write/line.js';
import { rangeInWords, type RowWords } from '../write/rowWords.js';
import { countsLine, writeEdge } from './edgeWords.js';
import { scheduleTable } from './scheduleTables.js';
import type { PieceSoFar, Reached } from './pieceSoFar.js';
import { endOf, type Shape } from './shapePassage.js';

/**
 * Rows shaped by a schedule: how a shaping row goes, and in which rows it falls.
 *
 * @param unit stitches of a repeat where rounds are shaped by whole ones; null where by stitches
 * @param counted whether one size alone has the counts after its rows: they may be told elsewhere
 */
export function writeShape(
  shapes: readonly Shape[],
  before: readonly Reached[],
  soFar: PieceSoFar,
  unit: number | null,
  counted: boolean,
): Line[] {
  const { stitch, even } = soFar;
  const words = soFar.wordsOf(shapes[0]!.part);
  const schedules = shapes.map(({ schedule }) => schedule);
  const ranges = shapes.map(({ to }, size) => rangeInWords(before[size]!.n + 1, to));
  const ends = shapes.map(endOf);
  if (shapes.every(({ schedule, also }) => schedule.events.length === 0 && !also))
    return [line`${words.one}s ${ranges}: ${even}; ${words.end}. (${ends} sts)`];
  const { where } = shapes[0]!;
  const grow = (schedules.find(({ direction }) => direction !== 0)?.direction ?? -1) > 0;
  const steps = schedules.some(({ amounts }) => amounts !== undefined);
  if (where.at === 'one edge') return writeEdge(shapes, before, ranges, where.edge, grow, soFar, counted);
  if (
    where.at === 'both edges' &&
    (steps || schedules.some(({ perEvent }) => perEvent > 2)) &&
    words.one === 'Row'
  )
    return writeEdge(shapes, before, ranges, 'each edge', grow, soFar, counted);
  const word = grow ? 'inc' : 'dec';
  const { begin, rest, finish } = atBothEnds(
    Math.max(...schedules.map(({ perEvent }) => perEvent)) / 2,
    grow,
    stitch,
    words.end === 'return',
  );
  const places = schedules.map(({ perEvent }) => perEvent / (unit ?? 1));
  const many: Line = steps ? ['so many places'] : line`${places} places`;
  const how: Line = unit
    ? byRepeats(unit, grow, where.at === 'both edges' ? null : many)
    : where.at === 'both edges'
      ? [`${begin}, ${even} to the last ${rest}, ${finish}`]
      : line`${grow ? `2 ${stitch} in one st` : `${stitch}2tog`} at ${{ inline: many }} spread evenly${where.at === 'the round' ? `, the places between those of the ${word} rnd before` : ', plain sts at both ends'}`;
  const place =
    where.at === 'both edges'
      ? words.one === 'Rnd'
        ? 'at both sides of the underarm'
        : 'at both edges'
      : where.at === 'the round'
        ? 'round the round'
        : 'across the row';
  if (shapes[0]!.motif && unit) return writeMotif(shapes, ranges, words, unit, soFar);
  const lines: Line[] = [line`${grow ? 'Increase' : 'Decrease'} ${words.short}: ${{ inline: how }}.`];
  if (steps) return [...lines, ...writeSteps(schedules, ranges, word, words, unit)];
  if (!soFar.isAlone && schedules.every(({ events }) => events.length === 1)) {
    const at = schedules.map(({ events }) => events[0]!);
    lines.push(
      line`${words.one}s ${ranges}${{ inline: soFar.lengthBeside(shapes.map(({ to }) => to)) }}: work ${grow ? 'an increase' : 'a decrease'} ${words.short} as ${words.short} ${at}, the other ${words.short}s even; ${words.end}. (${ends} sts)`,
    );
  } else if (!soFar.isAlone) {
    const table = scheduleTable({
      schedules,
      from: before.map(({ n }) => n),
      does: grow ? 'increase' : 'decrease',
      place,
      share: Math.max(...schedules.map(({ perEvent }) => perEvent)),
      row: words.short,
    });
    lines.push(
      line`${words.one}s ${ranges}${{ inline: soFar.lengthBeside(shapes.map(({ to }) => to)) }}: work ${grow ? 'increase' : 'decrease'} ${words.short}s as the table says, the other ${words.short}s even; ${words.end}. (${ends} sts)${table}`,
    );
  } else if (soFar.rowByRow) {
    lines.push(...eachRow(shapes[0]!, before[0]!, soFar, grow));
  } else {
    const [only] = schedules as [Schedule];
    lines.push(
      line`${words.one}s ${ranges}: ${word} ${place} ${ratesInWords(only).replaceAll('row', words.short)}, counted from ${words.short} ${only.after}; work the other ${words.short}s even. (${ends} sts)`,
    );
    if (counted) lines.push(countsLine(only, words));
  }
  return lines;
}

/** Every row of one size: those that shape by name with their counts, and between them those that are worked even. */
function eachRow(
  { schedule, to, part }: Shape,
  { n: before }: Reached,
  soFar: PieceSoFar,
  grow: boolean,
): Line[] {
  const words = soFar.wordsOf(part);
  const after = countsAfter(schedule);
  const way = grow ? 'increase' : 'decrease';
  const even = (first: number, last: number, count: number): Line[] =>
    last < first
      ? []
      : [
          line`${words.one}s ${rangeInWords(first, last)}${{ inline: last === to ? soFar.lengthBeside([to]) : [] }}: even.${last === to ? ` (${countOf(count, 'st')})` : ''}`,
        ];
  const { events } = schedule;
  const about = (n: number) => (n === to ? soFar.lengthBeside([to]) : []);
  const lines: Line[] = [];
  for (let i = 0; i < events.length;) {
    const n = events[i]!;
    const gap = n - (events[i - 1] ?? before);
    lines.push(
      ...even(n - gap + 1, n - 1, after[i - 1] ?? schedule.start),
      line`${words.one} ${n}${{ inline: about(n) }}: ${way} ${words.short}. (${after[i]!} sts)`,
    );
    // Rows that go on at the same distance are told as repeats, with the count after each.
    let last = i;
    while (last + 1 < events.length && events[last + 1]! - events[last]! === gap) last += 1;
    const times = last - i;
    if (times > 0) {
      const end = events[last]!;
      lines.push(
        line`Repeat the last ${gap === 1 ? words.short : `${gap} ${words.short}s`} ${timesInWords(times)} more, to ${words.short} ${end}${{ inline: about(end) }}. (${after.slice(i + 1, last + 1).join(', ')} sts)`,
      );
    }
    i = last + 1;
  }
  return [...lines, ...even((events.at(-1) ?? before) + 1, to, after.at(-1) ?? schedule.start)];
}

/**
 * How a round gains or loses whole repeats: two groups in one place, or one group over two (common practice).
 *
 * @param places over which it is spread; null where it lies beside the joining
 */
function byRepeats(stitches: number, grow: boolean, places: Line | null): Line {
  const change = `${countOf(stitches, 'st')} ${grow ? 'more' : 'fewer'}`;
  const halves = '(its group half in the first place and half in the second, a single st closed over both)';
  if (places === null)
    return grow
      ? [
          `in the place of the first repeat work 2, in pattern to the last repeat, in its place work 2: ${change} at each end`,
        ]
      : [
          `over the first 2 repeats work 1 ${halves}, in pattern to the last 2 repeats, over these work 1: ${change} at each end`,
        ];
  const one = grow ? '2 repeats in the place of 1' : `1 repeat over 2 ${halves}`;
  return line`${one}, each ${change}, at ${{ inline: places }} spread evenly`;
}

/** Rounds of the motif's own increase: how a repeat becomes wider and parts, and the rounds in which it does. */
function writeMotif(
  shapes: readonly Shape[],
  ranges: readonly string[],
  words: RowWords,
  unit: number,
  soFar: PieceSoFar,
): Line[] {
  const { fabric, stitches } = soFar;
  const rounds = stitches.is === 'rows' ? roundsOfFabric(stitches, soFar.wayOf(shapes[0]!.part)!) : null;
  if (!rounds) throw new Error('a motif without rounds grows: a program error');
  const most = Math.max(...shapes.map(({ schedule }) => schedule.events.length));
  const steps = Array.from({ length: most }, (_, i): Line => {
    const motif = shapes.find((one) => one.motif![i])!.motif![i]!;
    const each = motif === 'wider' ? WIDER : unit - WIDER;
    const rows = shapes.map(({ schedule }) => schedule.events[i] ?? '–');
    const many = shapes.map(({ schedule }) =>
      i < schedule.events.length ? amountOf(schedule, i) / each : '–',
    );
    const after = shapes.map(({ schedule }) => countsAfter(schedule)[i] ?? schedule.end);
    return motif === 'wider'
      ? line`${words.one} ${rows}: widen ${many} repeats, spread evenly; ${words.end}. (${after} sts)`
      : line`${words.one} ${rows}: part the ${many} wide repeats; ${words.end}. (${after} sts)`;
  });
  return [
    [
      `To widen a repeat of ${fabric.name}: (${widerInWords(rounds)}) in its space, ${WIDER} sts more; in the rnds after it the same again in the space of the wide one.`,
    ],
    [
      `To part a wide repeat: work 2 repeats of ${fabric.name} in the place of it, ${countOf(unit - WIDER, 'st')} more.`,
    ],
    line`${words.one}s ${ranges}: work even but for these.`,
    ...steps,
  ];
}

/**
 * What is worked at the beginning and at the end of a row or round that changes there.
 *
 * @param many stitches gained or lost at each
 */
function atBothEnds(many: number, grow: boolean, stitch: string, tunisian: boolean) {
  // In Tunisian a loop is made between two bars (common practice).
  if (tunisian && grow && many === 1)
    return {
      begin: 'a loop in the space after the first st',
      rest: 'st',
      finish: 'a loop in the space before the last st',
    };
  const at = (end: 'first' | 'last') => {
    if (grow)
      return many > 1 ? `2 ${stitch} in each of the ${end} ${many} sts` : `2 ${stitch} in the ${end} st`;
    return `${stitch}2tog ${many > 1 ? `${timesInWords(many)} ` : ''}over the ${end} ${2 * many} sts`;
  };
  const taken = grow ? many : 2 * many;
  return { begin: at('first'), rest: taken === 1 ? 'st' : `${taken} sts`, finish: at('last') };
}

/** How places lie in one round: as short repeats, or where the two gaps go by turns how often each comes. */
function gapsInWords(stitches: number, by: number, round: number): Line {
  const places = placesInRound(stitches, by, round);
  if (places.runs.length <= 4) return line`: ${roundInWords(places)}`;
  const times = new Map<number, number>();
  for (const run of places.runs) times.set(run.plain, (times.get(run.plain) ?? 0) + run.times);
  const gaps = [...times].map(([plain, many]) => `${timesInWords(many)} ${countOf(plain, 'plain st')}`);
  const first = places.lead === 0 ? 'in the first st' : `after ${countOf(places.lead, 'st')}`;
  return line`, between them ${gaps.join(' and ')}, the two mixed as evenly as they go${places.lead < places.runs[0]!.plain ? `, the first place ${first}` : ''}`;
}

/** A few large increase rounds: how many places each has, how they lie in one size, and what they come to. */
function writeSteps(
  schedules: readonly Schedule[],
  ranges: readonly string[],
  word: string,
  words: RowWords,
  unit: number | null,
): Line[] {
  const most = Math.max(...schedules.map(({ events }) => events.length));
  const steps = Array.from({ length: most }, (_, i): Line => {
    const rows = schedules.map(({ events }) => events[i] ?? '–');
    const by = schedules.map((one) => (i < one.events.length ? amountOf(one, i) : 0));
    const after = schedules.map((one) => countsAfter(one)[i] ?? one.end);
    const spread =
      schedules.length === 1 && words.one === 'Rnd' && unit === null
        ? gapsInWords(after[0]! - schedules[0]!.direction * by[0]!, schedules[0]!.direction * by[0]!, i)
        : [];
    return line`${words.one} ${rows}: ${word} at ${by.map((many) => many / (unit ?? 1))} places${{ inline: spread }}; ${words.end}. (${after} sts)`;
  });
  return [line`${words.one}s ${ranges}: work even but for these.`, ...steps];
}
