import { agree } from './linesSaid.js';
import { ReadFault } from './maker.js';

/** A stretch of a sheet's edge as it is told: "left side 51 sts (3 squares)". */
export interface SheetEdgeSaid {
  label: string;
  count: number;
  squares: number;
  half: boolean;
}

/** What is told of a kind of squares: how many, and their colours in words. */
export interface KindSaid {
  id: string;
  many: number;
  words: string;
}

const IN_ROUNDS =
  /^(.+?) (?:(throughout)|in the (last) (?:rnd|row)|from (?:rnd|row) (\d+) on|in (?:rnd|row)s? (\d+)(?:–(\d+))?)$/;

/** The colour of each round, as words say it: "Oat in rnd 1, heather from rnd 2 on, ink in the last rnd". */
export function coloursSaid(words: string, rounds: number): string[] {
  const colours: string[] = [];
  for (const part of words.split(/, (?=[^,]+ (?:throughout|in the last|from (?:rnd|row)|in (?:rnd|row)))/)) {
    const [, colour, all, last, from, first, to] = IN_ROUNDS.exec(part) ?? [];
    if (colour === undefined) throw new ReadFault(`“${part}” says no colour of rounds`);
    const [begin, end] = all
      ? [1, rounds]
      : last
        ? [rounds, rounds]
        : from
          ? [Number(from), rounds]
          : [Number(first), Number(to ?? first)];
    for (let n = begin!; n <= Math.min(end!, rounds); n += 1) {
      // Only the last round is told apart from those that it belongs to.
      if (colours[n - 1] !== undefined && !last) throw new ReadFault(`round ${n} has two colours`);
      colours[n - 1] = colour;
    }
  }
  return colours;
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
  private squares: { whole: number; halves: number; across: number; down: number } | null = null;
  private sleeves: { across: number; down: number } | null = null;
  /** Squares along each stretch of the edge, by its label. */
  private readonly along = new Map<string, number>();
  /** What a join is said to add. */
  join: string | null = null;
  /** Stitches of a side of a square, and row ends of a half one, as the first stretch of each has them. */
  private readonly each = new Map<boolean, number>();
  private readonly mapped: MapRow[] = [];

  begin(squares: { whole: number; halves: number; across: number; down: number }): void {
    this.squares = squares;
  }

  beside(sleeves: { across: number; down: number }): void {
    this.sleeves = sleeves;
  }

  /** What the stretches of an edge come to: all squares have the same sides. */
  edge(said: readonly SheetEdgeSaid[]): number {
    if (!this.squares) throw new ReadFault('which squares it is joined of is not said');
    for (const { label, count, squares, half } of said) {
      const side = this.each.get(half) ?? count / squares;
      this.each.set(half, side);
      this.along.set(label, squares);
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

  /** What is said to lie across and down is what its edges have. */
  private agreeAlong(): void {
    if (!this.squares) return;
    const { across, down } = this.squares;
    const of = (label: string) => this.along.get(label) ?? 0;
    const opening = of('sleeve opening, left') / 2;
    agree(across, of('lower edge of the back'), 'the squares across');
    agree(down, of('side of the back, left') + opening, 'the squares down');
    if (!this.sleeves) return;
    agree(this.sleeves.across, of('back of the sleeve, left'), 'the squares of a sleeve across');
    agree(this.sleeves.down, opening, 'the squares of a sleeve down');
  }

  /** Every square of the sheet is somewhere in its map. */
  finish(): readonly MapRow[] {
    this.agreeAlong();
    if (this.mapped.length === 0) return [];
    const letters = this.mapped.map((row) => row.letters).join('');
    agree(letters.replace(/[^A-Z]/g, '').length, this.squares!.whole, 'the squares of the map');
    agree(letters.replace(/[^a-z]/g, '').length, this.squares!.halves, 'the half squares of the map');
    return this.mapped;
  }
}
