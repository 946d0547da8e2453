/** How sentences of shaped rows are read back. */

import { ReadFault } from '../read/maker.js';
import { tablesOf, type ReadTable } from '../read/ofSize.js';
import type { PieceReader } from '../read/pieceReader.js';
import { readRates, readRows } from '../read/rates.js';
import type { EdgeChange } from '../read/said.js';
import { TIMES, timesOfWords } from '../text/singular.js';
import { COUNT, END, ROWS, STITCH, type Sentence } from '../read/words.js';
import { WIDER } from '../stitch/unitRounds.js';
import { readScheduleTable } from './scheduleTables.js';

/** What is worked at one end of a shaped row or round: the stitches that it changes there and those it is worked over. */
const atEnd = (end: 'first' | 'last') =>
  `(?:2 ${STITCH} in (?:the ${end} st|each of the ${end} (\\d+) sts?)|${STITCH}2tog (?:${TIMES} )?over the ${end} (\\d+) sts?)`;

/** How many stitches one end of a row changes, where what it is said to be worked over is right. */
function changedAt(reader: PieceReader, more?: string, fewer?: string, over?: string): number {
  const many = fewer === undefined ? Number(more ?? 1) : timesOfWords(fewer);
  if (over !== undefined) reader.agree(Number(over), 2 * many, 'the stitches worked together at an end');
  return many;
}

/** A table of what rows change at an edge. */
function edgeTable(table: ReadTable, before: number): EdgeChange {
  const { does, place, rows } = readScheduleTable(table, before);
  if (!/^(?:add|take off)$/.test(does) || !place.startsWith('at '))
    throw new ReadFault(`the table “${table.head}” is of no edge`);
  return { place: place.slice('at '.length), sign: does === 'add' ? 1 : -1, rows };
}

export const SHAPE_SENTENCES: readonly Sentence[] = [
  {
    form: new RegExp(
      `^(Increase|Decrease) (?:row|rnd): ${atEnd('first')}, .+ to the last (?:st|(\\d+) sts?), ${atEnd('last')}\\.$`,
    ),
    read: ([, way, more, fewer, over, rest, moreAfter, fewerAfter, overAfter], reader) => {
      const last = changedAt(reader, moreAfter, fewerAfter, overAfter);
      const many = changedAt(reader, more, fewer, over) + last;
      reader.agree(Number(rest ?? 1), way === 'Increase' ? last : 2 * last, 'the stitches left for the end');
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
      const told = only && readScheduleTable(only, reader.maker.now().n);
      if (told && told.does !== way) throw new ReadFault('the table says another way');
      reader.shapedRows(from!, to, told?.rows ?? new Map(), Number(stitches));
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
    form: new RegExp(
      String.raw`^Repeat the last (?:(\d+) )?(?:row|rnd)s? ${TIMES} more, to (?:row|rnd) (\d+)(?:, about [^.]+(?:\.\d[^.]*)?)?\. \(([\d, ]+) sts\)$`,
    ),
    read: ([, rows, times, to, counts], reader) => {
      const gap = Number(rows ?? 1);
      const after = counts!.split(', ').map(Number);
      reader.agree(timesOfWords(times!), after.length, 'the repeats');
      for (const stitches of after) reader.shapingRow(reader.maker.now().n + gap, stitches, gap);
      reader.agree(Number(to), reader.maker.now().n, 'the last row of the repeats');
    },
  },
  {
    form: new RegExp(`^(?:Row|Rnd) (\\d+)(?:, about [^:]+?)?: (increase|decrease) (?:row|rnd)\\. ${COUNT}$`),
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
      const between = [...gaps!.matchAll(new RegExp(`${TIMES} (\\d+) plain sts?`, 'g'))];
      if (between.length > 0) {
        const taken = reader.step > 0 ? 1 : 2;
        const plain = between.reduce((all, found) => all + timesOfWords(found[1]!) * Number(found[2]), 0);
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
];
