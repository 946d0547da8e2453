import { useState } from 'react';
import { LOOKS, TRY_ONS, type TryOn } from '@upfell/core';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { done } from './making';

const NAMES: Readonly<Record<TryOn, string>> = {
  shoulders: 'After the shoulders',
  sleeve: 'Sleeve, before the cuff',
  neckband: 'Neckband, after three rounds',
  straps: 'Straps, pinned',
  'front bands': 'Front bands',
  yoke: 'Yoke, before the split',
  other: 'Something else',
};

/** A trying-on: what to look at, and what was decided. */
export function TryOnDialog({
  where: first,
  onClose,
  onChange,
}: {
  where: TryOn;
  onClose: () => void;
  /** Goes on to changing what was decided. */
  onChange: () => void;
}) {
  const [where, setWhere] = useState(first);
  const [text, setText] = useState('');
  const keep = async (change: boolean) => {
    const said = text.trim() === '' ? 'it fits' : text.trim();
    if (!(await done({ kind: 'tried', where, text: said }))) return;
    onClose();
    if (change) onChange();
  };
  return (
    <Modal open onClose={onClose} title="Tried on">
      <div className="grid gap-2">
        <label className="grid gap-1">
          Where
          <select
            className="rounded border border-line bg-sheet px-2 py-1"
            value={where}
            onChange={(event) => setWhere(event.target.value as TryOn)}
          >
            {TRY_ONS.map((one) => (
              <option key={one} value={one}>
                {NAMES[one]}
              </option>
            ))}
          </select>
        </label>
        <p className="text-soft">{LOOKS[where]}</p>
        <label className="grid gap-1">
          What was decided
          <textarea
            className="min-h-20 rounded border border-line bg-sheet px-2 py-1"
            value={text}
            maxLength={2000}
            placeholder="it fits"
            onChange={(event) => setText(event.target.value)}
          />
        </label>
        <div className="mt-1 flex flex-wrap gap-2">
          <Button look="strong" onClick={() => void keep(true)}>
            Keep, and change something
          </Button>
          <Button onClick={() => void keep(false)}>Keep: as it is</Button>
        </div>
      </div>
    </Modal>
  );
}
