#!/usr/bin/env node
// Starts the bundled command line, building it first when it is missing or older than its sources.
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../../..', import.meta.url));
const bundle = `${root}/packages/cli/dist/upfell.mjs`;

function newest(folder) {
  let latest = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (entry.name.includes('.test.')) continue;
    const path = `${folder}/${entry.name}`;
    latest = Math.max(latest, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }
  return latest;
}

if (
  !existsSync(bundle) ||
  Math.max(newest(`${root}/packages/core/src`), newest(`${root}/packages/cli/src`)) > statSync(bundle).mtimeMs
) {
  const built = spawnSync(process.execPath, [`${root}/scripts/build.mjs`, 'cli'], {
    cwd: root,
    stdio: ['ignore', 2, 2],
  });
  if (built.status !== 0) process.exit(2);
}
await import(bundle);
