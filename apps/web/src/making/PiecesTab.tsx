import { Minus, Plus, Printer } from 'lucide-react';
import { useState } from 'react';
import { countOf, standingOf } from '@upfell/core';
import { Bar } from '../ui/Bar';
import { Button } from '../ui/Button';
import { done, useMaking } from './making';
import type { PieceProgress } from './progress';
import { entryInWords, momentInWords } from './words';

/** Most copies of a piece that are listed one by one; squares are counted together. */
const ONE_BY_ONE = 6;

/** All pieces in the order of making, with how far each is; free tallies; what was noted; the row sheet. */
export function PiecesTab({
  at,
  onPiece,
  onSheet,
}: {
  at: PieceProgress;
  onPiece: (piece: PieceProgress) => void;
  onSheet: () => void;
}) {
  const view = useMaking((state) => state.view)!;
  const progress = useMaking((state) => state.progress);
  const worked = progress.reduce((sum, one) => sum + one.worked, 0);
  const all = progress.reduce((sum, one) => sum + one.all, 0);
  const yarn = progress.reduce((sum, one) => sum + (one.all > 0 ? (one.worked / one.all) * one.share : 0), 0);
  return (
    <div className="min-h-0 grow overflow-y-auto px-4 py-4">
      <div className="flex items-start justify-between gap-3">
        <div>
          <h2 className="text-xl">Pieces</h2>
          <p className="text-soft">
            {worked} of {all} rows, {Math.round(100 * yarn)} % of the yarn.
          </p>
        </div>
        <Button onClick={onSheet}>
          <Printer size={15} aria-hidden /> Row sheet
        </Button>
      </div>
      <ul className="mt-2 divide-y divide-line border-y border-line">
        {view.pieces.map((piece) => {
          const copies = progress.filter(({ piece: id }) => id === piece.id);
          const shown = copies.length > ONE_BY_ONE ? together(copies) : copies;
          const more = piece.keys.length - piece.begunWith;
          return shown.map((one) => (
            <li key={`${one.piece} ${one.copy}`}>
              <button
                type="button"
                data-piece={one.piece}
                className={`grid min-h-[48px] w-full grid-cols-[1fr_auto] items-center gap-x-3 gap-y-1 px-1 pt-1 text-left hover:bg-tape ${one.piece === at.piece && one.copy === at.copy ? 'bg-agreed-wash' : ''}`}
                onClick={() => onPiece(one)}
                aria-current={one.piece === at.piece && one.copy === at.copy}
              >
                <span>
                  {one.label}
                  {more !== 0 && (
                    <span className="block text-[12.5px] text-soft">
                      {countOf(Math.abs(more), 'row')} {more > 0 ? 'more' : 'fewer'} than it was begun with
                      {one.copy > 1 && copies[0]!.worked > 0 ? ', as the first one was made' : ''}
                    </span>
                  )}
                </span>
                <span className="text-[13.5px]">
                  {one.worked >= one.all ? 'done' : `${one.worked} of ${one.all} rows`}
                </span>
                <Bar
                  className="col-span-2 mb-1.5"
                  done={one.worked}
                  of={one.all}
                  label={`${one.label}: rows`}
                />
              </button>
            </li>
          ));
        })}
      </ul>
      <Tallies />
      <Notes />
      <Doubts />
    </div>
  );
}

/** Copies that are counted together: the one in hand stands for all. */
function together(copies: readonly PieceProgress[]): PieceProgress[] {
  const open = copies.find(({ worked, all }) => worked < all) ?? copies.at(-1)!;
  const finished = copies.filter(({ worked, all }) => worked >= all).length;
  return [{ ...open, label: `${open.label} (${finished} of ${copies.length} done)` }];
}

/** Tallies for what is not written: extension rows, loops, buttonholes. */
function Tallies() {
  const entries = useMaking((state) => state.entries);
  const [name, setName] = useState('');
  const tallies = new Map<string, number>();
  for (const { name: of, by } of standingOf(entries, 'tally')) tallies.set(of, (tallies.get(of) ?? 0) + by);
  const add = (of: string, by: number) => void done({ kind: 'tally', name: of, by });
  return (
    <section className="mt-6">
      <h3 className="text-[16px]">Tallies</h3>
      <ul>
        {[...tallies].map(([of, many]) => (
          <li key={of} className="flex items-center gap-2 py-1">
            <span className="grow">{of}</span>
            <Button
              className="size-[40px] justify-center"
              aria-label={`${of}: one fewer`}
              onClick={() => add(of, -1)}
            >
              <Minus size={16} aria-hidden />
            </Button>
            <span className="font-display min-w-10 text-center text-[20px]" data-tally={of}>
              {many}
            </span>
            <Button
              className="size-[40px] justify-center"
              aria-label={`${of}: one more`}
              onClick={() => add(of, 1)}
            >
              <Plus size={16} aria-hidden />
            </Button>
          </li>
        ))}
      </ul>
      <form
        className="mt-1 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          const of = name.trim();
          if (of === '') return;
          add(of, 1);
          setName('');
        }}
      >
        <input
          className="min-w-0 grow rounded border border-line bg-sheet px-2 py-1.5"
          aria-label="New tally"
          placeholder="extension rows, buttonholes, …"
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <Button type="submit" disabled={name.trim() === ''}>
          Count it
        </Button>
      </form>
    </section>
  );
}

function Notes() {
  const view = useMaking((state) => state.view)!;
  const entries = useMaking((state) => state.entries);
  const notes = entries.filter(
    ({ kind }) =>
      kind === 'note' || kind === 'marker' || kind === 'tried' || kind === 'measured' || kind === 'jump',
  );
  if (notes.length === 0) return null;
  return (
    <section className="mt-6">
      <h3 className="text-[16px]">Noted</h3>
      <ul className="divide-y divide-line border-y border-line text-[13.5px]">
        {[...notes].reverse().map((entry) => (
          <li key={entry.id} className="flex items-center gap-2 py-1.5">
            <span className="grow">
              {entryInWords(view, entry, view.units)}{' '}
              <span className="text-soft">{momentInWords(entry.at)}</span>
            </span>
            <Button look="quiet" onClick={() => void done({ kind: 'undo', of: entry.id })}>
              Take away
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What of the log could not be followed. */
function Doubts() {
  const { doubts, cautions } = useMaking((state) => state.view)!;
  return (
    <>
      {doubts.length > 0 && (
        <section className="mt-6">
          <h3 className="text-[16px]">To look at</h3>
          <ul className="list-disc pl-5 text-[13.5px] text-eased">
            {doubts.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </section>
      )}
      {cautions.map((one) => (
        <p key={one} className="mt-6 border-l-4 border-eased-stroke bg-eased-wash px-3 py-2 text-[13.5px]">
          {one}
        </p>
      ))}
    </>
  );
}
