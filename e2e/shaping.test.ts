import { By, Key, Origin } from 'selenium-webdriver';
import { application } from './support/application';

const { server, browser } = application();
const design = (step: string) => `${server.url}/designs/demo-brackenlow-pullover/${step}`;
const sentence = (piece: string) => browser.text(`[data-testid=sentence-${piece}]`);

describe('row strips', () => {
  it('move the first shaping row by dragging: sentence, outline and even part follow, and undo is one step', async () => {
    await browser.open(design('rows'));
    await browser.press('M');
    const handle = await browser.find('[data-testid=handle-evenAtCuff]');
    const before = await sentence('sleeve');
    const line = () =>
      browser.driver.executeScript(
        'return document.querySelector(\'[data-testid=strip-sleeve] [data-testid=ideal-line]\').getAttribute("d")',
      );
    const lineBefore = await line();
    await browser.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', handle);
    expect(await handle.getAttribute('aria-valuenow')).toBe('1');
    await browser.driver
      .actions()
      .move({ origin: handle, x: 60, y: 0 })
      .press()
      .move({ origin: Origin.POINTER, x: 0, y: -20, duration: 200 })
      .move({ origin: Origin.POINTER, x: 0, y: -20, duration: 200 })
      .release()
      .perform();
    await browser.eventually(async () => expect(await sentence('sleeve')).not.toBe(before));
    await browser.eventually(async () => {
      const now = Number(
        await (await browser.find('[data-testid=handle-evenAtCuff]')).getAttribute('aria-valuenow'),
      );
      expect(now).toBeGreaterThan(3);
    });
    await browser.eventually(async () => expect(await line()).not.toBe(lineBefore));
    await browser.saved();
    await browser.chord(Key.CONTROL, 'z');
    await browser.eventually(async () => expect(await sentence('sleeve')).toBe(before));
  });

  it('move it with the arrow keys, a row at a time, and choose order, placement and line', async () => {
    await browser.open(design('rows'));
    await browser.press('M');
    const handle = await browser.find('[data-testid=handle-evenAtTop]');
    await browser.driver.executeScript('arguments[0].focus()', handle);
    await browser.keys(Key.ARROW_DOWN, Key.ARROW_DOWN);
    await browser.eventually(async () =>
      expect(await (await browser.find('[data-testid=handle-evenAtTop]')).getAttribute('aria-valuenow')).toBe(
        '3',
      ),
    );
    const slow = await sentence('sleeve');
    const choose = async (path: string, value: string) => {
      const field = await browser.find(`[data-path="${path}"]`);
      await field.findElement(By.css(`option[value="${value}"]`)).click();
    };
    await choose('garment.sleeve.order', 'fast first');
    await browser.eventually(async () => expect(await sentence('sleeve')).not.toBe(slow));
    await choose('garment.sleeve.everyRow', '2');
    await browser.eventually(async () => expect(await sentence('sleeve')).toMatch(/every (2nd|4th|6th) row/));
    const round = await sentence('front');
    await choose('garment.neck.shape', 'V');
    await browser.eventually(async () => expect(await sentence('front')).not.toBe(round));
    expect(await sentence('front')).toMatch(/^Take off at the neck edge/);
    expect(await browser.faults()).toEqual([]);
  });

  it('say why the rows are what they are, and what they are in every size', async () => {
    await browser.open(design('rows'));
    await browser.press('M');
    await browser.press('All');
    const why = await browser.find('section[aria-label=Sleeve] details:nth-of-type(1) summary');
    await why.click();
    const reasons = await browser.text('section[aria-label=Sleeve] details:nth-of-type(1) ol');
    const [, change, per, events] = /(\d+) ÷ (\d+) = (\d+)/.exec(reasons)!.map(Number);
    expect(change! / per!).toBe(events);
    await (await browser.find('section[aria-label=Sleeve] details:nth-of-type(2) summary')).click();
    await browser.click('section[aria-label=Sleeve] details:nth-of-type(2) li:last-child button');
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=drawer] h2')).toBe('Size 5X'),
    );
    await browser.press('All');
  });
});

describe('what a count would move', () => {
  it('is shown before it is held, and is what then happens', async () => {
    await browser.open(design('table'));
    await browser.press('M');
    await browser.click('[data-quantity="back.width"]');
    const rung = await browser.find('[data-testid=ladder] li:first-child button');
    const wanted = await rung.getAttribute('data-count');
    await browser.driver.executeScript('arguments[0].focus()', rung);
    const shown = await browser.text('[data-testid=what-if]');
    expect(shown).toContain(`If ${wanted} were held in M`);
    const [, from, to] = /Shoulder, each\s+(\d+) → (\d+)/.exec(shown)!;
    const [, round] = /All round\s+[\d.]+ → ([\d.]+)/.exec(shown)!;
    await browser.keys(Key.ENTER);
    await browser.eventually(async () =>
      expect(await browser.text('[data-testid=big-count]')).toBe(`${wanted} stitches`),
    );
    await browser.keys(Key.ESCAPE);
    await browser.eventually(async () =>
      expect(await browser.text('[data-count-row="shoulder.width"]')).toContain(to!),
    );
    expect(from).not.toBe(to);
    expect(await browser.text('[data-testid=finished]')).toContain(round!);
    await browser.chord(Key.CONTROL, 'z');
  });

  it('is nothing for a piece and a size that are held as they are', async () => {
    await browser.open(design('table'));
    await browser.press('M');
    await browser.press('Hold size M');
    await browser.eventually(async () =>
      expect(await browser.text('[data-count-row="sleeve.rows"]')).toContain('(held)'),
    );
    const before = await browser.text('[data-testid=finished]');
    await browser.press('Shape');
    await browser.type('[data-path="garment.ease"]', '18');
    await browser.saved();
    await browser.eventually(async () => {
      const held = await browser.text('[data-testid=finished]');
      expect(held.match(/(?:^|\n)All round [\d.]+ ([\d.]+)/)![1]).toBe(
        before.match(/(?:^|\n)All round [\d.]+ ([\d.]+)/)![1],
      );
      expect(held).not.toBe(before);
    });
    await browser.press('Let size M go');
    await browser.eventually(async () =>
      expect(await browser.text('[data-count-row="sleeve.rows"]')).not.toContain('(held)'),
    );
    await browser.press('Rows');
    await browser.click('section[aria-label=Sleeve] h2 button[aria-pressed=false]');
    await browser.eventually(async () =>
      expect(await browser.text('[data-count-row="sleeve.top"]')).toContain('(held)'),
    );
    expect(await browser.text('[data-count-row="back.width"]')).not.toContain('(held)');
    await browser.press('Let this piece in M go');
  });

  it('steps the range more evenly when asked to', async () => {
    await browser.open(design('shape'));
    const slider = await browser.find('[data-path="range.even"]');
    await browser.driver.executeScript('arguments[0].scrollIntoView(); arguments[0].focus()', slider);
    await browser.keys(Key.END);
    await browser.eventually(async () => expect(await slider.getAttribute('value')).toBe('100'));
    await browser.saved();
    const saved = await fetch(`${server.url}/api/designs/demo-brackenlow-pullover`);
    expect(((await saved.json()) as { document: { range: unknown } }).document.range).toEqual({ even: 100 });
  });
});
