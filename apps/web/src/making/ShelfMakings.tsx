import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { MakingEntry } from '@upfell/core';
import { makings } from '../api/makings';
import { Bar } from '../ui/Bar';
import { makingInWords } from './makingInWords';

/** Makings in progress: those that the server has, and without it those that this browser keeps. */
export function ShelfMakings() {
  const [list, setList] = useState<readonly MakingEntry[] | null>(null);
  const [away, setAway] = useState(false);
  useEffect(() => {
    let wanted = true;
    makings.list().then(
      (found) => wanted && setList(found),
      async () => {
        try {
          // What keeps them is wanted on the shelf only when the server is away.
          const { keptMakings } = await import('./log/kept');
          const kept = await (await keptMakings()).list();
          if (!wanted) return;
          setAway(true);
          setList(kept);
        } catch {
          // A browser that keeps nothing has none to show.
        }
      },
    );
    return () => {
      wanted = false;
    };
  }, []);
  if (!list || list.length === 0) return null;
  return (
    <section className="mb-6" aria-labelledby="in-hand">
      <h2 id="in-hand" className="mb-2 text-2xl">
        In hand
      </h2>
      {away && (
        <p className="mb-1 text-[13px] text-eased">The server is away; these are kept in this browser.</p>
      )}
      <ul className="grid gap-x-6 border-t border-line md:grid-cols-2" data-testid="in-hand">
        {list.map((entry) => (
          <li key={entry.id} className="border-b border-line py-2.5 hover:bg-tape/50">
            <Link to={`/makings/${entry.id}`} className="block px-2">
              <span className="font-display block truncate text-[17px] font-semibold">{entry.name}</span>
              <span className="text-[13px] text-soft">{makingInWords(entry)}</span>
              {entry.progress && (
                <Bar
                  className="mt-1"
                  done={entry.progress.worked}
                  of={entry.progress.all}
                  label={`${entry.name}: rows`}
                />
              )}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
