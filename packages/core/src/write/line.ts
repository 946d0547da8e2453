import { afterFigure } from '../text/singular.js';
import type { HouseStyle } from './style.js';

/** A figure that differs between sizes: one text for each size, in their order. */
export interface Each {
  each: readonly string[];
}

/** Figures that stand in a table below the line: what each row of it is, and its figure in each size. */
export interface Table {
  /** What the rows are of: "increase in row". */
  head: string;
  rows: readonly { label: string; each: readonly string[] }[];
}

export type LinePart = string | Each | Table;

export function isTable(part: LinePart): part is Table {
  return typeof part !== 'string' && 'head' in part;
}

/** A part in other words: figures have none. */
export function inOtherWords(part: LinePart, change: (text: string) => string): LinePart {
  if (typeof part === 'string') return change(part);
  if (!isTable(part)) return part;
  return {
    head: change(part.head),
    rows: part.rows.map((row) => ({ ...row, label: change(row.label) })),
  };
}

/** A line with the texts that follow each other as one, so that no word is in two parts. */
export function whole(parts: Line): Line {
  const all: LinePart[] = [];
  for (const part of parts) {
    const before = all.at(-1);
    if (typeof part === 'string' && typeof before === 'string') all[all.length - 1] = before + part;
    else all.push(part);
  }
  return all;
}

/** Stands where a size has no figure. */
export const NONE = '–';

/** One line of the pattern in US terms: text, and figures for all sizes. */
export type Line = readonly LinePart[];

export interface PatternSection {
  id: string;
  heading: string;
  lines: readonly Line[];
  /** Small drawings that stand beside lines. */
  drawings?: readonly SectionDrawing[];
  /** The author's own sentences, which are in no terms and for all sizes. */
  own?: readonly OwnSentence[];
}

/** A small drawing beside a line of its section. */
export interface SectionDrawing {
  /** Which line, from 0. */
  line: number;
  /** What it shows, in words. */
  alt: string;
  svg: string;
  /** A stitch's symbol, which is small. */
  isSymbol: boolean;
}

/** A sentence of the author: after so many lines of its section, or at its end. */
export interface OwnSentence {
  text: string;
  line: number | null;
  /** The line it stands after, as `meaningOf` has it; by its number without it. */
  after?: string;
  /** Its place is gone: it stands where it was last, or at the end. */
  astray?: boolean;
  /** Its place in the list of the design's sentences; null for what has a field of its own. */
  at: number | null;
}

/** What a line says without its figures: by it an author's sentence finds its line again when counts change. */
export function meaningOf(parts: Line): string {
  return parts
    .map((part) => (typeof part === 'string' ? part : isTable(part) ? '' : '#'))
    .join('')
    .replace(/^Sizes? [^:]+: /, '')
    .replace(/[\d–]+(?:[½¼¾]|\.\d+)?/g, '#')
    .replace(/(?:#, )+#/g, '#')
    .replace(/, about # (?:cm|in)(?: = # in)?/, '')
    .trim();
}

/** How many lines of a section stand before a sentence, and whether its own line is gone. */
function placeOf({ line, after }: OwnSentence, meanings: readonly string[]): { at: number; astray: boolean } {
  const last = meanings.length;
  const near = Math.min(line ?? last, last);
  if (after === undefined) return { at: near, astray: false };
  const places = meanings.flatMap((meaning, i) => (meaning === after ? [i + 1] : []));
  if (places.length === 0) return { at: near, astray: true };
  const distance = (at: number) => Math.abs(at - near);
  return { at: places.reduce((best, at) => (distance(at) < distance(best) ? at : best)), astray: false };
}

/** The lines of a section with the author's sentences where they belong; one whose line is gone stands where it was, or at the end. */
export function flowOf({ lines, own = [] }: PatternSection): (Line | OwnSentence)[] {
  const meanings = own.some(({ after }) => after !== undefined) ? lines.map(meaningOf) : lines.map(() => '');
  const placed = own.map((one) => ({ one, ...placeOf(one, meanings) }));
  const after = (line: number) =>
    placed.flatMap(({ one, at, astray }) => (at === line ? [astray ? { ...one, astray } : one] : []));
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
  /** How figures of several sizes and tables are set. */
  style: HouseStyle;
  sections: readonly PatternSection[];
}

/** A figure for all sizes; plain text where it is the same in all. */
export function each(values: readonly (string | number)[]): string | Each {
  const texts = values.map(String);
  return texts.every((text) => text === texts[0]) ? (texts[0] ?? '') : { each: texts };
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
  ...values: readonly (string | number | readonly (string | number)[] | { inline: Line } | Table)[]
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
    else if ('head' in value) parts.push(value);
    else parts.push(each(value));
  });
  return parts;
}

/** A table without the rows in which no size has a figure. */
export function tableOf(head: string, rows: Table['rows']): Table {
  return { head, rows: rows.filter(({ each: of }) => of.some((text) => text !== NONE)) };
}

/** A line in the sizes of a pattern: one that is for some of them has a dash for the others and begins with those it is for. */
export function lineFor(some: readonly number[], labels: readonly string[], own: Line): Line {
  const spread = (texts: readonly string[]) => {
    const all = labels.map(() => NONE);
    some.forEach((size, i) => (all[size] = texts[i]!));
    return all;
  };
  const parts = own.map((part): LinePart => {
    if (typeof part === 'string') return part;
    return isTable(part)
      ? { head: part.head, rows: part.rows.map((row) => ({ ...row, each: spread(row.each) })) }
      : { each: spread(part.each) };
  });
  return [`Size${some.length === 1 ? '' : 's'} ${some.map((size) => labels[size]!).join(', ')}: `, ...parts];
}
