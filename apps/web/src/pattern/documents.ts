import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import {
  flowOf,
  inSize,
  isOwn,
  lengthsRow,
  lineToText,
  type LetterRow,
  type Table,
  type PatternChart,
  type PatternText,
  type Units,
} from '@upfell/core';

export type Paper = 'A4' | 'LETTER';

/** The schematic for a printed pattern: its drawing, and for all sizes the lengths that its letters stand for. */
export interface Schematic {
  svg: string;
  /** The drawn size's pieces as strips of rows. */
  strips: string;
  letters: readonly LetterRow[];
  sizes: readonly string[];
  /** Charts of stitch patterns, by the sections that have their rows. */
  charts: readonly PatternChart[];
}

/** Rows of a table that still fit on a page and are never split over two. */
const KEPT_TOGETHER = 24;

/**
 * The written pattern as a document to be printed: headings stay with what follows them, tables are not split, pages are numbered.
 *
 * @param text the pattern in the terms and units wanted
 * @param schematic drawn for a width of about 500 points
 */
export function printedPattern(
  text: PatternText,
  schematic: Schematic,
  units: Units,
  paper: Paper,
): TDocumentDefinitions {
  const sections = text.sections.flatMap((section): Content[] => {
    const lines = flowOf(section).map((line): Content => {
      if (isOwn(line)) return { text: line.text, style: 'own' };
      const below = line.filter((part) => typeof part !== 'string' && !('each' in part));
      const said = lineToText(
        line.filter((part) => !below.includes(part)),
        text.sizes,
        text.style,
      );
      if (below.length === 0) return { text: said, style: 'line' };
      return {
        stack: [
          { text: said, style: 'line' },
          ...below.map((part): Content =>
            typeof part !== 'string' && 'head' in part
              ? sizesTable(part, text.sizes)
              : {
                  ul: text.sizes.map((label, i) => ({ text: `${label}: ${inSize(part, i)}`, style: 'line' })),
                },
          ),
        ],
      };
    });
    return [
      ...(section.id === 'abbreviations' ? drawingOf(schematic, units) : []),
      { text: section.heading, style: 'heading', headlineLevel: 1 },
      ...lines,
      ...schematic.charts.filter((chart) => chart.section === section.id).map(chartOf),
    ];
  });
  return {
    pageSize: paper,
    pageMargins: [54, 54, 54, 60],
    info: { title: text.title, creator: 'Upfell', producer: 'Upfell' },
    // What a screen reader says of the document.
    language: 'en',
    displayTitle: true,
    content: [{ text: text.title, style: 'title' }, ...sections],
    footer: (page, pages) => ({
      text: `${text.title} · ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 9,
      margin: [0, 20, 0, 0],
    }),
    // A heading is not left alone at the foot of a page.
    pageBreakBefore: (node, { getFollowingNodesOnPage }) =>
      node.headlineLevel === 1 && getFollowingNodesOnPage().length === 0,
    defaultStyle: { font: 'Atkinson', fontSize: 10.5, lineHeight: 1.25 },
    styles: {
      title: { fontSize: 22, bold: true, margin: [0, 0, 0, 10] },
      heading: { fontSize: 13, bold: true, margin: [0, 12, 0, 3] },
      line: { margin: [0, 0, 0, 2] },
      own: { italics: true, margin: [0, 0, 0, 2] },
    },
  };
}

/** A table with sizes across. */
function sizesTable({ head, rows }: Table, labels: readonly string[]): Content {
  return {
    unbreakable: rows.length <= KEPT_TOGETHER,
    margin: [0, 2, 0, 6],
    fontSize: 8.5,
    layout: 'lightHorizontalLines',
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: ['*', ...labels.map(() => 'auto' as const)],
      body: [
        [head, ...labels.map((label) => ({ text: label, alignment: 'right' as const }))],
        ...rows.map(({ label, each }) => [
          label,
          ...each.map((figure) => ({ text: figure, alignment: 'right' as const })),
        ]),
      ],
    },
  };
}

/** A chart at its own size, or as wide as the page. */
function chartOf({ svg, title }: PatternChart): Content {
  const width = Number(/ width="([\d.]+)"/.exec(svg)?.[1] ?? 487);
  return {
    unbreakable: true,
    margin: [0, 4, 0, 4],
    stack: [
      { text: title, style: 'line', italics: true },
      { svg, width: Math.min(487, width * 0.85) },
    ],
  };
}

/** A drawing under its heading, both on one page. */
function drawn(heading: string, svg: string): Content {
  return {
    unbreakable: true,
    stack: [
      { text: heading, style: 'heading' },
      { svg, width: 487 },
    ],
  };
}

function drawingOf({ svg, strips, letters, sizes }: Schematic, units: Units): Content[] {
  const table = (rows: readonly LetterRow[]): Content => ({
    unbreakable: rows.length <= KEPT_TOGETHER,
    margin: [0, 6, 0, 6],
    fontSize: 8.5,
    layout: 'lightHorizontalLines',
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: [16, '*', ...sizes.map(() => 'auto' as const)],
      body: [
        ['', { text: `in ${units}` }, ...sizes.map((label) => ({ text: label, bold: true }))],
        ...rows.map(({ letter, piece, label, lengths }) => [
          { text: letter, bold: true },
          `${piece}: ${label}`,
          ...lengthsRow(lengths, units),
        ]),
      ],
    },
  });
  const parts: LetterRow[][] = [];
  for (let i = 0; i < letters.length; i += KEPT_TOGETHER) parts.push(letters.slice(i, i + KEPT_TOGETHER));
  return [drawn('Schematic', svg), ...parts.map(table), drawn('Rows and stitches', strips)];
}
