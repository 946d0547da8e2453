import { Browser } from './browser';
import { ServerUnderTest } from './server';

/** The application with the demo designs, and a browser to use it: started before a file's tests, ended after them. */
export function application(): { server: ServerUnderTest; browser: Browser } {
  const server = new ServerUnderTest();
  const browser = new Browser();
  jest.setTimeout(120_000);
  beforeAll(async () => {
    await server.loadDemo();
    await server.start();
    await browser.start();
  });
  afterAll(async () => {
    await browser.end();
    await server.end();
  });
  return { server, browser };
}
