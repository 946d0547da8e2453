import { useState } from 'react';
import { LONGEST_NOTE, type RowToWork } from '@upfell/core';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { done } from './making';
import type { PieceProgress } from './progress';

/** A note at the row in hand; from here one also goes to another row. */
export function NoteDialog({
  at,
  row,
  onJump,
  onClose,
}: {
  at: PieceProgress;
  row: RowToWork | null;
  onJump: () => void;
  onClose: () => void;
}) {
  const [text, setText] = useState('');
  const trouble = text.length > LONGEST_NOTE ? `A note has at most ${LONGEST_NOTE} characters.` : null;
  const keep = async (marker = false) => {
    if (trouble) return;
    if (marker) {
      const hung = text.trim() === '' ? 'a marker hangs here' : text.trim();
      const made =
        row &&
        (await done({
          kind: 'marker',
          text: hung,
          piece: at.piece,
          copy: at.copy,
          part: row.part,
          n: row.n,
        }));
      if (made) onClose();
      return;
    }
    if (text.trim() === '') return;
    const place = row
      ? { piece: at.piece, copy: at.copy, part: row.part, n: row.n }
      : { piece: at.piece, copy: at.copy };
    if (await done({ kind: 'note', text: text.trim(), ...place })) onClose();
  };
  return (
    <Modal open onClose={onClose} title={row ? `${at.label}, row ${row.n}` : at.label}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <label className="grid gap-1">
          Note
          <textarea
            className="min-h-24 rounded border border-line bg-sheet px-2 py-1"
            value={text}
            onChange={(event) => setText(event.target.value)}
            aria-invalid={trouble !== null}
          />
        </label>
        {trouble && (
          <p role="alert" className="text-[13px] text-broken">
            {trouble}
          </p>
        )}
        <div className="mt-3 flex flex-wrap gap-2">
          <Button look="strong" type="submit" disabled={text.trim() === '' || trouble !== null}>
            Keep the note
          </Button>
          {row && <Button onClick={() => void keep(true)}>A marker here</Button>}
          <Button onClick={onJump}>Go to another row …</Button>
        </div>
      </form>
    </Modal>
  );
}
