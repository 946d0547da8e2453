import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { Inject, Injectable, type OnApplicationShutdown, type OnModuleInit } from '@nestjs/common';
import { Mutex } from 'async-mutex';
import { Sequelize, Transaction } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { SETTINGS } from '../tokens.js';
import type { Settings } from '../settings.js';
import { MIGRATIONS } from './migrations.js';
import { defineModels } from './models.js';

/** The SQLite file: opened with every durability setting on, migrated, and written by one transaction at a time. */
@Injectable()
export class Database implements OnModuleInit, OnApplicationShutdown {
  readonly sequelize: Sequelize;
  /** SQLite takes one writer; queued here, writers never fail with "busy". */
  private readonly writing = new Mutex();

  constructor(@Inject(SETTINGS) settings: Settings) {
    mkdirSync(settings.data, { recursive: true });
    this.sequelize = new Sequelize({
      dialect: 'sqlite',
      storage: join(settings.data, 'upfell.sqlite'),
      logging: false,
      pool: { max: 1, min: 1, idle: 2 ** 31 - 1 },
      transactionType: Transaction.TYPES.IMMEDIATE,
    });
    defineModels(this.sequelize);
  }

  async onModuleInit(): Promise<void> {
    await this.sequelize.query('PRAGMA journal_mode = WAL');
    await this.sequelize.query('PRAGMA synchronous = FULL');
    await this.sequelize.query('PRAGMA foreign_keys = ON');
    await this.sequelize.query('PRAGMA busy_timeout = 5000');
    const umzug = new Umzug({
      migrations: MIGRATIONS,
      context: this.sequelize.getQueryInterface(),
      storage: new SequelizeStorage({ sequelize: this.sequelize }),
      logger: undefined,
    });
    await umzug.up();
  }

  /** Runs a write transaction after all earlier ones have ended. */
  write<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
    return this.writing.runExclusive(() => this.sequelize.transaction(work));
  }

  async onApplicationShutdown(): Promise<void> {
    await this.writing.runExclusive(() => this.sequelize.close());
  }
}
