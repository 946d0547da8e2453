import { rmSync } from 'node:fs';
import { QueryTypes } from 'sequelize';
import { DesignsService } from '../designs/designs.service.js';
import { loadDemo } from '../loadDemo.js';
import { DEMO, demoDesign, testSettings } from '../testing/server.js';
import { Database } from './database.js';

const settings = testSettings();
afterAll(() => rmSync(settings.data, { recursive: true, force: true }));

async function opened<T>(work: (database: Database) => Promise<T>): Promise<T> {
  const database = new Database(settings);
  await database.onModuleInit();
  try {
    return await work(database);
  } finally {
    await database.onApplicationShutdown();
  }
}

describe('Database', () => {
  it('is durable: write-ahead log, full sync, foreign keys', async () => {
    await opened(async ({ sequelize }) => {
      const pragma = async (name: string) =>
        Object.values(
          (await sequelize.query<Record<string, unknown>>(`PRAGMA ${name}`, { type: QueryTypes.SELECT }))[0]!,
        )[0];
      expect([
        await pragma('journal_mode'),
        await pragma('synchronous'),
        await pragma('foreign_keys'),
      ]).toEqual(['wal', 2, 1]);
    });
  });

  it('opens again on a filled file, with what was there', async () => {
    const { id } = await opened((database) => new DesignsService(database).create(demoDesign(), 'create'));
    const again = await opened((database) => new DesignsService(database).read(id));
    expect(again.document.name).toBe('Brackenlow pullover');
  });
});

describe('loadDemo', () => {
  it('adds each demo design once, and brings none back that was put away', async () => {
    expect(await loadDemo(settings, DEMO)).toBeGreaterThanOrEqual(3);
    await opened((database) => new DesignsService(database).remove('demo-brackenlow-pullover'));
    expect(await loadDemo(settings, DEMO)).toBe(0);
    const shelf = await opened((database) => new DesignsService(database).shelf());
    expect(shelf.some(({ id }) => id === 'demo-brackenlow-pullover')).toBe(false);
  });
});
