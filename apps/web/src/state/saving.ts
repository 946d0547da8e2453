import { create } from 'zustand';
import { readDesign, type Design, type StoredDesign } from '@upfell/core';
import { designs } from '../api/designs';
import { Away, Refused } from '../api/server';
import { openDocument, replaceDocument, useDesign } from './designStore';
import { clearPlan, requestPlan } from './planner';
import { dropUnsent, findUnsent, keepUnsent } from './unsent';

/** What has become of the newest edit. */
export type SaveState =
  | { kind: 'opening' }
  | { kind: 'saved'; at: string }
  | { kind: 'waiting' }
  | { kind: 'saving' }
  | { kind: 'away'; kept: boolean }
  | { kind: 'conflict'; current: StoredDesign }
  | { kind: 'refused'; message: string }
  | { kind: 'failed'; message: string; missing: boolean };

export const useSaving = create<{ state: SaveState; revision: number }>(() => ({
  state: { kind: 'opening' },
  revision: 0,
}));

/** Rest after the last edit before it is sent, and the waits between tries when the server is away, ms. */
const REST = 500;
const KEEP_REST = 120;
const RETRIES = [1000, 2000, 4000, 8000, 15000];

let timer: ReturnType<typeof setTimeout> | undefined;
let keeping: ReturnType<typeof setTimeout> | undefined;
let tries = 0;
let sending = false;
/** The document that the server has acknowledged last, and when. */
let acknowledged: Design | null = null;
let acknowledgedAt = '';
/**
 * Documents sent from here without an answer. The server may have taken one all the same (the answer was lost with the
 * connection or with the page), and a revision that holds such a document is no one else's.
 */
let unanswered: Design[] = [];
const MOST_UNANSWERED = 8;
const channel = new BroadcastChannel('upfell');

const set = (state: SaveState) => useSaving.setState({ state });
const current = () => useDesign.getState();

function acknowledge({ revision, updatedAt }: StoredDesign, document: Design): void {
  clearTimeout(keeping);
  acknowledged = document;
  acknowledgedAt = updatedAt;
  unanswered = [];
  tries = 0;
  useSaving.setState({ revision });
  if (current().document === document) {
    dropUnsent(current().id!);
    set({ kind: 'saved', at: updatedAt });
  } else schedule(REST);
  channel.postMessage({ id: current().id, revision });
}

function schedule(wait: number): void {
  clearTimeout(timer);
  timer = setTimeout(() => void send(), wait);
}

async function send(keepalive = false): Promise<void> {
  const { id, document } = current();
  if (
    !id ||
    !document ||
    document === acknowledged ||
    sending ||
    useSaving.getState().state.kind === 'conflict'
  )
    return;
  sending = true;
  set({ kind: 'saving' });
  unanswered = [...unanswered, document].slice(-MOST_UNANSWERED);
  try {
    const saved = await designs.save(id, useSaving.getState().revision, document, keepalive);
    if (current().id === id) acknowledge(saved, document);
  } catch (error) {
    if (current().id !== id) return;
    if (error instanceof Refused && error.current) metRevision(error.current as StoredDesign);
    else if (error instanceof Refused)
      set({
        kind: 'refused',
        message: [error.message, ...error.fields.map(({ message }) => message)].join(' '),
      });
    else if (error instanceof Away) {
      set({ kind: 'away', kept: keep() });
      schedule(RETRIES[Math.min(tries, RETRIES.length - 1)]!);
      tries += 1;
    } else throw error;
  } finally {
    sending = false;
  }
}

/** The document as the server keeps it, for telling whether two are the same. */
function asKept(document: Design): string {
  const read = readDesign(document);
  return JSON.stringify(read.ok ? read.design : document);
}

/** The server is at another revision than was seen: one of our own whose answer was lost, or someone else's. */
function metRevision(stored: StoredDesign): void {
  const there = asKept(stored.document);
  const own = unanswered.find((document) => asKept(document) === there);
  if (own) acknowledge(stored, own);
  else set({ kind: 'conflict', current: stored });
}

function keep(): boolean {
  const { id, document } = current();
  return (
    id !== null &&
    document !== null &&
    keepUnsent(id, {
      base: useSaving.getState().revision,
      document,
      at: Date.now(),
      sent: unanswered.filter((one) => one !== document),
    })
  );
}

/** Writing to the browser's store takes longer than a frame has to spare, so it waits for a pause in typing. */
function keepSoon(): void {
  clearTimeout(keeping);
  keeping = setTimeout(keep, KEEP_REST);
}

function documentChanged(document: Design): void {
  void requestPlan(document);
  if (document === acknowledged) {
    // Undone back to what is saved already.
    clearTimeout(timer);
    clearTimeout(keeping);
    dropUnsent(current().id!);
    if (useSaving.getState().state.kind === 'waiting') set({ kind: 'saved', at: acknowledgedAt });
    return;
  }
  keepSoon();
  const { kind } = useSaving.getState().state;
  if (kind === 'conflict') return;
  if (kind !== 'away' && kind !== 'waiting') set({ kind: 'waiting' });
  schedule(REST);
}

/** Opens a design: from the server, with an edit that was not sent before; from the browser alone when the server is away. */
export async function openDesign(id: string): Promise<void> {
  clearTimeout(timer);
  clearTimeout(keeping);
  set({ kind: 'opening' });
  clearPlan();
  useDesign.setState({ id: null, document: null, drafts: {} });
  const unsent = await findUnsent(id);
  try {
    const stored = await designs.read(id);
    const same = unsent && asKept(unsent.document) === asKept(stored.document);
    if (same) dropUnsent(id);
    acknowledged = stored.document;
    acknowledgedAt = stored.updatedAt;
    useSaving.setState({
      revision: unsent && !same ? unsent.base : stored.revision,
      state: { kind: 'saved', at: stored.updatedAt },
    });
    unanswered = unsent && !same ? [...(unsent.sent ?? []), unsent.document] : [];
    openDocument(id, unsent && !same ? unsent.document : stored.document);
    if (unsent && !same && unsent.base !== stored.revision) metRevision(stored);
  } catch (error) {
    if (error instanceof Away && unsent) {
      acknowledged = null;
      unanswered = [...(unsent.sent ?? []), unsent.document];
      useSaving.setState({ revision: unsent.base, state: { kind: 'away', kept: true } });
      openDocument(id, unsent.document);
      return;
    }
    set({
      kind: 'failed',
      message: error instanceof Error ? error.message : String(error),
      missing: error instanceof Refused && error.status === 404,
    });
  }
}

/** Leaves the open design; an edit still waiting is sent at once. */
export function closeDesign(): void {
  clearTimeout(timer);
  clearTimeout(keeping);
  if (current().document !== acknowledged) keep();
  void send();
}

/** Ends a conflict: keep what is here (the other state stays in the history), or take what is there. */
export function settleConflict(choice: 'mine' | 'theirs'): void {
  const { state } = useSaving.getState();
  if (state.kind !== 'conflict') return;
  useSaving.setState({ revision: state.current.revision, state: { kind: 'waiting' } });
  if (choice === 'mine') schedule(0);
  else takeStored(state.current);
}

/** Shows a state that the server already has. */
export function takeStored(stored: StoredDesign): void {
  clearTimeout(keeping);
  acknowledged = stored.document;
  acknowledgedAt = stored.updatedAt;
  unanswered = [];
  useSaving.setState({ revision: stored.revision, state: { kind: 'saved', at: stored.updatedAt } });
  replaceDocument(stored.document);
  dropUnsent(stored.id);
}

/** Sends a waiting or refused edit again now. */
export function saveNow(): void {
  tries = 0;
  schedule(0);
}

useDesign.subscribe((now, before) => {
  if (now.document && now.document !== before.document) documentChanged(now.document);
});

// Another tab has saved this design: with nothing of its own to lose this tab follows; else the next save shows both.
channel.onmessage = ({ data }: MessageEvent<{ id: string; revision: number }>) => {
  const { id, document } = current();
  if (data.id !== id || data.revision <= useSaving.getState().revision || document !== acknowledged) return;
  void designs.read(data.id).then(
    (stored) => {
      if (current().id === stored.id && current().document === acknowledged) takeStored(stored);
    },
    () => undefined,
  );
};
window.addEventListener('online', saveNow);
window.addEventListener('pagehide', () => {
  if (current().document !== acknowledged) keep();
  void send(true);
});
