/** Rows and amounts as patterns tell them, read back: the other way of `write/rowWords`. */

import { TIMES, timesOfWords } from '../text/singular.js';

const RATE = new RegExp(String.raw`^every (?:(\d+)(?:st|nd|rd|th) )?(?:row|rnd) ${TIMES}$`);

/** "57–60, 62, every 3rd from 65 to 80" as the rows themselves; null for anything else. */
export function readRows(text: string): number[] | null {
  const rows: number[] = [];
  for (const part of text.split(/, (?=\d|every)/)) {
    const every = /^every (\d+)(?:st|nd|rd|th) from (\d+) to (\d+)$/.exec(part);
    const range = /^(\d+)(?:–(\d+))?$/.exec(part);
    const [step, from, to] = every
      ? [Number(every[1]), Number(every[2]), Number(every[3])]
      : range
        ? [1, Number(range[1]), Number(range[2] ?? range[1])]
        : [0, 0, 0];
    if (step < 1) return null;
    for (let row = from; row <= to; row += step) rows.push(row);
  }
  return rows;
}

/** "4 sts in row 55, 1 st in rows 57–60, 62" as the stitches of every row named; null for anything else. */
export function readAmounts(text: string): Map<number, number> | null {
  const amounts = new Map<number, number>();
  if (text === 'nothing') return amounts;
  for (const part of text.split(/, (?=\d+ sts? in )/)) {
    const said = /^(\d+) sts? in (?:row|rnd)s? (.+)$/.exec(part);
    const rows = said && readRows(said[2]!);
    if (!said || !rows) return null;
    for (const row of rows) {
      // No row is told twice.
      if (amounts.has(row)) return null;
      amounts.set(row, Number(said[1]));
    }
  }
  return amounts;
}

/**
 * "every 3rd row 9 times, then every 2nd row 4 times, counted from row 1, 2 sts in the first 3 of them" as the times that each row
 * shapes (1, or 2 where two stitches are to be gained); null for anything else.
 */
export function readRates(text: string): Map<number, number> | null {
  const said = /^(.*), counted from (?:row|rnd) (\d+)(?:, 2 sts in the (first|last) (\d+) of them)?$/.exec(
    text,
  );
  if (!said) return null;
  const rows: number[] = [];
  let row = Number(said[2]);
  for (const part of said[1]!.split(', then ')) {
    const rate = RATE.exec(part);
    if (!rate) return null;
    const times = timesOfWords(rate[2]!);
    for (let i = 0; i < times; i += 1) rows.push((row += Number(rate[1] ?? 1)));
  }
  const twice = Number(said[4] ?? 0);
  const doubled = (i: number) => (said[3] === 'last' ? i >= rows.length - twice : i < twice);
  return new Map(rows.map((one, i) => [one, doubled(i) ? 2 : 1]));
}
