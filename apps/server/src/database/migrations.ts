import { DataTypes, type QueryInterface } from 'sequelize';
import type { RunnableMigration } from 'umzug';

/** The tables' history. A published step is never changed; a new one is added at the end. */
export const MIGRATIONS: RunnableMigration<QueryInterface>[] = [
  {
    name: '0001-designs',
    up: async ({ context }) => {
      await context.createTable('designs', {
        id: { type: DataTypes.STRING, primaryKey: true },
        name: { type: DataTypes.STRING, allowNull: false },
        revision: { type: DataTypes.INTEGER, allowNull: false },
        document: { type: DataTypes.TEXT, allowNull: false },
        updatedAt: { type: DataTypes.STRING, allowNull: false },
        deletedAt: { type: DataTypes.STRING, allowNull: true },
      });
      await context.createTable('design_revisions', {
        designId: {
          type: DataTypes.STRING,
          primaryKey: true,
          references: { model: 'designs', key: 'id' },
          onDelete: 'CASCADE',
        },
        revision: { type: DataTypes.INTEGER, primaryKey: true },
        document: { type: DataTypes.TEXT, allowNull: false },
        savedAt: { type: DataTypes.STRING, allowNull: false },
        reason: { type: DataTypes.STRING, allowNull: false },
      });
    },
    down: async ({ context }) => {
      await context.dropTable('design_revisions');
      await context.dropTable('designs');
    },
  },
  {
    name: '0002-library',
    up: async ({ context }) => {
      for (const table of ['size_charts', 'fabrics'])
        await context.createTable(table, {
          id: { type: DataTypes.STRING, primaryKey: true },
          name: { type: DataTypes.STRING, allowNull: false },
          revision: { type: DataTypes.INTEGER, allowNull: false },
          document: { type: DataTypes.TEXT, allowNull: false },
          updatedAt: { type: DataTypes.STRING, allowNull: false },
          deletedAt: { type: DataTypes.STRING, allowNull: true },
        });
    },
    down: async ({ context }) => {
      for (const table of ['size_charts', 'fabrics']) await context.dropTable(table);
    },
  },
  {
    name: '0003-studio-and-photos',
    up: async ({ context }) => {
      await context.createTable('studio_settings', {
        key: { type: DataTypes.STRING, primaryKey: true },
        value: { type: DataTypes.TEXT, allowNull: false },
      });
      await context.createTable('design_photos', {
        designId: {
          type: DataTypes.STRING,
          primaryKey: true,
          references: { model: 'designs', key: 'id' },
          onDelete: 'CASCADE',
        },
        data: { type: DataTypes.TEXT, allowNull: false },
      });
    },
    down: async ({ context }) => {
      for (const table of ['design_photos', 'studio_settings']) await context.dropTable(table);
    },
  },
  {
    name: '0004-makings',
    up: async ({ context }) => {
      await context.createTable('makings', {
        id: { type: DataTypes.STRING, primaryKey: true },
        name: { type: DataTypes.STRING, allowNull: false },
        // No reference: a making stays when its design goes.
        designId: { type: DataTypes.STRING, allowNull: false },
        design: { type: DataTypes.STRING, allowNull: false },
        revision: { type: DataTypes.INTEGER, allowNull: false },
        size: { type: DataTypes.STRING, allowNull: false },
        document: { type: DataTypes.TEXT, allowNull: false },
        createdAt: { type: DataTypes.STRING, allowNull: false },
        updatedAt: { type: DataTypes.STRING, allowNull: false },
        deletedAt: { type: DataTypes.STRING, allowNull: true },
        progress: { type: DataTypes.TEXT, allowNull: true },
      });
      await context.createTable('making_entries', {
        seq: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
        makingId: {
          type: DataTypes.STRING,
          allowNull: false,
          references: { model: 'makings', key: 'id' },
          onDelete: 'CASCADE',
        },
        entryId: { type: DataTypes.STRING, allowNull: false },
        body: { type: DataTypes.TEXT, allowNull: false },
      });
      await context.addIndex('making_entries', ['makingId', 'entryId'], { unique: true });
      await context.addIndex('making_entries', ['makingId', 'seq']);
    },
    down: async ({ context }) => {
      for (const table of ['making_entries', 'makings']) await context.dropTable(table);
    },
  },
];
