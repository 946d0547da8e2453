import { By, Key } from 'selenium-webdriver';
import { application } from './support/application';

const { browser, design } = application();
const value = async (handle: string) =>
  Number(await (await browser.find(`[data-testid=handle-${handle}]`)).getAttribute('aria-valuenow'));
const press = async (handle: string, ...keys: string[]) => {
  const element = await browser.find(`[data-testid=handle-${handle}]`);
  await browser.driver.executeScript('arguments[0].focus()', element);
  await browser.keys(...keys);
};
const split = () => browser.text('[data-testid=split]');

describe('the yoke', () => {
  it('is shaped by hand: depth, underarm and changeover; the split stays a true sum', async () => {
    await browser.open(design('marlbank-pullover', 'shape'));
    await browser.press('M');
    const rows = await value('depth');
    await press('depth', Key.ARROW_DOWN, Key.ARROW_DOWN);
    await browser.eventually(async () => expect(await value('depth')).toBe(rows + 2));
    const chain = await value('underarm');
    await press('underarm', Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT);
    await browser.eventually(async () => expect(await value('underarm')).toBeGreaterThan(chain));
    await browser.planned();
    const fast = await value('sleeveFast');
    await press('sleeveFast', Key.ARROW_UP, Key.ARROW_UP);
    await browser.eventually(async () => expect(await value('sleeveFast')).toBe(fast - 2));
    const said = await split();
    const [, terms, total] = /((?:[½ a-z]+ \d+ \+ )+[½ a-z]+ \d+) = (\d+)/.exec(said)!;
    const sum = [...terms!.matchAll(/ (\d+)/g)].reduce((all, [, count]) => all + Number(count), 0);
    expect(sum).toBe(Number(total));
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () => expect(await value('sleeveFast')).toBe(fast));
  });

  it('is moved by dragging, one drag being one step of undo', async () => {
    await browser.open(design('harrowmere-jumper', 'shape'));
    await browser.press('M');
    const before = await value('round-2');
    const handle = await browser.find('[data-testid=handle-round-2] circle');
    await browser.driver
      .actions()
      .move({ origin: handle })
      .press()
      .move({ origin: handle, x: 0, y: 20, duration: 200 })
      .move({ origin: handle, x: 0, y: 40, duration: 200 })
      .release()
      .perform();
    await browser.eventually(async () => expect(await value('round-2')).toBeGreaterThan(before));
    await browser.saved();
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () => expect(await value('round-2')).toBe(before));
  });

  it('tells the counts of each part at every row, by pointer and by keyboard', async () => {
    await browser.open(design('sedgecombe-cardigan', 'shape'));
    await browser.press('M');
    const counts = () => browser.text('[data-testid=row-counts]');
    const last = await counts();
    const range = await browser.find('[aria-label="Row of the yoke"]');
    await browser.driver.executeScript('arguments[0].focus()', range);
    await browser.keys(Key.ARROW_LEFT, Key.ARROW_LEFT);
    await browser.eventually(async () => expect(await counts()).not.toBe(last));
    const row = await browser.find('[data-testid=yoke-strip] g rect');
    await browser.driver.actions().move({ origin: row }).perform();
    await browser.eventually(async () => expect(await range.getAttribute('value')).toBe('1'));
    expect(await browser.faults()).toEqual([]);
  });

  it('is offered settings that work, one click each, where it is too shallow', async () => {
    await browser.open(design('marlbank-pullover', 'shape'));
    await browser.press('M');
    const field = await browser.find('[data-path="garment.rates.most"]');
    await field.findElement(By.css('option[value="1"]')).click();
    await browser.type('[data-path="garment.depthEase"]', '-20');
    const notes = () => browser.text('[data-testid=drawer]');
    await browser.eventually(async () => expect(await notes()).toContain('too shallow'));
    const offered = await browser.driver.findElement(
      By.xpath("//*[@data-testid='notes']//button[contains(., 'deep')]"),
    );
    await offered.click();
    await browser.eventually(async () => expect(await notes()).not.toContain('too shallow'));
  });

  it('lies on the table with its body, sleeves and bands, each join agreed', async () => {
    await browser.open(design('sedgecombe-cardigan', 'table'));
    for (const join of [
      'split-back',
      'split-front-left',
      'split-sleeve-left',
      'underarm-right',
      'neckband',
      'band-left',
      'hem',
    ])
      expect(await (await browser.find(`[data-join=${join}]`)).getAttribute('aria-label')).toMatch(
        /agreed|eased/,
      );
  });

  it('is written with its markers, increases and parts after the split', async () => {
    await browser.open(design('marlbank-pullover', 'pattern'));
    await browser.eventually(async () =>
      expect(await browser.text('main')).toContain('Place a marker wherever the next part begins'),
    );
    const text = await browser.text('main');
    expect(text).toContain('increase on the body’s side of each line in rnd');
    expect(text).toContain('over the yoke without its sleeves');
    expect(text).not.toMatch(/undefined|NaN/);
  });
});
