import type { SizePlan } from '../sizePlan.js';
import { formatLength, type Units } from '../units/length.js';
import { labelsOf } from './text.js';
import { flowOf, inSize, inBrackets, isOwn, type Line, type PatternText } from './line.js';
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
      ...flowOf(section).map((part) => (isOwn(part) ? part.text : plainLine(part, labelsOf(text, section)))),
      '',
    ]),
  ].join('\n');
}

function plainLine(line: Line, labels: readonly string[]): string {
  return line
    .map((part) =>
      typeof part === 'string'
        ? part
        : 'each' in part
          ? inBrackets(part)
          : part.lists.map((text, i) => `\n    ${labels[i]}: ${text}`).join(''),
    )
    .join('');
}

/**
 * The pattern as a page of its own, without script or anything from elsewhere.
 *
 * @param drawing SVG to stand before the pieces
 */
export function patternToHtml(text: PatternText, drawing: string): string {
  const sections = text.sections.map((section) => {
    const labels = labelsOf(text, section);
    const lines = flowOf(section).map((part) =>
      isOwn(part)
        ? `<p class="own">${escapeXml(part.text)}</p>`
        : `<p>${part.map((one) => htmlPart(one, labels)).join('')}</p>`,
    );
    const before = section.id === 'abbreviations' ? `<section><h2>Schematic</h2>${drawing}</section>` : '';
    return `${before}<section><h2>${escapeXml(section.heading)}</h2>${lines.join('')}</section>`;
  });
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><title>${escapeXml(text.title)}</title>
<style>body{font:16px/1.5 Georgia,serif;max-width:46rem;margin:2rem auto;padding:0 1rem;color:#26231f}h2{font-size:1.15rem;margin:1.6rem 0 .4rem;break-after:avoid}p{margin:.15rem 0}ul{margin:0}svg{max-width:100%;height:auto}.own{font-style:italic}</style></head>
<body><h1>${escapeXml(text.title)}</h1>${sections.join('\n')}</body></html>
`;
}

function htmlPart(part: Line[number], labels: readonly string[]): string {
  if (typeof part === 'string') return escapeXml(part);
  if ('each' in part) return escapeXml(inBrackets(part));
  return `</p><ul>${part.lists.map((_, i) => `<li>${escapeXml(`${labels[i]}: ${inSize(part, i)}`)}</li>`).join('')}</ul><p>`;
}

/** Lengths of a table row in a unit; a dash where a size has none. */
export function lengthsRow(lengths: readonly (number | null)[], units: Units): string[] {
  return lengths.map((cm) => (cm === null ? '–' : formatLength(cm, units)));
}
