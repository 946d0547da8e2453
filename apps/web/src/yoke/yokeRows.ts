import {
  countsAfterRow,
  type LineSection,
  type Passage,
  type PlannedPiece,
  type WorkedEdge,
} from '@upfell/core';

/** A part of a yoke as people see it: both halves of a back together, both fronts together. */
export const YOKE_PARTS = ['back', 'sleeve-left', 'front', 'sleeve-right'] as const;
export type YokePart = (typeof YOKE_PARTS)[number];

export interface YokeRow {
  /** Number in the piece, and row of the yoke without short rows. */
  n: number;
  row: number;
  /** Distance of the row's upper end from the neck, cm. */
  depth: number;
  stitches: Record<YokePart, number>;
  total: number;
  /** What the fronts have not grown to yet, in stitches: the opening of a falling neck. */
  missing: number;
  shaped: boolean;
}

type Section = Pick<LineSection, 'of' | 'side'>;

/** Edges of a yoke's last row, by what goes on from them. */
const SPLIT: Partial<Record<WorkedEdge['role'], NonNullable<Section['of']>>> = {
  'back split': 'back',
  'front split': 'front',
  'sleeve split': 'sleeve',
};

/** The parts of a yoke's last row in their order, and what goes on from each. */
export function splitOf(piece: PlannedPiece): (WorkedEdge & { of: NonNullable<Section['of']> })[] {
  return piece.edges.flatMap((edge) => {
    const of = SPLIT[edge.role];
    return of ? [{ ...edge, of }] : [];
  });
}

function gather(sections: readonly Section[], counts: readonly number[]): Record<YokePart, number> {
  const sums: Record<YokePart, number> = { back: 0, front: 0, 'sleeve-left': 0, 'sleeve-right': 0 };
  sections.forEach(({ of = 'back', side = 'left' }, i) => {
    const part: YokePart = of === 'sleeve' ? `sleeve-${side}` : of;
    sums[part] += counts[i]!;
  });
  return sums;
}

type Of<K extends Passage['kind']> = Extract<Passage, { kind: K }>;
const isKind =
  <K extends Passage['kind']>(kind: K) =>
  (passage: Passage): passage is Of<K> =>
    passage.kind === kind;

/** The rows of a yoke, from the neck to the split; empty for a piece that is none. */
export function yokeRows(piece: PlannedPiece | undefined): YokeRow[] {
  if (piece?.role !== 'yoke') return [];
  const { passages } = piece;
  const rowHeight = 1 / piece.sections[0]!.rows;
  const short = passages.find(isKind('short'))?.shortRows.rows.length ?? 0;
  const rows: YokeRow[] = [];
  const add = (n: number, stitches: YokeRow['stitches'], total: number, missing: number) => {
    const before = rows.at(-1);
    const row = rows.length + 1;
    rows.push({
      n,
      row,
      depth: row * rowHeight,
      stitches,
      total,
      missing,
      shaped: before !== undefined && before.total !== total,
    });
  };
  const numbers = (from: number, to: number) =>
    Array.from({ length: to - from + 1 }, (_, i) => from + i).filter((n) => n === 1 || n > short + 1);
  const lines = passages.filter(isKind('lines'));
  const whole = lines.at(-1)?.sections;
  let from = 1;
  for (const { sections, to, line } of lines) {
    for (const n of numbers(from, to)) {
      const counts = countsAfterRow(sections, n);
      const stitches = gather(sections, counts);
      const total = counts.reduce((sum, count) => sum + count, 0) + (sections.length - 1) * line.stitches;
      add(n, stitches, total, missingAt(sections, whole!, n, stitches.front));
    }
    from = to + 1;
  }
  const round = passages.find(isKind('shape'));
  if (lines.length === 0 && round) {
    const split = splitOf(piece);
    const all = split.reduce((sum, { count }) => sum + count, 0);
    const { events, start } = round.schedule;
    const amounts = round.schedule.amounts ?? events.map(() => round.schedule.perEvent);
    for (const n of numbers(1, round.to)) {
      const total = events.reduce((sum, event, i) => (event <= n ? sum + amounts[i]! : sum), start);
      const counts = split.map(({ count }) => (count / all) * total);
      add(n, gather(split, counts), total, 0);
    }
  }
  return rows;
}

/** What a falling neck still leaves open in a row. */
function missingAt(
  sections: readonly LineSection[],
  whole: readonly LineSection[],
  n: number,
  front: number,
): number {
  if (sections !== whole) return countsAfterRow(whole, n)[2]! - front;
  const edge = sections[0]!.left;
  if (!edge) return 0;
  const gained = edge.events.reduce(
    (sum, event, i) => (event <= n ? sum + (edge.amounts?.[i] ?? 1) : sum),
    0,
  );
  return 2 * (edge.end - gained);
}
