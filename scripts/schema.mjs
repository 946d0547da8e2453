// Writes the part of docs/formats/design.schema.json that is made from the readers of the constructions.
import { readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { installPackages, root, runBin } from './setup.mjs';

installPackages();
const { build } = await import('esbuild');
const outfile = join(tmpdir(), `upfell-schema-${process.pid}.mjs`);
await build({
  entryPoints: [`${root}/packages/core/src/format/garmentSchema.ts`],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  conditions: ['source'],
  logLevel: 'warning',
});
const { withGarmentSchema } = await import(pathToFileURL(outfile).href);
const file = `${root}/docs/formats/design.schema.json`;
const schema = withGarmentSchema(JSON.parse(readFileSync(file, 'utf8')));
writeFileSync(file, `${JSON.stringify(schema, null, 2)}\n`);
runBin('prettier', ['--write', '--log-level', 'warn', file]);
