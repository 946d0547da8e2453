import { wrap, type Remote } from 'comlink';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import type { StitchesAsked, StitchesShown } from '../worker/stitches';

interface StitchWorker {
  readStitches: (asked: StitchesAsked) => StitchesShown;
}

let remote: Remote<StitchWorker> | null = null;
const known = new Map<string, Promise<StitchesShown>>();
const MOST_KNOWN = 120;

/** Reads a stitch pattern in a worker of its own, so that no edit waits for it; what was asked before is not read again. */
export function askStitches(asked: StitchesAsked): Promise<StitchesShown> {
  remote ??= wrap<StitchWorker>(
    new Worker(new URL('../worker/stitch.worker.ts', import.meta.url), { type: 'module' }),
  );
  const key = JSON.stringify(asked);
  const found = known.get(key);
  if (found) return found;
  if (known.size >= MOST_KNOWN) known.clear();
  const made = Promise.resolve(remote.readStitches(asked));
  known.set(key, made);
  return made;
}

/** A stitch pattern as it was last read, and as it was when it last had no fault; null until it is read. */
export function useStitches(
  text: string | null,
  { repeats, way }: Omit<StitchesAsked, 'text'>,
): { shown: StitchesShown | null; good: StitchesShown | null } {
  const [shown, setShown] = useState<StitchesShown | null>(null);
  const [good, setGood] = useState<StitchesShown | null>(null);
  useEffect(() => {
    if (text === null) return undefined;
    let wanted = true;
    askStitches({ text, repeats, way }).then(
      (read) => {
        if (!wanted) return;
        setShown(read);
        if (read.found) setGood(read);
      },
      () => {
        if (wanted) toast.error('The stitch pattern could not be read. Reload the page and try again.');
      },
    );
    return () => {
      wanted = false;
    };
  }, [text, repeats, way]);
  return text === null ? { shown: null, good: null } : { shown, good };
}
