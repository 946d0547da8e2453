import { blocksOf, cutAt, PLAIN, type Block, type OutlineScale } from './outline.js';
import type { EdgePlace } from './rows.js';
import type { RowRun } from './runs.js';

/** An edge as it lies on its piece, in the scale's unit: across from the left end of row 1, and upwards from its lower edge. */
export interface EdgeLine {
  line: readonly (readonly [x: number, y: number])[];
  /** Which way out of the piece is. */
  faces: 'up' | 'down' | 'left' | 'right';
}

/**
 * Where edges lie on a piece: stitches along their row, row ends up the side of theirs.
 *
 * @param runs the rows of the piece
 * @param scales stitches and rows for each cm (or other unit) from a row on
 * @param first number of the first row drawn (see `outlines`): stitches picked up before it lie along what follows
 * @returns a line for each place; one without stitches or rows has two equal points
 */
export function edgeLines(
  runs: readonly RowRun[],
  places: readonly EdgePlace[],
  scales: readonly OutlineScale[] = PLAIN,
  first = 1,
): EdgeLine[] {
  const blocks = blocksOf(cutAt(runs, [...scales.map((scale) => scale.first), first]), scales);
  const drawn = blocks.filter(({ n }) => n >= first);
  const at = (part: string, n: number) =>
    blocks.find((block) => block.part === part && block.n <= n && n <= block.last);
  return places.map((place): EdgeLine => {
    switch (place.lies) {
      case 'foundation':
        return { line: first > 1 ? aslant(drawn, blocks[0]!.count) : lower(blocks[0]!), faces: 'down' };
      case 'live':
      case 'base': {
        const block = at(place.part, place.n)!;
        const unit = (block.right - block.left) / Math.max(1, block.count);
        const [from, to] = [place.from, place.from + place.count].map((many) => block.left + many * unit);
        const y = place.lies === 'live' ? heightIn(block, place.n) : block.low;
        return {
          line: [
            [from!, y],
            [to!, y],
          ],
          faces: place.lies === 'live' ? 'up' : 'down',
        };
      }
      case 'row ends':
        return {
          line: place.spans.flatMap(({ part, first: from, last }) =>
            blocks
              .filter((block) => block.part === part && block.n <= last && block.last >= from)
              .flatMap((block): [number, number][] => {
                const x = place.side === 'left' ? block.left : block.right;
                return [
                  [x, heightIn(block, Math.max(from, block.n) - 1)],
                  [x, heightIn(block, Math.min(last, block.last))],
                ];
              }),
          ),
          faces: place.side,
        };
    }
  });
}

/** The upper end of a row of a block; of the row before it, its lower end. */
function heightIn({ n, last, low, high }: Block, row: number): number {
  return low + ((row - n + 1) / (last - n + 1)) * (high - low);
}

function lower({ left, right, low }: Block): [number, number][] {
  return [
    [left, low],
    [right, low],
  ];
}

/** Stitches that short rows were worked over first: down along their left ends and up along their right ones. */
function aslant(drawn: readonly Block[], count: number): [number, number][] {
  const whole = drawn.findIndex((block) => block.count >= count);
  const rows = drawn.slice(0, whole < 0 ? drawn.length : whole + 1);
  return [
    ...rows.map(({ left, low }): [number, number] => [left, low]).reverse(),
    ...rows.map(({ right, low }): [number, number] => [right, low]),
  ];
}
