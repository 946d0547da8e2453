import type { SizePlan } from '../sizePlan.js';
import type { Units } from '../units/length.js';
import { printedLength } from './lengths.js';
import { sizesInHouse } from './house.js';
import { flowOf, isOwn, isTable, NONE, type Line, type PatternText, type Table } from './line.js';
import { escapeXml } from './schematic.js';

/** Every count of every size as a table: a row for each count, a column for each size. */
export function countRows(sizes: readonly Pick<SizePlan, 'label' | 'quantities'>[]): string[][] {
  const labels = new Map<string, { label: string; fabric: string; axis: string }>();
  for (const { quantities } of sizes)
    for (const { id, label, fabric, axis } of quantities)
      if (!labels.has(id)) labels.set(id, { label, fabric, axis });
  return [
    ['count', 'name', 'fabric', 'counted in', ...sizes.map(({ label }) => label)],
    ...[...labels].map(([id, { label, fabric, axis }]) => [
      id,
      label,
      fabric,
      axis,
      ...sizes.map(({ quantities }) =>
        String(quantities.find((quantity) => quantity.id === id)?.count ?? ''),
      ),
    ]),
  ];
}

/** What every size measures finished, and the body that it is for: a row for each measure, a column for each size. */
export function finishedRows(
  sizes: readonly Pick<SizePlan, 'label' | 'finished' | 'body'>[],
  units: Units,
): string[][] {
  const first = sizes[0]?.finished ?? [];
  return [
    [`finished, ${units}`, ...sizes.map(({ label }) => label)],
    ['To fit bust or chest', ...sizes.map(({ body }) => printedLength(body.bust, units))],
    ...first.map(({ label }, i) => [
      label,
      ...sizes.map(({ finished }) => printedLength(finished[i]!.actual, units)),
    ]),
  ];
}

/**
 * A table as CSV: cells with commas, quotes or line breaks are quoted, and those that a spreadsheet would take for a formula begin
 * with an apostrophe.
 */
export function toCsv(rows: readonly (readonly string[])[]): string {
  const cell = (text: string) => {
    const safe = /^[=+\-@\t\r]/.test(text) && !/^-?\d+(\.\d+)?$/.test(text) ? `'${text}` : text;
    return /[",\n\r]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
  };
  return rows.map((row) => row.map(cell).join(',')).join('\r\n') + '\r\n';
}

/** The pattern as plain text without any marks. */
export function patternToPlainText(text: PatternText): string {
  return [
    text.title.toUpperCase(),
    '',
    ...text.sections.flatMap((section) => [
      section.heading.toUpperCase(),
      '',
      ...flowOf(section).map((part) => (isOwn(part) ? part.text : plainLine(part, text))),
      '',
    ]),
  ].join('\n');
}

function plainLine(line: Line, { sizes: labels, style }: Pick<PatternText, 'sizes' | 'style'>): string {
  return line
    .map((part) => {
      if (typeof part === 'string') return part;
      return isTable(part) ? plainTable(part, labels) : sizesInHouse(part.each, style);
    })
    .join('');
}

/** A table in columns of equal width. */
function plainTable({ head, rows }: Table, labels: readonly string[]): string {
  const all = [[head, ...labels], ...rows.map(({ label, each }) => [label, ...each])];
  const wide = all[0]!.map((_, column) => Math.max(...all.map((cells) => cells[column]!.length)));
  return all
    .map((cells) => {
      const padded = cells.map((text, i) => (i === 0 ? text.padEnd(wide[i]!) : text.padStart(wide[i]!)));
      return `\n    ${padded.join('  ')}`;
    })
    .join('');
}

/**
 * The pattern as a page of its own, without script or anything from elsewhere.
 *
 * @param drawing SVG to stand before the pieces
 */
export function patternToHtml(text: PatternText, drawing: string): string {
  const sections = text.sections.map((section) => {
    const lines = flowOf(section).map((part) => {
      if (isOwn(part)) return `<p class="own">${escapeXml(part.text)}</p>`;
      const said = `<p>${part.map((one) => htmlPart(one, text)).join('')}</p>`;
      const drawing = section.drawings?.find(({ line }) => section.lines[line] === part);
      return drawing ? `<div class="drawn">${drawing.svg}${said}</div>` : said;
    });
    const before = section.id === 'materials' ? `<section><h2>Schematic</h2>${drawing}</section>` : '';
    return `${before}<section><h2>${escapeXml(section.heading)}</h2>${lines.join('')}</section>`;
  });
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>${escapeXml(text.title)}</title>
<style>body{font:16px/1.5 Georgia,serif;max-width:46rem;margin:2rem auto;padding:0 1rem;color:#26231f}h2{font-size:1.15rem;margin:1.6rem 0 .4rem;break-after:avoid}p{margin:.15rem 0}ul{margin:0}svg{max-width:100%;height:auto}.own{font-style:italic}.drawn{display:grid;grid-template-columns:10rem 1fr;align-items:center;gap:1rem}.drawn svg{justify-self:center}table{border-collapse:collapse;margin:.4rem 0}th,td{border-bottom:1px solid #d9ccb0;padding:.1rem .6rem;text-align:right;font-weight:400}th:first-child{text-align:left}thead th{color:#5c564e}</style></head>
<body><h1>${escapeXml(text.title)}</h1>${sections.join('\n')}</body></html>
`;
}

function htmlPart(part: Line[number], { sizes: labels, style }: PatternText): string {
  if (typeof part === 'string') return escapeXml(part);
  return isTable(part) ? `</p>${htmlTable(part, labels)}<p>` : escapeXml(sizesInHouse(part.each, style));
}

function htmlTable({ head, rows }: Table, labels: readonly string[]): string {
  const row = (first: string, cells: readonly string[], cell: 'th' | 'td') =>
    `<tr><th scope="${cell === 'th' ? 'col' : 'row'}">${escapeXml(first)}</th>${cells.map((text) => `<${cell}${cell === 'th' ? ' scope="col"' : ''}>${escapeXml(text)}</${cell}>`).join('')}</tr>`;
  return `<table><thead>${row(head, labels, 'th')}</thead><tbody>${rows.map(({ label, each }) => row(label, each, 'td')).join('')}</tbody></table>`;
}

/** Lengths of a table row in a unit; a dash where a size has none. */
export function lengthsRow(lengths: readonly (number | null)[], units: Units): string[] {
  return lengths.map((cm) => (cm === null ? NONE : printedLength(cm, units)));
}
