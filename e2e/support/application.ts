import { Browser } from './browser';
import { ServerUnderTest } from './server';

/** What a file's tests use. */
interface Application {
  server: ServerUnderTest;
  browser: Browser;
  /** The address of a demo design at one of its steps. */
  design: (name: string, step: string) => string;
  /** Expects joins on the table to be agreed, or eased. */
  joins: (...ids: string[]) => Promise<void>;
}

/** The application with the demo designs, and a browser to use it: started before a file's tests, ended after them. */
export function application(): Application {
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
  return {
    server,
    browser,
    design: (name, step) => `${server.url}/designs/demo-${name}/${step}`,
    joins: async (...ids) => {
      for (const id of ids)
        expect(await (await browser.find(`[data-join=${id}]`)).getAttribute('aria-label')).toMatch(
          /agreed|eased/,
        );
    },
  };
}
