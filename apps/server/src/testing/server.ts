import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { Design } from '@upfell/core';
import request from 'supertest';
import type TestAgent from 'supertest/lib/agent';
import { createApp } from '../app.js';
import type { Settings } from '../settings.js';

export const DEMO = join(__dirname, '../../../../demo');

/** A demo design's document. */
export function demoDesign(name = 'brackenlow-pullover'): Design {
  return JSON.parse(readFileSync(join(DEMO, `${name}.upfell.json`), 'utf8')) as Design;
}

export interface TestServer {
  app: NestExpressApplication;
  data: string;
  stop: () => Promise<void>;
}

/** Settings with a database of their own in a new folder. */
export function testSettings(change: Partial<Settings> = {}): Settings {
  return {
    data: mkdtempSync(join(tmpdir(), 'upfell-')),
    host: '127.0.0.1',
    port: 0,
    passphrase: null,
    web: null,
    ...change,
  };
}

/** A server on a free port with its own database. */
export async function startServer(change: Partial<Settings> = {}): Promise<TestServer> {
  const settings = testSettings(change);
  const app = await createApp(settings);
  await app.listen(0, '127.0.0.1');
  return {
    app,
    data: settings.data,
    stop: async () => {
      await app.close();
      rmSync(settings.data, { recursive: true, force: true });
    },
  };
}

/** A server of their own for the tests of a file, from before the first until after the last. */
export function serverForTests(): { readonly agent: TestAgent; readonly app: NestExpressApplication } {
  let server: TestServer;
  let agent: TestAgent;
  beforeAll(async () => {
    server = await startServer();
    agent = request(server.app.getHttpServer());
  });
  afterAll(() => server.stop());
  return {
    get agent() {
      return agent;
    },
    get app() {
      return server.app;
    },
  };
}
