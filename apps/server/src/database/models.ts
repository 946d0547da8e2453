import {
  DataTypes,
  Model,
  type CreationOptional,
  type InferAttributes,
  type InferCreationAttributes,
  type Sequelize,
} from 'sequelize';

/** A design as it stands. `document` is the design file's JSON as text. */
export class DesignRow extends Model<InferAttributes<DesignRow>, InferCreationAttributes<DesignRow>> {
  declare id: string;
  declare name: string;
  declare revision: number;
  declare document: string;
  declare updatedAt: string;
  /** Set while the design lies in the bin, from which it can be taken back. */
  declare deletedAt: CreationOptional<string | null>;
}

/** Every saved state of a design. */
export class RevisionRow extends Model<InferAttributes<RevisionRow>, InferCreationAttributes<RevisionRow>> {
  declare designId: string;
  declare revision: number;
  declare document: string;
  declare savedAt: string;
  /** Why it was saved: "edit", "create", "import", "restore 3". */
  declare reason: string;
}

/** Ties the models to a connection. The tables themselves are made by migrations. */
export function defineModels(sequelize: Sequelize): void {
  DesignRow.init(
    {
      id: { type: DataTypes.STRING, primaryKey: true },
      name: { type: DataTypes.STRING, allowNull: false },
      revision: { type: DataTypes.INTEGER, allowNull: false },
      document: { type: DataTypes.TEXT, allowNull: false },
      updatedAt: { type: DataTypes.STRING, allowNull: false },
      deletedAt: { type: DataTypes.STRING, allowNull: true },
    },
    { sequelize, tableName: 'designs', timestamps: false },
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
}
