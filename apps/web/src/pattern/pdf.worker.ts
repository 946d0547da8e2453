import { expose } from 'comlink';
import pdfMake from 'pdfmake/build/pdfmake';
import regular from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import italic from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-italic.woff?url';
import display from '@fontsource/vollkorn/files/vollkorn-latin-600-normal.woff?url';
import type { PatternText } from '@upfell/core';
import { printedPattern, type PrintWish, type Schematic } from './documents';

let ready: Promise<void> | null = null;

/** Puts the fonts that the application ships into the document maker. */
async function fonts(): Promise<void> {
  const load = async (name: string, url: string) => {
    const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
    let text = '';
    for (const byte of bytes) text += String.fromCharCode(byte);
    return [name, btoa(text)] as const;
  };
  const files = await Promise.all([
    load('regular.woff', regular),
    load('bold.woff', bold),
    load('italic.woff', italic),
    load('display.woff', display),
  ]);
  pdfMake.addVirtualFileSystem(Object.fromEntries(files));
  pdfMake.addFonts({
    Atkinson: { normal: 'regular.woff', bold: 'bold.woff', italics: 'italic.woff', bolditalics: 'bold.woff' },
    Vollkorn: {
      normal: 'display.woff',
      bold: 'display.woff',
      italics: 'display.woff',
      bolditalics: 'display.woff',
    },
  });
}

/**
 * Makes the PDF of a pattern.
 *
 * @param progress gets the share done, 0 to 1
 */
async function make(
  text: PatternText,
  schematic: Schematic,
  wish: PrintWish,
  progress: (share: number) => void,
): Promise<Blob> {
  ready ??= fonts();
  await ready;
  progress(0.1);
  // The types of the library leave this option out.
  const options: object = { progressCallback: (share: number) => progress(0.1 + 0.9 * share) };
  const made = pdfMake.createPdf(printedPattern(text, schematic, wish), options);
  return await made.getBlob();
}

const api = { make };
export type PdfApi = typeof api;
expose(api);
