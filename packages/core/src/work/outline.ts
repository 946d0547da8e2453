import type { Row } from './rows.js';

/** Where a row lies across the piece, in stitches from the left end of row 1. */
interface Span {
  left: number;
  right: number;
}

/** One part of a piece as a closed outline, in stitches and rows: up the left side, down the right. */
export interface Outline {
  part: string;
  points: readonly (readonly [x: number, y: number])[];
}

/**
 * The outlines of a piece's parts, from its rows alone: increases and decreases at an end of a row move that end, the
 * others widen the row to both sides.
 */
export function outlines(rows: readonly Row[]): Outline[] {
  const spans = new Map<string, Map<number, Span>>();
  const parts = new Map<string, { n: number; span: Span }[]>();
  for (const row of rows) {
    const source = row.from[0];
    const below = source && spans.get(source.part)?.get(source.n);
    const start = below ? below.left + source.at : 0;
    const first = row.steps[0];
    const shift = first?.do === 'increase' ? -first.times : first?.do === 'decrease' ? first.times : 0;
    const left = start + (row.steps.length > 1 ? shift : 0);
    const span = { left, right: left + row.count };
    const ofPart = spans.get(row.part) ?? new Map<number, Span>();
    spans.set(row.part, ofPart.set(row.n, span));
    const list = parts.get(row.part);
    if (list) list.push({ n: row.n, span });
    else parts.set(row.part, [{ n: row.n, span }]);
  }
  return [...parts].map(([part, list]) => ({ part, points: trace(list) }));
}

/** Corner points of stacked rows; points on a straight edge are left out. */
function trace(list: readonly { n: number; span: Span }[]): [number, number][] {
  const up: [number, number][] = [];
  const down: [number, number][] = [];
  for (const { n, span } of list) {
    for (const y of [n - 1, n]) {
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
