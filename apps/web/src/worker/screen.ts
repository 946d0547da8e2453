import {
  piecesLaid,
  rowSpans,
  rowsOf,
  unitsInWords,
  type EdgeLine,
  type Fabric,
  type Outline,
  type Plan,
  type PlannedPiece,
  type PlannedQuantity,
  type RowSpan,
  type SizePlan,
} from '@upfell/core';

/**
 * One size for the screen. Rows are replaced by outlines in cm, which are all that drawings need, and reasons stay here until one
 * is asked for: copying them to the page would take longer than making them.
 */
export interface ScreenSize extends Omit<SizePlan, 'quantities'> {
  quantities: readonly ScreenQuantity[];
  outlines: Record<string, readonly Outline[]>;
  /** Where the edges of pieces lie on these, by their ids. */
  edgeLines: Record<string, EdgeLine>;
}
/** A count without its reasons; with what it is in the unit that makers count the fabric in: "25 mesh spaces". */
export interface ScreenQuantity extends Omit<PlannedQuantity, 'because'> {
  inUnits?: string;
}

export interface ScreenPlan extends Omit<Plan, 'sizes'> {
  sizes: readonly ScreenSize[];
}

/** Leaves out of a planned size what the page does not draw. */
export function forScreen(size: SizePlan, fabrics: readonly Fabric[] = []): ScreenSize {
  const unitOf = new Map(fabrics.map(({ id, unit }) => [id, unit]));
  return {
    ...size,
    ...piecesLaid(size.pieces),
    pieces: size.pieces.map((piece) => ({ ...piece, runs: [] })),
    quantities: size.quantities.map(({ because: _, ...quantity }) => {
      const inUnits =
        quantity.axis === 'stitches' && !quantity.unit
          ? unitsInWords(quantity.count, unitOf.get(quantity.fabric))
          : null;
      return inUnits ? { ...quantity, inUnits } : quantity;
    }),
  };
}

/** One row of a strip: where it lies (cm), its stitches, and whether it changes them. */
export interface StripRow extends RowSpan {
  count: number;
  side: 'RS' | 'WS';
  shaped: boolean;
}

/** A piece as rows for the row strips; sent only when that step is looked at. */
export interface PieceStrip {
  piece: string;
  rows: StripRow[];
}

/** The rows of a piece as they lie. A row that takes up fewer stitches than there are leaves some: it shapes, too. */
export function stripOf({ id, runs, sections }: PlannedPiece): PieceStrip {
  const rows = rowsOf(runs);
  const counts = new Map<string, number>();
  return {
    piece: id,
    rows: rowSpans(rows, sections).map((span, i): StripRow => {
      const { count, side, part } = rows[i]!;
      const before = counts.get(part);
      counts.set(part, count);
      return { ...span, count, side, shaped: before !== undefined && before !== count };
    }),
  };
}
