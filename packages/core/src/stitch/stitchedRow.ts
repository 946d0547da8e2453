import { countOf } from '../text/singular.js';
import type { Row } from '../work/rows.js';

/** A row of a piece worked in its stitch pattern. */
export interface StitchedRow {
  /** Which row of the pattern it is; null for a plain one. */
  pattern: number | null;
  /** It is a round of the pattern in the round, which has rows of its own. */
  ring: boolean;
  /** Stretches of whole repeats in the order of working: how many each has. */
  repeats: readonly number[];
  /** How many of these are wider, where a motif grows by its own increase rounds. */
  wide?: number;
  /** Plain stitches before each of them, and after the last. */
  plain: readonly number[];
  /** Stitches worked: turning chains that count are stitches, other chains are not. */
  stitches: number;
}

/** Whole repeats of a row. */
export function repeatsIn({ repeats }: Pick<StitchedRow, 'repeats'>): number {
  return repeats.reduce((sum, many) => sum + many, 0);
}

/** Right-side rows and joined rounds run from the right edge. */
export function directionOf({ side, round }: Pick<Row, 'side' | 'round'>): 1 | -1 {
  return (round !== undefined && round !== 'turned') || side === 'RS' ? 1 : -1;
}

/** The row as stretches seen from the right side: from the right edge, or from the beginning of a round. */
export function fromTheRight({ plain, repeats }: StitchedRow, row: Pick<Row, 'side' | 'round'>) {
  return directionOf(row) === 1
    ? { plain, repeats }
    : { plain: [...plain].reverse(), repeats: [...repeats].reverse() };
}

/** What a row has from its right edge on, or from where the round begins: "2 plain, 5 repeats, 3 plain". */
export function placesInWords(row: StitchedRow, seen: Pick<Row, 'side' | 'round'>): string {
  const { plain, repeats } = fromTheRight(row, seen);
  return plain
    .flatMap((many, i) => [
      ...(many > 0 ? [`${many} plain`] : []),
      ...(repeats[i] === undefined ? [] : [countOf(repeats[i], 'repeat')]),
    ])
    .join(', ');
}
