import type { LinearRelation } from './eliminate.js';
import type { Lattice } from './lattice.js';

/**
 * Whether the equalities have an answer in whole numbers at all, however large or small: counts in fours on one side of a sum and
 * odd ones on the other never meet, and no search through all counts is needed to see it. Relations that hang on a choice, those
 * that only bound a sum and the ends of the counts are passed over, so that a yes may still come to nothing.
 *
 * The columns of the equalities are brought to a lower triangle by steps that lose no whole number (the Hermite normal form; e.g.
 * Cohen, "A Course in Computational Algebraic Number Theory", 1993, section 2.4; from memory): then each equality fixes one
 * unknown, and it is whole or it is not.
 *
 * @param lattices the unknowns; one with a single value left counts as known
 * @returns false only where there is certainly no answer
 */
export function hasWholeAnswer(lattices: readonly Lattice[], relations: readonly LinearRelation[]): boolean {
  const equalities = relations.filter(({ equal, when }) => equal && when === undefined);
  const left = equalities.map(({ total }) => total);
  /** For each unknown still open its factor in every equality. */
  let open = lattices.map(() => new Array<number>(equalities.length).fill(0));
  equalities.forEach(({ variables, times }, row) =>
    variables.forEach((variable, i) => {
      const { base, step, low, high } = lattices[variable]!;
      // A value is base + step x index; an unknown with one value is taken off the total.
      left[row]! -= times[i]! * (low === high ? base + step * low : base);
      if (low < high) open[variable]![row]! += times[i]! * step;
    }),
  );
  for (let row = 0; row < equalities.length; row += 1) {
    const column = gathered(open, row);
    if (column === 'too large') return true;
    if (!column) {
      if (left[row] !== 0) return false;
      continue;
    }
    const whole = left[row]! / column[row]!;
    if (!Number.isInteger(whole)) return false;
    for (let r = row; r < left.length; r += 1) left[r]! -= whole * column[r]!;
    if (!left.every(Number.isSafeInteger)) return true;
    open = open.filter((one) => one !== column);
  }
  return true;
}

/**
 * Takes columns from each other, as in Euclid's algorithm, until only one has anything in this row.
 *
 * @returns that column, null where none has, "too large" where numbers are no longer exact
 */
function gathered(columns: readonly number[][], row: number): number[] | null | 'too large' {
  for (;;) {
    let least: number[] | null = null;
    let others = 0;
    for (const column of columns) {
      if (column[row] === 0) continue;
      others += 1;
      if (!least || Math.abs(column[row]!) < Math.abs(least[row]!)) least = column;
    }
    if (!least || others === 1) return least;
    for (const column of columns) {
      if (column === least || column[row] === 0) continue;
      const times = Math.round(column[row]! / least[row]!);
      for (let r = row; r < column.length; r += 1) column[r]! -= times * least[r]!;
      if (!column.every(Number.isSafeInteger)) return 'too large';
    }
  }
}
