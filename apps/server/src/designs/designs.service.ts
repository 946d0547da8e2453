import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import {
  constructionOf,
  type Design,
  type RevisionEntry,
  type ShelfEntry,
  type StoredDesign,
} from '@upfell/core';
import { Database } from '../database/database.js';
import {
  add,
  allPresent,
  allPutAway,
  overwrite,
  present,
  putAway,
  stored,
  takeBack,
} from '../database/documents.js';
import { DesignRow, RevisionRow } from '../database/models.js';
import { Problem } from '../http/problem.js';

const WHAT = 'design';

/** A design as the shelf lists it. */
function entryOf(row: DesignRow): ShelfEntry {
  const { garment, sizes, fabrics } = JSON.parse(row.document) as Design;
  return {
    id: row.id,
    name: row.name,
    revision: row.revision,
    updatedAt: row.updatedAt,
    construction: garment.construction,
    label: constructionOf(garment.construction)?.label ?? garment.construction,
    sizes: sizes.map(({ label }) => label),
    groups: [...new Set(sizes.map(({ group }) => group))],
    fabrics: fabrics.map(({ name }) => name),
  };
}

/** Designs, each with every state it was ever saved in. */
@Injectable()
export class DesignsService {
  constructor(private readonly database: Database) {}

  /** Designs that are not in the bin, the last changed first. */
  async shelf(): Promise<ShelfEntry[]> {
    return (await allPresent(DesignRow)).map(entryOf);
  }

  /** Designs in the bin, the last put away first. */
  async bin(): Promise<ShelfEntry[]> {
    return (await allPutAway(DesignRow)).map(entryOf);
  }

  async read(id: string): Promise<StoredDesign> {
    return stored(await this.row(id));
  }

  /** Keeps a new design as revision 1. */
  async create(document: Design, reason: string, id: string = randomUUID()): Promise<StoredDesign> {
    return this.database.write(async (transaction) => {
      const now = new Date().toISOString();
      const row = await add(DesignRow, id, document, now, transaction);
      await RevisionRow.create(
        { designId: id, revision: 1, document: row.document, savedAt: now, reason },
        { transaction },
      );
      return stored(row);
    });
  }

  /**
   * Saves a design over the revision that the client has seen.
   *
   * @throws Problem 412 with the design as it stands when someone else has saved meanwhile
   */
  async save(id: string, seen: number, document: Design, reason = 'edit'): Promise<StoredDesign> {
    return this.database.write(async (transaction) => {
      const row = await this.row(id);
      const now = new Date().toISOString();
      if (!(await overwrite(row, WHAT, seen, document, now, transaction))) return stored(row);
      await RevisionRow.create(
        { designId: id, revision: row.revision, document: row.document, savedAt: now, reason },
        { transaction },
      );
      return stored(row);
    });
  }

  /** Puts a design into the bin; every state of it stays. */
  async remove(id: string): Promise<void> {
    await this.database.write(async (transaction) => putAway(await this.row(id), transaction));
  }

  /** Takes a design back out of the bin. */
  async takeBack(id: string): Promise<StoredDesign> {
    return this.database.write(async (transaction) =>
      stored(await takeBack(DesignRow, id, WHAT, transaction)),
    );
  }

  async history(id: string): Promise<RevisionEntry[]> {
    await this.row(id);
    const rows = await RevisionRow.findAll({
      where: { designId: id },
      order: [['revision', 'DESC']],
      attributes: ['revision', 'savedAt', 'reason'],
    });
    return rows.map(({ revision, savedAt, reason }) => ({ revision, savedAt, reason }));
  }

  /** A design as it was saved at a revision. */
  async revision(id: string, revision: number): Promise<StoredDesign> {
    await this.row(id);
    const row = await RevisionRow.findOne({ where: { designId: id, revision } });
    if (!row) throw new Problem(404, `The design has no revision ${revision}.`);
    return { id, revision, updatedAt: row.savedAt, document: JSON.parse(row.document) as Design };
  }

  /** Saves an old state as the newest. */
  async restore(id: string, revision: number, seen: number): Promise<StoredDesign> {
    const old = await this.revision(id, revision);
    return this.save(id, seen, old.document, `restore ${revision}`);
  }

  async duplicate(id: string): Promise<StoredDesign> {
    const { document } = await this.read(id);
    return this.create({ ...document, name: `${document.name} (copy)`.slice(0, 200) }, 'duplicate');
  }

  private row(id: string): Promise<DesignRow> {
    return present(DesignRow, id, WHAT);
  }
}
