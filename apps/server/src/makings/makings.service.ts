import { Injectable } from '@nestjs/common';
import {
  notOf,
  replay,
  summaryOf,
  type Arrived,
  type Design,
  type Making,
  type MakingEntry,
  type MakingProgress,
  type NewMaking,
  type StoredMaking,
} from '@upfell/core';
import { Op, type Transaction } from 'sequelize';
import { Database } from '../database/database.js';
import { MakingEntryRow, MakingRow } from '../database/models.js';
import { DesignsService } from '../designs/designs.service.js';
import { Problem } from '../http/problem.js';

/** Makings: each one size of a saved state of a design, and an append-only log. */
@Injectable()
export class MakingsService {
  constructor(
    private readonly database: Database,
    private readonly designs: DesignsService,
  ) {}

  /** Makings that are not in the bin, the last worked first; those of one design where it is given. */
  async list(designId?: string): Promise<MakingEntry[]> {
    const rows = await MakingRow.findAll({
      where: { deletedAt: null, ...(designId === undefined ? {} : { designId }) },
      order: [['updatedAt', 'DESC']],
      attributes: { exclude: ['document'] },
    });
    return rows.map(entryOf);
  }

  async read(id: string): Promise<StoredMaking> {
    const row = await this.row(id);
    return {
      ...entryOf(row),
      document: JSON.parse(row.document) as Design,
      ...(await this.arrived(id, 0)),
    };
  }

  /** Begins a making of a saved state of a design. Asked again with the same id, it is the making that was begun. */
  async begin({ id, name, designId, revision, size }: NewMaking): Promise<StoredMaking> {
    const known = await MakingRow.findByPk(id);
    if (known) return this.read(id);
    const { document } = await this.designs.revision(designId, revision);
    if (!document.sizes.some((one) => one.id === size))
      throw new Problem(422, 'Some fields are not right.', {
        fields: [
          {
            path: 'size',
            message: `The design has no size “${size}”; its sizes are ${document.sizes.map((one) => one.id).join(', ')}.`,
          },
        ],
      });
    await this.database.write((transaction) =>
      this.create({ id, name, designId, revision, size, document }, transaction),
    );
    return this.read(id);
  }

  /** Takes in a making from a file: a new one, or what the file has more of one that is here already. */
  async takeIn(
    designId: string,
    making: Making & { id?: string },
    id: string = making.id ?? crypto.randomUUID(),
  ): Promise<StoredMaking> {
    const known = await MakingRow.findByPk(id);
    const document = known
      ? (JSON.parse(known.document) as Design)
      : await this.stateFor(designId, making.revision);
    const other = notOf(document, making);
    if (other) throw new Problem(422, other.message, { fields: [other] });
    await this.database.write(async (transaction) => {
      const { name, revision, size } = making;
      if (!known) await this.create({ id, name, designId, revision, size, document }, transaction);
      await this.append(id, making.entries, transaction);
    });
    const taken = await this.read(id);
    const progress = summaryOf(replay(document, taken));
    await this.database.write((transaction) =>
      MakingRow.update({ progress: JSON.stringify(progress) }, { where: { id }, transaction }),
    );
    return { ...taken, progress };
  }

  /**
   * Adds entries to a log, each once, however often it is sent.
   *
   * @returns what has arrived since the place that the sender knows
   */
  async add(
    id: string,
    entries: Making['entries'],
    after: number,
    progress: MakingProgress | null,
  ): Promise<Arrived> {
    await this.row(id);
    await this.database.write(async (transaction) => {
      const added = await this.append(id, entries, transaction);
      if (added > 0 || progress)
        await MakingRow.update(
          {
            ...(added > 0 ? { updatedAt: new Date().toISOString() } : {}),
            ...(progress ? { progress: JSON.stringify(progress) } : {}),
          },
          { where: { id }, transaction },
        );
    });
    return this.arrived(id, after);
  }

  /** Entries after a place in the order of arrival. */
  async arrived(id: string, after: number): Promise<Arrived> {
    const rows = await MakingEntryRow.findAll({
      where: { makingId: id, seq: { [Op.gt]: after } },
      order: [['seq', 'ASC']],
      raw: true,
    });
    return {
      entries: rows.map(({ body }) => JSON.parse(body) as Making['entries'][number]),
      last: rows.at(-1)?.seq ?? after,
    };
  }

  async rename(id: string, name: string): Promise<MakingEntry> {
    const row = await this.row(id);
    await this.database.write((transaction) => row.update({ name }, { transaction }));
    return entryOf(row);
  }

  async remove(id: string): Promise<void> {
    const row = await this.row(id);
    await this.database.write((transaction) =>
      row.update({ deletedAt: new Date().toISOString() }, { transaction }),
    );
  }

  async takeBack(id: string): Promise<MakingEntry> {
    const row = await MakingRow.findByPk(id);
    if (!row) throw notThere();
    await this.database.write((transaction) => row.update({ deletedAt: null }, { transaction }));
    return entryOf(row);
  }

  /** The making as a file has it. */
  async file(id: string): Promise<Making & { id: string }> {
    const { name, design, revision, size, entries } = await this.read(id);
    return { format: 'upfell/making', version: 1, id, name, design, revision, size, entries };
  }

  /** The state of a design that a making from a file was begun from; where it was never here, the newest. */
  private async stateFor(designId: string, revision: number): Promise<Design> {
    const newest = await this.designs.read(designId);
    if (revision >= newest.revision) return newest.document;
    return (await this.designs.revision(designId, revision)).document;
  }

  private async create(
    { document, ...making }: NewMaking & { document: Design },
    transaction: Transaction,
  ): Promise<void> {
    const now = new Date().toISOString();
    await MakingRow.create(
      {
        ...making,
        design: document.name,
        document: JSON.stringify(document),
        createdAt: now,
        updatedAt: now,
      },
      { transaction },
    );
  }

  private async append(id: string, entries: Making['entries'], transaction: Transaction): Promise<number> {
    const known = new Set(
      (
        await MakingEntryRow.findAll({
          where: { makingId: id, entryId: entries.map((entry) => entry.id) },
          attributes: ['entryId'],
          raw: true,
          transaction,
        })
      ).map(({ entryId }) => entryId),
    );
    const fresh = [...new Map(entries.map((entry) => [entry.id, entry])).values()].filter(
      (entry) => !known.has(entry.id),
    );
    await MakingEntryRow.bulkCreate(
      fresh.map((entry) => ({ makingId: id, entryId: entry.id, body: JSON.stringify(entry) })),
      { transaction },
    );
    return fresh.length;
  }

  private async row(id: string): Promise<MakingRow> {
    const row = await MakingRow.findByPk(id);
    if (!row || row.deletedAt !== null) throw notThere();
    return row;
  }
}

function notThere(): Problem {
  return new Problem(404, 'There is no such making.');
}

function entryOf(row: MakingRow): MakingEntry {
  const { id, name, designId, design, revision, size, createdAt, updatedAt, progress } = row;
  return {
    id,
    name,
    designId,
    design,
    revision,
    size,
    createdAt,
    updatedAt,
    progress: progress ? (JSON.parse(progress) as MakingProgress) : null,
  };
}
