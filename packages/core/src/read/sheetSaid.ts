import { agree } from './linesSaid.js';
import { ReadFault } from './maker.js';

/** A stretch of a sheet's edge as it is told: "left side 51 sts (3 squares)". */
export interface SheetEdgeSaid {
  label: string;
  count: number;
  squares: number;
  half: boolean;
}

/** A row of a map as it is told. */
export interface MapRow {
  layer: 'back' | 'front';
  /** From the fold down, from 1. */
  row: number;
  letters: string;
}

/** What sentences say of a sheet that is joined of squares. */
export class SheetSaid {
  private squares: { whole: number; halves: number } | null = null;
  /** Stitches of a side of a square, and row ends of a half one, as the first stretch of each has them. */
  private readonly each = new Map<boolean, number>();
  private readonly mapped: MapRow[] = [];

  begin(whole: number, halves: number): void {
    this.squares = { whole, halves };
  }

  /** What the stretches of an edge come to: all squares have the same sides. */
  edge(said: readonly SheetEdgeSaid[]): number {
    if (!this.squares) throw new ReadFault('which squares it is joined of is not said');
    for (const { label, count, squares, half } of said) {
      const side = this.each.get(half) ?? count / squares;
      this.each.set(half, side);
      agree(count, side * squares, `the stitches of ${label}`);
    }
    return said.reduce((sum, { count }) => sum + count, 0);
  }

  /** The rows of a map: letters of kinds, small ones for half squares, dots where none lies. */
  map(layer: MapRow['layer'], rows: readonly string[]): void {
    if (new Set(rows.map(({ length }) => length)).size > 1)
      throw new ReadFault('the rows of the map are not all as wide');
    rows.forEach((letters, i) => this.mapped.push({ layer, row: i + 1, letters }));
  }

  /** Every square of the sheet is somewhere in its map. */
  finish(): readonly MapRow[] {
    if (this.mapped.length === 0) return [];
    const letters = this.mapped.map((row) => row.letters).join('');
    agree(letters.replace(/[^A-Z]/g, '').length, this.squares!.whole, 'the squares of the map');
    agree(letters.replace(/[^a-z]/g, '').length, this.squares!.halves, 'the half squares of the map');
    return this.mapped;
  }
}
