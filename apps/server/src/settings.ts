import { resolve } from 'node:path';

/** How the server is set up, from the environment. */
export interface Settings {
  /** Folder of the database. */
  data: string;
  host: string;
  port: number;
  /** Needed on any address other than this machine's own. */
  passphrase: string | null;
  /** Folder of the built web application; null serves the API alone. */
  web: string | null;
}

const LOOPBACK = ['127.0.0.1', '::1', 'localhost'];

/** Whether an address is reached from this machine only. */
export function isLoopback(host: string): boolean {
  return LOOPBACK.includes(host);
}

/**
 * Reads UPFELL_DATA, UPFELL_HOST, UPFELL_PORT, UPFELL_PASSPHRASE and UPFELL_WEB.
 *
 * @throws Error with a sentence when a setting is wrong, or when a passphrase is missing
 */
export function readSettings(env: Readonly<Record<string, string | undefined>>): Settings {
  const host = env['UPFELL_HOST'] ?? '127.0.0.1';
  const port = Number(env['UPFELL_PORT'] ?? 4600);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`UPFELL_PORT is “${env['UPFELL_PORT']}”; a port from 0 to 65535 belongs there.`);
  const passphrase = env['UPFELL_PASSPHRASE'] || null;
  if (!isLoopback(host) && passphrase === null)
    throw new Error(
      `UPFELL_HOST is ${host}, which other machines can reach; set UPFELL_PASSPHRASE (at least 12 characters), or leave the host at 127.0.0.1.`,
    );
  if (passphrase !== null && passphrase.length < 12)
    throw new Error('UPFELL_PASSPHRASE needs at least 12 characters.');
  return {
    data: resolve(env['UPFELL_DATA'] ?? 'data'),
    host,
    port,
    passphrase,
    web: env['UPFELL_WEB'] ? resolve(env['UPFELL_WEB']) : null,
  };
}
