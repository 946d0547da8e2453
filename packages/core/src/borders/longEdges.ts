import type { EdgeProgram } from '../garment/construction.js';

/**
 * The long edges of what is picked up along an edge: where it is joined, and its last row, which is free.
 *
 * @param rows how many it has
 * @param count stitches of the last one
 */
export function longEdges(id: string, label: string, rows: number, count: number): EdgeProgram[] {
  return [
    {
      id: `${id}.joined`,
      role: 'joined',
      label: `${label}, joined edge`,
      axis: 'stitches',
      place: { lies: 'foundation', part: 'main' },
    },
    {
      id: `${id}.free`,
      role: 'free',
      label: `${label}, free edge`,
      axis: 'stitches',
      place: { lies: 'live', part: 'main', n: rows, from: 0, count },
      open: true,
    },
  ];
}
