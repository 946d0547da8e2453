// Builds everything, or the parts named: core, cli, server, web.
import { fileURLToPath } from 'node:url';
import { install, root, run, runBin } from './setup.mjs';

/** Bundles the command line into one file, so that it starts quickly. */
async function cli() {
  const { build } = await import('esbuild');
  await build({
    entryPoints: [`${root}/packages/cli/src/upfell.ts`],
    outfile: `${root}/packages/cli/dist/upfell.mjs`,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    conditions: ['source'],
    logLevel: 'warning',
  });
}

/** Builds the named parts in the order in which they need each other. */
export async function build(parts = ['server', 'web', 'cli']) {
  if (parts.includes('server')) runBin('tsc', ['-b', 'apps/server']);
  if (parts.includes('web'))
    run(process.execPath, [`${root}/node_modules/vite/bin/vite.js`, 'build', '--logLevel', 'warn'], {
      cwd: `${root}/apps/web`,
    });
  if (parts.includes('cli')) await cli();
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  await install();
  await build(process.argv.length > 2 ? process.argv.slice(2) : undefined);
}
