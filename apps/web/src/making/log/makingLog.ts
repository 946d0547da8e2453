import { timeAfter, type Done, type Entry, type Making, type MakingProgress } from '@upfell/core';
import type { Arrived, StoredMaking } from '@upfell/core';
import type { KeptMaking, KeptMakings } from './kept';

type LogEntry = Making['entries'][number];

/** What is asked of the server. */
export interface LogServer {
  read: (id: string) => Promise<StoredMaking>;
  add: (
    id: string,
    sent: { entries: Making['entries']; after: number; progress?: MakingProgress },
  ) => Promise<Arrived>;
}

/** A log as it is shown. */
export interface LogState {
  making: KeptMaking;
  entries: readonly LogEntry[];
  /** Entries that the server has not acknowledged. */
  unsent: number;
}

/** Most entries that are sent at once. */
const AT_ONCE = 500;

/**
 * The log of one making on one device. An entry is kept here before it counts; it is sent until the server has acknowledged it, and what other
 * devices have added comes back with the answer. Each entry has an id of its own, so that one sent twice is one.
 */
export class MakingLog {
  private known: Map<string, LogEntry>;
  private waiting: Map<string, LogEntry>;
  private sending: Promise<void> | null = null;

  private constructor(
    private making: KeptMaking,
    private readonly kept: KeptMakings,
    private readonly server: LogServer,
    private readonly onChange: (state: LogState) => void,
    private readonly now: () => number,
    log: { entries: readonly LogEntry[]; unsent: readonly LogEntry[] },
  ) {
    this.known = new Map(log.entries.map((entry) => [entry.id, entry]));
    this.waiting = new Map(log.unsent.map((entry) => [entry.id, entry]));
  }

  /**
   * Opens a making as this browser keeps it; where it was never here, as the server has it.
   *
   * @throws as the server, where the making is in neither place
   */
  static async open(
    id: string,
    kept: KeptMakings,
    server: LogServer,
    onChange: (state: LogState) => void,
    now: () => number = Date.now,
  ): Promise<MakingLog> {
    let making = await kept.making(id);
    if (!making) {
      await kept.keep(await server.read(id));
      making = (await kept.making(id))!;
    }
    return new MakingLog(making, kept, server, onChange, now, await kept.log(id));
  }

  get state(): LogState {
    return { making: this.making, entries: [...this.known.values()], unsent: this.waiting.size };
  }

  /** Adds what was done: kept when this returns. */
  async add(done: readonly Done[]): Promise<Entry[]> {
    const made: Entry[] = [];
    for (const one of done)
      made.push({
        id: crypto.randomUUID(),
        at: timeAfter([...this.known.values(), ...made], this.now()),
        ...one,
      } as Entry);
    await this.kept.add(this.making.id, made);
    for (const entry of made) {
      this.known.set(entry.id, entry);
      this.waiting.set(entry.id, entry);
    }
    this.onChange(this.state);
    return made;
  }

  /**
   * Sends what waits and takes what has arrived elsewhere, one sending at a time.
   *
   * @throws as the server, with everything still waiting
   */
  send(progress?: MakingProgress): Promise<void> {
    this.sending ??= this.sendAll(progress).finally(() => (this.sending = null));
    return this.sending;
  }

  private async sendAll(progress?: MakingProgress): Promise<void> {
    for (;;) {
      const batch = [...this.waiting.values()].slice(0, AT_ONCE);
      const { entries, last } = await this.server.add(this.making.id, {
        entries: batch,
        after: this.making.last,
        ...(progress ? { progress } : {}),
      });
      await this.kept.arrived(this.making.id, batch, entries, last);
      this.making = { ...this.making, last: Math.max(this.making.last, last) };
      for (const { id } of batch) this.waiting.delete(id);
      for (const entry of entries) if (!this.known.has(entry.id)) this.known.set(entry.id, entry);
      this.onChange(this.state);
      if (this.waiting.size === 0) return;
    }
  }
}
