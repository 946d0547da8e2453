import { format } from 'date-fns';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import type { RevisionEntry } from '@upfell/core';
import { designs } from '../api/designs';
import { takeStored, useSaving } from '../state/saving';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';

/** Every saved state of the design, each restorable; restoring is itself a new state. */
export function HistoryDialog({ id, onClose }: { id: string; onClose: () => void }) {
  const [entries, setEntries] = useState<RevisionEntry[] | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { revision, state } = useSaving();
  useEffect(() => {
    designs.history(id).then(setEntries, (error: Error) => setTrouble(error.message));
  }, [id]);
  const restore = async (old: number) => {
    try {
      takeStored(await designs.restore(id, old, revision));
      toast(`State ${old} is back. Undo brings the other again.`);
      onClose();
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  return (
    <Modal
      open
      onClose={onClose}
      title="History"
      description="Every state that was saved. Restoring one keeps all the others."
    >
      {trouble && <p className="mb-2 text-broken">{trouble}</p>}
      {!entries && !trouble && <p className="text-soft">Reading the history …</p>}
      <ol className="divide-y divide-line">
        {entries?.map((entry) => (
          <li key={entry.revision} className="flex items-center justify-between gap-3 py-1.5">
            <span>
              <span className="inline-block w-10 font-semibold">{entry.revision}</span>
              {format(new Date(entry.savedAt), 'd MMM yyyy, HH:mm:ss')}{' '}
              <span className="text-soft">{entry.reason}</span>
            </span>
            {entry.revision === revision ? (
              <span className="text-soft">now</span>
            ) : (
              <Button onClick={() => void restore(entry.revision)} disabled={state.kind !== 'saved'}>
                Restore
              </Button>
            )}
          </li>
        ))}
      </ol>
    </Modal>
  );
}
