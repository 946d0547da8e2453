import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { completeBody, MEASUREMENTS, type Size } from '@upfell/core';
import { BodyFigure } from '../body/BodyFigure';
import { ShelfBar } from '../library/ShelfBar';
import { TERMS, type Term } from './terms';
import { TermGarment } from './TermGarment';

/** The figure that measurements are shown on. */
const SHOWN: Size = { id: 'M', label: 'M', group: 'adult', body: completeBody({ bust: 94 }, 'adult')!.body };

const ALL: readonly Term[] = [
  ...TERMS,
  ...MEASUREMENTS.map(({ id, label, howTo }): Term => ({
    word: label.charAt(0).toLowerCase() + label.slice(1),
    meaning: howTo,
    drawing: { kind: 'measurement', id },
  })),
].sort((a, b) => a.word.localeCompare(b.word, 'en'));

/** Words and measurements of the trade, each with a drawing where one helps. */
export function GlossaryPage() {
  const [search, setSearch] = useSearchParams();
  const [words, setWords] = useState(search.get('of') ?? '');
  useEffect(() => {
    document.title = 'Glossary · Upfell';
  }, []);
  const found = useMemo(() => {
    const wanted = words.trim().toLowerCase();
    return ALL.filter(({ word, meaning }) => `${word} ${meaning}`.toLowerCase().includes(wanted));
  }, [words]);
  return (
    <div className="flex min-h-full flex-col">
      <ShelfBar />
      <main className="mx-auto w-full max-w-4xl grow px-6 py-6">
        <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
          <h1 className="text-2xl">Glossary</h1>
          <input
            type="search"
            aria-label="Find a word"
            placeholder="Find a word"
            className="w-56 rounded border border-line bg-sheet px-2 py-1"
            value={words}
            onChange={({ target }) => {
              setWords(target.value);
              setSearch(target.value ? { of: target.value } : {}, { replace: true });
            }}
          />
        </div>
        {found.length === 0 && (
          <p className="border-y border-dashed border-line py-8 text-center text-soft">
            That word is not explained here. Try a shorter one.
          </p>
        )}
        <dl className="grid gap-x-8 border-t border-line md:grid-cols-2" data-testid="glossary">
          {found.map(({ word, meaning, drawing }) => (
            <div
              key={word}
              className="grid grid-cols-[76px_1fr] grid-rows-[auto_1fr] gap-x-3 border-b border-line py-3"
            >
              <dt className="col-start-2 font-display text-[17px] font-semibold">{word}</dt>
              <dd className="col-start-2 text-[14px]">{meaning}</dd>
              <dd className="col-start-1 row-span-2 row-start-1 h-[92px]">
                {drawing?.kind === 'measurement' && <BodyFigure size={SHOWN} lit={drawing.id} />}
                {drawing?.kind === 'garment' && <TermGarment {...drawing} label={word} />}
              </dd>
            </div>
          ))}
        </dl>
      </main>
    </div>
  );
}
