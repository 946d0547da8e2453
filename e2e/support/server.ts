import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from './port';

const root = join(__dirname, '../..');

/** The built server as its own process, with a database of its own that outlives a stop. */
export class ServerUnderTest {
  readonly data = mkdtempSync(join(tmpdir(), 'upfell-e2e-'));
  port = 0;
  private process: ChildProcess | null = null;

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  private env() {
    return {
      ...process.env,
      UPFELL_DATA: this.data,
      UPFELL_PORT: String(this.port),
      UPFELL_WEB: join(root, 'apps/web/dist'),
    };
  }

  /** Starts on the same port as before; resolves when the address is printed. */
  async start(): Promise<void> {
    this.port ||= await freePort();
    const child = spawn(process.execPath, [join(root, 'apps/server/dist/main.js')], {
      env: this.env(),
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.process = child;
    await new Promise<void>((resolve, reject) => {
      child.stdout!.on('data', (text: Buffer) => text.includes('Upfell is at') && resolve());
      child.on('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    });
  }

  /** Loads the demo designs; the server must not be running. */
  async loadDemo(): Promise<void> {
    const script = `const { loadDemo } = await import(${JSON.stringify(join(root, 'apps/server/dist/loadDemo.js'))});
      await loadDemo({ data: process.env.UPFELL_DATA }, ${JSON.stringify(join(root, 'demo'))});`;
    const child = spawn(process.execPath, ['--input-type=module', '-e', script], {
      env: this.env(),
      stdio: 'inherit',
    });
    await new Promise<void>((resolve, reject) =>
      child.on('exit', (code) => (code === 0 ? resolve() : reject(new Error('the demo was not loaded')))),
    );
  }

  /** Lets the server stand still without ending: its connections stay open and nothing answers. */
  freeze(): void {
    this.process?.kill('SIGSTOP');
  }

  thaw(): void {
    this.process?.kill('SIGCONT');
  }

  async stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<number | null> {
    const child = this.process;
    if (!child || child.exitCode !== null) return child?.exitCode ?? null;
    const ended = new Promise<number | null>((resolve) => child.on('exit', resolve));
    child.kill(signal);
    this.process = null;
    return ended;
  }

  async end(): Promise<void> {
    await this.stop();
    rmSync(this.data, { recursive: true, force: true });
  }
}
