// Shared set-up steps: installing packages, finding what a machine lacks. Safe to call again and again.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url)).replace(/\/$/, '');

/** Runs a command with its output shown; throws when it fails. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (done.error) throw done.error;
  if (done.status !== 0)
    throw new Error(`${command} ${args.join(' ')} ended with ${done.status ?? done.signal}`);
}

/** Runs a package's program by its file, without npx. */
export function runBin(name, args, options = {}) {
  run(`${root}/node_modules/.bin/${name}`, args, options);
}

/** The same without waiting: what else there is to do goes on meanwhile. Rejects when the command fails. */
function start(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: root, stdio: 'inherit', ...options });
    child.on('error', reject);
    child.on('close', (status, signal) => {
      if (status === 0) resolve();
      else reject(new Error(`${command} ${args.join(' ')} ended with ${status ?? signal}`));
    });
  });
}

/** Installs the locked packages once for each lock file, but for what has to be compiled (see `compilePackages`). */
export function installPackages() {
  const lock = createHash('sha256')
    .update(readFileSync(`${root}/package-lock.json`))
    .update(process.version)
    .digest('hex');
  const stamp = `${root}/node_modules/.upfell-lock`;
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  console.error('Installing packages (the first time may take some minutes) ...');
  run('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund', '--loglevel=error'], {
    stdio: ['ignore', 2, 2],
  });
  mkdirSync(`${root}/node_modules`, { recursive: true });
  writeFileSync(stamp, lock);
}

/**
 * Builds what the installed packages hold as source, once: sqlite3 is compiled where it brings nothing ready for this machine, which
 * takes two or three minutes on one core; only the server needs it. Node's own headers serve when they are on the machine.
 */
export async function compilePackages() {
  if (existsSync(`${root}/node_modules/sqlite3/build/Release/node_sqlite3.node`)) return;
  console.error('Compiling the database ...');
  const env = { JOBS: '2', ...process.env };
  if (!env.npm_config_nodedir && existsSync('/usr/include/node/node.h')) env.npm_config_nodedir = '/usr';
  await start('npm', ['rebuild', 'sqlite3', '--loglevel=error'], { env, stdio: ['ignore', 2, 2] });
}

/** Installs all that the application needs. Safe to call again and again. */
export async function install() {
  installPackages();
  await compilePackages();
}

/** Installs Debian's Chromium and ChromeDriver when they are missing and this may be done. */
export async function installBrowser() {
  if (existsSync('/usr/bin/chromium') && existsSync('/usr/bin/chromedriver')) return;
  if (!existsSync('/usr/bin/apt-get') || process.getuid?.() !== 0)
    throw new Error(
      'The browser tests need Chromium and ChromeDriver at /usr/bin (Debian packages chromium and chromium-driver).',
    );
  console.error('Installing Chromium and ChromeDriver ...');
  const quiet = {
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    stdio: ['ignore', 'ignore', 2],
  };
  await start('apt-get', ['update', '-qq'], quiet);
  await start(
    'apt-get',
    ['install', '-y', '-qq', '--no-install-recommends', 'chromium', 'chromium-driver'],
    quiet,
  );
}
