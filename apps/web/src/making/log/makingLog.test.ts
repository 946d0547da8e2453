import 'fake-indexeddb/auto';
import fc from 'fast-check';
import {
  newDesign,
  progressOf,
  keyInPiece,
  standingEntries,
  tickedIn,
  type Arrived,
  type Done,
  type Making,
  type StoredMaking,
} from '@upfell/core';
import { KeptMakings } from './kept';
import { MakingLog, type LogServer } from './makingLog';

if (typeof structuredClone === 'undefined')
  globalThis.structuredClone = ((value: unknown) =>
    JSON.parse(JSON.stringify(value)) as unknown) as typeof structuredClone;

const MADE: StoredMaking = {
  id: 'm',
  name: 'For Tamsin',
  designId: 'd',
  design: 'Test',
  revision: 1,
  size: 'M',
  createdAt: '2026-01-05T18:00:00Z',
  updatedAt: '2026-01-05T18:00:00Z',
  progress: null,
  document: newDesign('Test'),
  entries: [],
  last: 0,
};
const row = (n: number): Done => ({ kind: 'row', piece: 'back', copy: 1, part: 'main', n });

/** A server as the real one keeps logs, which loses requests and answers when it is told to. */
class Server implements LogServer {
  private readonly log: { seq: number; entry: Making['entries'][number] }[] = [];
  fails: 'request' | 'answer' | null = null;

  read = (): Promise<StoredMaking> => this.answer(() => ({ ...MADE, ...this.after(0) }));

  add = (_: string, { entries, after }: { entries: Making['entries']; after: number }): Promise<Arrived> =>
    this.answer(() => {
      for (const entry of entries)
        if (!this.log.some((one) => one.entry.id === entry.id))
          this.log.push({ seq: this.log.length + 1, entry });
      return this.after(after);
    });

  get entries(): Making['entries'] {
    return this.log.map(({ entry }) => entry);
  }

  private after(place: number): Arrived {
    const found = this.log.filter(({ seq }) => seq > place);
    return { entries: found.map(({ entry }) => entry), last: found.at(-1)?.seq ?? place };
  }

  private async answer<T>(work: () => T): Promise<T> {
    const { fails } = this;
    await Promise.resolve();
    if (fails === 'request') throw new Error('away');
    const answer = work();
    if (fails === 'answer') throw new Error('away');
    return answer;
  }
}

let devices = 0;
/** One device: its database outlives the page, which can be killed at any time. */
class Device {
  private readonly name = `device-${(devices += 1)}`;
  private kept: KeptMakings | null = null;
  private log: MakingLog | null = null;
  shown = 0;

  constructor(private readonly server: Server) {}

  async page(): Promise<MakingLog> {
    this.kept ??= await KeptMakings.open(this.name);
    this.log ??= await MakingLog.open(
      'm',
      this.kept,
      this.server,
      ({ entries }) => (this.shown = entries.length),
      () => 1_767_600_000_000,
    );
    return this.log;
  }

  kill(): void {
    this.kept?.close();
    this.kept = null;
    this.log = null;
  }
}

type Act = { device: 0 | 1 } & (
  | { does: 'tick'; n: number }
  | { does: 'undo' }
  | { does: 'send'; fails: Server['fails'] }
  | { does: 'kill' }
  | { does: 'tick and kill'; n: number }
);

const device = fc.constantFrom(0 as const, 1 as const);
const anyAct: fc.Arbitrary<Act> = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.record({ device, does: fc.constant('tick' as const), n: fc.integer({ min: 1, max: 12 }) }),
  },
  { weight: 1, arbitrary: fc.record({ device, does: fc.constant('undo' as const) }) },
  {
    weight: 3,
    arbitrary: fc.record({
      device,
      does: fc.constant('send' as const),
      fails: fc.constantFrom(null, 'request' as const, 'answer' as const),
    }),
  },
  { weight: 2, arbitrary: fc.record({ device, does: fc.constant('kill' as const) }) },
  {
    weight: 1,
    arbitrary: fc.record({
      device,
      does: fc.constant('tick and kill' as const),
      n: fc.integer({ min: 1, max: 12 }),
    }),
  },
);

const KEYS = Array.from({ length: 12 }, (_, i) => keyInPiece({ part: 'main', n: i + 1 }));
const workedIn = (entries: Making['entries']) =>
  progressOf(KEYS, tickedIn(standingEntries(entries)).get('back')?.get(1)).worked;

describe('the log of a making', () => {
  it('loses nothing that was acknowledged and counts nothing twice, over any interleaving of two devices, failures and kills', async () => {
    let kills = 0;
    await fc.assert(
      fc.asyncProperty(fc.array(anyAct, { minLength: 6, maxLength: 30 }), async (acts) => {
        const server = new Server();
        const both = [new Device(server), new Device(server)] as const;
        const acknowledged = new Set<string>();
        for (const act of acts) {
          server.fails = null;
          const own = both[act.device];
          switch (act.does) {
            case 'tick':
              for (const { id } of await (await own.page()).add([row(act.n)])) acknowledged.add(id);
              break;
            case 'undo': {
              const log = await own.page();
              const last = standingEntries(log.state.entries).at(-1);
              if (last)
                for (const { id } of await log.add([{ kind: 'undo', of: last.id }])) acknowledged.add(id);
              break;
            }
            case 'send': {
              const log = await own.page();
              server.fails = act.fails;
              await log.send().catch(() => undefined);
              break;
            }
            case 'tick and kill': {
              // The page goes before it is known whether the row was kept: it may be there, or not.
              const log = await own.page();
              void log.add([row(act.n)]).catch(() => undefined);
              own.kill();
              kills += 1;
              break;
            }
            case 'kill':
              own.kill();
              kills += 1;
          }
        }
        server.fails = null;
        for (const one of both) one.kill();
        // Everyone comes back, and sends until all is sent.
        for (let round = 0; round < 2; round += 1) for (const one of both) await (await one.page()).send();
        const ids = server.entries.map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
        for (const id of acknowledged) expect(ids).toContain(id);
        for (const one of both) {
          const { entries, unsent } = (await one.page()).state;
          expect(unsent).toBe(0);
          expect(new Set(entries.map(({ id }) => id))).toEqual(new Set(ids));
          expect(workedIn(entries)).toBe(workedIn(server.entries));
        }
        for (const one of both) one.kill();
      }),
      { numRuns: 60 },
    );
    expect(kills).toBeGreaterThan(100);
  }, 120_000);

  it('gives each new entry a time after all that it knows, those of a device whose clock is ahead among them', async () => {
    const server = new Server();
    await server.add('m', {
      entries: [{ id: 'ahead', at: '2030-01-01T00:00:00.000Z', ...row(1) } as Making['entries'][number]],
      after: 0,
    });
    const log = await new Device(server).page();
    const [made] = await log.add([row(2)]);
    expect(made!.at > '2030-01-01T00:00:00.000Z').toBe(true);
  });

  it('opens what it keeps without asking the server', async () => {
    const server = new Server();
    const own = new Device(server);
    await (await own.page()).add([row(1), row(2)]);
    own.kill();
    server.fails = 'request';
    const { entries, unsent } = (await own.page()).state;
    expect([entries.length, unsent]).toEqual([2, 2]);
  });

  it('cannot open what is neither here nor there', async () => {
    const server = new Server();
    server.fails = 'request';
    await expect(new Device(server).page()).rejects.toThrow('away');
  });

  it('keeps what was not sent of a making that is put away', async () => {
    const kept = await KeptMakings.open('put-away');
    await kept.keep(MADE);
    const server = new Server();
    const log = await MakingLog.open('m', kept, server, () => undefined);
    await log.add([row(1)]);
    await kept.forget('m');
    expect((await kept.log('m')).unsent).toHaveLength(1);
    await log.send();
    await kept.forget('m');
    expect([await kept.making('m'), (await kept.log('m')).entries]).toEqual([undefined, []]);
  });
});
