import { agree } from './linesSaid.js';
import { ReadFault } from './maker.js';

/** A stretch of a sheet's edge as it is told: "left side 51 sts (3 squares)". */
export interface SheetEdgeSaid {
  label: string;
  count: number;
  squares: number;
  half: boolean;
}

/** What sentences say of a sheet that is joined of squares. */
export class SheetSaid {
  private squares: { whole: number; halves: number } | null = null;
  /** Stitches of a side of a square, and row ends of a half one, as the first stretch of each has them. */
  private readonly each = new Map<boolean, number>();
  private mapped = 0;

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

  /** A line of the map: so many squares in it. */
  lineOfMap(many: number): void {
    this.mapped += many;
  }

  /** Every square of the sheet is somewhere in its map. */
  finish(): void {
    if (this.mapped === 0) return;
    const { whole, halves } = this.squares!;
    agree(this.mapped, whole + halves, 'the squares of the map');
  }
}
