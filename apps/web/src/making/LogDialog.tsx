import { useState } from 'react';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { done, useMaking } from './making';
import { entryInWords, momentInWords } from './words';

/** So many lines are shown at first, and each time more are asked for. */
const AT_ONCE = 60;

/** The whole log, the newest first: every step can be undone. */
export function LogDialog({ onClose }: { onClose: () => void }) {
  const view = useMaking((state) => state.view)!;
  const entries = useMaking((state) => state.entries);
  const [many, setMany] = useState(AT_ONCE);
  const shown = entries.slice(-many).reverse();
  return (
    <Modal open onClose={onClose} title="The log" wide description={`${entries.length} steps stand.`}>
      <ul className="divide-y divide-line" data-testid="log">
        {shown.map((entry) => (
          <li key={entry.id} className="flex items-center gap-3 py-1">
            <span className="w-28 shrink-0 text-[13px] text-soft">{momentInWords(entry.at)}</span>
            <span className="grow">{entryInWords(view, entry, view.units)}</span>
            <Button look="quiet" onClick={() => void done({ kind: 'undo', of: entry.id })}>
              Undo
            </Button>
          </li>
        ))}
      </ul>
      {entries.length > many && (
        <Button className="mt-2" onClick={() => setMany(many + AT_ONCE)}>
          Earlier steps
        </Button>
      )}
    </Modal>
  );
}
