import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** A document as it stands: its file's JSON as text, and the revision it is at. */
export abstract class DocumentRow extends Model<
  InferAttributes<DocumentRow>,
  InferCreationAttributes<DocumentRow>
> {
  declare id: string;
  declare name: string;
  declare revision: number;
  declare document: string;
  declare updatedAt: string;
  /** Set while the document lies in the bin, from which it can be taken back. */
  declare deletedAt: CreationOptional<string | null>;
}

export class DesignRow extends DocumentRow {}
export class ChartRow extends DocumentRow {}
export class FabricRow extends DocumentRow {}

/** A table of documents of one kind. */
export type DocumentTable = typeof DesignRow;

/** Every saved state of a design. */
export class RevisionRow extends Model<InferAttributes<RevisionRow>, InferCreationAttributes<RevisionRow>> {
  declare designId: string;
  declare revision: number;
  declare document: string;
  declare savedAt: string;
  /** Why it was saved: "edit", "create", "import", "restore 3". */
  declare reason: string;
}

/** What the studio keeps for all its designs, as JSON. */
export class SettingRow extends Model<InferAttributes<SettingRow>, InferCreationAttributes<SettingRow>> {
  declare key: string;
  declare value: string;
}

/** The photograph of a design's sample, as a data URL. */
export class PhotoRow extends Model<InferAttributes<PhotoRow>, InferCreationAttributes<PhotoRow>> {
  declare designId: string;
  declare data: string;
}

/** A making: one size of one saved state of a design, of which it keeps its own copy. */
export class MakingRow extends Model<InferAttributes<MakingRow>, InferCreationAttributes<MakingRow>> {
  declare id: string;
  declare name: string;
  /** The design on the shelf, whether it is still there or not. */
  declare designId: string;
  /** Its name, as it was when the making was begun. */
  declare design: string;
  declare revision: number;
  declare size: string;
  declare document: string;
  declare createdAt: string;
  declare updatedAt: string;
  declare deletedAt: CreationOptional<string | null>;
  /** How far it has come, as the page last told it: JSON. */
  declare progress: CreationOptional<string | null>;
}

/** One line of the log of a making: added, and never changed. */
export class MakingEntryRow extends Model<
  InferAttributes<MakingEntryRow>,
  InferCreationAttributes<MakingEntryRow>
> {
  /** The order in which entries arrived, over all makings. */
  declare seq: CreationOptional<number>;
  declare makingId: string;
  declare entryId: string;
  declare body: string;
}

/** Ties the models to a connection. The tables themselves are made by migrations. */
export function defineModels(sequelize: Sequelize): void {
  const tables: [DocumentTable, string][] = [
    [DesignRow, 'designs'],
    [ChartRow, 'size_charts'],
    [FabricRow, 'fabrics'],
  ];
  for (const [table, tableName] of tables)
    table.init(
      {
        id: { type: DataTypes.STRING, primaryKey: true },
        name: { type: DataTypes.STRING, allowNull: false },
        revision: { type: DataTypes.INTEGER, allowNull: false },
        document: { type: DataTypes.TEXT, allowNull: false },
        updatedAt: { type: DataTypes.STRING, allowNull: false },
        deletedAt: { type: DataTypes.STRING, allowNull: true },
      },
      { sequelize, tableName, timestamps: false },
    );
  RevisionRow.init(
    {
      designId: { type: DataTypes.STRING, primaryKey: true },
      revision: { type: DataTypes.INTEGER, primaryKey: true },
      document: { type: DataTypes.TEXT, allowNull: false },
      savedAt: { type: DataTypes.STRING, allowNull: false },
      reason: { type: DataTypes.STRING, allowNull: false },
    },
    { sequelize, tableName: 'design_revisions', timestamps: false },
  );
  SettingRow.init(
    {
      key: { type: DataTypes.STRING, primaryKey: true },
      value: { type: DataTypes.TEXT, allowNull: false },
    },
    { sequelize, tableName: 'studio_settings', timestamps: false },
  );
  PhotoRow.init(
    {
      designId: { type: DataTypes.STRING, primaryKey: true },
      data: { type: DataTypes.TEXT, allowNull: false },
    },
    { sequelize, tableName: 'design_photos', timestamps: false },
  );
  MakingRow.init(
    {
      id: { type: DataTypes.STRING, primaryKey: true },
      name: { type: DataTypes.STRING, allowNull: false },
      designId: { type: DataTypes.STRING, allowNull: false },
      design: { type: DataTypes.STRING, allowNull: false },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      size: { type: DataTypes.STRING, allowNull: false },
      document: { type: DataTypes.TEXT, allowNull: false },
      createdAt: { type: DataTypes.STRING, allowNull: false },
      updatedAt: { type: DataTypes.STRING, allowNull: false },
      deletedAt: { type: DataTypes.STRING, allowNull: true },
      progress: { type: DataTypes.TEXT, allowNull: true },
    },
    { sequelize, tableName: 'makings', timestamps: false },
  );
  MakingEntryRow.init(
    {
      seq: { type: DataTypes.INTEGER, primaryKey: true, autoIncrement: true },
      makingId: { type: DataTypes.STRING, allowNull: false },
      entryId: { type: DataTypes.STRING, allowNull: false },
      body: { type: DataTypes.TEXT, allowNull: false },
    },
    { sequelize, tableName: 'making_entries', timestamps: false },
  );
}
