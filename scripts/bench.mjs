// Measures the figures that docs/figures.md explains, here and now, and prints them as a table.
import { build } from './build.mjs';
import { install, installBrowser, root, run } from './setup.mjs';

await install();
await installBrowser();
await build();
const { build: bundle } = await import('esbuild');
const outfile = `${root}/packages/cli/dist/bench.mjs`;
await bundle({
  entryPoints: [`${root}/e2e/bench/main.ts`],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  conditions: ['source'],
  external: ['selenium-webdriver', 'selenium-webdriver/*', 'highs', 'hyperformula'],
  logLevel: 'warning',
});
run(process.execPath, ['--expose-gc', outfile, root]);
