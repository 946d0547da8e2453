import { useEffect, useState } from 'react';
import { download } from '../files/download';
import { Button } from '../ui/Button';
import { Modal } from '../ui/Modal';
import { makingPlanner, useMaking } from './making';
import { useMakingSettings } from './settings';

/** The pattern of this size as it is now, changes and all, read back from its own text. */
export function PatternNow({ onClose }: { onClose: () => void }) {
  const id = useMaking((state) => state.id)!;
  const name = useMaking((state) => state.making!.name);
  const [written, setWritten] = useState<{ text: string; differences: readonly string[] } | null>(null);
  useEffect(() => {
    let wanted = true;
    void makingPlanner()
      .pattern(id, useMakingSettings.getState().terms ?? undefined)
      .then((found) => wanted && setWritten(found));
    return () => {
      wanted = false;
    };
  }, [id]);
  return (
    <Modal open wide onClose={onClose} title="The pattern as it is now">
      {written ? (
        <>
          <p
            className={written.differences.length > 0 ? 'text-broken' : 'text-agreed'}
            data-testid="now-proof"
          >
            {written.differences.length > 0
              ? `Read back, the text differs from the plan: ${written.differences[0]}`
              : 'Read back and worked row by row: it is the plan.'}
          </p>
          <pre className="mt-2 font-sans text-[13.5px] whitespace-pre-wrap" data-testid="now">
            {written.text}
          </pre>
          <Button className="mt-3" onClick={() => download(`${name}.md`, written.text, 'text/markdown')}>
            Download
          </Button>
        </>
      ) : (
        <p className="text-soft">Writing the pattern …</p>
      )}
    </Modal>
  );
}
