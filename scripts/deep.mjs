// The heavy properties with every example: all open bodies in all fabrics, thousands of random problems against the MILP solver.
import { spawnSync } from 'node:child_process';
import { root } from './setup.mjs';

const FILES = [
  'packages/core/src/plan.test.ts',
  'packages/core/src/pins.test.ts',
  'packages/core/src/limits.test.ts',
  'packages/core/src/fit',
  'packages/core/src/format',
  'packages/core/src/garment',
];
const { status } = spawnSync(
  process.execPath,
  [`${root}/scripts/test.mjs`, ...FILES, ...process.argv.slice(2)],
  {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, UPFELL_DEEP: '1' },
  },
);
process.exitCode = status ?? 1;
