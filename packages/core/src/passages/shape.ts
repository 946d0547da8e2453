import type { CountingUnit } from '../fabric/fabric.js';
import { countedInWords, unitsInWords } from '../fabric/units.js';
import { ReadFault } from '../read/maker.js';
import { tablesOf, type ReadTable } from '../read/ofSize.js';
import type { EdgeChange, PieceReader } from '../read/pieceReader.js';
import { readRates, readRows } from '../read/rates.js';
import { COUNT, END, ROWS, STITCH } from '../read/words.js';
import { amountOf, ratesInWords } from '../shaping/schedule.js';
import { WIDER } from '../stitch/unitRounds.js';
import { countOf } from '../text/singular.js';
import { line, type Line } from '../write/line.js';
import { rangeInWords, rowsInWords } from '../write/rowWords.js';
import type { MotifRound } from '../work/rows.js';
import { evenWords } from './even.js';
import type { GoOn } from './goOn.js';
import { afterShaping } from './inPattern.js';
import type { PassageKind } from './kind.js';
import type { Passage } from './passage.js';
import type { PieceSoFar } from './pieceSoFar.js';
import { rowsInFull } from './rowsInFull.js';
import { readScheduleTable } from './scheduleTables.js';
import { endOf, type Shape } from './shapePassage.js';
import { explainShaping } from './shapeReasons.js';
import { workShaped } from './shapeRows.js';
import { writeShape } from './shapeWords.js';

/** What is worked at one end of a shaped row or round: the stitches that it changes there and those it is worked over. */
const atEnd = (end: 'first' | 'last') =>
  `(?:2 ${STITCH} in (?:the ${end} st|each of the ${end} (\\d+) sts?)|${STITCH}2tog (?:(\\d+) times )?over the ${end} (\\d+) sts?)`;

/** How many stitches one end of a row changes, where what it is said to be worked over is right. */
function changedAt(reader: PieceReader, more?: string, fewer?: string, over?: string): number {
  const many = Number(more ?? fewer ?? 1);
  if (over !== undefined) reader.agree(Number(over), 2 * many, 'the stitches worked together at an end');
  return many;
}

/** A table of what rows change at an edge. */
function edgeTable(table: ReadTable, before: number): EdgeChange {
  const said =
    /^(add|take off)(?: \d+ sts)? at (.+?)(?:, sts| in (?:row|rnd)|, so many (?:row|rnd)s, then 1 (?:row|rnd) even)$/.exec(
      table.head,
    );
  const rows = readScheduleTable(table, before);
  if (!said || !rows) throw new ReadFault(`the table “${table.head}” cannot be read`);
  return { place: said[2]!, sign: said[1] === 'add' ? 1 : -1, rows };
}

export const shape: PassageKind<Shape> = {
  rows: (passage, maker) => workShaped(passage, maker),
  words: (all, soFar) => {
    const { part } = all[0]!;
    if (all.every(isEven)) return [...evenWords(all, soFar), ...fastenedOff(soFar)];
    const before = soFar.of(part);
    const { at } = all[0]!.where;
    const atEdges = at === 'both edges' || at === 'one edge';
    const to = all.map((one) => one.to);
    const from = before.map(({ n }) => n);
    const words = soFar.wordsOf(part);
    const full = atEdges ? rowsInFull(part, from, to, 'edges', soFar) : [];
    const lines = asBefore(soFar)
      ? [
          line`${words.one}s ${to.map((n, size) => rangeInWords(from[size]! + 1, n))}: work as the ${nameOf(soFar.pieces[0]!.passages, part)}, with ${edgeOf(all[0]!)} at its other end; ${words.end}. (${all.map(endOf)} sts)`,
        ]
      : writeShape(all, before, soFar, soFar.unitOf(part), full.length === 0);
    soFar.reach(
      part,
      all.map((one) => ({ n: one.to, count: endOf(one) })),
    );
    lines.push(...afterShaping(part, to, atEdges ? 'edges' : 'spread', soFar), ...full);
    return [...lines, ...fastenedOff(soFar)];
  },
  sentences: [
    {
      form: new RegExp(
        `^(Increase|Decrease) (?:row|rnd): ${atEnd('first')}, .+ to the last (?:st|(\\d+) sts?), ${atEnd('last')}\\.$`,
      ),
      read: ([, way, more, fewer, over, rest, moreAfter, fewerAfter, overAfter], reader) => {
        const last = changedAt(reader, moreAfter, fewerAfter, overAfter);
        const many = changedAt(reader, more, fewer, over) + last;
        reader.agree(
          Number(rest ?? 1),
          way === 'Increase' ? last : 2 * last,
          'the stitches left for the end',
        );
        reader.step = way === 'Increase' ? many : -many;
        reader.atEnds = true;
      },
    },
    {
      form: /^Increase row: a loop in the space after the first st, .+ to the last st, a loop in the space before the last st\.$/,
      read: (_, reader) => {
        reader.step = 2;
        reader.atEnds = true;
      },
    },
    {
      form: /^(?:Increase|Decrease) rnd: (?:over|in the place of) the first .+: (\d+) sts? (more|fewer) at each end\.$/,
      read: ([, many, way], reader) => {
        reader.step = 2 * Number(many) * (way === 'more' ? 1 : -1);
        reader.atEnds = true;
        reader.said.units = true;
      },
    },
    {
      form: /^(?:Increase|Decrease) rnd: (?:2 repeats in the place of 1|1 repeat over 2 .+), each (\d+) sts? (more|fewer), at (?:(\d+) places?|so many places) spread evenly\.$/,
      read: ([, each, way, places], reader) => {
        reader.perPlace = Number(each);
        reader.step = Number(places ?? 1) * reader.perPlace * (way === 'more' ? 1 : -1);
        reader.atEnds = false;
        reader.said.units = true;
      },
    },
    {
      form: new RegExp(
        `^(Increase|Decrease) (?:row|rnd): (?:2 ${STITCH} in one st|${STITCH}2tog) at (?:(\\d+) places?|so many places) spread evenly`,
      ),
      read: ([, way, places], reader) => {
        reader.step = Number(places ?? 1) * (way === 'Increase' ? 1 : -1);
        reader.perPlace = 1;
        reader.atEnds = false;
      },
    },
    {
      form: new RegExp(
        `^(?:Row|Rnd)s? (–|\\d+)(?:–(\\d+))?: (?:inc|dec) [^:]*?(every .+, counted from (?:row|rnd) \\d+|work even, counted from (?:row|rnd) \\d+|in (?:row|rnd)s .+, counted from (?:row|rnd) \\d+); work the other (?:row|rnd)s even\\. ${COUNT}$`,
      ),
      read: ([, from, to, rates, stitches], reader) => {
        const listed = /^in (?:row|rnd)s (.+), counted/.exec(rates!);
        const rows = rates!.startsWith('work even')
          ? new Map<number, number>()
          : listed
            ? new Map(readRows(listed[1]!)?.map((row) => [row, 1]))
            : readRates(rates!);
        reader.shapedRows(from!, to, rows, Number(stitches));
      },
    },
    {
      form: new RegExp(
        `^${ROWS}: work (increase|decrease) (?:row|rnd)s as the table says, the other (?:row|rnd)s even; ${END}\\. ${COUNT}(.*)$`,
      ),
      read: ([, from, to, , way, , stitches, table], reader) => {
        if (from === '–') return;
        reader.agree(way === 'increase' ? 1 : -1, Math.sign(reader.step), 'the way of these rows');
        const [only] = tablesOf(table!);
        const rows = only ? readScheduleTable(only, reader.maker.now().n) : new Map<number, number>();
        if (only && !only.head.startsWith(`${way} `)) throw new ReadFault('the table says another way');
        reader.shapedRows(from!, to, rows, Number(stitches));
      },
    },
    {
      form: new RegExp(
        `^${ROWS}: work an? (increase|decrease) (?:row|rnd) as (?:row|rnd) (\\d+), the other (?:row|rnd)s even; ${END}\\. ${COUNT}$`,
      ),
      read: ([, from, to, , way, at, , stitches], reader) => {
        reader.agree(way === 'increase' ? 1 : -1, Math.sign(reader.step), 'the way of this row');
        reader.shapedRows(from!, to, new Map([[Number(at), 1]]), Number(stitches));
      },
    },
    {
      form: new RegExp(
        `^${ROWS}: (add|take off) (\\d+) sts? at (?!both sides|each front edge)([^,]+?)(?: in (?:row|rnd) (\\d+), the other (?:row|rnd)s even)?; ${END}\\. ${COUNT}$`,
      ),
      read: ([, from, to, , way, many, place, at, , stitches], reader) => {
        const rows = new Map([[Number(at ?? from), Number(many)]]);
        const change: EdgeChange = { place: place!, sign: way === 'add' ? 1 : -1, rows };
        reader.edgeTables(from!, to, [change], Number(stitches));
      },
    },
    {
      form: /^Repeat the last (?:(\d+) )?(?:row|rnd)s? (once|twice|(\d+) times) more, to (?:row|rnd) (\d+)(?:, about [^.]+(?:\.\d[^.]*)?)?\. \(([\d, ]+) sts\)$/,
      read: ([, rows, times, many, to, counts], reader) => {
        const gap = Number(rows ?? 1);
        const after = counts!.split(', ').map(Number);
        reader.agree(
          times === 'once' ? 1 : times === 'twice' ? 2 : Number(many),
          after.length,
          'the repeats',
        );
        for (const stitches of after) reader.shapingRow(reader.maker.now().n + gap, stitches, gap);
        reader.agree(Number(to), reader.maker.now().n, 'the last row of the repeats');
      },
    },
    {
      form: new RegExp(
        `^(?:Row|Rnd) (\\d+)(?:, about [^:]+?)?: (increase|decrease) (?:row|rnd)\\. ${COUNT}$`,
      ),
      read: ([, row, way, stitches], reader) => {
        reader.agree(way === 'increase' ? 1 : -1, Math.sign(reader.step), 'the way of this row');
        reader.shapingRow(Number(row), Number(stitches));
      },
    },
    {
      form: new RegExp(
        `^To (add|take off) 1 st: (?:(\\d+) ${STITCH} in the st|(a loop) in the space beside the st|${STITCH}2tog over the (\\d+) sts) at .+\\.$`,
      ),
      read: ([, way, into, loop, over], reader) => {
        const by = loop ? 1 : into ? Number(into) - 1 : 1 - Number(over);
        reader.agree(way === 'add' ? 1 : -1, by, 'what is worked at the edge for 1 st');
        reader.edgeWays.add(by > 0 ? '+1' : '-1');
      },
    },
    {
      form: /^(.+) lies where right-side rows (begin|end)\.$/,
      read: ([, edge, where], reader) => {
        reader.edgeSides.set(edge!.toLowerCase(), where === 'begin' ? 'right' : 'left');
      },
    },
    {
      form: new RegExp(
        `^To (?:(add) more: where a row begins at .+ ch so many before turning, and the turning chain as usual, and work into them; where it ends there work so many foundation ${STITCH}|(take off) more: sl st over them where a row begins at .+, leave them unworked where it ends there)\\.$`,
      ),
      read: ([, add], reader) => {
        reader.edgeWays.add(add ? '+n' : '-n');
      },
    },
    {
      form: new RegExp(
        `^${ROWS}: shape as the tables? says?(?:, (?:row|rnd) (\\d+|–) being its (?:row|rnd) 1)?, the other (?:row|rnd)s even; ${END}\\. ${COUNT}(.*)$`,
      ),
      read: ([, from, to, , first, , stitches, tables], reader) => {
        if (from === '–') return;
        const before = reader.maker.now().n;
        if (first !== undefined) reader.agree(Number(first), before + 1, 'the row that is 1 of the table');
        reader.edgeTables(
          from!,
          to,
          tablesOf(tables!).map((table) => edgeTable(table, before)),
          Number(stitches),
        );
      },
    },
    {
      form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?, shaped, the other (?:row|rnd)s even \((\d+) sts? at the end\): (.+)$/,
      read: ([, from, to, stitches, list], reader) => reader.edgeRows(from!, to, list!, Number(stitches)),
    },
    {
      form: new RegExp(`^${ROWS}: work as the .+, with .+ at its other end; ${END}\\. ${COUNT}$`),
      read: ([, from, to, , , stitches], reader) => reader.asBefore(from!, to, Number(stitches)),
    },
    {
      form: /^Counts after (?:these|the shaping) (?:row|rnd)s: (.+)\.$/,
      read: ([, list], reader) => {
        for (const [, row, stitches] of list!.matchAll(/(?:row|rnd) (\d+): (\d+) sts?/g)) {
          reader.agree(Number(stitches), reader.countAfter(Number(row)), `the count after row ${row}`);
          if (reader.countAfter(Number(row) - 1) === Number(stitches))
            throw new ReadFault(`row ${row} does not shape`);
        }
      },
    },
    {
      form: /^To widen a repeat of (.+?): \(.+\) in its space, (\d+) sts? more; in the rnds after it .+\.$/,
      read: ([, of, many], reader) => {
        reader.said.names.push({ of: of!, from: reader.maker.now().n });
        reader.said.units = true;
        reader.agree(Number(many), WIDER, 'what a wide repeat has more');
      },
    },
    {
      form: /^To part a wide repeat: work 2 repeats of .+ in the place of it, (\d+) sts? more\.$/,
      read: ([, many], reader) => (reader.perPlace = Number(many)),
    },
    {
      form: new RegExp(
        `^(?:Row|Rnd) (–|\\d+): (?:widen (\\d+) repeats?, spread evenly|part the (\\d+) wide repeats?); ${END}\\. ${COUNT}$`,
      ),
      read: ([, row, wider, parted, , stitches], reader) => {
        if (row === '–') return;
        reader.maker.even(Number(row) - 1);
        if (wider) reader.maker.change(Number(wider) * WIDER, 'wider');
        else reader.maker.change(Number(parted) * reader.perPlace, 'parted');
        reader.ends(Number(row), Number(stitches));
      },
    },
    {
      form: /^(?:Row|Rnd)s (–|\d+)(?:–(\d+))?: work even but for these\.$/,
      read: ([, from, to], reader) => {
        if (from !== '–') reader.agree(Number(from), reader.maker.now().n + 1, 'the next row');
        reader.stepsUntil = Number(to ?? 0);
      },
    },
    {
      form: new RegExp(`^(?:Row|Rnd) (–|\\d+): (?:inc|dec) at (\\d+) places?(.*?); ${END}\\. ${COUNT}$`),
      read: ([, row, places, gaps, , stitches], reader) => {
        if (row === '–') return;
        reader.maker.even(Number(row) - 1);
        const between = [...gaps!.matchAll(/(?:(\d+) times|(once)|(twice)) (\d+) plain sts?/g)];
        if (between.length > 0) {
          const times = ([, many, once]: RegExpMatchArray) => (many ? Number(many) : once ? 1 : 2);
          const taken = reader.step > 0 ? 1 : 2;
          const plain = between.reduce((all, found) => all + times(found) * Number(found[4]), 0);
          reader.agree(
            plain + taken * Number(places),
            reader.maker.now().count,
            'the stitches between the places and at them',
          );
        }
        reader.maker.change(Number(places) * reader.perPlace * Math.sign(reader.step));
        reader.ends(Number(row), Number(stitches));
      },
    },
  ],
  inShort: shapeInShort,
  reasons: explainShaping,
};

/** Nothing is shaped in these rows. */
function isEven({ schedule, also }: Shape): boolean {
  return schedule.events.length === 0 && (also?.schedule.events.length ?? 0) === 0;
}

/** Each part of a divided piece is fastened off when it is done. */
function fastenedOff(soFar: PieceSoFar): Line[] {
  return soFar.divided.every((part) => part !== null) && isDone(soFar.pieces[0]!.passages, soFar.at[0]!)
    ? [...soFar.closing, line`Fasten off.`]
    : [];
}

/** What the part is called that was worked beside this one, from the same row. */
function nameOf(passages: readonly Passage[], part: string): string {
  return (siblingOf(passages, part)?.label ?? 'first part').toLowerCase();
}

/** The part that goes on from the same one, before this. */
function siblingOf(passages: readonly Passage[], part: string): GoOn | undefined {
  const ways = passages.filter((passage) => passage.kind === 'go on');
  const own = ways.find((passage) => passage.part === part);
  return ways.find((passage) => passage.from === own?.from && passage.part !== part);
}

function edgeOf({ where }: Shape): string {
  return where.at === 'one edge' ? where.edge : 'the shaped edge';
}

/** Whether nothing is worked on a part after this passage: another part is taken up, or the piece is finished. */
function isDone(passages: readonly Passage[], i: number): boolean {
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
function siblings(passages: readonly Passage[], { from }: { from: string }): number {
  return passages.filter((passage) => passage.kind === 'go on' && passage.from === from).length;
}

/** Whether a second shoulder is shaped in the rows and by the amounts of the first. */
function asBefore({ pieces, at }: PieceSoFar): boolean {
  return pieces.every(({ passages }, size) => {
    const here = passages[at[size]!]!;
    const sibling = siblingOf(passages, here.part)?.part;
    const first = passages.slice(0, at[size]).find(({ kind, part }) => kind === 'shape' && part === sibling);
    return (
      here.kind === 'shape' &&
      here.where.at === 'one edge' &&
      first?.kind === 'shape' &&
      first.part !== here.part &&
      JSON.stringify([first.schedule, first.also]) === JSON.stringify([here.schedule, here.also])
    );
  });
}

/** "Increase at both edges every 3rd row 11 times, ...: 38 to 70 stitches, to row 47". */
function shapeInShort(passage: Shape, _: (id: string) => string, unit?: CountingUnit): string {
  const { schedule, where, to } = passage;
  if (schedule.events.length === 0 && !passage.also)
    return `Work even: ${countedInWords(schedule.start, unit)} to row ${to}`;
  const grow = schedule.direction > 0;
  const end = endOf(passage);
  const whole = [schedule.start, end].every((count) => unitsInWords(count, unit) !== null);
  const ends = whole
    ? `${countedInWords(schedule.start, unit)} to ${countedInWords(end, unit)}, to row ${to}`
    : `${schedule.start} to ${end} stitches, to row ${to}`;
  if (passage.motif) {
    const rounds = (of: MotifRound) =>
      rowsInWords(schedule.events.filter((_, i) => passage.motif![i] === of));
    return `Widen repeats in rnds ${rounds('wider')}, part them in rnds ${rounds('parted')}: ${ends}`;
  }
  const verb = grow ? 'Add' : 'Take off';
  if (where.at === 'one edge') {
    const also = passage.also
      ? `; at the same time ${passage.also.schedule.direction > 0 ? 'add' : 'take off'} at ${passage.also.edge} ${stepsInWords(passage.also.schedule)}`
      : '';
    return `${verb} at ${where.edge} ${stepsInWords(schedule)}${also}: ${ends}`;
  }
  if (where.at === 'both edges' && schedule.amounts)
    return `${verb} at each edge ${stepsInWords(schedule, 2)}: ${ends}`;
  const place = where.at === 'both edges' ? 'at both edges' : `at ${countOf(schedule.perEvent, 'place')}`;
  return `${grow ? 'Increase' : 'Decrease'} ${place} ${ratesInWords(schedule)}: ${ends}`;
}

/** "5 in row 40, 1 in rows 41–43, 45": rows that follow each other with the same amount are written together. */
function stepsInWords(schedule: Shape['schedule'], edges = 1): string {
  const groups: { amount: number; runs: [first: number, last: number][] }[] = [];
  schedule.events.forEach((row, i) => {
    const amount = amountOf(schedule, i) / edges;
    const group = groups.at(-1);
    const run = group?.runs.at(-1);
    if (group?.amount !== amount || !run) groups.push({ amount, runs: [[row, row]] });
    else if (run[1] === row - 1) run[1] = row;
    else group.runs.push([row, row]);
  });
  return groups
    .map(({ amount, runs }) => {
      const one = runs.length === 1 && runs[0]![0] === runs[0]![1];
      return `${amount} in ${one ? 'row' : 'rows'} ${runs.map(([first, last]) => (first === last ? first : `${first}–${last}`)).join(', ')}`;
    })
    .join(', ');
}
