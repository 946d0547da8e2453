import { isTake, type Row } from './rows.js';
import { rowOf, type RowRun } from './runs.js';
import { endShifts } from './steps.js';

/** Stitches and rows for each unit of length from a row on. */
export interface OutlineScale {
  first: number;
  stitches: number;
  rows: number;
}

/** Where a row lies on its piece, in the scale's unit: across from the left end of row 1, and upwards from its lower edge. */
export interface RowSpan {
  part: string;
  n: number;
  left: number;
  right: number;
  low: number;
  high: number;
}

/** One part of a piece as a closed outline: up the left side, down the right. */
export interface Outline {
  part: string;
  points: readonly (readonly [x: number, y: number])[];
}

export const PLAIN: readonly OutlineScale[] = [{ first: 1, stitches: 1, rows: 1 }];

/** Rows of one scale that lie straight above each other: where they lie, and the number of the last. */
export interface Block extends RowSpan {
  last: number;
  count: number;
  ring: boolean;
}

/**
 * Where each row of a piece lies, from its rows alone: increases and decreases at an end of a row move that end, the
 * others widen the row to both sides.
 *
 * @param rows the rows of one piece
 * @param scales stitches and rows for each cm (or other unit) from a row on; without them one stitch and one row are 1
 */
export function rowSpans(rows: readonly Row[], scales: readonly OutlineScale[] = PLAIN): RowSpan[] {
  return blocksOf(
    rows.map((row) => ({ row, times: 1 })),
    scales,
  );
}

/**
 * Where runs of rows lie (see `rowSpans`).
 *
 * @param runs none of them over rows of two scales
 */
export function blocksOf(runs: readonly RowRun[], scales: readonly OutlineScale[]): Block[] {
  const scaleAt = (n: number) => scales.findLast(({ first }) => first <= n) ?? scales[0]!;
  const heightAt = (n: number) =>
    scales.reduce((sum, { first, rows: perUnit }, i) => {
      const last = Math.min(n, (scales[i + 1]?.first ?? Infinity) - 1);
      return sum + Math.max(0, last - first + 1) / perUnit;
    }, 0);
  /** For each part the block that ends with a row. */
  const known = new Map<string, Map<number, Block>>();
  return runs.map(({ row, times }) => {
    const source = row.from.find(isTake);
    const below = source && known.get(source.part)?.get(source.n);
    const scale = scaleAt(row.n);
    const width = row.count / scale.stitches;
    const changed = source && scaleAt(source.n) !== scale;
    const left =
      changed && below
        ? (below.left + below.right - width) / 2
        : below
          ? below.left + (source!.at - wrapped(row, below) + endShifts(row).left) / scale.stitches
          : 0;
    const { part, n } = row;
    const block = {
      part,
      n,
      last: n + times - 1,
      left,
      right: left + width,
      low: heightAt(n - 1),
      high: heightAt(n + times - 1),
      count: row.count,
      ring: row.round !== undefined,
    };
    const ofPart = known.get(part);
    if (ofPart) ofPart.set(block.last, block);
    else known.set(part, new Map([[block.last, block]]));
    return block;
  });
}

/** Runs cut so that each of these rows begins one. */
export function cutAt(runs: readonly RowRun[], firsts: readonly number[]): RowRun[] {
  return runs.flatMap((run) => {
    const { n } = run.row;
    const cuts = [...new Set(firsts)]
      .map((first) => first - n)
      .filter((at) => at > 0 && at < run.times)
      .sort((a, b) => a - b);
    return [0, ...cuts].map((at, i) => ({ row: rowOf(run, at), times: (cuts[i] ?? run.times) - at }));
  });
}

/** Short rows that reach back across the joining of a round begin before it: by how much their first stitches lie too far right. */
function wrapped({ from, round }: Row, below: { count: number; ring: boolean }): number {
  const [first, second] = from;
  if (round || !below.ring || !first || !second || !isTake(first)) return 0;
  // No short row goes more than half way round from the joining.
  return first.at * 2 >= below.count ? below.count : 0;
}

/**
 * The outlines of a piece's parts (see `rowSpans`).
 *
 * @param runs the rows of one piece
 * @param first number of the first row drawn: stitches picked up aslant, before short rows, lie along what follows
 */
export function outlines(
  runs: readonly RowRun[],
  scales: readonly OutlineScale[] = PLAIN,
  first = 1,
): Outline[] {
  const parts = new Map<string, RowSpan[]>();
  const cut = cutAt(runs, [...scales.map((scale) => scale.first), first]);
  for (const block of blocksOf(cut, scales)) {
    if (block.n < first) continue;
    const list = parts.get(block.part);
    if (list) list.push(block);
    else parts.set(block.part, [block]);
  }
  return [...parts].map(([part, list]) => ({ part, points: trace(list) }));
}

/** Corner points of stacked rows; points on a straight edge are left out. */
function trace(list: readonly RowSpan[]): [number, number][] {
  const up: [number, number][] = [];
  const down: [number, number][] = [];
  for (const { low, high, left, right } of list) {
    for (const y of [low, high]) {
      up.push([left, y]);
      down.push([right, y]);
    }
  }
  return [...straightened(up), ...straightened(down).reverse()];
}

function straightened(points: readonly [number, number][]): [number, number][] {
  return points.filter(([x], i) => {
    const before = points[i - 1];
    const after = points[i + 1];
    return !before || !after || before[0] !== x || after[0] !== x;
  });
}
