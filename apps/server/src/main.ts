import { createApp } from './app.js';
import { readSettings } from './settings.js';

try {
  const settings = readSettings(process.env);
  const app = await createApp(settings);
  await app.listen(settings.port, settings.host);
  const address = await app.getUrl();
  process.stdout.write(`Upfell is at ${address.replace('[::1]', 'localhost')}\n`);
} catch (error) {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
}
