import { useState } from 'react';
import type { ShelfEntry } from '@upfell/core';
import { designs } from '../api/designs';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';

/** Gives a design on the shelf another name. */
export function RenameDialog({
  entry,
  onClose,
  onDone,
}: {
  entry: ShelfEntry;
  onClose: () => void;
  onDone: () => void;
}) {
  const [name, setName] = useState(entry.name);
  const [trouble, setTrouble] = useState<string | null>(null);
  const rename = async () => {
    if (name.trim() === '' || name.length > 200) return setTrouble('A name needs 1 to 200 characters.');
    try {
      const { revision, document } = await designs.read(entry.id);
      await designs.save(entry.id, revision, { ...document, name: name.trim() });
      onDone();
      onClose();
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  return (
    <Modal open onClose={onClose} title="Rename the design">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void rename();
        }}
      >
        <label className="grid gap-1">
          Name
          <input
            className="rounded border border-line bg-sheet px-2 py-1"
            value={name}
            onChange={(event) => setName(event.target.value)}
            onFocus={(event) => event.target.select()}
            aria-invalid={trouble !== null}
            aria-describedby="rename-trouble"
          />
        </label>
        <p
          id="rename-trouble"
          role={trouble ? 'alert' : undefined}
          className="min-h-5 text-[13px] text-broken"
        >
          {trouble}
        </p>
        <Button look="strong" type="submit">
          Rename
        </Button>
      </form>
    </Modal>
  );
}
