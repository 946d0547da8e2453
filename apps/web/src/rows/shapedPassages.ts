/** Shaped passages as the strips of rows draw them. */

import { amountOf, type PassageOf, type PlannedPiece } from '@upfell/core';

type Shape = PassageOf<'shape'>;

/** The stitches after each row of a shaped passage. */
export function rowCounts(
  { schedule, to }: Shape,
  first: number,
): { n: number; count: number; shaped: boolean }[] {
  const events = new Set(schedule.events);
  let count = schedule.start;
  const rows = [];
  for (let n = first; n <= to; n += 1) {
    const shaped = events.has(n);
    if (shaped) count += schedule.direction * amountOf(schedule, schedule.events.indexOf(n));
    rows.push({ n, count, shaped });
  }
  return rows;
}

/** The shaped passages of a piece, each with the row it begins with. */
export function shapesOf(piece: PlannedPiece): { passage: Shape; first: number; part: string }[] {
  let last = 0;
  const found: { passage: Shape; first: number; part: string }[] = [];
  const ends = new Map<string, number>();
  for (const passage of piece.passages) {
    if (passage.kind === 'start') last = 1;
    else if (passage.kind === 'short')
      last += passage.shortRows.rows.length + (passage.shortRows.closing ? 1 : 0);
    else if (passage.kind === 'go on') last = ends.get(passage.from) ?? last;
    else if (passage.kind === 'shape') {
      found.push({
        passage,
        first: piece.passages.some(({ kind }) => kind === 'go on' || kind === 'short')
          ? last + 1
          : Math.min(last, 1),
        part: passage.part,
      });
      last = passage.to;
    } else if (passage.kind === 'even' || passage.kind === 'change') last = passage.to;
    if (passage.kind === 'even' || passage.kind === 'change' || passage.kind === 'shape')
      ends.set(passage.part, passage.to);
  }
  return found;
}
