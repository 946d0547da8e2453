import { useState } from 'react';
import { standingOf, type RowToWork } from '@upfell/core';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { done, useMaking } from './making';
import type { PieceProgress } from './progress';

/**
 * Goes to another row of the piece, with the reason: forwards, rows are taken as worked without a tick; backwards, those pulled back are no
 * longer worked.
 */
export function JumpDialog({
  at,
  rows,
  onClose,
}: {
  at: PieceProgress;
  rows: readonly RowToWork[];
  onClose: () => void;
}) {
  const entries = useMaking((state) => state.entries);
  const [next, setNext] = useState(String(rows[at.worked]?.n ?? ''));
  const [part, setPart] = useState(rows[Math.min(at.worked, rows.length - 1)]?.part ?? 'main');
  const [why, setWhy] = useState('');
  const parts = [...new Set(rows.map((row) => row.part))];
  const target = rows.findIndex((row) => row.part === part && row.n === Number(next));
  const own = rows.filter((row) => row.part === part);
  const trouble =
    target < 0 ? `There is no such row; rows ${own[0]?.n ?? 1} to ${own.at(-1)?.n ?? 1} are there.` : null;
  const go = async () => {
    if (target < 0) return;
    const reason = why.trim();
    if (target > at.worked) {
      const { part: of, n } = rows[target - 1]!;
      if (await done({ kind: 'jump', piece: at.piece, copy: at.copy, part: of, n, why: reason })) onClose();
      return;
    }
    const gone = new Set(rows.slice(target, at.worked).map((row) => row.key));
    const undone = [...standingOf(entries, 'row'), ...standingOf(entries, 'jump')].filter(
      (entry) =>
        entry.piece === at.piece && entry.copy === at.copy && gone.has(`${entry.part}\u0000${entry.n}`),
    );
    const before = rows[target - 1];
    const made = await done(
      ...undone.map((entry) => ({ kind: 'undo' as const, of: entry.id })),
      // What a jump had covered is covered still, as far as it stays.
      ...(before && undone.some(({ kind }) => kind === 'jump')
        ? [
            {
              kind: 'jump' as const,
              piece: at.piece,
              copy: at.copy,
              part: before.part,
              n: before.n,
              why: reason,
            },
          ]
        : []),
      {
        kind: 'note',
        text: `Pulled back to row ${before?.n ?? 0}${reason ? `: ${reason}` : ''}`,
        piece: at.piece,
        copy: at.copy,
        part,
        n: rows[target]!.n,
      },
    );
    if (made) onClose();
  };
  const by = target - at.worked;
  return (
    <Modal open onClose={onClose} title={`${at.label}: go to another row`}>
      <form
        className="grid gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void go();
        }}
      >
        {parts.length > 1 && (
          <label className="grid gap-1">
            Part
            <select
              className="rounded border border-line bg-sheet px-2 py-1"
              value={part}
              onChange={(event) => setPart(event.target.value)}
            >
              {parts.map((one) => (
                <option key={one}>{one}</option>
              ))}
            </select>
          </label>
        )}
        <label className="grid gap-1">
          The next row to work
          <input
            className="rounded border border-line bg-sheet px-2 py-1"
            inputMode="numeric"
            value={next}
            onChange={(event) => setNext(event.target.value)}
            aria-invalid={trouble !== null}
            aria-describedby="jump-more"
          />
        </label>
        <p
          id="jump-more"
          role={trouble ? 'alert' : undefined}
          className={`text-[13px] ${trouble ? 'text-broken' : 'text-soft'}`}
        >
          {trouble ??
            (by > 0
              ? `${by} rows are taken as worked without a tick.`
              : by < 0
                ? `${-by} rows are pulled back: they are to be worked again.`
                : 'That is the row in hand.')}
        </p>
        <label className="grid gap-1">
          Why
          <input
            className="rounded border border-line bg-sheet px-2 py-1"
            value={why}
            maxLength={400}
            placeholder="counted on paper, a fault found, …"
            onChange={(event) => setWhy(event.target.value)}
          />
        </label>
        <Button
          look="strong"
          type="submit"
          disabled={trouble !== null || by === 0}
          className="mt-2 justify-self-start"
        >
          Go to row {next}
        </Button>
      </form>
    </Modal>
  );
}
