import { formatDistanceToNow } from 'date-fns';
import { Undo2 } from 'lucide-react';
import { designs } from '../api/designs';
import { ListTrouble } from '../library/Entry';
import { useList } from '../library/useList';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';

/** Designs that were put away, to be put back with every state that they were saved in. */
export function BinDialog({ onClose, onBack }: { onClose: () => void; onBack: () => void }) {
  const { entries, trouble, load, act } = useList(designs.bin);
  return (
    <Modal
      open
      title="The bin"
      description="What was put away is kept here, with its history and its makings."
      onClose={onClose}
    >
      <ListTrouble trouble={trouble} load={load} />
      {!entries && !trouble && <p className="text-soft">Looking in the bin …</p>}
      {entries?.length === 0 && <p className="py-6 text-center text-soft">The bin is empty.</p>}
      <ul data-testid="bin">
        {entries?.map((entry) => (
          <li key={entry.id} className="flex items-center gap-3 border-t border-line py-2">
            <span className="min-w-0 grow">
              <span className="block truncate font-semibold">{entry.name}</span>
              <span className="text-[13px] text-soft">
                {entry.label} · changed {formatDistanceToNow(new Date(entry.updatedAt), { addSuffix: true })}
              </span>
            </span>
            <Button
              aria-label={`Put back ${entry.name}`}
              onClick={() =>
                void act(async () => {
                  await designs.takeBack(entry.id);
                  onBack();
                })
              }
            >
              <Undo2 size={14} aria-hidden /> Put back
            </Button>
          </li>
        ))}
      </ul>
    </Modal>
  );
}
