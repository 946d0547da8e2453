// One command that proves the project: installs what it needs, checks types, lint and directions, runs all tests. With files or folders it
// runs the tests of these alone. UPFELL_DEEP in the environment looks at every example of the heavy properties.
import { spawn } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { build } from './build.mjs';
import { compilePackages, installBrowser, installPackages, root } from './setup.mjs';

let passed = 0;
let failed = 0;

/** Runs a command; its output comes when it ends, so that those of two do not mix. */
function run(command, args, { env = process.env, stdout = 'pipe' } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', stdout, 'pipe'], env });
    const said = [];
    for (const stream of [child.stdout, child.stderr])
      stream?.setEncoding('utf8').on('data', (text) => said.push(text));
    child.on('error', (error) => said.push(`${error.message}\n`));
    child.on('close', (status) => resolve({ ok: status === 0, said: said.join('') }));
  });
}

const since = (started) => `${((Date.now() - started) / 1000).toFixed(1)} s`;

/** Runs one check that passes or fails as a whole. */
async function check(name, command, args) {
  const started = Date.now();
  const { ok, said } = await run(command, args);
  if (ok) passed += 1;
  else failed += 1;
  if (!ok) process.stdout.write(said);
  console.log(`${ok ? 'ok    ' : 'FAILED'} ${name} (${since(started)})`);
}

/** Runs checks one after the other. */
async function inTurn(checks) {
  for (const [name, command, args] of checks) await check(name, command, args);
}

/** Runs Jest on the named projects and adds its counts. */
async function jest(name, args, env = {}) {
  const started = Date.now();
  const folder = mkdtempSync(join(tmpdir(), 'upfell-test-'));
  const report = join(folder, 'report.json');
  const { ok, said } = await run(
    process.execPath,
    [`${root}/node_modules/jest/bin/jest.js`, '--json', `--outputFile=${report}`, ...args],
    // What it says to people goes to the other stream.
    { env: { ...process.env, ...env }, stdout: 'ignore' },
  );
  process.stdout.write(said);
  console.log(`${name}: ${since(started)}`);
  try {
    const counts = JSON.parse(readFileSync(report, 'utf8'));
    passed += counts.numPassedTests;
    failed += counts.numFailedTests + counts.numRuntimeErrorTestSuites;
    if (!ok && counts.numFailedTests + counts.numRuntimeErrorTestSuites === 0) failed += 1;
  } catch {
    failed += 1;
    console.log(`FAILED ${name}: no report`);
  }
  rmSync(folder, { recursive: true, force: true });
}

/** The test files that are named, or lie below a folder that is. */
function filesOf(paths) {
  const below = (path) =>
    statSync(path).isDirectory()
      ? readdirSync(path)
          .filter((name) => !['node_modules', 'dist'].includes(name))
          .flatMap((name) => below(join(path, name)))
      : /\.test\.tsx?$/.test(path)
        ? [path]
        : [];
  const files = paths.flatMap((path) => below(resolve(root, path)));
  if (files.length === 0) throw new Error(`There is no test file at ${paths.join(', ')}.`);
  return files;
}

/** What Jest is asked to look at: its projects, and files or folders of them where only some are wanted. */
const wanted = process.argv.slice(2).filter((word) => !word.startsWith('-'));
const browserOnly = wanted.filter((path) => /(^|\/)e2e(\/|$)/.test(path));
const unitOnly = wanted.filter((path) => !browserOnly.includes(path));
const some = wanted.length > 0;
const bin = (name) => `${root}/node_modules/.bin/${name}`;
const cache = (name) => `${root}/node_modules/.cache/upfell/${name}`;

/** Types, lint, format and directions; two at a time: what reads types, and what reads text. */
async function checks() {
  await Promise.all([
    inTurn([
      ['types: core, command line, server', bin('tsc'), ['-b']],
      [
        'types: web, tests, browser tests',
        bin('tsc'),
        ['-p', 'tsconfig.tests.json', '--incremental', '--tsBuildInfoFile', cache('tests.tsbuildinfo')],
      ],
    ]),
    inTurn([
      [
        'lint',
        bin('eslint'),
        [
          '.',
          '--max-warnings',
          '0',
          '--cache',
          '--cache-strategy',
          'content',
          '--cache-location',
          cache('eslint'),
        ],
      ],
      [
        'format',
        bin('prettier'),
        [
          '--check',
          '--log-level',
          'warn',
          '--cache',
          '--cache-strategy',
          'content',
          '--cache-location',
          cache('prettier'),
          '.',
        ],
      ],
      [
        'directions of dependencies',
        bin('depcruise'),
        [
          '--config',
          '.dependency-cruiser.cjs',
          'packages/core/src',
          'packages/cli/src',
          'apps/server/src',
          'apps/web/src',
        ],
      ],
    ]),
  ]);
}

/** Unit tests; those of the server once the database is compiled. */
async function units(ready) {
  if (some && unitOnly.length === 0) return;
  if (some) await ready;
  const projects = some ? ['core', 'web', 'server'] : ['core', 'web'];
  // Left to itself Jest keeps a core free: of two it would use one.
  await jest('unit tests', [
    '--selectProjects',
    ...projects,
    '--maxWorkers=100%',
    ...(some ? ['--runTestsByPath', '--', ...filesOf(unitOnly)] : []),
  ]);
  await ready;
  if (!some) await jest('unit tests of the server', ['--selectProjects', 'server', '--maxWorkers=100%']);
}

/** What stops a part of the tests fails them. */
function told(error) {
  failed += 1;
  console.error(error instanceof Error ? error.message : error);
}

async function browserTests(ready) {
  if (some && browserOnly.length === 0) return;
  await ready;
  await build();
  await jest(
    'browser tests',
    [
      '--selectProjects',
      'browser',
      '--maxWorkers=2',
      ...(some ? ['--runTestsByPath', '--', ...filesOf(browserOnly)] : []),
    ],
    { UPFELL_E2E: '1' },
  );
}

try {
  installPackages();
  // What only the server's and the browser's tests need is made ready while the others run.
  const ready = Promise.all([compilePackages(), installBrowser()]);
  ready.catch(() => {});
  if (!some) await checks();
  // Browser tests wait for pages more than they compute, so they run beside the others.
  const done = await Promise.allSettled([units(ready), browserTests(ready)]);
  for (const { status, reason } of done) if (status === 'rejected') told(reason);
} catch (error) {
  told(error);
}
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
