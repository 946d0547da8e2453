import Papa from 'papaparse';
import { tableOf, type ChartSize, type Units } from '@upfell/core';

/** A table of sizes as CSV text (RFC 4180); cells that a spreadsheet would take for a formula are made plain text. */
export function sizesCsv(sizes: readonly ChartSize[], units: Units): string {
  return `${Papa.unparse(tableOf(sizes, units), { escapeFormulae: true, newline: '\r\n' })}\r\n`;
}
