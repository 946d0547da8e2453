import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';

/** A running server, how long its second start took in ms, and how to end it. */
export interface StartedServer {
  start: number;
  port: number;
  stop: () => Promise<void>;
}

/** Starts the built server on a database filled with the demo designs; the start that counts is the warm one. */
export async function serverStart(root: string): Promise<StartedServer> {
  const data = mkdtempSync(join(tmpdir(), 'upfell-bench-'));
  const port = await new Promise<number>((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port: free } = probe.address() as AddressInfo;
      probe.close(() => resolve(free));
    });
  });
  const env = {
    ...process.env,
    UPFELL_DATA: data,
    UPFELL_PORT: String(port),
    UPFELL_WEB: join(root, 'apps/web/dist'),
  };
  const { loadDemo } = (await import(join(root, 'apps/server/dist/loadDemo.js'))) as {
    loadDemo: (settings: object, folder: string) => Promise<number>;
  };
  await loadDemo({ data }, join(root, 'demo'));
  const launch = async () => {
    const begun = performance.now();
    const child = spawn(process.execPath, [join(root, 'apps/server/dist/main.js')], {
      env,
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    await new Promise<void>((resolve, reject) => {
      child.stdout.on('data', (text: Buffer) => text.includes('Upfell is at') && resolve());
      child.on('exit', () => reject(new Error('the server ended')));
    });
    const took = performance.now() - begun;
    const end = () =>
      new Promise<void>((resolve) => {
        if (child.exitCode !== null) return resolve();
        child.on('exit', () => resolve());
        child.kill('SIGTERM');
      });
    return { took, end };
  };
  await (await launch()).end();
  const { took, end } = await launch();
  return {
    start: took,
    port,
    stop: async () => {
      await end();
      rmSync(data, { recursive: true, force: true });
    },
  };
}
