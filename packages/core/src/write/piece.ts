import { stitchOf, type Fabric } from '../fabric/fabric.js';
import type { PlannedPiece } from '../plan.js';
import { endOf, type Passage } from '../shaping/passages.js';
import { countsAfterRow, shapedRowsOf, stitchesOf } from '../shaping/lines.js';
import { placesInRound, roundInWords } from '../shaping/rounds.js';
import { amountOf, countsAfter, ratesInWords, type Schedule } from '../shaping/schedule.js';
import { ordinal } from '../text/phrase.js';
import type { RoundWay } from '../work/rows.js';
import { line, type Line } from './line.js';
import { rangeInWords, writeLines, type RowWords } from './lines.js';
import { writeStart } from './start.js';

type Of<K extends Passage['kind']> = Extract<Passage, { kind: K }>;

/** Writes one piece for sizes whose passages have the same form, in US terms. */
export function writePiece(pieces: readonly PlannedPiece[], fabrics: ReadonlyMap<string, Fabric>): Line[] {
  let fabric = fabrics.get(pieces[0]!.fabric)!;
  const lines: Line[] = [];
  /** Last row and count of each part, for each size. */
  const state = new Map<string, { n: number; count: number }[]>();
  const at = (part: string, size: number) => state.get(part)![size]!;
  const length = pieces[0]!.passages.length;
  /** The parts that the piece was last divided into. */
  let divided: Of<'go on'>[] | null = null;
  const rounds = new Map<string, RoundWay>();
  /** What the rows of a part are called. */
  const wordsOf = (part: string): RowWords => {
    const way = rounds.get(part);
    return way === undefined
      ? { one: 'Row', short: 'row', end: 'turn' }
      : {
          one: 'Rnd',
          short: 'rnd',
          end: way === 'turned' ? 'join, turn' : way === 'joined' ? 'join' : 'go on',
        };
  };

  for (let i = 0; i < length; i += 1) {
    const all = pieces.map(({ passages }) => passages[i]!);
    const first = all[0]!;
    const stitch = stitchOf(fabric);
    const even = fabric.pattern?.length ? 'in pattern' : `${stitch} in each st`;
    if (first.kind === 'start') {
      const starts = all as Of<'start'>[];
      state.set(
        first.part,
        starts.map(({ stitches }) => ({ n: 1, count: stitches })),
      );
      if (starts[0]!.round) rounds.set(first.part, starts[0]!.round);
      lines.push(...writeStart(starts, fabric, wordsOf(first.part)), ...panelLine(pieces, fabric));
    } else if (first.kind === 'mark') {
      lines.push(
        line`Place a marker at both ends of row ${all.map((_, size) => at(first.part, size).n)}: ${first.meaning}.`,
      );
    } else if (first.kind === 'even') {
      const evens = all as Of<'even'>[];
      const from = evens.map((_, size) => at(first.part, size).n + 1);
      const ranges = evens.map(({ to }, size) => rangeInWords(from[size]!, to));
      if (ranges.some((text) => text !== '–'))
        lines.push(
          line`${wordsOf(first.part).one}s ${ranges}: ${even}; ${wordsOf(first.part).end}. (${all.map((_, size) => at(first.part, size).count)} sts)`,
        );
      evens.forEach(
        ({ to }, size) => (state.get(first.part)![size] = { n: to, count: at(first.part, size).count }),
      );
    } else if (first.kind === 'change') {
      const changes = all as Of<'change'>[];
      fabric = fabrics.get(first.fabric)!;
      lines.push(
        ...writeChange(
          changes,
          changes.map((_, size) => at(first.part, size).count),
          fabric,
        ),
      );
      changes.forEach(
        ({ to, stitches }, size) => (state.get(first.part)![size] = { n: to, count: stitches }),
      );
    } else if (first.kind === 'go on') {
      const parts = all as Of<'go on'>[];
      lines.push(
        ...writeGoOn(
          parts,
          divided,
          parts.map(({ from }, size) => at(from, size).n + 1),
          parts.map(({ from }, size) => at(from, size).count),
        ),
      );
      state.set(
        first.part,
        parts.map(({ from, take }, size) => ({ n: at(from, size).n, count: take })),
      );
      divided = parts;
    } else if (first.kind === 'short') {
      const shorts = all as Of<'short'>[];
      const from = shorts.map((_, size) => at(first.part, size));
      lines.push(...writeShort(shorts, from, wordsOf(first.part)));
      shorts.forEach(({ shortRows }, size) => {
        const { n, count } = from[size]!;
        state.get(first.part)![size] = { n: n + shortRows.rows.length + (shortRows.closing ? 1 : 0), count };
      });
    } else if (first.kind === 'unite') {
      const unions = all as Of<'unite'>[];
      const rows = unions.map(({ from }, size) => Math.max(...from.map(({ part }) => at(part, size).n)) + 1);
      if (unions[0]!.round) rounds.set(first.part, unions[0]!.round);
      lines.push(writeUnite(unions, rows));
      state.set(
        first.part,
        unions.map((_, size) => ({
          n: rows[size]!,
          count: unitedCount(unions[size]!, rows[size]!),
        })),
      );
    } else if (first.kind === 'lines') {
      const shaped = all as Of<'lines'>[];
      const from = shaped.map(({ part }, size) => at(part, size).n + 1);
      lines.push(...writeLines(shaped, from, stitch, wordsOf(first.part)));
      shaped.forEach(({ to, sections, line: way }, size) => {
        state.get(first.part)![size] = { n: to, count: stitchesOf(countsAfterRow(sections, to), way) };
      });
    } else {
      const shapes = all as Of<'shape'>[];
      lines.push(
        ...(asBefore(pieces, i)
          ? [
              line`Work as the ${nameOf(pieces[0]!.passages, shapes[0]!.part)}, with ${edgeOf(shapes[0]!)} at its other end. (${shapes.map(endOf)} sts)`,
            ]
          : writeShape(
              shapes,
              shapes.map((_, size) => at(first.part, size)),
              stitch,
              even,
              wordsOf(first.part),
            )),
      );
      shapes.forEach((shape, size) => (state.get(first.part)![size] = { n: shape.to, count: endOf(shape) }));
      if (divided && isDone(pieces[0]!.passages, i)) lines.push(line`Fasten off.`);
    }
  }
  if (pieces[0]!.id === 'yoke')
    lines.push(
      line`Fasten off. The sts of the last ${wordsOf(pieces[0]!.passages.at(-1)!.part).short} stay live for body and sleeves.`,
    );
  else if (lines.at(-1)?.join('') !== 'Fasten off.')
    lines.push(line`Fasten off, leaving a tail for the seam.`);
  return lines;
}

/** What the part is called that was worked beside this one, from the same row. */
function nameOf(passages: PlannedPiece['passages'], part: string): string {
  const ways = passages.filter((passage) => passage.kind === 'go on');
  const own = ways.find((passage) => passage.part === part);
  const other = ways.find((passage) => passage.from === own?.from && passage.part !== part);
  return (other?.label ?? 'first part').toLowerCase();
}

function edgeOf({ where }: Of<'shape'>): string {
  return where.at === 'one edge' ? where.edge : 'the shaped edge';
}

/** Where a panel in the middle of back and front lies; nothing without one. */
function panelLine(pieces: readonly PlannedPiece[], { panel = 0 }: Fabric): Line[] {
  if (panel === 0 || !['back', 'front', 'over'].includes(pieces[0]!.id)) return [];
  const beside = pieces.map(({ rows }) => (rows[0]!.count - panel) / 2);
  if (beside.some((many) => many < 0 || !Number.isInteger(many))) return [];
  return [
    line`The panel of ${panel} sts lies in the middle, ${beside} sts plain on either side of it; shaping at the edges takes from the plain sts only.`,
  ];
}

/** Whether nothing is worked on a part after this passage: another part is taken up, or the piece is finished. */
function isDone(passages: PlannedPiece['passages'], i: number): boolean {
  const { part } = passages[i]!;
  const later = passages.slice(i + 1);
  const goesOn = later.some(
    (passage) => passage.part === part || (passage.kind === 'go on' && passage.from === part),
  );
  return (
    !goesOn &&
    passages
      .slice(0, i)
      .some((passage) => passage.kind === 'go on' && passage.part === part && siblings(passages, passage) > 1)
  );
}

/** How many parts go on from the same one. */
function siblings(passages: PlannedPiece['passages'], { from }: Of<'go on'>): number {
  return passages.filter((passage) => passage.kind === 'go on' && passage.from === from).length;
}

/** Whether a second shoulder is shaped in the rows and by the amounts of the first. */
function asBefore(pieces: readonly PlannedPiece[], i: number): boolean {
  return pieces.every(({ passages }) => {
    const here = passages[i]!;
    const first = passages.slice(0, i).find(({ kind }) => kind === 'shape');
    return (
      here.kind === 'shape' &&
      here.where.at === 'one edge' &&
      first?.kind === 'shape' &&
      first.part !== here.part &&
      JSON.stringify([first.schedule, first.also]) === JSON.stringify([here.schedule, here.also])
    );
  });
}

/** The row in which another fabric begins. */
function writeChange(changes: readonly Of<'change'>[], before: readonly number[], fabric: Fabric): Line[] {
  const by = changes.map(({ stitches }, size) => stitches - before[size]!);
  const word = (grow: boolean) => (grow ? 'increasing' : 'decreasing');
  const parts: Line[] = [true, false].flatMap((grow) => {
    const some = by.map((change) => Math.max(0, grow ? change : -change));
    return some.some((times) => times > 0) ? [line`, ${word(grow)} ${some} sts spread evenly`] : [];
  });
  return [
    line`Row ${changes.map(({ to }) => to)}: change to ${fabric.name} and a ${String(fabric.hook)} mm hook; ${stitchOf(fabric)} in each st${{ inline: parts.flat() }}; turn. (${changes.map(({ stitches }) => stitches)} sts)`,
  ];
}

function writeGoOn(
  parts: readonly Of<'go on'>[],
  before: readonly Of<'go on'>[] | null,
  rows: readonly number[],
  counts: readonly number[],
): Line[] {
  const { label, rejoin } = parts[0]!;
  const takes = parts.map(({ take }) => take);
  const leaves = parts.map(({ leave }) => leave);
  const sibling = before !== null && before[0]!.from === parts[0]!.from;
  if (rejoin && !sibling) {
    const skipped = parts.map(({ take, leave }, size) => counts[size]! - take - leave);
    const rest = leaves.some((leave) => leave > 0) ? line`; leave the last ${leaves} sts unworked` : [];
    return [
      line`${label}, from row ${rows} on: skip ${skipped} sts where the row begins, rejoin the yarn in the next st and work ${takes} sts${{ inline: rest }}.`,
    ];
  }
  if (rejoin && before !== null) {
    // Which of the two lies further on depends on where the yarn hangs.
    const skipped = parts.map(({ at, take }, size) => {
      const other = before[size]!;
      return at > other.at ? at - other.at - other.take : other.at - at - take;
    });
    const skip = skipped.some((many) => many > 0)
      ? line`skip ${skipped} sts of the last full row in the middle, rejoin`
      : ['rejoin'];
    return [
      line`${label}: ${{ inline: skip }} the yarn in the next st and work the last ${takes} sts from row ${rows} on.`,
    ];
  }
  return [
    line`${label}: go on over the first ${takes} sts only from row ${rows} on; leave the other ${leaves} sts unworked.`,
  ];
}

/** Short rows as a table of turning points: the stitches over which each row goes. */
function writeShort(
  shorts: readonly Of<'short'>[],
  before: readonly { n: number; count: number }[],
  words: RowWords,
): Line[] {
  const { label } = shorts[0]!;
  /** Spans that reach back across the joining of a round are told from there. */
  const ring = shorts.some(({ shortRows: { rows } }) => rows.some(({ from }) => from < 0));
  const spans = shorts.map(({ shortRows: { rows } }) =>
    rows.map(({ from, to }) => (ring ? `${-from} + ${to}` : `${from + 1}–${to}`)).join(', '),
  );
  const ranges = shorts.map(({ shortRows: { rows } }, size) =>
    rangeInWords(before[size]!.n + 1, before[size]!.n + rows.length),
  );
  const lines = ring
    ? [
        line`${label}, short rows ${ranges}, turning at both ends: begin at the beginning of the rnd in the centre back and work so many sts on its two sides, one row after the other: ${spans}.`,
      ]
    : [
        line`${label}, short rows ${ranges}, turning at both ends: work over sts ${spans} of the last full ${words.short}, one after the other.`,
      ];
  if (shorts[0]!.shortRows.closing)
    lines.push(
      line`Next ${words.short}: work over all sts, closing the steps. (${before.map(({ count }) => count)} sts)`,
    );
  return lines;
}

/** Stitches of a row that unites parts. */
function unitedCount({ from, chains, lines }: Of<'unite'>, row: number): number {
  if (lines) return stitchesOf(countsAfterRow(lines.sections, row), lines.line);
  return from.reduce((sum, { take }) => sum + take, 0) + chains.reduce((sum, chain) => sum + chain, 0);
}

/** Parts joined by a row over all of them. */
function writeUnite(unions: readonly Of<'unite'>[], rows: readonly number[]): Line {
  const { label, from, round, rejoin } = unions[0]!;
  const parts = from.flatMap((_, i): Line => {
    const takes = unions.map((union) => union.from[i]!.take);
    const chains = unions.map((union) => union.chains[i]!);
    const chain = chains.some((many) => many > 0) ? line`, ch ${chains}` : [];
    return line`${i > 0 ? ', ' : ''}work ${takes} sts${{ inline: chain }}`;
  });
  const counts = unions.map((union, size) => unitedCount(union, rows[size]!));
  const shaped = unions.some(
    ({ lines }, size) => lines && shapedRowsOf(lines.sections).includes(rows[size]!),
  );
  return line`${label}, ${round ? 'rnd' : 'row'} ${rows}${rejoin ? ` (fasten off; join the yarn anew where the ${round ? 'round begins, in the centre back' : 'row begins'})` : ''}: ${{ inline: parts }}${shaped ? ', with the increases at the lines as they fall' : ''}${round ? '; join' : '; turn'}. (${counts} sts)`;
}

function writeShape(
  shapes: readonly Of<'shape'>[],
  before: readonly { n: number; count: number }[],
  stitch: string,
  even: string,
  words: RowWords,
): Line[] {
  const schedules = shapes.map(({ schedule }) => schedule);
  const ranges = shapes.map(({ to }, size) => rangeInWords(before[size]!.n + 1, to));
  const ends = shapes.map(endOf);
  if (shapes.every(({ schedule, also }) => schedule.events.length === 0 && !also))
    return [line`${words.one}s ${ranges}: ${even}; ${words.end}. (${ends} sts)`];
  const { where } = shapes[0]!;
  const grow = (schedules.find(({ direction }) => direction !== 0)?.direction ?? -1) > 0;
  const steps = schedules.some(({ amounts }) => amounts !== undefined);
  if (where.at === 'one edge') return writeEdge(shapes, ranges, where.edge, grow, stitch);
  if (
    where.at === 'both edges' &&
    (steps || schedules.some(({ perEvent }) => perEvent > 2)) &&
    words.one === 'Row'
  )
    return writeEdge(shapes, ranges, 'each edge', grow, stitch);
  const word = grow ? 'inc' : 'dec';
  const [begin, finish] = grow
    ? [`2 ${stitch} in the first st`, `2 ${stitch} in the last st`]
    : [`${stitch}2tog over the first 2 sts`, `${stitch}2tog over the last 2 sts`];
  const places = schedules.map(({ perEvent }) => perEvent);
  const many: Line = steps ? ['so many places'] : line`${places} places`;
  const how: Line =
    where.at === 'both edges'
      ? [`${begin}, ${even} to the last ${grow ? 'st' : '2 sts'}, ${finish}`]
      : line`${grow ? `2 ${stitch} in one st` : `${stitch}2tog`} at ${{ inline: many }} spread evenly${where.at === 'the round' ? `, the places between those of the ${word} rnd before` : ', plain sts at both ends'}`;
  const place =
    where.at === 'both edges'
      ? words.one === 'Rnd'
        ? 'at both sides of the underarm'
        : 'at both edges'
      : where.at === 'the round'
        ? 'round the round'
        : 'across the row';
  const lines: Line[] = [line`${grow ? 'Increase' : 'Decrease'} ${words.short}: ${{ inline: how }}.`];
  if (steps) return [...lines, ...writeSteps(schedules, ranges, word, words)];
  const most = Math.max(...schedules.map(({ rates }) => rates.length));
  if (most <= 3 && shapes.length > 1) {
    lines.push(
      line`${words.one}s ${ranges}: ${word} ${place} ${{ inline: ratesForAll(schedules, most, words.short) }}, counted from ${words.short} ${schedules.map(({ after }) => after)}; work the other ${words.short}s even. (${ends} sts)`,
    );
  } else if (shapes.length > 1) {
    lines.push(
      line`${words.one}s ${ranges}: ${word} ${place} in ${words.short}s ${schedules.map(({ events }) => events.join(' '))}; work the other ${words.short}s even. (${ends} sts)`,
    );
  } else {
    const [only] = schedules as [Schedule];
    lines.push(
      line`${words.one}s ${ranges}: ${word} ${place} ${ratesInWords(only).replaceAll('row', words.short)}, counted from ${words.short} ${only.after}; work the other ${words.short}s even. (${ends} sts)`,
    );
    const after = countsAfter(only);
    const counts = only.events.map((row, i) => `${words.short} ${row}: ${after[i]} sts`);
    lines.push(
      line`Counts after the ${grow ? 'increase' : 'decrease'} ${words.short}s: ${counts.join(', ')}.`,
    );
  }
  return lines;
}

/** How places lie in one round: as short repeats, or where the two gaps go by turns how often each comes. */
function gapsInWords(stitches: number, by: number, round: number): Line {
  const places = placesInRound(stitches, by, round);
  if (places.runs.length <= 4) return line`: ${roundInWords(places)}`;
  const times = new Map<number, number>();
  for (const run of places.runs) times.set(run.plain, (times.get(run.plain) ?? 0) + run.times);
  const gaps = [...times].map(([plain, many]) => `${many} times ${plain} plain st${plain === 1 ? '' : 's'}`);
  return line`, between them ${gaps.join(' and ')}, the two mixed as evenly as they go${places.lead < places.runs[0]!.plain ? `, the first place after ${places.lead}` : ''}`;
}

/** A few large increase rounds: how many places each has, how they lie in one size, and what they come to. */
function writeSteps(
  schedules: readonly Schedule[],
  ranges: readonly string[],
  word: string,
  words: RowWords,
): Line[] {
  const most = Math.max(...schedules.map(({ events }) => events.length));
  const steps = Array.from({ length: most }, (_, i): Line => {
    const rows = schedules.map(({ events }) => events[i] ?? '–');
    const by = schedules.map((one) => (i < one.events.length ? amountOf(one, i) : 0));
    const after = schedules.map((one) => countsAfter(one)[i] ?? one.end);
    const spread =
      schedules.length === 1 && words.one === 'Rnd'
        ? gapsInWords(after[0]! - schedules[0]!.direction * by[0]!, schedules[0]!.direction * by[0]!, i)
        : [];
    return line`${words.one} ${rows}: ${word} at ${by} places${{ inline: spread }}; ${words.end}. (${after} sts)`;
  });
  return [line`${words.one}s ${ranges}: work even but for these.`, ...steps];
}

/**
 * Shaping at an edge (or at both alike): how many stitches in which rows. One is worked together (or two in one); more are
 * slipped over or left where they are, or added by chains.
 */
function writeEdge(
  shapes: readonly Of<'shape'>[],
  ranges: readonly string[],
  edge: string,
  grow: boolean,
  stitch: string,
): Line[] {
  const share = shapes[0]!.where.at === 'both edges' ? 2 : 1;
  const schedules = shapes.map(({ schedule }) => schedule);
  const others = shapes.map(({ also }) => also?.schedule ?? null);
  const amountsOf = (schedule: Schedule | null) =>
    schedule ? schedule.events.map((_, i) => amountOf(schedule, i) / share) : [];
  const all = [...schedules, ...others].map(amountsOf);
  const several = all.flat().some((amount) => amount > 1);
  const single = grow ? `2 ${stitch} in the st at ${edge}` : `${stitch}2tog over the 2 sts at ${edge}`;
  const more = grow
    ? `to add more, ch so many at ${edge} and work into them`
    : `to take off more, sl st over them where the row begins at ${edge}, leave them unworked where it ends there`;
  const verb = grow ? 'add' : 'take off';
  const head = line`To ${verb} 1 st: ${single}${several ? `; ${more}` : ''}.`;
  const ends = shapes.map(endOf);
  const other = shapes.find(({ also }) => also)?.also;
  const rowsWord = ranges.some((range) => range.includes('–')) ? 'Rows' : 'Row';
  if (shapes.length > 1) {
    const listed = (of: readonly (Schedule | null)[]) =>
      line`${of.map((one) => amountsOf(one).join(' ') || '0')} sts in rows ${of.map((one) => one?.events.join(' ') || '–')}`;
    const also: Line = other
      ? line`; at the same time, at ${other.edge} ${verbOf(others)} ${{ inline: listed(others) }}`
      : [];
    return [
      head,
      line`${rowsWord} ${ranges}: at ${edge} ${verb} ${{ inline: listed(schedules) }}${{ inline: also }}; work the other rows even. (${ends} sts)`,
    ];
  }
  const [only, beside] = [schedules[0]!, others[0] ?? null];
  const after = countsAfter(only);
  const rowsOf = (schedule: Schedule, left: (i: number) => string) =>
    schedule.events
      .map((row, i) => {
        const amount = amountsOf(schedule)[i]!;
        return `row ${row}: ${amount} st${amount === 1 ? '' : 's'}${left(i)}`;
      })
      .join(', ');
  // Two edges at once have no count of their own after each row.
  const own = rowsOf(only, (i) => (beside ? '' : ` (${after[i]} ${grow ? 'sts' : 'left'})`)) || 'nothing';
  const also =
    beside && other
      ? `; at the same time, at ${other.edge} ${verbOf([beside])} ${rowsOf(beside, () => '')}`
      : '';
  return [
    head,
    line`${rowsWord} ${ranges}: at ${edge} ${verb} ${own}${also}; work the other rows even. (${ends} sts)`,
  ];
}

function verbOf(schedules: readonly (Schedule | null)[]): string {
  return schedules.some((one) => one && one.direction > 0) ? 'add' : 'take off';
}

/** "every 3 (3, 4) rows 11 (12, 9) times, then every 2 rows 4 (0, 5) times"; 0 where a size has no such run. */
function ratesForAll(schedules: readonly Schedule[], most: number, row: string): Line {
  const parts: Line[] = [];
  for (let run = 0; run < most; run += 1) {
    const every = schedules.map(({ rates }) => rates[run]?.every ?? 0);
    const shared = every.find((rows) => rows > 0)!;
    const times = schedules.map(({ rates }) => rates[run]?.times ?? 0);
    const gaps = every.map((rows) => rows || shared);
    const rows = gaps.every((gap) => gap === 1)
      ? line`every ${row}`
      : line`every ${gaps.map(ordinal)} ${row}`;
    parts.push(line`${run > 0 ? ', then ' : ''}${{ inline: rows }} ${times} times`);
  }
  return parts.flat();
}
