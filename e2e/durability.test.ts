import { setTimeout as sleep } from 'node:timers/promises';
import { ServerUnderTest } from './support/server';

/** Kills in one run of the tests; each while saves are on their way. */
const KILLS = process.env['UPFELL_DEEP'] === undefined ? 12 : 100;

interface Kept {
  revision: number;
  document: { garment: { ease: number } };
}

jest.setTimeout(KILLS * 15_000);

const server = new ServerUnderTest();
afterAll(() => server.end());

it(`loses no acknowledged edit in ${KILLS} kills`, async () => {
  await server.loadDemo();
  await server.start();
  const address = () => `${server.url}/api/designs/demo-brackenlow-pullover`;
  const read = async () => (await (await fetch(address())).json()) as Kept;
  let { revision, document } = await read();
  let acknowledged = { revision, ease: document.garment.ease };
  for (let kill = 0; kill < KILLS; kill += 1) {
    let stopping: Promise<unknown> | undefined;
    for (let save = 0; ; save += 1) {
      const ease = ((kill * 31 + save) % 60) / 2;
      document = { ...document, garment: { ...document.garment, ease } };
      try {
        const answer = await fetch(address(), {
          method: 'PUT',
          headers: { 'Content-Type': 'application/json', 'If-Match': `"${revision}"` },
          body: JSON.stringify(document),
        });
        if (answer.status !== 200) throw new Error(`status ${answer.status}`);
        ({ revision } = (await answer.json()) as Kept);
        acknowledged = { revision, ease };
        // However slow the machine is, an edit has been acknowledged before each kill.
        stopping ??= sleep(23 * (kill % 7)).then(() => server.stop('SIGKILL'));
      } catch (error) {
        if ((error as Error).message.startsWith('status')) throw error;
        break;
      }
    }
    await stopping;
    await server.start();
    const kept = await read();
    // The save that was under way may have been kept or not; every one before it must have been.
    expect(kept.revision).toBeGreaterThanOrEqual(acknowledged.revision);
    if (kept.revision === acknowledged.revision) expect(kept.document.garment.ease).toBe(acknowledged.ease);
    ({ revision, document } = kept);
  }
  expect(acknowledged.revision).toBeGreaterThan(KILLS);
});

it(`loses no acknowledged row and repeats none in ${KILLS} kills while ticking`, async () => {
  const post = (path: string, body: object) =>
    fetch(`${server.url}/api/${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
  await post('makings', {
    id: 'killed',
    name: 'Killed',
    designId: 'demo-brackenlow-pullover',
    revision: 1,
    size: 'M',
  });
  const acknowledged = new Set<string>();
  let n = 0;
  /** What was sent and not answered: it is sent again with what follows, as the page does. */
  let waiting: object[] = [];
  for (let kill = 0; kill < KILLS; kill += 1) {
    let stopping: Promise<unknown> | undefined;
    for (;;) {
      n += 1;
      const at = new Date(Date.UTC(2026, 0, 5, 8, 0, n)).toISOString();
      waiting.push({ id: `k${n}`, at, kind: 'row', piece: 'back', copy: 1, part: 'main', n: (n % 60) + 1 });
      try {
        const answer = await post('makings/killed/entries', { entries: waiting, after: 0 });
        if (answer.status !== 200) throw new Error(`status ${answer.status}`);
        await answer.json();
        for (const entry of waiting) acknowledged.add((entry as { id: string }).id);
        waiting = [];
        stopping ??= sleep(17 * (kill % 7)).then(() => server.stop('SIGKILL'));
      } catch (error) {
        if ((error as Error).message.startsWith('status')) throw error;
        break;
      }
    }
    await stopping;
    await server.start();
    const kept = (await (await fetch(`${server.url}/api/makings/killed`)).json()) as {
      entries: { id: string }[];
    };
    const ids = kept.entries.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const id of acknowledged) expect(ids).toContain(id);
  }
  expect(acknowledged.size).toBeGreaterThan(KILLS);
});
