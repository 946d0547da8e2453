/** @jest-environment node */
import { execFileSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import {
  letterTable,
  pattern,
  patternCharts,
  patternToPlainText,
  plan,
  schematicOf,
  schematicSvg,
  stripsSvg,
  sizePicture,
} from '@upfell/core';
import { demoDesign } from '../testing/demo';
import { printedPattern, type Paper } from './documents';

const demo = join(__dirname, '../../../../demo');
const fonts = join(
  __dirname,
  '../../../../node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-',
);

const display = join(
  __dirname,
  '../../../../node_modules/@fontsource/vollkorn/files/vollkorn-latin-600-normal.woff',
);

interface Maker {
  addFonts: (fonts: Record<string, Record<string, string>>) => void;
  setLocalAccessPolicy: (allowed: () => boolean) => void;
  setUrlAccessPolicy: (allowed: () => boolean) => void;
  createPdf: (definition: unknown) => { getBuffer: () => Promise<Uint8Array> };
}

/** A design's pattern as PDF, and its text. */
async function printed(name: string, paper: Paper) {
  const design = demoDesign(name);
  const { sizes } = plan(design);
  const text = pattern({ sizes }, design, { terms: 'us', units: 'cm' });
  const drawings = sizes.map(({ pieces }) => pieces.map(schematicOf));
  const letters = letterTable(drawings);
  const svg = schematicSvg(drawings[0]!, {
    width: 740,
    units: 'cm',
    letters: new Map(letters.map(({ id, letter }) => [id, letter])),
  });
  const labels = sizes.map(({ label }) => label);
  const maker = (await import('pdfmake')).default as unknown as Maker;
  maker.setLocalAccessPolicy(() => true);
  maker.setUrlAccessPolicy(() => false);
  maker.addFonts({
    Atkinson: {
      normal: `${fonts}400-normal.woff`,
      bold: `${fonts}700-normal.woff`,
      italics: `${fonts}400-italic.woff`,
      bolditalics: `${fonts}700-normal.woff`,
    },
    Vollkorn: { normal: display, bold: display, italics: display, bolditalics: display },
  });
  const made = maker.createPdf(
    printedPattern(
      text,
      {
        svg,
        strips: stripsSvg(sizes[0]!.pieces, 740),
        letters,
        sizes: labels,
        charts: patternCharts(design, sizes, 'us'),
      },
      { units: 'cm', paper, picture: { svg: sizePicture(sizes[0]!, ['front', 'back'])! } },
    ),
  );
  return { text, bytes: new Uint8Array(await made.getBuffer()) };
}

/** A page without its running head and foot. */
const withoutRunning = (page: string, title: string) =>
  page
    .split('\n')
    .filter((line) => line.trim() !== title && !/^(?:.* )?\d+ of \d+$/.test(line.trim()))
    .join('\n');

/** Words alone: where lines break is the paper's affair. */
const words = (text: string) => text.toLowerCase().replace(/[•\s]+/g, ' ');

interface ReadPdf {
  pages: { text: string; size: [number, number] }[];
  title: string;
  language: string | null;
}

/** The pages of a PDF as an independent reader sees them. */
function readPdf(bytes: Uint8Array): ReadPdf {
  const reader = join(__dirname, '../testing/readPdf.mjs');
  const read = execFileSync(process.execPath, [reader], { input: bytes, maxBuffer: 50_000_000 });
  return JSON.parse(read.toString('utf8')) as ReadPdf;
}

describe('a printed pattern', () => {
  it.each<[string, Paper, number[]]>([
    ['hollinwood-jumper', 'A4', [595, 842]],
    ['marlbank-pullover', 'LETTER', [612, 792]],
  ])(
    'says every sentence of the text, page after numbered page: %s on %s',
    async (name, paper, size) => {
      const { text, bytes } = await printed(name, paper);
      const { pages, title, language } = readPdf(bytes);
      for (const [i, page] of pages.entries()) {
        expect(page.size).toEqual(size);
        expect(page.text).toContain(`${i + 1} of ${pages.length}`);
      }
      const all = words(
        pages.map((page, i) => (i === 0 ? page.text : withoutRunning(page.text, text.title))).join('\n'),
      ).replaceAll(' ', '');
      const missing = patternToPlainText(text)
        .split('\n')
        .filter((one) => !all.includes(words(one).replaceAll(' ', '')));
      expect(missing).toEqual([]);
      expect([title, language]).toEqual([text.title, 'en']);
    },
    60_000,
  );

  it('keeps short tables whole, and drawings with their headings', () => {
    const files = readdirSync(demo).filter((file) => file.endsWith('.upfell.json'));
    const design = demoDesign(files[0]!.replace('.upfell.json', ''));
    const { sizes } = plan(design);
    const letters = letterTable(sizes.map(({ pieces }) => pieces.map(schematicOf)));
    const text = pattern({ sizes }, design, { terms: 'us', units: 'cm' });
    const { content } = printedPattern(
      text,
      { svg: '<svg/>', strips: '<svg/>', letters, sizes: ['S'], charts: [] },
      { units: 'cm', paper: 'A4' },
    );
    const lettered = (content as { table?: { body: unknown[] }; unbreakable?: boolean }[]).filter(
      ({ table }) => table,
    );
    expect(lettered.reduce((sum, { table }) => sum + table!.body.length - 1, 0)).toBe(letters.length);
    for (const { unbreakable } of lettered) expect(unbreakable).toBe(true);
    // Tables of sizes stay with the line that they belong to.
    const told = (content as { stack?: { table?: { body: unknown[] } }[]; unbreakable?: boolean }[]).filter(
      ({ stack }) => stack?.some(({ table }) => table),
    );
    expect(told.length).toBeGreaterThan(1);
    for (const { unbreakable, stack } of told) {
      const rows = stack!.reduce((sum, { table }) => sum + (table?.body.length ?? 0), 1);
      expect(unbreakable).toBe(rows <= 24);
    }
    // A drawing is never parted from its heading.
    const drawings = (content as { stack?: { svg?: string }[]; unbreakable?: boolean }[]).filter(
      ({ stack }) => stack?.some(({ svg }) => svg),
    );
    expect(drawings.map(({ unbreakable }) => unbreakable)).toEqual([true, true]);
  });
});
