import { useState } from 'react';
import { Button } from './Button';
import { Modal } from './Modal';

interface Props {
  title: string;
  /** The name to begin with. */
  name: string;
  action: string;
  onClose: () => void;
  /** Does what the name is for; its error is shown at the field. */
  onName: (name: string) => Promise<unknown>;
}

/** Asks for a name of 1 to 200 characters. */
export function NameDialog({ title, name: before, action, onClose, onName }: Props) {
  const [name, setName] = useState(before.slice(0, 200));
  const [trouble, setTrouble] = useState<string | null>(null);
  const take = async () => {
    if (name.trim() === '' || name.length > 200) return setTrouble('A name needs 1 to 200 characters.');
    try {
      await onName(name.trim());
      onClose();
    } catch (error) {
      setTrouble((error as Error).message);
    }
  };
  return (
    <Modal open onClose={onClose} title={title}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void take();
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
            aria-describedby="name-trouble"
          />
        </label>
        <p id="name-trouble" role={trouble ? 'alert' : undefined} className="min-h-5 text-[13px] text-broken">
          {trouble}
        </p>
        <Button look="strong" type="submit">
          {action}
        </Button>
      </form>
    </Modal>
  );
}
