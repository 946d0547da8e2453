/** A figure of a size in brackets, as patterns write them: a number, a range of rows, an ordinal, or a dash for none. */
const FIGURE = String.raw`[\d–½¼¾][^\s(),]*`;

/** The rows of a table in Markdown, and its line between head and rows. */
const TABLE_ROW = /^\| (.*) \|$/;
const UNDER_HEAD = /^\| ---/;
/** A table in its line, and a line that is for some sizes. */
const TABLE_IN_LINE = / \[([^\]:]+): ([^\]]+)\]$/;
const FOR_SOME = /^Sizes? ([^:]+): (.*)$/;

/**
 * Lines of a pattern as the maker of one size reads them: of "66 (72, 78)" the size's own figure, of a table below a line the
 * size's own column. Lines for other sizes are not there.
 *
 * @param lines of the section, in all its sizes
 * @param size which of the section's sizes, from 0
 * @param labels of the sizes that the section is for, in the order of its figures
 */
export function linesOfSize(lines: readonly string[], size: number, labels: readonly string[]): string[] {
  const own: string[] = [];
  /** Whether what stands below the last line is the size's. */
  let mine = true;
  for (const [i, text] of lines.entries()) {
    const cells = TABLE_ROW.exec(text)?.[1]?.split(' | ');
    if (cells) {
      if (mine && own.length > 0)
        own[own.length - 1] += UNDER_HEAD.test(lines[i + 1] ?? '')
          ? ` || ${cells[0]}`
          : tableRow(text, cells, size);
    } else {
      const [, some, said] = FOR_SOME.exec(text) ?? [];
      const named = some?.split(', ') ?? [];
      const isForSome = named.length > 0 && named.every((label) => labels.includes(label));
      mine = !isForSome || named.includes(labels[size]!);
      if (mine) own.push(tableApart(figuresOfSize(isForSome ? said! : text, size, labels.length)));
    }
  }
  return own;
}

/** A row of a table for one size: " | first = 5"; nothing where it has no figure, and for the line under the head. */
function tableRow(text: string, [label, ...figures]: readonly string[], size: number): string {
  const figure = figures[size];
  return UNDER_HEAD.test(text) || figure === undefined || figure === '–' ? '' : ` | ${label} = ${figure}`;
}

/** A table that stands in its line, as one that stands below it. */
function tableApart(text: string): string {
  const [all, head, rows] = TABLE_IN_LINE.exec(text) ?? [];
  if (all === undefined) return text;
  const entries = rows!.split('; ').flatMap((row) => {
    const [, label, figure] = /^(.+) (\S+)$/.exec(row) ?? [];
    return figure === undefined || figure === '–' ? [] : [` | ${label} = ${figure}`];
  });
  return tableApart(text.slice(0, -all.length)) + ` || ${head}${entries.join('')}`;
}

/** A table as it is read for one size. */
export interface ReadTable {
  head: string;
  rows: readonly (readonly [label: string, figure: string])[];
}

/** The tables at the end of a line of one size. */
export function tablesOf(text: string): ReadTable[] {
  return text
    .split(' || ')
    .slice(1)
    .map((table) => {
      const [head, ...rows] = table.split(' | ');
      return { head: head!, rows: rows.map((row) => row.split(' = ') as [string, string]) };
    });
}

/** Of every group of figures with as many entries as there are sizes, the size's own. */
export function figuresOfSize(text: string, size: number, sizes: number): string {
  if (sizes < 2) return text;
  const group = new RegExp(String.raw`(${FIGURE}) \((${FIGURE}(?:, ${FIGURE}){${sizes - 2}})\)`, 'g');
  return text.replace(group, (_, first: string, others: string) =>
    size === 0 ? first : others.split(', ')[size - 1]!,
  );
}
