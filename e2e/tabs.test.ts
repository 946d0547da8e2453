import { application } from './support/application';

const { server, browser } = application();
const shape = () => `${server.url}/designs/demo-puddlestone-jumper/shape`;
const ease = '[data-path="garment.ease"]';
const TABS = 7;

describe('seven tabs with tape and scale switched on', () => {
  const tabs: string[] = [];
  beforeAll(async () => {
    for (let i = 0; i < TABS; i += 1) {
      if (i > 0) await browser.driver.switchTo().newWindow('tab');
      await browser.open(shape());
      await browser.find(ease);
      if (i === 0) {
        await browser.driver.executeScript(
          `const kept = JSON.parse(localStorage.getItem('upfell:view') ?? '{"state":{}}');
           localStorage.setItem('upfell:view', JSON.stringify({ ...kept, state: { ...kept.state, listening: true } }));`,
        );
        await browser.driver.navigate().refresh();
        await browser.find(ease);
      }
      await listens();
      tabs.push(await browser.driver.getWindowHandle());
    }
  });
  const listens = () =>
    browser.eventually(async () =>
      expect(await (await browser.find('[data-testid=stream]')).getAttribute('data-state')).toBe('open'),
    );

  it('save an edit in every one of them within five seconds', async () => {
    for (const [i, tab] of tabs.entries()) {
      await browser.driver.switchTo().window(tab);
      const started = Date.now();
      await browser.type(ease, String(11 + i));
      await browser.saved();
      expect(Date.now() - started).toBeLessThan(5000);
    }
  });

  it('all hear a reading, from one stream', async () => {
    await browser.driver.switchTo().window(tabs[3]!);
    await (await browser.find(ease)).click();
    await fetch(`${server.url}/api/instruments/readings`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ instrument: 'tape', value: 9.5, unit: 'cm', name: 'Tape' }),
    });
    await browser.eventually(async () =>
      expect(await (await browser.find(ease)).getAttribute('value')).toMatch(/^9[.,]5/),
    );
    await browser.saved();
  });

  it('go on hearing when the tab that holds the stream is closed', async () => {
    await browser.driver.switchTo().window(tabs[0]!);
    await browser.driver.close();
    await browser.driver.switchTo().window(tabs[6]!);
    await listens();
  });

  it('say within five seconds that a server that stands still does not answer, and save when it goes on', async () => {
    server.freeze();
    try {
      const started = Date.now();
      await browser.type(ease, '15');
      await browser.saved('away');
      expect(Date.now() - started).toBeLessThan(5600);
    } finally {
      server.thaw();
    }
    await browser.saved();
    const answer = await fetch(`${server.url}/api/designs/demo-puddlestone-jumper`);
    const { document } = (await answer.json()) as { document: { garment: { ease: number } } };
    expect(document.garment.ease).toBe(15);
  });
});
