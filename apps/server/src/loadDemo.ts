import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import {
  readChart,
  readDesignText,
  readLibraryFabric,
  readMakingText,
  type Design,
  type FieldProblem,
} from '@upfell/core';
import { Database } from './database/database.js';
import { add } from './database/documents.js';
import { ChartRow, DesignRow, FabricRow, MakingRow, type DocumentTable } from './database/models.js';
import { DesignsService } from './designs/designs.service.js';
import { MakingsService } from './makings/makings.service.js';
import type { Settings } from './settings.js';

type Read = { ok: true; document: { name: string } } | { ok: false; problems: readonly FieldProblem[] };

/** What a demo file holds, by its ending: where it is kept and how it is read. */
const KINDS: readonly { ending: string; table: DocumentTable; read: (text: string) => Read }[] = [
  {
    ending: '.upfell.json',
    table: DesignRow,
    read: (text) => {
      const read = readDesignText(text);
      return read.ok ? { ok: true, document: read.design } : read;
    },
  },
  { ending: '.chart.json', table: ChartRow, read: (text) => readChart(JSON.parse(text)) },
  { ending: '.fabric.json', table: FabricRow, read: (text) => readLibraryFabric(JSON.parse(text)) },
];

/**
 * Puts the demo designs, charts, fabrics and makings into the database, each once: one that has ever been there is left alone, even
 * in the bin.
 *
 * @param settings where the database lies
 * @param folder folder of *.upfell.json, *.chart.json, *.fabric.json and *.making.json files
 * @returns how many were added
 */
export async function loadDemo(settings: Settings, folder: string): Promise<number> {
  const database = new Database(settings);
  await database.onModuleInit();
  const designs = new DesignsService(database);
  let added = 0;
  for (const file of readdirSync(folder).sort()) {
    const kind = KINDS.find(({ ending }) => file.endsWith(ending));
    if (!kind) continue;
    const id = idOf(file, kind.ending);
    if (await kind.table.findByPk(id)) continue;
    const read = kind.read(readFileSync(join(folder, file), 'utf8'));
    if (!read.ok) throw unfit(file, read.problems);
    if (kind.table === DesignRow) await designs.create(read.document as Design, 'demo', id);
    else
      await database.write((transaction) =>
        add(kind.table, id, read.document, new Date().toISOString(), transaction),
      );
    added += 1;
  }
  added += await loadMakings(new MakingsService(database, designs), folder);
  await database.onApplicationShutdown();
  return added;
}

/** Makings of the demo designs, found by the names of these. */
async function loadMakings(makings: MakingsService, folder: string): Promise<number> {
  let added = 0;
  for (const file of readdirSync(folder).sort()) {
    if (!file.endsWith('.making.json')) continue;
    const id = idOf(file, '.making.json');
    if (await MakingRow.findByPk(id)) continue;
    const read = readMakingText(readFileSync(join(folder, file), 'utf8'));
    if (!read.ok) throw unfit(file, read.problems);
    const design = await DesignRow.findOne({ where: { name: read.making.design, deletedAt: null } });
    if (!design) continue;
    await makings.takeIn(design.id, read.making, id);
    added += 1;
  }
  return added;
}

function idOf(file: string, ending: string): string {
  return `demo-${basename(file, ending)}`.slice(0, 40);
}

function unfit(file: string, problems: readonly FieldProblem[]): Error {
  return new Error(`${file}: ${problems.map(({ path, message }) => `${path} ${message}`).join('; ')}`);
}
