import type { Stored } from '@upfell/core';
import { Op, type Transaction } from 'sequelize';
import { Problem } from '../http/problem.js';
import type { DocumentRow, DocumentTable } from './models.js';

/** A row as it travels to the page. */
export function stored<T>(row: DocumentRow): Stored<T> {
  return {
    id: row.id,
    revision: row.revision,
    updatedAt: row.updatedAt,
    document: JSON.parse(row.document) as T,
  };
}

/** A document that is not in the bin; `what` names it in the sentence when there is none. */
export async function present(table: DocumentTable, id: string, what: string): Promise<DocumentRow> {
  const row = await table.findOne({ where: { id, deletedAt: null } });
  if (!row) throw new Problem(404, `There is no such ${what}.`);
  return row;
}

/** All documents that are not in the bin, the last changed first. */
export function allPresent(table: DocumentTable): Promise<DocumentRow[]> {
  return table.findAll({
    where: { deletedAt: null },
    order: [
      ['updatedAt', 'DESC'],
      ['id', 'ASC'],
    ],
  });
}

/** All documents in the bin, the last put away first. */
export function allPutAway(table: DocumentTable): Promise<DocumentRow[]> {
  return table.findAll({
    where: { deletedAt: { [Op.ne]: null } },
    order: [
      ['deletedAt', 'DESC'],
      ['id', 'ASC'],
    ],
  });
}

/** Adds a document as revision 1. */
export function add(
  table: DocumentTable,
  id: string,
  document: { name: string },
  now: string,
  transaction: Transaction,
): Promise<DocumentRow> {
  return table.create(
    { id, name: document.name, revision: 1, document: JSON.stringify(document), updatedAt: now },
    { transaction },
  );
}

/**
 * Writes a document over the revision that the client has seen.
 *
 * @returns whether anything has changed
 * @throws Problem 412 with the document as it stands when someone else has saved meanwhile
 */
export async function overwrite(
  row: DocumentRow,
  what: string,
  seen: number,
  document: { name: string },
  now: string,
  transaction: Transaction,
): Promise<boolean> {
  if (row.revision !== seen)
    throw new Problem(412, `The ${what} has been changed elsewhere.`, {
      detail: `You changed revision ${seen}; it is at ${row.revision} now.`,
      current: stored(row),
    });
  const text = JSON.stringify(document);
  if (text === row.document) return false;
  await row.update(
    { name: document.name, document: text, revision: row.revision + 1, updatedAt: now },
    { transaction },
  );
  return true;
}

/** Puts a document into the bin. */
export async function putAway(row: DocumentRow, transaction: Transaction): Promise<void> {
  await row.update({ deletedAt: new Date().toISOString() }, { transaction });
}

/** Takes a document out of the bin. */
export async function takeBack(
  table: DocumentTable,
  id: string,
  what: string,
  transaction: Transaction,
): Promise<DocumentRow> {
  const row = await table.findByPk(id, { transaction });
  if (!row) throw new Problem(404, `There is no such ${what}.`);
  return row.update({ deletedAt: null }, { transaction });
}
