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

/** Bundles the service worker with the list of all that the page is built of. */
async function serviceWorker() {
  const [{ build }, { injectManifest }] = await Promise.all([import('esbuild'), import('@serwist/build')]);
  const dist = `${root}/apps/web/dist`;
  await build({
    entryPoints: [`${root}/apps/web/src/sw.ts`],
    outfile: `${dist}/sw.js`,
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: { 'process.env.NODE_ENV': '"production"' },
    logLevel: 'warning',
  });
  const { warnings } = await injectManifest({
    swSrc: `${dist}/sw.js`,
    swDest: `${dist}/sw.js`,
    globDirectory: dist,
    globPatterns: ['**/*.{html,js,css,woff2,svg,webmanifest}'],
    // Named by their contents: they never change.
    dontCacheBustURLsMatching: /^assets\//,
    // What makes documents is large and seldom wanted beside the hook: it is kept once it was used.
    globIgnores: ['sw.js', 'assets/pdf*.js', 'assets/vfs*.js'],
    maximumFileSizeToCacheInBytes: 2_500_000,
  });
  for (const warning of warnings) console.warn(warning);
}

/** Builds the named parts in the order in which they need each other. */
export async function build(parts = ['server', 'web', 'cli']) {
  if (parts.includes('server')) runBin('tsc', ['-b', 'apps/server']);
  if (parts.includes('web')) {
    run(process.execPath, [`${root}/node_modules/vite/bin/vite.js`, 'build', '--logLevel', 'warn'], {
      cwd: `${root}/apps/web`,
    });
    await serviceWorker();
  }
  if (parts.includes('cli')) await cli();
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  await install();
  await build(process.argv.length > 2 ? process.argv.slice(2) : undefined);
}
