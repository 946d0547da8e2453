import { ArrowLeft, Printer } from 'lucide-react';
import { useEffect } from 'react';
import { formatLength } from '@upfell/core';
import { Button } from '../ui/Button';
import { askRows, useMaking } from './making';

/** Every row of every piece with a box to tick, for those who work from paper. */
export function RowSheet({ onClose }: { onClose: () => void }) {
  const view = useMaking((state) => state.view)!;
  const making = useMaking((state) => state.making)!;
  const rows = useMaking((state) => state.rows);
  const progress = useMaking((state) => state.progress);
  useEffect(() => {
    for (const { id } of view.pieces) void askRows(id);
  }, [view, rows]);
  const ready = view.pieces.every(({ id }) => rows[id]);
  return (
    <div className="print-flow h-full overflow-y-auto bg-sheet p-6" data-testid="row-sheet">
      <div className="no-print mb-4 flex gap-2">
        <Button onClick={onClose}>
          <ArrowLeft size={15} aria-hidden /> Back
        </Button>
        <Button look="strong" disabled={!ready} onClick={() => window.print()}>
          <Printer size={15} aria-hidden /> {ready ? 'Print' : 'Writing the rows …'}
        </Button>
      </div>
      <h1 className="text-2xl">{making.name}</h1>
      <p className="text-soft">
        {making.document.name}, size {view.label}
      </p>
      {view.pieces.map(({ id, label, copies }) => (
        <section key={id} className="mt-5">
          <h2 className="text-xl">
            {label}
            {copies > 1 && ` (make ${copies})`}
          </h2>
          <ol>
            {(rows[id] ?? []).map((row, i) => (
              <li key={row.key} className="break-inside-avoid border-b border-line py-0.5 text-[13px]">
                {row.before.map((line) => (
                  <p key={line} className="text-soft italic">
                    {line}
                  </p>
                ))}
                <p className="flex gap-2">
                  <span className="shrink-0 text-[19px] leading-none tracking-widest" aria-label="done">
                    {Array.from({ length: Math.min(copies, 4) }, (_, copy) =>
                      (progress.find((one) => one.piece === id && one.copy === copy + 1)?.worked ?? 0) > i
                        ? '☒'
                        : '☐',
                    ).join('')}
                  </span>
                  <span className="grow">
                    <strong>
                      {row.one} {row.n}
                    </strong>{' '}
                    {row.words}. ({row.count} sts)
                  </span>
                  <span className="shrink-0 text-soft">
                    {formatLength(row.height.onTheHook, view.units, { unit: true })}
                  </span>
                </p>
                {row.after.map((line) => (
                  <p key={line} className="text-soft italic">
                    {line}
                  </p>
                ))}
              </li>
            ))}
          </ol>
        </section>
      ))}
    </div>
  );
}
