// Reads the PDF on standard input with an independent reader and prints its pages as JSON: text, size in points, title.
// A process of its own, because the reader cannot be loaded inside Jest.
import { Buffer } from 'node:buffer';
import process from 'node:process';
import { getDocumentProxy } from 'unpdf';

const parts = [];
for await (const part of process.stdin) parts.push(part);
const document = await getDocumentProxy(new Uint8Array(Buffer.concat(parts)));
const pages = [];
for (let n = 1; n <= document.numPages; n += 1) {
  const page = await document.getPage(n);
  const { items } = await page.getTextContent();
  const { width, height } = page.getViewport({ scale: 1 });
  pages.push({
    text: items.map(({ str = '', hasEOL }) => str + (hasEOL ? '\n' : '')).join(''),
    size: [Math.round(width), Math.round(height)],
  });
}
const { info } = await document.getMetadata();
process.stdout.write(JSON.stringify({ pages, title: info.Title, language: info.Language ?? null }));
