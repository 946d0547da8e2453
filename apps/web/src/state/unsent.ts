import type { Design } from '@upfell/core';

/** An edit that the server has not acknowledged yet, kept in the browser. */
export interface Unsent {
  base: number;
  document: Design;
  at: number;
  /** Earlier documents that were sent and not answered; the server may hold one of them. */
  sent?: Design[];
}

const PREFIX = 'upfell:unsent:';
const TAB = 'upfell:tab';
let tab: string | null = null;

/** A name for this tab that survives a reload but is not shared with a copy of the tab: a lock tells copies apart. */
export async function tabName(): Promise<string> {
  if (tab) return tab;
  const hold = (name: string) =>
    new Promise<boolean>((answer) => {
      void navigator.locks.request(`${PREFIX}${name}`, { ifAvailable: true }, (lock) => {
        answer(lock !== null);
        return lock ? new Promise(() => undefined) : undefined;
      });
    });
  const kept = sessionStorage.getItem(TAB);
  tab = kept && (await hold(kept)) ? kept : crypto.randomUUID();
  if (tab !== kept) await hold(tab);
  sessionStorage.setItem(TAB, tab);
  return tab;
}

function keyOf(id: string): string {
  return `${PREFIX}${id}:${tab ?? ''}`;
}

/** Keeps the edit; false when the browser has no room for it. */
export function keepUnsent(id: string, unsent: Unsent): boolean {
  try {
    localStorage.setItem(keyOf(id), JSON.stringify(unsent));
    return true;
  } catch {
    return false;
  }
}

export function dropUnsent(id: string): void {
  localStorage.removeItem(keyOf(id));
}

/** This tab's unsent edit, or one left behind by a tab that is gone; the newest, and it becomes this tab's. */
export async function findUnsent(id: string): Promise<Unsent | null> {
  await tabName();
  const alive = new Set((await navigator.locks.query()).held?.map(({ name }) => name));
  const found: { key: string; unsent: Unsent }[] = [];
  for (let i = 0; i < localStorage.length; i += 1) {
    const key = localStorage.key(i)!;
    if (!key.startsWith(`${PREFIX}${id}:`)) continue;
    const owner = key.slice(`${PREFIX}${id}:`.length);
    if (owner !== tab && alive.has(`${PREFIX}${owner}`)) continue;
    try {
      found.push({ key, unsent: JSON.parse(localStorage.getItem(key)!) as Unsent });
    } catch {
      localStorage.removeItem(key);
    }
  }
  const newest = found.sort((a, b) => b.unsent.at - a.unsent.at)[0];
  if (!newest) return null;
  for (const { key } of found) if (key !== keyOf(id)) localStorage.removeItem(key);
  keepUnsent(id, newest.unsent);
  return newest.unsent;
}
