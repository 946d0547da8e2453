import Papa from 'papaparse';
import { tableOf, type ChartSize, type Units } from '@upfell/core';

/** A table of sizes as CSV text (RFC 4180); cells that a spreadsheet would take for a formula are made plain text. */
export function sizesCsv(sizes: readonly ChartSize[], units: Units): string {
  return `${Papa.unparse(tableOf(sizes, units), { escapeFormulae: true, newline: '\r\n' })}\r\n`;
}

/** Rows of a CSV text: RFC 4180, or separated by semicolons or tabs as spreadsheets in other countries write it. */
export function csvRows(text: string): string[][] {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t', '|'],
  });
  return data;
}
