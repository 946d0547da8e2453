import { useCallback, useEffect, useState } from 'react';
import type { LibraryEntry } from '@upfell/core';
import { Away } from '../api/server';

/** The list of one kind of library document, with its states. */
export function useLibrary<T>(kind: { list: () => Promise<LibraryEntry<T>[]> }) {
  const [entries, setEntries] = useState<LibraryEntry<T>[] | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const load = useCallback(() => {
    kind.list().then(
      (found) => {
        setEntries(found);
        setTrouble(null);
      },
      (error: Error) =>
        setTrouble(
          error instanceof Away ? 'The server does not answer. Start it, then try again.' : error.message,
        ),
    );
  }, [kind]);
  useEffect(load, [load]);
  return { entries, trouble, load };
}
