import { writeSync } from 'node:fs';
import { run } from './main.js';

/** Writes everything before the process ends, whatever the pipe takes at a time. */
function writeAll(descriptor: number, text: string): void {
  const bytes = Buffer.from(text, 'utf8');
  for (let at = 0; at < bytes.length;) {
    try {
      at += writeSync(descriptor, bytes, at);
    } catch (error) {
      const code = (error as NodeJS.ErrnoException).code;
      if (code === 'EPIPE') return;
      if (code !== 'EAGAIN') throw error;
    }
  }
}

const { status, out, err } = run(process.argv.slice(2));
writeAll(1, out);
writeAll(2, err);
process.exitCode = status;
