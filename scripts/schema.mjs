// Writes the parts of docs/formats that are made from the fields of the constructions: the schema of garments and the table of fields.
import { readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { installPackages, root, runBin } from './setup.mjs';

installPackages();
const { build } = await import('esbuild');
const outfile = join(tmpdir(), `upfell-schema-${process.pid}.mjs`);
await build({
  stdin: {
    contents: `export * from './garmentSchema.js'; export * from './garmentTable.js';`,
    resolveDir: `${root}/packages/core/src/format`,
    loader: 'ts',
  },
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  conditions: ['source'],
  logLevel: 'warning',
});
const { withGarmentSchema, withGarmentTable } = await import(pathToFileURL(outfile).href);
const file = `${root}/docs/formats/design.schema.json`;
const schema = withGarmentSchema(JSON.parse(readFileSync(file, 'utf8')));
writeFileSync(file, `${JSON.stringify(schema, null, 2)}\n`);
const page = `${root}/docs/formats/README.md`;
writeFileSync(page, withGarmentTable(readFileSync(page, 'utf8')));
runBin('prettier', ['--write', '--log-level', 'warn', file, page]);
