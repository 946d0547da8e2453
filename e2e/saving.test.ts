import { application } from './support/application';

const { server, browser } = application();
const shape = () => `${server.url}/designs/demo-puddlestone-jumper/shape`;
const ease = '[data-path="garment.ease"]';
const value = async (css: string) => (await browser.find(css)).getAttribute('value');
const kept = async (path: string) => {
  const answer = await fetch(`${server.url}/api/designs/demo-puddlestone-jumper${path}`);
  return (await answer.json()) as {
    revision: number;
    document: { garment: { ease: number; belowWaist: number } };
  };
};

it('keeps an edit while the server is away, through a reload, and sends it when the server is back', async () => {
  await browser.open(shape());
  await browser.find(ease);
  expect(await server.stop()).toBe(0);
  await browser.type(ease, '13');
  await browser.saved('away');
  expect(await browser.text('[data-testid=saved]')).toContain('kept in this browser');
  await browser.type('[data-path="garment.belowWaist"]', '15');
  await server.start();
  await browser.saved();
  expect((await kept('')).document.garment).toMatchObject({ ease: 13, belowWaist: 15 });

  // Away again, and the page is left before the server is back.
  await server.stop('SIGKILL');
  await browser.type(ease, '12');
  await browser.saved('away');
  await server.start();
  await browser.open(shape());
  await browser.eventually(async () => expect(await value(ease)).toBe('12'));
  await browser.saved();
  expect((await kept('')).document.garment.ease).toBe(12);
});

describe('two tabs', () => {
  let first: string;
  let second: string;
  beforeAll(async () => {
    await browser.open(shape());
    await browser.find(ease);
    first = await browser.driver.getWindowHandle();
    await browser.driver.switchTo().newWindow('tab');
    await browser.open(shape());
    await browser.find(ease);
    second = await browser.driver.getWindowHandle();
  });
  const show = (tab: string) => browser.driver.switchTo().window(tab);

  it('follow each other while only one edits', async () => {
    await browser.type(ease, '14');
    await browser.saved();
    await show(first);
    await browser.eventually(async () => expect(await value(ease)).toBe('14'));
    await browser.saved();
  });

  it('never overwrite each other: both states are shown and one is chosen, the other stays in the history', async () => {
    await show(first);
    // The first tab cannot reach the server while it edits, so its edit rests on an old revision.
    await browser.driver.executeScript(
      'window.realFetch = window.fetch; window.fetch = () => Promise.reject(new TypeError("away"))',
    );
    await browser.type(ease, '16');
    await browser.saved('away');
    await show(second);
    await browser.type(ease, '18');
    await browser.saved();
    await show(first);
    await browser.driver.executeScript('window.fetch = window.realFetch');
    await browser.eventually(
      async () => expect(await browser.text('[role=dialog]')).toContain('changed in two places'),
      20_000,
    );
    expect(await browser.text('[role=dialog] tbody')).toMatch(/garment › ease\s+16\s+18/);
    expect((await kept('')).document.garment.ease).toBe(18);
    const { revision } = await kept('');
    await browser.press('Go on with mine');
    await browser.saved();
    expect((await kept('')).document.garment.ease).toBe(16);
    expect((await kept(`/revisions/${revision}`)).document.garment.ease).toBe(18);
    await show(second);
    await browser.eventually(async () => expect(await value(ease)).toBe('16'));
  });

  it('can take the other state instead', async () => {
    await show(first);
    await browser.driver.executeScript(
      'window.realFetch = window.fetch; window.fetch = () => Promise.reject(new TypeError("away"))',
    );
    await browser.type(ease, '20');
    await browser.saved('away');
    await show(second);
    await browser.type(ease, '22');
    await browser.saved();
    await show(first);
    await browser.driver.executeScript('window.fetch = window.realFetch');
    await browser.find('[role=dialog]');
    await browser.press('Take the other');
    await browser.eventually(async () => expect(await value(ease)).toBe('22'));
    await browser.saved();
    expect((await kept('')).document.garment.ease).toBe(22);
  });
});

it('says that a design is not on the shelf', async () => {
  await browser.open(`${server.url}/designs/nothing/table`);
  await browser.eventually(async () =>
    expect(await browser.text('h1')).toBe('This design is not on the shelf'),
  );
});
