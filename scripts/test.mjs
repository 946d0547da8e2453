// One command that proves the project: installs what it needs, checks types, lint and directions, runs all tests.
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from './build.mjs';
import { compilePackages, installBrowser, installPackages, root } from './setup.mjs';

let passed = 0;
let failed = 0;

/** Runs one check that passes or fails as a whole; its output is shown when it ends, so that those of two do not mix. */
function check(name, command, args) {
  const started = Date.now();
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    const said = [];
    for (const stream of [child.stdout, child.stderr])
      stream.setEncoding('utf8').on('data', (text) => said.push(text));
    child.on('error', (error) => said.push(`${error.message}\n`));
    child.on('close', (status) => {
      const ok = status === 0;
      if (ok) passed += 1;
      else failed += 1;
      if (!ok) process.stdout.write(said.join(''));
      console.log(`${ok ? 'ok    ' : 'FAILED'} ${name} (${((Date.now() - started) / 1000).toFixed(1)} s)`);
      resolve(ok);
    });
  });
}

/** Runs checks one after the other. */
async function inTurn(checks) {
  for (const [name, command, args] of checks) await check(name, command, args);
}

/** Runs Jest on the named projects and adds its counts. */
function jest(name, args, env = {}) {
  const folder = mkdtempSync(join(tmpdir(), 'upfell-test-'));
  const report = join(folder, 'report.json');
  const done = spawnSync(
    process.execPath,
    [`${root}/node_modules/jest/bin/jest.js`, '--json', `--outputFile=${report}`, ...args],
    {
      cwd: root,
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, ...env },
    },
  );
  try {
    const counts = JSON.parse(readFileSync(report, 'utf8'));
    passed += counts.numPassedTests;
    failed += counts.numFailedTests + counts.numRuntimeErrorTestSuites;
    if (done.status !== 0 && counts.numFailedTests + counts.numRuntimeErrorTestSuites === 0) failed += 1;
  } catch {
    failed += 1;
    console.log(`FAILED ${name}: no report`);
  }
  rmSync(folder, { recursive: true, force: true });
}

try {
  installPackages();
  // What only the server's and the browser's tests need is made ready while the others run.
  const ready = Promise.all([compilePackages(), installBrowser()]);
  ready.catch(() => {});
  const bin = (name) => `${root}/node_modules/.bin/${name}`;
  if (await check('types: core, command line, server', bin('tsc'), ['-b']))
    // Two at a time: what reads types, and what reads text.
    await Promise.all([
      inTurn([
        ['types: web', bin('tsc'), ['-p', 'apps/web']],
        ['types: browser tests', bin('tsc'), ['-p', 'e2e']],
        ['types: unit tests', bin('tsc'), ['-p', 'tsconfig.tests.json']],
      ]),
      inTurn([
        ['lint', bin('eslint'), ['.', '--max-warnings', '0']],
        ['format', bin('prettier'), ['--check', '--log-level', 'warn', '.']],
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
  // Left to itself Jest keeps a core free: of two it would use one.
  jest('unit tests', ['--selectProjects', 'core', 'web', '--maxWorkers=100%']);
  await ready;
  jest('unit tests of the server', ['--selectProjects', 'server', '--maxWorkers=100%']);
  await build();
  jest('browser tests', ['--selectProjects', 'browser', '--maxWorkers=2'], { UPFELL_E2E: '1' });
} catch (error) {
  failed += 1;
  console.error(error instanceof Error ? error.message : error);
}
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
