import { useMaking } from './making';
import type { PieceProgress } from './progress';

/** Most pieces that are named below their bars. */
const NAMED = 6;

/** All pieces as bars as long as their share of the yarn, filled as far as they are worked. */
export function ProgressStrip({ at, onPieces }: { at: PieceProgress; onPieces: () => void }) {
  const progress = useMaking((state) => state.progress);
  const view = useMaking((state) => state.view)!;
  const bars = view.pieces.flatMap(({ id, label, copies }) => {
    const own = progress.filter(({ piece }) => piece === id);
    if (copies <= 4) return own.map((one) => ({ ...one, done: one.all > 0 ? one.worked / one.all : 0 }));
    const all = own.reduce((sum, one) => sum + one.all, 0);
    return [
      {
        ...own[0]!,
        label,
        share: own.reduce((sum, one) => sum + one.share, 0),
        done: own.reduce((sum, one) => sum + one.worked, 0) / Math.max(1, all),
      },
    ];
  });
  const total = progress.reduce((sum, { all }) => sum + all, 0);
  const worked = progress.reduce((sum, one) => sum + one.worked, 0);
  const piece = view.pieces.find(({ id }) => id === at.piece);
  const more = piece ? piece.keys.length - piece.begunWith : 0;
  return (
    <button
      type="button"
      className="block w-full shrink-0 border-b border-line px-4 py-2 text-left"
      onClick={onPieces}
      data-testid="strip"
      data-worked={worked}
      data-all={total}
    >
      <span className="flex gap-1">
        {bars.map(({ piece, copy, share, done }) => (
          <span
            key={`${piece} ${copy}`}
            className="h-3 overflow-hidden rounded-[2px] bg-tape"
            style={{ flexGrow: Math.max(0.03, share), flexBasis: 0 }}
          >
            <span
              className={`block h-full ${piece === at.piece && copy === at.copy ? 'bg-agreed' : 'bg-ink'}`}
              style={{ width: `${100 * done}%` }}
            />
          </span>
        ))}
      </span>
      <span className="mt-1 flex justify-between gap-2 text-[12.5px] text-soft">
        <span className="truncate">
          <strong className="text-ink">{at.label}</strong>, {at.worked} of {at.all} rows
          {more !== 0 && `, ${Math.abs(more)} ${more > 0 ? 'more' : 'fewer'} than begun with`}
        </span>
        <span className="whitespace-nowrap">
          {bars.length <= NAMED ? `${worked} of ${total} in all` : `${worked}/${total}`}
          <span className="sr-only"> rows; to the pieces</span>
        </span>
      </span>
    </button>
  );
}
