import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, By, Key, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome.js';
import { freePort } from './port';

const AXE = readFileSync(join(process.cwd(), 'node_modules/axe-core/axe.min.js'), 'utf8');
const PATIENCE = 10_000;

/** A headless browser with the application's own manners. */
export class Browser {
  readonly downloads = mkdtempSync(join(tmpdir(), 'upfell-down-'));
  private readonly profile = mkdtempSync(join(tmpdir(), 'upfell-chrome-'));
  driver!: WebDriver;

  async start(): Promise<void> {
    const options = new chrome.Options();
    options.setChromeBinaryPath('/usr/bin/chromium');
    options.addArguments(
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-dev-shm-usage',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--window-size=1280,943',
      `--user-data-dir=${this.profile}`,
    );
    options.setUserPreferences({ 'download.default_directory': this.downloads });
    this.driver = (await new Builder()
      .forBrowser('chrome')
      .setChromeOptions(options)
      .setChromeService(new chrome.ServiceBuilder('/usr/bin/chromedriver').setPort(await freePort()))
      .build()) as WebDriver;
    // Looking for faults on a long page takes its time where other tests run beside it.
    await this.driver.manage().setTimeouts({ script: 90_000 });
  }

  async end(): Promise<void> {
    await this.driver?.quit();
    for (const folder of [this.downloads, this.profile]) rmSync(folder, { recursive: true, force: true });
  }

  /** Gives the page so many px of room, whatever the window's own frame takes. */
  async resize(width: number, height: number): Promise<void> {
    const window = this.driver.manage().window();
    await window.setRect({ width, height });
    const [inner, within] = await this.driver.executeScript<[number, number]>(
      'return [window.innerWidth, window.innerHeight]',
    );
    await window.setRect({ width: 2 * width - inner, height: 2 * height - within });
  }

  /** Shows the page as a phone of so many px does, which windows of a desk cannot be made as narrow as. */
  async phone(width: number, height: number): Promise<void> {
    await (this.driver as chrome.Driver).sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
      width,
      height,
      deviceScaleFactor: 2,
      mobile: true,
    });
  }

  open(url: string): Promise<void> {
    return this.driver.get(url);
  }

  /** The first element that matches, once it is there and visible. */
  find(css: string): Promise<WebElement> {
    return this.retry(async () => {
      const element = await this.driver.wait(
        until.elementLocated(By.css(css)),
        PATIENCE,
        `nothing matches ${css}`,
      );
      await this.driver.wait(until.elementIsVisible(element), PATIENCE);
      return element;
    });
  }

  async click(css: string): Promise<void> {
    await this.retry(async () => (await this.find(css)).click());
  }

  /** Clicks the button, link or menu item with these words. */
  async press(words: string): Promise<void> {
    const path = `//*[self::button or self::a or @role="menuitem" or @role="menuitemcheckbox" or @role="radio"][not(@disabled)][normalize-space(.)=${JSON.stringify(words)}]`;
    await this.retry(async () => {
      const element = await this.driver.wait(
        until.elementLocated(By.xpath(path)),
        PATIENCE,
        `no button says ${words}`,
      );
      await element.click();
    });
  }

  text(css: string): Promise<string> {
    return this.retry(async () => (await this.find(css)).getText());
  }

  /** Replaces what stands in a field, key by key. */
  async type(css: string, text: string): Promise<void> {
    const field = await this.find(css);
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), text === '' ? Key.BACK_SPACE : text);
  }

  async keys(...keys: string[]): Promise<void> {
    await this.driver
      .actions()
      .sendKeys(...keys)
      .perform();
  }

  /** Presses the last key while the others are held. */
  async chord(...keys: string[]): Promise<void> {
    const held = keys.slice(0, -1);
    const actions = this.driver.actions();
    for (const key of held) actions.keyDown(key);
    actions.sendKeys(keys.at(-1)!);
    for (const key of held.reverse()) actions.keyUp(key);
    await actions.perform();
  }

  /** Waits until a check holds; its last failure is thrown when it never does. */
  async eventually(check: () => Promise<void>, patience = PATIENCE): Promise<void> {
    const end = Date.now() + patience;
    for (;;) {
      try {
        return await check();
      } catch (error) {
        if (Date.now() > end) throw error;
        await this.driver.sleep(80);
      }
    }
  }

  saved(kind = 'saved'): Promise<void> {
    return this.eventually(async () => {
      expect(await (await this.find('[data-testid=saved]')).getAttribute('data-kind')).toBe(kind);
    }, 25_000);
  }

  /** Waits until what is on screen is the plan of the newest document. */
  planned(): Promise<void> {
    return this.eventually(async () => {
      expect(
        await (await this.driver.findElement(By.css('[data-testid=planning]'))).getAttribute('data-kind'),
      ).toBe('done');
    });
  }

  /** Serious and critical faults that axe finds on the page as it stands. */
  async faults(): Promise<string[]> {
    await this.driver.executeScript(AXE);
    return this.driver.executeAsyncScript(`
      const done = arguments[arguments.length - 1];
      axe.run(document, { resultTypes: ['violations'] }).then(({ violations }) =>
        done(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')
          .map(({ id, nodes }) => id + ': ' + nodes.slice(0, 4).map(({ html }) => html.slice(0, 160)).join(' | '))));`);
  }

  /** A stale or covered element is looked up again. */
  private async retry<T>(work: () => Promise<T>): Promise<T> {
    for (let tries = 0; ; tries += 1) {
      try {
        return await work();
      } catch (error) {
        const name = (error as Error).name;
        if (
          tries >= 8 ||
          ![
            'StaleElementReferenceError',
            'ElementClickInterceptedError',
            'ElementNotInteractableError',
          ].includes(name)
        )
          throw error;
        await this.driver.sleep(120);
      }
    }
  }
}
