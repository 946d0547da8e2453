import { performance } from 'node:perf_hooks';
import type { Making, NewMaking, StoredMaking } from '@upfell/core';
import { Browser } from '../support/browser.js';

/** Entries of the making that is worked on, and of all makings in the database. */
const IN_LOG = 1000;
const IN_ALL = 20_000;
const AT_ONCE = 2000;
const TICKS = 40;
const BATCHES = 4;

type Entry = Making['entries'][number];

/** Rows ticked, of which every second one was undone and ticked again, until there are so many entries. */
function longLog(many: number, piece: string, rows: number): Entry[] {
  const entries: Entry[] = [];
  const add = (what: object) => {
    const i = entries.length;
    entries.push({
      id: `b${i}`,
      at: new Date(Date.UTC(2026, 0, 5, 8, 0, i)).toISOString(),
      ...what,
    } as Entry);
  };
  for (let n = 1; entries.length < many - 3; n = n >= rows ? 1 : n + 1) {
    add({ kind: 'row', piece, copy: 1, part: 'main', n });
    add({ kind: 'undo', of: entries.at(-1)!.id });
    if (n % 2 === 0) add({ kind: 'note', text: `Counted again at ${n}`, piece, copy: 1, part: 'main', n });
  }
  while (entries.length < many) add({ kind: 'tally', name: 'loops', by: 1 });
  return entries;
}

/** Fills the database and begins a making with a long log; its id. */
async function prepare(address: string): Promise<string> {
  const post = async <T>(path: string, body: object): Promise<T> =>
    (await (
      await fetch(`${address}/api/${path}`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(body),
      })
    ).json()) as T;
  const begin = (id: string) => {
    const asked: NewMaking = { id, name: id, designId: 'demo-sedgecombe-cardigan', revision: 1, size: 'M' };
    return post<StoredMaking>('makings', asked);
  };
  await begin('bench');
  await post('makings/bench/entries', { entries: longLog(IN_LOG, 'body', 26), after: 0 });
  for (let filled = IN_LOG, i = 0; filled < IN_ALL; filled += AT_ONCE, i += 1) {
    await begin(`bench-${i}`);
    await post(`makings/bench-${i}/entries`, { entries: longLog(AT_ONCE, 'body', 26), after: 0 });
  }
  return 'bench';
}

/** Milliseconds from the key that ticks a row to the frame after that in which the count was painted, in batches. */
function tickBatch(browser: Browser): Promise<number[]> {
  return browser.driver.executeAsyncScript<number[]>(
    `const done = arguments[arguments.length - 1];
     const times = [];
     const strip = document.querySelector('[data-testid=strip]');
     const next = () => {
       if (times.length === ${TICKS}) return done(times);
       const ready = document.querySelector('[data-testid=tick]:not(:disabled)');
       if (!ready) return setTimeout(next, 20);
       const begun = performance.now();
       new MutationObserver((_, seen) => {
         seen.disconnect();
         requestAnimationFrame(() => requestAnimationFrame(() => {
           times.push(performance.now() - begun);
           setTimeout(next, 120);
         }));
       }).observe(strip, { attributes: true, attributeFilter: ['data-worked'] });
       document.body.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', bubbles: true, cancelable: true }));
     };
     next();`,
  );
}

/** Ticks of a long log, and how long the making takes to open without the server after its first visit. */
export async function makingFigures(
  address: string,
  stop: () => Promise<void>,
): Promise<{ ticks: number[][]; offline: number[] }> {
  const id = await prepare(address);
  const browser = new Browser();
  await browser.start();
  try {
    const open = async () => {
      await browser.open(`${address}/makings/${id}`);
      await browser.find('[data-testid=row-name]');
    };
    await open();
    await browser.driver.manage().setTimeouts({ script: 60_000 });
    await browser.driver.sleep(1500);
    const ticks: number[][] = [];
    for (let i = 0; i < BATCHES; i += 1) ticks.push(await tickBatch(browser));
    await browser.driver.executeAsyncScript(
      'const done = arguments[arguments.length - 1]; navigator.serviceWorker.ready.then(() => done());',
    );
    await open();
    await browser.driver.sleep(1500);
    await stop();
    const offline: number[] = [];
    for (let i = 0; i < 5; i += 1) {
      const begun = performance.now();
      await open();
      offline.push(performance.now() - begun);
    }
    return { ticks, offline };
  } finally {
    await browser.end();
  }
}
