/** Cords and ties: a chain of so many stitches and one row into it. */

import { ANY_COUNT, type Fabric } from '../../fabric/fabric.js';
import type { Reason } from '../../because/reason.js';
import type { DraftQuantity, EdgeProgram, PieceProgram } from '../construction.js';
import type { CordId, GarmentCounts } from '../counts.js';
import { ends, SIDES } from './pieces.js';
import { quantity } from './quantity.js';

/** The chain of a cord, never shorter than wanted. */
export function cordQuantity(
  id: CordId,
  label: string,
  fabric: Fabric,
  target: number,
  because: readonly Reason[],
): DraftQuantity {
  return quantity({
    id: `${id}.chain`,
    label: `${label}, chain`,
    fabric,
    axis: 'stitches',
    target,
    weight: 0.2,
    rounding: 'not under',
    rule: ANY_COUNT,
    because,
  });
}

/** The cord as a piece: all of its edges are free. */
export function cordPiece(
  id: CordId,
  label: string,
  copies: number,
  fabric: Fabric,
  counts: GarmentCounts,
): PieceProgram {
  const chain = counts.of(`${id}.chain`);
  return {
    id,
    role: 'cord',
    shows: [[`${id}.chain`]],
    label,
    copies,
    fabric,
    work: 'rows',
    // Its one row is not planned for: it is there whatever the size.
    rows: [],
    halfRows: 1,
    passages: [{ kind: 'start', part: 'main', stitches: chain, extra: 0, along: null }],
    edges: [
      {
        id: `${id}.chain`,
        role: 'cord',
        label: `${label}, chain`,
        axis: 'stitches',
        place: { lies: 'foundation', part: 'main' },
        open: true,
      },
      {
        id: `${id}.row`,
        role: 'cord',
        label: `${label}, upper side`,
        axis: 'stitches',
        place: { lies: 'live', part: 'main', n: 1, from: 0, count: chain },
        open: true,
      },
      ...SIDES.map((side): EdgeProgram => ({
        id: `${id}.end-${side}`,
        role: 'cord',
        label: `${label}, ${side} end`,
        axis: 'rows',
        place: ends(side, { part: 'main', first: 1, last: 1 }),
        open: true,
      })),
    ],
    expects: [{ quantity: `${id}.chain`, edges: [`${id}.chain`] }],
  };
}
