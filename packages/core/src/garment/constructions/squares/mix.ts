/**
 * How a size comes about: how large its squares are, how wide their joins, how many lie across and down, and how many plain rows at the
 * sides make up the rest. Whole squares come to a body rarely, so every sensible mix is tried and the cheapest taken.
 */

/** Lengths wanted, cm. */
export interface MixWish {
  width: number;
  length: number;
  /** Half of the sleeve's opening, all round. */
  opening: number;
  /** From the body to the end of the squares on each side; null where they are as wide as the sheet. */
  sleeve: number | null;
  neck: number;
}

/** What may be mixed. */
export interface MixRange {
  /** Height of a round, cm. */
  height: number;
  rounds: readonly number[];
  /** Widths of a join, cm. */
  joins: readonly number[];
  /** The side that squares usually have, cm. */
  usual: number;
  /** Height of a plain row, cm. */
  rowHeight: number;
  /** Most plain rows at each side, and of how many they are a multiple. */
  sideRows: number;
  inRows: number;
}

/** One way to come to a size. */
export interface Mix {
  rounds: number;
  join: number;
  across: number;
  sideRows: number;
  down: number;
  arm: number;
  sleeve: number;
  neck: number;
  /** What it misses, cm: over above 0. */
  misses: { width: number; length: number; opening: number };
  cost: number;
}

/** What a cm of miss costs, by what it is of; and a cm of plain rows. */
export const PRICES = { width: 1, length: 0.7, opening: 0.5, sleeve: 0.3, neck: 0.6, sideRows: 0.4 };

/** What every square of a garment costs in its ends and joins, and a cm of join: only that of two near equals the easier is taken. */
const PER_SQUARE = 0.02;
const PER_JOIN = 0.5;
/** What a cm costs by which a square is larger or smaller than usual, so that the sizes of a range tend to the same square. */
const PER_UNUSUAL = 0.6;

/** Side of a square, joins to be added, cm. */
export function sideOf(rounds: number, height: number): number {
  return 2 * rounds * height;
}

/** Cm of so many squares in a line, joins between them. */
export function lengthOf(squares: number, { side, join }: { side: number; join: number }): number {
  return squares * side + Math.max(0, squares - 1) * join;
}

/** Squares in a line that come nearest to a length, so many at least. */
export function nearest(length: number, of: { side: number; join: number }, least: number): number {
  return Math.max(least, Math.round((length + of.join) / (of.side + of.join)));
}

/**
 * All mixes, the cheapest first: one for each number of rounds and width of a join.
 *
 * @param wish lengths wanted, cm
 */
export function mixesOf(wish: MixWish, range: MixRange): Mix[] {
  return range.rounds
    .flatMap((rounds) => range.joins.map((join) => mixOf(wish, range, rounds, join)))
    .sort((a, b) => a.cost - b.cost);
}

/** Least squares: across so that a neck lies between two shoulders, down so that a side is left below the opening. */
export const LEAST = { across: 3, down: 2, arm: 1, sleeve: 1 };

function mixOf(wish: MixWish, range: MixRange, rounds: number, join: number): Mix {
  const { height, rowHeight, usual, sideRows, inRows } = range;
  const of = { side: sideOf(rounds, height), join };
  const long = (squares: number) => lengthOf(squares, of);
  let best: Pick<Mix, 'across' | 'sideRows' | 'neck'> & { cost: number; width: number } = {
    across: 0,
    sideRows: 0,
    neck: 0,
    cost: Infinity,
    width: 0,
  };
  for (let rows = 0; rows <= sideRows; rows += inRows) {
    const rest = wish.width - 2 * rows * rowHeight;
    for (const across of [nearest(rest, of, LEAST.across), nearest(rest - of.side / 2, of, LEAST.across)]) {
      const width = long(across) + 2 * rows * rowHeight;
      const neck = neckOf(wish.neck, across, of);
      const cost =
        PRICES.width * Math.abs(width - wish.width) +
        PRICES.sideRows * 2 * rows * rowHeight +
        PRICES.neck * Math.abs(long(neck) - wish.neck);
      if (cost < best.cost - 1e-9) best = { across, sideRows: rows, neck, cost, width };
    }
  }
  const down = nearest(wish.length, of, LEAST.down);
  const arm = Math.min(nearest(wish.opening, of, LEAST.arm), down - 1);
  const sleeve = wish.sleeve === null ? 0 : nearest(wish.sleeve, of, LEAST.sleeve);
  const misses = {
    width: best.width - wish.width,
    length: long(down) - wish.length,
    opening: long(arm) - wish.opening,
  };
  const squares = 2 * (best.across * down + 2 * sleeve * arm);
  return {
    rounds,
    join,
    across: best.across,
    sideRows: best.sideRows,
    neck: best.neck,
    down,
    arm,
    sleeve,
    misses,
    cost:
      best.cost +
      PRICES.length * Math.abs(misses.length) +
      PRICES.opening * Math.abs(misses.opening) +
      (wish.sleeve === null ? 0 : PRICES.sleeve * Math.abs(long(sleeve) - wish.sleeve)) +
      PER_SQUARE * squares +
      PER_UNUSUAL * Math.abs(of.side - usual) +
      PER_JOIN * join,
  };
}

/** Squares of the neck: as many as leave both sides alike, and a shoulder on each. */
function neckOf(wish: number, across: number, of: { side: number; join: number }): number {
  const odd = across % 2;
  const pairs = Math.round(((wish + of.join) / (of.side + of.join) - odd) / 2);
  return Math.max(odd, Math.min(across - 2, odd + 2 * Math.max(0, pairs)));
}
