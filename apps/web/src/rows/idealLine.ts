import { neckLine, type Passage } from '@upfell/core';
import type { StripRow } from '../worker/screen';

type Shape = Extract<Passage, { kind: 'shape' }>;
type Point = readonly [x: number, y: number];

/**
 * The lines that a passage's steps follow, cm as the piece lies: a straight taper at both edges, or the line of a neck. Empty where
 * nothing is shaped.
 *
 * @param rows the rows of the passage's part, rising
 */
export function idealLines(
  { schedule, where, line, curve, to }: Shape,
  rows: readonly StripRow[],
): Point[][] {
  if (schedule.events.length === 0) return [];
  const { first, last } = schedule.room;
  const row = (n: number) => rows.find((one) => one.n === n);
  const top = row(to);
  if (!top) return [];
  if (where.at === 'both edges') {
    const start = row(first - 1) ?? rows[0]!;
    if (curve) {
      const foot = row(first) ?? start;
      const perStitch = (foot.right - foot.left) / foot.count;
      return (['left', 'right'] as const).map((side) =>
        curve.map((stitches, i): Point => [
          foot[side] + (side === 'left' ? stitches : -stitches) * perStitch,
          (row(first + i) ?? top).high,
        ]),
      );
    }
    const end = row(last) ?? top;
    const foot = rows[0]!;
    return (['left', 'right'] as const).map((side): Point[] => [
      [start[side], foot.low],
      [start[side], start.high],
      [end[side], end.high],
      [end[side], top.high],
    ]);
  }
  if (where.at !== 'one edge' || !line) return [];
  const { side } = where;
  const begun = row(first) ?? rows[0]!;
  const perStitch = (top.right - top.left) / top.count;
  const outwards = side === 'right' ? -1 : 1;
  return [
    neckLine(line.shape, line.half, line.drop).map(([opened, height]): Point => [
      top[side] - outwards * (line.half - opened) * perStitch,
      begun.low + (height / line.drop) * (top.high - begun.low),
    ]),
  ];
}
