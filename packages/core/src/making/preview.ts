import type { Note } from '../advice/note.js';
import { compareCounts, compareFinished, type CountChange, type FinishedChange } from '../compare.js';
import { rowsOf } from '../work/runs.js';
import { changed, type ChangeWords } from './standing.js';
import type { Refitted, Standing, WorkDone } from './wish.js';

/** Rows that would have to be pulled back so that a change could be made. */
export interface PullBack {
  piece: string;
  label: string;
  /** The row that it would be pulled back to: of which part, and its number; null for all of it. */
  to: { part: string; n: number } | null;
  /** How many rows that is, of each copy that is so far. */
  rows: number;
}

/** What a change would do, before it is taken. */
export interface Preview {
  /** As it would stand; null where it cannot be made. */
  standing: Standing | null;
  counts: readonly CountChange[];
  finished: readonly FinishedChange[];
  /** Pieces that would have other rows still to work. */
  rows: readonly { piece: string; label: string; before: number; after: number }[];
  /** What stands against it. */
  stops: readonly Note[];
  /** What would have to be pulled back for it: one of them, or all together. Empty where nothing helps, or nothing needs to. */
  pullBack: readonly PullBack[];
  together: boolean;
  /** Joins that are made and would have to be opened besides: what they are called. */
  opens: readonly string[];
}

/** What a change would move, and where it clashes with what is worked how much would have to be pulled back. */
export function preview(now: Standing, entry: ChangeWords, done: WorkDone): Preview {
  const result = changed(now, entry, done);
  const stops = newStops(now, result);
  const can = result.ok && result.unmet.length === 0;
  const then = can ? result.standing : null;
  const before = { sizes: [now.plan] };
  const after = { sizes: [then?.plan ?? now.plan] };
  const clear =
    (joins: WorkDone['joins']): Clear =>
    (rows) => {
      const tried = changed(now, entry, { rows, joins });
      return tried.ok && tried.unmet.length === 0 && newStops(now, tried).length === 0;
    };
  return {
    standing: then,
    counts: compareCounts(before, after),
    finished: compareFinished(before, after),
    rows: after.sizes[0]!.pieces.flatMap(({ id, label, runs }) => {
      const was = now.plan.pieces.find((piece) => piece.id === id);
      const [a, b] = [was ? rowsOf(was.runs).length : 0, rowsOf(runs).length];
      return a === b ? [] : [{ piece: id, label, before: a, after: b }];
    }),
    stops,
    ...(can && stops.length === 0 ? NOTHING_BACK : waysBack(now, done, clear)),
  };
}

type Clear = (rows: WorkDone['rows']) => boolean;
type Way = Pick<Preview, 'pullBack' | 'together' | 'opens'>;
const NOTHING_BACK: Way = { pullBack: [], together: false, opens: [] };

/** What would have to be pulled back, with the joins as they are made; where that is not enough, with these opened. */
function waysBack(now: Standing, done: WorkDone, clear: (joins: WorkDone['joins']) => Clear): Way {
  const closed = pullBacks(now, done, clear(done.joins));
  if (closed.pullBack.length > 0 || done.joins.size === 0) return { ...closed, opens: [] };
  const none = new Set<string>();
  const opens = now.plan.joins.filter(({ id }) => done.joins.has(id)).map(({ label }) => label);
  if (clear(none)(done.rows)) return { ...NOTHING_BACK, opens };
  const open = pullBacks(now, done, clear(none));
  return { ...open, opens: open.pullBack.length > 0 ? opens : [] };
}

/** What would stop the garment that does not stop it now. */
function newStops({ plan }: Standing, result: Refitted): Note[] {
  const key = ({ code, where }: Note) => `${code} ${where}`;
  const known = new Set(plan.notes.filter(({ level }) => level === 'stop').map(key));
  const notes = (result.ok ? result.standing.plan : result.plan)?.notes ?? [];
  return notes.filter((note) => note.level === 'stop' && !known.has(key(note)));
}

/** For each piece the fewest rows that would have to go so that the way is clear; where one alone is not enough, all that have to. */
function pullBacks(
  { plan }: Standing,
  { rows }: WorkDone,
  clear: Clear,
): Pick<Preview, 'pullBack' | 'together'> {
  const begun = plan.pieces.filter(({ id }) => (rows.get(id) ?? 0) > 0);
  const without = (id: string, many: number, from: WorkDone['rows'] = rows) => new Map([...from, [id, many]]);
  /** The most rows of a piece that may stay; -1 where even none help. */
  const most = (id: string, from: WorkDone['rows']): number => {
    if (!clear(without(id, 0, from))) return -1;
    let [low, high] = [0, from.get(id)!];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (clear(without(id, middle, from))) low = middle;
      else high = middle;
    }
    return low;
  };
  const alone = begun.flatMap((piece): PullBack[] => {
    const stay = most(piece.id, rows);
    return stay < 0 ? [] : [pulled(piece, rows.get(piece.id)!, stay)];
  });
  if (alone.length > 0) return { pullBack: alone.sort((a, b) => a.rows - b.rows), together: false };
  // No piece alone: from the last on, until it is enough; then as little of each as may be.
  let kept: WorkDone['rows'] = rows;
  const gone: typeof begun = [];
  for (const piece of [...begun].reverse()) {
    kept = without(piece.id, 0, kept);
    gone.push(piece);
    if (clear(kept)) break;
  }
  if (!clear(kept)) return { pullBack: [], together: false };
  for (const { id } of gone) {
    const back = without(id, rows.get(id)!, kept);
    kept = clear(back) ? back : without(id, Math.max(0, most(id, back)), kept);
  }
  const pullBack = gone.flatMap((piece) => {
    const [had, stay] = [rows.get(piece.id)!, kept.get(piece.id)!];
    return had === stay ? [] : [pulled(piece, had, stay)];
  });
  return { pullBack, together: true };
}

function pulled(
  { id, label, runs }: Standing['plan']['pieces'][number],
  had: number,
  stay: number,
): PullBack {
  const last = stay > 0 ? rowsOf(runs)[stay - 1]! : null;
  return { piece: id, label, to: last && { part: last.part, n: last.n }, rows: had - stay };
}
