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

/** Rows of a table that still fit on a page and are never split over two. */
const KEPT_TOGETHER = 24;
const MARGIN = 54;
const WIDTHS: Record<Paper, number> = { A4: 595, LETTER: 612 };
const USUAL_SIZE = 10;
const LARGE_SIZE = 15;
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
  const of = (ids: readonly string[]) => text.sections.filter(({ id }) => ids.includes(id));
  const printed = (section: PatternSection) => sectionOf(section, text, schematic, width);
  const onFirst = [...FIRST, 'sizes', ...LEFT, ...RIGHT];
  const title: Content = { text: text.title, style: 'title', outline: true } as Content;
  const about = of(FIRST).flatMap(({ lines, own = [] }) =>
    flowOf({ id: '', heading: '', lines, own }).map((line) => lineOf(line, text)),
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
      ...drawingOf(schematic, units, width),
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
    defaultStyle: { font: 'Atkinson', fontSize: size, lineHeight: 1.25, color: '#1f2a30' },
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
function sectionOf(
  section: PatternSection,
  text: PatternText,
  { charts }: Schematic,
  width: number,
): Content[] {
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
    if (!drawing) return lineOf(line, text);
    const { svg, isSymbol } = drawing;
    return {
      unbreakable: true,
      columns: [
        { svg, width: isSymbol ? 13 : 110, alignment: 'center' } as Column,
        { ...(lineOf(line, text) as object), width: '*' } as Column,
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
function lineOf(line: ReturnType<typeof flowOf>[number], text: PatternText): Content {
  if (isOwn(line)) return { text: line.text, style: 'own' };
  const tables = line.filter(isTable);
  const said = lineToText(
    line.filter((part) => !isTable(part)),
    text.sizes,
    text.style,
  );
  const [lead, rest] = leadOf(said);
  const words: Content = { text: lead ? [{ text: lead, bold: true }, rest] : rest, style: 'line' };
  if (tables.length === 0) return words;
  const rows = tables.reduce((sum, table) => sum + table.rows.length + 1, 1);
  return {
    unbreakable: rows <= KEPT_TOGETHER,
    stack: [...(said === '' ? [] : [words]), ...tables.map((table) => sizesTable(table, text.sizes))],
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
function sizesTable({ head, rows }: Table, labels: readonly string[]): Content {
  const right = (text: string) => ({ text, alignment: 'right' as const });
  return {
    margin: [0, 1, 0, 7],
    fontSize: labels.length > 6 ? 8.5 : 9.5,
    layout: LINES,
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: ['*', ...labels.map(() => 'auto' as const)],
      body: [
        [{ text: head, color: '#52606a' }, ...labels.map((label) => ({ ...right(label), bold: true }))],
        ...rows.map(({ label, each }) => [label, ...each.map(right)]),
      ],
    },
  };
}

/** The picture of the first page. */
function pictureOf(picture: NonNullable<PrintWish['picture']>, title: string): Column {
  return 'photo' in picture
    ? ({ image: picture.photo, fit: [PICTURE, PICTURE * 1.3], width: PICTURE, alt: title } as Column)
    : ({ svg: picture.svg, width: PICTURE } as Column);
}

/** A chart at its own size, or as wide as the page. */
function chartOf({ svg, title }: PatternChart, width: number): Content {
  const own = Number(/ width="([\d.]+)"/.exec(svg)?.[1] ?? width);
  return {
    unbreakable: true,
    margin: [0, 4, 0, 4],
    stack: [
      { text: title, style: 'line', italics: true },
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

function drawingOf({ svg, strips, letters, sizes }: Schematic, units: Units, width: number): Content[] {
  const table = (rows: readonly LetterRow[]): Content => ({
    unbreakable: rows.length <= KEPT_TOGETHER,
    margin: [0, 6, 0, 6],
    fontSize: 8.5,
    layout: LINES,
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: [16, '*', ...sizes.map(() => 'auto' as const)],
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
