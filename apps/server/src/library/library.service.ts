import { randomUUID } from 'node:crypto';
import type { Design, LibraryEntry, Stored } from '@upfell/core';
import type { Database } from '../database/database.js';
import { add, allPresent, overwrite, present, putAway, stored, takeBack } from '../database/documents.js';
import { DesignRow, type DocumentTable } from '../database/models.js';

/** Charts or fabrics that designs start from. Designs hold copies, so nothing here can take anything from a design. */
export class Library<T extends { name: string }> {
  /**
   * @param database where they are kept
   * @param table their table
   * @param what what one of them is called in sentences
   * @param copiesIn the ids of library documents that a design holds a copy of
   */
  constructor(
    private readonly database: Database,
    private readonly table: DocumentTable,
    private readonly what: string,
    private readonly copiesIn: (design: Design) => readonly string[],
  ) {}

  /** Everything that is not in the bin, the last changed first, with the number of designs that hold a copy. */
  async list(): Promise<LibraryEntry<T>[]> {
    const counts = new Map<string, number>();
    for (const row of await allPresent(DesignRow))
      for (const id of new Set(this.copiesIn(JSON.parse(row.document) as Design)))
        counts.set(id, (counts.get(id) ?? 0) + 1);
    const rows = await allPresent(this.table);
    return rows.map((row) => ({ ...stored<T>(row), designs: counts.get(row.id) ?? 0 }));
  }

  async read(id: string): Promise<Stored<T>> {
    return stored(await present(this.table, id, this.what));
  }

  async create(document: T, id: string = randomUUID()): Promise<Stored<T>> {
    return this.database.write(async (transaction) =>
      stored(await add(this.table, id, document, new Date().toISOString(), transaction)),
    );
  }

  /** Saves over the revision seen; 412 with the document as it stands when it is another. */
  async save(id: string, seen: number, document: T): Promise<Stored<T>> {
    return this.database.write(async (transaction) => {
      const row = await present(this.table, id, this.what);
      await overwrite(row, this.what, seen, document, new Date().toISOString(), transaction);
      return stored(row);
    });
  }

  async remove(id: string): Promise<void> {
    await this.database.write(async (transaction) =>
      putAway(await present(this.table, id, this.what), transaction),
    );
  }

  async takeBack(id: string): Promise<Stored<T>> {
    return this.database.write(async (transaction) =>
      stored(await takeBack(this.table, id, this.what, transaction)),
    );
  }
}
