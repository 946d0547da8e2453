import { format } from 'date-fns';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import type { CountChange, RevisionEntry } from '@upfell/core';
import { designs } from '../api/designs';
import { download } from '../files/download';
import { useDesign } from '../state/designStore';
import { askCompare, askErrata, usePlan } from '../state/planner';
import { takeStored, useSaving } from '../state/saving';
import { loadStudio, useStudio } from '../state/studio';
import { termsNow } from '../state/useTerms';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';

/** What has changed in the counts since a saved state: "M, Sleeve, top: 62 → 64". */
function ChangeList({ since, changes }: { since: number; changes: readonly CountChange[] }) {
  const sizes = usePlan(({ plan }) => plan?.sizes);
  const labelOf = (size: string) => sizes?.find(({ id }) => id === size)?.label ?? size;
  return (
    <section className="mb-3 rounded border border-line bg-paper p-3" data-testid="change-list">
      <h3 className="font-sans text-[13px] font-semibold">
        Since state {since}:{' '}
        {changes.length === 0
          ? 'no count has changed'
          : `${changes.length} ${changes.length === 1 ? 'count has' : 'counts have'} changed`}
      </h3>
      <ul className="max-h-52 overflow-y-auto text-[13px]">
        {changes.map(({ size, quantity, label, before, after }) => (
          <li key={`${size} ${quantity}`}>
            {labelOf(size)}, {label}: {before?.count ?? 'none'} → <strong>{after?.count ?? 'none'}</strong>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What changed in the pattern's words, to be given to makers of the older state. */
function Errata({ since, text }: { since: number; text: string }) {
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(text);
      toast('The changes are on the clipboard.');
    } catch {
      toast.error('The browser does not let them be copied; download them instead.');
    }
  };
  return (
    <section className="mb-3 rounded border border-line bg-paper p-3" data-testid="errata">
      <h3 className="flex items-center gap-2 font-sans text-[13px] font-semibold">
        The pattern since state {since}
        <span className="ml-auto flex gap-2 font-normal">
          <Button look="quiet" onClick={() => void copy()}>
            Copy
          </Button>
          <Button look="quiet" onClick={() => download(`changes since ${since}.txt`, text, 'text/plain')}>
            Download
          </Button>
        </span>
      </h3>
      <pre
        tabIndex={0}
        aria-label="Changes of the pattern"
        className="max-h-72 overflow-y-auto font-sans text-[13px] whitespace-pre-wrap"
      >
        {text}
      </pre>
    </section>
  );
}

/** Every saved state of the design, each restorable; restoring is itself a new state. */
export function HistoryDialog({ id, onClose }: { id: string; onClose: () => void }) {
  const [entries, setEntries] = useState<RevisionEntry[] | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [changes, setChanges] = useState<{ since: number; list: CountChange[] } | null>(null);
  const [words, setWords] = useState<{ since: number; text: string } | null>(null);
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
  const compare = async (old: number) => {
    setTrouble(null);
    try {
      const { document } = await designs.revision(id, old);
      const compared = await askCompare(document);
      if ('problems' in compared)
        setTrouble(compared.problems[0]?.message ?? 'That state cannot be planned.');
      // The plan on screen is the newer side: what the old one would change is read backwards.
      else
        setChanges({
          since: old,
          list: compared.changes.map((change) => ({ ...change, before: change.after, after: change.before })),
        });
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  const tell = async (old: number) => {
    setTrouble(null);
    try {
      await loadStudio();
      const { document } = await designs.revision(id, old);
      const told = await askErrata(document, {
        terms: termsNow(),
        units: useDesign.getState().document?.units ?? 'cm',
        style: useStudio.getState().style ?? {},
      });
      if ('problems' in told) setTrouble(told.problems[0]?.message ?? 'That state cannot be planned.');
      else setWords({ since: old, text: told.text });
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  return (
    <Modal
      open
      wide
      onClose={onClose}
      title="History"
      description="Every state that was saved. Restoring one keeps all the others."
    >
      {trouble && <p className="mb-2 text-broken">{trouble}</p>}
      {!entries && !trouble && <p className="text-soft">Reading the history …</p>}
      {words && <Errata since={words.since} text={words.text} />}
      {changes && <ChangeList since={changes.since} changes={changes.list} />}
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
              <span className="flex gap-2">
                <Button look="quiet" onClick={() => void compare(entry.revision)}>
                  What changed
                </Button>
                <Button look="quiet" onClick={() => void tell(entry.revision)}>
                  In the pattern’s words
                </Button>
                <Button onClick={() => void restore(entry.revision)} disabled={state.kind !== 'saved'}>
                  Restore
                </Button>
              </span>
            )}
          </li>
        ))}
      </ol>
    </Modal>
  );
}
