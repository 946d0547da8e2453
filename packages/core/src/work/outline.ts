import { isTake, type Row } from './rows.js';
import { endShifts } from './steps.js';

/** Stitches and rows for each unit of length from a row on. */
export interface OutlineScale {
  first: number;
  stitches: number;
  rows: number;
}

/** Where a row lies across the piece, from the left end of row 1. */
interface Span {
  left: number;
  right: number;
}

/** One part of a piece as a closed outline: up the left side, down the right. */
export interface Outline {
  part: string;
  points: readonly (readonly [x: number, y: number])[];
}

/**
 * The outlines of a piece's parts, from its rows alone: increases and decreases at an end of a row move that end, the
 * others widen the row to both sides.
 *
 * @param rows the rows of one piece
 * @param scales stitches and rows for each cm (or other unit) from a row on; without them one stitch and one row are 1
 */
export function outlines(
  rows: readonly Row[],
  scales: readonly OutlineScale[] = [{ first: 1, stitches: 1, rows: 1 }],
): Outline[] {
  const scaleAt = (n: number) => scales.findLast(({ first }) => first <= n) ?? scales[0]!;
  const heightAt = (n: number) =>
    scales.reduce((sum, { first, rows: perUnit }, i) => {
      const last = Math.min(n, (scales[i + 1]?.first ?? Infinity) - 1);
      return sum + Math.max(0, last - first + 1) / perUnit;
    }, 0);
  const spans = new Map<string, Map<number, Span>>();
  const parts = new Map<string, { low: number; high: number; span: Span }[]>();
  for (const row of rows) {
    const source = row.from.find(isTake);
    const below = source && spans.get(source.part)?.get(source.n);
    const scale = scaleAt(row.n);
    const width = row.count / scale.stitches;
    const changed = source && scaleAt(source.n) !== scale;
    const left =
      changed && below
        ? (below.left + below.right - width) / 2
        : below
          ? below.left + (source!.at + endShifts(row).left) / scale.stitches
          : 0;
    const span = { left, right: left + width };
    const ofPart = spans.get(row.part) ?? new Map<number, Span>();
    spans.set(row.part, ofPart.set(row.n, span));
    const entry = { low: heightAt(row.n - 1), high: heightAt(row.n), span };
    const list = parts.get(row.part);
    if (list) list.push(entry);
    else parts.set(row.part, [entry]);
  }
  return [...parts].map(([part, list]) => ({ part, points: trace(list) }));
}

/** Corner points of stacked rows; points on a straight edge are left out. */
function trace(list: readonly { low: number; high: number; span: Span }[]): [number, number][] {
  const up: [number, number][] = [];
  const down: [number, number][] = [];
  for (const { low, high, span } of list) {
    for (const y of [low, high]) {
      up.push([span.left, y]);
      down.push([span.right, y]);
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
