import type { Fabric } from '../fabric/fabric.js';
import { perCm } from '../fabric/gauge.js';
import type { Passage } from '../passages/passage.js';
import type { PlannedPiece } from '../plannedPiece.js';
import { cornersAfter } from '../shaping/corners.js';
import { spread } from '../shaping/spread.js';
import type { Buttons } from './finishing.js';

/** Buttonholes along a band: stitches before each, its stitches, and the centres from the lower end, cm. */
export interface ButtonholeRow {
  row: number;
  side: Buttons['side'];
  /** They lie between two corners of a border, not in a band of their own. */
  inBorder?: true;
  /** Stitches worked before the first hole, between the holes, and after the last. */
  gaps: readonly number[];
  width: number;
  centres: readonly number[];
}

/** Sizes that buttons are sold in, mm (common practice). */
const BUTTONS = [8, 10, 11, 12, 13, 15, 18, 20, 23, 25, 28, 30, 34, 38];

/**
 * The size of button for holes of so many stitches, mm: it passes a hole that is a little narrower than itself, since the stitches give.
 */
export function buttonSize({ width }: Pick<Buttons, 'width'>, { gauge }: Pick<Fabric, 'gauge'>): number {
  const hole = (10 * width) / perCm(gauge, 'stitches');
  return BUTTONS.find((one) => one >= hole) ?? BUTTONS.at(-1)!;
}

/** A piece that can have buttonholes: a front band, or a border that goes round the fronts. */
export type Holed = Pick<PlannedPiece, 'role' | 'sections' | 'passages' | 'ends' | 'fronts'>;

/**
 * The buttonholes of a piece, or why they do not fit; null where it goes along no front.
 *
 * @param fabrics of the design
 */
export function buttonholesOf(
  { role, sections, passages, ends, fronts }: Holed,
  buttons: Buttons,
  fabrics: readonly Fabric[],
): ReturnType<typeof buttonholes> | null {
  if (role !== 'front band' && !fronts) return null;
  const rows = ends.last.n;
  const middle = Math.ceil(rows / 2);
  const section = sections.findLast(({ first }) => first <= middle) ?? sections[0]!;
  const fabric = fabrics.find(({ id }) => id === section.fabric)!;
  if (!fronts) return buttonholes(buttons, ends.first.count, rows, fabric);
  const { side, picked } = fronts[buttons.side];
  const sides = sidesBelow(passages, middle);
  const begun = passages.find((passage) => passage.kind === 'corners');
  const own = sides?.[side];
  if (own === undefined || !begun) return buttonholes(buttons, picked, rows, fabric);
  // What of the side goes along the neck lies above the last hole.
  const neck = Math.max(0, begun.sides[side]! - picked);
  const placed = buttonholes(buttons, own - neck, rows, fabric);
  if (!placed.ok) return placed;
  const gaps = [...placed.row.gaps.slice(0, -1), placed.row.gaps.at(-1)! + neck];
  // A right-side round goes up the right front and down the left one.
  return {
    ok: true,
    row: { ...placed.row, inBorder: true, gaps: buttons.side === 'right' ? gaps : gaps.reverse() },
  };
}

/** The stitches between corners that a row is worked into, from left to right. */
function sidesBelow(passages: readonly Passage[], row: number): readonly number[] | null {
  let from = 1;
  for (const passage of passages) {
    if (passage.kind === 'corners') {
      if (row <= passage.to) return cornersAfter(passage, Math.max(0, row - from - 1));
      from = passage.to;
    }
  }
  return null;
}

/**
 * Places buttonholes evenly in the middle row of a band.
 *
 * @param stitches along the band
 * @param rows of the band
 * @returns the row, or a sentence that says why they do not fit
 */
export function buttonholes(
  { count, width, fromLower, fromUpper, side }: Buttons,
  stitches: number,
  rows: number,
  fabric: Fabric,
): { ok: true; row: ButtonholeRow } | { ok: false; message: string } {
  const gauge = perCm(fabric.gauge, 'stitches');
  const first = Math.max(1, Math.round(fromLower * gauge));
  const last = Math.max(1, Math.round(fromUpper * gauge));
  const between = stitches - first - last - count * width;
  if (rows < 3)
    return {
      ok: false,
      message: `A band of ${rows} rows has no row inside it for buttonholes; 3 are needed.`,
    };
  if (between < count - 1 || stitches < first + last + width)
    return {
      ok: false,
      message: `${count} buttonholes of ${width} stitches do not fit into ${stitches} stitches with ${first} before and ${last} after them; ${Math.max(0, Math.floor((stitches - first - last + 1) / (width + 1)))} would.`,
    };
  // A single hole sits where the first is wanted.
  const gaps = count === 1 ? [first, stitches - first - width] : [first, ...spread(between, count - 1), last];
  let at = 0;
  const centres = gaps.slice(0, count).map((gap) => {
    at += gap;
    const centre = (at + width / 2) / gauge;
    at += width;
    return centre;
  });
  return { ok: true, row: { row: Math.ceil(rows / 2), side, gaps, width, centres } };
}
