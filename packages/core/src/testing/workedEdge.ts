import type { WorkedEdge } from '../joins/audit.js';

/** An edge of a size's piece as it came off the hook: row ends from row 11 on, or stitches of a last row. */
export function workedEdge(
  id: string,
  axis: WorkedEdge['axis'],
  count: number,
  length: number,
  of: Partial<WorkedEdge> = {},
): WorkedEdge {
  return {
    id,
    piece: id.split('.')[0]!,
    role: 'side',
    label: id,
    axis,
    count,
    length,
    open: false,
    place:
      axis === 'rows'
        ? { lies: 'row ends', side: 'left', spans: [{ part: 'main', first: 11, last: 10 + count }] }
        : { lies: 'live', part: 'main', n: 1, from: 0, count },
    ...of,
  };
}
