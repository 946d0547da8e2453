/** Cells of a sheet as blocks: what is chosen, what is copied, and what a block that is pasted changes. */

import Papa from 'papaparse';

/** A heading of a sheet's row or column. */
export interface SheetHeading {
  id: string;
  label: string;
  title?: string;
}

/** What a cell shows. */
export interface SheetCell {
  text: string;
  /** Shown faintly where nothing is entered. */
  placeholder?: string;
  /** What is wrong with the text, as a sentence. */
  trouble?: string | undefined;
  /** Whether it differs from where it came from. */
  marked?: boolean;
}

/** New text for cells, as one edit. */
export type SheetChange = { row: string; column: string; text: string };

/** The active cell and the other corner of what is chosen, by row and column. */
export interface SheetPlace {
  row: number;
  column: number;
  toRow: number;
  toColumn: number;
}

/** First and last row and column of what is chosen. */
export function chosenBlock({ row, column, toRow, toColumn }: SheetPlace) {
  return {
    top: Math.min(row, toRow),
    bottom: Math.max(row, toRow),
    left: Math.min(column, toColumn),
    right: Math.max(column, toColumn),
  };
}

/** Cells of a block copied from a spreadsheet: tab-separated, with quoted cells as spreadsheets write them. */
export function pastedCells(text: string): string[][] {
  const delimiter = text.includes('\t') ? '\t' : '';
  const { data } = Papa.parse<string[]>(text.replace(/\r?\n$/, ''), { delimiter });
  return data.map((row) => row.map((cell) => cell.trim()));
}

/** The cells of a block, row by row. */
export function cellsOf(
  block: ReturnType<typeof chosenBlock>,
  rows: readonly SheetHeading[],
  columns: readonly SheetHeading[],
): { row: string; column: string }[][] {
  const within = <T>(list: readonly T[], from: number, to: number) => list.slice(from, to + 1);
  return within(rows, block.top, block.bottom).map(({ id: row }) =>
    within(columns, block.left, block.right).map(({ id: column }) => ({ row, column })),
  );
}

/** Texts as a spreadsheet takes them. */
export function copiedText(texts: readonly (readonly string[])[]): string {
  return Papa.unparse(texts as string[][], { delimiter: '\t' });
}

/** What pasting texts from a cell on changes; what lies beyond the sheet is left out. */
export function pastedChanges(
  texts: readonly (readonly string[])[],
  { top, left }: { top: number; left: number },
  rows: readonly SheetHeading[],
  columns: readonly SheetHeading[],
): SheetChange[] {
  return texts.flatMap((line, r) =>
    line.flatMap((text, c) => {
      const [row, column] = [rows[top + r]?.id, columns[left + c]?.id];
      return row !== undefined && column !== undefined ? [{ row, column, text }] : [];
    }),
  );
}
