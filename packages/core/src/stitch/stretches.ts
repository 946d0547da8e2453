import type { Row } from '../work/rows.js';
import { makesOf, takesOf } from '../work/steps.js';

/**
 * Some places of a row over the row below, both counted from the right edge: stitches worked one in each, places that are shaped (they
 * may take or make none), or chains made between parts.
 */
export interface Stretch {
  does: 'work' | 'shape' | 'chain';
  under: number;
  takes: number;
  at: number;
  makes: number;
}

/** A line of shaping inside a row: the stitches between what is shaped at its two sides, none where it is a mere place. */
export interface Line {
  from: number;
  to: number;
}

/** A row as stretches, and the lines that it is shaped beside. */
export interface RowStretches {
  stretches: Stretch[];
  /** Lines inside the row, by their places in the row below and in this one. */
  lines: { under: Line; at: Line }[];
  /** The row is shaped at places spread over it, not beside lines. */
  spread: boolean;
}

/** Stitches that may lie between two places that are shaped beside one line. */
const WIDEST_LINE = 4;

/**
 * Takes a row apart. Where two stitches go in one at an edge or beside a line, the one further in goes on with what lies there; the other
 * is new beside it. Chains at an end of a row over one part are stitches to be worked into in this row.
 *
 * @param near lines of the row below, for shaping at one side of them
 */
export function stretchesOf({ steps, from, spread }: Row, near: readonly Line[]): RowStretches {
  const parts: Stretch[] = [];
  let [under, at] = [0, 0];
  const add = (does: Stretch['does'], takes: number, makes: number) => {
    if (takes > 0 || makes > 0) parts.push({ does, under, takes, at, makes });
    under += takes;
    at += makes;
  };
  const order = [...steps].reverse();
  const shaping = order.flatMap((step, i) => (step.do === 'increase' || step.do === 'decrease' ? [i] : []));
  const isWork = (i: number) => order[i]?.do === 'work' || order[i]?.do === 'pick up';
  const lastWork = order.findLastIndex((_, i) => isWork(i));
  const firstWork = order.findIndex((_, i) => isWork(i));
  order.forEach((step, i) => {
    const [takes, makes] = [step.times * takesOf(step), step.times * makesOf(step)];
    if (step.do === 'work' || step.do === 'pick up') return add('work', takes, makes);
    if (step.do === 'cast')
      return add(from.length > 1 ? 'chain' : 'work', from.length > 1 ? 0 : makes, makes);
    if (step.do !== 'increase' || step.times > 1 || step.line !== undefined)
      return add('shape', takes, makes);
    const before = shaping.filter((other) => other < i).at(-1);
    const after = shaping.find((other) => other > i);
    const close = (other: number | undefined) =>
      other !== undefined && widthBetween(order, Math.min(i, other), Math.max(i, other)) <= WIDEST_LINE;
    // The new stitch lies towards the edge, or towards the line.
    const lineAbove =
      i > lastWork ||
      (i >= firstWork && (close(after) ? !close(before) : !close(before) && isLineAbove(under, near)));
    if (lineAbove) {
      add('work', 1, 1);
      add('shape', 0, makes - 1);
    } else {
      add('shape', 0, makes - 1);
      add('work', 1, 1);
    }
  });
  const merged = mergeWork(parts);
  const found = linesOf(merged, { under, at });
  return { stretches: merged, lines: spread ? [] : found, spread: spread === true };
}

function widthBetween(order: readonly Row['steps'][number][], from: number, to: number): number {
  return order.slice(from + 1, to).reduce((sum, step) => sum + step.times, 0);
}

function isLineAbove(place: number, lines: readonly Line[]): boolean {
  const nearest = [...lines].sort((a, b) => distance(place, a) - distance(place, b))[0];
  return nearest === undefined || (nearest.from + nearest.to) / 2 > place;
}
const distance = (place: number, { from, to }: Line) => Math.abs((from + to) / 2 - place);

function mergeWork(parts: readonly Stretch[]): Stretch[] {
  const merged: Stretch[] = [];
  for (const part of parts) {
    const last = merged.at(-1);
    if (last?.does === 'work' && part.does === 'work') {
      last.takes += part.takes;
      last.makes += part.makes;
    } else merged.push({ ...part });
  }
  return merged;
}

/** Groups of shaped places close to each other that lie inside the row. */
function linesOf(stretches: readonly Stretch[], all: { under: number; at: number }): RowStretches['lines'] {
  const groups: Stretch[][] = [];
  for (const one of stretches) {
    if (one.does !== 'shape') continue;
    const last = groups.at(-1)?.at(-1);
    if (last && one.at - last.at - last.makes <= WIDEST_LINE) groups.at(-1)!.push(one);
    else groups.push([one]);
  }
  return groups
    .filter((group) => {
      const [first, last] = [group[0]!, group.at(-1)!];
      const atEdge =
        (first.under === 0 && first.at === 0) ||
        (last.under + last.takes === all.under && last.at + last.makes === all.at);
      return !atEdge;
    })
    .map((group) => {
      const [first, last] = [group[0]!, group.at(-1)!];
      if (group.length === 1)
        return { under: middle(first.under, first.takes), at: middle(first.at, first.makes) };
      return {
        under: { from: first.under + first.takes, to: last.under },
        at: { from: first.at + first.makes, to: last.at },
      };
    });
}

function middle(from: number, many: number): Line {
  const at = Math.floor(from + many / 2);
  return { from: at, to: at };
}
