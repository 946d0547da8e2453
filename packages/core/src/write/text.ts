import { flowOf, inBrackets, isOwn, type Line, type PatternSection, type PatternText } from './line.js';

/**
 * A line as text with all sizes in brackets; what does not fit into brackets follows below, a size in a line.
 *
 * @param labels of the sizes that the line is for
 */
export function lineToText(parts: Line, labels: readonly string[]): string {
  return parts
    .map((part) => {
      if (typeof part === 'string') return part;
      if ('each' in part) return inBrackets(part);
      return part.lists.map((text, size) => `\n- ${labels[size]}: ${text}`).join('');
    })
    .join('');
}

/** The labels of the sizes that a section is for. */
export function labelsOf({ sizes }: Pick<PatternText, 'sizes'>, { of }: PatternSection): readonly string[] {
  return of ? of.map((size) => sizes[size]!) : sizes;
}

/** The words of a line without its figures, for looking up abbreviations. */
export function usTextOf(parts: Line): string {
  return parts
    .map((part) => (typeof part === 'string' ? part : 'lists' in part ? part.lists.join(' ') : ' '))
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
          : [lineToText(part, labelsOf(text, section))],
      ),
      '',
    ].join('\n'),
  );
  return [`# ${text.title}`, '', ...body].join('\n');
}
