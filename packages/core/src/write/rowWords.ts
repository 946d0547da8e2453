import type { RoundWay } from '../work/rows.js';
import { amountOf, type Schedule } from '../shaping/schedule.js';
import { ordinal } from '../text/phrase.js';
import { countOf } from '../text/singular.js';

/** How rows are called, and how one ends: rows are turned, rounds joined (and turned). */
export interface RowWords {
  one: 'Row' | 'Rnd';
  short: 'row' | 'rnd';
  end: string;
}

/** "4–9", "4", or "–" where there are none. */
export function rangeInWords(from: number, to: number): string {
  return to < from ? '–' : from === to ? String(to) : `${from}–${to}`;
}

/** Fewest rows at equal distances that are written as "every 3rd row from 9 to 30". */
const FEWEST_AS_RATE = 4;

/** "57–60, 62, every 3rd from 65 to 80": some rows, rising. */
export function rowsInWords(rows: readonly number[]): string {
  const said: string[] = [];
  for (let i = 0; i < rows.length;) {
    const gap = (rows[i + 1] ?? 0) - rows[i]!;
    let last = i;
    while (last + 1 < rows.length && rows[last + 1]! - rows[last]! === gap) last += 1;
    const many = last - i + 1;
    if (gap === 1 || many >= FEWEST_AS_RATE) {
      const range = gap === 1;
      said.push(
        range ? `${rows[i]}–${rows[last]}` : `every ${ordinal(gap)} from ${rows[i]} to ${rows[last]}`,
      );
      i = last + 1;
    } else {
      said.push(String(rows[i]));
      i += 1;
    }
  }
  return said.join(', ');
}

/**
 * "4 sts in row 55, 1 st in rows 57–60, 62": what a schedule changes in which rows; rows after each other that change alike are written
 * together.
 *
 * @param share edges among which each event is shared alike; what one of them takes is written
 */
export function amountsInWords(schedule: Schedule, share: number, { short }: RowWords): string {
  const runs: { amount: number; rows: number[] }[] = [];
  schedule.events.forEach((row, i) => {
    const amount = amountOf(schedule, i) / share;
    const last = runs.at(-1);
    if (last?.amount === amount) last.rows.push(row);
    else runs.push({ amount, rows: [row] });
  });
  return (
    runs
      .map(
        ({ amount, rows }) =>
          `${countOf(amount, 'st')} in ${short}${rows.length === 1 ? '' : 's'} ${rowsInWords(rows)}`,
      )
      .join(', ') || 'nothing'
  );
}

/** How a round ends. */
export function roundEnd(way: RoundWay): string {
  return way === 'turned' ? 'join, turn' : way === 'joined' ? 'join' : 'go on';
}
