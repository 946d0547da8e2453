import { useState } from 'react';
import { formatLength, type Prompt } from '@upfell/core';
import { Button } from '../ui/Button';
import { useMaking } from './making';
import type { PieceProgress } from './progress';
import { TryOnDialog } from './TryOnDialog';

/** What is due now: to count the gauge again, to try on. It can be put off until the next row. */
export function PromptCard({ at, onTab }: { at: PieceProgress; onTab: (tab: 'measure' | 'change') => void }) {
  const view = useMaking((state) => state.view)!;
  const [later, setLater] = useState<{ key: string; worked: number } | null>(null);
  const [trying, setTrying] = useState<Extract<Prompt, { kind: 'try on' }> | null>(null);
  const prompt = view.prompts[0];
  const key = prompt && (prompt.kind === 'gauge' ? `gauge ${prompt.fabric}` : `try ${prompt.where}`);
  /** Put off for so many rows. */
  const PUT_OFF = 4;
  const isPutOff = later && later.key === key && at.worked < later.worked + PUT_OFF;
  return (
    <>
      {prompt && !isPutOff && (
        <div
          className="mb-3 border-l-4 border-eased-stroke bg-eased-wash px-3 py-2 text-[14px]"
          data-testid="prompt"
        >
          {prompt.kind === 'gauge' ? (
            <>
              <strong className="text-eased">Count again?</strong>{' '}
              {formatLength(prompt.cm, view.units, { unit: true })} of{' '}
              {view.fabrics.find(({ id }) => id === prompt.fabric)?.name} are worked: lay it flat and count
              stitches and rows before it is too late to change anything.
            </>
          ) : (
            <>
              <strong className="text-eased">Try it on?</strong> {prompt.look}
            </>
          )}
          <span className="mt-1.5 flex gap-2">
            <Button onClick={() => (prompt.kind === 'gauge' ? onTab('measure') : setTrying(prompt))}>
              {prompt.kind === 'gauge' ? 'Count' : 'Tried on'}
            </Button>
            <Button look="quiet" onClick={() => setLater({ key: key!, worked: at.worked })}>
              Later
            </Button>
          </span>
        </div>
      )}
      {trying && (
        <TryOnDialog where={trying.where} onClose={() => setTrying(null)} onChange={() => onTab('change')} />
      )}
    </>
  );
}
