import { useCallback, useEffect, useState } from 'react';
import { toast } from 'sonner';
import { Away } from '../api/server';

/** A list that the server keeps, with its states: null while it is on its way, and what went wrong as a sentence. */
export function useList<E>(list: () => Promise<E[]>) {
  const [entries, setEntries] = useState<E[] | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const load = useCallback(() => {
    list().then(
      (found) => {
        setEntries(found);
        setTrouble(null);
      },
      (error: Error) =>
        setTrouble(
          error instanceof Away ? 'The server does not answer. Start it, then try again.' : error.message,
        ),
    );
  }, [list]);
  useEffect(load, [load]);
  /** Does something to an entry, then shows the list as it is; an error is shown. */
  const act = async (work: () => Promise<unknown>) => {
    try {
      await work();
      load();
    } catch (error) {
      toast.error((error as Error).message);
    }
  };
  return { entries, trouble, load, act };
}
