import { useEffect, useState } from 'react';
import type { CameBack, MakingEntry, StoredMaking } from '@upfell/core';
import { makings } from '../api/makings';
import { makingPlanner } from './making';

/** What a making tells, with the making itself. */
export interface Told {
  making: StoredMaking;
  back: CameBack;
}

/** What makings tell, one after the other. */
export function useTold(entries: readonly MakingEntry[] | null): Told[] {
  const [told, setTold] = useState<Told[]>([]);
  useEffect(() => {
    if (!entries) return undefined;
    let wanted = true;
    void (async () => {
      const all: Told[] = [];
      for (const { id } of entries) {
        try {
          const making = await makings.read(id);
          const { document, size, entries: log } = making;
          all.push({
            making,
            back: await makingPlanner().cameBack({ id, design: document, size, entries: log }),
          });
        } catch {
          // Without the server the list itself says so.
        }
        if (!wanted) return;
        setTold([...all]);
      }
    })();
    return () => {
      wanted = false;
    };
  }, [entries]);
  return told;
}
