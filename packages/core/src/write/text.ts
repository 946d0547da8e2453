import { flowOf, isOwn, isTable, type Line, type PatternText, type Table } from './line.js';

import { sizesInHouse } from './house.js';
import { USUAL_STYLE, type HouseStyle } from './style.js';

/**
 * A line as text with all sizes in brackets; its tables stand below it.
 *
 * @param labels of the sizes that the line is for
 */
export function lineToText(
  parts: Line,
  labels: readonly string[],
  style: Pick<HouseStyle, 'sizes'> = USUAL_STYLE,
): string {
  return parts
    .map((part) => {
      if (typeof part === 'string') return part;
      return isTable(part) ? tableToText(part, labels) : sizesInHouse(part.each, style);
    })
    .join('');
}

/** A table in Markdown, below its line. */
function tableToText({ head, rows }: Table, labels: readonly string[]): string {
  const row = (cells: readonly string[]) => `\n| ${cells.join(' | ')} |`;
  return [
    row([head, ...labels]),
    row(['---', ...labels.map(() => '--:')]),
    ...rows.map(({ label, each }) => row([label, ...each])),
  ].join('');
}

/** The words of a line without its figures, for looking up abbreviations. */
export function usTextOf(parts: Line): string {
  return parts
    .map((part) => {
      if (typeof part === 'string') return part;
      return isTable(part) ? [part.head, ...part.rows.map(({ label }) => label)].join(' ') : ' ';
    })
    .join('');
}

/** The whole pattern as plain text (Markdown headings). */
export function patternToText(text: PatternText): string {
  const body = text.sections.map((section) =>
    [
      `## ${section.heading}`,
      '',
      ...flowOf(section).flatMap((part) =>
        // Quoted, so that who reads the pattern back knows them for the author's.
        isOwn(part)
          ? part.text.split('\n').map((one) => `> ${one}`)
          : [lineToText(part, text.sizes, text.style)],
      ),
      '',
    ].join('\n'),
  );
  return [`# ${text.title}`, '', ...body].join('\n');
}
