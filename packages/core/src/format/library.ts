import type { SizeChart } from '../chart/chart.js';
import { FieldReader, isObject, quote, type FieldProblem } from '../check/fields.js';
import type { Fabric } from '../fabric/fabric.js';
import { readFabric } from './readFabric.js';
import { readSizes } from './readSizes.js';

/** A document of the library: charts and fabrics are kept, saved and restored in the same way. */
export type LibraryRead<T> = { ok: true; document: T } | { ok: false; problems: FieldProblem[] };

/** A fabric of the library: a fabric with its format. */
export type LibraryFabric = Fabric & { format: 'upfell/fabric'; version: 1 };

function readLibrary<T>(
  raw: unknown,
  format: string,
  what: string,
  check: (reader: FieldReader) => void,
): LibraryRead<T> {
  const fail = (path: string, message: string): LibraryRead<T> => ({
    ok: false,
    problems: [{ path, message }],
  });
  if (!isObject(raw)) return fail('', `This is not a ${what} file: an object belongs here.`);
  if (raw['format'] !== format)
    return fail('format', `The format is ${quote(raw['format'])}; a ${what} file says “${format}”.`);
  if (raw['version'] !== 1)
    return fail('version', `The version is ${quote(raw['version'])}; this Upfell reads version 1.`);
  const problems: FieldProblem[] = [];
  const reader = new FieldReader(raw, '', problems);
  reader.text('name', 'The name');
  check(reader);
  return problems.length > 0 ? { ok: false, problems } : { ok: true, document: raw as T };
}

/** Checks untrusted JSON against the chart format. */
export function readChart(raw: unknown): LibraryRead<SizeChart> {
  return readLibrary(raw, 'upfell/chart', 'chart', (reader) => {
    if (reader.object['source'] !== undefined && reader.object['source'] !== '')
      reader.text('source', 'The source');
    readSizes(reader);
  });
}

/** Checks untrusted JSON against the format of library fabrics. */
export function readLibraryFabric(raw: unknown): LibraryRead<LibraryFabric> {
  return readLibrary(raw, 'upfell/fabric', 'fabric', (reader) => {
    reader.text('id', 'The fabric’s id');
    readFabric(reader);
  });
}
