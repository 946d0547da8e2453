/** The map of a sheet of squares: which kind lies where, how many there are of each, and what of each yarn they take. */

import type { DrawnSquare } from '../garment/construction.js';
import { kindsByRule, type MapPlace } from './mapRules.js';
import { colourOfRound, USUAL_COLOURS, type SquareColours, type SquareKind } from './squareColours.js';

/** A square of a map. */
export interface MappedSquare extends DrawnSquare {
  kind: string;
  /** It was placed by hand: in this size alone, or in all. */
  byHand?: 'size' | 'all';
}

export interface KindCount {
  kind: SquareKind;
  whole: number;
  halves: number;
}

export interface SheetMap {
  squares: readonly MappedSquare[];
  counts: readonly KindCount[];
}

/** The place of a square, as designs name it: "back 3 -2". */
export function placeOf({ layer, row, column }: Pick<DrawnSquare, 'layer' | 'row' | 'column'>): string {
  return `${layer} ${row} ${column}`;
}

/** A square's place on the sheet spread out. The middle has no column where their number is even. */
export function spreadOut(
  { layer, row, column }: Pick<DrawnSquare, 'layer' | 'row' | 'column'>,
  isEven: boolean,
): MapPlace {
  return { x: isEven && column > 0 ? column - 1 : column, y: layer === 'front' ? row - 1 : -row };
}

/** Squares of a sheet with an even number across have no middle column. */
export function hasEvenColumns(squares: readonly Pick<DrawnSquare, 'layer' | 'column'>[]): boolean {
  return !squares.some(({ layer, column }) => layer === 'back' && column === 0);
}

/**
 * The map of a sheet.
 *
 * @param size by its id: some squares may be placed in it alone
 */
export function mapOf(
  squares: readonly DrawnSquare[],
  colours: SquareColours = USUAL_COLOURS,
  size = '',
): SheetMap {
  const { kinds, rule, seed, placed = {}, placedIn = {} } = colours;
  const isEven = hasEvenColumns(squares);
  const byRule = kindsByRule(
    rule,
    squares.map((square) => spreadOut(square, isEven)),
    kinds.length,
    seed,
  );
  const mapped = squares.map((square, i): MappedSquare => {
    const place = placeOf(square);
    const own = placedIn[size]?.[place];
    const every = placed[place];
    const kind = own ?? every ?? kinds[byRule[i]!]!.id;
    const byHand = own !== undefined ? 'size' : every !== undefined ? 'all' : undefined;
    return { ...square, kind, ...(byHand ? { byHand } : {}) };
  });
  const counts = kinds.map((kind): KindCount => {
    const own = mapped.filter((square) => square.kind === kind.id);
    const halves = own.filter(({ half }) => half).length;
    return { kind, whole: own.length - halves, halves };
  });
  return { squares: mapped, counts };
}

/**
 * Stitches of each yarn in squares of a map, whole or half.
 *
 * @param stitches of each round of one of them
 * @param which of them
 */
export function stitchesByColour(
  counts: readonly KindCount[],
  colours: Pick<SquareColours, 'border'>,
  stitches: readonly number[],
  which: 'whole' | 'halves',
): Map<string, number> {
  const found = new Map<string, number>();
  for (const { kind, [which]: many } of counts)
    stitches.forEach((count, i) => {
      const colour = colourOfRound(colours, kind, i + 1, stitches.length);
      found.set(colour, (found.get(colour) ?? 0) + many * count);
    });
  return found;
}
