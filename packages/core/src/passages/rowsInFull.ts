/** Shaped rows in a stitch pattern one by one: what is worked where, or how many repeats and plain stitches each has. */

import { readInFull } from '../read/inFull.js';
import { ReadFault } from '../read/maker.js';
import { tablesOf } from '../read/ofSize.js';
import { COUNT, END, type Sentence } from '../read/words.js';
import { overStitchesInWords } from '../stitch/overStitches.js';
import { directionOf, fromTheRight, placesInWords, type StitchedRow } from '../stitch/stitchedRow.js';
import { widthOf } from '../stitch/zones.js';
import { ordinal } from '../text/phrase.js';
import { countOf, timesInWords } from '../text/singular.js';
import { isTake, type Row } from '../work/rows.js';
import { makesOf, takesOf } from '../work/steps.js';
import { line, NONE, tableOf, type Line } from '../write/line.js';
import type { PieceInPattern } from './inPattern.js';

/**
 * The first row of a part and those that shape, up to row `to` of each size. A size that is written alone has them in full; of several sizes the plain
 * stitches and repeats are listed.
 *
 * @param from last row before them
 * @param beside whether they shape at edges or beside lines inside
 */
export function rowsInFull(
  part: string,
  from: readonly number[],
  to: readonly number[],
  beside: 'edges' | 'lines',
  soFar: PieceInPattern & { rowsOfPart: (part: string, size: number) => readonly Row[] },
): Line[] {
  const { stitches, fabric } = soFar;
  if (stitches.is !== 'rows' || stitches.text.work === 'tunisian') return [];
  const { text } = stitches;
  const all = soFar.stitchedRows();
  const shaped = from.map((before, size) =>
    soFar.rowsOfPart(part, size).flatMap((row, i, rows) => {
      const stitched = all[size]!.get(`${part}:${row.n}`);
      if (!stitched || stitched.ring || stitched.pattern === null) return [];
      if (row.n <= before || row.n > to[size]!) return [];
      // Where stitches are left at an end nothing in the row itself is shaped.
      const shapes = row.by !== 0 || row.add > 0 || (i > 0 && rows[i - 1]!.count !== row.count);
      // Where the others stand follows from the first.
      const begins =
        row.n === before + 1 ||
        stitched.pattern < text.repeat.first ||
        (i > 0 && all[size]!.get(`${part}:${rows[i - 1]!.n}`)?.pattern === null);
      const under = row.from.reduce((sum, source) => sum + (isTake(source) ? source.take : 0), 0);
      const left = i > 0 ? rows[i - 1]!.count - under : 0;
      return shapes || begins ? [{ row, stitched, shapes, left }] : [];
    }),
  );
  /** A row before those that repeat is worked over stitches here; "" where it is told as it is. */
  const overThese = ({ pattern, plain }: StitchedRow) =>
    pattern! >= text.repeat.first
      ? ''
      : ` over these sts, “${overStitchesInWords(text, pattern!, plain[0]! > 0)}”`;
  const numberOf = ({ pattern }: StitchedRow) => text.rows[pattern!]!.n ?? pattern! + 1;
  const words = soFar.wordsOf(part);
  const edge = soFar.wayOf(part) === undefined ? 'the right edge' : 'the beginning of the rnd';
  if (shaped.length === 1)
    return shaped[0]!.map(({ row, stitched, shapes, left }): Line => {
      const over = overThese(stitched);
      const full =
        beside === 'edges' && shapes && over === ''
          ? rowInWords(row, left, stitched, numberOf(stitched), stitches.proof.base, soFar)
          : null;
      return full === null
        ? [
            `${words.one} ${row.n} is row ${numberOf(stitched)} of ${fabric.name}${over}: from ${edge} ${placesInWords(stitched, row)}. (${countOf(row.count, 'st')})`,
          ]
        : [`${words.one} ${row.n} in full: ${full}; ${words.end}. (${countOf(row.count, 'st')})`];
    });
  const isOne = ({ stitched }: { stitched: StitchedRow }) => stitched.repeats.length === 1;
  if (
    beside === 'lines' ||
    !shaped.every((rows) => rows.every(isOne)) ||
    shaped.every(({ length }) => length === 0)
  )
    return [];
  // Where all is whole repeats of one row, and the stitches are told, nothing is left to say.
  const isBare = ({ stitched }: { stitched: StitchedRow }) =>
    fabric.shaping === 'units' && stitched.plain.every((many) => many === 0) && overThese(stitched) === '';
  if (text.repeat.first === text.repeat.last && shaped.flat().every(isBare)) return [];
  const most = Math.max(...shaped.map(({ length }) => length));
  const table = tableOf(
    `row (row of ${fabric.name}): plain sts + repeats + plain sts`,
    Array.from({ length: most }, (_, i) => ({
      label: `${ordinal(i + 1)} of these`,
      each: shaped.map((rows) => {
        if (!rows[i]) return NONE;
        const { row, stitched } = rows[i];
        const { plain, repeats } = fromTheRight(stitched, row);
        return `${row.n}(${numberOf(stitched)}):${plain[0]!}+${repeats[0]!}+${plain[1]!}`;
      }),
    })),
  );
  const [begun] = shaped.flatMap((rows) => rows.filter(({ stitched }) => overThese(stitched) !== ''));
  return [
    ...(begun
      ? [
          line`Row ${numberOf(begun.stitched)} of ${fabric.name} goes over these sts as “${overStitchesInWords(text, begun.stitched.pattern!, begun.stitched.plain[0]! > 0)}”.`,
        ]
      : []),
    line`${words.one}s that shape and begin, from ${edge}:${table}`,
  ];
}

/** A stretch of repeats, by the stitches of its row. */
interface Stretch {
  from: number;
  to: number;
  many: number;
}

/** "dc2tog, dc in the next st, row 2 of Mesh (12 repeats) over the next 25 sts, dc2tog"; null where more is worked than that. */
function rowInWords(
  row: Row,
  left: number,
  { plain, repeats }: StitchedRow,
  number: number,
  base: { multiple: number; plus: number },
  { fabric, stitch }: PieceInPattern,
): string | null {
  const order = directionOf(row) === 1 ? [...row.steps].reverse() : row.steps;
  const isTold = ({ do: does }: (typeof order)[number], i: number) =>
    does === 'work' || does === 'increase' || does === 'decrease' || (does === 'slip' && i === 0);
  if (!order.every(isTold)) return null;
  /** Where each stretch of repeats begins and ends, by the stitches of this row. */
  let at = 0;
  const zones = repeats.map((many, i): Stretch => {
    const from = at + plain[i]!;
    at = from + widthOf({ repeats: many }, base);
    return { from, to: at, many };
  });
  const said: string[] = [];
  let [made, taken] = [0, 0];
  const all = row.from.reduce((sum, source) => sum + (isTake(source) ? source.take : 0), 0);
  const place = (many: number) =>
    many > 1
      ? `in the next ${many} sts`
      : taken === 0
        ? 'in the first st'
        : taken === all - 1
          ? 'in the last st'
          : 'in the next st';
  let open: Stretch | null = null;
  for (const step of order) {
    if (step.do === 'slip') {
      said.push(`sl st over the first ${countOf(step.times, 'st')}`);
      taken += step.times;
      continue;
    }
    const [takes, makes] = [takesOf(step), makesOf(step)];
    if (step.do === 'work') {
      let left = step.times;
      while (left > 0) {
        const zone: Stretch | null = open ?? zones.find(({ from }) => from >= made) ?? null;
        const until: number = open ? made : (zone?.from ?? Infinity);
        const plainHere = Math.min(left, until - made);
        if (plainHere > 0) {
          said.push(`${stitch} ${place(plainHere)}`);
          [made, taken, left] = [made + plainHere, taken + plainHere, left - plainHere];
          continue;
        }
        // A stretch of repeats lies in one stretch of stitches, but for its first and last stitch.
        const begun: boolean = open !== null;
        const width: number = zone!.to - made;
        const inside = Math.min(width, left);
        if (width - inside > 1) return null;
        said.push(
          `row ${number} of ${fabric.name} (${countOf(zone!.many, 'repeat')}) over ${begun ? 'that st and ' : ''}the next ${countOf(width, 'st')}`,
        );
        [made, taken, left] = [made + inside, taken + inside, left - inside];
        open = inside < width ? zone : null;
      }
      continue;
    }
    for (let i = 0; i < step.times; i += 1) {
      const zone = zones.find(({ from, to }) => from < made + makes && to > made);
      if (!zone) {
        if (step.do === 'increase') said.push(`${makes} ${stitch} ${place(1)}`);
        else said.push(`${stitch}${takes}tog`);
      } else if (step.do === 'increase' && makes === 2 && zone.from === made + 1 && !open) {
        said.push(`${stitch} ${place(1)}`);
        open = zone;
      } else if (step.do === 'increase' && makes === 2 && zone.to === made + 1 && open === zone) {
        said.push(`${stitch} in the last of them again`);
        open = null;
      } else return null;
      made += makes;
      taken += takes;
    }
  }
  if (left > 0) said.push(`leave the last ${countOf(left, 'st')} unworked`);
  return open ? null : gathered(said).join(', ');
}

/** What follows itself is told once: "dc2tog, dc2tog" is "dc2tog twice". */
function gathered(said: readonly string[]): string[] {
  const all: { words: string; times: number }[] = [];
  for (const words of said) {
    const last = all.at(-1);
    if (last?.words === words && /tog$/.test(words)) last.times += 1;
    else all.push({ words, times: 1 });
  }
  return all.map(({ words, times }) => (times > 1 ? `${words} ${timesInWords(times)}` : words));
}

/** The sentences of shaped rows one by one. */
export const IN_FULL_SENTENCES: readonly Sentence[] = [
  {
    form: new RegExp(`^(?:Row|Rnd) (\\d+) in full: (.+); ${END}\\. ${COUNT}$`),
    read: ([, n, words, , stitches], reader) =>
      reader.inFull(Number(n), readInFull(words!), Number(stitches)),
  },
  {
    form: new RegExp(
      `^(?:Row|Rnd) (\\d+) is row (\\d+) of (.+?)(?: over these sts, “(.+)”)?: from (?:the right edge|the beginning of the rnd) (.+)\\. ${COUNT}$`,
    ),
    read: ([, n, row, of, over, places, stitches], reader) => {
      if (over) reader.overStitches(Number(row), of!, over);
      reader.rowHas(Number(n), Number(row), of!, places!);
      reader.agree(Number(stitches), reader.countAfter(Number(n)), `the count after row ${n}`);
    },
  },
  {
    form: /^Row (\d+) of (.+) goes over these sts as “(.+)”\.$/,
    read: ([, row, of, words], reader) => reader.overStitches(Number(row), of!, words!),
  },
  {
    form: /^(?:Row|Rnd)s that shape and begin, from (?:the right edge|the beginning of the rnd):( \|\| .+)$/,
    read: ([, tables], reader) => {
      for (const { head, rows } of tablesOf(tables!)) {
        const of = /^row \(row of (.+)\): plain sts \+ repeats \+ plain sts$/.exec(head)?.[1];
        for (const [i, [label, figures]] of rows.entries()) {
          if (label !== `${ordinal(i + 1)} of these`) throw new ReadFault(`“${label}” is out of order`);
          const [, n, row, right, repeats, left] = /^(\d+)\((\d+)\):(\d+)\+(\d+)\+(\d+)$/.exec(figures) ?? [];
          if (of === undefined || n === undefined) throw new ReadFault(`“${figures}” cannot be read`);
          reader.rowHas(Number(n), Number(row), of, {
            repeats: Number(repeats),
            edges: [Number(right), Number(left)],
          });
        }
      }
    },
  },
];
