import type { Column, Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import {
  flowOf,
  isOwn,
  isTable,
  lengthsRow,
  lineToText,
  type LetterRow,
  type PatternChart,
  type PatternSection,
  type PatternText,
  type Table,
  type Units,
} from '@upfell/core';
import { leadOf } from './lead';

export type Paper = 'A4' | 'LETTER';

/** What a printed pattern shows besides its text: drawings, and for all sizes the lengths that their letters stand for. */
export interface Schematic {
  svg: string;
  /** The drawn size's pieces as strips of rows. */
  strips: string;
  letters: readonly LetterRow[];
  sizes: readonly string[];
  /** Charts of stitch patterns, by the sections that have their rows. */
  charts: readonly PatternChart[];
}

/** How a pattern is printed. */
export interface PrintWish {
  units: Units;
  paper: Paper;
  /** For weak eyes and for reading beside the work. */
  large?: boolean;
  /** A photograph of the sample as a data URL, or a drawing of the garment: what the first page shows. */
  picture?: { photo: string } | { svg: string };
}

/** A pattern, and the size of its letters, pt. */
interface Print {
  text: PatternText;
  size: number;
}

/** Rows of a table that still fit on a page and are never split over two. */
const KEPT_TOGETHER = 24;
const MARGIN = 54;
const WIDTHS: Record<Paper, number> = { A4: 595, LETTER: 612 };
const USUAL_SIZE = 10;
const LARGE_SIZE = 15;
const LINE_HEIGHT = 1.25;
/** Letters of a table with many columns, pt. */
const smallerThan = (size: number) => size * 0.85;
/** Width of a figure or capital for its height, a little more than the font has. */
const LETTER = 0.6;
/** Widths of what stands beside a line, pt. */
const SYMBOL = 13;
const TECHNIQUE = 110;
/** Width of the picture on the first page, points. */
const PICTURE = 170;
/** Tallest drawing that still fits on a page under its heading, points. */
const TALLEST = 620;
/** Sections of the first page, before and below the table of sizes. */
const FIRST = ['intro'];
const LEFT = ['materials'];
const RIGHT = ['gauge', 'abbreviations'];

/**
 * The written pattern as a document to be printed. The first page has what the garment is, its picture, sizes and what is needed; headings
 * stay with what follows them, tables and drawings are not split, pages have running heads and numbers, headings are its outline.
 *
 * @param text the pattern in the terms and units wanted
 * @param schematic drawn for a width of about 500 points
 */
export function printedPattern(
  text: PatternText,
  schematic: Schematic,
  { units, paper, large = false, picture }: PrintWish,
): TDocumentDefinitions {
  const size = large ? LARGE_SIZE : USUAL_SIZE;
  const width = WIDTHS[paper] - 2 * MARGIN;
  const print: Print = { text, size };
  const of = (ids: readonly string[]) => text.sections.filter(({ id }) => ids.includes(id));
  const printed = (section: PatternSection) => sectionOf(section, print, schematic, width);
  const onFirst = [...FIRST, 'sizes', ...LEFT, ...RIGHT];
  const title: Content = { text: text.title, style: 'title', outline: true } as Content;
  const about = of(FIRST).flatMap(({ lines, own = [] }) =>
    flowOf({ id: '', heading: '', lines, own }).map((line) => lineOf(line, print)),
  );
  const beside: Content = picture
    ? { columns: [{ width: '*', stack: [title, ...about] }, pictureOf(picture, text.title)], columnGap: 24 }
    : { stack: [title, ...about] };
  // Where a column goes on over the page no sentence is torn: the other column stands between.
  const lists = (ids: readonly string[]): Column => ({
    width: '*',
    stack: of(ids)
      .flatMap(printed)
      .map((one) => ({ unbreakable: true, stack: [one] })),
  });
  return {
    pageSize: paper,
    pageMargins: [MARGIN, MARGIN, MARGIN, 60],
    info: { title: text.title, creator: 'Upfell', producer: 'Upfell' },
    // What a screen reader says of the document.
    language: 'en',
    displayTitle: true,
    content: [
      beside,
      ...of(['sizes']).flatMap(printed),
      // In large print two columns would be too narrow.
      ...(large
        ? of([...LEFT, ...RIGHT]).flatMap(printed)
        : [{ columns: [lists(LEFT), lists(RIGHT)], columnGap: 24 }]),
      ...drawingOf(schematic, units, width, smallerThan(size)),
      ...text.sections.filter(({ id }) => !onFirst.includes(id)).flatMap(printed),
    ],
    header: (page) =>
      page === 1
        ? ''
        : {
            text: text.title,
            alignment: 'right',
            fontSize: 8.5,
            color: '#52606a',
            margin: [MARGIN, 26, MARGIN, 0],
          },
    footer: (page, pages) => ({
      columns: [
        { text: text.title, width: '*' },
        { text: `${page} of ${pages}`, width: 'auto' },
      ],
      fontSize: 8.5,
      color: '#52606a',
      margin: [MARGIN, 22, MARGIN, 0],
    }),
    defaultStyle: { font: 'Atkinson', fontSize: size, lineHeight: LINE_HEIGHT, color: '#1f2a30' },
    styles: {
      title: { font: 'Vollkorn', fontSize: size * 2.4, bold: true, lineHeight: 1.05, margin: [0, 0, 0, 8] },
      heading: { font: 'Vollkorn', fontSize: size * 1.5, bold: true, margin: [0, 12, 0, 4] },
      aside: { font: 'Atkinson', fontSize: size, bold: false, color: '#52606a' },
      line: { margin: [0, 0, 0, 2.5] },
      own: { italics: true, margin: [0, 0, 0, 2.5] },
    },
  };
}

/** A section with its heading, its lines and their drawings, and its chart. */
function sectionOf(section: PatternSection, print: Print, { charts }: Schematic, width: number): Content[] {
  const [, name, aside] = /^(.+?)( \(.+\))?$/.exec(section.heading)!;
  const heading: Content = {
    text: [name!, ...(aside ? [{ text: ` ${aside.trim()}`, style: 'aside' }] : [])],
    style: 'heading',
    outline: true,
    outlineText: section.heading,
  } as Content;
  const lines = flowOf(section).map((line): Content => {
    const drawing = isOwn(line)
      ? undefined
      : section.drawings?.find((one) => section.lines[one.line] === line);
    if (!drawing) return lineOf(line, print);
    const { svg, isSymbol } = drawing;
    const across = isSymbol ? SYMBOL : TECHNIQUE;
    // A line beside a symbol lies at the middle of it.
    const down = isSymbol ? Math.max(0, (across * tallness(svg) - print.size * LINE_HEIGHT) / 2) : 0;
    return {
      unbreakable: true,
      columns: [
        { svg, width: across } as Column,
        { ...(lineOf(line, print) as object), width: '*', margin: [0, down, 0, 0] } as Column,
      ],
      columnGap: 10,
      margin: [0, 0, 0, isSymbol ? 0 : 4],
    };
  });
  // A heading is never left at the foot of a page without what it is of.
  const [first, ...others] = lines;
  return [
    { unbreakable: true, stack: first === undefined ? [heading] : [heading, first] },
    ...others,
    ...charts.filter((chart) => chart.section === section.id).map((chart) => chartOf(chart, width)),
  ];
}

/** A line of the pattern, what it begins with in bold; its tables stand below it and stay with it. */
function lineOf(line: ReturnType<typeof flowOf>[number], { text, size }: Print): Content {
  if (isOwn(line)) return { text: line.text, style: 'own' };
  const tables = line.filter(isTable);
  const said = lineToText(
    line.filter((part) => !isTable(part)),
    text.sizes,
    text.style,
  );
  const [lead, rest] = leadOf(said);
  const words: Content = { text: lead ? [{ text: lead, bold: true }, rest] : rest, style: 'line' };
  // No sentence is torn by the end of a page.
  if (tables.length === 0) return { unbreakable: true, stack: [words] };
  const rows = tables.reduce((sum, table) => sum + table.rows.length + 1, 1);
  return {
    unbreakable: rows <= KEPT_TOGETHER,
    stack: [...(said === '' ? [] : [words]), ...tables.map((table) => sizesTable(table, text.sizes, size))],
  };
}

/** Thin lines between rows, none at the sides: as legible in black and white. */
const LINES = {
  hLineWidth: (i: number, node: { table: { body: unknown[] } }) =>
    i === 0 || i === node.table.body.length ? 0 : 0.5,
  vLineWidth: () => 0,
  hLineColor: () => '#b8ad97',
  paddingTop: () => 1.5,
  paddingBottom: () => 1.5,
  paddingLeft: (i: number) => (i === 0 ? 0 : 4),
  paddingRight: () => 0,
};

/** A table with sizes across. */
function sizesTable({ head, rows }: Table, labels: readonly string[], size: number): Content {
  const fontSize = labels.length > 6 ? smallerThan(size) : size * 0.95;
  const right = (text: string) => ({ text, alignment: 'right' as const });
  return {
    margin: [0, 1, 0, 7],
    fontSize,
    layout: LINES,
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: ['*', ...sizeWidths([labels, ...rows.map(({ each }) => each)], fontSize)],
      body: [
        [{ text: head, color: '#52606a' }, ...labels.map((label) => ({ ...right(label), bold: true }))],
        ...rows.map(({ label, each }) => [label, ...each.map(right)]),
      ],
    },
  };
}

/** Widths of the columns of sizes, pt: alike, and wide enough for the longest figure. */
function sizeWidths(rows: readonly (readonly string[])[], size: number): number[] {
  const longest = Math.max(...rows.flat().map((text) => text.length));
  return (rows[0] ?? []).map(() => Math.ceil(longest * size * LETTER));
}

/** How much taller than wide a drawing is. */
function tallness(svg: string): number {
  const side = (name: string) => Number(new RegExp(` ${name}="([\\d.]+)"`).exec(svg)?.[1] ?? 1);
  return side('height') / side('width');
}

/** The picture of the first page. */
function pictureOf(picture: NonNullable<PrintWish['picture']>, title: string): Column {
  return 'photo' in picture
    ? ({ image: picture.photo, fit: [PICTURE, PICTURE * 1.3], width: PICTURE, alt: title } as Column)
    : ({ svg: picture.svg, width: PICTURE } as Column);
}

/** A chart at its own size, or as wide as the page. */
function chartOf({ svg, title, reading }: PatternChart, width: number): Content {
  const own = Number(/ width="([\d.]+)"/.exec(svg)?.[1] ?? width);
  return {
    unbreakable: true,
    margin: [0, 4, 0, 4],
    stack: [
      { text: `${title}: ${reading}`, style: 'line', italics: true },
      { svg, width: Math.min(width, own * 0.85) },
    ],
  };
}

/** A drawing under its heading, both on one page. */
function drawn(heading: string, svg: string, width: number): Content {
  return {
    unbreakable: true,
    stack: [{ text: heading, style: 'heading', outline: true } as Content, { svg, fit: [width, TALLEST] }],
  };
}

function drawingOf(
  { svg, strips, letters, sizes }: Schematic,
  units: Units,
  width: number,
  fontSize: number,
): Content[] {
  const table = (rows: readonly LetterRow[]): Content => ({
    unbreakable: rows.length <= KEPT_TOGETHER,
    margin: [0, 6, 0, 6],
    fontSize,
    layout: LINES,
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: [
        16,
        '*',
        ...sizeWidths([sizes, ...rows.map(({ lengths }) => lengthsRow(lengths, units))], fontSize),
      ],
      body: [
        [
          '',
          { text: `in ${units}` },
          ...sizes.map((label) => ({ text: label, bold: true, alignment: 'right' as const })),
        ],
        ...rows.map(({ letter, piece, label, lengths }) => [
          { text: letter, bold: true },
          `${piece}: ${label}`,
          ...lengthsRow(lengths, units).map((text) => ({ text, alignment: 'right' as const })),
        ]),
      ],
    },
  });
  const parts: LetterRow[][] = [];
  for (let i = 0; i < letters.length; i += KEPT_TOGETHER) parts.push(letters.slice(i, i + KEPT_TOGETHER));
  return [drawn('Schematic', svg, width), ...parts.map(table), drawn('Rows and stitches', strips, width)];
}
