import { createServer } from 'node:net';

/** Ports of this worker, below those that systems give to outgoing connections: no other worker asks for the same. */
const FIRST_PORT = 20_000 + 400 * Number(process.env['JEST_WORKER_ID'] ?? 0);
const PORTS = 400;

/** A port of this worker that nothing listens on. */
export async function freePort(): Promise<number> {
  for (let port = FIRST_PORT; port < FIRST_PORT + PORTS; port += 1) {
    const free = await new Promise<boolean>((resolve) => {
      const probe = createServer()
        .once('error', () => resolve(false))
        .listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
    });
    if (free) return port;
  }
  throw new Error(`no port from ${FIRST_PORT} to ${FIRST_PORT + PORTS - 1} is free`);
}
