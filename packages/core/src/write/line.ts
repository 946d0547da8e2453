import { afterFigure } from '../text/singular.js';

/** A figure that differs between sizes: one text for each size, in their order. */
export interface Each {
  each: readonly string[];
}

/** What differs between sizes by more than a figure: a text for each size, which stand below each other. */
export interface Lists {
  lists: readonly string[];
}

export type LinePart = string | Each | Lists;

/** One line of the pattern in US terms: text, and figures for all sizes. */
export type Line = readonly LinePart[];

export interface PatternSection {
  id: string;
  heading: string;
  lines: readonly Line[];
  /** Which of the pattern's sizes the figures are for, in their order, where they are not for all. */
  of?: readonly number[];
  /** The author's own sentences, which are in no terms and for all sizes. */
  own?: readonly OwnSentence[];
}

/** A sentence of the author: after so many lines of its section, or at its end. */
export interface OwnSentence {
  text: string;
  line: number | null;
  /** Its place in the list of the design's sentences; null for what has a field of its own. */
  at: number | null;
}

/** The lines of a section with the author's sentences where they belong; one whose line is gone stands at the end. */
export function flowOf({ lines, own = [] }: PatternSection): (Line | OwnSentence)[] {
  const last = lines.length;
  const after = (line: number) => own.filter((one) => Math.min(one.line ?? last, last) === line);
  return [...after(0), ...lines.flatMap((line, i) => [line, ...after(i + 1)])];
}

/** Whether a part of a section's flow is the author's. */
export function isOwn(part: Line | OwnSentence): part is OwnSentence {
  return !Array.isArray(part);
}

/** The written pattern: sections of lines whose figures are kept for each size. */
export interface PatternText {
  title: string;
  /** Labels of the sizes, in the order of the figures. */
  sizes: readonly string[];
  sizeIds: readonly string[];
  sections: readonly PatternSection[];
}

/** A figure for all sizes; plain text where it is the same in all. */
export function each(values: readonly (string | number)[]): string | Each {
  const texts = values.map(String);
  return texts.every((text) => text === texts[0]) ? (texts[0] ?? '') : { each: texts };
}

/** A text for each size; plain text where it is the same in all. */
function eachBelow({ lists }: Lists): string | Lists {
  return lists.every((text) => text === lists[0]) ? (lists[0] ?? '') : { lists };
}

/** "Rows " before a single row in every size is "Row ". */
function ofOneRow(before: string, text: string, rows: unknown): string {
  const single = (value: unknown) => /^\d+$/.test(String(value));
  const one = Array.isArray(rows) ? rows.length > 0 && rows.every(single) : single(rows);
  if (!one) return text;
  return text === 's ' && /(?:Row|Rnd)$/.test(before) ? ' ' : text.replace(/(^|\s)(Row|Rnd)s $/, '$1$2 ');
}

/** Template tag for a line: lists become figures for all sizes, lines are spliced in. */
export function line(
  strings: TemplateStringsArray,
  ...values: readonly (string | number | readonly (string | number)[] | { inline: Line } | Lists)[]
): Line {
  const parts: LinePart[] = [];
  strings.forEach((said, i) => {
    const before = parts.at(-1);
    const value = values[i];
    const prefix = typeof before === 'string' ? before : '';
    const text = ofOneRow(prefix, afterFigure(prefix, said), value);
    if (text !== '') parts.push(text);
    if (value === undefined) return;
    if (typeof value === 'string' || typeof value === 'number') parts.push(String(value));
    else if ('inline' in value) parts.push(...value.inline);
    else if ('lists' in value) parts.push(eachBelow(value));
    else parts.push(each(value));
  });
  return parts;
}

/** The text of a part in one of its sizes. */
export function inSize(part: LinePart, size: number): string {
  if (typeof part === 'string') return part;
  return ('each' in part ? part.each : part.lists)[size] ?? '';
}

/** "86 (88, 92)": the first size, the others in brackets. */
export function inBrackets({ each: [first, ...others] }: Each): string {
  return `${first} (${others.join(', ')})`;
}
