import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { readDesignText } from '@upfell/core';
import { Database } from './database/database.js';
import { DesignRow } from './database/models.js';
import { DesignsService } from './designs/designs.service.js';
import type { Settings } from './settings.js';

/**
 * Puts the demo designs into the database, each once: one that has ever been there is left alone, even in the bin.
 *
 * @param settings where the database lies
 * @param folder folder of *.upfell.json files
 * @returns how many were added
 */
export async function loadDemo(settings: Settings, folder: string): Promise<number> {
  const database = new Database(settings);
  await database.onModuleInit();
  const designs = new DesignsService(database);
  let added = 0;
  for (const file of readdirSync(folder)
    .filter((name) => name.endsWith('.upfell.json'))
    .sort()) {
    const id = `demo-${basename(file, '.upfell.json')}`.slice(0, 40);
    if (await DesignRow.findByPk(id)) continue;
    const read = readDesignText(readFileSync(join(folder, file), 'utf8'));
    if (!read.ok)
      throw new Error(
        `${file}: ${read.problems.map(({ path, message }) => `${path} ${message}`).join('; ')}`,
      );
    await designs.create(read.design, 'demo', id);
    added += 1;
  }
  await database.onApplicationShutdown();
  return added;
}
