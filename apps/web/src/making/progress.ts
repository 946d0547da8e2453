import { copyName, progressOf, tickedIn, type Entry } from '@upfell/core';
import type { MakingView } from '../worker/makingPlanner';

/** How far one copy of a piece is. */
export interface PieceProgress {
  piece: string;
  copy: number;
  /** "Sleeve 2". */
  label: string;
  worked: number;
  all: number;
  /** Its share of the yarn of all pieces, of 1. */
  share: number;
}

/** How far every copy of every piece is, in the order of making. */
export function progressOfAll(
  { pieces }: Pick<MakingView, 'pieces'>,
  entries: readonly Entry[],
): PieceProgress[] {
  const ticked = tickedIn(entries);
  const total = pieces.reduce((sum, { stitches, copies }) => sum + stitches * copies, 0);
  return pieces.flatMap(({ id, label, copies, keys, stitches }) =>
    Array.from({ length: copies }, (_, i): PieceProgress => ({
      piece: id,
      copy: i + 1,
      label: copyName({ label, copies }, i + 1),
      worked: progressOf(keys, ticked.get(id)?.get(i + 1)).worked,
      all: keys.length,
      share: total > 0 ? stitches / total : 0,
    })),
  );
}

/** The piece in hand: that of the last row ticked while it has more, else the first that is not done. */
export function pieceInHand(
  progress: readonly PieceProgress[],
  entries: readonly Entry[],
): PieceProgress | null {
  const last = entries.findLast((entry) => entry.kind === 'row' || entry.kind === 'jump');
  const at = last && progress.find(({ piece, copy }) => piece === last.piece && copy === last.copy);
  if (at && at.worked < at.all) return at;
  const from = at ? progress.indexOf(at) : -1;
  return (
    progress.slice(from + 1).find(({ worked, all }) => worked < all) ??
    progress.find(({ worked, all }) => worked < all) ??
    at ??
    progress[0] ??
    null
  );
}
