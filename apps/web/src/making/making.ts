import { wrap, type Remote } from 'comlink';
import { create } from 'zustand';
import { standingEntries, type Done, type Entry, type MakingProgress, type RowToWork } from '@upfell/core';
import { Away, Refused } from '../api/server';
import { makings } from '../api/makings';
import type { MakingPlanner, MakingView } from '../worker/makingPlanner';
import { keptMakings, type KeptMaking } from './log/kept';
import { MakingLog, type LogState } from './log/makingLog';
import { progressOfAll, type PieceProgress } from './progress';
import { useMakingSettings } from './settings';

/** Whether the server has the log: all of it, being sent, out of reach, or it said no. */
export type Reach = { is: 'sent' | 'sending' | 'away' } | { is: 'refused'; message: string };

interface MakingState {
  id: string | null;
  making: KeptMaking | null;
  /** The standing entries, in order, and all of them. */
  entries: readonly Entry[];
  log: LogState['entries'];
  unsent: number;
  reach: Reach;
  view: MakingView | null;
  progress: readonly PieceProgress[];
  /** Rows of pieces that were asked for, by piece. */
  rows: Readonly<Record<string, readonly RowToWork[]>>;
  failed: { message: string; missing: boolean } | null;
}

const NOTHING: MakingState = {
  id: null,
  making: null,
  entries: [],
  log: [],
  unsent: 0,
  reach: { is: 'sent' },
  view: null,
  progress: [],
  rows: {},
  failed: null,
};

export const useMaking = create<MakingState>(() => NOTHING);

/** After an entry the server is told so much later, ms; while it is away it is asked again after so long. */
const SEND_AFTER = 350;
const AGAIN_AFTER = 4000;
/** What other devices have added is asked for so often, ms. */
const ASK_EVERY = 20_000;

let worker: Remote<MakingPlanner> | null = null;
let log: MakingLog | null = null;
let timer: ReturnType<typeof setTimeout> | undefined;
let asking: ReturnType<typeof setInterval> | undefined;

/** The worker in which makings are planned. */
export function makingPlanner(): Remote<MakingPlanner> {
  worker ??= wrap<MakingPlanner>(
    new Worker(new URL('../worker/making.worker.ts', import.meta.url), { type: 'module' }),
  );
  return worker;
}

/** Opens a making: as this browser keeps it, and then with what the server has besides. */
export async function openMaking(id: string): Promise<void> {
  closeMaking();
  useMaking.setState({ ...NOTHING, id });
  try {
    const opened = await MakingLog.open(id, await keptMakings(), makings, (state) => take(id, state));
    if (useMaking.getState().id !== id) return;
    log = opened;
    take(id, opened.state);
    void send();
    window.addEventListener('online', onOnline);
    document.addEventListener('visibilitychange', onVisible);
    asking = setInterval(() => document.visibilityState === 'visible' && void send(), ASK_EVERY);
  } catch (error) {
    if (useMaking.getState().id !== id) return;
    const missing = error instanceof Refused && (error.status === 404 || error.status === 422);
    useMaking.setState({ failed: { message: (error as Error).message, missing } });
  }
}

export function closeMaking(): void {
  log = null;
  clearTimeout(timer);
  clearInterval(asking);
  window.removeEventListener('online', onOnline);
  document.removeEventListener('visibilitychange', onVisible);
  useMaking.setState(NOTHING);
}

/** Adds to the log what was done; when this is done it is kept. Null where the browser could not keep it. */
export async function done(...entries: Done[]): Promise<Entry[] | null> {
  if (!log) return null;
  try {
    const made = await log.add(entries);
    clearTimeout(timer);
    timer = setTimeout(() => void send(), SEND_AFTER);
    return made;
  } catch (error) {
    useMaking.setState({
      reach: {
        is: 'refused',
        message: `This browser cannot keep it (${(error as Error).name}): it was not counted. Make room, or use another browser.`,
      },
    });
    return null;
  }
}

// Other terms are other words.
useMakingSettings.subscribe((now, before) => {
  if (now.terms !== before.terms) useMaking.setState({ rows: {} });
});

/** Asks for the rows of a piece, unless they are there. */
export async function askRows(piece: string): Promise<void> {
  const { id, rows, view } = useMaking.getState();
  if (!id || !view || rows[piece]) return;
  const terms = useMakingSettings.getState().terms;
  const found = await makingPlanner().rows(id, piece, terms ?? undefined);
  const now = useMaking.getState();
  if (now.id === id && now.view?.version === view.version)
    useMaking.setState({ rows: { ...now.rows, [piece]: found } });
}

function onOnline(): void {
  void send();
}

function onVisible(): void {
  void send();
}

/** Takes a log as it has become: counts at once, plans in the worker. */
function take(id: string, { making, entries: all, unsent }: LogState): void {
  const now = useMaking.getState();
  if (now.id !== id) return;
  const entries = standingEntries(all);
  useMaking.setState({
    making,
    log: all,
    entries,
    unsent,
    progress: now.view ? progressOfAll(now.view, entries) : [],
  });
  void plan();
}

let planning = false;
let stale = false;
/** Plans the making as its log is now; only the newest of several is planned. */
async function plan(): Promise<void> {
  if (planning) {
    stale = true;
    return;
  }
  planning = true;
  try {
    do {
      stale = false;
      const { id, making, log: entries } = useMaking.getState();
      if (!id || !making) return;
      const view = await makingPlanner().view({
        id,
        design: making.document,
        size: making.size,
        entries: [...entries],
      });
      const now = useMaking.getState();
      if (now.id !== id) continue;
      useMaking.setState({
        view,
        progress: progressOfAll(view, now.entries),
        ...(view.version === now.view?.version ? {} : { rows: {} }),
        failed: null,
      });
    } while (stale);
  } catch (error) {
    useMaking.setState({ failed: { message: (error as Error).message, missing: false } });
  } finally {
    planning = false;
  }
}

/** Sends what waits; while the server is away it is tried again. */
async function send(): Promise<void> {
  const own = log;
  if (!own) return;
  clearTimeout(timer);
  const { unsent } = useMaking.getState();
  if (unsent > 0) useMaking.setState({ reach: { is: 'sending' } });
  try {
    await own.send(progressNow());
    if (log === own) useMaking.setState({ reach: { is: 'sent' } });
  } catch (error) {
    if (log !== own) return;
    if (error instanceof Away) {
      useMaking.setState({ reach: { is: 'away' } });
      timer = setTimeout(() => void send(), AGAIN_AFTER);
    } else useMaking.setState({ reach: { is: 'refused', message: (error as Error).message } });
  }
}

/** How far it is, for the lists of others. */
function progressNow(): MakingProgress | undefined {
  const { view, progress, entries } = useMaking.getState();
  if (!view) return undefined;
  const last = entries.findLast((entry) => entry.kind === 'row' || entry.kind === 'jump');
  const sum = (of: (one: PieceProgress) => number) => progress.reduce((all, one) => all + of(one), 0);
  const at = progress.find(({ piece, copy }) => last && piece === last.piece && copy === last.copy);
  return {
    worked: sum(({ worked }) => worked),
    all: sum(({ all }) => all),
    now: at && last ? `${at.label}, row ${last.n}` : '',
  };
}
