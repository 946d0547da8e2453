/** Below the side seams: slits, and a back that is longer than the front. */

import type { Fabric } from '../../../fabric/fabric.js';
import type { Relation } from '../../../fit/problem.js';
import type { GarmentCounts, PanelId } from '../../counts.js';
import { sumAtMost } from '../../relations.js';
import type { DraftQuantity, EdgeProgram, PieceProgram, SizeInput } from '../../construction.js';
import { forSize } from '../../../fields/perSize.js';
import { ends } from '../pieces.js';
import type { Side } from '../../../joins/roles.js';
import { given, quantity } from '../quantity.js';
import type { PanelStyle } from './style.js';

type Input = SizeInput<PanelStyle>;

/** Rows of side seam that a slit leaves at least. */
const SEAM_ROWS = 2;

/** Counts of slit and longer back, where the style has them. */
export function draftLowerEdge(
  { style, size }: Input,
  fabric: Fabric,
): { quantities: DraftQuantity[]; relations: Relation[] } {
  const wanted = [
    { id: 'slit.rows', label: 'Side slit', field: 'slit' },
    { id: 'back.longer', label: 'Back, longer than the front', field: 'longerBack' },
  ] as const;
  const quantities = wanted.flatMap(({ id, label, field }): DraftQuantity[] => {
    const length = forSize(style[field], size.id);
    return length > 0
      ? [
          quantity({
            id,
            label,
            fabric,
            axis: 'rows',
            target: length,
            weight: 0.3,
            // Whole pairs of rows, so that back and front begin on the same side.
            ...(id === 'back.longer' ? { rule: { multiple: 2, plus: 0 } } : {}),
            min: 2,
            because: [given(`${label} wanted`, length, { kind: 'style', id: `garment.${field}` })],
          }),
        ]
      : [];
  });
  return {
    quantities,
    relations: quantities.some(({ id }) => id === 'slit.rows')
      ? [
          sumAtMost(
            { id: 'slit', rule: 'a side slit leaves a seam above it' },
            { 'slit.rows': 1, 'side.rows': -1 },
            -SEAM_ROWS,
          ),
        ]
      : [],
  };
}

/** Rows of a panel below its side seams: those of the slit, and of the back what it is longer. */
export function openRows(counts: GarmentCounts, piece: PanelId): number {
  return (counts.find('slit.rows') ?? 0) + (piece === 'back' ? longerRows(counts) : 0);
}

/** Rows that the back is longer than the front. */
export function longerRows(counts: GarmentCounts): number {
  return counts.find('back.longer') ?? 0;
}

/** Whether the sides are open at the lower edge. */
export function isSlit({ style, size }: Pick<Input, 'style' | 'size'>): boolean {
  return forSize(style.slit, size.id) > 0 || forSize(style.longerBack, size.id) > 0;
}

/**
 * The side of a panel: open below, a seam above.
 *
 * @param open rows of its open part
 * @param last last row below the underarm
 * @param out stitches that the side lies outside the panel at the underarm after each of its rows; nothing where it is straight
 */
export function sideEdges(
  id: { piece: PanelId; wearers: Side; label: string },
  side: Side,
  open: number,
  last: number,
  out: readonly number[] = [],
): EdgeProgram[] {
  const stepped = out.some((stitches, i) => i > 0 && Math.abs(stitches - out[i - 1]!) > 1);
  const { piece, wearers, label } = id;
  const path = (from: number, to: number): EdgeProgram['path'] => {
    // Rows that a longer back has below lie as its first row.
    const at = (row: number) => out[Math.max(0, row - 1 - (last - out.length))] ?? 0;
    if (out.every((stitches) => stitches === out[0])) return 'straight';
    return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => {
      const moved = at(from + i) - at(from);
      return side === 'left' ? -moved : moved;
    });
  };
  const edge = (name: 'slit' | 'side', words: string, from: number, to: number): EdgeProgram => ({
    id: `${piece}.${name}-${wearers}`,
    role: name,
    side: wearers,
    label: `${label}, ${words}`,
    axis: 'rows',
    // Sides shaped by whole units step.
    place: { ...ends(side, { part: 'main', first: from, last: to }), ...(stepped ? { stepped } : {}) },
    path: path(from, to),
  });
  return [
    ...(open > 0 ? [{ ...edge('slit', `${wearers} side, open`, 1, open), open: true }] : []),
    edge('side', `${wearers} side`, open + 1, last),
  ];
}

/** What the open part and the seam of a side must come to. */
export function sideExpects(piece: PanelId, wearers: Side, counts: GarmentCounts): PieceProgram['expects'] {
  const slit = openRows(counts, piece) > 0 ? [`${piece}.slit-${wearers}`] : [];
  // The back's side is longer by rows that are no part of the front's.
  return piece === 'back' && longerRows(counts) > 0
    ? []
    : [{ quantity: 'side.rows', edges: [...slit, `${piece}.side-${wearers}`] }];
}
