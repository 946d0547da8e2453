/** How a shaped passage is written. */

import { placesInRound, roundInWords } from '../shaping/rounds.js';
import { amountOf, countsAfter, ratesInWords, type Schedule } from '../shaping/schedule.js';
import { roundsOfFabric } from '../stitch/ofFabric.js';
import { WIDER, widerInWords } from '../stitch/unitRounds.js';
import { countOf, timesInWords } from '../text/singular.js';
import { line, type Line } from '../write/line.js';
import { amountsInWords, rangeInWords, ratesForAll, rowsInWords, type RowWords } from '../write/rowWords.js';
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
  if (where.at === 'one edge') return writeEdge(shapes, ranges, where.edge, grow, stitch, words, counted);
  if (
    where.at === 'both edges' &&
    (steps || schedules.some(({ perEvent }) => perEvent > 2)) &&
    words.one === 'Row'
  )
    return writeEdge(shapes, ranges, 'each edge', grow, stitch, words, counted);
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
  const most = Math.max(...schedules.map(({ rates }) => rates.length));
  if (most <= 3 && shapes.length > 1) {
    lines.push(
      line`${words.one}s ${ranges}: ${word} ${place} ${{ inline: ratesForAll(schedules, words.short) }}, counted from ${words.short} ${schedules.map(({ after }) => after)}; work the other ${words.short}s even. (${ends} sts)`,
    );
  } else if (shapes.length > 1) {
    lines.push(
      line`${words.one}s ${ranges}: ${word} ${place} in some ${words.short}s, work the other ${words.short}s even (${ends} sts at the end): ${{ lists: schedules.map(({ events }) => rowsInWords(events) || 'none') }}`,
    );
  } else {
    const [only] = schedules as [Schedule];
    lines.push(
      line`${words.one}s ${ranges}: ${word} ${place} ${ratesInWords(only).replaceAll('row', words.short)}, counted from ${words.short} ${only.after}; work the other ${words.short}s even. (${ends} sts)`,
    );
    if (counted) lines.push(countsLine(only, words));
  }
  return lines;
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
    return `${stitch}2tog ${many > 1 ? `${many} times ` : ''}over the ${end} ${2 * many} sts`;
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

/**
 * Shaping at an edge (or at both alike): how many stitches in which rows. One is worked together (or two in one); more are
 * slipped over or left where they are, or added by chains.
 */
function writeEdge(
  shapes: readonly Shape[],
  ranges: readonly string[],
  edge: string,
  grow: boolean,
  stitch: string,
  words: RowWords,
  counted: boolean,
): Line[] {
  const share = shapes[0]!.where.at === 'both edges' ? 2 : 1;
  const all = shapes.flatMap(({ schedule, also }) => [
    { schedule, share, place: edge },
    ...(also ? [{ schedule: also.schedule, share: 1, place: also.edge }] : []),
  ]);
  /** How one stitch is gained or lost, and several. */
  const how = (more: boolean): Line[] => {
    const own = all.filter(({ schedule }) => schedule.events.length > 0 && schedule.direction > 0 === more);
    if (own.length === 0 && more !== grow) return [];
    const { place } = own[0] ?? all[0]!;
    const several = own.some((one) =>
      one.schedule.events.some((_, i) => amountOf(one.schedule, i) / one.share > 1),
    );
    const between = more && words.end === 'return';
    const single = between
      ? `a loop in the space beside the st at ${place}`
      : more
        ? `2 ${stitch} in the st at ${place}`
        : `${stitch}2tog over the 2 sts at ${place}`;
    const further = more
      ? `to add more, ch so many at ${place} and work into them`
      : `to take off more, sl st over them where the row begins at ${place}, leave them unworked where it ends there`;
    return [line`To ${more ? 'add' : 'take off'} 1 st: ${single}${several ? `; ${further}` : ''}.`];
  };
  const at = (place: string, schedule: Schedule) =>
    schedule.events.length === 0
      ? []
      : [
          `at ${place} ${schedule.direction > 0 ? 'add' : 'take off'} ${amountsInWords(schedule, share, words)}`,
        ];
  const lists = shapes.map(
    ({ schedule, also }) =>
      [...at(edge, schedule), ...(also ? at(also.edge, also.schedule) : [])].join('; at the same time, ') ||
      'work even',
  );
  const [only, another] = shapes;
  return [
    ...how(grow),
    ...how(!grow),
    line`${ranges.some((range) => range.includes('–')) ? words.one + 's' : words.one} ${ranges}, shaped, the other ${words.short}s even (${shapes.map(endOf)} sts at the end): ${{ lists }}`,
    // Two edges at once have no count of their own after each row.
    ...(!counted || another || only!.also || only!.schedule.events.length === 0
      ? []
      : [countsLine(only!.schedule, words)]),
  ];
}

/** For one size alone: the stitches after every shaping row. */
function countsLine(schedule: Schedule, { short }: RowWords): Line {
  const after = countsAfter(schedule);
  const counts = schedule.events.map((row, i) => `${short} ${row}: ${countOf(after[i]!, 'st')}`);
  return line`Counts after these ${short}s: ${counts.join(', ')}.`;
}
