import { By, Key } from 'selenium-webdriver';
import { Browser } from './support/browser';
import { ServerUnderTest } from './support/server';

jest.setTimeout(120_000);

const server = new ServerUnderTest();
const browser = new Browser();
beforeAll(async () => {
  await server.start();
  await browser.start();
});
afterAll(async () => {
  await browser.end();
  await server.end();
});

/** What has the keyboard: its own words. */
const focused = () =>
  browser.driver.executeScript<string>(
    'const e = document.activeElement; return e === document.body ? "" : (e.getAttribute("aria-label") ?? e.closest("label")?.innerText ?? e.innerText ?? e.tagName).trim()',
  );
/** Goes on with Tab until something has the keyboard. */
const tabTo = async (wanted: RegExp, most = 60) => {
  for (let i = 0; i < most; i += 1) {
    if (wanted.test(await focused())) return;
    await browser.keys(Key.TAB);
  }
  throw new Error(`Tab does not come to ${String(wanted)}; it is at “${await focused()}”`);
};
const drawn = () => browser.find('[data-testid=worn-front] path.worn-body');
const underAMinute = async (work: () => Promise<void>) => {
  const begun = Date.now();
  await work();
  expect(Date.now() - begun).toBeLessThan(60_000);
};

describe('from the empty shelf to a first plan', () => {
  it('goes by the keyboard alone, in less than a minute', () =>
    underAMinute(async () => {
      await browser.open(server.url);
      await browser.find('a[href="/new"]');
      await tabTo(/^Begin a design$/);
      await browser.keys(Key.ENTER);
      await browser.find('[aria-label="What it comes to"] img');
      await tabTo(/^Drop shoulder/);
      // The raglan is the last but one of the drawings.
      await browser.keys(Key.ARROW_UP, Key.ARROW_UP);
      await browser.eventually(async () => expect(await focused()).toMatch(/^Raglan/));
      await tabTo(/^Sleeves/);
      await browser.keys('s', 'h');
      await tabTo(/^Begin$/);
      await browser.keys(Key.ENTER);
      await drawn();
      await browser.planned();
      expect(await browser.text('h1')).toBe('New raglan');
      expect(await browser.text('[data-testid=sits]')).toMatch(/Sleeve ends .* (above|below) the elbow/);
    }));

  it('takes a person with one measure and a usual yarn (a bodice measured by the hip alone), in less than a minute', () =>
    underAMinute(async () => {
      await browser.open(`${server.url}/new`);
      await browser.press('people');
      await browser.driver.findElement(By.css('[aria-label="Name of person 1"]')).sendKeys('Maren');
      await (await browser.driver.findElement(By.xpath('//label[contains(., "Hip")]/input'))).sendKeys('100');
      await browser.press('I will swatch later');
      await browser.press('oversized');
      await browser.press('Begin');
      await drawn();
      await browser.planned();
      expect(await browser.text('[data-testid=size-tape]')).toContain('Maren');
    }));

  it('begins from a design that is there, for children', () =>
    underAMinute(async () => {
      await browser.open(`${server.url}/new`);
      const from = await browser.find('[data-testid=begin-from]');
      await from.sendKeys('New raglan');
      await browser.eventually(async () =>
        expect(await (await browser.find('input[maxlength="200"]')).getAttribute('value')).toMatch(
          /another$/,
        ),
      );
      await browser.press('a chart');
      await (await browser.find('[aria-label=Chart]')).sendKeys('Children');
      await browser.press('Begin');
      await drawn();
      await browser.planned();
      expect(await browser.text('[data-testid=size-tape]')).toMatch(/\d/);
    }));
});

describe('the garment on the figure', () => {
  it('is dragged by the hem: cloth, table and form follow, and undo takes one drag back', async () => {
    const before = await (await drawn()).getAttribute('d');
    const field = () =>
      browser.driver.executeScript<string>(
        'return document.querySelector(\'[data-path="garment.belowWaist"]\').value',
      );
    const was = await field();
    const grip = await browser.find('[data-testid=grip-hem] circle');
    await browser.driver
      .actions()
      .move({ origin: grip })
      .press()
      .move({ origin: grip, y: 20 })
      .move({ origin: grip, y: 45 })
      .release()
      .perform();
    await browser.eventually(async () => expect(Number(await field())).toBeGreaterThan(Number(was) + 1));
    await browser.planned();
    await browser.eventually(async () => expect(await (await drawn()).getAttribute('d')).not.toBe(before));
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () => expect(await field()).toBe(was));
    await browser.eventually(async () => expect(await (await drawn()).getAttribute('d')).toBe(before));
  });

  it('is seen beside another size and another construction', async () => {
    const beside = await browser.find('[data-testid=worn-beside]');
    const options = await beside.findElements(By.css('option'));
    const values = await Promise.all(options.map((option) => option.getAttribute('value')));
    for (const value of [values.find((one) => one?.startsWith('size:'))!, 'construction:set-in']) {
      await beside.findElement(By.css(`option[value="${value}"]`)).click();
      await browser.find('[data-testid=worn-other] path');
    }
  });
});

describe('finding by name', () => {
  it('goes to a setting by a part of its name, and the keyboard is in it', async () => {
    await browser.chord(Key.CONTROL, 'k');
    await browser.find('[data-testid=palette-input]');
    await browser.keys(...'below the waist', Key.ENTER);
    await browser.eventually(async () =>
      expect(
        await browser.driver.executeScript<string>(
          'return document.activeElement.getAttribute("data-path") ?? ""',
        ),
      ).toMatch(/^garment\.belowWaist/),
    );
  });

  it('goes to the glossary from anywhere', async () => {
    await browser.chord(Key.CONTROL, 'k');
    await browser.find('[data-testid=palette-input]');
    await browser.keys(...'glossary', Key.ENTER);
    await browser.find('[data-testid=glossary]');
  });
});

describe('the guide', () => {
  it('walks along with what is really done, and is left when it is wanted', async () => {
    const title = (words: string) =>
      browser.eventually(async () => expect(await browser.text('[data-testid=guide] h2')).toBe(words));
    await browser.open(`${server.url}/new?guided`);
    await title('Choose what to make');
    await browser.press('Begin');
    await title('Move the hem');
    await browser.click('[data-testid=grip-hem] circle');
    await browser.keys(Key.PAGE_DOWN);
    await title('Look at another size');
    await browser.keys(']');
    await title('See the pieces meet');
    await browser.press('Take me there');
    await browser.click('[data-join]');
    await title('Ask why');
    await browser.press('Pass over');
    await title('Put your swatch in');
    await browser.click('[aria-label="Leave the guide"]');
    await browser.eventually(async () =>
      expect(await browser.driver.findElements(By.css('[data-testid=guide]'))).toHaveLength(0),
    );
  });
});

describe('the shelf', () => {
  it('keeps the keyboard when an entry goes, and puts it back from the bin', async () => {
    await browser.open(server.url);
    await browser.find('[data-testid=shelf]');
    const bin = await browser.find('[aria-label="Delete New raglan"]');
    await browser.driver.executeScript('arguments[0].focus()', bin);
    await browser.keys(Key.ENTER);
    await browser.eventually(async () =>
      expect(await browser.driver.findElements(By.css('[aria-label="Delete New raglan"]'))).toHaveLength(0),
    );
    await browser.eventually(async () => expect(await focused()).not.toBe(''));
    await browser.press('Bin');
    await browser.click('[aria-label="Put back New raglan"]');
    await browser.find('[aria-label="Delete New raglan"]');
  });
});
