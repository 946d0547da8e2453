import { createApp } from './app.js';
import { readSettings } from './settings.js';

try {
  const settings = readSettings(process.env);
  const app = await createApp(settings);
  await app.listen(settings.port, settings.host);
  const address = await app.getUrl();
  process.stdout.write(`Upfell is at ${address.replace('[::1]', 'localhost')}\n`);
} catch (error) {
  const taken = (error as NodeJS.ErrnoException).code === 'EADDRINUSE';
  const message = error instanceof Error ? error.message : String(error);
  process.stderr.write(
    `${taken ? 'The port is taken, perhaps by Upfell itself; set UPFELL_PORT to another.' : message}\n`,
  );
  process.exitCode = 1;
}
