import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Making, StoredMaking } from '@upfell/core';

/** A making without its log, as this browser keeps it; `last` is how far the server's log is known. */
export type KeptMaking = Omit<StoredMaking, 'entries'>;

type LogEntry = Making['entries'][number];

/** An entry as this browser keeps it; sent is 1 once the server has acknowledged it. */
interface KeptEntry {
  making: string;
  id: string;
  sent: 0 | 1;
  /** The order in which this browser came to know it. */
  order: number;
  entry: LogEntry;
}

interface Schema extends DBSchema {
  makings: { key: string; value: KeptMaking };
  entries: {
    key: [string, string];
    value: KeptEntry;
    indexes: { making: string; unsent: [string, number] };
  };
}

/** A log as this browser has it: all entries in the order in which they came, and which the server does not have yet. */
export interface KeptLog {
  entries: LogEntry[];
  unsent: LogEntry[];
}

/** The makings that this browser keeps: read without the server, and written before anything is shown as done. */
export class KeptMakings {
  private constructor(private readonly db: IDBPDatabase<Schema>) {}

  static async open(name = 'upfell-makings'): Promise<KeptMakings> {
    const db = await openDB<Schema>(name, 1, {
      upgrade(made) {
        made.createObjectStore('makings', { keyPath: 'id' });
        const entries = made.createObjectStore('entries', { keyPath: ['making', 'id'] });
        entries.createIndex('making', 'making');
        entries.createIndex('unsent', ['making', 'sent']);
      },
    });
    return new KeptMakings(db);
  }

  list(): Promise<KeptMaking[]> {
    return this.db.getAll('makings');
  }

  making(id: string): Promise<KeptMaking | undefined> {
    return this.db.get('makings', id);
  }

  async log(id: string): Promise<KeptLog> {
    const kept = await this.db.getAllFromIndex('entries', 'making', id);
    kept.sort((a, b) => a.order - b.order);
    return {
      entries: kept.map(({ entry }) => entry),
      unsent: kept.filter(({ sent }) => sent === 0).map(({ entry }) => entry),
    };
  }

  /** Keeps a making as the server has it, with what has arrived of its log. Entries that are only here stay. */
  async keep({ entries, ...making }: StoredMaking): Promise<void> {
    const change = this.db.transaction(['makings', 'entries'], 'readwrite');
    await change.objectStore('makings').put(making);
    await this.putArrived(change.objectStore('entries'), making.id, entries);
    await change.done;
  }

  /** Adds entries that were made here: once this is done they are never lost. */
  async add(id: string, entries: readonly LogEntry[]): Promise<void> {
    const change = this.db.transaction('entries', 'readwrite');
    const order = await orderIn(change.store);
    await Promise.all(
      entries.map((entry, i) =>
        change.store.add({ making: id, id: entry.id, sent: 0, order: order + i, entry }),
      ),
    );
    await change.done;
  }

  /** Notes what the server has acknowledged and what it had besides. */
  async arrived(
    id: string,
    acknowledged: readonly LogEntry[],
    entries: readonly LogEntry[],
    last: number,
  ): Promise<void> {
    const change = this.db.transaction(['makings', 'entries'], 'readwrite');
    const store = change.objectStore('entries');
    for (const { id: own } of acknowledged) {
      const kept = await store.get([id, own]);
      if (kept && kept.sent === 0) await store.put({ ...kept, sent: 1 });
    }
    await this.putArrived(store, id, entries);
    const making = await change.objectStore('makings').get(id);
    if (making) await change.objectStore('makings').put({ ...making, last: Math.max(making.last, last) });
    await change.done;
  }

  /** A making that is put away is no longer kept here; what was not sent of it stays. */
  async forget(id: string): Promise<void> {
    if ((await this.log(id)).unsent.length > 0) return;
    const change = this.db.transaction(['makings', 'entries'], 'readwrite');
    await change.objectStore('makings').delete(id);
    const keys = await change.objectStore('entries').index('making').getAllKeys(id);
    for (const key of keys) await change.objectStore('entries').delete(key);
    await change.done;
  }

  close(): void {
    this.db.close();
  }

  private async putArrived(
    store: Pick<IDBPDatabaseStore, 'get' | 'put' | 'count'>,
    making: string,
    entries: readonly LogEntry[],
  ): Promise<void> {
    let order = await orderIn(store);
    for (const entry of entries) {
      const kept = await store.get([making, entry.id]);
      if (!kept) await store.put({ making, id: entry.id, sent: 1, order: order++, entry });
      else if (kept.sent === 0) await store.put({ ...kept, sent: 1 });
    }
  }
}

/** What of a store of entries is needed. */
interface IDBPDatabaseStore {
  get: (key: [string, string]) => Promise<KeptEntry | undefined>;
  put: (value: KeptEntry) => Promise<unknown>;
  count: () => Promise<number>;
}

/** The next place in the order; entries are never removed one by one. */
function orderIn(store: Pick<IDBPDatabaseStore, 'count'>): Promise<number> {
  return store.count();
}

let opened: Promise<KeptMakings> | null = null;

/** What this browser keeps of makings. */
export function keptMakings(): Promise<KeptMakings> {
  opened ??= KeptMakings.open();
  return opened;
}
