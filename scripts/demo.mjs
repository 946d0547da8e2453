// One command to try Upfell: installs, builds, loads the demo designs and starts the application.
import { existsSync, readdirSync, statSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { build } from './build.mjs';
import { install, root } from './setup.mjs';

/** Newest change below a folder, in ms since 1970; 0 when it is not there. */
function newest(path) {
  if (!existsSync(path)) return 0;
  const found = statSync(path);
  if (!found.isDirectory()) return found.mtimeMs;
  return Math.max(
    0,
    ...readdirSync(path)
      .filter((name) => name !== 'node_modules')
      .map((name) => newest(`${path}/${name}`)),
  );
}

await install();
const sources = (folders) => Math.max(...folders.map((folder) => newest(`${root}/${folder}`)));
const parts = [
  ...(sources(['packages/core/src', 'apps/server/src']) > newest(`${root}/apps/server/dist`)
    ? ['server']
    : []),
  ...(sources(['packages/core/src', 'apps/web/src', 'apps/web/index.html']) > newest(`${root}/apps/web/dist`)
    ? ['web']
    : []),
];
if (parts.length > 0) {
  console.log(`Building (${parts.join(', ')}) ...`);
  await build(parts);
}
const env = {
  ...process.env,
  UPFELL_WEB: `${root}/apps/web/dist`,
  UPFELL_DATA: process.env.UPFELL_DATA ?? `${root}/data`,
};
const { readSettings } = await import(`${root}/apps/server/dist/settings.js`);
const { loadDemo } = await import(`${root}/apps/server/dist/loadDemo.js`);
const added = await loadDemo(readSettings(env), `${root}/demo`);
if (added > 0) console.log(`Loaded ${added} demo designs, charts, fabrics and makings.`);
const server = spawn(process.execPath, [`${root}/apps/server/dist/main.js`], { env, stdio: 'inherit' });
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => (process.exitCode = code ?? 0));
