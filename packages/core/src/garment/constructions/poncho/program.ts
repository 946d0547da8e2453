import { perCm } from '../../../fabric/gauge.js';
import { USUAL_STRETCH } from '../../../fabric/fabric.js';
import type { JoinPlan } from '../../../joins/join.js';
import type { EdgeProgram, Program, SizeInput } from '../../construction.js';
import type { GarmentCounts } from '../../counts.js';
import { ends, foundation } from '../../shared/pieces.js';
import type { PonchoStyle } from './fields.js';

/** Both rectangles and their two seams: at each the end of one lies along the upper part of the other's left side. */
export function program(input: SizeInput<PonchoStyle>, counts: GarmentCounts): Program {
  const { style, fabrics } = input;
  const fabric = fabrics.get(style.fabric)!;
  const rows = counts.of('poncho.rows');
  const neck = counts.of('poncho.neck');
  const width = counts.of('poncho.width');
  const rowEnds = (
    id: string,
    role: EdgeProgram['role'],
    label: string,
    at: 'left' | 'right',
    first: number,
    last: number,
  ): EdgeProgram => ({
    id: `rectangle.${id}`,
    role,
    label: `Rectangle, ${label}`,
    axis: 'rows',
    place: ends(at, { part: 'main', first, last }),
    path: 'straight',
    open: role !== 'shoulder',
  });
  const seam = (id: string, label: string): JoinPlan => ({
    id,
    role: 'end to side',
    label,
    kind: 'stitch-to-row',
    a: ['rectangle.end'],
    b: ['rectangle.side'],
  });
  const hangs = width / perCm(fabric.gauge, 'stitches');
  return {
    pieces: [
      {
        id: 'rectangle',
        role: 'back and front',
        shows: [['poncho.width'], ['poncho.rows']],
        label: 'Rectangle',
        copies: 2,
        fabric,
        work: 'rows',
        rows: ['poncho.rows'],
        passages: [foundation(width, fabric), { kind: 'even', part: 'main', to: rows }],
        edges: [
          {
            id: 'rectangle.end',
            role: 'shoulder',
            label: 'Rectangle, its first row',
            axis: 'stitches',
            place: { lies: 'foundation', part: 'main' },
          },
          rowEnds('neck', 'neck', 'neck', 'left', 1, neck),
          rowEnds('side', 'shoulder', 'the end of its side', 'left', neck + 1, rows),
          {
            id: 'rectangle.edge',
            role: 'lower edge',
            label: 'Rectangle, its last row',
            axis: 'stitches',
            place: { lies: 'live', part: 'main', n: rows, from: 0, count: width },
            open: true,
          },
          rowEnds('outer', 'lower edge', 'outer side', 'right', 1, rows),
        ],
        expects: [
          { quantity: 'poncho.width', edges: ['rectangle.end'] },
          { quantity: 'poncho.neck', edges: ['rectangle.neck'] },
          { quantity: 'poncho.seam', edges: ['rectangle.side'] },
        ],
      },
    ],
    joins: [
      seam('seam-first', 'End of the first to the side of the second'),
      seam('seam-second', 'End of the second to the side of the first'),
    ],
    girths: {
      body: [],
      arm: [
        { at: 0, round: 2 * hangs },
        { at: hangs, round: 2 * hangs },
      ],
    },
    facts: {
      closedNeck: {
        opening: (2 * neck) / perCm(fabric.gauge, 'rows'),
        stretch: fabric.stretch ?? USUAL_STRETCH,
        front: 'poncho.neck',
      },
      sleeveTop: null,
      reach: null,
    },
  };
}
