import { proxy, wrap } from 'comlink';
import type { PatternText } from '@upfell/core';
import type { PrintWish, Schematic } from './documents';
import type { PdfApi } from './pdf.worker';

export interface PdfJob {
  /** The document; null when the job was cancelled. */
  done: Promise<Blob | null>;
  cancel: () => void;
}

/** Makes a PDF in a worker of its own, which is stopped when the job is cancelled. */
export function makePdf(
  text: PatternText,
  schematic: Schematic,
  wish: PrintWish,
  onProgress: (share: number) => void,
): PdfJob {
  const worker = new Worker(new URL('./pdf.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<PdfApi>(worker);
  let stop: (value: null) => void = () => undefined;
  const cancelled = new Promise<null>((resolve) => (stop = resolve));
  const made = remote.make(text, schematic, wish, proxy(onProgress));
  return {
    done: Promise.race([made, cancelled]).finally(() => worker.terminate()),
    cancel: () => stop(null),
  };
}
