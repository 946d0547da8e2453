import { inBrackets, type Line, type PatternText } from './line.js';

/** A line as text with all sizes in brackets. */
export function lineToText(parts: Line): string {
  return parts.map((part) => (typeof part === 'string' ? part : inBrackets(part))).join('');
}

/** The words of a line without its figures, for looking up abbreviations. */
export function usTextOf(parts: Line): string {
  return parts.map((part) => (typeof part === 'string' ? part : ' ')).join('');
}

/** The whole pattern as plain text (Markdown headings). */
export function patternToText({ title, sections }: PatternText): string {
  const body = sections.map(({ heading, lines }) =>
    [`## ${heading}`, '', ...lines.map(lineToText), ''].join('\n'),
  );
  return [`# ${title}`, '', ...body].join('\n');
}
