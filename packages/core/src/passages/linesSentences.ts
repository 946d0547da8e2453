/** How sentences of rows shaped beside lines are read back. */

import { ReadFault } from '../read/maker.js';
import { tablesOf } from '../read/ofSize.js';
import { COUNT, END, ROWS, STITCH, type Sentence } from '../read/words.js';
import { readScheduleTable } from './scheduleTables.js';

/** What is worked at one line, on how many of its sides, and whether each side gains or loses. */
function besideOne(words: string): { gained: number; sides: number } {
  const losing = new RegExp(`${STITCH}2tog (before it)( and after it)?`).exec(words);
  if (losing) return { gained: -1, sides: losing[2] ? 2 : 1 };
  const gaining = [...words.matchAll(new RegExp(`(\\d+) ${STITCH} in (?:that|the)(?: next)? st`, 'g'))];
  if (gaining.some(([, many]) => many !== '2')) throw new ReadFault('one st more is 2 in one st');
  if (gaining.length > 0) return { gained: 1, sides: gaining.length };
  // Told by sides: as many as "the sides gain", or the new stitches of either side in the space.
  return { gained: 1, sides: /the one side, .+ the other side|as the sides gain/.test(words) ? 2 : 0 };
}

export const LINES_SENTENCES: readonly Sentence[] = [
  {
    form: new RegExp(
      `^(?:Increase|Shaping) (?:row|rnd): \\*(?:(.+); repeat from \\* at (?:each of the (\\d+) lines|the other side), work to the end)\\.`,
    ),
    read: (found, reader) => {
      const [, atOne, places] = found;
      const how = found.input;
      const { gained, sides } = besideOne(atOne!);
      reader.agree(2, sides, 'the sides of a line that shape');
      reader.lines.sign = gained;
      reader.lines.school = /ch-1 sp of the line/.test(atOne!)
        ? 'corner'
        : /marked st of the line/.test(atOne!)
          ? 'alternating'
          : 'beside';
      // A line is as wide wherever its stitches are told, and the space of a corner is one chain.
      for (const [, many] of how.matchAll(/the (\d+) sts of the line/g)) {
        if (reader.lines.width !== null)
          reader.agree(Number(many), reader.lines.width, 'the stitches of a line');
        reader.lines.width = Number(many);
      }
      for (const [, many] of how.matchAll(/work to (\d+) sts? before/g))
        reader.agree(Number(many), 1, 'where a line is shaped before it');
      for (const [, gained, into] of how.matchAll(/Where (\d+) sts are to be gained, work (\d+)/g))
        reader.agree(Number(into), Number(gained) + 1, 'what is worked in one st for them');
      for (const [, many] of how.matchAll(/\bch[- ](\d+)/g))
        reader.agree(Number(many), 1, 'the chain of a line');
      // Of each line one side is the body's, the other the sleeve's; of a side marker both are the body's.
      reader.lines.places = places ? Number(places) : 2 * sides;
    },
  },
  {
    form: new RegExp(
      `^At a front edge work (\\d+) ${STITCH} in the edge st for 1 st(, and ch as many as are to be gained for more, to be worked into in the next row)?\\.$`,
    ),
    read: ([, into, chains], reader) => {
      reader.agree(1, Number(into) - 1, 'what is worked at a front edge for 1 st');
      reader.lines.chainsAtEdge = chains !== undefined;
    },
  },
  {
    form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?: go on with the (increases|decreases) at the lines as begun\.$/,
    read: ([, from, to, way], reader) => {
      if (from === '–') return;
      reader.agree(Number(from), reader.maker.now().n + 1, 'the next row');
      reader.lines.goOn(Number(to ?? from), way === 'increases' ? 1 : -1);
    },
  },
  {
    form: /^(?:Row|Rnd)s? (–|\d+)(?:–(\d+))?, the (?:row|rnd)s that (increase|decrease):$/,
    read: ([, , to, way], reader) => reader.lines.begin(way === 'increase' ? 1 : -1, Number(to ?? 0)),
  },
  {
    form: new RegExp(
      `^${ROWS}, (increase|decrease) beside the lines(?: as the tables? says?(?:, (?:row|rnd) (\\d+|–) being their row 1)?)?, the other (?:row|rnd)s even:(.*)$`,
    ),
    read: ([, from, to, , way, first, tables], reader) => {
      if (from === '–') return;
      const before = reader.maker.now().n;
      const begun = reader.unitedAt ?? before + 1;
      reader.agree(Number(from), begun, 'the next row');
      reader.lines.begin(way === 'increase' ? 1 : -1, Number(to ?? from));
      if (first !== undefined) reader.agree(Number(first), begun, 'the row that is 1 of the table');
      for (const table of tablesOf(tables!)) {
        const { does, place, rows } = readScheduleTable(table, begun - 1);
        if (does !== way) throw new ReadFault('the table says another way');
        reader.lines.byRows(place, rows);
      }
    },
  },
  {
    form: new RegExp(
      `^(?:Row|Rnd) (\\d+): (add|take off) ((?:\\d+ sts? (?:on|at) [^,;]+(?:, )?)+); ${END}\\. ${COUNT}$`,
    ),
    read: ([, row, way, list, , stitches], reader) => {
      reader.agree(way === 'add' ? 1 : -1, reader.lines.sign, 'the way in which these rows shape');
      for (const [, many, side] of list!.matchAll(/(\d+) sts? ((?:on|at) [^,;]+)/g))
        reader.lines.inRow(side!, Number(row), Number(many));
      reader.lines.counts.set(Number(row), Number(stitches));
    },
  },
  {
    form: /^(on the body’s side of each line|on the sleeve’s side of each line|at each front edge|at both sides of each side marker): (.+?)\.?$/,
    read: ([, side, rates], reader) => reader.lines.byRates(side!, rates!),
  },
  {
    form: /^Work the other (?:row|rnd)s even; each (?:row|rnd) ends: .+\. After (?:row|rnd) (\d+): (\d+) sts? \((.+)\)\.$/,
    read: ([, row, stitches, parts], reader) => reader.lineRows(Number(row), Number(stitches), parts!),
  },
];
