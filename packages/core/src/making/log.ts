import type { Entry, EntryKind, EntryOf, Making, RowPlace, UnknownEntry } from './entries.js';

/**
 * A log is a set of entries: whichever way they arrived, from one device or several, once or twice, the same entries are the same log. They are
 * read in the order of their times, and of their ids where these are equal; whoever adds one gives it a time later than all that it has seen.
 */
export function inOrder<E extends Pick<Entry, 'id' | 'at'>>(entries: readonly E[]): E[] {
  const once = new Map(entries.map((entry) => [entry.id, entry]));
  return [...once.values()].sort((a, b) =>
    a.at === b.at ? compare(a.id, b.id) : compare(moment(a.at), moment(b.at)),
  );
}

/** Times as they are written with and without parts of a second. */
function moment(at: string): number {
  return Date.parse(at);
}

function compare<T extends string | number>(a: T, b: T): number {
  return a < b ? -1 : a > b ? 1 : 0;
}

/** The time of a new entry: now, and after all entries known. */
export function timeAfter(entries: readonly Pick<Entry, 'at'>[], now: number): string {
  const last = entries.reduce((latest, { at }) => Math.max(latest, moment(at)), 0);
  return new Date(Math.max(now, last + 1)).toISOString();
}

const KINDS: Readonly<Record<EntryKind, true>> = {
  row: true,
  repeats: true,
  jump: true,
  undo: true,
  gauge: true,
  measured: true,
  tried: true,
  note: true,
  ball: true,
  marker: true,
  step: true,
  tally: true,
  time: true,
  change: true,
  design: true,
};

/** Whether this version knows what the entry says. */
export function isKnown(entry: Entry | UnknownEntry): entry is Entry {
  return Object.hasOwn(KINDS, entry.kind);
}

/** The entries that stand, in order: without those that were undone, and without the undoing. */
export function standing(entries: Making['entries']): Entry[] {
  const known = inOrder(entries).filter(isKnown);
  const undone = new Set(known.flatMap((entry) => (entry.kind === 'undo' ? [entry.of] : [])));
  return known.filter(({ id, kind }) => kind !== 'undo' && !undone.has(id));
}

/** The standing entries of a kind, in order. */
export function standingOf<K extends EntryKind>(entries: readonly Entry[], kind: K): EntryOf<K>[] {
  return entries.filter((entry): entry is EntryOf<K> => entry.kind === kind);
}

/** What a copy of a piece is called: "Sleeve 2", or "Back" where there is one. */
export function copyName({ label, copies }: { label: string; copies: number }, copy = 1): string {
  return copies > 1 ? `${label} ${copy}` : label;
}

/** A row of a piece, whichever copy of it. */
export function keyInPiece({ part, n }: Pick<RowPlace, 'part' | 'n'>): string {
  return `${part}\u0000${n}`;
}

/** What of a piece has been ticked: for each of its copies the rows, and those up to which it was jumped. */
export interface Ticked {
  rows: ReadonlySet<string>;
  jumps: ReadonlySet<string>;
}

/** For each piece, by copy, the rows that the entries tick. A row ticked on two devices is one row. */
export function tickedIn(
  entries: readonly Entry[],
): Map<string, Map<number, { rows: Set<string>; jumps: Set<string> }>> {
  const pieces = new Map<string, Map<number, { rows: Set<string>; jumps: Set<string> }>>();
  for (const entry of entries) {
    if (entry.kind !== 'row' && entry.kind !== 'jump') continue;
    const copies = pieces.get(entry.piece) ?? new Map<number, { rows: Set<string>; jumps: Set<string> }>();
    pieces.set(entry.piece, copies);
    const own = copies.get(entry.copy) ?? { rows: new Set<string>(), jumps: new Set<string>() };
    copies.set(entry.copy, own);
    (entry.kind === 'row' ? own.rows : own.jumps).add(keyInPiece(entry));
  }
  return pieces;
}

/** How far a copy of a piece has come. */
export interface Progress {
  /** Rows worked from the beginning on, in the order of working. */
  worked: number;
  /** Rows among these that were never ticked, nor jumped with a reason: by their place, from 0. */
  gaps: readonly number[];
  /** Rows that were ticked and that the piece does not have. */
  strange: readonly string[];
}

/** How many rows of a piece are worked: all up to the last one that is ticked. */
export function progressOf(keys: readonly string[], ticked: Ticked | undefined): Progress {
  if (!ticked) return { worked: 0, gaps: [], strange: [] };
  const places = new Map(keys.map((key, i) => [key, i]));
  const last = (of: ReadonlySet<string>) => Math.max(-1, ...[...of].map((key) => places.get(key) ?? -1));
  const jumped = last(ticked.jumps);
  const worked = Math.max(last(ticked.rows), jumped) + 1;
  const gaps = keys.slice(0, worked).flatMap((key, i) => (i > jumped && !ticked.rows.has(key) ? [i] : []));
  const strange = [...ticked.rows, ...ticked.jumps].filter((key) => !places.has(key));
  return { worked, gaps, strange };
}
