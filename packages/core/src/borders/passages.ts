/** The rows of an edging, as passages: its corners shaped row by row. */

import type { Passage } from '../passages/passage.js';
import { cornersAfter, hasRoom } from '../shaping/corners.js';
import { sumOf } from '../shaping/spread.js';
import type { RoundWay } from '../work/rows.js';
import type { Counts, Layer } from './counts.js';

/** The rows of an edging, as passages; and its stitches at the end. */
export function passagesOf(
  { sides, picked, spare }: Counts,
  gained: readonly number[][],
  layers: readonly Layer[],
  begins: { along: string; round?: RoundWay },
): { passages: Passage[]; end: number } {
  const first = gained[0]!;
  const many = first.length;
  const start = picked + sumOf(first.map((by) => (by > 0 ? by + 1 : 0)));
  const passages: Passage[] = [{ kind: 'start', part: 'main', stitches: start, extra: 0, ...begins }];
  // Behind the first row: an outer corner has its stitches, the corner stitch in their middle; an inner one is a stitch of its side.
  let now = sides.map((side, i) => {
    const before = i > 0 ? first[i - 1]! : 0;
    const after = i < many ? first[i]! : 0;
    return (
      side +
      (before > 0 ? Math.ceil(before / 2) : 0) +
      (after > 0 ? Math.floor(after / 2) : after < 0 ? -1 : 0)
    );
  });
  let count = start;
  let to = 0;
  layers.forEach(({ fabric, rounds }, i) => {
    const from = to;
    to += rounds;
    const by = gained[i]!;
    const change = i > 0;
    if (many === 0) {
      if (change) {
        count += spare[i]!;
        passages.push({ kind: 'change', part: 'main', to: from + 1, stitches: count, fabric: fabric.id });
      }
      if (rounds > 1) passages.push({ kind: 'even', part: 'main', to });
      return;
    }
    const shape = (last: number, rows: number, hidden: number, of?: string) => {
      const shaping = { sides: now, by, spare: hidden };
      passages.push({ kind: 'corners', part: 'main', to: last, ...shaping, ...(of ? { fabric: of } : {}) });
      for (let row = 0; row < rows; row += 1) {
        const each = { sides: now, by, spare: row === 0 ? hidden : 0 };
        if (!hasRoom(each)) throw new TooShort(last - rows + row);
        now = cornersAfter(each, 1);
      }
      count = sumOf(now) + many;
    };
    if (change) shape(from + 1, 1, spare[i]!, fabric.id);
    if (rounds > 1) shape(to, rounds - 1, 0);
  });
  return { passages, end: count };
}

/** A side is too short for its corners after so many rows. */
export class TooShort extends Error {
  constructor(readonly row: number) {
    super('a side is too short for its corners');
  }
}
