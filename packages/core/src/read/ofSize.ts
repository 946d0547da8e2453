/** A figure of a size in brackets, as patterns write them: a number, a range of rows, an ordinal, or a dash for none. */
const FIGURE = String.raw`[\d–][^\s(),]*`;

/**
 * Lines of a pattern as the maker of one size reads them: of "66 (72, 78)" the size's own figure, of a list below a line the
 * size's own entry.
 *
 * @param lines of the section, in all its sizes
 * @param size which of the section's sizes, from 0
 * @param labels of the sizes that the section is for, in the order of its figures
 */
export function linesOfSize(lines: readonly string[], size: number, labels: readonly string[]): string[] {
  const own: string[] = [];
  for (const text of lines) {
    const entry = labels.findIndex((label) => text.startsWith(`- ${label}: `));
    if (entry < 0 || own.length === 0) own.push(figuresOfSize(text, size, labels.length));
    else if (entry === size) own[own.length - 1] += text.slice(labels[entry]!.length + 4);
  }
  return own;
}

/** Of every group of figures with as many entries as there are sizes, the size's own. */
export function figuresOfSize(text: string, size: number, sizes: number): string {
  if (sizes < 2) return text;
  const group = new RegExp(String.raw`(${FIGURE}) \((${FIGURE}(?:, ${FIGURE}){${sizes - 2}})\)`, 'g');
  return text.replace(group, (_, first: string, others: string) =>
    size === 0 ? first : others.split(', ')[size - 1]!,
  );
}
